import { stateOf } from '../guidance/evaluator';
import { flowOf } from '../pumps/flows';
import type { Sheet } from '../records/sheet';
import { UNFITTED } from './answer';
import { jobPump } from './jobPump';
import type { FlowBasis } from './overview';

/** Another pump or cartridge of the same kind that a job could be given in place of its own. */
export interface OtherPump {
  readonly sheet: Sheet;
  /** Says what its flow rests on: the model alone, as a test of the old pump says nothing of this one. */
  readonly basis: FlowBasis;
  /** In cm³ a turn. */
  readonly cc_rev: number;
}

/**
 * Lists the pumps and cartridges of other sheets that are of the kind and for the use of a job's pump, the smallest
 * first: each as it comes, with nothing measured of it. One of which nobody can say what it moves is left out.
 *
 * @param basis what the flow of the job's own pump rests on
 * @param sheets of the shop
 */
export function otherPumps(basis: FlowBasis, sheets: readonly Sheet[]): OtherPump[] {
  const { job } = basis;
  const { id: own, family: kind } = job.sheet;
  const { runsOn } = flowOf(kind);
  const use = runsOn(job.sheet.geometry);
  return sheets
    .filter(({ id, family, geometry }) => id !== own && family === kind && runsOn(geometry) === use)
    .flatMap((sheet) => {
      const fresh = { ...job, sheet, journal: [], before: [] };
      const subject = jobPump(fresh, stateOf(fresh));
      const { cc_rev, missing } = subject.displacement;
      if (cc_rev === null || missing.length > 0) return [];
      return [{ sheet, cc_rev, basis: { ...basis, subject, fit: null, factor: UNFITTED } }];
    })
    .sort((a, b) => a.cc_rev - b.cc_rev);
}
