import { reasonOf } from '@/core/errors';
import { useCallback, useRef } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { after, Overtaken, type Command, type Stamp } from '@/core/commands/command';
import type { Job } from '@/core/records/job';
import { newId, now } from '@/data/create';
import { KEYS, useChange, useShop } from '@/data/hooks';
import type { Filed } from '@/data/texts';

export interface Commanding {
  /**
   * Does something to the job; returns whether it is in storage. Where it is not, the error says why and nothing is lost.
   *
   * @param onStored sets what a screen keeps of its own for the job as it is then: that is drawn with it
   */
  readonly run: (
    command: Command,
    beside?: readonly Filed[],
    onStored?: (job: Job) => void,
  ) => Promise<boolean>;
  /** Returns what stands on something that is written down now. */
  readonly make: () => Stamp;
  /** Returns the job as it is in storage, as far as this tab knows; a screen may still be drawing it. */
  readonly latest: () => Job | null;
  readonly error: string | null;
}

/** Does things to a job, with who and when, one at a time: a second tap on the same answer is a bounce of the thumb. */
export function useCommand(job: Pick<Job, 'id' | 'by'>): Commanding {
  const shop = useShop();
  const { apply, error } = useChange('job', job.id);
  const client = useQueryClient();
  const busy = useRef(false);
  const by = shop.person || job.by;
  const make = useCallback((): Stamp => ({ id: newId(), at: now(), by, voided: null }), [by]);
  const latest = useCallback(
    () => client.getQueryData<Job>(KEYS.record('job', job.id)) ?? null,
    [client, job.id],
  );
  const run = useCallback<Commanding['run']>(
    async (command, beside = [], onStored) => {
      if (busy.current) return false;
      busy.current = true;
      try {
        const made = make();
        const seen = latest();
        await apply((j) => after(j, seen, command, made), beside, onStored);
        return true;
      } catch (problem) {
        // Whoever is told that it is otherwise now sees how it is.
        if (problem instanceof Overtaken) {
          await client.invalidateQueries({ queryKey: KEYS.record('job', job.id) });
        }
        // The hook keeps the error; the screen shows it and stays where it is.
        return false;
      } finally {
        busy.current = false;
      }
    },
    [apply, make, latest, client, job.id],
  );
  return { run, make, latest, error: error ? reasonOf(error) : null };
}
