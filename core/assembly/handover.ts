import { demandOf, circuitsOf, stateFor } from '../flow/demand';
import { watchLinesOf } from '../pumps/assembly/handover';
import { formatPressure } from '../quantity/flow';
import { formatTemperature } from '../quantity/temperature';
import type { ShopUnit } from '../quantity/units';
import type { Job } from '../records/job';
import { sayBuild } from './sayBuild';

/**
 * Returns what is said to whoever gets the pump back, a line for each thing: as the job has it, else its sheet, else as it
 * is for such a pump.
 */
export const watchLines = ({
  handover,
  sheet,
}: Pick<Job, 'handover' | 'sheet'>): readonly string[] =>
  handover ?? (sheet.handover.length > 0 ? sheet.handover : watchLinesOf(sheet));

/** Holds a check at the first start, and what is right. */
export type StartCheck = readonly [check: string, right: string];

/** Says what pressure is wanted at a state; that the manual says it where nobody did. */
function pressureWords(job: Job, duty: 'idle' | 'work', unit: ShopUnit): string {
  const { state, from } = stateFor(job, duty);
  const isSaid = from !== 'assumed' || demandOf(circuitsOf(job), duty)?.pressure_bar != null;
  if (!isSaid) return sayBuild('start.manual');
  return sayBuild('start.pressure', {
    pressure: formatPressure(state.pressure_bar, unit),
    rpm: state.rpm,
    temperature: formatTemperature(state.temp_C, unit),
  });
}

/** Lists what is checked on the machine at the first start, each with what is right. */
export function startChecks(job: Job, unit: ShopUnit): StartCheck[] {
  const isAir = job.sheet.family === 'vacuum-vane';
  return [
    ...(isAir
      ? []
      : ([
          [sayBuild('start.cold'), sayBuild('start.atOnce')],
          [sayBuild('start.idle'), pressureWords(job, 'idle', unit)],
          [sayBuild('start.work'), pressureWords(job, 'work', unit)],
        ] as const)),
    [sayBuild('start.noise'), sayBuild('start.noNoise')],
    [sayBuild('start.heat'), sayBuild('start.noHeat')],
    [sayBuild('start.leaks'), sayBuild('start.noLeaks')],
  ];
}
