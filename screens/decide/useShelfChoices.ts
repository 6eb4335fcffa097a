import { useMemo } from 'react';
import { choicesFor, type PartChoice } from '@/core/pairing/choice';
import { metalOf } from '@/core/pairing/roles';
import type { Job } from '@/core/records/job';
import type { Shop } from '@/core/records/shop';
import { evaluator } from '@/data/evaluator';
import { useParts } from '@/data/hooks';

/** Returns which parts on the shelf, or which width that can be bought, bring a pump in; null while the shelf is read. */
export function useShelfChoices(job: Job, shop: Shop): readonly PartChoice[] | null {
  const { data: parts } = useParts();
  return useMemo(
    () =>
      parts ? choicesFor(job, evaluator.state(job), parts.records, metalOf(job.sheet, shop)) : null,
    [job, shop, parts],
  );
}
