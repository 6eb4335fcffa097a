import { View } from 'react-native';
import { worstVerdict } from '@/core/assessment/summary';
import type { Job } from '@/core/records/job';
import { markedWords } from '@/core/methods/feeler';
import type { ShopUnit } from '@/core/quantity/units';
import { say } from '@/core/wording/say';
import { VERDICT_WORD } from '@/core/wording/verdict';
import { useShop } from '@/data/hooks';
import { Words } from '@/ui/Words';
import type { Measuring } from './useMeasuring';
import { reasonOf } from './verdictWords';

/** Says what to do at a step, as the screen does: with the leaf to try. */
function stepWords({ step }: Measuring, unit: ShopUnit): string {
  if (!step) return '';
  const { instruction } = step.station;
  if (step.way !== 'leaf') return instruction;
  const { marked_mm, leaves_mm } = step.stack;
  return say('measure.tryLeaf', { instruction, leaf: markedWords(marked_mm ?? leaves_mm, unit) });
}

/** Returns what is announced: each verdict that fell with its check, then what is next, or that all is measured. */
export function announcement(measuring: Measuring, job: Job, unit: ShopUnit): string {
  const { all, fallen, step } = measuring;
  const verdicts = fallen.map((a) =>
    say('measure.said', {
      verdict: VERDICT_WORD[a.verdict],
      check: a.characteristic.name,
      why: reasonOf(a, job, unit),
    }),
  );
  const worst = worstVerdict(all.filter((a) => a.limits !== null));
  const next = step
    ? say('measure.next', { instruction: stepWords(measuring, unit) })
    : worst === 'in'
      ? 'All measured. All in.'
      : say('measure.allMeasuredSaid', { verdict: VERDICT_WORD[worst] });
  return [...verdicts, next].join(' ');
}

/** The one place that a screen reader hears from while a pump is measured; nobody sees it. */
export function Announcer({
  job,
  measuring,
}: {
  readonly job: Job;
  readonly measuring: Measuring;
}) {
  const { unit } = useShop();
  return (
    <View role="status" aria-live="polite" aria-label="Announced" testID="spoken">
      <Words>{announcement(measuring, job, unit)}</Words>
    </View>
  );
}
