import { reasonOf } from '@/core/errors';
import { useCallback, useRef } from 'react';
import type { Command, Made } from '@/core/commands/command';
import type { Job } from '@/core/records/job';
import { newId, now } from '@/data/create';
import { useChange, useShop } from '@/data/hooks';
import type { Filed } from '@/data/records';

export interface Commanding {
  /** Does something to the job; returns whether it is in storage. Where it is not, the error says why and nothing is lost. */
  readonly run: (command: Command, beside?: readonly Filed[]) => Promise<boolean>;
  /** Returns what stands on something that is written down now. */
  readonly make: () => Made;
  readonly error: string | null;
}

/** Does things to a job, with who and when, one at a time: a second tap on the same answer is a bounce of the thumb. */
export function useCommand(job: Pick<Job, 'id' | 'by'>): Commanding {
  const shop = useShop();
  const { apply, error } = useChange('job', job.id);
  const busy = useRef(false);
  const by = shop.person || job.by;
  const make = useCallback((): Made => ({ id: newId(), at: now(), by, voided: null }), [by]);
  const run = useCallback<Commanding['run']>(
    async (command, beside = []) => {
      if (busy.current) return false;
      busy.current = true;
      try {
        const made = make();
        await apply((j) => command(j, made), beside);
        return true;
      } catch {
        // The hook keeps the error; the screen shows it and stays where it is.
        return false;
      } finally {
        busy.current = false;
      }
    },
    [apply, make],
  );
  return { run, make, error: error ? reasonOf(error) : null };
}
