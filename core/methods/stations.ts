import { type Try, type Bounds, type Bracket } from '../feeler/bounds';
import type { Offered } from '../feeler/ladder';
import type { Station } from '../pumps/family';

/** The tries at one station that agree with one another, and those that contradict them. */
export interface StationEvidence {
  readonly station: Station;
  readonly tries: readonly Try[];
  readonly bounds: Bounds;
  readonly conflicts: readonly Offered[];
}

const least = <T>(items: readonly T[], by: (item: T) => number): T =>
  items.reduce((a, b) => (by(b) < by(a) ? b : a));

/** Returns the span whose ends are the ones chosen of several. */
const spanned = (lo: Bracket, hi: Bracket): Bracket => ({
  lo: lo.lo,
  hi: hi.hi,
  hiOpen: hi.hiOpen,
  ...(lo.loSoft ? { loSoft: lo.loSoft } : {}),
  ...(hi.hiSoft ? { hiSoft: hi.hiSoft } : {}),
});

/**
 * Returns what the tries at all stations say together, or null where there is no station. The smallest gap anywhere is at most the least upper bound of any station
 * and at least the least lower bound of all; the largest the other way round.
 * A station not tried yet keeps the far end open.
 */
export function overStations(stations: readonly Pick<StationEvidence, 'bounds'>[]): Bounds | null {
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
