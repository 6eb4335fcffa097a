import { LPM, PA_PER_BAR } from './film';
import { M_PER_MM, passageOf } from './seal';

/** A round shaft in its bushing; lengths in mm. */
export interface LeakyBore {
  readonly diameter_mm: number;
  readonly diametralClearance_mm: number;
  /** Without a groove. */
  readonly length_mm: number;
  /** Says how far the shaft lies off the middle, as a share of the radial clearance: 0 to 1. */
  readonly eccentricity: number;
}

/** The space behind a shaft seal: oil comes past the bushing, and leaves by a drain hole. */
export interface SealCavity {
  /** Pressure at the pump's end of the bushing. */
  readonly supply_bar: number;
  readonly mu_Pas: number;
  readonly density_kgm3: number;
  readonly bore: LeakyBore;
  /** The narrowest bore of the drain, and its coefficient of discharge. */
  readonly drain: { readonly diameter_mm: number; readonly cd: number };
  /** Pressure where the drain ends. */
  readonly back_bar: number;
}

/** Says what a drain or a bushing has to be for a seal to hold. */
export interface SealNeeds {
  /** The smallest drain that holds; null where none does. */
  readonly drain_mm: number | null;
  /** The largest diametral clearance that holds; null where none does, or any. */
  readonly clearance_mm: number | null;
}

/** Returns what passes a bore per pascal and cubed metre of its radial clearance, in 1/(Pa·s). */
const conductanceOf = ({ bore, mu_Pas }: SealCavity): number => {
  const { diameter_mm, length_mm, eccentricity } = bore;
  return 1 / (mu_Pas * passageOf({ kind: 'bore', diameter_mm, length_mm, eccentricity }).film);
};

const radial_m = ({ diametralClearance_mm }: LeakyBore): number =>
  (diametralClearance_mm / 2) * M_PER_MM;

/** Returns what a drain passes per square root of a pascal, in m³/s: C_d·A·√(2/ρ). */
const drainOf = ({ drain, density_kgm3 }: SealCavity): number =>
  drain.cd * (Math.PI / 4) * (drain.diameter_mm * M_PER_MM) ** 2 * Math.sqrt(2 / density_kgm3);

/**
 * Returns the pressure behind a shaft seal, in bar, and what passes the bushing, in l/min. What the bushing lets by,
 * G(p_s − p), leaves by the drain, k√(p − p_b): with s = √(p − p_b) and P = p_s − p_b it is s = 2GP/(k + √(k² + 4G²P)).
 * A tight bushing leaves the pressure of the drain's end; no drain that of the supply.
 *
 * @param cavity pressures in bar, viscosity in Pa·s, density in kg/m³, lengths in mm
 * @example
 * const bore = { diameter_mm: 38, diametralClearance_mm: 0.18, length_mm: 16, eccentricity: 0.5 };
 * const cavity = { supply_bar: 7, mu_Pas: 0.0061, density_kgm3: 813, bore, back_bar: 0 };
 * sealCavity({ ...cavity, drain: { diameter_mm: 3.2, cd: 0.7 } }); // { cavity_bar: 0.555985, leak_lpm: 3.950394 }
 * sealCavity({ ...cavity, drain: { diameter_mm: 0, cd: 0.7 } }); // { cavity_bar: 7, leak_lpm: 0 }
 * @see Merritt, Hydraulic Control Systems: annulus and orifice; what a cold drain chokes by its length is left out: assumption
 */
export function sealCavity(cavity: SealCavity): { cavity_bar: number; leak_lpm: number } {
  const { supply_bar, back_bar, bore } = cavity;
  const G = conductanceOf(cavity) * radial_m(bore) ** 3;
  const k = drainOf(cavity);
  const P = (supply_bar - back_bar) * PA_PER_BAR;
  if (G === 0 || P <= 0) return { cavity_bar: back_bar, leak_lpm: 0 };
  if (k === 0) return { cavity_bar: supply_bar, leak_lpm: 0 };
  const root = (2 * G * P) / (k + Math.sqrt(k * k + 4 * G * G * P));
  return { cavity_bar: back_bar + root ** 2 / PA_PER_BAR, leak_lpm: LPM * k * root };
}

/**
 * Returns the smallest drain and the largest clearance with which the pressure behind a seal stays at its rating: the
 * same balance, solved for A and for the cube of the clearance. A supply at or under the rating needs no drain; a rating
 * at or under the pressure of the drain's end is held by none.
 *
 * @param cavity pressures in bar, viscosity in Pa·s, density in kg/m³, lengths in mm
 * @param rating_bar what the seal holds
 * @example
 * const bore = { diameter_mm: 38, diametralClearance_mm: 0.18, length_mm: 16, eccentricity: 0.5 };
 * const drain = { diameter_mm: 3.2, cd: 0.7 };
 * const cavity = { supply_bar: 7, mu_Pas: 0.0061, density_kgm3: 813, bore, drain, back_bar: 0 };
 * sealNeeds(cavity, 0.3); // { drain_mm: 3.807103, clearance_mm: 0.160316 }
 * sealNeeds({ ...cavity, back_bar: 0.3 }, 0.3); // { drain_mm: null, clearance_mm: null }
 * @see sealCavity
 */
export function sealNeeds(cavity: SealCavity, rating_bar: number): SealNeeds {
  const { supply_bar, back_bar, bore, drain, density_kgm3 } = cavity;
  if (supply_bar <= rating_bar) return { drain_mm: 0, clearance_mm: null };
  if (rating_bar <= back_bar) return { drain_mm: null, clearance_mm: null };
  const film = conductanceOf(cavity);
  const over = (supply_bar - rating_bar) * PA_PER_BAR;
  const held = (rating_bar - back_bar) * PA_PER_BAR;
  const leak = film * radial_m(bore) ** 3 * over;
  const area = leak / (drain.cd * Math.sqrt((2 * held) / density_kgm3));
  const cube = (drainOf(cavity) * Math.sqrt(held)) / (film * over);
  return {
    drain_mm: Math.sqrt((4 * area) / Math.PI) / M_PER_MM,
    clearance_mm: (2 * Math.cbrt(cube)) / M_PER_MM,
  };
}
