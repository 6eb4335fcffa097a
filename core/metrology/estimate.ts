import { tidy_mm } from '../quantity/units';
import type { Interval } from './interval';
import { coverageOf, densityAt, shareBelow } from './normal';
import { rectangular } from './sizes';
import { softAtMost, type Soft } from './soft';

/** The smallest or the largest of several values that were compared. */
export interface Picked {
  readonly end: 'smallest' | 'largest';
  readonly of: number;
}

/** A value with its standard uncertainty; one that is the extreme of several says of how many. */
export interface Value {
  readonly kind: 'value';
  readonly value_mm: number;
  readonly u_mm: number;
  readonly picked?: Picked;
  /** The size of something that has a direction as well: never below nought, and noise alone makes it more. */
  readonly magnitude?: true;
  /** Bounds that another way of measuring sets to it: it is normal between them, and nowhere else. */
  readonly within?: Interval;
}

/** Brings a length between the bounds that are set to a value. */
const held = (mm: number, within: Interval | undefined): number =>
  within ? Math.min(within.hi_mm ?? Infinity, Math.max(within.lo_mm, mm)) : mm;

/**
 * Describes what the evidence says of one length: a bracket from leaves, hard or as soft as they are, or a
 * value.
 */
export type Estimate = ({ readonly kind: 'interval'; readonly soft?: Soft } & Interval) | Value;

/**
 * Returns how many values an estimate is the extreme of; 1 for one that is none.
 *
 * @param estimate of a length
 * @example
 * comparedFor({ kind: 'interval', lo_mm: 0.02, hi_mm: 0.03 }); // 1
 */
export const comparedFor = (estimate: Estimate): number =>
  estimate.kind === 'value' ? (estimate.picked?.of ?? 1) : 1;

/**
 * Returns the standard uncertainty of an estimate, in mm; infinite for an open interval
 * (a bracket is a rectangular distribution, JCGM 100, 4.3.7).
 *
 * @param estimate of a length
 * @example
 * uncertainty({ kind: 'value', value_mm: 0.05, u_mm: 0.002 }); // 0.002
 * uncertainty({ kind: 'interval', lo_mm: 0, hi_mm: 0.06 }); // 0.017321
 */
export function uncertainty(estimate: Estimate): number {
  if (estimate.kind === 'value') {
    const { u_mm, within } = estimate;
    if (within?.hi_mm == null) return u_mm;
    return Math.min(u_mm, rectangular((within.hi_mm - within.lo_mm) / 2));
  }
  const { lo_mm, hi_mm, soft } = estimate;
  if (hi_mm === null) return Infinity;
  return Math.hypot(rectangular((hi_mm - lo_mm) / 2), Math.max(soft?.lo_mm ?? 0, soft?.hi_mm ?? 0));
}

/**
 * Returns the mean of a length that is normal between bounds and nowhere else, in mm: µ + u (φ(α) − φ(β)) / (Φ(β) − Φ(α))
 * with α and β the bounds as they lie from µ in u (textbooks of statistics, truncated normal distribution).
 */
function truncatedMean({ value_mm, u_mm }: Value, within: Interval): number {
  const [from, to] = [within.lo_mm, within.hi_mm ?? Infinity].map((mm) => (mm - value_mm) / u_mm);
  const share = shareBelow(to!) - shareBelow(from!);
  const near = held(value_mm, within);
  if (u_mm === 0 || !(share > LEAST_SHARE)) return near;
  const density = (z: number) => (Number.isFinite(z) ? densityAt(z) : 0);
  return held(value_mm + (u_mm * (density(from!) - density(to!))) / share, within);
}

/** Of a distribution of which less lies between the bounds nothing is told but the nearer of them. */
const LEAST_SHARE = 1e-6;

/**
 * Returns the best single figure for an estimate; the lower end of an open interval.
 *
 * @param estimate of a length
 * @returns in mm
 * @example
 * centre({ kind: 'interval', lo_mm: 0.04, hi_mm: 0.06 }); // 0.05
 * const within = { lo_mm: 0, hi_mm: 0.02 };
 * centre({ kind: 'value', value_mm: 0.021, u_mm: 0.0036, within }); // 0.017462
 */
export function centre(estimate: Estimate): number {
  if (estimate.kind === 'value') {
    const { within } = estimate;
    return within ? truncatedMean(estimate, within) : estimate.value_mm;
  }
  return estimate.hi_mm === null ? estimate.lo_mm : (estimate.lo_mm + estimate.hi_mm) / 2;
}

