/** One reading of a length with its standard uncertainty, and what of that is the instrument's own. */
export interface Repeat {
  readonly value_mm: number;
  readonly u_mm: number;
  readonly own_mm: number;
}

/** So many times what the instrument's model says readings may scatter before their own scatter counts. */
const WILD = 3;

/** Returns the standard deviation of a sample. */
function scatterOf(values: readonly number[]): number {
  const mean = values.reduce((sum, v) => sum + v, 0) / values.length;
  return Math.sqrt(values.reduce((sum, v) => sum + (v - mean) ** 2, 0) / (values.length - 1));
}

/**
 * Averages readings that were made again at one place: u² = Σ(uᵢ² − ownᵢ²)/n² + own², where `own` is
 * the mean of the instruments' own parts, which reading again does not average out (JCGM 100, 4.2.3
 * and F.1.1.2). Readings that scatter far more than the instrument does (a burr, oil, a slip of the
 * hand) count with their own scatter.
 *
 * @param readings one at least
 * @returns the mean and its standard uncertainty, in mm
 * @example
 * const reading = { value_mm: 20.01, u_mm: 0.003, own_mm: 0.0015 };
 * meanOf([reading, reading, reading, reading]); // { value_mm: 20.01, u_mm: 0.001984 }
 */
export function meanOf(readings: readonly Repeat[]): { value_mm: number; u_mm: number } {
  const n = readings.length;
  const mean = (of: (r: Repeat) => number) => readings.reduce((sum, r) => sum + of(r), 0) / n;
  const [only] = readings;
  if (n === 1 && only) return { value_mm: only.value_mm, u_mm: only.u_mm };
  const modelled = mean((r) => Math.max(0, r.u_mm ** 2 - r.own_mm ** 2));
  const seen = scatterOf(readings.map((r) => r.value_mm)) ** 2;
  const spread = (seen > WILD ** 2 * modelled ? seen : modelled) / n;
  return {
    value_mm: mean((r) => r.value_mm),
    u_mm: Math.sqrt(spread + mean((r) => r.own_mm) ** 2),
  };
}
