import { worstFirst } from '../assessment/summary';
import { restsOn } from '../journal/eras';
import { type Characteristic, type WorkKind } from '../pumps/family';
import { touchedBy } from '../rework/effects/effects';
import type { Assessment } from '../assessment/assessment';
import { formatWithUnit } from '../quantity/format';
import { lower } from '../quantity/letters';
import type { ShopUnit } from '../quantity/units';
import type { Job } from '../records/job';
import type { ReworkCase } from '../rework/decision/case';
import { standAfter } from '../rework/decision/after';
import { readCloser } from '../rework/decision/readCloser';
import type { PlannedOperation } from '../rework/decision/lines';
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
import { outWords } from './beyond';
import { checksWords, offerTitle } from './planStep';
import { WORK_WORD } from './reading';
import { listed, paragraph, say } from './say';

/** Says what is wrong with the pump: what is out first, then what is not known. */
export function findingWords(rework: ReworkCase, unit: ShopUnit): string {
  const { all, watched, unmeasured, unsized, unmet } = rework;
  const judged = worstFirst(all.filter((a) => a.limits !== null));
  const out = judged.filter((a) => a.verdict === 'out');
  const close = judged.filter((a) => a.verdict === 'close');
  const [worst, ...more] = out;
  const isOut = worst && { check: worst.characteristic.name, by: outWords(worst, unit) };
  const measured = judged.length - unmeasured.length;
  // Of the worst it was said at least how far.
  const unknown = unsized.map((u) => u.assessment).filter((a) => a !== worst);
  return paragraph(
    isOut
      ? more.length > 0
        ? say('rework.isOutMore', { ...isOut, check: lower(isOut.check), count: out.length })
        : say('rework.isOut', isOut)
      : watched.length > 0 && close.length === 0 && unmeasured.length === 0
        ? say('rework.allIn', { count: measured })
        : '',
    close.length > 0 ? say('bench.tooClose', { count: close.length }) : '',
    // Where none of those that are out has a figure, the answer itself asks for the sizes.
    unknown.length > 0 && unsized.length < out.length
      ? say('rework.unsized', { checks: checksWords(unknown) })
      : '',
    ...unmet.map(({ why }) => say('rework.unmet', { why })),
    unmeasured.length > 0 && measured > 0
      ? say('rework.measuredOf', {
          measured,
          all: judged.length,
          stand: out.length > 0 ? 'some' : close.length > 0 ? 'close' : 'in',
        })
      : '',
    notKnownWords(rework),
  );
}

/** Tells whether somebody described the pump: one that was measured without a sheet is an example's. */
const isDescribed = ({ job }: Pick<ReworkCase, 'job'>): boolean => job.sheet.examples.length === 0;

/** Says of a pump that was measured without a sheet of its own of how many checks nothing is known; empty for others. */
function notKnownWords({ all, job }: ReworkCase): string {
  if (isDescribed({ job })) return '';
  const count = all.filter(
    ({ limits, largest, touches }) => !limits && !largest && touches.length === 0,
  ).length;
  return count > 0 ? say('rework.notKnown', { count }) : '';
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

/** Says what is done, and what comes of it: `Face the deck. All checks then come in.` */
function workOrderWords(
  rework: ReworkCase,
  plan: RatedPlan,
  planned: readonly PlannedOperation[],
): string {
  const then = standAfter(rework, plan);
  const [first = '', second, ...more] = ordersOf(planned);
  if (second === undefined) return say('rework.answer.one', { first, then });
  return more.length === 0
    ? say('rework.answer.two', { first, second: lower(second), then })
    : say('rework.answer.many', { first, count: more.length + 1, then });
}

/** Says of what was worked on that nobody knows whether it is open. */
const unclearWords = (unclear: readonly Assessment[]): string =>
  say('rework.unclear', { checks: checksWords(unclear, 2), count: unclear.length });

/** Says what has to be measured before work that would narrow it. */
export const unseenWords = (unseen: readonly Assessment[]): string =>
  say('rework.unseen', { checks: checksWords(unseen, 2), count: unseen.length });

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
  const doubtful = rework.contradicted.map((a) => a.characteristic.id);
  if (doubtful.length > 0) return say('rework.contradicted', { checks: named(doubtful) });
  if (solved.closer.length > 0) return say('rework.closer', { checks: named(solved.closer) });
  const { unclear } = rework;
  if (unclear.length > 0) return unclearWords(unclear);
  const unseen = unseenBy(rework, planned);
  if (unseen.length > 0) return unseenWords(unseen);
  if (plan && plan.again.length > 0) return say('rework.again', { checks: named(plan.again) });
  if (plan) return 'Good so far: measure the rest.';
  const canTell = rework.unsized.some(({ assessment }) => readCloser(rework, assessment) !== null);
  return canTell
    ? 'Read the sizes first: leaves show Out, not how far.'
    : 'Leaves show Out, and yours cannot tell how far: use another instrument.';
}

