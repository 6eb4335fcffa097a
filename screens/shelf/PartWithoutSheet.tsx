import type { ShelfPart } from '@/core/records/part';
import { sizeLines, standWords } from '@/core/wording/shelf';
import { useShop } from '@/data/hooks';
import { Line } from '@/ui/Line';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { Words } from '@/ui/Words';
import { PartMoves } from './PartMoves';

/** A loose part whose sheet is not here: what is known of it can be read, and it can be moved. */
export function PartWithoutSheet({ part }: { readonly part: ShelfPart }) {
  const { unit } = useShop();
  return (
    <Page title={part.label}>
      <Notice kind="caution">
        The sheet of its pump is not here, so nothing can be paired with it. Import the sheet.
      </Notice>
      <Words>{[part.model, standWords(part), part.condition].filter(Boolean).join(' · ')}</Words>
      {sizeLines(undefined, part, unit).map(({ name, text }) => (
        <Line key={name}>
          <Words style={{ flex: 1 }}>{name}</Words>
          <Words strong>{text}</Words>
        </Line>
      ))}
      <PartMoves part={part} />
    </Page>
  );
}
