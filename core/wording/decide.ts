import { restsOn } from '../journal/eras';
import { type Characteristic, type Work } from '../pumps/family';
import { characteristicOf } from '../pumps/registry';
import type { Sheet } from '../records/sheet';
import { touchedBy } from '../rework/effects/effects';
import type { Assessment } from '../assessment/assessment';
import { centre, ends, isCut, type Estimate } from '../metrology/estimate';
import { COVERAGE } from '../metrology/normal';
import { capital, formatLength, formatWithUnit } from '../quantity/format';
import type { LengthKind, ShopUnit } from '../quantity/units';
import type { Job } from '../records/job';
import type { Decision } from '../records/rework';
import { contradictedIn, type ReworkCase } from '../rework/decision/case';
import type { ToMeasure } from '../rework/decision/measure';
import { readCloser, unclearIn } from '../rework/decision/readCloser';
import type { PartLine, PlannedOperation } from '../rework/decision/lines';
import {
  answerKind,
  isUnread,
  unseenBy,
  unseenSurfaces,
  type Decided,
} from '../rework/decision/decide';
import { doneWork, nextStepOf, type ListedStep, type WorkList } from '../rework/decision/worklist';
import { operationOf } from '../rework/operations/operations';
import type { RatedPlan } from '../rework/decision/rated';
import type { Rework } from '../rework/decision/solve';
import { checksWords, lower, offerTitle, offerWords, stepWords } from './planStep';
import { WORK_WORD, workWords } from './reading';
import { listed, say } from './say';

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
    close: 'Too close to call.',
    out: 'Out.',
  },
  unseen: {
    unlimited: 'Not looked at; no limit given.',
    unknown: 'Not measured, not looked at.',
    in: 'Clearances in; not looked at.',
    soFar: 'In as far as measured; not looked at.',
    after: 'Fits after the work; not looked at.',
    close: 'Too close to call; not looked at.',
    out: 'Out; not looked at.',
  },
  sound: {
    unlimited: 'Looks sound; no limit given.',
    unknown: 'Looks sound; not measured.',
    in: 'Looks sound; clearances in.',
    soFar: 'Looks sound; in as far as measured, the rest not measured.',
    after: 'Looks sound; fits after the work.',
    close: 'Looks sound; too close to call.',
    out: 'Looks sound; out.',
  },
  passed: {
    unlimited: 'Passed at Look; no limit given.',
    unknown: 'Passed at Look; not measured.',
    in: 'Passed at Look; clearances in.',
    soFar: 'Passed at Look; in as far as measured, the rest not measured.',
    after: 'Passed at Look; fits after the work.',
    close: 'Passed at Look; too close to call.',
    out: 'Passed at Look; out.',
  },
  condemned: {
    unlimited: 'Given up at Look.',
    unknown: 'Given up at Look.',
    in: 'Given up at Look, though its clearances are in.',
    soFar: 'Given up at Look, though it is in as far as measured.',
    after: 'Given up at Look.',
    close: 'Given up at Look.',
    out: 'Given up at Look, and out.',
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

/** Says what an operation of a plan is for: what it brings in, what it keeps in where another takes it out, or what asked for it. */
function purposeWords({ brings, keeps, need }: PlannedOperation): string {
  return [
    brings.length > 0 ? say('rework.brings', { checks: checksWords(brings, 2) }) : '',
    keeps.length > 0 ? say('rework.keeps', { checks: checksWords(keeps, 2) }) : '',
    need ? sentence(need.why) : '',
  ]
    .filter(Boolean)
    .join(' ');
}

/** Says why that becomes of a part, and what it buys; what was done to it, or how it stands. */
export function lineReason({ job }: ReworkCase, line: PartLine, unit: ShopUnit): string {
  if (line.works.length > 0) {
    return line.works
      .map((work) => [stepWords(work, unit), purposeWords(work)].filter(Boolean).join(' '))
      .join(' ');
  }
  if (line.unmet) return sentence(line.unmet.why);
  if (line.asked.length > 0) return line.asked.map(({ why }) => sentence(why)).join(' ');
  if (line.done.length === 0) return standsWords(line);
  return sentence(listed(line.done.map((o) => workWords(job.sheet, o, unit))));
}

const sentence = (text: string): string =>
  /[.!?]$/.test(text) ? capital(text) : `${capital(text)}.`;

/** Names the messages that say how far a length is beyond a limit, by the side of it. */
const BEYOND = {
  over: { by: 'rework.overBy', atLeast: 'rework.overAtLeast', unknown: 'rework.overUnknown' },
  under: { by: 'rework.underBy', atLeast: 'rework.underAtLeast', unknown: 'rework.underUnknown' },
} as const;

/** Says how far a length is beyond a limit: by a figure with its doubt; by leaves at least so much. */
function beyondWords(
  key: 'over' | 'under',
  end: Estimate,
  beyond: (mm: number) => number,
  kind: LengthKind,
  unit: ShopUnit,
): string {
  const text = (mm: number) => formatWithUnit(mm, kind, unit);
  const { by, atLeast, unknown } = BEYOND[key];
  if (end.kind === 'value' && !isCut(end)) {
    const u = formatLength(COVERAGE * end.u_mm, kind, unit);
    return say(by, { by: text(beyond(centre(end))), u });
  }
  const [lo, hi] = end.kind === 'interval' ? [end.lo_mm, end.hi_mm ?? 0] : ends(end);
  const least = beyond(key === 'over' ? lo : hi);
  return least > 0 ? say(atLeast, { by: text(least) }) : say(unknown);
}

/** Says how far a gap is beyond its limits, as it was measured: `0.6 thou over, ± 0.2`. */
export function outWords(
  { limits, smallest, largest, characteristic: c }: Assessment,
  unit: ShopUnit,
): string {
  const { lower_mm = null, upper_mm = null } = limits ?? {};
  if (!smallest || !largest) return 'out';
  if (c.below && centre(smallest) < 0) {
    const length = formatWithUnit(-centre(smallest), c.quantity, unit);
    return say('judge.tooShort', { what: c.below, length });
  }
  const over = upper_mm === null ? -Infinity : centre(largest) - upper_mm;
  const under = lower_mm === null ? -Infinity : lower_mm - centre(smallest);
  return over >= under
    ? beyondWords('over', largest, (mm) => mm - (upper_mm ?? 0), c.quantity, unit)
    : beyondWords('under', smallest, (mm) => (lower_mm ?? 0) - mm, c.quantity, unit);
}

/** Says what is wrong with the pump: what is out first, then what is not known. */
export function findingWords(rework: ReworkCase, unit: ShopUnit): string {
  const { all, watched, unmeasured, unsized, unmet } = rework;
  const judged = all.filter((a) => a.limits !== null);
  const out = judged.filter((a) => a.verdict === 'out');
  const close = judged.filter((a) => a.verdict === 'close');
  const [worst, ...more] = out;
  const isOut = worst && { check: worst.characteristic.name, by: outWords(worst, unit) };
  const measured = judged.length - unmeasured.length;
  return [
    isOut
      ? more.length > 0
        ? say('rework.isOutMore', { ...isOut, count: more.length })
        : say('rework.isOut', isOut)
      : watched.length > 0 && close.length === 0 && unmeasured.length === 0
        ? say('rework.allIn', { count: measured })
        : '',
    close.length > 0 ? say('bench.tooClose', { count: close.length }) : '',
    unsized.length > 0
      ? say('rework.unsized', { checks: checksWords(unsized.map((u) => u.assessment)) })
      : '',
    ...unmet.map(({ why }) => say('rework.unmet', { why })),
    unmeasured.length > 0 && measured > 0
      ? say('rework.measuredOf', {
          measured,
          all: judged.length,
          stand: out.length > 0 ? 'some' : close.length > 0 ? 'close' : 'in',
        })
      : '',
  ]
    .filter(Boolean)
    .join(' ');
}

/** Says which bound forbids work that would put something that was found right. */
export const boundWords = ({ bounds }: ReworkCase, unit: ShopUnit): string[] =>
  bounds.map(({ offer, needed_mm, by }) =>
    say('rework.bound', {
      work: offerTitle(offer),
      needed: formatWithUnit(needed_mm, 'gap', unit),
      most: formatWithUnit(offer.terms.most_mm ?? 0, 'gap', unit),
      by,
    }),
  );

/** Lists the orders as they stand in the answer: what cuts first, then what is put in; each once, with how often it is done. */
function ordersOf(planned: readonly PlannedOperation[]): string[] {
  const cuts = planned.filter(({ offer }) => offer.operation.decision === 'machine');
  const rest = planned.filter(({ offer }) => offer.operation.decision !== 'machine');
  const orders = [...cuts, ...rest].map(({ offer }) => offer.operation.order);
  return [...new Set(orders)].map((order) =>
    say('rework.orderTimes', { order, count: orders.filter((o) => o === order).length }),
  );
}

/** Says what is done, and what comes after it: `Face the deck, then it runs.` */
function workOrderWords(
  { unmet, unmeasured }: ReworkCase,
  planned: readonly PlannedOperation[],
): string {
  const then =
    unmet.length > 0 ? 'see to the rest' : unmeasured.length > 0 ? 'measure the rest' : 'it runs';
  const [first = '', second, ...more] = ordersOf(planned);
  if (second === undefined) return say('rework.answer.one', { first, then });
  return more.length === 0
    ? say('rework.answer.two', { first, second: lower(second), then })
    : say('rework.answer.many', { first, count: more.length + 1, then });
}

/** Says of what was worked on that nobody knows whether it is open. */
const unclearWords = (unclear: readonly Assessment[]): string =>
  say('rework.unclear', { checks: checksWords(unclear, 2), count: unclear.length });

/** Says what has to be read before a pump is decided on, and why. */
function measureWords(
  answer: Pick<Decided, 'rework' | 'solved' | 'plan' | 'planned' | 'buyNew'>,
): string {
  const { rework, solved, plan, planned } = answer;
  const named = (ids: readonly string[]): string =>
    checksWords(
      rework.all.filter((a) => ids.includes(a.characteristic.id)),
      2,
    );
  if (isUnread(rework)) return 'Measure first, then decide.';
  const doubtful = contradictedIn(rework).map((a) => a.characteristic.id);
  if (doubtful.length > 0) return say('rework.contradicted', { checks: named(doubtful) });
  if (solved.closer.length > 0) return say('rework.closer', { checks: named(solved.closer) });
  const unclear = unclearIn(rework);
  if (unclear.length > 0) return unclearWords(unclear);
  const unseen = unseenBy(rework, planned).map((a) => a.characteristic.id);
  if (unseen.length > 0)
    return say('rework.unseen', { checks: named(unseen), count: unseen.length });
  if (plan && plan.again.length > 0) return say('rework.again', { checks: named(plan.again) });
  if (plan) return 'Good so far: measure the rest.';
  const canTell = rework.unsized.some(({ assessment }) => readCloser(rework, assessment) !== null);
  return canTell
    ? 'Measure how far it is out, then decide.'
    : 'It is out, and your leaves cannot tell how far: use another instrument.';
}

/** Says how the checks with a limit stand of which none is out: all in, some too close to call; or that there are none. */
function standOf({ all }: ReworkCase): 'none' | 'close' | 'in' {
  const judged = all.filter((a) => a.limits !== null);
  if (judged.length === 0) return 'none';
  return judged.every(({ verdict }) => verdict === 'in') ? 'in' : 'close';
}

/** Says in a sentence what to do with the pump. */
export function answerWords(
  answer: Pick<Decided, 'rework' | 'solved' | 'plan' | 'planned' | 'buyNew'>,
): string {
  const { rework, solved, plan, planned } = answer;
  switch (answerKind(answer)) {
    case 'replace':
      return 'Buy a new pump.';
    case 'work':
      return workOrderWords(rework, planned);
    case 'measure':
      return measureWords(answer);
    case 'not-ready':
      if (plan && rework.unmet.length === 0) {
        const count = unseenSurfaces(rework).length;
        return say('rework.lookFirst', { stand: standOf(rework), count });
      }
      if (plan) return 'Not ready: something is left that no work here puts right.';
      return solved.blocked.length > 0
        ? 'No work that is allowed here brings it in.'
        : 'These settings exclude each other.';
    case 'reuse':
      if (plan && plan.leaves.length > 0) return 'Leave it as it is.';
      return standOf(rework) === 'none'
        ? 'Nothing seen asks for work, and no check has a limit.'
        : 'Reuse it as it is.';
    case 'done':
      return doneWords(rework.job);
  }
}

/** Says what was carried out on a pump: `Done: face the deck, replace the bushing.` */
export function doneWords(job: Job): string {
  const orders = doneWork(job).map(
    ({ operation }) => operationOf(operation)?.order ?? WORK_WORD[operation as Work],
  );
  const once = [...new Set(orders)].map((order) =>
    lower(
      say('rework.orderTimes', { order, count: orders.filter((other) => other === order).length }),
    ),
  );
  return once.length > 0 ? say('rework.done', { works: listed(once) }) : 'Work done.';
}

/** Names a step of a work list by its order: `Face the deck`. */
export const orderOf = ({ step }: ListedStep): string =>
  operationOf(step.operation)?.order ?? 'An operation that this version does not know';

/** Says what a work list waits for: its next step, or the measuring after it. */
export function listWords({
  list,
  again,
  unclear,
  job,
}: Pick<Decided, 'again' | 'unclear'> & { readonly list: WorkList; readonly job: Job }): string {
  const next = nextStepOf(list);
  if (next) return say('rework.nextStep', { step: orderOf(next) });
  if (again.length > 0) return 'Work done. Measure it again.';
  return unclear.length > 0 ? unclearWords(unclear) : doneWords(job);
}

/** Says in a sentence how a pump stands: its work list where there is one, else what to do. */
export const decisionWords = (decided: Decided): string =>
  decided.list
    ? listWords({ ...decided, list: decided.list, job: decided.rework.job })
    : answerWords(decided);

/** Lists what blocks, a sentence each; nothing while something has to be measured that may unblock it. */
export function blockedWords(rework: ReworkCase, solved: Rework, unit: ShopUnit): string[] {
  if (solved.closer.length > 0 || contradictedIn(rework).length > 0) return [];
  return solved.blocked.flatMap(({ characteristic, short_mm }) => {
    const gap = rework.watched.find((w) => w.assessment.characteristic.id === characteristic);
    if (!gap) return [];
    const { characteristic: c } = gap.assessment;
    const short = formatWithUnit(short_mm, c.quantity, unit);
    return [say('rework.blocks', { check: c.name, short }), ...unworkedWords(rework, c)];
  });
}

/** Says why no work is offered on the sizes that a characteristic rests on, each reason once; none where some is. */
function unworkedWords({ known, offers }: ReworkCase, c: Characteristic): string[] {
  const rests = restsOn(c);
  if (offers.some((offer) => touchedBy(known.pump, c, offer).length > 0)) return [];
  const sizes = [...known.pump.dimensions, ...known.pump.features];
  return [...new Set(sizes.flatMap((d) => (rests.includes(d.id) ? (d.unworked ?? []) : [])))];
}

/** Says what a plan leaves as it is; empty for nothing. */
export const leavesWords = ({ leaves }: RatedPlan): string =>
  leaves.length > 0 ? say('rework.aboutLeft', { count: leaves.length }) : '';

/** Says what reading something settles: `End clearance: how far it is out`. */
export const settlesWords = (sheet: Sheet, { characteristic, settles }: ToMeasure): string =>
  say(`rework.settles.${settles}`, { check: characteristicOf(sheet, characteristic).name });

/** Says what is read next, at which place and by what, as a button does: `End clearance: 0.12 mm leaf at 12`. */
export function toMeasureWords(
  sheet: Sheet,
  { characteristic, station, by, leaves_mm }: ToMeasure,
  unit: ShopUnit,
): string {
  const c = characteristicOf(sheet, characteristic);
  const check = c.name;
  if (by === 'zero') return say('rework.toZero', { check });
  const place = c.stations.find(({ id }) => id === station)?.label;
  if (by === 'dial') return say('rework.toDial', { check });
  if (by === 'sizes' || place === undefined) return say('rework.toSizes', { check });
  const leaf = formatWithUnit(
    leaves_mm.reduce((sum, mm) => sum + mm, 0),
    'gap',
    unit,
  );
  return say('rework.toLeaf', { check, leaf, place });
}
