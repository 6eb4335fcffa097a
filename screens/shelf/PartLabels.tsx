import { useEffect, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { partsWords } from '@/core/wording/shelf';
import { LabelFace } from '@/ui/LabelFace';
import { OnPaper } from '@/ui/OnPaper';
import { Words } from '@/ui/Words';
import type { Findable } from './search';
import { layout } from '@/ui/layout';

type Labelled = Pick<Findable, 'part' | 'sheet'>;

/** A label to be stuck on a part: what is written on it, and the same as a code that a scanner reads. */
export function PartLabel({ part, sheet }: Labelled) {
  const { label, model, make, place } = part;
  return (
    <LabelFace small number={label} testID="part-label">
      <Words size="note" strong numberOfLines={2}>
        {partsWords(sheet, part)}
      </Words>
      <Words size="note" numberOfLines={2}>
        {[model, make, place].filter(Boolean).join(' · ')}
      </Words>
    </LabelFace>
  );
}

/** So many labels are printed at once: five sheets of paper. */
const MOST_LABELS = 120;

/** Prints the labels of parts, side by side; they are only drawn for the paper. */
export function usePrinted(parts: readonly Labelled[]): {
  readonly print: () => void;
  readonly paper: ReactNode;
} {
  const [printing, setPrinting] = useState(false);
  useEffect(() => {
    if (!printing) return;
    const done = () => setPrinting(false);
    window.addEventListener('afterprint', done);
    window.print();
    return () => window.removeEventListener('afterprint', done);
  }, [printing]);
  return {
    print: () => setPrinting(true),
    paper: printing ? (
      <OnPaper>
        <View style={layout.wrap}>
          {parts.slice(0, MOST_LABELS).map(({ part, sheet }) => (
            <PartLabel key={part.id} part={part} sheet={sheet} />
          ))}
        </View>
      </OnPaper>
    ) : null,
  };
}
