import { dimensionId, stationId } from '../pumps/ids';
import { sizeReadingOf, type Entry } from '../instruments/gauges';
import { withReading } from '../journal/commands';
import type { DimensionalReading } from '../methods/dimensional';
import type { Reading } from '../methods/list';
import { dimensionOf } from '../pumps/registry';
import { emptyJob } from '../practice/job';
import type { ZeroCheck } from '../records/instrument';
import type { Job } from '../records/job';
import { NEW_SHOP } from '../records/shop';
import { VELTRANE_T6 } from './sheets';

/** The moment at which everything of these tests is read. */
export const AT = '2026-11-20T09:00:00.000Z';

/** A crescent pump of which nothing is read yet. */
export const JOB: Job = { ...emptyJob(VELTRANE_T6, AT), tier: 'new' };

/** The usual instruments, none of them zeroed. */
export const ROOM = { instruments: NEW_SHOP.instruments, zeros: [] as ZeroCheck[] };

let count = 0;

/** Returns an id that no other entry of a test has. */
export const freshId = (): string => `e${(count += 1)}`;

/** Returns a figure as it is typed in mm. */
export const entry = (read_mm: number): Entry => ({
  id: freshId(),
  at: AT,
  by: 'Ivo K.',
  text: String(read_mm),
  unit: 'mm',
  read_mm,
  source: 'typed',
});

/** Returns the reading of a size in mm at a station. */
export const sized = (
  job: Job,
  id: string,
  station: string,
  mm: number,
  room = ROOM,
): DimensionalReading =>
  sizeReadingOf(job, room, dimensionOf(job.sheet, dimensionId(id)), stationId(station), entry(mm));

/** Returns a job with these readings added. */
export const withReadings = (job: Job, ...readings: Reading[]): Job =>
  readings.reduce(withReading, job);
