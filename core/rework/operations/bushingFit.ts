import type { HouseRules } from '../../records/rules';

/** A hub in its bushing, as it should become. Lengths in mm, clearances diametral. */
export interface HubInBushing {
  readonly hub_mm: number;
  /** The clearances that are in, by the sheet; null for no limit. */
  readonly lower_mm: number | null;
  readonly upper_mm: number | null;
  /** Says how the house wants it; null where that is no question: a shaft in a gear pump. */
  readonly school: HouseRules['bushing'] | null;
  /** Change of the clearance from 20 °C to working temperature: below nought where a hot hub closes it; null where unknown. */
  readonly heatShift_mm: number | null;
  /** Clearance that has to be left when hot, for a hub that does not stand quite straight. */
  readonly misalignment_mm?: number;
}

/** The size to hone a bushing to, and the ways there. */
export interface BushingFit {
  /** Clearances to aim at, cold. */
  readonly least_mm: number;
  readonly most_mm: number;
  /** Bores to aim at: the clearances on top of the hub. */
  readonly leastBore_mm: number;
  readonly mostBore_mm: number;
  readonly aimBore_mm: number;
  /** Clearances that the window leaves at working temperature; null where the heat is not known. */
  readonly hot: { readonly least_mm: number; readonly most_mm: number } | null;
  /** Bores at which the hone is stopped and the hub tried, the last one the aim. */
  readonly steps_mm: readonly number[];
  /** No clearance is in cold and leaves room when hot. */
  readonly closes: boolean;
}

/** A hub that stands askew by a hundredth over its bushing needs as much, in mm. */
const MISALIGNMENT_mm = 0.01;

/** The window where a sheet gives no end, in mm: rules of thumb, and marked as such. */
export const THUMB = { lower_mm: 0.03, upper_mm: 0.1 } as const;

/** From the end of the hone backwards: the last steps are a few tenths each, in mm. */
const LAST_STEPS_mm = [0.02, 0.01, 0.005, 0] as const;

/**
 * Returns the window that a hub wants in its bushing, and the bore to hone to. Of the sheet's window the school
 * takes its half: free-running the wider, snug the tighter. What heat closes and what misalignment needs is
 * kept below.
 *
 * @param fit the hub, the sheet’s window, the school, and what heat closes, in mm
 * @returns in mm
 * @example
 * const hub = { hub_mm: 44, lower_mm: 0.03, upper_mm: 0.09, school: 'free', heatShift_mm: -0.02 };
 * bushingFit(hub); // { least_mm: 0.06, most_mm: 0.09, leastBore_mm: 44.06, mostBore_mm: 44.09 }
 * bushingFit(hub).hot; // { least_mm: 0.04, most_mm: 0.07 }
 */
export function bushingFit(fit: HubInBushing): BushingFit {
  const { hub_mm, school, heatShift_mm, misalignment_mm = MISALIGNMENT_mm } = fit;
  const lower_mm = fit.lower_mm ?? Math.min(THUMB.lower_mm, fit.upper_mm ?? Infinity);
  const upper_mm = fit.upper_mm ?? Math.max(THUMB.upper_mm, lower_mm);
  const middle = (lower_mm + upper_mm) / 2;
  const wanted = school === 'free' ? middle : lower_mm;
  const most_mm = school === 'snug' ? middle : upper_mm;
  const needed = heatShift_mm === null ? lower_mm : misalignment_mm - heatShift_mm;
  const closes = needed > upper_mm;
  const least_mm = closes ? upper_mm : Math.max(wanted, needed);
  const top_mm = Math.max(least_mm, most_mm);
  const aimBore_mm = hub_mm + (least_mm + top_mm) / 2;
  return {
    least_mm,
    most_mm: top_mm,
    closes,
    aimBore_mm,
    leastBore_mm: hub_mm + least_mm,
    mostBore_mm: hub_mm + top_mm,
    hot:
      heatShift_mm === null
        ? null
        : { least_mm: least_mm + heatShift_mm, most_mm: top_mm + heatShift_mm },
    steps_mm: LAST_STEPS_mm.map((before) => aimBore_mm - before),
  };
}

/** Returns a fit whose steps end at another bore, in mm; it may lie outside of the window where limits leave no other. */
export const aimedAt = (fit: BushingFit, aimBore_mm: number): BushingFit => ({
  ...fit,
  aimBore_mm,
  leastBore_mm: Math.min(fit.leastBore_mm, aimBore_mm),
  mostBore_mm: Math.max(fit.mostBore_mm, aimBore_mm),
  steps_mm: LAST_STEPS_mm.map((before) => aimBore_mm - before),
});
