import { ENGINE, GENERIC_FLUIDS, HYDRAULIC, TRANSMISSION } from '../hydraulics/grades';
import type { NamedFluid } from '../records/flow';
import type { UsualFluid } from '../pumps/flow';
import { flowOf } from '../pumps/flows';
import type { Job } from '../records/job';

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
 * Lists the fluids to choose from: the shop's own, and the grades that the app knows.
 *
 * @param own the fluids of the shop
 * @example
 * const own = { name: 'Depot 32', kv40_mm2s: 32, kv100_mm2s: 5.4, density15_kgm3: 870 };
 * fluidsFor([own])[0].name; // 'Depot 32'
 */
export const fluidsFor = (own: readonly NamedFluid[]): readonly NamedFluid[] => [
  ...own,
  ...GENERIC_FLUIDS.filter(({ name }) => !own.some((o) => o.name === name)),
];

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
