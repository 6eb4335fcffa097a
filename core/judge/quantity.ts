import { changing, countedIn, operationsOf, type Counted } from '../journal/eras';
import type { Dimension } from '../pumps/family';
import { pumpOf } from '../pumps/registry';
import type { Operation } from '../records/entry';
import type { Job } from '../records/job';
import { placesOf, type PlaceValue } from './evidence';

/** Where a size is known from: read · read, then changed by work · the sheet · the sheet's drawing. */
export type QuantitySource = 'measured' | 'worked' | 'nominal' | 'example';

/** What is known of one dimension, in mm. */
export interface Quantity {
  /** The mean of its places. */
  readonly best_mm: number;
  /** Standard uncertainty at its least certain place; null where nobody measured it. */
  readonly u_mm: number | null;
  readonly smallest_mm: number;
  readonly largest_mm: number;
  readonly readings: number;
  readonly source: QuantitySource;
}

function measured(places: readonly PlaceValue[]): Quantity | null {
  if (places.length === 0) return null;
  const values = places.map((p) => p.value_mm);
  return {
    best_mm: values.reduce((sum, mm) => sum + mm, 0) / values.length,
    u_mm: Math.max(...places.map((p) => p.u_mm)),
    smallest_mm: Math.min(...values),
    largest_mm: Math.max(...values),
    readings: places.reduce((sum, p) => sum + p.readings, 0),
    source: 'measured',
  };
}

/** How far operations moved a dimension, in mm; null where one of them exchanged its part or said no amount. */
export function movedBy(
  operations: readonly Operation[],
  dimension: string,
): { readonly by_mm: number; readonly u_mm: number } | null {
  let [by_mm, variance] = [0, 0];
  for (const o of operations) {
    const change = o.changes.find((c) => c.dimension === dimension);
    if (o.work === 'exchanged' || (change && change.by_mm === null)) return null;
    by_mm += change?.by_mm ?? 0;
    variance += (change?.u_mm ?? 0) ** 2;
  }
  return { by_mm, u_mm: Math.sqrt(variance) };
}

function worked(q: Quantity, operations: readonly Operation[], dimension: string): Quantity | null {
  const moved = movedBy(operations, dimension);
  if (!moved) return null;
  return {
    ...q,
    best_mm: q.best_mm + moved.by_mm,
    smallest_mm: q.smallest_mm + moved.by_mm,
    largest_mm: q.largest_mm + moved.by_mm,
    u_mm: Math.hypot(q.u_mm ?? 0, moved.u_mm),
    source: 'worked',
  };
}

/** A size that nobody read: the sheet's, or that of its drawing; null where it has neither. */
function published({ sheet }: Job, dimension: Dimension): Quantity | null {
  const nominal = sheet.nominal.find((n) => n.dimension === dimension.id)?.value_mm;
  const best_mm = nominal ?? dimension.drawn_mm;
  if (best_mm === undefined) return null;
  return {
    best_mm,
    u_mm: null,
    smallest_mm: best_mm,
    largest_mm: best_mm,
    readings: 0,
    source: nominal === undefined ? 'example' : 'nominal',
  };
}

/** Returns what counted just before an operation, worked out when it is first asked for. */
export function countedBefore(job: Job): (operation: Operation) => Counted {
  const known = new Map<string, Counted>();
  return (operation) => {
    const counted = known.get(operation.id) ?? countedIn(job, operation);
    known.set(operation.id, counted);
    return counted;
  };
}

function quantityOf(
  job: Job,
  dimension: Dimension,
  changes: readonly Operation[],
  before: (operation: Operation) => Counted,
): Quantity | null {
  const now = measured(placesOf(countedIn(job).ofSize(dimension.id), dimension.id));
  if (now) return now;
  for (let i = changes.length - 1; i >= 0; i--) {
    const was = measured(
      placesOf(before(changes[i] as Operation).ofSize(dimension.id), dimension.id),
    );
    if (was) return worked(was, changes.slice(i), dimension.id) ?? renewed(job, dimension, changes);
  }
  return renewed(job, dimension, changes);
}

/** The published size, as long as no work was done on the part since it was new. */
function renewed(job: Job, dimension: Dimension, changes: readonly Operation[]): Quantity | null {
  const last = changes.at(-1);
  return !last || last.work === 'exchanged' ? published(job, dimension) : null;
}

/**
 * Returns what is known of each dimension of a job's pump, by its id: what was read since it last
 * changed; else what was read before, moved by the work since; else what the sheet says of it. What
 * nobody knows is left out.
 */
export function quantitiesOf(job: Job): ReadonlyMap<string, Quantity> {
  const pump = pumpOf(job.sheet);
  const operations = operationsOf(job);
  const before = countedBefore(job);
  const all = new Map<string, Quantity>();
  for (const dimension of pump.dimensions) {
    const changes = changing(pump, operations, dimension.id);
    const quantity = quantityOf(job, dimension, changes, before);
    if (quantity) all.set(dimension.id, quantity);
  }
  return all;
}
