import { restsOn } from '../journal/eras';
import type { Characteristic } from '../pumps/family';
import { characteristicOf } from '../pumps/registry';
import type { Sheet } from '../records/sheet';
import { touchedBy } from '../rework/effects/effects';
import { capital, formatWithUnit } from '../quantity/format';
import type { ShopUnit } from '../quantity/units';
import type { Decision } from '../records/rework';
import type { ReworkCase, Watched } from '../rework/decision/case';
import type { ToMeasure } from '../rework/decision/measure';
import type { PartLine, PlannedOperation } from '../rework/decision/lines';
import { broughtIn } from '../rework/decision/moved';
import { answerKind, isUnread, type Decided } from '../rework/decision/decide';
import { nextStepOf, type ListedStep, type WorkList } from '../rework/decision/worklist';
import { operationOf } from '../rework/operations/operations';
import type { RatedPlan, Rework } from '../rework/decision/solve';
import { checksWords, lower, stepWords } from './planStep';
import { listed, say } from './say';

/** The decisions as they are said of a part. */
export const DECISION_WORD: Readonly<Record<Decision, string>> = {
  reuse: 'reuse',
  dress: 'dress',
  machine: 'machine',
  pair: 'pair with another part',
  replace: 'replace',
};

/** Writes what becomes of a part: `Body: face the deck`. */
export const lineTitle = ({ part, works, decision }: PartLine): string =>
  say('rework.partWhat', {
    part: part.name,
    what:
      works.length > 0
        ? listed([...new Set(works.map(({ offer }) => offer.set?.name ?? offer.operation.name))])
        : DECISION_WORD[decision],
  });

/** Says how the gaps of a part stand that nothing is done to. */
type Fits = 'unknown' | 'in' | 'soFar' | 'after' | 'close';

/** Says how a part looked and how its gaps stand, by both. */
const REUSE: Readonly<Record<PartLine['looked'], Readonly<Record<Fits, string>>>> = {
  unseen: {
    unknown: 'Not measured.',
    in: 'Clearances in.',
    soFar: 'In as far as measured.',
    after: 'Fits after the work.',
    close: 'Too close to call.',
  },
  sound: {
    unknown: 'Looks sound; not measured.',
    in: 'Looks sound; clearances in.',
    soFar: 'Looks sound; in as far as measured.',
    after: 'Looks sound; fits after the work.',
    close: 'Looks sound; too close to call.',
  },
  passed: {
    unknown: 'Passed at Look; not measured.',
    in: 'Passed at Look; clearances in.',
    soFar: 'Passed at Look; in as far as measured.',
    after: 'Passed at Look; fits after the work.',
    close: 'Passed at Look; too close to call.',
  },
};

function reuseWords({ looked, gaps, unread }: PartLine): string {
  const verdicts = gaps.map((a) => a.verdict);
  if (verdicts.length === 0) return REUSE[looked].unknown;
  if (verdicts.every((v) => v === 'in')) return REUSE[looked][unread ? 'soFar' : 'in'];
  return verdicts.some((v) => v === 'out') ? REUSE[looked].after : REUSE[looked].close;
}

/** Says why that becomes of a part, and what it buys. */
export function lineReason(rework: ReworkCase, line: PartLine, unit: ShopUnit): string {
  if (line.works.length === 0) return line.unmet?.why ?? reuseWords(line);
  return line.works
    .map((work) => {
      const { offer, need } = work;
      const brings = broughtIn(rework, offer.id);
      return [
        stepWords(work, unit),
        brings.length > 0
          ? say('rework.brings', { checks: checksWords(brings, 1) })
          : need
            ? sentence(need.why)
            : '',
      ]
        .filter(Boolean)
        .join(' ');
    })
    .join(' ');
}

const sentence = (text: string): string =>
  /[.!?]$/.test(text) ? capital(text) : `${capital(text)}.`;

