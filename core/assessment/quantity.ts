import type { DimensionId } from '../pumps/ids';
import { placesOf } from '../methods/sizedGap';
import type { PlaceValue } from '../methods/places';
import { changing, type Counted } from '../journal/eras';
import type { Dimension } from '../pumps/family';
import { pumpOf } from '../pumps/registry';
import type { WorkEntry } from '../records/entries/operation';
import { nominalOf } from '../records/sizesSaid';
import type { Sheet } from '../records/sheet';
import type { Measured } from './measured';

/**
 * Says where a size is known from: read · read, then changed by work · read before the part lay on the shelf ·
 * the sheet · the sheet's drawing.
 */
export type QuantitySource = 'measured' | 'worked' | 'shelf' | 'nominal' | 'example';

/** Describes what is known of one dimension, in mm. */
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

/** Returns how far operations moved a dimension, in mm; null where one of them exchanged its part or said no amount. */
export function movedBy(
  operations: readonly WorkEntry[],
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

/** Returns how far operations moved a size, with the faces that it follows; null where nobody can tell. */
function movedWith(
  { id, follows = [] }: Dimension,
  operations: readonly WorkEntry[],
): ReturnType<typeof movedBy> {
  return follows.reduce(
    (sum, { dimension, factor, unsure }) => {
      const more = movedBy(operations, dimension);
      if (!sum || !more || (unsure && touchesSize(operations, dimension))) return null;
      return {
        by_mm: sum.by_mm + factor * more.by_mm,
        u_mm: Math.hypot(sum.u_mm, factor * more.u_mm),
      };
    },
    movedBy(operations, id),
  );
}

/** Tells whether operations changed a size or a face. */
const touchesSize = (operations: readonly WorkEntry[], dimension: string): boolean =>
  operations.some((o) => o.changes.some((c) => c.dimension === dimension));

function worked(
  q: Quantity,
  operations: readonly WorkEntry[],
  dimension: Dimension,
): Quantity | null {
  const moved = movedWith(dimension, operations);
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

/** Returns a size that nobody read: the sheet's, or that of its drawing; null where it has neither. */
function published(sheet: Sheet, dimension: Dimension): Quantity | null {
  const nominal = nominalOf(sheet, dimension.id);
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

function quantityOf(
  { sheet, now, before }: Measured,
  dimension: Dimension,
  changes: readonly WorkEntry[],
): Quantity | null {
  const read = ({ ofSize }: Counted) => measured(placesOf(ofSize(dimension.id), dimension.id));
  const current = read(now);
  if (current) return current;
  for (let i = changes.length - 1; i >= 0; i--) {
    const was = read(before(changes[i] as WorkEntry));
    if (was) {
      return worked(was, changes.slice(i), dimension) ?? renewed(sheet, dimension, changes);
    }
  }
  return renewed(sheet, dimension, changes);
}

/** Returns a size as it came with the part from the shelf that was put in last, moved by the work since; null for none. */
function fitted(changes: readonly WorkEntry[], dimension: Dimension): Quantity | null {
  const at = changes.findLastIndex((o) => o.work === 'exchanged');
  const size = changes[at]?.piece?.sizes.find((s) => s.dimension === dimension.id);
  if (!size) return null;
  const { value_mm, u_mm } = size;
  const quantity: Quantity = {
    best_mm: value_mm,
    u_mm,
    smallest_mm: value_mm,
    largest_mm: value_mm,
    readings: 0,
    source: 'shelf',
  };
  const since = changes.slice(at + 1);
  return since.length === 0 ? quantity : worked(quantity, since, dimension);
}

/**
 * Returns the size that a part from the shelf came with; else the published one, as long as no work was done on
 * the part since it was new.
 */
function renewed(
  sheet: Sheet,
  dimension: Dimension,
  changes: readonly WorkEntry[],
): Quantity | null {
  const came = fitted(changes, dimension);
  if (came) return came;
  const last = changes.at(-1);
  const isNew = last?.work === 'exchanged' && last.part === dimension.part;
  return !last || isNew ? published(sheet, dimension) : null;
}

/**
 * Returns what is known of each dimension of a pump, by its id: what was read since it last changed;
 * else what was read before, moved by the work since; else what the sheet says of it. What nobody
 * knows is left out.
 *
 * @param known the job: its sheet, its readings, and the work that was done
 */
export function quantitiesOf(known: Measured): ReadonlyMap<DimensionId, Quantity> {
  const pump = pumpOf(known.sheet);
  const all = new Map<DimensionId, Quantity>();
  for (const dimension of pump.dimensions) {
    const changes = changing(pump, known.operations, dimension.id);
    const quantity = quantityOf(known, dimension, changes);
    if (quantity) all.set(dimension.id, quantity);
  }
  return all;
}
