import type { Characteristic, Dimension, Station } from '../pumps/family';
import { characteristicId, dimensionId, stationId, type StationId } from '../pumps/ids';
import { benchOf, type ToolRoom } from '../instruments/gauges';
import { withReading } from '../journal/commands';
import { dimensional, type DimensionalReading } from '../methods/dimensional';
import type { EnteredFigure } from '../methods/entered';
import { indicator, type IndicatorReading } from '../methods/indicator';
import type { ReadingStamp } from '../methods/method';
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

/** A figure as it came in, and which reading it is. */
export type Entry = EnteredFigure & ReadingStamp;

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

/** Returns the reading of a size that was entered. */
export const sizeReadingOf = (
  job: Job,
  room: ToolRoom,
  dimension: Dimension,
  station: StationId,
  { id, at, by, ...figure }: Entry,
): DimensionalReading =>
  dimensional.record(
    { characteristic: characteristicId('any'), dimension, station: named(station) },
    figure,
    { id, at, by },
    benchOf(job, room),
  );

/** Returns the reading of an indicator's travel that was entered. */
export const swingReadingOf = (
  job: Job,
  room: ToolRoom,
  { id: characteristic }: Characteristic,
  station: StationId,
  { id, at, by, ...figure }: Entry,
  lever: { readonly lever_deg: number; readonly contactRadius_mm: number | null },
): IndicatorReading =>
  indicator.record(
    { characteristic, station: named(station) },
    { ...figure, ...lever },
    { id, at, by },
    benchOf(job, room),
  );

const named = (id: StationId): Station => ({ id, label: '', instruction: '' });

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