/** Standard uncertainties below and above an estimate within which the length is thought to lie. */
interface Factors {
  readonly below: number;
  readonly above: number;
}

/**
 * Returns the factors to either side of an estimate: that of one value, and towards where the others
 * lie that of the extreme of so many.
 *
 * @param estimate of a length
 * @param factor gives the factor of the extreme of so many values; of 1 for a value alone
 * @example
 * const picked = { end: 'smallest', of: 6 };
 * towardsOthers({ kind: 'value', value_mm: 0.03, u_mm: 0.002, picked }, (of) => of); // { below: 1, above: 6 }
 */
export function towardsOthers(estimate: Estimate, factor: (of: number) => number): Factors {
  const picked = estimate.kind === 'value' ? estimate.picked : undefined;
  const [plain, towards] = [factor(1), factor(picked?.of ?? 1)];
  return picked?.end === 'smallest'
    ? { below: plain, above: towards }
    : { below: towards, above: plain };
}

/**
 * Returns the coverage factors of an estimate: the extreme of several reaches farther to where they lie.
 *
 * @param estimate of a length
 * @example
 * factorsOf({ kind: 'value', value_mm: 0.03, u_mm: 0.002 }); // { below: 2, above: 2 }
 */
export const factorsOf = (estimate: Estimate): Factors => towardsOthers(estimate, coverageOf);

/**
 * Returns an estimate's interval, in mm, with the factors given; the upper end of an open interval
 * is infinite, and a hard bracket is itself whatever they are.
 *
 * @param estimate of a length
 * @param factors standard uncertainties to either side
 * @example
 * endsAt({ kind: 'value', value_mm: 0.03, u_mm: 0.002 }, { below: 1, above: 3 }); // [0.028, 0.036]
 */
export function endsAt(estimate: Estimate, { below, above }: Factors): readonly [number, number] {
  if (estimate.kind === 'value') {
    const { value_mm, u_mm, magnitude, within } = estimate;
    const lo_mm = value_mm - below * u_mm;
    const ends = [magnitude ? Math.max(0, lo_mm) : lo_mm, value_mm + above * u_mm] as const;
    return [held(ends[0], within), held(ends[1], within)];
  }
  const { lo_mm, hi_mm, soft } = estimate;
  return [
    soft ? Math.max(0, lo_mm - below * soft.lo_mm) : lo_mm,
    (hi_mm ?? Infinity) + above * (soft?.hi_mm ?? 0),
  ];
}

/**
 * Tells whether another way of measuring cuts off a part of what a value may be by itself.
 *
 * @param estimate of a length
 * @example
 * const within = { lo_mm: 0, hi_mm: 0.052 };
 * isCut({ kind: 'value', value_mm: 0.05, u_mm: 0.002, within }); // true
 * isCut({ kind: 'value', value_mm: 0.03, u_mm: 0.002, within }); // false
 */
export function isCut(estimate: Estimate): boolean {
  if (estimate.kind === 'interval' || !estimate.within) return false;
  const { within: _, ...alone } = estimate;
  const [cut, whole] = [ends(estimate), ends(alone)];
  return cut[0] > whole[0] || cut[1] < whole[1];
}

/**
 * Returns an estimate moved by so much, with the bounds that are set to it, in mm.
 *
 * @param e an estimate of a length
 * @param by_mm in mm, of either sign
 * @example
 * movedTo({ kind: 'interval', lo_mm: 0.02, hi_mm: 0.03 }, 0.1); // { lo_mm: 0.12, hi_mm: 0.13 }
 */
export function movedTo(e: Estimate, by_mm: number): Estimate {
  const moved = ({ lo_mm, hi_mm }: Interval): Interval => ({
    lo_mm: lo_mm + by_mm,
    hi_mm: hi_mm === null ? null : hi_mm + by_mm,
  });
  if (e.kind === 'interval') return { ...e, ...moved(e) };
  return {
    ...e,
    value_mm: e.value_mm + by_mm,
    ...(e.within ? { within: moved(e.within) } : {}),
  };
}

/**
 * Tells whether nothing was felt that bounds a length below: no leaf went in, not even the thinnest that was tried.
 *
 * @param estimate of a length
 * @example
 * isUnbounded({ kind: 'interval', lo_mm: 0, hi_mm: 0.02 }); // true
 */
