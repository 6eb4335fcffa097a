import type { Assessment } from '../assessment/assessment';
import { ledgerOf } from '../journal/ledger';
import type { Extremes } from '../metrology/extremes';
import { partName } from '../pumps/registry';
import { formatLength, formatWithUnit, trimmed, unitName } from '../quantity/format';
import type { ShopUnit } from '../quantity/units';
import type { Job } from '../records/job';
import { WHOLE_PUMP, type Decision } from '../records/rework';
import type { Shop } from '../records/shop';
import { bindingAt } from '../rework/binding';
import type { ReworkCase, Watched } from '../rework/case';
import { openedByOffer } from '../rework/effects';
import type { PartLine, PlannedOffer } from '../rework/lines';
import type { Price } from '../rework/money';
import { amountsOf, type Rework, type RatedPlan } from '../rework/solve';
import type { VaneReach } from '../rework/vaneReach';
import { rangeOf, type Amounts, type Problem } from '../rework/problem';
import { counting } from '../schema/voiding';
import { kindOf } from '../rework/kinds';
import { workListOf } from '../rework/worklist';
import { listed, say } from './say';
import { rangeText, shownExtremes, VERDICT_WORD } from './verdict';

/** The decisions as they are said of a part. */
export const DECISION_WORD: Readonly<Record<Decision, string>> = {
  reuse: 'reuse',
  dress: 'dress',
  machine: 'machine',
  pair: 'pair with another part',
  replace: 'replace',
};

/** Kinds of operation whose amount is said in a sentence of its own. */
const CUT_KINDS = [
  'block-ground',
  'body-ground',
  'bushing-honed',
  'deck-faced',
  'gears-ground',
  'pocket-sunk',
  'shaft-polished',
  'washer-thicker',
  'washer-thinner',
] as const;

const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

/** Tells whether an operation moves a size by its amount; what only cuts flat goes until it is flat. */
export const movesBySize = ({ works }: PlannedOffer['offer']): boolean =>
  works.some(({ moves }) => moves.some(({ perMm }) => perMm !== null));

/** Names an operation with what it is done on: `Plate, front: grind flat` */
export const offerTitle = ({ on, kind, set }: PlannedOffer['offer']): string =>
  say('rework.partWhat', { part: on, what: set?.name ?? kind.name });

/**
 * Writes the amount of a step as a shop would: `Take 0.031 mm off the deck (0.024 to 0.043 is in).` Empty
 * where it has none.
 */
export function stepWords(
  { offer, amount_mm, from_mm, to_mm }: PlannedOffer,
  unit: ShopUnit,
): string {
  const { kind, terms, set } = offer;
  if (set) return say('rework.fitSet', { set: set.name });
  if (terms.most_mm === null) return '';
  if (!movesBySize(offer)) {
    return say('rework.makeFlat', { least: formatWithUnit(from_mm, 'gap', unit) });
  }
  const said = {
    amount: formatWithUnit(amount_mm, 'gap', unit),
    from: formatLength(from_mm, 'gap', unit),
    to: formatLength(to_mm, 'gap', unit),
  };
  const known = CUT_KINDS.find((id) => id === kind.id);
  return known ? say(`rework.cut.${known}`, said) : say('rework.cut.other', said);
}

/**
 * Lists checks by name in a sentence, the first of many.
 *
 * @param most how many are named; of more there is a count
 */
export function checksWords(checks: readonly Assessment[], most = 3): string {
  const names = checks.map((a) => lower(a.characteristic.name));
  const [first = '', ...more] = names;
  return names.length > most
    ? say('rework.moreChecks', { check: first, count: more.length })
    : listed(names);
}

/** Says what has to be done along with a step, and what is measured again after it. */
export function afterWords(
  { known }: Pick<ReworkCase, 'known'>,
  all: readonly Assessment[],
  { offer }: Pick<PlannedOffer, 'offer'>,
): string {
  const again = openedByOffer(known.pump, all, offer).filter((a) => a.parts.length === 0);
  const follows = offer.works.some(
    (w) => w.work === 'ground' && w.moves.some((m) => m.dimension === 'outer-face'),
  );
  return [
    follows ? say('rework.follows') : '',
    again.length > 0 ? say('rework.then', { checks: checksWords(again) }) : '',
  ]
    .filter(Boolean)
    .join(' ');
}

/** Says what holds the ends of a step's range: `Over 0.043 mm, end clearance is out.` */
export function riskWords(
  rework: Pick<ReworkCase, 'watched'>,
  amounts: Amounts,
  { offer, from_mm, to_mm }: PlannedOffer,
  unit: ShopUnit,
): string[] {
  if (offer.terms.most_mm === null || !movesBySize(offer)) return [];
  const range = [
    [to_mm, 1],
    [from_mm, -1],
  ] as const;
  return range.flatMap(([at, towards]) => {
    const { gap, at_mm } = bindingAt(rework, amounts, offer.id, at, towards);
    if (!gap) return [];
    const check = lower(gap.characteristic.name);
    const amount = formatWithUnit(at_mm, 'gap', unit);
    return [say(towards > 0 ? 'rework.overIt' : 'rework.underIt', { amount, check })];
  });
}

