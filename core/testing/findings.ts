import { record } from '../journal/commands';
import { dimensionId, partId, surfaceId } from '../pumps/ids';
import type { WorkEntry } from '../records/entries/operation';
import type { Job } from '../records/job';
import type { Finding } from '../records/entries/finding';
import { AT, freshId } from './readings';

/** Returns what every entry of a journal says of itself. */
export const stamp = () => ({ id: freshId(), at: AT, by: 'Runa T.', voided: null });

/** Returns a finding as somebody answers it: scored, the nail catches, and to be machined. */
export const found = (surface: string, more: Partial<Finding> = {}): Finding => ({
  ...stamp(),
  kind: 'finding',
  surface: surfaceId(surface),
  defect: 'scored',
  nail: 'catches',
  depth_mm: null,
  spot: null,
  proposed: 'machine',
  why: 'by the book',
  decided: 'machine',
  remark: '',
  ...more,
});

/** Returns an entry of work on a part, as nobody planned it. */
export const workOn = (
  part: string,
  work: WorkEntry['work'],
  changes: WorkEntry['changes'] = [],
): WorkEntry => ({
  ...stamp(),
  kind: 'operation',
  part: partId(part),
  work,
  changes,
  step: null,
  piece: null,
  make: '',
  remark: '',
});

/** Returns a job in which another part was put in the place of one. */
export const exchanged = (job: Job, part: string): Job => record(job, workOn(part, 'exchanged'));

/** Returns a job on which the body was faced: so much came off its pocket's depth. */
export const faced = (job: Job, by_mm: number, u_mm = 0): Job =>
  record(
    job,
    workOn('body', 'faced', [{ dimension: dimensionId('pocket-depth'), by_mm: -by_mm, u_mm }]),
  );
