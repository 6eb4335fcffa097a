import type { Assessment } from '../assessment/assessment';
import { missingParts } from '../inspect/auxiliary';
import { lookedAt } from '../inspect/looking';
import { orderList } from '../inspect/order';
import type { BuildStep } from '../pumps/assembly/step';
import type { BuildEntry } from '../records/entries/build';
import type { Job } from '../records/job';
import type { ReversalOf } from './asked';
import { answersOf, lastWorkOn, type Answers } from './answers';
import { isOfCause } from './causeSteps';
import { checksAt, type CheckBeside } from './checks';
import { needsOf, smallNames, smallOf, type Need, type NeedRoom } from './needs';
import { placedParts, renewalsAt, type PlacedPart } from './pieces';
import { sayBuild } from './sayBuild';
import { stepsOf } from './steps';
import { torquingOf, type Torquing } from './torquing';
import { unwashed } from './washing';
import { wayOf, type LaidWay } from './ways';

/** Says how a step of the build stands: not touched, done, put off, not on this pump, or it did not turn freely. */
export type StepState = 'open' | 'done' | 'later' | 'absent' | 'trouble';

/** Describes a step of the build with everything that is said at it. */
export interface BuildItem {
  readonly step: BuildStep;
  readonly way: LaidWay;
  readonly parts: readonly PlacedPart[];
  /** Names what is always replaced and goes in here. */
  readonly renewals: readonly string[];
  /** Says what small things are counted here, and how many were missing. */
  readonly small: readonly string[];
  readonly needs: readonly Need[];
  readonly state: StepState;
  /** The answer that counts; null where nobody gave one, or work made it one of before. */
  readonly answer: BuildEntry | null;
  /** Says how far the bolts are; null where none are drawn up. */
  readonly torquing: Torquing | null;
  /** Lists small checks with what is right beside what was found, where they belong to the step. */
  readonly checks: readonly CheckBeside[];
  /** Lists the tools that were made for it; at the first step those of a step that is not on the list. */
  readonly tools: Job['sheet']['tools'];
  /** Lists the parts that have to be washed, on a step that washes. */
  readonly dirty: readonly string[];
}

/** Says what an answer makes of its step. */
const STATE: Readonly<Record<BuildEntry['said'], StepState>> = {
  done: 'done',
  later: 'later',
  absent: 'absent',
  free: 'done',
  tight: 'trouble',
  catches: 'trouble',
};

/** Lists the parts whose exchange or rework makes the answer to a step one of before. */
function restsOn(step: BuildStep, steps: readonly BuildStep[]): ReadonlySet<string> {
  if (step.parts.length > 0 || step.kind === 'endplay' || step.kind === 'watch' || isOfCause(step))
    return new Set(step.parts);
  const before = steps.slice(0, steps.indexOf(step));
  return new Set(
    before.flatMap((s) =>
      s.kind !== 'clean' && (step.section === null || s.section === step.section) ? s.parts : [],
    ),
  );
}

/** Returns the answer to a step that counts: the last one since its parts were worked on. */
function answerTo({ builds, at }: Answers, step: BuildStep, since: number): BuildEntry | null {
  return builds.findLast((entry) => entry.step === step.id && at(entry) > since) ?? null;
}

const isPast = (state: StepState): boolean => state === 'done' || state === 'absent';

/** Returns how a step stands by its answer, its bolts or what is washed. */
function stateOf(
  step: BuildStep,
  answer: BuildEntry | null,
  torquing: Torquing | null,
  dirty: readonly string[],
): StepState {
  const said = answer ? STATE[answer.said] : 'open';
  if (said === 'later' || said === 'absent') return said;
  // A word why bolts are drawn up though something is missing does not draw them up.
  if (torquing) return torquing.next === null ? 'done' : 'open';
  if (step.kind === 'clean') return dirty.length === 0 ? 'done' : 'open';
  return said;
}