/** Lists the gaps that are not in now and that an operation moves. */
function broughtIn({ watched }: Pick<ReworkCase, 'watched'>, id: string): Assessment[] {
  return watched.flatMap(({ assessment, effects }) => {
    const ends = effects.get(id);
    const moves =
      ends && [ends.low, ends.high].some(({ perMm, once_mm }) => perMm !== 0 || once_mm !== 0);
    return moves && assessment.verdict !== 'in' ? [assessment] : [];
  });
}

/** Writes what becomes of a part: `Body: face the deck`. */
export const lineTitle = ({ part, works, decision }: PartLine): string =>
  say('rework.partWhat', {
    part: part.name,
    what:
      works.length > 0
        ? listed([...new Set(works.map(({ offer }) => offer.set?.name ?? offer.kind.name))])
        : DECISION_WORD[decision],
  });

/** Says how the gaps of a part stand that nothing is done to. */
type Fits = 'unknown' | 'in' | 'after' | 'close';

/** Says how a part looked and how its gaps stand, by both. */
const REUSE: Readonly<Record<PartLine['looked'], Readonly<Record<Fits, string>>>> = {
  unseen: {
    unknown: 'Not measured.',
    in: 'Clearances in.',
    after: 'Fits after the work.',
    close: 'Too close to call.',
  },
  sound: {
    unknown: 'Looks sound; not measured.',
    in: 'Looks sound; clearances in.',
    after: 'Looks sound; fits after the work.',
    close: 'Looks sound; too close to call.',
  },
  passed: {
    unknown: 'Passed at Look; not measured.',
    in: 'Passed at Look; clearances in.',
    after: 'Passed at Look; fits after the work.',
    close: 'Passed at Look; too close to call.',
  },
};

function reuseWords({ looked, gaps }: PartLine): string {
  const verdicts = gaps.map((a) => a.verdict);
  if (verdicts.length === 0) return REUSE[looked].unknown;
  if (verdicts.every((v) => v === 'in')) return REUSE[looked].in;
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

const sentence = (text: string): string => {
  const whole = text.charAt(0).toUpperCase() + text.slice(1);
  return /[.!?]$/.test(whole) ? whole : `${whole}.`;
};

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
  const { watched, unmeasured, unsized } = rework;
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
    unmeasured.length > 0 ? say('rework.notMeasured', { count: unmeasured.length }) : '',
  ]
    .filter(Boolean)
    .join(' ');
}

/** Orders as they stand in the answer: what cuts first, then what is put in; each once. */
function ordersOf(planned: readonly PlannedOffer[]): string[] {
  const cuts = planned.filter(({ offer }) => offer.kind.decision === 'machine');
  const rest = planned.filter(({ offer }) => offer.kind.decision !== 'machine');
  return [...new Set([...cuts, ...rest].map(({ offer }) => offer.kind.order))];
}

/** Tells whether what blocks is a gap of which nobody knows how far it is out. */
export const mustBeSized = (
  { unsized }: ReworkCase,
  blocked: readonly { readonly characteristic: string }[],
): boolean =>
  unsized.some(({ assessment }) =>
    blocked.some((b) => b.characteristic === assessment.characteristic.id),
  );

/** Says in a sentence what to do with the pump. */
export function answerWords(
  rework: ReworkCase,
  { blocked }: Pick<Rework, 'blocked'>,
  planned: readonly PlannedOffer[] | null,
  buyNew: boolean,
): string {
  if (rework.watched.length === 0 && rework.unmeasured.length > 0 && rework.unmet.length === 0) {
    return 'Measure first, then decide.';
  }
  if (buyNew) return 'Buy a new pump.';
  if (planned === null) {
    if (mustBeSized(rework, blocked)) return 'Measure how far it is out, then decide.';
    return blocked.length > 0
      ? 'No work that is allowed here brings it in.'
      : 'These settings exclude each other.';
  }
  const [first, second, ...more] = ordersOf(planned);
  const then = rework.unmeasured.length > 0 ? 'measure the rest' : 'it runs';
  if (first === undefined) {
    return rework.unmeasured.length > 0 ? 'Good so far: measure the rest.' : 'Reuse it as it is.';
  }
  if (second === undefined) return say('rework.answer.one', { first, then });
  return more.length === 0
    ? say('rework.answer.two', { first, second: lower(second), then })
    : say('rework.answer.many', { first, count: more.length + 1, then });
}

/** Lists what blocks, a sentence each. */
export const blockedWords = (rework: ReworkCase, { blocked }: Rework, unit: ShopUnit): string[] =>
  blocked.flatMap(({ characteristic, short_mm }) => {
    const gap = rework.watched.find((w) => w.assessment.characteristic.id === characteristic);
    if (!gap) return [];
    const { name, quantity } = gap.assessment.characteristic;
    return [say('rework.blocks', { check: name, short: formatWithUnit(short_mm, quantity, unit) })];
  });

