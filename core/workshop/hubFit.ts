import { InputError } from '../errors';
import type { Limits } from '../metrology/interval';
import { REFERENCE_C } from '../metrology/sizes';
import { tidy_mm } from '../quantity/units';

/** A hub and the bushing that it runs in, as they were measured. Lengths in mm, clearances diametral. */
export interface Hub {
  readonly hub_mm: number;
  readonly hub_C: number;
  /** The bore of the bushing, pressed in, in two directions or more. */
  readonly bores_mm: readonly number[];
  readonly bore_C: number;
  /** The window of clearances at 20 °C that is wanted. */
  readonly limits: Limits;
  /** Says how hot either runs; null where nobody knows. */
  readonly hubHot_C: number | null;
  readonly bodyHot_C: number | null;
  readonly alphaHub_per_K: number;
  /** Expansion of the body, which the bushing follows; null where nobody knows. */
  readonly alphaBody_per_K: number | null;
  /** The clearance that has to be left when hot. */
  readonly floorHot_mm: number;
  /** Standard uncertainty of a clearance. */
  readonly u_mm: number;
  /** Most that is honed between two looks, and the last of it. */
  readonly step_mm: number;
  readonly last_mm: number;
  /** The clearance to hone to; null for the middle of what is in. */
  readonly aim_mm: number | null;
}

/** A stop of the hone, at 20 °C. */
export interface HoneStop {
  readonly bore_mm: number;
  readonly clearance_mm: number;
  /** From here on the bore may be in: it is measured, not only tried. */
  readonly measure: boolean;
}

/**
 * Says how a hub fits: it runs, is honed to run, rocks, is out of round beyond help, or no clearance of the window is
 * left when hot; `open` without a window.
 */
export type HubVerdict = 'in' | 'hone' | 'loose' | 'uneven' | 'conflict' | 'open';

/** Says how a hub fits, cold and hot, and how far its bushing is honed in which steps. */
export interface HubAnswer {
  readonly clearance_mm: { readonly smallest: number; readonly largest: number };
  /** The smallest clearance when hot; null where the heat is not known. */
  readonly hot_mm: number | null;
  /** The clearance at 20 °C that leaves the floor when hot. */
  readonly coldLeast_mm: number | null;
  /** The clearance at 20 °C from which on it is in; null without a window. */
  readonly least_mm: number | null;
  readonly hone_mm: number;
  readonly stops: readonly HoneStop[];
  readonly verdict: HubVerdict;
}

/** Returns the factor by which a length grows from 20 °C. */
const grown = (alpha_per_K: number, celsius: number): number =>
  1 + alpha_per_K * (celsius - REFERENCE_C);

/** Returns the least clearance that is in, cold: that of the window, and what heat takes; null where nothing asks for one. */
function leastOf({ lower_mm, upper_mm }: Limits, coldLeast_mm: number | null): number | null {
  if (lower_mm == null && coldLeast_mm === null) return upper_mm == null ? null : 0;
  return Math.max(lower_mm ?? 0, coldLeast_mm ?? 0);
}

/** Returns the clearances at which a hone is stopped on its way: equal steps, and a last small one. */
function clearancesOnTheWay(smallest_mm: number, hone_mm: number, hub: Hub): number[] {
  const { step_mm, last_mm } = hub;
  const aim_mm = smallest_mm + hone_mm;
  if (tidy_mm(hone_mm) <= last_mm) return [aim_mm];
  const coarse_mm = hone_mm - last_mm;
  const count = Math.ceil(tidy_mm(coarse_mm / step_mm));
  const coarse = Array.from(
    { length: count },
    (_, i) => smallest_mm + (coarse_mm * (i + 1)) / count,
  );
  return [...coarse, aim_mm];
}

