import type { Assessment } from '../assessment/assessment';
import { ledgerOf } from '../journal/ledger';
import type { Extremes } from '../metrology/extremes';
import { acceptedIn } from '../journal/accepted';
import { characteristicOf, partName } from '../pumps/registry';
import { acceptedWords } from '../records/entries/accept';
import { centre } from '../metrology/estimate';
import { formatWithUnit, signedLength, unitName } from '../quantity/format';
import type { ShopUnit } from '../quantity/units';
import type { Job } from '../records/job';
import { WHOLE_PUMP } from '../records/rework';
import type { Shop } from '../records/shop';
import { smallestNow } from '../rework/effects/standing';
import { termsOf } from '../rework/operations/offer';
import { operationOf } from '../rework/operations/operations';
import { workListOf } from '../rework/decision/worklist';
import { counting } from '../schema/voiding';
import { DECISION_WORD } from './partLines';
import { markedSum, minutesWords } from './money';
import { paragraph, say, sentence } from './say';
import { rangeText, shownExtremes } from './figures';
import { VERDICT_WORD } from './verdictWord';

/** Says how a gap stood before work, how it should be, and how it is: as far as each is known. */
export function pastWords(a: Assessment, unit: ShopUnit): string {
  const { quantity } = a.characteristic;
  const words = (range: Extremes | null): string =>
    range ? `${rangeText(range, unit, quantity)} ${unitName(quantity, unit)}` : '';
  const now = shownExtremes(a);
  const [before, predicted] = [words(a.before), words(a.predicted)];
  if (!now) {
    if (!before)
      return predicted ? say('rework.past.expected', { predicted }) : 'Measure it again.';
    return predicted
      ? say('rework.past.predicted', { before, predicted })
      : say('rework.past.before', { before });
  }
  const measured = { before, now: words(now), verdict: VERDICT_WORD[a.verdict] };
  return predicted
    ? say('rework.past.all', { ...measured, predicted })
    : say('rework.past.after', measured);
}

/** Says how long the work of work lists took, and what it cost, by what they said; empty where none was by a list. */
export function doneCostWords(job: Job, shop: Pick<Shop, 'money' | 'operations'>): string {
  const { plans, operations } = ledgerOf(job);
  const done = new Set(counting(operations).map(({ step }) => step));
  const steps = plans.flatMap((plan) => plan.steps.filter(({ id }) => done.has(id)));
  if (steps.length === 0) return '';
  const sum = (of: 'minutes' | 'cost') => steps.reduce((all, step) => all + step[of], 0);
  const isExample = steps.some(({ operation }) => {
    const known = operationOf(operation);
    return known && termsOf(known, shop, job.sheet).example;
  });
  return say('rework.doneCost', {
    time: minutesWords(sum('minutes')),
    sum: markedSum(sum('cost'), shop.money, isExample),
  });
}

/** Says in red that work closed a gap: what turns in it locks. */
export function closedWords(a: Assessment, unit: ShopUnit): string {
  const { name, quantity } = a.characteristic;
  const now = smallestNow(a);
  const mm = now ? centre(now) : 0;
  const length = mm < 0 ? signedLength : formatWithUnit;
  return say('rework.closed', { checks: name, now: length(mm, quantity, unit) });
}

/** Lists what was signed off, a line for each part: `Body: machine. Take 0.03 mm off. Signed off by Runa T.` */
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
    return paragraph(
      sentence(say('rework.partWhat', { part: name, what })),
      sentence(remark || why),
      by && sentence(say('rework.signedBy', { by })),
    );
  });

/** Lists the gaps that were accepted though nothing is published for them, a line for each. */
export const acceptedLines = (job: Job): string[] =>
  [...acceptedIn(job)].map(([id, acceptance]) =>
    say('rework.acceptedGap', {
      check: characteristicOf(job.sheet, id).name,
      words: acceptedWords(acceptance),
    }),
  );

/** Lists the steps of the work list that were not carried out. */
export const stepsLeft = (job: Job): string[] =>
  (workListOf(job)?.steps ?? []).flatMap(({ step, done }) =>
    done.length > 0 ? [] : [operationOf(step.operation)?.order ?? step.operation],
  );
