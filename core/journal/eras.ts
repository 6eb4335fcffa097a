import { dimensionsFor, pumpOf } from '../pumps/registry';
import type { Characteristic, PumpModel } from '../pumps/family';
import type { Operation } from '../records/entry';
import { standing, type Job } from '../records/job';
import type { Reading } from '../records/parts';
import { ledgerOf } from './ledger';

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

/**
 * Lists the readings that count at a moment: standing, made before it, and not outdated by an
 * operation before it. A size is outdated by what changed its dimension, all else by what touched
 * its characteristic.
 *
 * @param before an operation, for what counted just before it; null for now
 */
export function countingReadings(
  job: Pick<Job, 'sheet' | 'journal'>,
  before: Operation | null = null,
): readonly Reading[] {
  const all = standing(ledgerOf(job).readings);
  const operations = operationsOf(job);
  if (operations.length === 0) return all;
  const pump = pumpOf(job.sheet);
  const places = new Map(job.journal.map(({ id }, i) => [id, i]));
  const placeOf = (id: string): number => places.get(id) ?? 0;
  const until = before ? placeOf(before.id) : Infinity;
  const earlier = operations.filter((o) => placeOf(o.id) < until);
  const since = new Map<string, number>();
  const startOf = (key: string, by: (o: Operation) => boolean): number => {
    const known = since.get(key);
    if (known !== undefined) return known;
    const last = earlier.findLast(by);
    const start = last ? placeOf(last.id) : -1;
    since.set(key, start);
    return start;
  };
  const characteristics = new Map(pump.characteristics.map((c) => [c.id, c]));
  return all.filter((r) => {
    const at = placeOf(r.id);
    if (at >= until) return false;
    if (r.kind === 'size') {
      return at > startOf(`size ${r.dimension}`, (o) => changed(pump, o, r.dimension));
    }
    const c = characteristics.get(r.characteristic);
    return !c || at > startOf(`gap ${c.id}`, (o) => touching(pump, [o], c).length > 0);
  });
}
