import type { Assessment } from '../assessment/assessment';
import { smallChecks } from '../inspect/auxiliary';
import { ledgerOf } from '../journal/ledger';
import type { CauseEntry } from '../records/entries/cause';
import type { Job } from '../records/job';
import { counting } from '../schema/voiding';
import { paragraph } from '../wording/say';
import { signOf } from './causes';
import type { Cause } from './cause';
import type { Sign } from './clue';
import type { ComplaintId } from './complaints';
import { foundOn, type FoundOnJob } from './found';
import { LEAST_SCORE, rankCauses, type Ranked, type Ranking } from './rank';
import { causeName, complaintWords, sayCauses } from './sayCauses';

/** Says how many causes are shown where none is far enough ahead. */
const MOST_SHOWN = 3;
/** Gives the least score of a cause in question: less is what many a sound pump shows. */
const LEAST_SHOWN = 2;

/** Holds a cause that is shown, with what it left behind. */
export interface Shown {
  readonly ranked: Ranked;
  readonly results: readonly Ranked[];
  /** Says what a person made of it; null where nobody said anything. */
  readonly said: CauseEntry | null;
}

/** Says why a pump failed, as far as what was found and said goes. */
export interface CausesAnswer extends Ranking {
  readonly found: FoundOnJob;
  /** Says it in a sentence. */
  readonly sentence: string;
  /** Lists the causes that come into question: the one where it is settled; else those with the quickest check first. */
  readonly shown: readonly Shown[];
  /** Lists what a person said of causes, in the order in which it was said. */
  readonly said: readonly CauseEntry[];
  /** Lists what is still to be asked, what tells most first. */
  readonly questions: readonly Sign[];
  /** Lists what was answered when it was asked. */
  readonly answered: readonly (readonly [sign: Sign, answer: 'yes' | 'no'])[];
}

/** Tells whether enough was found or said for a cause that it comes into question. */
const isNear = ({ score, settled }: Ranked): boolean =>
  settled === 'yes' || (score >= LEAST_SHOWN && settled !== 'no');

/** Returns the causes that come into question: a source in the place of what it left behind. */
function rootsOf({ causes, settled }: Ranking): Ranked[] {
  const near = causes.filter(isNear);
  const sourceOf = (ranked: Ranked): Ranked =>
    causes.find(({ cause }) => cause.id === ranked.cameFrom) ?? ranked;
  const roots = [...new Set(near.map(sourceOf))].slice(0, settled ? 1 : MOST_SHOWN);
  if (settled) return roots;
  // The quickest check that destroys least comes first.
  return roots.sort((a, b) => a.cause.effort - b.cause.effort);
}

/** Says which complaints neither the cause that is named nor what it left behind gives; empty where there are none. */
function unexplained(complaints: readonly ComplaintId[], { ranked, results }: Shown): string {
  const given = [ranked, ...results].flatMap(({ cause }) => cause.gives);
  const left = complaints.filter((id) => !given.includes(id));
  return left.length > 0
    ? sayCauses('cause.unexplained', { complaints: complaintWords(left) })
    : '';
}

/** Says in a sentence why a pump failed, and what of the complaint that leaves open. */
function answerSentence(
  ranking: Ranking,
  shown: readonly Shown[],
  complaints: readonly ComplaintId[],
): string {
  const [first] = shown;
  return paragraph(
    sentenceOf(ranking, shown, complaints.length > 0 ? 'said' : 'unsaid'),
    first && ranking.settled && unexplained(complaints, first),
  );
}

/**
 * Says in a sentence why a pump failed.
 *
 * @param said tells whether anybody said what is complained of
 */
function sentenceOf(
  { causes, settled }: Ranking,
  shown: readonly Shown[],
  said: 'said' | 'unsaid',
): string {
  const [first] = shown;
  const top = causes[0];
  if (!first || !top) return sayCauses('cause.nothing', { said });
  const cause = causeName(first.ranked);
  if (!settled) {
    if (shown.length === 1) return sayCauses('cause.nearest', { cause });
    const { length: count } = shown;
    return top.score < LEAST_SCORE
      ? sayCauses('cause.few', { count })
      : sayCauses('cause.several', { count });
  }
  if (top.settled === 'yes') {
    const proven = causes.filter((one) => one.settled === 'yes');
    const words = { causes: proven.map(causeName).join('; ') };
    return proven.includes(first.ranked)
      ? sayCauses('cause.proven', words)
      : sayCauses('cause.provenFrom', { ...words, source: cause });
  }
  return first.ranked === top
    ? sayCauses('cause.likeliest', { cause })
    : sayCauses('cause.leftBehind', { cause, result: causeName(top) });
}

/** Tells whether a sign is asked for on a pump: no small check of it asks the same at the bench. */
function isAsked({ ask, asked, clues }: Sign, checks: readonly string[]): boolean {
  if (!ask) return false;
  const byCheck = clues.some((clue) => 'check' in clue && checks.some((id) => clue.check.test(id)));
  return !(asked === 'bench' && byCheck);
}

/** Lists the signs of causes that somebody is asked for, those of the likeliest first. */
function askedFor(job: Job, causes: readonly Ranked[]): Sign[] {
  const checks = smallChecks(job.sheet).map(({ id }) => id);
  const ids = causes
    .filter(({ settled }) => settled !== 'no')
    .flatMap(({ cause }) => [...cause.strong, ...cause.against, ...cause.some]);
  return [...new Set(ids)].map(signOf).filter((sign) => isAsked(sign, checks));
}

/**
 * Returns why the pump of a job failed: the causes that come into question, with what speaks for and against each, and what is
 * still to be asked.
 *
 * @param all what its clearances come to
 */
export function causesOn(job: Job, all: readonly Assessment[]): CausesAnswer {
  const found = foundOn(job, all);
  const ranking = rankCauses(job.sheet, found);
  const said = counting(ledgerOf(job).causes);
  const shown = rootsOf(ranking).map((ranked): Shown => ({
    ranked,
    results: ranking.causes.filter(({ cameFrom }) => cameFrom === ranked.cause.id),
    said: said.find(({ cause }) => cause === ranked.cause.id) ?? null,
  }));
  const asked = askedFor(job, ranking.causes);
  return {
    ...ranking,
    found,
    shown,
    said,
    sentence: answerSentence(ranking, shown, found.complaints),
    questions: asked.filter(({ id }) => !found.told.has(id)),
    answered: asked.flatMap((sign) => {
      const answer = found.told.get(sign.id);
      return answer ? [[sign, answer] as const] : [];
    }),
  };
}

/** Lists what must change too because of a cause, without what this pump has replaced anyhow. */
export function changesFor({ change }: Cause, { renew }: Job['sheet']): CauseEntry['change'] {
  const always = new Set(renew.filter(({ when }) => when === 'always').map(({ id }) => id));
  return change
    .filter(({ renews }) => !renews || !always.has(renews))
    .map(({ words, when, replaces = [] }) => ({ words, when, replaces: [...replaces] }));
}
