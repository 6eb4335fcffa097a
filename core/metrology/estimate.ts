import { errorFunction } from 'simple-statistics';
import type { Bracket } from './bracket';
import { rectangular } from './sizes';

/** What the evidence says of one length: a bracket from leaves, or a value with its standard uncertainty. */
export type Estimate =
  | ({ readonly kind: 'bracket' } & Bracket)
  | { readonly kind: 'value'; readonly value_mm: number; readonly u_mm: number };

/**
 * The standard uncertainty of an estimate, in mm; infinite for an open bracket
 * (a bracket is a rectangular distribution, JCGM 100, 4.3.7).
 */
export function uncertainty(estimate: Estimate): number {
  if (estimate.kind === 'value') return estimate.u_mm;
  return estimate.hi_mm === null ? Infinity : rectangular((estimate.hi_mm - estimate.lo_mm) / 2);
}

/** The best single figure for an estimate; the lower end of an open bracket. */
export function centre(estimate: Estimate): number {
  if (estimate.kind === 'value') return estimate.value_mm;
  return estimate.hi_mm === null ? estimate.lo_mm : (estimate.lo_mm + estimate.hi_mm) / 2;
}

/** Standard uncertainties to either side within which a value is thought to lie (JCGM 100, 6.2: k = 2). */
const COVERAGE = 2;

/** The interval in which a length is thought to lie, in mm; the upper end of an open bracket is infinite. */
export function ends(estimate: Estimate): readonly [number, number] {
  if (estimate.kind === 'bracket') return [estimate.lo_mm, estimate.hi_mm ?? Infinity];
  const { value_mm, u_mm } = estimate;
  return [value_mm - COVERAGE * u_mm, value_mm + COVERAGE * u_mm];
}

/** Nothing bounds the length above yet. */
export function isOpen(estimate: Estimate): boolean {
  return estimate.kind === 'bracket' && estimate.hi_mm === null;
}

/**
 * Probability that the true length is at most x: normal for a value, uniform
 * over a bracket (JCGM 106, 7.2). An end of the support belongs to it.
 */
export function probabilityAtMost(estimate: Estimate, x: number): number {
  if (x === Infinity) return 1;
  if (x === -Infinity) return 0;
  if (estimate.kind === 'value') {
    const { value_mm, u_mm } = estimate;
    if (u_mm === 0) return value_mm <= x ? 1 : 0;
    return 0.5 * (1 + errorFunction((x - value_mm) / (u_mm * Math.SQRT2)));
  }
  const { lo_mm, hi_mm } = estimate;
  // An open bracket has no density to share out: the limit is not shown to hold.
  if (hi_mm === null) return 0;
  if (hi_mm === lo_mm) return lo_mm <= x ? 1 : 0;
  return Math.min(1, Math.max(0, (x - lo_mm) / (hi_mm - lo_mm)));
}

/** Probability that the true length is at least x. */
export function probabilityAtLeast(estimate: Estimate, x: number): number {
  if (x === -Infinity) return 1;
  if (estimate.kind === 'bracket' && estimate.hi_mm === null) return estimate.lo_mm >= x ? 1 : 0;
  if (uncertainty(estimate) === 0) return centre(estimate) >= x ? 1 : 0;
  return 1 - probabilityAtMost(estimate, x);
}

/**
 * The sum of two independent lengths. Two brackets add end to end, since
 * nothing is known of where in them the lengths lie; once a value is in it,
 * the sum is a value with u² = u₁² + u₂² (JCGM 100, 5.1.2), a bracket going in
 * as its middle with the uncertainty of its width.
 */
export function sumOf(a: Estimate, b: Estimate): Estimate {
  if (a.kind === 'bracket' && b.kind === 'bracket') {
    const hi_mm = a.hi_mm === null || b.hi_mm === null ? null : a.hi_mm + b.hi_mm;
    return { kind: 'bracket', lo_mm: a.lo_mm + b.lo_mm, hi_mm };
  }
  const u_mm = Math.hypot(uncertainty(a), uncertainty(b));
  if (!Number.isFinite(u_mm)) {
    return { kind: 'bracket', lo_mm: Math.max(0, centre(a) + centre(b)), hi_mm: null };
  }
  return { kind: 'value', value_mm: centre(a) + centre(b), u_mm };
}
