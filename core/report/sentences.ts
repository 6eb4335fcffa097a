import type { Assessment } from '../assessment/assessment';
import type { State } from '../guidance/evaluator';
import { condemnedIn } from '../inspect/looking';
import { workEntriesOf } from '../journal/eras';
import { isTestOvertaken, proofsIn } from '../journal/tested';
import { comparedSteps } from '../prove/compare';
import {
  besideBefore,
  leastWords,
  otherOilWords,
  proveTitle,
  tellingResult,
  testedFlow,
  whereOf,
} from '../prove/sayProve';
import { ownerName, partName } from '../pumps/registry';
import { bareFlow } from '../quantity/flow';
import { formatWithUnit } from '../quantity/format';
import { capital, lower } from '../quantity/letters';
import type { ShopUnit } from '../quantity/units';
import type { WorkEntry } from '../records/entries/operation';
import type { Job } from '../records/job';
import { DONE_WORD } from '../wording/reading';
import { listed, paragraph, sentence } from '../wording/say';
import { sayProve } from '../prove/say';
import { sayReport } from './sayReport';

/** So many checks are named at most. */
const NAMED = 3;

/** Says what was done to a part, as short as it goes: `deck faced by 0.055 mm`. */
function workDone(job: Job, { part, work, changes }: WorkEntry, unit: ShopUnit): string {
  const amount = changes.find(({ by_mm }) => by_mm !== null)?.by_mm ?? null;
  const said = { part: lower(partName(job.sheet, part)), work: DONE_WORD[work] };
  return amount === null
    ? sayReport('report.did', said)
    : sayReport('report.didBy', { ...said, by: formatWithUnit(Math.abs(amount), 'gap', unit) });
}

/** Says what was done to a pump, each part of it once for each kind of work; empty where nothing was. */
function worksDone(job: Job, unit: ShopUnit): string {
  const works = workEntriesOf(job).map((entry) => workDone(job, entry, unit));
  return listed([...new Set(works)]);
}

/** Names checks, the first few of many. */
export function namesOf(list: readonly Assessment[]): string {
  const names = list.map((a) => lower(a.characteristic.name));
  if (names.length <= NAMED) return listed(names);
  const count = names.length - NAMED + 1;
  return sayReport('report.andMore', { names: listed(names.slice(0, NAMED - 1)), count });
}

/** Says how the checks of a pump stand, and names those that are not in. */
function verdictWords(judged: readonly Assessment[], isWorked: boolean): string {
  if (judged.length === 0) return sayReport('report.noLimits');
  const unread = judged.filter((a) => a.smallest === null && a.touches.length === 0);
  if (unread.length === judged.length) return sayReport('report.nothingMeasured');
  const of = (verdict: Assessment['verdict']) => judged.filter((a) => a.verdict === verdict);
  const all = judged.length;
  if (of('in').length === all) {
    return sayReport('report.allIn', { count: all, work: isWorked ? 'some' : 'none' });
  }
  if (of('open').length === all) return sayReport('report.noneSettled');
  const told = (['out', 'close', 'open'] as const).map((stand) => {
    const list = of(stand);
    return list.length === 0
      ? ''
      : sayReport('report.stand', { count: list.length, all, stand, names: namesOf(list) });
  });
  return paragraph(...told, !isWorked && of('out').length > 0 && sayReport('report.noWork'));
}

/** Says which parts Look condemned that are in the pump still; empty where there are none. */
function condemnedWords(job: Job): string {
  const owners = condemnedIn(job).map((surface) => lower(ownerName(job.sheet, surface)));
  return owners.length === 0
    ? ''
    : sayReport('report.condemned', { names: listed([...new Set(owners)]) });
}

/** Says the verdict on a pump and what was done to it: `Body faced by 0.055 mm and bushing replaced: all 10 checks are in.` */
function firstSentence(job: Job, all: readonly Assessment[], unit: ShopUnit): string {
  const works = worksDone(job, unit);
  const isGivenUp = job.closed !== null;
  const judged = all.filter(({ limits }) => limits !== null);
  const verdict = verdictWords(judged, works !== '' || isGivenUp);
  const closed = job.closed ? sayReport('report.closed', { why: sentence(job.closed.why) }) : '';
  const said = works
    ? sayReport('report.doneThen', { works: capital(works), verdict: lower(verdict) })
    : verdict;
  return paragraph(closed, said, !isGivenUp && condemnedWords(job));
}

/** Says what the test showed: `Tested at hot idle: 9.4 l/min, 2.6 more than it came with.`; that it was not tested. */
function secondSentence(job: Job, state: State, unit: ShopUnit): string {
  const results = comparedSteps(job, state);
  const telling = tellingResult(results);
  if (!telling?.test) {
    const isSaid = proofsIn(job).some(({ answer }) => answer !== 'later') || isTestOvertaken(job);
    return isSaid ? proveTitle(job, results, unit) : sayProve('prove.not');
  }
  const { test, least } = telling;
  const { side, by_lpm } = besideBefore(telling);
  return paragraph(
    sayReport('report.tested', {
      where: whereOf(telling, test, unit),
      flow: testedFlow(test, unit),
      stand: test.from === 'simulated' ? 'simulated' : 'own',
      side,
      by: bareFlow(by_lpm, 0.1, unit),
    }),
    otherOilWords(telling, unit),
    leastWords(least && { ...least, source: '' }, unit),
  );
}

/**
 * Returns the first two sentences of a report: the verdict and what was done, and what the test showed.
 *
 * @param job with its journal
 * @param state what its readings come to
 * @param unit that figures are written in
 */
export const firstSentences = (job: Job, state: State, unit: ShopUnit): [string, string] => [
  firstSentence(job, state.characteristics, unit),
  secondSentence(job, state, unit),
];
