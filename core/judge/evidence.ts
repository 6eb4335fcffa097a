import {
  afterTry,
  NO_EVIDENCE,
  stackOf,
  type Bounds,
  type Span,
  type Try,
} from '../metrology/bracket';
import type { Value } from '../metrology/estimate';
import { pickedExtremes, type Extremes } from '../metrology/extremes';
import type { Ladder } from '../metrology/feeler';
import { COVERAGE } from '../metrology/normal';
import { meanOf } from '../metrology/repeats';
import { InputError } from '../errors';
import { gapFromSizes, type SizeTerm } from '../metrology/sizes';
import { PLANE_COVERAGE, tiltOf, type Tilt } from '../metrology/tilt';
import type { Characteristic, Station, Term, Tilt as TiltOf } from '../pumps/family';
import type {
  LeafReading,
  Reading,
  SizeReading,
  SwingReading,
  TouchReading,
} from '../records/parts';

/** The tries at one station that agree with one another, and those that contradict them. */
export interface StationEvidence {
  readonly station: Station;
  readonly tries: readonly Try[];
  readonly bounds: Bounds;
  readonly conflicts: readonly LeafReading[];
}

/**
 * Gathers the tries of one characteristic by station. Two tries that cannot
 * both be true do not spoil the rest: the later is set aside as a conflict, to
 * be shown, and does not count.
 */
export function leafEvidence(
  c: Characteristic,
  readings: readonly Reading[],
  { dragBand_mm, slack_mm, softOf }: Pick<Ladder, 'dragBand_mm' | 'slack_mm' | 'softOf'>,
): StationEvidence[] {
  return c.stations.map((station) => {
    const tries: Try[] = [];
    const conflicts: LeafReading[] = [];
    let bounds = NO_EVIDENCE;
    for (const r of readings) {
      if (r.kind !== 'leaf' || r.characteristic !== c.id || r.station !== station.id) continue;
      const soft_mm = softOf(r);
      const next = afterTry(bounds, stackOf(r.leaves_mm), r.felt, dragBand_mm, {
        soft_mm,
        slack_mm,
      });
      if (next) {
        bounds = next;
        const { leaves_mm, felt } = r;
        tries.push({ leaves_mm, felt, ...(soft_mm > 0 ? { soft_mm } : {}) });
      } else conflicts.push(r);
    }
    return { station, tries, bounds, conflicts };
  });
}

const least = <T>(items: readonly T[], by: (item: T) => number): T =>
  items.reduce((a, b) => (by(b) < by(a) ? b : a));

/** The span whose ends are the ones chosen of several. */
const spanned = (lo: Span, hi: Span): Span => ({
  lo: lo.lo,
  hi: hi.hi,
  hiOpen: hi.hiOpen,
  ...(lo.loSoft ? { loSoft: lo.loSoft } : {}),
  ...(hi.hiSoft ? { hiSoft: hi.hiSoft } : {}),
});

/**
 * The smallest gap anywhere is at most the least upper bound of any station
 * and at least the least lower bound of all; the largest the other way round.
 * A station not tried yet keeps the far end open.
 */
export function overStations(stations: readonly StationEvidence[]): Bounds | null {
  if (stations.length === 0) return null;
  const smallest = stations.map((s) => s.bounds.smallest);
  const largest = stations.map((s) => s.bounds.largest);
  return {
    smallest: spanned(
      least(smallest, (s) => s.lo),
      least(smallest, (s) => s.hi),
    ),
    largest: spanned(
      least(largest, (s) => -s.lo),
      least(largest, (s) => -s.hi),
    ),
  };
}

/** A gap as the difference of sizes that were read, or what is still missing for one. */
export interface SizedEvidence {
  readonly extremes: Extremes | null;
  /** What the smallest is at most and the largest at least, whichever places meet. */
  readonly reached: Extremes | null;
  readonly missing: readonly string[];
}

/** What was read at one place: the mean of its readings. */
export interface PlaceValue {
  readonly station: string;
  readonly value_mm: number;
  readonly u_mm: number;
  readonly readings: number;
}

/** Averages what was read at each place, in the order in which the places were first read. */
export function byPlace(readings: readonly (SizeReading | SwingReading)[]): PlaceValue[] {
  const places = new Map<string, (SizeReading | SwingReading)[]>();
  for (const r of readings) {
    const here = places.get(r.station);
    if (here) here.push(r);
    else places.set(r.station, [r]);
  }
  return [...places].map(([station, here]) => ({
    station,
    ...meanOf(here),
    readings: here.length,
  }));
}

