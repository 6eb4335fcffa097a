import { causesOn } from '../causes/answer';
import { causeName } from '../causes/sayCauses';
import { deliveredBands } from '../flow/answer';
import { dutyFlow, flowBasis } from '../flow/overview';
import type { State } from '../guidance/evaluator';
import { condemnedIn } from '../inspect/looking';
import { workEntriesOf } from '../journal/eras';
import { quoteOf } from '../journal/signed';
import { ownerName, partName, pumpOf } from '../pumps/registry';
import { formatFlow } from '../quantity/flow';
import { formatWithUnit } from '../quantity/format';
import { capital, lower } from '../quantity/letters';
import type { ShopUnit } from '../quantity/units';
import type { QuoteEntry } from '../records/entries/quote';
import type { Job } from '../records/job';
import type { Shop } from '../records/shop';
import { workListOf, type ListedStep } from '../rework/decision/worklist';
import { operationOf } from '../rework/operations/operations';
import { bandWords, restsOnUnmeasured } from '../wording/flowFigures';
import { orderOf } from '../wording/decide';
import { equalWords } from '../wording/workRows';
import { sayFlow } from '../wording/sayFlow';
import { dateText } from '../wording/date';
import { sumWords } from '../wording/money';
import { listed, paragraph, say, sentence } from '../wording/say';
import { namesOf } from './sentences';
import { sayReport } from './sayReport';

type Money = Shop['money'];

/** Holds what a work list comes to, to begin a quote with: its costs, and the longest that one of its steps has to be waited for. */
export interface PlanSum {
  readonly price: number;
  readonly days: number;
}

/**
 * Returns what the work list of a job comes to; null where it has none.
 *
 * @param job its journal
 */
export function planSum(job: Pick<Job, 'journal'>): PlanSum | null {
  const list = workListOf(job);
  if (!list) return null;
  const steps = list.plan.steps;
  return {
    price: steps.reduce((sum, { cost }) => sum + cost, 0),
    days: Math.max(0, ...steps.map(({ days }) => days)),
  };
}

/** Returns the id of the part that a step of a work list is done on, by the id of what was offered; null where that names none. */
function partOf(job: Job, { step }: ListedStep): string | null {
  const [, id] = step.offer.split('--');
  return pumpOf(job.sheet).parts.find((part) => part.id === id)?.id ?? null;
}

/** Says what equal steps of a work list do, and to which parts. */
function whatWords(job: Job, steps: readonly ListedStep[]): string {
  const [one] = steps as readonly [ListedStep];
  const known = operationOf(one.step.operation);
  const ids = steps.map((listed) => partOf(job, listed)).filter((id) => id !== null);
  const [first] = ids;
  if (!known || !first || ids.length < steps.length) return orderOf(one);
  return steps.length === 1
    ? say('rework.partWhat', { part: partName(job.sheet, first), what: known.name })
    : equalWords(new Set(ids), steps.length, known.name, pumpOf(job.sheet));
}

/** Says equal steps of a work list: `Body: face the deck, 0.05 mm`. */
function stepLine(job: Job, steps: readonly ListedStep[], unit: ShopUnit): string {
  const [{ step }] = steps as readonly [ListedStep];
  const what = whatWords(job, steps);
  const by = step.amount_mm === null ? '' : formatWithUnit(step.amount_mm, 'gap', unit);
  const isDone = steps.every(({ done }) => done.length > 0);
  return sayReport('report.plannedBy', {
    what,
    amount: by === '' ? 'none' : 'some',
    by,
    state: isDone ? 'done' : 'open',
  });
}

/** Lists what is to be done to a pump by its work list, equal steps together. */
export function planLines(job: Job, unit: ShopUnit): string[] {
  const list = workListOf(job);
  if (!list) return [sayReport('report.noPlan')];
  const groups = new Map<string, ListedStep[]>();
  for (const one of list.steps) {
    const key = `${one.step.operation} ${one.step.amount_mm} ${one.done.length > 0}`;
    groups.set(key, [...(groups.get(key) ?? []), one]);
  }
  return [...groups.values()].map((steps) => stepLine(job, steps, unit));
}

/** Says what the work costs and how long it takes; empty where nobody said. */
function priceWords({ price, days }: Pick<QuoteEntry, 'price' | 'days'>, money: Money): string {
  if (price === null && days === null) return '';
  return sayReport('report.price', {
    sum: price === null ? 'none' : sumWords(price, money),
    days: days ?? 0,
    time: days === null ? 'open' : 'said',
  });
}

/** Says how the quote of a job stands: what was asked, and what the customer answered. */
export function quoteWords(quote: QuoteEntry | null, money: Money): string {
  if (!quote) return sayReport('report.noQuote');
  const { state, name, date, remark } = quote;
  return paragraph(
    sayReport('report.quoteStands', {
      state,
      name: name || 'unknown',
      day: dateText(date, 'utc day'),
    }),
    priceWords(quote, money),
    remark && sentence(remark),
  );
}

/** Says how many draws of the pump the flow of a quote is made of: few, since a page waits for them. */
const DRAWING = { seed: 1, draws: 1000 } as const;

/** Says what a pump goes on giving at hot idle, and what its circuits want; empty where nobody can say, or measured no gap. */
function givesWords(job: Job, state: State, unit: ShopUnit): string {
  const basis = flowBasis(job, state);
  const { at, flow, unmeasured, demand_lpm } = dutyFlow(basis, 'idle');
  if (!flow || unmeasured === 1) return '';
  const [band] = deliveredBands(basis.subject, [at], basis.factor, DRAWING) ?? [];
  if (!band) return '';
  const text = bandWords(band, unit);
  return sayReport('report.gives', {
    sure: restsOnUnmeasured(unmeasured) ? 'little' : 'enough',
    flow:
      demand_lpm === null
        ? text
        : sayFlow('flow.wants', { text, demand: formatFlow(demand_lpm, unit) }),
  });
}

/** Says which parts stay in that were condemned by eye. */
const staysInWords = (owners: readonly string[]): string =>
  sayReport('report.staysIn', { names: capital(listed([...new Set(owners)])) });

/** Lists what happens to a pump on which nothing is done: what stays out, what it gives, what stays in, what comes back. */
export function nothingLines(job: Job, state: State, unit: ShopUnit): string[] {
  const judged = state.characteristics.filter(({ limits }) => limits !== null);
  const out = judged.filter(({ verdict }) => verdict === 'out');
  const owners = condemnedIn(job).map((surface) => lower(ownerName(job.sheet, surface)));
  if (judged.every(({ smallest, touches }) => smallest === null && touches.length === 0)) {
    return [sayReport('report.nothingKnown'), ...(owners.length > 0 ? [staysInWords(owners)] : [])];
  }
  const { shown, settled } = causesOn(job, state.characteristics);
  const [cause] = shown;
  // What was worked on may have settled what made it fail.
  const isAsItCame = workEntriesOf(job).length === 0;
  return [
    out.length > 0
      ? sayReport('report.staysOut', { count: out.length, names: capital(namesOf(out)) })
      : '',
    givesWords(job, state, unit),
    owners.length > 0 ? staysInWords(owners) : '',
    settled && cause && isAsItCame
      ? sayReport('report.comesBack', { cause: lower(causeName(cause.ranked)) })
      : '',
    out.length + owners.length === 0 ? sayReport('report.nothingOut') : '',
  ].filter(Boolean);
}

/** Returns the second sentence of a quote: what it costs and when it is ready, and how it stands. */
export const quoteSentence = (job: Job, money: Money): string => quoteWords(quoteOf(job), money);
