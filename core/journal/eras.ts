import type { DimensionId, CharacteristicId } from '../pumps/ids';
import type { Reading } from '../methods/list';
import { dimensionsFor, pumpOf } from '../pumps/registry';
import type { Characteristic, PumpModel } from '../pumps/family';
import type { WorkEntry } from '../records/entries/operation';
import type { Job } from '../records/job';
import { counting } from '../schema/voiding';
import { ledgerOf } from './ledger';
import { indexed, type IndexedJournal } from './indexed';
import type { GapReading } from './targets';
import type { DimensionalReading } from '../methods/dimensional';

/** Lists the dimensions and features that a characteristic rests on. */
export const restsOn = (c: Characteristic): DimensionId[] => [
  ...dimensionsFor(c),
  ...(c.rests ?? []),
];

/** Tells whether an operation changed a dimension or a feature, or exchanged the part that it belongs to. */
function changed(pump: PumpModel, operation: WorkEntry, id: DimensionId): boolean {
  if (operation.changes.some((c) => c.dimension === id)) return true;
  const size = pump.dimensions.find((d) => d.id === id);
  // A size that moves with a face of another part is of the past where that was worked on.
  if (size?.follows?.some((t) => changed(pump, operation, t.dimension))) return true;
  if (operation.work !== 'exchanged') return false;
  return (size ?? pump.features.find((f) => f.id === id))?.part === operation.part;
}

/** Lists the operations after which what was read of a characteristic is of the past, in order. */
export function touching(
  pump: PumpModel,
  operations: readonly WorkEntry[],
  c: Characteristic,
): WorkEntry[] {
  const rests = restsOn(c);
  return operations.filter((o) => rests.some((id) => changed(pump, o, id)));
}

/** Lists the operations that changed a dimension, or exchanged its part, in order. */
export const changing = (
  pump: PumpModel,
  operations: readonly WorkEntry[],
  dimension: DimensionId,
): WorkEntry[] => operations.filter((o) => changed(pump, o, dimension));

/** Lists the operations of a job that count, in order. */
export const workEntriesOf = (job: Pick<Job, 'journal'>): WorkEntry[] =>
  counting(ledgerOf(job).operations);

/** The readings that count at a moment, by what they are of. */
export interface Counted {
  ofSize(dimension: DimensionId): readonly DimensionalReading[];
  ofGap(characteristic: CharacteristicId): readonly GapReading[];
}

/** Returns where entries stand in a journal: only asked for where work divides it into before and after. */
const placesIn = (journal: Job['journal']): ReadonlyMap<string, number> =>
  new Map(journal.map(({ id }, i) => [id, i]));

const NONE: readonly never[] = [];

/** A stretch of a list of readings, and what is in it. */
interface Part {
  readonly from: number;
  readonly to: number;
  readonly part: readonly Reading[];
}

/**
 * Divides the readings of a journal by the work that came between them. The stretches that it handed
 * out before it hands out again as the same lists, for as long as its owner keeps it.
 */
export class Eras {
  private readonly parts = new WeakMap<readonly Reading[], Part>();

  /**
   * Returns the readings that count at a moment: not voided, made before it, and not outdated by an
   * operation before it. A size is outdated by what changed its dimension, all else by what touched
   * its characteristic.
   *
   * @param before an operation, for what counted just before it; null for now
   */
  counted(
    pump: PumpModel,
    { journal, ledger, targets }: IndexedJournal,
    before: WorkEntry | null = null,
  ): Counted {
    const sizes = (id: string) => targets.ofSize.get(id) ?? NONE;
    const gaps = (id: string) => targets.ofGap.get(id) ?? NONE;
    const operations = counting(ledger.operations);
    if (operations.length === 0) return { ofSize: sizes, ofGap: gaps };
    const places = placesIn(journal);
    const placeOf = (o: WorkEntry): number => places.get(o.id) ?? 0;
    const until = before ? placeOf(before) : Infinity;
    const earlier = operations.filter((o) => placeOf(o) < until);
    const since = (last: WorkEntry | undefined): number => (last ? placeOf(last) : -1);
    return {
      ofSize: (id) =>
        this.between(sizes(id), places, since(changing(pump, earlier, id).at(-1)), until),
      ofGap: (id) => {
        const c = pump.characteristics.find((other) => other.id === id);
        const from = since(c && touching(pump, earlier, c).at(-1));
        return this.between(gaps(id), places, from, until);
      },
    };
  }

  /** Returns what was read between two places of the journal. */
  private between<R extends Reading>(
    list: readonly R[],
    places: ReadonlyMap<string, number>,
    from: number,
    to: number,
  ): readonly R[] {
    const known = this.parts.get(list);
    if (known?.from === from && known.to === to) return known.part as readonly R[];
    const part = list.filter(({ id }) => {
      const at = places.get(id) ?? 0;
      return at > from && at < to;
    });
    // What counts now is asked for at every tap; what counted once, only where something changed.
    if (to === Infinity) this.parts.set(list, { from, to, part });
    return part;
  }
}

/** Returns the readings of a job that count at a moment; see `Eras`. */
export const countedIn = (
  job: Pick<Job, 'sheet' | 'journal'>,
  before: WorkEntry | null = null,
): Counted => new Eras().counted(pumpOf(job.sheet), indexed(job), before);
