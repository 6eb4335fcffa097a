import { buildList, type BuildItem } from '../assembly/list';
import { answerBuild, drawUp } from '../commands/building';
import { noteOrder } from '../commands/ordering';
import { assessJob } from '../guidance/evaluator';
import { emptyJob } from '../practice/job';
import type { Job } from '../records/job';
import type { Sheet } from '../records/sheet';
import { stamp } from './findings';
import { AT } from './readings';
import { VELTRANE_T6 } from './sheets';

/** Returns a job on the pump of a sheet, on which nothing was done yet. */
export const jobOn = (sheet: Sheet, more: Partial<Job> = {}): Job => ({
  ...emptyJob(sheet, AT),
  ...more,
});

/** Holds a job on a front pump of the crescent kind, on which nothing was done yet. */
export const T6 = jobOn(VELTRANE_T6);

/** Returns the build of a job, step by step. */
export const listOf = (job: Job): readonly BuildItem[] => buildList(job, assessJob(job));

/** Returns the step of a build by its id. */
export function itemAt(job: Job, id: string): BuildItem {
  const item = listOf(job).find(({ step }) => step.id === id);
  if (!item) throw new Error(`No step ${id}.`);
  return item;
}

/** Returns a job of which a line of the order has come. */
export const came = (job: Job, line: string): Job =>
  noteOrder({ line, state: 'came', date: '2026-11-30', supplier: '', partNumber: '' })(
    job,
    stamp(),
  );

/** Returns a job whose steps were answered in turn, as somebody does who has all at hand. */
export function built(job: Job): Job {
  let done = job;
  for (const { step } of listOf(job)) {
    const { torquing } = itemAt(done, step.id);
    for (const [stage] of (torquing?.stages ?? []).entries()) {
      const bolts = [...torquing!.order];
      done = drawUp({ step: step.id, stage, bolts, unit: 'Nm', wrench: null })(done, stamp());
    }
    if (torquing) continue;
    const said = step.kind === 'spin' ? 'free' : 'done';
    done = answerBuild({ step: step.id, said })(done, stamp());
  }
  return done;
}
