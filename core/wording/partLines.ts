import type { Assessment } from '../assessment/assessment';
import { lower } from '../quantity/letters';
import type { ShopUnit } from '../quantity/units';
import type { Decision } from '../records/rework';
import type { ReworkCase } from '../rework/decision/case';
import type { PartLine, PlannedOperation } from '../rework/decision/lines';
import { offerWords, stepWords } from './planStep';
import { WORK_WORD, workWords } from './reading';
import { listed, paragraph, say, sentence } from './say';

/** The decisions as they are said of a part. */
export const DECISION_WORD: Readonly<Record<Decision, string>> = {
  reuse: 'reuse',
  dress: 'dress',
  machine: 'machine',
  pair: 'pair with another part',
  replace: 'replace',
};

/** Says what is done on a part, or was. */
const whatOf = ({ works, done, decision }: PartLine): string => {
  if (works.length > 0) return listed([...new Set(works.map(({ offer }) => offerWords(offer)))]);
  if (done.length > 0) return listed([...new Set(done.map(({ work }) => WORK_WORD[work]))]);
  return decision === 'unknown' ? '' : DECISION_WORD[decision];
};

/** Writes what becomes of a part: `Body: face the deck`; its name alone while that is not known. */
export function lineTitle(line: PartLine): string {
  const what = whatOf(line);
  return what ? say('rework.partWhat', { part: line.part.name, what }) : line.part.name;
}

/** Says how the gaps of a part stand that nothing is done to. */
type Fits = 'unlimited' | 'unknown' | 'in' | 'soFar' | 'after' | 'close' | 'out';

/** Says how a part looked and how its gaps stand, by both. */
const REUSE: Readonly<Record<PartLine['looked'], Readonly<Record<Fits, string>>>> = {
  none: {
    unlimited: 'No limit given.',
    unknown: 'Not measured.',
    in: 'Clearances in.',
    soFar: 'In as far as measured; the rest not measured.',
    after: 'Fits after the work.',
    close: 'A check is too close to call.',
    out: 'A check is out.',
  },
  unseen: {
    unlimited: 'Not looked at; no limit given.',
    unknown: 'Not measured, not looked at.',
    in: 'Clearances in; not looked at.',
    soFar: 'In as far as measured; not looked at.',
    after: 'Fits after the work; not looked at.',
    close: 'A check is too close to call; not looked at.',
    out: 'A check is out; not looked at.',
  },
  sound: {
    unlimited: 'Looks sound; no limit given.',
    unknown: 'Looks sound; not measured.',
    in: 'Looks sound; clearances in.',
    soFar: 'Looks sound; in as far as measured, the rest not measured.',
    after: 'Looks sound; fits after the work.',
    close: 'Looks sound; a check is too close to call.',
    out: 'Looks sound; a check is out.',
  },
  passed: {
    unlimited: 'Passed at Look; no limit given.',
    unknown: 'Passed at Look; not measured.',
    in: 'Passed at Look; clearances in.',
    soFar: 'Passed at Look; in as far as measured, the rest not measured.',
    after: 'Passed at Look; fits after the work.',
    close: 'Passed at Look; a check is too close to call.',
    out: 'Passed at Look; a check is out.',
  },
  condemned: {
    unlimited: 'Given up at Look.',
    unknown: 'Given up at Look.',
    in: 'Given up at Look, though its clearances are in.',
    soFar: 'Given up at Look, though it is in as far as measured.',
    after: 'Given up at Look.',
    close: 'Given up at Look.',
    out: 'Given up at Look, and a check is out.',
  },
};

/** Says of a part on which nothing is done how it looked and how its gaps stand. */
function standsWords({ looked, gaps, unread, decision }: PartLine): string {
  const verdicts = gaps.map((a) => a.verdict);
  if (verdicts.length === 0) return REUSE[looked][unread ? 'unknown' : 'unlimited'];
  if (verdicts.every((v) => v === 'in')) return REUSE[looked][unread ? 'soFar' : 'in'];
  if (!verdicts.some((v) => v === 'out')) return REUSE[looked].close;
  return REUSE[looked][decision === 'reuse' ? 'after' : 'out'];
}

/** Returns how many checks there are, and the first of them by name. */
const namedFirst = (checks: readonly Assessment[]) => ({
  count: checks.length,
  check: lower(checks[0]?.characteristic.name ?? ''),
});

/** Says what an operation of a plan is for: what it brings in, what it keeps in where another takes it out, or what asked for it. */
export function purposeWords({
  brings,
  keeps,
  need,
}: Pick<PlannedOperation, 'brings' | 'keeps' | 'need'>): string {
  return paragraph(
    brings.length > 0 ? say('rework.brings', namedFirst(brings)) : '',
    keeps.length > 0 ? say('rework.keeps', namedFirst(keeps)) : '',
    need ? sentence(need.why) : '',
  );
}

/** Says why that becomes of a part, and what it buys; what was done to it, or how it stands. */
export function lineReason({ job }: ReworkCase, line: PartLine, unit: ShopUnit): string {
  if (line.works.length > 0) {
    return paragraph(...line.works.flatMap((work) => [stepWords(work, unit), purposeWords(work)]));
  }
  if (line.unmet) return sentence(line.unmet.why);
  if (line.asked.length > 0) return paragraph(...line.asked.map(({ why }) => sentence(why)));
  if (line.done.length === 0) return standsWords(line);
  return sentence(listed(line.done.map((o) => workWords(job.sheet, o, unit))));
}