/** Writes a sum of money: `118`, `118 €`. */
export function sumWords(sum: number, { currency }: Shop['money']): string {
  const figure = trimmed(sum, sum < 10 ? 2 : 0);
  return currency ? say('rework.sum', { sum: figure, currency }) : figure;
}

/** Writes a stretch of work: `40 min`, `1 h 30`. */
export function minutesWords(minutes: number): string {
  const whole = Math.round(minutes);
  const [hours, rest] = [Math.floor(whole / 60), whole % 60];
  if (hours === 0) return say('rework.minutes', { minutes: whole });
  return rest === 0 ? `${hours} h` : `${hours} h ${`${rest}`.padStart(2, '0')}`;
}

/** Says what waits and what may go wrong with a way to a sound pump: `2 days, down 240`. */
export function priceDetail({ days, down, chance }: Price, money: Shop['money']): string {
  return [
    days > 0 ? say('rework.costsDown', { days, sum: sumWords(down, money) }) : 'no waiting',
    chance >= 0.005 ? say('rework.chance', { chance: Math.round(chance * 100) }) : '',
  ]
    .filter(Boolean)
    .join(' · ');
}

/** Says what a plan leaves as it is; empty for nothing. */
export const leavesWords = ({ leaves }: RatedPlan): string =>
  leaves.length > 0 ? say('rework.aboutLeft', { count: leaves.length }) : '';

/** Returns the gaps that a plan moves, those that were not in first. */
export function movedGaps(rework: ReworkCase, plan: Pick<RatedPlan, 'works'>): Watched[] {
  const amounts = amountsOf(plan);
  const moved = rework.watched.filter(({ effects }) =>
    [...amounts.keys()].some((id) => {
      const ends = effects.get(id);
      return ends && (ends.low.perMm !== 0 || ends.high.once_mm !== 0 || ends.high.perMm !== 0);
    }),
  );
  const isIn = ({ assessment }: Watched) => assessment.verdict === 'in';
  return [...moved.filter((w) => !isIn(w)), ...moved.filter(isIn)];
}

/** Says an amount and from where to where it is in: `0.031 mm; 0.024 to 0.043 is in.` */
export function rangeWords(
  problem: Problem,
  amounts: Amounts,
  operation: string,
  unit: ShopUnit,
): string {
  const { from_mm, to_mm } = rangeOf(problem, amounts, operation);
  const amount = formatWithUnit(amounts.get(operation) ?? 0, 'gap', unit);
  return from_mm <= to_mm
    ? say('rework.amountIs', {
        amount,
        from: formatLength(from_mm, 'gap', unit),
        to: formatLength(to_mm, 'gap', unit),
      })
    : say('rework.amountNever', { amount });
}

/** Says how a gap stood before work, how it should be, and how it is: as far as each is known. */
export function pastWords(a: Assessment, unit: ShopUnit): string {
  const { quantity } = a.characteristic;
  const words = (range: Extremes | null): string =>
    range ? `${rangeText(range, unit, quantity)} ${unitName(quantity, unit)}` : '';
  const now = shownExtremes(a);
  const [before, predicted] = [words(a.before), words(a.predicted)];
  if (!now) {
    return predicted
      ? say('rework.past.predicted', { before, predicted })
      : say('rework.past.before', { before });
  }
  const measured = { before, now: words(now), verdict: VERDICT_WORD[a.verdict] };
  return predicted
    ? say('rework.past.all', { ...measured, predicted })
    : say('rework.past.after', measured);
}

/** Lists what was signed off, a line for each part: `Body: machine. Take 0.03 mm off. Runa T.` */
export const decisionLines = (job: Job): string[] =>
  counting(ledgerOf(job).decisions).map(({ part, decided, proposed, why, remark, by }) => {
    const what =
      decided === proposed
        ? DECISION_WORD[decided]
        : say('rework.was', {
            decided: DECISION_WORD[decided],
            proposed: DECISION_WORD[proposed],
          });
    const name = part === WHOLE_PUMP ? 'The whole pump' : partName(job.sheet, part);
    return [`${say('rework.partWhat', { part: name, what })}.`, remark || why, by]
      .filter(Boolean)
      .join(' ');
  });

/** Lists the steps of the work list that were not carried out. */
export const stepsLeft = (job: Job): string[] =>
  (workListOf(job)?.steps ?? []).flatMap(({ step, done }) =>
    done.length > 0 ? [] : [kindOf(step.operation)?.order ?? step.operation],
  );

/** Says what of a vane stays in its slot at full reach, and the hours until that is too little. */
export function vaneWords({ inSlot_mm, verdict, hoursLeft }: VaneReach, unit: ShopUnit): string {
  if (verdict === 'escapes') {
    return 'A vane is shorter than its reach: it can leave its slot and wreck the pump. Replace the vanes.';
  }
  const left = formatWithUnit(inSlot_mm, 'size', unit);
  return hoursLeft === null
    ? say('rework.inSlot', { left })
    : say('rework.inSlotHours', { left, hours: Math.round(hoursLeft) });
}
