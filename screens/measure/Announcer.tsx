import { View } from 'react-native';
import type { Job } from '@/core/records/job';
import type { ShopUnit } from '@/core/quantity/units';
import { paragraph, say } from '@/core/wording/say';
import { nextWords } from '@/core/wording/step';
import { VERDICT_WORD } from '@/core/wording/verdict';
import { useShop } from '@/data/hooks';
import { Words } from '@/ui/Words';
import type { Measuring } from './useMeasuring';
import { allMeasuredWords, reasonOf } from './verdictWords';

/** Returns what is announced: each verdict that fell with its check, then what is next, or that all is measured. */
function announcement(measuring: Measuring, job: Job, unit: ShopUnit): string {
  const { all, fallen, step } = measuring;
  const verdicts = fallen.map((a) =>
    say('measure.said', {
      verdict: VERDICT_WORD[a.verdict],
      check: a.characteristic.name,
      why: reasonOf(a, job, unit),
    }),
  );
  const next = step ? nextWords(step, unit) : allMeasuredWords(all);
  return paragraph(...verdicts, next);
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
