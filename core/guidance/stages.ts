import type { Assessment } from '../assessment/assessment';
import { lookedAt } from '../inspect/looking';
import { stripped } from '../inspect/stripping';
import { ledgerOf } from '../journal/ledger';
import { signaturesOf } from '../journal/signed';
import { proofsIn, testsIn, testsNow } from '../journal/tested';
import type { Item } from '../records/entry';
import { type Job } from '../records/job';
import { STAGES, type Stage } from '../records/stage';
import { WHOLE_PUMP } from '../records/rework';
import { counting } from '../schema/voiding';

/** Says how a job stands at a stage: all of it done, some, none yet, or none though the work went on after it. */
export type StageStanding = 'done' | 'work' | 'open' | 'skipped';

/** Says how a job stands at each of its stages. */
export type StageStandings = Readonly<Record<Stage, StageStanding>>;

/** Tells whether anything of a stage is done, and whether all of it is. */
interface Progress {
  readonly begun: boolean;
  readonly whole: boolean;
}

const progress = (done: number, of: number): Progress => ({
  begun: done > 0,
  whole: of > 0 && done >= of,
});

const count = <T>(list: readonly T[], meets: (item: T) => boolean): number =>
  list.filter(meets).length;

/** Tells whether anything was done at the build. */
export function isBuildBegun(job: Job): boolean {
  const { builds, torques } = ledgerOf(job);
  return [builds, torques].some((list: readonly Item[]) =>
    list.some(({ voided }) => voided === null),
  );
}

/** Tells how far a pump is proven: every step of its test that somebody wrote down is run, or it was proven or left otherwise. */
function provenFar(job: Job): Progress {
  const tests = testsIn(job);
  const run = new Set(testsNow(job).map(({ point }) => point));
  const points = job.testing.points ?? job.sheet.testPoints;
  const answered = proofsIn(job).filter(({ answer }) => answer !== 'later');
  const isRun = points.length > 0 ? points.every(({ id }) => run.has(id)) : run.size > 0;
  return {
    begun: tests.length > 0 || proofsIn(job).length > 0,
    whole: isRun || answered.length > 0,
  };
}

/** Tells how far the report is: it is done where the rebuilder signed it as it is, or the pump was given up. */
function reportFar(job: Job): Progress {
  const all = signaturesOf(job);
  const isSigned = all.some(({ entry, isOvertaken }) => entry.as === 'rebuilder' && !isOvertaken);
  const isGivenUp = job.closed !== null;
  return { begun: isGivenUp || all.length > 0, whole: isGivenUp || isSigned };
}

/** Returns how far each stage is. */
function progressOf(
  job: Job,
  all: readonly Assessment[],
  isBuilt: boolean,
): Readonly<Record<Stage, Progress>> {
  const { sheet } = job;
  const ledger = ledgerOf(job);
  const told = [job.unit, job.owner, job.complaint].some((text) => text !== '');
  const known = sheet.variants.length === 0 || job.variant !== null;
  const steps = stripped(job);
  const surfaces = lookedAt(job);
  const judged = all.filter((a) => a.limits !== null);
  const decided = progress(
    count(judged, (a) => a.verdict !== 'open'),
    judged.length,
  );
  const signed = counting(ledger.decisions).some(({ part }) => part === WHOLE_PUMP);
  return {
    tag: { begun: told || job.variant !== null, whole: told && known },
    strip: progress(
      count(steps, ({ note }) => note !== null),
      steps.length,
    ),
    look: progress(
      count(surfaces, ({ state }) => state !== 'unseen'),
      surfaces.length,
    ),
    measure: { ...decided, begun: counting(ledger.readings).length > 0 },
    decide: { begun: signed || counting(ledger.plans).length > 0, whole: signed },
    build: { begun: isBuildBegun(job), whole: isBuilt },
    prove: provenFar(job),
    report: reportFar(job),
  };
}

/**
 * Returns how a job stands at each of its stages.
 *
 * @param isBuilt all steps of the build are done: what tells that is loaded with the build
 */
export function stageStandings(
  job: Job,
  all: readonly Assessment[],
  isBuilt = false,
): StageStandings {
  const far = progressOf(job, all, isBuilt);
  const standing = (stage: Stage, i: number): StageStanding => {
    if (far[stage].whole) return 'done';
    if (far[stage].begun) return 'work';
    return STAGES.slice(i + 1).some((later) => far[later].begun) ? 'skipped' : 'open';
  };
  return Object.fromEntries(STAGES.map((s, i) => [s, standing(s, i)])) as Record<
    Stage,
    StageStanding
  >;
}

/** Returns the stage that comes next: the first after all that was begun; the report where all were. */
export function nextStage(standings: StageStandings): Stage {
  const last = STAGES.findLastIndex((s) => standings[s] === 'done' || standings[s] === 'work');
  const here = STAGES[last];
  if (here && standings[here] === 'work') return here;
  return STAGES[last + 1] ?? 'report';
}
