import { assessJob } from '../core/judge/assess';
import { worstVerdict } from '../core/judge/summary';
import { letGo, nextStep } from '../core/judge/next';
import type { Verdict } from '../core/metrology/verdict';
import type { Job, Stage } from '../core/records/job';
import { sheetName } from '../core/records/sheet';

/** A job as lists show it. */
export interface Brief {
  readonly id: string;
  readonly tag: string;
  readonly owner: string;
  readonly unit: string;
  readonly model: string;
  readonly stage: Stage;
  readonly createdAt: string;
  readonly lastAt: string;
  /** Verdicts still open of all that have a limit. */
  readonly open: number;
  readonly judged: number;
  readonly worst: Verdict;
  /** What to measure next; empty where nothing is left. */
  readonly next: string;
}

export function briefOf(job: Job): Brief {
  const all = assessJob(job);
  const judged = all.filter((a) => a.limits !== null);
  const open = judged.filter((a) => a.verdict === 'open');
  const next = nextStep(letGo(job), all)?.characteristic;
  const nextName = all.find((a) => a.characteristic.id === next)?.characteristic.name;
  return {
    id: job.id,
    tag: job.tag,
    owner: job.owner,
    unit: job.unit,
    model: sheetName(job.sheet),
    stage: job.stage,
    createdAt: job.createdAt,
    lastAt: job.readings.at(-1)?.at ?? job.createdAt,
    open: open.length,
    judged: judged.length,
    worst: worstVerdict(judged),
    next: nextName ? `next: ${nextName.charAt(0).toLowerCase()}${nextName.slice(1)}` : '',
  };
}
