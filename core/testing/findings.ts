import { record } from '../journal/commands';
import { partId, surfaceId } from '../pumps/ids';
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

/** Returns a job in which another part was put in the place of one. */
export const exchanged = (job: Job, part: string): Job =>
  record(job, {
    ...stamp(),
    kind: 'operation',
    part: partId(part),
    work: 'exchanged',
    changes: [],
    step: null,
    piece: null,
    remark: '',
  } satisfies WorkEntry);
