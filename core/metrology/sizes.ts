import { InputError } from '../errors';

/** Sizes are compared at the reference temperature of ISO 1. */
export const REFERENCE_C = 20;

/** One size in a difference of sizes. */
export interface SizeTerm {
  readonly name: string;
  /** +1 where a larger size widens the gap, −1 where it narrows it; ½ where a radius counts. */
  readonly factor: number;
  /** The size as read, in mm, at `measuredAt_C`. */
  readonly value_mm: number;
  /** Its standard uncertainty in mm; for a rectangular tolerance ±a that is a/√3. */
  readonly u_mm: number;
  /** Linear expansion, 1/K. */
  readonly alpha_per_K?: number | null;
  readonly measuredAt_C?: number | null;
  /** The temperature of the part at work. */
  readonly hot_C?: number | null;
}

/** A clearance that comes from sizes. */
export interface SizedGap {
  readonly gap_mm: number;
  readonly u_mm: number;
  /** The gap at working temperature; null unless every term has alpha and hot_C. */
  readonly hot_mm: number | null;
}

const at20 = (t: SizeTerm): number =>
  t.value_mm / (1 + (t.alpha_per_K ?? 0) * ((t.measuredAt_C ?? REFERENCE_C) - REFERENCE_C));

/**
 * Returns the clearance left between parts of known size.
 *
 * gap = Σ fᵢxᵢ with every size brought to 20 °C by its own expansion
 * (ISO 1), u² = Σ(fᵢuᵢ)² for independent sizes (JCGM 100, 5.1.2), and hot gap =
 * Σ fᵢxᵢ(1 + αᵢ(Tᵢ − 20)). A size without an expansion is taken as it was read.
 *
 * @param terms sizes in mm with their sign, uncertainty, expansion in 1/K and temperatures in °C
 * @returns in mm; no hot gap where a term does not say how it grows
 * @throws InputError on `terms` when there is none
 * @example
 * const depth = { name: 'depth', factor: 1, value_mm: 20.05, u_mm: 0.003 };
 * const gear = { name: 'gear', factor: -1, value_mm: 20, u_mm: 0.004 };
 * gapFromSizes([depth, gear]); // { gap_mm: 0.05, u_mm: 0.005, hot_mm: null }
 * gapFromSizes([]); // throws A gap needs at least one size.
 */
export function gapFromSizes(terms: readonly SizeTerm[]): SizedGap {
  if (terms.length === 0)
    throw new InputError('terms', 'no-terms', 'A gap needs at least one size.');
  const gap_mm = terms.reduce((sum, t) => sum + t.factor * at20(t), 0);
  const u_mm = Math.hypot(...terms.map((t) => t.factor * t.u_mm));
  let hot_mm: number | null = 0;
  for (const t of terms) {
    if (hot_mm === null || t.alpha_per_K == null || t.hot_C == null) hot_mm = null;
    else hot_mm += t.factor * at20(t) * (1 + t.alpha_per_K * (t.hot_C - REFERENCE_C));
  }
  return { gap_mm, u_mm, hot_mm };
}

/**
 * Returns the standard uncertainty of a rectangular tolerance ± a: a/√3 (JCGM 100, 4.3.7).
 *
 * @param halfWidth in mm
 * @example
 * rectangular(0.003); // 0.001732
 */
export function rectangular(halfWidth: number): number {
  return halfWidth / Math.sqrt(3);
}
