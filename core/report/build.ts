import { answersOf } from '../assembly/answers';
import type { ReversalOf } from '../assembly/asked';
import { buildList, type BuildItem } from '../assembly/list';
import { leftOpenWords } from '../assembly/open';
import { searchOf } from '../assembly/spinning';
import type { Assessment } from '../assessment/assessment';
import { isBuildBegun } from '../guidance/stages';
import { wayRoundWords } from '../pumps/teardown/wayRound';
import type { Job } from '../records/job';
import { dateText } from '../wording/date';
import { boltsWithTorque } from '../wording/bolts';
import { listed, paragraph, sentence } from '../wording/say';
import { sayReport } from './sayReport';

/** Says of a step what the report tells beyond that it is done; empty where there is nothing. */
function itemLine({ step, state, answer, way }: BuildItem): string {
  const laid = answer?.way && way.asks ? wayRoundWords(way.asks, answer.way) : '';
  const said = {
    open: '',
    done: paragraph(laid && sentence(laid), answer?.remark && sentence(answer.remark)),
    later: sayReport('report.putOff'),
    absent: sayReport('report.notOnPump'),
    trouble: sayReport('report.notFree'),
  }[state];
  return said ? sayReport('report.buildStep', { step: step.do, said }) : '';
}

/** Says what made the pump tight or catch, where somebody found it. */
function foundLines(job: Job): string[] {
  const answers = answersOf(job);
  const spins = new Set(answers.trials.map(({ spin }) => spin));
  return [...spins].flatMap((id) => {
    const { found } = searchOf(answers, { id }, job.sheet);
    return found ? [sayReport('report.itWas', { cause: found })] : [];
  });
}

/**
 * Lists what the report tells of the build: who did it and when, what was put off or done though something was missing, what
 * made it tight, and the bolts that were drawn up. Empty where nothing was built.
 *
 * @param job with its journal
 * @param all what its clearances come to
 * @param reversalOf says how it is reversed, where it was given for that
 */
export function buildLines(
  job: Job,
  all: readonly Assessment[],
  reversalOf: ReversalOf | null,
): string[] {
  if (!isBuildBegun(job)) return [];
  const items = buildList(job, all, reversalOf);
  const { builds, torques } = answersOf(job);
  const done = items.filter(({ state }) => state === 'done').length;
  const entries = [...builds, ...torques];
  const hands = [...new Set(entries.map(({ by }) => by).filter(Boolean))];
  const last =
    entries
      .map(({ at }) => at)
      .sort()
      .at(-1) ?? '';
  const drawn = items.filter(({ torquing }) => torquing?.bolts && torquing.next === null);
  const bolts = new Set(drawn.flatMap(({ torquing }) => torquing?.bolts ?? []));
  return [
    sayReport('report.built', {
      done,
      count: items.length,
      who: listed(hands) || 'unknown',
      day: dateText(last, 'utc day'),
    }),
    ...items.map((item) => itemLine(item)).filter(Boolean),
    ...foundLines(job),
    ...[...bolts].map((of) => sayReport('report.drawnUp', { bolts: boltsWithTorque(of) })),
  ];
}

/** Says in one sentence what measuring, deciding and building left open, on a job that was built; nothing where it was not. */
export function openLines(
  job: Job,
  all: readonly Assessment[],
  reversalOf: ReversalOf | null,
): string[] {
  const words = isBuildBegun(job) ? leftOpenWords(job, all, buildList(job, all, reversalOf)) : '';
  return words ? [words] : [];
}
