import type { WorkKind } from '../pumps/family';

/** Says of each kind of work that it was done to a part. */
export const WORK_DONE: Readonly<Record<WorkKind, string>> = {
  faced: 'faced',
  sunk: 'pocket cut deeper',
  ground: 'ground',
  honed: 'honed',
  dressed: 'dressed',
  shimmed: 'another washer',
  sleeved: 'sleeved',
  exchanged: 'exchanged',
};
