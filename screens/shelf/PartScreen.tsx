import type { ShelfPart } from '@/core/records/part';
import { useRecord, useShop } from '@/data/hooks';
import { Opening } from '../shell/onDemand';
import { RecordPage } from '../shell/RecordPage';
import { Wall } from '../shell/Wall';
import { PartEditor } from './PartEditor';
import { PartWithoutSheet } from './PartWithoutSheet';

/** A loose part, to be read and edited. */
export const PartScreen = () => (
  <RecordPage kind="part">{(part) => <PartOfSheet part={part} />}</RecordPage>
);

/** A loose part with the sheet of its pump, where that is still there. */
function PartOfSheet({ part }: { readonly part: ShelfPart }) {
  const { unit } = useShop();
  const { data: sheet, isPending } = useRecord('sheet', part.sheet);
  if (isPending) return <Opening />;
  return (
    <Wall what="This part" record={{ kind: 'part', id: part.id }} again={[sheet]}>
      {sheet ? (
        <PartEditor key={part.id} part={part} sheet={sheet} unit={unit} />
      ) : (
        <PartWithoutSheet part={part} />
      )}
    </Wall>
  );
}
