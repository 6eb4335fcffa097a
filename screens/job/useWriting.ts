import { useCallback, useRef } from 'react';
import type { Job } from '@/core/records/job';
import { newId, now } from '@/data/create';
import { useChange, useShop } from '@/data/hooks';
import type { Filed } from '@/data/records';

/** What stands on everything that somebody writes down. */
export interface Made {
  readonly id: string;
  readonly at: string;
  readonly by: string;
  readonly struck: null;
}

export interface Writing {
  /** Whether the change is in storage; where it is not, the error says why and nothing is lost. */
  readonly write: (
    edit: (job: Job, made: Made) => Job,
    beside?: readonly Filed[],
  ) => Promise<boolean>;
  readonly error: string | null;
}

/** Writes down what is seen on a job, with who and when, one thing at a time. */
export function useWriting(job: Job): Writing {
  const shop = useShop();
  const { apply, error } = useChange('job', job.id);
  const busy = useRef(false);
  const by = shop.person || job.by;
  const write = useCallback<Writing['write']>(
    async (edit, beside = []) => {
      // A second tap on the same answer is a bounce of the thumb.
      if (busy.current) return false;
      busy.current = true;
      try {
        const made: Made = { id: newId(), at: now(), by, struck: null };
        await apply((j) => edit(j, made), beside);
        return true;
      } catch {
        return false;
      } finally {
        busy.current = false;
      }
    },
    [apply, by],
  );
  return { write, error: error?.message ?? null };
}
