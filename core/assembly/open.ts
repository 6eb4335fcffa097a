import type { Assessment } from '../assessment/assessment';
import type { Job } from '../records/job';
import { listed } from '../wording/say';
import { stepsLeft } from '../wording/worked';
import type { BuildItem } from './list';
import { sayBuild } from './sayBuild';

/** Tells whether a step was done though something was missing then, and a word was given for it. */
export const isForced = ({ state, answer, needs }: BuildItem): boolean =>
  state === 'done' && (answer?.remark ?? '') !== '' && needs.some(({ met }) => !met);

/**
 * Says in one sentence what measuring, deciding and building have left open; empty where they left nothing.
 *
 * @param job with its work list
 * @param all what its clearances come to
 * @param items the build, step by step
 */
export function leftOpenWords(
  job: Job,
  all: readonly Assessment[],
  items: readonly BuildItem[],
): string {
  const judged = all.filter(({ limits }) => limits !== null);
  const unmeasured = judged.filter(({ verdict }) => verdict === 'open').length;
  const gaps = judged.filter(({ verdict }) => verdict === 'out' || verdict === 'close').length;
  const works = stepsLeft(job).length;
  const of = (state: BuildItem['state']) => items.filter((item) => item.state === state).length;
  const begun = items.some(({ state }) => state !== 'open');
  const forced = items.filter(isForced).length;
  const counted = [
    gaps > 0 && sayBuild('open.gaps', { count: gaps }),
    unmeasured > 0 && sayBuild('open.unmeasured', { count: unmeasured }),
    works > 0 && sayBuild('open.works', { count: works }),
    of('trouble') > 0 && sayBuild('open.spin'),
    of('later') > 0 && sayBuild('open.later', { count: of('later') }),
    begun && of('open') > 0 && sayBuild('open.undone', { count: of('open') }),
    forced > 0 && sayBuild('open.forced', { count: forced }),
  ].filter((words) => words !== false);
  return counted.length === 0 ? '' : sayBuild('open.sentence', { items: listed(counted) });
}
