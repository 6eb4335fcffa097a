import { replace } from '../journal/commands';
import type { CauseEntry } from '../records/entries/cause';
import type { Job } from '../records/job';
import { takenBack, type Command } from './command';

/** Notes what a person says of a cause; it takes the place of what was said of that cause before. */
export const sayCause =
  (said: Pick<CauseEntry, 'cause' | 'answer' | 'words' | 'change'>): Command =>
  (job, made) =>
    replace<Job, CauseEntry>(
      job,
      { ...made, kind: 'cause', ...said },
      (entry) => entry.kind === 'cause' && entry.cause === said.cause,
    );

/** Takes back what was said of a cause. */
export const unsayCause = (cause: string): Command =>
  takenBack((item) => item.kind === 'cause' && item.cause === cause);
