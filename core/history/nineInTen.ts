import { ENOUGH } from '../workshop/standing';
/**
 * Returns what nine in ten of several figures lie between, the places between two of them in proportion; null below five.
 *
 * @param figures in any one unit and order
 * @example
 * nineInTen([1, 2, 3, 4, 5]); // [1.2, 4.8]
 * nineInTen([1, 2]); // null
 * @see Hyndman and Fan, Sample Quantiles in Statistical Packages: definition 7
 */
export function nineInTen(figures: readonly number[]): readonly [number, number] | null {
  if (figures.length < ENOUGH) return null;
  const all = [...figures].sort((a, b) => a - b);
  const at = (share: number): number => {
    const place = share * (all.length - 1);
    const [below, above] = [all[Math.floor(place)] ?? NaN, all[Math.ceil(place)] ?? NaN];
    return below + (place - Math.floor(place)) * (above - below);
  };
  return [at(0.05), at(0.95)];
}
