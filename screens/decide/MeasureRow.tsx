import { answerKind } from '@/core/rework/decision/decide';
import { toMeasure } from '@/core/rework/decision/measure';
import { settlesWords, toMeasureWords } from '@/core/wording/toMeasure';
import { Notice } from '@/ui/Notice';
import { RowButton } from '@/ui/RowButton';
import type { Deciding } from './useDeciding';
import { useMeasureFor } from './useMeasureFor';

/** What could still be read beside a plan that stands without it, and what that would settle. */
export function MeasureRow({ deciding }: { readonly deciding: Deciding }) {
  const { job, rework, solved, planned, decided, shop } = deciding;
  const { measure, error } = useMeasureFor(job);
  if (!solved || !decided || answerKind(decided) === 'measure') return null;
  const [first] = toMeasure(rework, solved, planned);
  if (!first) return null;
  return (
    <>
      {error ? <Notice kind="error">{error}</Notice> : null}
      <RowButton
        name={toMeasureWords(job.sheet, first, shop.unit)}
        about={settlesWords(job.sheet, first)}
        onPress={() => void measure(first)}
      />
    </>
  );
}
