import { Evaluator } from '../core/guidance/evaluator';
import { InputError } from '../core/errors';
import type { Job } from '../core/records/job';
import { NEW_SHOP, type Shop } from '../core/records/shop';
import { reworkCase, type ReworkCase, type Watched } from '../core/rework/decision/case';
import { isMovedBy } from '../core/rework/decision/asked';
import { isWithin, leastAllowed } from '../core/rework/effects/standing';
import { decide } from '../core/rework/decision/decide';
import { plannedOperations, type PlannedOperation } from '../core/rework/decision/lines';
import { toMeasure } from '../core/rework/decision/measure';
import { priceOf, type Price } from '../core/rework/decision/money';
import { partStates } from '../core/rework/decision/parts';
import type { RatedPlan } from '../core/rework/decision/rated';
import { amountsOf, outAfter, solveRework, spansAfter } from '../core/rework/decision/solve';
import { doneWork } from '../core/rework/decision/worklist';
import { NO_EFFECT } from '../core/rework/effects/effects';
import type { Effect } from '../core/rework/solver/problem';
import type { Solver } from '../core/rework/solver/program';
import { decisionWords } from '../core/wording/decide';
import { settlesWords } from '../core/wording/toMeasure';
import { bench } from './file';
import { jobIn } from './job';

/**
 * Returns the shop of a file; a new one's where no file is given.
 *
 * @throws InputError where the file holds none
 */
export function shopIn(file: object | null | undefined): Shop {
  if (!file) return NEW_SHOP;
  const { shop } = bench(file, 'shop');
  if (!shop) throw new InputError('shop', 'no-shop', 'A file with the shop’s record is wanted.');
  return shop;
}

/** Returns how an operation of a plan moves the ends of a gap: what a bought part may come out worse by counts where no cut follows. */
function effectsIn({ effects }: Watched, offer: string, done: readonly string[]) {
  const both = effects.get(offer) ?? NO_EFFECT;
  const by = ({ perMm, once_mm, spread_mm = 0 }: Effect, end: 'low' | 'high') => {
    const isCut = done.some((id) => (effects.get(id)?.[end].perMm ?? 0) !== 0);
    return { perMm, once_mm: once_mm + (isCut ? 0 : spread_mm) };
  };
  return { low: by(both.low, 'low'), high: by(both.high, 'high') };
}

/** Returns a planned operation, and how it moves the ends of each gap that it touches. */
function workOf(
  { watched }: ReworkCase,
  { works }: RatedPlan,
  { offer, need, ...amounts }: PlannedOperation,
) {
  const hasAmount = offer.terms.most_mm !== null;
  const moved = watched.filter((w) => isMovedBy(w, offer.id));
  const done = works.map(({ id }) => id);
  return {
    operation: offer.operation.id,
    parts: offer.parts,
    why: need === null ? 'gap' : need.finding === null ? 'house' : 'finding',
    label: offer.piece?.label ?? null,
    amount_mm: hasAmount ? amounts.amount_mm : null,
    from_mm: hasAmount ? amounts.from_mm : null,
    to_mm: hasAmount ? amounts.to_mm : null,
    effects: Object.fromEntries(
      moved.map((w) => [w.assessment.characteristic.id, effectsIn(w, offer.id, done)]),
    ),
  };
}

/** Returns each watched gap as a plan leaves it. */
function predictedBy(rework: ReworkCase, plan: RatedPlan) {
  const amounts = amountsOf(plan);
  const spans = spansAfter(rework, amounts);
  const out = outAfter(rework, amounts);
  return rework.watched.map(({ assessment }) => {
    const { characteristic, limits } = assessment;
    const least = leastAllowed(assessment);
    const span = spans.get(characteristic.id);
    return {
      characteristic: characteristic.id,
      lo_mm: span?.low_mm ?? null,
      hi_mm: span?.high_mm ?? null,
      lower_mm: least?.mm ?? null,
      lowerFrom: least?.from ?? null,
      upper_mm: limits?.upper_mm ?? null,
      verdict: out.includes(assessment)
        ? assessment.verdict
        : assessment.verdict === 'in' || (span && isWithin(span, assessment))
          ? 'in'
          : 'close',
    };
  });
}

/** Splits what a plan costs into what is paid, the shop's own time and the waiting. */
function costsOf({ work, minutes, days, down, chance, expected }: Price, rate: number) {
  const bench = (minutes / 60) * rate;
  return {
    cost: work + down,
    paid: work - bench,
    bench,
    downtime: down,
    minutes,
    days,
    chance,
    expected,
  };
}

/**
 * Returns the whole answer for the pump in a file of one job, as the stage Decide shows it.
 *
 * @param shopFile holds the shop's prices and operations; a new shop's where it is absent
 */
export function decideFile(file: object, shopFile: object | null | undefined, solve: Solver) {
  const job: Job = jobIn(file);
  const shop = shopIn(shopFile);
  const { parts } = bench(file, 'file');
  const rework = reworkCase(job, new Evaluator().state(job), shop, { shelf: parts });
  const solved = solveRework(rework, solve);
  const decided = decide(rework, solved);
  const { newPump, lines, kind, planned } = decided;
  return {
    kind,
    sentence: decisionWords(decided),
    measure: toMeasure(rework, solved, planned).map((m) => ({
      ...m,
      // To the command whatever gives a figure is a size.
      by: m.by === 'dial' ? 'sizes' : m.by,
      settles: settlesWords(job.sheet, m),
    })),
    plans: solved.plans.map((plan) => ({
      ...costsOf(priceOf(rework, plan), shop.money.rate),
      works: plannedOperations(rework, plan).map((p) => workOf(rework, plan, p)),
      predicted: predictedBy(rework, plan),
    })),
    newPump: {
      cost: newPump.work + newPump.down,
      days: newPump.days,
      expected: newPump.expected,
      priced: rework.newPump.priced,
    },
    parts: partStates(rework, lines),
    done: doneWork(job),
  };
}
