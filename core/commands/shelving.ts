import type { PartId } from '../pumps/ids';
import { letGo } from '../guidance/next';
import { record, withVoided } from '../journal/commands';
import { ledgerOf } from '../journal/ledger';
import type { DimensionalReading } from '../methods/dimensional';
import { pumpOf } from '../pumps/registry';
import type { WorkEntry } from '../records/entries/operation';
import type { Job } from '../records/job';
import type { PartSize, ShelfPart } from '../records/part';
import { counting } from '../schema/voiding';
import { stampOf, standing, type Command, type Stamp } from './command';
import { onStep, onWorkOf } from './stands';

/** Lists the parts of a job's pump in whose place a part from the shelf goes; empty where it is of another pump. */
export const placesFor = ({ sheet }: Pick<Job, 'sheet'>, { parts }: ShelfPart): PartId[] =>
  parts.filter((id) => pumpOf(sheet).parts.some((p) => p.id === id));

/** Returns a size from a label as it counts at each place where it is read. */
function readingsOf(
  job: Job,
  label: string,
  { dimension, value_mm, u_mm }: PartSize,
  made: Stamp,
): DimensionalReading[] {
  const stations = pumpOf(job.sheet).dimensions.find(({ id }) => id === dimension)?.stations ?? [];
  return stations.map(({ id: station }, i) => ({
    ...stampOf(made, i),
    kind: 'size',
    dimension,
    station,
    instrument: label,
    source: 'shelf',
    zero: 'not-needed',
    text: String(value_mm),
    unit: 'mm',
    read_mm: value_mm,
    value_mm,
    offset_mm: 0,
    // It is one measurement, written down: reading the label again does not average its doubt out.
    u_mm,
    own_mm: u_mm,
    part_C: null,
    shop_C: null,
  }));
}

/**
 * Puts a part from the shelf into a pump. Its sizes come along; where the house trusts the label they count as
 * read, else they only say what to expect until they are read again.
 */
export const fitFromShelf = (piece: ShelfPart, step: string | null = null): Command =>
  standing(step === null ? onWorkOf(piece.parts) : onStep(step), (job, made) => {
    const { dimensions } = pumpOf(job.sheet);
    const { id, label, sizes } = piece;
    const places = placesFor(job, piece);
    const operations = places.map((part, i): WorkEntry => {
      const own = sizes.filter((s) => dimensions.find((d) => d.id === s.dimension)?.part === part);
      return {
        ...stampOf(made, i),
        kind: 'operation',
        part,
        work: 'exchanged',
        changes: [],
        step,
        make: piece.make,
        remark: '',
        piece: { id, label, sizes: own },
      };
    });
    const trusted =
      job.rules.shelf === 'trust' ? operations.flatMap((o) => o.piece?.sizes ?? []) : [];
    const readings = trusted.flatMap((size, i) =>
      readingsOf(job, label, size, stampOf(made, places.length + i)),
    );
    return letGo(record(job, ...operations, ...readings));
  });

/** Takes a part from the shelf out of a pump again: the part that was in before it counts once more. */
export const takeOut =
  (piece: string): Command =>
  (job, { at, by }) => {
    const put = counting(ledgerOf(job).operations).filter((o) => o.piece?.id === piece);
    return withVoided(
      job,
      put.map(({ id }) => id),
      { at, by, why: 'back on the shelf' },
    );
  };
