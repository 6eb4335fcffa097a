import type { DimensionId } from '../pumps/ids';
import { orLess, orMore, type Value } from '../metrology/estimate';
import { pickedExtremes, type Extremes } from '../metrology/extremes';
import { gapFromSizes, type SizeTerm } from '../metrology/sizes';
import type { Term } from '../pumps/family';
import { byPlace, type PlaceValue, type ReadAt } from './places';

/** A figure that was read of a dimension, at a place. */
interface SizeRead extends ReadAt {
  readonly dimension: string;
}

/** A gap as the difference of sizes that were read, or what is still missing for one. */
export interface SizedEvidence {
  readonly extremes: Extremes | null;
  /** Bounds the smallest from above and the largest from below, whichever places meet. */
  readonly reached: Extremes | null;
  /** Holds the ends among those gaps whose sizes are all there, where others are not; null where all are, or none. */
  readonly among: Extremes | null;
  readonly missing: readonly DimensionId[];
}

/** Returns the readings of one dimension, place by place. */
export const placesOf = (readings: readonly SizeRead[], dimension: string): PlaceValue[] =>
  byPlace(readings.filter((r) => r.dimension === dimension));

/** One size in a gap, at every place where it was read. */
interface ReadTerm {
  readonly term: Term;
  readonly places: readonly PlaceValue[];
}

/** Says which end of its places a size is taken at: the one that leads a gap towards −1 or +1. */
type Towards = 1 | -1;

const chosen = ({ term, places }: ReadTerm, towards: Towards): SizeTerm => {
  const wanted = term.factor * towards;
  const { value_mm, u_mm } = places.reduce((a, b) =>
    wanted * (b.value_mm - a.value_mm) > 0 ? b : a,
  );
  return { name: term.dimension, factor: term.factor, value_mm, u_mm };
};

const gapOf = (sizes: readonly SizeTerm[]): Value => {
  const { gap_mm, u_mm } = gapFromSizes(sizes);
  return { kind: 'value', value_mm: gap_mm, u_mm };
};

/**
 * Returns the end of a gap that all its sizes lead to: −1 for the smallest that it can be, +1 for the
 * largest.
 */
const extreme = (read: readonly ReadTerm[], towards: Towards): Value =>
  gapOf(read.map((r) => chosen(r, towards)));

/**
 * Returns how far the largest gap must reach at least, whichever places meet: where one size leads towards
 * it, the others are at worst all against it. The smallest likewise.
 */
const reached = (read: readonly ReadTerm[], towards: Towards): Value[] =>
  read.map((_, at) =>
    gapOf(read.map((r, i) => chosen(r, i === at ? towards : (-towards as Towards)))),
  );

const combinations = (read: readonly ReadTerm[]): number =>
  read.reduce((count, { places }) => count * places.length, 1);

/**
 * Works out a gap from sizes at several places each: the smallest takes the least of every size that
 * widens it and the greatest of every one that narrows it; the largest the other way round. A place
 * that was read again counts with its mean. Of several gaps that are judged as one, any may be the worse: while
 * one is not known, the others bound the smallest from above and the largest from below. Every combination of places was compared to find them.
 *
 * @param gaps each as the terms of its sum
 */
export function sizedEvidence(
  gaps: readonly (readonly Term[])[],
  readings: readonly SizeRead[],
): SizedEvidence {
  const read = gaps.map((terms) =>
    terms.map((term) => ({ term, places: placesOf(readings, term.dimension) })),
  );
  const unread = read.flat().filter((r) => r.places.length === 0);
  const missing = [...new Set(unread.map((r) => r.term.dimension))];
  const whole = read.filter((gap) => gap.length > 0 && gap.every((r) => r.places.length > 0));
  if (whole.length === 0) return { extremes: null, reached: null, among: null, missing };
  const ends = {
    smallest: whole.map((gap) => extreme(gap, -1)),
    largest: whole.map((gap) => extreme(gap, 1)),
  };
  const of = whole.reduce((count, gap) => count + combinations(gap), 0);
  const least = {
    smallest: whole.flatMap((gap) => reached(gap, -1)),
    largest: whole.flatMap((gap) => reached(gap, 1)),
  };
  const places = whole.flat().reduce((count, r) => count + r.places.length, 0);
  const extremes = pickedExtremes(ends, of);
  const atLeast = pickedExtremes(least, places);
  if (whole.length === read.length) return { extremes, reached: atLeast, among: null, missing };
  return {
    extremes: { smallest: orLess(extremes.smallest), largest: orMore(extremes.largest) },
    reached: atLeast,
    among: extremes,
    missing,
  };
}
