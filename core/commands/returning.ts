import { replace } from '../journal/commands';
import { comebackOf } from '../journal/comebacks';
import type { ComebackEntry } from '../records/entries/comeback';
import type { Job } from '../records/job';
import { takenBack, type Command } from './command';

/** Describes a pump that came back, before who and when. */
export type ComebackSaid = Omit<ComebackEntry, 'kind' | 'id' | 'at' | 'by' | 'voided'>;

/** Notes that the pump of a job came back, or puts right what was noted of it. */
export const noteComeback =
  (said: ComebackSaid): Command =>
  (job, made) =>
    replace<Job, ComebackEntry>(
      job,
      { ...made, kind: 'comeback', ...said },
      ({ kind }) => kind === 'comeback',
      'said again',
    );

/** Says what it was that a pump came back for; nothing where it did not come back. */
export const nameComeback =
  (named: Pick<ComebackSaid, 'cause' | 'words'>): Command =>
  (job, made) => {
    const back = comebackOf(job);
    if (!back) return job;
    const { date, used, complaint, visit } = back;
    return noteComeback({ date, used, complaint, visit, ...named })(job, made);
  };

/** Takes back that a pump came back. */
export const dropComeback: Command = takenBack(({ kind }) => kind === 'comeback');
