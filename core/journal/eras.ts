import { dimensionsFor, pumpOf } from '../pumps/registry';
import type { Characteristic, PumpModel } from '../pumps/family';
import type { Operation } from '../records/entry';
import { standing, type Job } from '../records/job';
import type { Reading } from '../records/parts';
import { ledgerOf } from './ledger';
import { gapKey, readingsAt, sizeKey, targetsOf } from './targets';

/** Lists the dimensions and features that a characteristic rests on. */
export const restsOn = (c: Characteristic): string[] => [...dimensionsFor(c), ...(c.rests ?? [])];

/** Tells whether an operation changed a dimension or a feature, or exchanged the part that it belongs to. */
function changed(pump: PumpModel, operation: Operation, id: string): boolean {
  if (operation.changes.some((c) => c.dimension === id)) return true;
  if (operation.work !== 'exchanged') return false;
  return [...pump.dimensions, ...pump.features].find((d) => d.id === id)?.part === operation.part;
}

/** Lists the operations after which what was read of a characteristic is of the past, in order. */
export function touching(
  pump: PumpModel,
  operations: readonly Operation[],
  c: Characteristic,
): Operation[] {
  const rests = restsOn(c);
  return operations.filter((o) => rests.some((id) => changed(pump, o, id)));
}

/** Lists the operations that changed a dimension, or exchanged its part, in order. */
export const changing = (
  pump: PumpModel,
  operations: readonly Operation[],
  dimension: string,
): Operation[] => operations.filter((o) => changed(pump, o, dimension));

/** Lists what stands of a job's operations, in order. */
export const operationsOf = (job: Pick<Job, 'journal'>): Operation[] =>
  standing(ledgerOf(job).operations);

/** The readings that count at a moment, by what they are of. */
export interface Counted {
  ofSize(dimension: string): readonly Reading[];
  ofGap(characteristic: string): readonly Reading[];
}

/** Where entries stand in a journal: only asked for where work divides it into before and after. */
const placesIn = (journal: Job['journal']): ReadonlyMap<string, number> =>
  new Map(journal.map(({ id }, i) => [id, i]));

/** The part of a list of readings between two places of its journal, by the list. */
const PARTS = new WeakMap<
  readonly Reading[],
  { from: number; to: number; part: readonly Reading[] }
>();

/** Returns what was read between two places; the same list as long as it is the same. */
function between(
  list: readonly Reading[],
  places: ReadonlyMap<string, number>,
  from: number,
  to: number,
): readonly Reading[] {
  const known = PARTS.get(list);
  if (known?.from === from && known.to === to) return known.part;
  const part = list.filter(({ id }) => {
    const at = places.get(id) ?? 0;
    return at > from && at < to;
  });
  // What counts now is asked for at every tap; what counted once, only where something changed.
  if (to === Infinity) PARTS.set(list, { from, to, part });
  return part;
}

/** What counts now, once for each journal. */
const NOW = new WeakMap<
  Job['journal'],
  { readonly sheet: Job['sheet']; readonly counted: Counted }
>();

/**
 * Returns the readings that count at a moment: standing, made before it, and not outdated by an
 * operation before it. A size is outdated by what changed its dimension, all else by what touched
 * its characteristic.
 *
 * @param before an operation, for what counted just before it; null for now
 */
export function countedIn(
  job: Pick<Job, 'sheet' | 'journal'>,
  before: Operation | null = null,
): Counted {
  const known = before ? undefined : NOW.get(job.journal);
  if (known?.sheet === job.sheet) return known.counted;
  const counted = workOut(job, before);
  if (!before) NOW.set(job.journal, { sheet: job.sheet, counted });
  return counted;
}

function workOut(job: Pick<Job, 'sheet' | 'journal'>, before: Operation | null): Counted {
  const targets = targetsOf(ledgerOf(job).readings);
  const operations = operationsOf(job);
  if (operations.length === 0) {
    return {
      ofSize: (id) => readingsAt(targets, sizeKey(id)),
      ofGap: (id) => readingsAt(targets, gapKey(id)),
    };
  }
  const pump = pumpOf(job.sheet);
  const places = placesIn(job.journal);
  const placeOf = (o: Operation): number => places.get(o.id) ?? 0;
  const until = before ? placeOf(before) : Infinity;
  const earlier = operations.filter((o) => placeOf(o) < until);
  const since = (last: Operation | undefined): number => (last ? placeOf(last) : -1);
  return {
    ofSize: (id) => {
      const from = since(changing(pump, earlier, id).at(-1));
      return between(readingsAt(targets, sizeKey(id)), places, from, until);
    },
    ofGap: (id) => {
      const c = pump.characteristics.find((other) => other.id === id);
      const from = since(c && touching(pump, earlier, c).at(-1));
      return between(readingsAt(targets, gapKey(id)), places, from, until);
    },
  };
}
