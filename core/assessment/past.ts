import type { DimensionId } from '../pumps/ids';
import { centre, sumOf, type Estimate } from '../metrology/estimate';
import type { Extremes } from '../metrology/extremes';
import { COVERAGE } from '../metrology/normal';
import type { Characteristic, Term } from '../pumps/family';
import { gapsOf } from '../pumps/registry';
import type { WorkEntry } from '../records/entries/operation';
import { movedBy, type Quantity, type QuantitySource } from './quantity';

/** Describes what work made of a characteristic: how it stood before, and how it should stand after. */
export interface Past {
  /** Lists the work that changed it, in order; empty where none did. */
  readonly work: readonly WorkEntry[];
  /** Holds what was known before the last of that; null where nothing was. */
  readonly before: Extremes | null;
  /** The same moved along by the work; null where nobody can tell. */
  readonly predicted: Extremes | null;
}

export const NO_PAST: Past = { work: [], before: null, predicted: null };

/** A shift of a gap and its standard uncertainty, in mm. */
interface Shift {
  readonly by_mm: number;
  readonly u_mm: number;
}

function shifted(e: Estimate, { by_mm, u_mm }: Shift): Estimate {
  if (e.kind === 'value') {
    const { within, ...value } = e;
    return { ...value, value_mm: centre(e) + by_mm, u_mm: Math.hypot(e.u_mm, u_mm) };
  }
  const widened = COVERAGE * u_mm;
  return {
    ...e,
    lo_mm: Math.max(0, e.lo_mm + by_mm - widened),
    hi_mm: e.hi_mm === null ? null : Math.max(0, e.hi_mm + by_mm + widened),
  };
}

const changes = (o: WorkEntry, terms: readonly Term[]): boolean =>
  o.changes.some((change) => terms.some((t) => t.dimension === change.dimension));

/** Sums up how far work moved one gap, by its terms; null where an amount is not known. */
function shiftOf(terms: readonly Term[], work: readonly WorkEntry[]): Shift | null {
  let [by_mm, variance] = [0, 0];
  for (const { dimension, factor, unsure } of terms) {
    const moved = movedBy(work, dimension);
    if (!moved || (unsure && moved.by_mm !== 0)) return null;
    by_mm += factor * moved.by_mm;
    variance += (factor * moved.u_mm) ** 2;
  }
  return { by_mm, u_mm: Math.sqrt(variance) };
}

/** Returns the gaps of a characteristic with the features that they move with. */
const movingGaps = (c: Characteristic): (readonly Term[])[] =>
  gapsOf(c).map((terms) => [...terms, ...(c.follows ?? [])]);

/** Leaves nothing: wear that its face was cut true of. */
const NOTHING: Extremes = {
  smallest: { kind: 'interval', lo_mm: 0, hi_mm: 0 },
  largest: { kind: 'interval', lo_mm: 0, hi_mm: 0 },
};

/**
 * Moves what was known before along by the terms of the gap; where several gaps count, to either side.
 * Null where the work changed something that no term of it says, or by an unknown amount.
 */
function moved(c: Characteristic, before: Extremes, work: readonly WorkEntry[]): Extremes | null {
  const last = work.at(-1);
  if (last && c.trued && (last.work === 'exchanged' || c.trued.includes(last.work))) return NOTHING;
  const gaps = c.tilt ? [] : movingGaps(c);
  if (gaps.length === 0 || !work.every((o) => changes(o, gaps.flat()))) return null;
  const shifts = gaps.map((terms) => shiftOf(terms, work)).filter((shift) => shift !== null);
  if (shifts.length < gaps.length) return null;
  const end = (sign: 1 | -1): Shift =>
    shifts.reduce((a, b) => (sign * (b.by_mm - a.by_mm) > 0 ? b : a));
  return {
    smallest: shifted(before.smallest, end(-1)),
    largest: shifted(before.largest, end(1)),
  };
}

/** Says of a size that it was read once, and not since its part was worked on or put in. */
const NOT_READ_SINCE: readonly QuantitySource[] = ['worked', 'shelf'];

/**
 * Works a gap out of sizes of which some were measured before their part was worked on or put in; null where one
 * is not known so well.
 */
