import type { Fluid } from './fluid';

/** A fluid by its name. */
export interface NamedFluid extends Fluid {
  readonly name: string;
}

const grade = (
  name: string,
  kv40_mm2s: number,
  kv100_mm2s: number,
  density15_kgm3: number,
): NamedFluid => ({ name, kv40_mm2s, kv100_mm2s, density15_kgm3 });

export const HYDRAULIC = grade('Hydraulic oil VG 46', 46, 6.8, 870);
export const TRANSMISSION = grade('Transmission fluid, usual', 35, 7.3, 860);
export const ENGINE = grade('Engine oil 15W-40', 108, 14.4, 875);
const DIESEL = grade('Diesel fuel', 2.7, 1.2, 835);

/** Lists fluids by their grades, as data sheets usually have them; a shop has its own beside them. */
export const GENERIC_FLUIDS: readonly NamedFluid[] = [
  grade('Hydraulic oil VG 32', 32, 5.4, 865),
  HYDRAULIC,
  grade('Hydraulic oil VG 68', 68, 8.7, 875),
  grade('Transmission fluid, low viscosity', 30, 6, 845),
  TRANSMISSION,
  grade('Engine oil 5W-30', 62, 10.7, 855),
  ENGINE,
  grade('Engine oil SAE 30', 94, 10.9, 885),
  DIESEL,
  grade('Alcohol fuel', 0.6, 0.35, 795),
];
