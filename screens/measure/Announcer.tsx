import { View } from 'react-native';
import type { Job } from '@/core/records/job';
import type { ShopUnit } from '@/core/quantity/units';
import { paragraph } from '@/core/wording/say';
import { sayMeasure } from './sayMeasure';
import { nextWords } from '@/core/wording/step';
import { VERDICT_WORD } from '@/core/wording/verdictWord';
import { useShop } from '@/data/hooks';
import { Words } from '@/ui/Words';
import type { Measuring } from './useMeasuring';
import { allMeasuredWords, reasonOf } from './verdictWords';

interface Props {
  readonly job: Job;
  readonly measuring: Measuring;
  /** What is asked before the next step; nothing where that comes at once. */
  readonly before?: string | undefined;
}

/** Returns what is announced: each verdict that fell with its check, then what is next, or that all is measured. */
function announcement({ job, measuring, before }: Props, unit: ShopUnit): string {
  const { all, fallen, step } = measuring;
  const verdicts = fallen.map((a) =>
    sayMeasure('measure.said', {
      verdict: VERDICT_WORD[a.verdict],
      check: a.characteristic.name,
      why: reasonOf(a, job, unit),
    }),
  );
  const next = before ?? (step ? nextWords(step, unit) : allMeasuredWords(all));
  return paragraph(...verdicts, next);
}

/** The one place that a screen reader hears from while a pump is measured; nobody sees it. */
export function Announcer(props: Props) {
  const { unit } = useShop();
  return (
    <View role="status" aria-live="polite" aria-label="Announced" testID="spoken">
      <Words>{announcement(props, unit)}</Words>
    </View>
  );
}
