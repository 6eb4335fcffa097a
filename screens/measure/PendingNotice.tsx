import type { FeelerReading } from '@/core/methods/feeler';
import { readingWords } from '@/core/methods/list';
import { stackOf } from '@/core/feeler/bounds';
import { formatWithUnit } from '@/core/quantity/format';
import type { ShopUnit } from '@/core/quantity/units';
import { Question } from '@/ui/Question';
import type { PendingReading } from '@/core/commands/measuring';
import { say } from '@/core/wording/say';
import { sayMeasure } from './sayMeasure';

interface Props {
  readonly pending: PendingReading;
  readonly unit: ShopUnit;
  readonly onSettle: (believe: 'new' | 'old') => void;
}

/** What can be said to a reading that waits: to take it, or not as it came. */
const BUTTONS: Readonly<Record<PendingReading['kind'], readonly [yes: string, no: string]>> = {
  doubt: ['Keep', 'Discard it'],
  contradiction: ['Strike out the earlier one', 'Discard this one'],
  edge: ['Well in', 'Only the tip'],
};

function wordsOf(pending: PendingReading, unit: ShopUnit): string {
  if (pending.kind === 'doubt') return say('measure.isItRight', { doubt: pending.why });
  if (pending.kind === 'contradiction') return contradictionWords(pending, unit);
  const leaf = formatWithUnit(stackOf(pending.reading.leaves_mm), 'gap', unit);
  return sayMeasure('measure.edge', { leaf });
}

/** A reading that is not taken as it came: a person says what to believe. */
export function PendingNotice({ pending, unit, onSettle }: Props) {
  const [yes, no] = BUTTONS[pending.kind];
  return (
    <Question yes={yes} no={no} onYes={() => onSettle('new')} onNo={() => onSettle('old')}>
      {wordsOf(pending, unit)}
    </Question>
  );
}

/** Two tries that cannot both be true. */
function contradictionWords(
  { reading, against }: Extract<PendingReading, { kind: 'contradiction' }>,
  unit: ShopUnit,
): string {
  const words = (r: FeelerReading) => readingWords(r, unit);
  const earlier = against.map(words).join(', ');
  return sayMeasure('measure.contradiction', { reading: words(reading), earlier });
}