/** Returns the readings of one dimension, place by place. */
export const placesOf = (readings: readonly Reading[], dimension: string): PlaceValue[] =>
  byPlace(readings.filter((r): r is SizeReading => r.kind === 'size' && r.dimension === dimension));

/** One size in a gap, at every place where it was read. */
interface ReadTerm {
  readonly term: Term;
  readonly places: readonly PlaceValue[];
}

/** Which end of its places a size is taken at: the one that leads a gap towards −1 or +1. */
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

/** The end of a gap that all its sizes lead to: −1 for the smallest that it can be, +1 for the largest. */
const extreme = (read: readonly ReadTerm[], towards: Towards): Value =>
  gapOf(read.map((r) => chosen(r, towards)));

/**
 * How far the largest gap must reach at least, whichever places meet: where one size leads towards
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
 * that was read again counts with its mean. Of several gaps that are judged as one, those count whose
 * sizes are all there. Every combination of places was compared to find them.
 *
 * @param gaps each as the terms of its sum
 */
export function sizedEvidence(
  gaps: readonly (readonly Term[])[],
  readings: readonly Reading[],
): SizedEvidence {
  const read = gaps.map((terms) =>
    terms.map((term) => ({ term, places: placesOf(readings, term.dimension) })),
  );
  const unread = read.flat().filter((r) => r.places.length === 0);
  const missing = [...new Set(unread.map((r) => r.term.dimension))];
  const whole = read.filter((gap) => gap.length > 0 && gap.every((r) => r.places.length > 0));
  if (whole.length === 0) return { extremes: null, reached: null, missing };
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
  return {
    extremes: pickedExtremes(ends, of),
    reached: pickedExtremes(least, places),
    missing,
  };
}

/** What an indicator's swings say: the smallest and the largest of its places, each with its mean. */
export function swingEvidence(c: Characteristic, readings: readonly Reading[]): Extremes | null {
  const swings = byPlace(
    readings.filter((r): r is SwingReading => r.kind === 'swing' && r.characteristic === c.id),
  );
  if (swings.length === 0) return null;
  const values = swings.map(({ value_mm, u_mm }): Value => ({ kind: 'value', value_mm, u_mm }));
  return pickedExtremes({ smallest: values, largest: values }, values.length);
}

/** A floor's tilt with the spread it may have; null before depths at three places that span a plane. */
export interface TiltEvidence {
  readonly fit: Tilt | null;
  readonly extremes: Extremes | null;
  readonly missing: readonly string[];
}

/**
 * Fits the plane through the depths of a dimension; a place read again counts with its mean.
 *
 * The uncertainty of a depth is the instrument's, or what the places are off the plane by where that
 * is more. A tilt has a size and a direction, so that ±2u is widened to hold both (the coverage
 * factor of two dimensions, JCGM 102).
 */
export function tiltEvidence(
  tilt: TiltOf,
  at: (station: string) => { readonly x: number; readonly y: number },
  readings: readonly Reading[],
): TiltEvidence {
  const places = placesOf(readings, tilt.dimension);
  const points = places.map(({ station, value_mm: depth_mm }) => {
    const { x, y } = at(station);
    return { x_mm: x, y_mm: y, depth_mm };
  });
  const missing = [tilt.dimension];
  try {
    const fit = tiltOf(points, tilt.diameter_mm);
    const u_depth = Math.max(...places.map((d) => d.u_mm), fit.residual_mm ?? 0);
    const value: Value = {
      kind: 'value',
      value_mm: fit.tilt_mm,
      u_mm: (PLANE_COVERAGE / COVERAGE) * u_depth * fit.uPerDepth,
      magnitude: true,
    };
    return { fit, extremes: { smallest: value, largest: value }, missing: [] };
  } catch (error) {
    if (error instanceof InputError) return { fit: null, extremes: null, missing };
    throw error;
  }
}

/** What tests without a number told, the newest last. */
export function touchEvidence(c: Characteristic, readings: readonly Reading[]): TouchReading[] {
  return readings.filter((r): r is TouchReading => r.kind === 'touch' && r.characteristic === c.id);
}

/** Gears that touch the edge stand at or above the deck: no gap is left there. */
export function sweptBounds(touches: readonly TouchReading[]): Extremes | null {
  if (!touches.some((t) => t.felt === 'touches')) return null;
  return {
    smallest: { kind: 'bracket', lo_mm: 0, hi_mm: 0 },
    largest: { kind: 'bracket', lo_mm: 0, hi_mm: null },
  };
}