export const isUnbounded = (estimate: Estimate): boolean =>
  estimate.kind === 'interval' && estimate.lo_mm <= 0 && estimate.hi_mm !== null;

/**
 * Returns the interval in which a length is thought to lie, in mm; the upper end of an open interval is infinite.
 *
 * @param estimate of a length
 * @example
 * ends({ kind: 'value', value_mm: 0.03, u_mm: 0.002 }); // [0.026, 0.034]
 * ends({ kind: 'interval', lo_mm: 0.02, hi_mm: null }); // [0.02, Infinity]
 */
export function ends(estimate: Estimate): readonly [number, number] {
  return endsAt(estimate, factorsOf(estimate));
}

/**
 * Takes binary noise off an estimate, so that a length on a limit is held against it as such.
 *
 * @param estimate of a length
 * @example
 * tidied({ kind: 'value', value_mm: 0.1 + 0.2, u_mm: 0 }).value_mm === 0.3; // true
 */
export function tidied(estimate: Estimate): Estimate {
  if (estimate.kind === 'interval') return { ...estimate, ...tidyEnds(estimate) };
  const { value_mm, within } = estimate;
  return {
    ...estimate,
    value_mm: tidy_mm(value_mm),
    ...(within ? { within: tidyEnds(within) } : {}),
  };
}

const tidyEnds = ({ lo_mm, hi_mm }: Interval): Interval => ({
  lo_mm: tidy_mm(lo_mm),
  hi_mm: hi_mm === null ? null : tidy_mm(hi_mm),
});

/**
 * Returns all that is known of a length that is known to be this or more.
 *
 * @param estimate of the length that it is at least
 * @example
 * orMore({ kind: 'interval', lo_mm: 0.02, hi_mm: 0.03 }); // { lo_mm: 0.02, hi_mm: null }
 * orMore({ kind: 'value', value_mm: 0.05, u_mm: 0.002 }); // { lo_mm: 0.05, hi_mm: null, soft: { lo_mm: 0.002 } }
 */
export const orMore = (estimate: Estimate): Estimate =>
  estimate.kind === 'value'
    ? {
        kind: 'interval',
        lo_mm: centre(estimate),
        hi_mm: null,
        soft: { lo_mm: estimate.u_mm, hi_mm: 0 },
      }
    : { ...estimate, hi_mm: null };

/**
 * Returns all that is known of a length that is known to be this or less.
 *
 * @param estimate of the length that it is at most
 * @example
 * orLess({ kind: 'interval', lo_mm: 0.02, hi_mm: 0.03 }); // { lo_mm: 0, hi_mm: 0.03 }
 */
export const orLess = (estimate: Estimate): Estimate =>
  estimate.kind === 'value'
    ? {
        kind: 'interval',
        lo_mm: Math.min(0, centre(estimate)),
        hi_mm: centre(estimate),
        soft: { lo_mm: 0, hi_mm: estimate.u_mm },
      }
    : { ...estimate, lo_mm: Math.min(0, estimate.lo_mm) };

/**
 * Tells whether nothing bounds a length above yet.
 *
 * @param estimate of a length
 * @example
 * isOpen({ kind: 'interval', lo_mm: 0.02, hi_mm: null }); // true
 */
export function isOpen(estimate: Estimate): boolean {
  return estimate.kind === 'interval' && estimate.hi_mm === null;
}

/**
 * Returns the probability that a length is at most x which is normal between bounds and nowhere else (a truncated
 * normal distribution; Bayes’ theorem with a bracket as the other evidence).
 */
function truncatedAtMost({ value_mm, u_mm }: Value, { lo_mm, hi_mm }: Interval, x: number): number {
  if (hi_mm !== null && x >= hi_mm) return 1;
  if (x <= lo_mm) return 0;
  const below = (mm: number) => shareBelow((mm - value_mm) / u_mm);
  const [from, to] = [below(lo_mm), hi_mm === null ? 1 : below(hi_mm)];
  return to > from ? (below(x) - from) / (to - from) : value_mm <= x ? 1 : 0;
}

/**
 * Returns the probability that the true length is at most x: normal for a value, uniform
 * over a bracket (JCGM 106, 7.2). An end of the support belongs to it.
 *
 * @param estimate of a length
 * @param x in mm
 * @returns from 0 to 1
 * @example
 * probabilityAtMost({ kind: 'value', value_mm: 0.05, u_mm: 0.002 }, 0.05); // 0.5
 * probabilityAtMost({ kind: 'interval', lo_mm: 0.04, hi_mm: 0.06 }, 0.045); // 0.25
 */
