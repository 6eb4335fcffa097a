import type { Assessment } from '../assessment/assessment';
import type { Job } from '../records/job';
import { listed } from '../wording/say';
import { stepsLeft } from '../wording/worked';
import { buildList, isInWork, type BuildItem } from './list';
import type { ReversalOf } from './asked';
import { sayBuild } from './sayBuild';

/** Says of each stage before the test what it has left open, a few words for each thing. */
export type LeftOpen = Readonly<Record<'measure' | 'decide' | 'build', readonly string[]>>;

/** Tells whether a step was done though something was missing then, and a word was given for it. */
const isForced = ({ state, answer, needs }: BuildItem): boolean =>
  state === 'done' && (answer?.remark ?? '') !== '' && needs.some(({ met }) => !met);

const counted = (count: number, words: (of: { readonly count: number }) => string): string[] =>
  count > 0 ? [words({ count })] : [];

/**
 * Returns what measuring, deciding and building have left open.
 *
 * @param job with its work list
 * @param all what its clearances come to
 * @param items the build, step by step
 */
export function leftOpen(
  job: Job,
  all: readonly Assessment[],
  items: readonly BuildItem[],
): LeftOpen {
  const judged = all.filter(({ limits }) => limits !== null);
  const gaps = judged.filter(({ verdict }) => verdict === 'out' || verdict === 'close');
  const unmeasured = judged.filter(({ verdict }) => verdict === 'open');
  const of = (state: BuildItem['state']) => items.filter((item) => item.state === state).length;
  const isBegun = items.some((item) => item.state !== 'open' || isInWork(item));
  return {
    measure: [
      ...counted(gaps.length, (n) => sayBuild('open.gaps', n)),
      ...counted(unmeasured.length, (n) => sayBuild('open.unmeasured', n)),
    ],
    decide: counted(stepsLeft(job).length, (n) => sayBuild('open.works', n)),
    build: [
      ...(of('trouble') > 0 ? [sayBuild('open.spin')] : []),
      ...counted(of('later'), (n) => sayBuild('open.later', n)),
      ...counted(isBegun ? of('open') : 0, (n) => sayBuild('open.undone', n)),
      ...counted(items.filter(isForced).length, (n) => sayBuild('open.forced', n)),
    ],
  };
}

/** Says things that are left open in one sentence; empty where there are none. */
export const openSentence = (things: readonly string[]): string =>
  things.length === 0 ? '' : sayBuild('open.sentence', { items: listed(things) });

/** Says in one sentence what measuring, deciding and building have left open; empty where they left nothing. */
export const leftOpenWords = (...of: Parameters<typeof leftOpen>): string =>
  openSentence(Object.values(leftOpen(...of)).flat());

/** Says how far a build is, and what each stage has left open, in a sentence: the stages after the build, what all before them have. */
export interface BuildStanding {
  readonly whole: boolean;
  readonly open: Readonly<Record<keyof LeftOpen | 'prove' | 'report', string>>;
}

/**
 * Returns how far the build of a job is.
 *
 * @param job with its journal
 * @param all what its clearances come to
 * @param reversalOf says how it is reversed, where it was given for that
 */
export function buildStanding(
  job: Job,
  all: readonly Assessment[],
  reversalOf: ReversalOf | null,
): BuildStanding {
  const items = buildList(job, all, reversalOf);
  const { measure, decide, build } = leftOpen(job, all, items);
  const whole = leftOpenWords(job, all, items);
  return {
    whole: items.every(({ state }) => state === 'done' || state === 'absent'),
    open: {
      measure: openSentence(measure),
      decide: openSentence(decide),
      build: openSentence(build),
      prove: whole,
      report: whole,
    },
  };
}