/**
 * Returns how a hub fits its bushing, cold and hot, and how far the bushing is honed. Sizes are brought to 20 °C; of
 * several bores the smallest and the largest count. What the window asks for and what heat takes is kept free, and where
 * it is not, the bore is honed to the middle of what is in: in steps, with a small one to end with.
 *
 * @param hub sizes in mm, temperatures in °C, expansions in 1/K
 * @throws InputError on `aim_mm` where the aim is not in
 * @example
 * const hub = { hub_mm: 40, hub_C: 20, bores_mm: [40.041, 40.044], bore_C: 20, alphaHub_per_K: 11.7e-6 };
 * const cold = { hubHot_C: null, bodyHot_C: null, alphaBody_per_K: null, floorHot_mm: 0.005 };
 * const steps = { u_mm: 0.004, step_mm: 0.005, last_mm: 0.0025, aim_mm: null };
 * const limits = { lower_mm: 0.05, upper_mm: 0.07 };
 * hubFit({ ...hub, ...cold, ...steps, limits }); // { verdict: 'hone', hone_mm: 0.019 }
 * hubFit({ ...hub, ...cold, ...steps, limits }).stops.map((s) => s.bore_mm); // [40.045125, 40.04925, 40.053375, 40.0575, 40.06]
 * @see ISO 1 for 20 °C; linear expansion; a bushing follows its body: assumption
 */
export function hubFit(hub: Hub): HubAnswer {
  const { alphaBody_per_K, limits, aim_mm: aim, u_mm } = hub;
  const hub_mm = hub.hub_mm / grown(hub.alphaHub_per_K, hub.hub_C);
  const bores = hub.bores_mm.map((mm) => mm / grown(alphaBody_per_K ?? 0, hub.bore_C));
  const [smallest, largest] = [
    tidy_mm(Math.min(...bores) - hub_mm),
    tidy_mm(Math.max(...bores) - hub_mm),
  ];
  const hot = hotOf(hub, hub_mm);
  const coldLeast_mm = hot && (hub.floorHot_mm + hot.hub_mm) / hot.body - hub_mm;
  const found = {
    clearance_mm: { smallest, largest },
    hot_mm: hot && (hub_mm + smallest) * hot.body - hot.hub_mm,
    coldLeast_mm,
  };
  const least_mm = leastOf(limits, coldLeast_mm);
  const upper_mm = limits.upper_mm ?? Infinity;
  const stay = (verdict: HubVerdict): HubAnswer => ({
    ...found,
    least_mm,
    hone_mm: 0,
    stops: [],
    verdict,
  });
  if (least_mm === null) return stay('open');
  if (tidy_mm(least_mm) > tidy_mm(upper_mm)) return stay('conflict');
  if (largest > tidy_mm(upper_mm)) return stay(smallest < tidy_mm(least_mm) ? 'uneven' : 'loose');
  if (smallest >= tidy_mm(least_mm)) return stay('in');
  // Without an upper end the closest that is in is what a rebuilder hones to.
  const aim_mm = aim ?? (upper_mm < Infinity ? (least_mm + upper_mm) / 2 : least_mm);
  if (tidy_mm(aim_mm) < tidy_mm(least_mm) || tidy_mm(aim_mm) > tidy_mm(upper_mm))
    throw new InputError('aim_mm', 'not-in', 'To hone to this leaves the clearance out.');
  const hone_mm = tidy_mm(aim_mm - smallest);
  if (tidy_mm(largest + hone_mm) > tidy_mm(upper_mm)) return stay('uneven');
  const way = clearancesOnTheWay(smallest, hone_mm, hub);
  const stops = way.map((clearance_mm, i): HoneStop => {
    const isLast = i === way.length - 1;
    return {
      bore_mm: tidy_mm(hub_mm + clearance_mm),
      clearance_mm: tidy_mm(clearance_mm),
      measure: isLast || tidy_mm(clearance_mm) >= tidy_mm(least_mm - 2 * u_mm),
    };
  });
  return { ...found, least_mm, hone_mm, stops, verdict: 'hone' };
}

/** Returns the hub when hot, in mm, and the factor by which the bore grows; null where the heat is not known. */
function hotOf(
  { alphaBody_per_K, alphaHub_per_K, hubHot_C, bodyHot_C }: Hub,
  hub_mm: number,
): { readonly hub_mm: number; readonly body: number } | null {
  if (alphaBody_per_K === null || hubHot_C === null || bodyHot_C === null) return null;
  return {
    hub_mm: hub_mm * grown(alphaHub_per_K, hubHot_C),
    body: grown(alphaBody_per_K, bodyHot_C),
  };
}