/**
 * Returns the build of a job, step by step: what is put in and how, what has to be true before, and how far it is.
 *
 * @param job with its sheet and its journal
 * @param all what its clearances come to
 * @param reversalOf says how it is reversed, where it was given for that
 */
export function buildList(
  job: Job,
  all: readonly Assessment[],
  reversalOf: ReversalOf | null = null,
): BuildItem[] {
  const { sheet } = job;
  const steps = stepsOf(job, reversalOf);
  const answers = answersOf(job);
  const small = smallOf(sheet, steps);
  const checks = checksAt(job, steps);
  const missing = new Map(missingParts(job).map((m) => [m.small.id, m.missing]));
  const ids = new Set(steps.map(({ id }) => id));
  const lines = orderList(job);
  const ordered = new Set(lines.map(({ id }) => id));
  const isOrdered = (line: string) => ordered.has(line);
  const room: NeedRoom = {
    job,
    all,
    steps,
    lines,
    missing,
    looked: lookedAt(job),
    // What is washed later on was never dirty at a step before that.
    unwashed: (step) => unwashed(answers, steps.slice(0, steps.indexOf(step)), step.parts),
  };
  const known = new Map<string, StepState>();
  return steps.map((step): BuildItem => {
    const since = lastWorkOn(answers, restsOn(step, steps));
    const answer = answerTo(answers, step, since);
    const torquing = step.kind === 'fasten' ? torquingOf(sheet, step, answers, since) : null;
    // What was pressed and sized is washed after that, not before.
    const pressed = step.after.flatMap((id) => answers.builds.filter((b) => b.step === id));
    const dirty =
      step.kind === 'clean'
        ? unwashed(answers, steps, step.parts, Math.max(-1, ...pressed.map(answers.at)))
        : [];
    const state = stateOf(step, answer, torquing, dirty);
    known.set(step.id, state);
    const before = step.after.flatMap((id): Need[] => {
      const other = steps.find((s) => s.id === id);
      if (!other) return [];
      const words = sayBuild('need.step', { step: other.do });
      return [{ id: `step-${id}`, words, met: isPast(known.get(id) ?? 'open'), step: id }];
    });
    return {
      step,
      way: wayOf(job, step),
      parts: placedParts(job, step, isOrdered),
      renewals: step.kind === 'clean' ? [] : renewalsAt(job, step, isOrdered),
      small: small(step).map((s) => {
        const words = { name: smallNames(sheet, s), count: s.count };
        const gone = missing.get(s.id);
        return gone
          ? sayBuild('small.missing', { ...words, missing: gone })
          : sayBuild('small.count', words);
      }),
      needs: [...before, ...needsOf(room, step)],
      state,
      answer,
      torquing,
      checks: checks(step),
      tools: sheet.tools.filter(
        (tool) => tool.step === step.id || (step === steps[0] && !ids.has(tool.step)),
      ),
      dirty,
    };
  });
}

/** Tells whether the bolts of a step are drawn up in part. */
export const isInWork = ({ state, torquing }: BuildItem): boolean =>
  state === 'open' && (torquing?.stages.some(({ done }) => done.size > 0) ?? false);

/**
 * Returns the step that comes next: one that did not turn freely, bolts that are drawn up in part, the first that is not done,
 * not put off and not absent; then what was put off.
 */
export const nextStepOf = (items: readonly BuildItem[]): BuildItem | null =>
  items.find(({ state }) => state === 'trouble') ??
  items.find(isInWork) ??
  items.find(({ state }) => state === 'open') ??
  items.find(({ state }) => state === 'later') ??
  null;

/** Tells whether nothing is missing that the steps of the list do not bring themselves. */
export const isReady = (items: readonly BuildItem[]): boolean =>
  items.every(
    ({ state, needs }) =>
      isPast(state) || needs.every((n) => n.met || n.step !== undefined || n.id === 'clean'),
  );
