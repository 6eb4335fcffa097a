import { M_PER_MM, passageOf, type SealForm } from './seal';

/** Litres a minute in a cubic metre a second. */
export const LPM = 60_000;

/** Pascals in a bar. */
export const PA_PER_BAR = 1e5;

/** A passage that leaks by its film alone. */
export interface Leak {
  readonly name: string;
  readonly form: SealForm;
  /** The gap, in mm: radial in a bore. */
  readonly gap_mm: number;
  readonly dp_bar: number;
  /** Speed of the moving wall along the leak, in m/s; a wall that moves against it has the other sign. */
  readonly wall_ms?: number;
}

/**
 * Returns what leaks through a passage by its film alone, in l/min: Q = Δp·h³/(μ·film), and what a moving wall drags
 * along, w·h·U/2.
 *
 * @param leak the passage, its gap in mm, the pressure over it in bar
 * @param mu_Pas dynamic viscosity, in Pa·s
 * @example
 * const form = { kind: 'slot', width_mm: 20, length_mm: 5 };
 * filmLeak_lpm({ name: 'land', form, gap_mm: 0.05, dp_bar: 10 }, 0.01); // 0.25
 * filmLeak_lpm({ name: 'land', form, gap_mm: 0.1, dp_bar: 10 }, 0.01); // 2
 * @see Merritt, Hydraulic Control Systems; Ivantysyn and Ivantysynova, Hydrostatic Pumps and Motors
 */
export function filmLeak_lpm({ form, gap_mm, dp_bar, wall_ms = 0 }: Leak, mu_Pas: number): number {
  const { film, width_m } = passageOf(form);
  const h = gap_mm * M_PER_MM;
  const driven = (dp_bar * PA_PER_BAR * h ** 3) / (mu_Pas * film);
  return LPM * (driven + (width_m * h * wall_ms) / 2);
}
