import { smallChecks } from '../inspect/auxiliary';
import { proposalFor } from '../inspect/consequence';
import { teardownOf } from '../pumps/registry';
import { record } from '../journal/commands';
import type { DefectId } from '../pumps/teardown/defects';
import { wayRoundOf } from '../pumps/teardown/wayRound';
import type { Job } from '../records/job';
import type { Finding } from '../records/entries/finding';
import type { StripNote } from '../records/entries/strip';
import type { AuxiliaryAnswer } from '../records/entries/also';
import type { Consequence, Nail } from '../records/teardown';

/** Describes what a pump of the depot shows before any instrument, where it is not sound. */
export interface BenchPlan {
  /** Holds the defect of each surface that is not sound. */
  readonly defects?: Readonly<
    Record<
      string,
      {
        readonly defect: DefectId;
        readonly nail?: Nail;
        readonly depth_mm?: number;
        /** Holds what the person decided, where that is not what was suggested. */
        readonly decided?: Consequence;
        readonly remark?: string;
      }
    >
  >;
  /** Steps at which a part was missing or wrong, with the remark. */
  readonly missing?: Readonly<Record<string, string>>;
  /** Answers that are not the expected ones, by check. */
  readonly also?: Readonly<Record<string, string>>;
  readonly wet?: boolean;
}

const SECOND = 1000;

/** Returns the job after its strip and look, a note every twenty seconds before the measuring begins. */
export function afterBench(job: Job, plan: BenchPlan, begin: Date): Job {
  let n = 0;
  const made = (what: string) => {
    n += 1;
    const at = new Date(begin.getTime() - 3_600_000 + n * 20 * SECOND).toISOString();
    return { id: `${job.id}-${what}`, at, by: job.by, voided: null };
  };
  const { sheet, rules } = job;
  const strip = sheet.strip.map((step): StripNote => {
    const remark = plan.missing?.[step.id];
    const laid = step.right || wayRoundOf(step.way)?.options[0]?.id;
    const way = remark === undefined ? (laid ?? '') : '';
    return {
      ...made(`s-${step.id}`),
      kind: 'strip',
      step: step.id,
      way,
      remark: remark ?? '',
      state: remark === undefined ? ('there' as const) : ('missing' as const),
    };
  });
  const findings = teardownOf(sheet).surfaces.map((surface): Finding => {
    const found = plan.defects?.[surface.id];
    const base = { ...made(`f-${surface.id}`), surface: surface.id, spot: null };
    const kind = 'finding' as const;
    const nail = found?.nail ?? null;
    const depth_mm = found?.depth_mm ?? null;
    if (!found) {
      const pass = { proposed: 'pass', decided: 'pass', why: '', remark: '' } as const;
      return { ...base, kind, ...pass, defect: null, nail, depth_mm };
    }
    const { defect, remark = '' } = found;
    const { consequence, why } = proposalFor(sheet, surface, { defect, nail, depth_mm }, rules);
    const decided = found.decided ?? consequence;
    return { ...base, kind, defect, nail, depth_mm, proposed: consequence, why, decided, remark };
  });
  const also = smallChecks(sheet).map((check): AuxiliaryAnswer => ({
    ...made(`a-${check.id}`),
    kind: 'also',
    check: check.id,
    answer: plan.also?.[check.id] ?? (check.expected || (check.options[0] as string)),
  }));
  const { at, by } = made('clean');
  return {
    ...record(job, ...strip, ...findings, ...also),
    clean: { at, by, state: plan.wet ? 'wet' : 'dry' },
  };
}