/** Says how the checks with a limit stand of which none is out: all in, some too close to call; or that there are none. */
function standOf({ all }: ReworkCase): 'none' | 'close' | 'in' {
  const judged = all.filter((a) => a.limits !== null);
  if (judged.length === 0) return 'none';
  return judged.every(({ verdict }) => verdict === 'in') ? 'in' : 'close';
}

/** Says of a pump for which nothing is published that no work is asked for, and whether a person has accepted it. */
function unlimitedWords({ all, accepted }: ReworkCase): string {
  const measured = all.filter((a) => a.largest !== null || a.touches.length > 0);
  return measured.length > 0 && accepted.length === measured.length
    ? say('rework.reuseAccepted', { count: measured.length })
    : 'Nothing seen asks for work, and no check has a limit.';
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
      return plan ? workOrderWords(rework, plan, planned) : '';
    case 'measure':
      return measureWords(answer);
    case 'not-ready':
      if (plan && rework.unmet.length === 0) {
        const count = unseenSurfaces(rework).length;
        // Of a pump that was measured without a sheet, what was asked is not all that there is to check.
        const stand = isDescribed(rework) ? standOf(rework) : 'none';
        return say('rework.lookFirst', { stand, count });
      }
      if (plan) {
        const surfaces = [...new Set(rework.unmet.map(({ surface }) => lower(surface.name)))];
        return say('rework.notReady', { surfaces: listed(surfaces), count: surfaces.length });
      }
      return solved.blocked.length > 0
        ? 'No work that is allowed here brings all checks in.'
        : 'What you held cannot all be kept. Release one.';
    case 'reuse':
      if (plan && plan.leaves.length > 0) return 'Leave it as it is.';
      return standOf(rework) === 'none' ? unlimitedWords(rework) : 'Reuse it as it is.';
    case 'done':
      return doneWords(rework.job);
  }
}

/** Says what was carried out on a pump: `Done: face the deck, replace the bushing.` */
export function doneWords(job: Job): string {
  const orders = doneWork(job).map(
    ({ operation }) => operationOf(operation)?.order ?? WORK_WORD[operation as WorkKind],
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
  if (again.length > 0) return say('rework.doneMeasure', { checks: checksWords(again) });
  return unclear.length > 0 ? unclearWords(unclear) : doneWords(job);
}

/** Says in a sentence how a pump stands: its work list where there is one, else what to do. */
export const decisionWords = (decided: Decided): string =>
  decided.list
    ? listWords({ ...decided, list: decided.list, job: decided.rework.job })
    : answerWords(decided);

/** Lists what blocks, a sentence each; nothing while something has to be measured that may unblock it. */
export function blockedWords(rework: ReworkCase, solved: Rework, unit: ShopUnit): string[] {
  if (solved.closer.length > 0 || rework.contradicted.length > 0) return [];
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
