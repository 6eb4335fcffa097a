import { type Estimate, centre } from '../metrology/estimate';
import type { Characteristic } from '../pumps/family';
import { APP_FLOORS, type Floors } from '../pumps/floors';
import { tidy_mm } from '../quantity/units';
import type { Sheet } from '../records/sheet';
import type { HeldLimits } from './limits';

/** Gives the least that a running clearance may become by work, where the sheet publishes none. */
export interface Least {
  /** Holds it as the gap is measured, at 20 °C. */
  readonly mm: number;
  /** Says whose figure it is: the app's for this kind of clearance, or the shop's own. */
  readonly from: 'family' | 'shop';
}

/**
 * Returns the least that a running clearance may become by work: that of its kind, cold, and so much that the hot gap
 * keeps its own least. A compressed gasket that the pump is assembled with counts towards it.
 *
 * @returns null for what does not run, and where a minimum is published: that wins
 */
export function leastOf(
  { runs, gasket }: Characteristic,
  limits: HeldLimits | null,
  floors: Floors,
  heatShift_mm: number | null,
  { gasket_mm }: Pick<Sheet, 'gasket_mm'>,
): Least | null {
  if (!runs || limits?.lower_mm != null) return null;
  const counted = gasket && limits?.published?.gasket === 'assembled' ? gasket_mm : 0;
  const hot = heatShift_mm === null ? 0 : floors.hot - heatShift_mm;
  const own = floors[runs] !== APP_FLOORS[runs] || floors.hot !== APP_FLOORS.hot;
  return {
    mm: Math.max(0, tidy_mm(Math.max(floors[runs], hot) - counted)),
    from: own ? 'shop' : 'family',
  };
}

/** Tells whether a gap is under its least: by its best figure, or for the whole of its bracket. */
export function isUnder(smallest: Estimate | null, least: Least | null): boolean {
  if (!smallest || !least) return false;
  if (smallest.kind === 'value') return tidy_mm(centre(smallest)) < least.mm;
  return smallest.hi_mm !== null && tidy_mm(smallest.hi_mm) <= least.mm;
}
