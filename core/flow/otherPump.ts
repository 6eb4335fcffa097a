import { stateOf } from '../guidance/evaluator';
import { flowOf } from '../pumps/flows';
import type { Job } from '../records/job';
import type { Sheet } from '../records/sheet';
import { jobPump, type JobPump } from './jobPump';

/** Another pump or cartridge of the same kind that a job could be given in place of its own. */
export interface OtherPump {
  readonly sheet: Sheet;
  readonly pump: JobPump;
  /** In cm³ a turn. */
  readonly cc_rev: number;
}

/**
 * Lists the pumps and cartridges of other sheets that are of the kind and for the use of a job's pump, the smallest
 * first: each as it comes, with nothing measured of it. One of which nobody can say what it moves is left out.
 *
 * @param job that is decided on
 * @param sheets of the shop
 */
export function otherPumps(job: Job, sheets: readonly Sheet[]): OtherPump[] {
  const { id: own, family: kind } = job.sheet;
  const { runsOn } = flowOf(kind);
  const use = runsOn(job.sheet.geometry);
  return sheets
    .filter(({ id, family, geometry }) => id !== own && family === kind && runsOn(geometry) === use)
    .flatMap((sheet) => {
      const fresh = { ...job, sheet, journal: [], before: [] };
      const pump = jobPump(fresh, stateOf(fresh));
      const { cc_rev, missing } = pump.displacement;
      return cc_rev === null || missing.length > 0 ? [] : [{ sheet, pump, cc_rev }];
    })
    .sort((a, b) => a.cc_rev - b.cc_rev);
}
