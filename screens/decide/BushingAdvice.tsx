import { View } from 'react-native';
import { honedBy, type BushingWork } from '@/core/rework/decision/bushing';
import { bushingWords } from '@/core/wording/bushing';
import { Choice } from '@/ui/Choice';
import { Words } from '@/ui/Words';
import type { Deciding } from './useDeciding';

/** What is asked before a bushing is called done. */
export interface Finished {
  readonly groove: boolean;
  readonly vent: boolean;
}

interface Props {
  readonly deciding: Deciding;
  readonly work: BushingWork;
  /** How much is honed out, in mm; null where the bushing is a new one. */
  readonly amount_mm: number | null;
  readonly finished: Finished;
  readonly onFinished: (finished: Finished) => void;
  /** Done was touched while something of it is not so. */
  readonly missing: boolean;
}

const ANSWERS = [
  { value: 'yes', name: 'Yes' },
  { value: 'no', name: 'Not yet' },
] as const;

const ASKED = [
  ['groove', 'Is the blind end of the oil groove towards the seal?'],
  ['vent', 'Is the vent hole behind the seal open? Push a wire through.'],
] as const;

/** To which size a bushing is honed, how it is tried on the way, and what is asked before it is done. */
export function BushingAdvice({ deciding, work, amount_mm, finished, onFinished, missing }: Props) {
  const { job, shop } = deciding;
  return (
    <View style={{ gap: 8 }}>
      {bushingWords(honedBy(work, amount_mm), job.rules, shop.unit).map((line) => (
        <Words key={line}>{line}</Words>
      ))}
      {work.hub
        ? ASKED.map(([name, ask]) => (
            <View key={name} style={{ gap: 4 }}>
              <Words strong>{ask}</Words>
              <Choice
                label={ask}
                value={finished[name] ? 'yes' : 'no'}
                options={ANSWERS}
                onChange={(value) => onFinished({ ...finished, [name]: value === 'yes' })}
              />
              {missing && !finished[name] ? (
                <Words tone="out" role="alert">
                  Check this first: the seal blows without it.
                </Words>
              ) : null}
            </View>
          ))
        : null}
    </View>
  );
}
