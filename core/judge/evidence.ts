import { afterTry, NO_EVIDENCE, stackOf, type Bounds, type Try } from '../metrology/bracket';
import { bracketOf } from '../metrology/bracket';
import type { Estimate } from '../metrology/estimate';
import { InputError } from '../errors';
import { gapFromSizes, type SizeTerm } from '../metrology/sizes';
import { tiltOf, type Tilt } from '../metrology/tilt';
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

/** The smallest and the largest that a gap can be anywhere it is measured. */
export interface Extremes {
  readonly smallest: Estimate;
  readonly largest: Estimate;
}

/**
 * Gathers the tries of one characteristic by station. Two tries that cannot
 * both be true do not spoil the rest: the later is set aside as a conflict, to
 * be shown, and does not count.
 */
export function leafEvidence(
  c: Characteristic,
  readings: readonly Reading[],
  dragBand_mm: number,
): StationEvidence[] {
  return c.stations.map((station) => {
    const tries: Try[] = [];
    const conflicts: LeafReading[] = [];
    let bounds = NO_EVIDENCE;
    for (const r of readings) {
      if (r.kind !== 'leaf' || r.characteristic !== c.id || r.station !== station.id) continue;
      const next = afterTry(bounds, stackOf(r.leaves_mm), r.felt, dragBand_mm);
      if (next) {
        bounds = next;
        tries.push({ leaves_mm: r.leaves_mm, felt: r.felt });
      } else conflicts.push(r);
    }
    return { station, tries, bounds, conflicts };
  });
}

/**
 * The smallest gap anywhere is at most the least upper bound of any station
 * and at least the least lower bound of all; the largest the other way round.
 * A station not tried yet keeps the far end open.
 */
export function overStations(stations: readonly StationEvidence[]): Bounds | null {
  if (stations.length === 0) return null;
  return stations
    .map((s) => s.bounds)
    .reduce((all, b) => ({
      smallest: {
        lo: Math.min(all.smallest.lo, b.smallest.lo),
        hi: Math.min(all.smallest.hi, b.smallest.hi),
        hiOpen: b.smallest.hi < all.smallest.hi ? b.smallest.hiOpen : all.smallest.hiOpen,
      },
      largest: {
        lo: Math.max(all.largest.lo, b.largest.lo),
        hi: Math.max(all.largest.hi, b.largest.hi),
        hiOpen: b.largest.hi > all.largest.hi ? b.largest.hiOpen : all.largest.hiOpen,
      },
    }));
}

/** Returns the bounds that leaves give, in mm, as the smallest and the largest that a gap can be. */
export function extremesOf(bounds: Bounds): Extremes {
  return {
    smallest: { kind: 'bracket', ...bracketOf(bounds.smallest) },
    largest: { kind: 'bracket', ...bracketOf(bounds.largest) },
  };
}

/** A gap as the difference of sizes that were read, or what is still missing for one. */
export interface SizedEvidence {
  readonly extremes: Extremes | null;
  readonly missing: readonly string[];
}

const ofDimension = (readings: readonly Reading[], id: string): SizeReading[] =>
  readings.filter((r): r is SizeReading => r.kind === 'size' && r.dimension === id);

/** The end of a gap that all its sizes lead to: −1 for the smallest that it can be, +1 for the largest. */
function extreme(
  read: readonly { readonly term: Term; readonly sizes: readonly SizeReading[] }[],
  towards: 1 | -1,
): Value {
  const chosen = read.map(({ term, sizes }): SizeTerm => {
    const wanted = term.factor * towards;
    const size = sizes.reduce((a, b) => (wanted * (b.value_mm - a.value_mm) > 0 ? b : a));
    const { dimension: name, factor } = term;
    return { name, factor, value_mm: size.value_mm, u_mm: size.u_mm };
  });
  const { gap_mm, u_mm } = gapFromSizes(chosen);
  return { kind: 'value', value_mm: gap_mm, u_mm };
}

/**
 * Works out a gap from sizes at several stations each: the smallest takes the smallest reading of
 * every size that widens it and the largest of every one that narrows it; the largest the other way
 * round. Of several gaps that are judged as one, those count whose sizes are all there.
 *
 * @param gaps each as the terms of its sum
 */
export function sizedEvidence(
  gaps: readonly (readonly Term[])[],
  readings: readonly Reading[],
): SizedEvidence {
  const read = gaps.map((terms) =>
    terms.map((term) => ({ term, sizes: ofDimension(readings, term.dimension) })),
  );
  const unread = read.flat().filter((r) => r.sizes.length === 0);
  const missing = [...new Set(unread.map((r) => r.term.dimension))];
  const whole = read.filter((gap) => gap.length > 0 && gap.every((r) => r.sizes.length > 0));
  if (whole.length === 0) return { extremes: null, missing };
  const [first, ...others] = whole.map((gap) => ({
    smallest: extreme(gap, -1),
    largest: extreme(gap, 1),
  })) as [Ends, ...Ends[]];
  const extremes = others.reduce<Ends>(
    (all, gap) => ({
      smallest: gap.smallest.value_mm < all.smallest.value_mm ? gap.smallest : all.smallest,
      largest: gap.largest.value_mm > all.largest.value_mm ? gap.largest : all.largest,
    }),
    first,
  );
  return { extremes, missing };
}

type Value = Estimate & { readonly kind: 'value' };
type Ends = { readonly smallest: Value; readonly largest: Value };

/** What an indicator's swings say: the smallest and the largest of them. */
export function swingEvidence(c: Characteristic, readings: readonly Reading[]): Extremes | null {
  const swings = readings.filter(
    (r): r is SwingReading => r.kind === 'swing' && r.characteristic === c.id,
  );
  const [first, ...rest] = swings;
  if (!first) return null;
  const asValue = ({ value_mm, u_mm }: SwingReading): Estimate => ({
    kind: 'value',
    value_mm,
    u_mm,
  });
  return {
    smallest: asValue(rest.reduce((a, b) => (b.value_mm < a.value_mm ? b : a), first)),
    largest: asValue(rest.reduce((a, b) => (b.value_mm > a.value_mm ? b : a), first)),
  };
}

/** A floor's tilt with the spread it may have; null before depths at three places that span a plane. */
export interface TiltEvidence {
  readonly fit: Tilt | null;
  readonly extremes: Extremes | null;
  readonly missing: readonly string[];
}

/** The plane through the depths of a dimension; a place read twice counts with its mean. */
export function tiltEvidence(
  tilt: TiltOf,
  at: (station: string) => { readonly x: number; readonly y: number },
  readings: readonly Reading[],
): TiltEvidence {
  const depths = ofDimension(readings, tilt.dimension);
  const stations = [...new Set(depths.map((d) => d.station))];
  const points = stations.map((station) => {
    const here = depths.filter((d) => d.station === station);
    const { x, y } = at(station);
    return { x_mm: x, y_mm: y, depth_mm: here.reduce((s, d) => s + d.value_mm, 0) / here.length };
  });
  const missing = [tilt.dimension];
  try {
    const fit = tiltOf(points, tilt.diameter_mm);
    const u_depth = Math.max(...depths.map((d) => d.u_mm), fit.residualRms_mm);
    const value: Estimate = {
      kind: 'value',
      value_mm: fit.tilt_mm,
      u_mm: u_depth * fit.uPerDepth,
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
