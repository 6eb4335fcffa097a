import type { NamedFluid } from '../records/flow';
import type { UsualFluid } from '../pumps/flow';
import { flowOf } from '../pumps/flows';
import type { Job } from '../records/job';

const grade = (
  name: string,
  kv40_mm2s: number,
  kv100_mm2s: number,
  density15_kgm3: number,
): NamedFluid => ({ name, kv40_mm2s, kv100_mm2s, density15_kgm3 });

const HYDRAULIC = grade('Hydraulic oil VG 46', 46, 6.8, 870);
const TRANSMISSION = grade('Transmission fluid, usual', 35, 7.3, 860);
const ENGINE = grade('Engine oil 15W-40', 108, 14.4, 875);
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

/** Says what a pump runs on, and whether anybody said so. */
export interface JobFluid {
  readonly fluid: NamedFluid;
  readonly from: 'job' | 'sheet' | 'assumed';
}

/** The grade that is taken where nobody said what the pump runs on. */
const USUAL: Readonly<Record<UsualFluid, NamedFluid>> = {
  transmission: TRANSMISSION,
  engine: ENGINE,
  hydraulic: HYDRAULIC,
};

/**
 * Returns what the pump of a job runs on: as the job says, as its sheet does; else the usual for such a pump.
 *
 * @param job and its sheet
 */
export function fluidOf({ flow, sheet }: Pick<Job, 'flow' | 'sheet'>): JobFluid {
  if (flow.fluid) return { fluid: flow.fluid, from: 'job' };
  if (sheet.flow.fluid) return { fluid: sheet.flow.fluid, from: 'sheet' };
  return { fluid: USUAL[flowOf(sheet.family).runsOn(sheet.geometry)], from: 'assumed' };
}