/** Says how far a gap is beyond its limits, at least and at most: `0.012 to 0.020 mm`. */
function byHowMuch({ assessment, span }: Watched, unit: ShopUnit): string {
  const { lower_mm = null, upper_mm = null } = assessment.limits ?? {};
  const over = upper_mm === null ? 0 : span.high_mm - upper_mm;
  const under = lower_mm === null ? 0 : lower_mm - span.low_mm;
  const { quantity } = assessment.characteristic;
  return formatWithUnit(Math.max(over, under), quantity, unit);
}

/** Says what is wrong with the pump: what is out first, then what is not known. */
export function findingWords(rework: ReworkCase, unit: ShopUnit): string {
  const { watched, unmeasured, unsized, unmet } = rework;
  const out = watched.filter((w) => w.assessment.verdict === 'out');
  const close = watched.filter((w) => w.assessment.verdict === 'close');
  const [worst, ...more] = out;
  const isOut = worst && {
    check: worst.assessment.characteristic.name,
    by: byHowMuch(worst, unit),
  };
  return [
    isOut
      ? more.length > 0
        ? say('rework.isOutMore', { ...isOut, count: more.length })
        : say('rework.isOut', isOut)
      : watched.length > 0 && close.length + unsized.length === 0
        ? say('rework.allIn', { count: watched.length })
        : '',
    close.length > 0 ? say('bench.tooClose', { count: close.length }) : '',
    unsized.length > 0
      ? say('rework.unsized', { checks: checksWords(unsized.map((u) => u.assessment)) })
      : '',
    ...unmet.map(({ why }) => say('rework.unmet', { why })),
    unmeasured.length > 0 ? say('rework.notMeasured', { count: unmeasured.length }) : '',
  ]
    .filter(Boolean)
    .join(' ');
}

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
function workWords(
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

/** Says in a sentence what to do with the pump. */
export function answerWords(
  answer: Pick<Decided, 'rework' | 'solved' | 'plan' | 'planned' | 'buyNew'>,
): string {
  const { rework, solved, plan, planned } = answer;
  switch (answerKind(answer)) {
    case 'replace':
      return 'Buy a new pump.';
    case 'work':
      return workWords(rework, planned);
    case 'measure':
      if (isUnread(rework)) return 'Measure first, then decide.';
      return plan ? 'Good so far: measure the rest.' : 'Measure how far it is out, then decide.';
    case 'not-ready':
      if (plan) return 'Not ready: something is left that no work here puts right.';
      return solved.blocked.length > 0
        ? 'No work that is allowed here brings it in.'
        : 'These settings exclude each other.';
    case 'reuse':
    case 'done':
      return 'Reuse it as it is.';
  }
}

/** Names a step of a work list by its order: `Face the deck`. */
export const orderOf = ({ step }: ListedStep): string =>
  operationOf(step.operation)?.order ?? 'An operation that this version does not know';

/** Says what a work list waits for: its next step, or the measuring after it. */
export function listWords({
  list,
  again,
}: Pick<Decided, 'again'> & { readonly list: WorkList }): string {
  const next = nextStepOf(list);
  if (next) return say('rework.nextStep', { step: orderOf(next) });
  return again.length > 0 ? 'Work done. Measure it again.' : 'Work done.';
}

/** Says in a sentence how a pump stands: its work list where there is one, else what to do. */
export const decisionWords = (decided: Decided): string =>
  decided.list ? listWords({ ...decided, list: decided.list }) : answerWords(decided);

/** Lists what blocks, a sentence each. */
export const blockedWords = (rework: ReworkCase, { blocked }: Rework, unit: ShopUnit): string[] =>
  blocked.flatMap(({ characteristic, short_mm }) => {
    const gap = rework.watched.find((w) => w.assessment.characteristic.id === characteristic);
    if (!gap) return [];
    const { characteristic: c } = gap.assessment;
    const short = formatWithUnit(short_mm, c.quantity, unit);
    return [say('rework.blocks', { check: c.name, short }), ...unworkedWords(rework, c)];
  });

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
