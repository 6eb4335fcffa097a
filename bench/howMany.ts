/**
 * Returns how much a benchmark does: all that its figures need, or with BENCH=short no more than shows that it still
 * runs. Figures of a short run say nothing.
 */
export const howMany = (whole: number, short: number): number =>
  process.env.BENCH === 'short' ? short : whole;