export function probabilityAtMost(estimate: Estimate, x: number): number {
  if (x === Infinity) return 1;
  if (x === -Infinity) return 0;
  if (estimate.kind === 'value') {
    const { value_mm, u_mm, within } = estimate;
    if (within) return truncatedAtMost(estimate, within, x);
    if (u_mm === 0) return value_mm <= x ? 1 : 0;
    return shareBelow((x - value_mm) / u_mm);
  }
  const { lo_mm, hi_mm, soft } = estimate;
  if (soft) return softAtMost({ lo_mm, hi_mm, soft }, x);
  // An open interval has no density to share out: the limit is not shown to hold.
  if (hi_mm === null) return 0;
  if (hi_mm === lo_mm) return lo_mm <= x ? 1 : 0;
  return Math.min(1, Math.max(0, (x - lo_mm) / (hi_mm - lo_mm)));
}

/**
 * Returns the probability that the true length is at least x.
 *
 * @param estimate of a length
 * @param x in mm
 * @returns from 0 to 1
 * @example
 * probabilityAtLeast({ kind: 'interval', lo_mm: 0.04, hi_mm: 0.06 }, 0.045); // 0.75
 * probabilityAtLeast({ kind: 'interval', lo_mm: 0.04, hi_mm: null }, 0.03); // 1
 */
export function probabilityAtLeast(estimate: Estimate, x: number): number {
  if (x === -Infinity) return 1;
  if (estimate.kind === 'interval' && !estimate.soft && estimate.hi_mm === null) {
    return estimate.lo_mm >= x ? 1 : 0;
  }
  if (uncertainty(estimate) === 0) return centre(estimate) >= x ? 1 : 0;
  return 1 - probabilityAtMost(estimate, x);
}

/** Returns a value as the bracket in which it is thought to lie. */
const bracketOf = (value: Value): Estimate => {
  const [lo_mm, hi_mm] = ends(value);
  return { kind: 'interval', lo_mm, hi_mm };
};

/**
 * Returns the sum of two independent lengths. Two values add with u² = u₁² + u₂² (JCGM 100, 5.1.2). With
 * an interval in it the sum stays one: nothing is known of where in it the length lies, so the intervals
 * add end to end, and a value counts with its coverage. Of two extremes every combination was compared.
 *
 * @param a one length
 * @param b the other, measured independently of it
 * @example
 * const depth = { kind: 'value', value_mm: 2.8, u_mm: 0.05 };
 * sumOf(depth, { kind: 'value', value_mm: 1.2, u_mm: 0.12 }); // { value_mm: 4, u_mm: 0.13 }
 * sumOf(depth, { kind: 'interval', lo_mm: 0, hi_mm: 1.5 }); // { kind: 'interval', lo_mm: 2.7, hi_mm: 4.4 }
 */
export function sumOf(a: Estimate, b: Estimate): Estimate {
  if (a.kind === 'value' && b.kind === 'value') {
    return pickedFrom(a.picked ? a : b, comparedFor(a) * comparedFor(b), {
      kind: 'value',
      value_mm: centre(a) + centre(b),
      u_mm: Math.hypot(a.u_mm, b.u_mm),
    });
  }
  if (a.kind === 'value') return sumOf(bracketOf(a), b);
  if (b.kind === 'value') return sumOf(a, bracketOf(b));
  const hi_mm = a.hi_mm === null || b.hi_mm === null ? null : a.hi_mm + b.hi_mm;
  const soft = (end: keyof Soft) => Math.hypot(a.soft?.[end] ?? 0, b.soft?.[end] ?? 0);
  return {
    kind: 'interval',
    lo_mm: hi_mm === null ? Math.max(0, a.lo_mm + b.lo_mm) : a.lo_mm + b.lo_mm,
    hi_mm,
    ...(a.soft || b.soft ? { soft: { lo_mm: soft('lo_mm'), hi_mm: soft('hi_mm') } } : {}),
  };
}

/** Marks a value as the same end as another, of so many compared; as it is where there is no other. */
function pickedFrom({ picked }: Value, of: number, value: Value): Value {
  const end = picked?.end;
  return end ? { ...value, picked: { end, of } } : value;
}