function fromSizes(
  c: Characteristic,
  quantities: ReadonlyMap<DimensionId, Quantity>,
): Extremes | null {
  const gaps = gapsOf(c).map((terms) =>
    terms.map((term) => ({ term, quantity: quantities.get(term.dimension) })),
  );
  const known = gaps.flat();
  const usable = known.every(({ quantity }) => quantity != null && quantity.u_mm !== null);
  const some = known.some(({ quantity }) => quantity && NOT_READ_SINCE.includes(quantity.source));
  if (gaps.length === 0 || !usable || !some) return null;
  const end = (towards: 1 | -1): Estimate => {
    const values = gaps.map((gap) => {
      let [value_mm, variance] = [0, 0];
      for (const { term, quantity } of gap) {
        if (!quantity) continue;
        const { smallest_mm, largest_mm, u_mm } = quantity;
        value_mm += term.factor * (term.factor * towards > 0 ? largest_mm : smallest_mm);
        variance += (term.factor * (u_mm ?? 0)) ** 2;
      }
      return { kind: 'value' as const, value_mm, u_mm: Math.sqrt(variance) };
    });
    return values.reduce((a, b) => (towards * (b.value_mm - a.value_mm) > 0 ? b : a));
  };
  return { smallest: end(-1), largest: end(1) };
}

/**
 * Returns where the work begins that was carried out together with the operation at a place: gears ground in
 * one setting are an entry for each, and between those nothing was measured.
 */
function startOf(work: readonly WorkEntry[], at: number): number {
  const last = work[at];
  const together = work.slice(0, at).findLastIndex((o) => o.at !== last?.at);
  return last ? together + 1 : -1;
}

/**
 * Returns how a characteristic stood before it was worked on, and how it should stand since.
 *
 * @param work what touched it, in order
 * @param knownBefore what was known of it just before an operation; null where that was nothing
 * @param quantities what is known of every dimension, asked for only where it is needed
 */
export function pastOf(
  c: Characteristic,
  work: readonly WorkEntry[],
  knownBefore: (operation: WorkEntry) => Extremes | null,
  quantities: () => ReadonlyMap<DimensionId, Quantity>,
): Past {
  if (work.length === 0) return NO_PAST;
  for (let i = startOf(work, work.length - 1); i >= 0; i = startOf(work, i - 1)) {
    const before = knownBefore(work[i] as WorkEntry);
    if (!before) continue;
    const predicted = moved(c, before, work.slice(i)) ?? fromSizes(c, quantities());
    return { work, before, predicted };
  }
  return { work, before: null, predicted: fromSizes(c, quantities()) };
}

/** A part of a sum: what it is now, and what it was. */
export type PastPart = Past & {
  readonly smallest: Estimate | null;
  readonly largest: Estimate | null;
};

/**
 * Adds up extremes; null where one of them is not known.
 *
 * @param parts in mm; null for one that is not known
 * @example
 * const gap = { kind: 'interval', lo_mm: 0.02, hi_mm: 0.03 };
 * const part = { smallest: gap, largest: gap };
 * sumOfExtremes([part, part]).largest; // { lo_mm: 0.04, hi_mm: 0.06 }
 * sumOfExtremes([part, null]); // null
 */
export function sumOfExtremes(parts: readonly (Extremes | null)[]): Extremes | null {
  return parts.reduce<Extremes | null>((sum, part, i) => {
    if (!part || (i > 0 && !sum)) return null;
    if (!sum) return part;
    return {
      smallest: sumOf(sum.smallest, part.smallest),
      largest: sumOf(sum.largest, part.largest),
    };
  }, null);
}

/** Returns the past of a sum: its parts as they were, and those that nothing was done to as they are. */
export function pastOfSum(parts: readonly PastPart[]): Past {
  const work = [...new Set(parts.flatMap((part) => part.work))];
  if (work.length === 0) return NO_PAST;
  const now = ({ smallest, largest }: PastPart): Extremes | null =>
    smallest && largest ? { smallest, largest } : null;
  const add = (end: 'before' | 'predicted') =>
    sumOfExtremes(parts.map((part) => (part.work.length > 0 ? part[end] : now(part))));
  return { work, before: add('before'), predicted: add('predicted') };
}
