import { dequal } from 'dequal';
import { useEffect, useState } from 'react';
import { setFields } from '@/core/commands/job';
import type { Job } from '@/core/records/job';
import { useShop } from '@/data/hooks';
import type { Measuring } from './useMeasuring';

/**
 * Takes a leaf set that was changed in the shop over to an open job that uses it. Tries that were made
 * stay as they were.
 *
 * @returns the name of the set that was taken over while this screen was open; null for none
 */
export function useLeafSet(job: Job, run: Measuring['run']): string | null {
  const { feelers } = useShop();
  const [renewed, setRenewed] = useState<string | null>(null);
  const feeler = feelers.find(({ name }) => name === job.feeler.name);
  const changed = !job.closed && feeler !== undefined && !dequal(feeler, job.feeler);
  useEffect(() => {
    if (!changed || !feeler) return;
    void run(setFields({ feeler })).then((stored) => {
      if (stored) setRenewed(feeler.name);
    });
  }, [changed, feeler, run]);
  return renewed;
}
