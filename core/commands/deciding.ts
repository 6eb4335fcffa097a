import { record, withVoided } from '../journal/commands';
import type { CharacteristicId } from '../pumps/ids';
import type { WorkEntry } from '../records/entries/operation';
import type { Acceptance } from '../records/entries/accept';
import type { Plan, PlanStep } from '../records/entries/plan';
import type { DecisionEntry } from '../records/entries/decision';
import { minutesOf, costOfOffer, type Offer } from '../rework/operations/offer';
import type { PlannedOperation } from '../rework/decision/lines';
import { workListOf } from '../rework/decision/worklist';
import { stampOf, standing, type Command, type Stamp } from './command';
import {
  onAcceptances,
  onDecisions,
  onFields,
  onPlan,
  onStep,
  onWorkList,
  onWorkOf,
} from './stands';

/** Tells whether a planned operation is work: reading something once more is none. */
const isWork = ({ offer }: PlannedOperation): boolean => offer.again === null;

const hasAmount = ({ offer }: PlannedOperation): boolean => offer.terms.most_mm !== null;

/** Makes a plan the work list; it takes the place of the one before, whose work stays done. */
export const makeWorkList = (planned: readonly PlannedOperation[], rate: number): Command =>
  standing(onPlan, (job, made) => {
    const steps = planned.filter(isWork).map((p, i): PlanStep => {
      // A cut to what is bought is worked out when that is in hand.
      const amounts =
        hasAmount(p) && p.waitsFor.length === 0
          ? { amount_mm: p.amount_mm, from_mm: p.from_mm, to_mm: p.to_mm }
          : { amount_mm: null, from_mm: null, to_mm: null };
      return {
        id: stampOf(made, i).id,
        operation: p.offer.operation.id,
        offer: p.offer.id,
        ...amounts,
        cost: costOfOffer(p.offer, rate),
        minutes: minutesOf(p.offer),
        days: p.offer.terms.days,
      };
    });
    const plan: Plan = { ...made, kind: 'plan', steps, remark: '' };
    return record(job, plan);
  });

/** Says in which thicknesses the thrust washer can be had, on the sheet that a job works by; in mm. */
export const setWashers = (washers_mm: readonly number[]): Command =>
  standing(onFields('sheet'), (job) => ({
    ...job,
    sheet: { ...job.sheet, washers_mm: [...washers_mm] },
  }));

/** Drops the work list; what was carried out of it stays done. */
export const dropWorkList: Command = standing(onWorkList, (job, { at, by }) => {
  const list = workListOf(job);
  return list ? withVoided(job, [list.plan.id], { at, by, why: 'planned again' }) : job;
});

/**
 * Returns what was carried out of a step, an operation for each part and kind of work.
 *
 * @param amount_mm the amount really taken, over zero; null where nobody measured it, or there is none
 * @param u_mm standard uncertainty of that amount
 * @param make the maker of what was put in; empty where nobody said
 */
export const workEntriesFor = (
  offer: Offer,
  step: string | null,
  amount_mm: number | null,
  u_mm: number,
  made: Stamp,
  make = '',
): WorkEntry[] =>
  offer.works.map(({ part, work, moves }, i) => ({
    ...stampOf(made, i),
    kind: 'operation',
    part,
    work,
    step,
    piece: null,
    make: work === 'exchanged' ? make : '',
    remark: '',
    changes: moves.map(({ dimension, perMm }) => {
      const moved = perMm !== null && amount_mm !== null;
      return {
        dimension,
        by_mm: moved ? perMm * amount_mm : null,
        u_mm: moved ? Math.abs(perMm) * u_mm : 0,
      };
    }),
  }));

/** Records that an operation was carried out, by how much it really was. */
export const carryOut = (
  offer: Offer,
  step: string | null,
  amount_mm: number | null,
  u_mm: number,
  make = '',
): Command =>
  standing(
    step === null ? onWorkOf(offer.works.map(({ part }) => part)) : onStep(step),
    (job, made) => record(job, ...workEntriesFor(offer, step, amount_mm, u_mm, made, make)),
  );

/** Takes back what was carried out of a step of the work list. */
export const undoStep =
  (done: readonly { readonly id: string }[]): Command =>
  (job, { at, by }) =>
    withVoided(
      job,
      done.map(({ id }) => id),
      { at, by, why: 'undone' },
    );

/** Accepts gaps for which nothing is published, as they are, for a reason; what was accepted before no longer counts. */
export const acceptGaps = (characteristics: readonly CharacteristicId[], why: string): Command =>
  standing(onAcceptances(characteristics), (job, made) => {
    const { at, by } = made;
    const earlier = job.journal.flatMap((entry) =>
      entry.kind === 'accept' && characteristics.includes(entry.characteristic) ? [entry.id] : [],
    );
    const accepted = characteristics.map((characteristic, i): Acceptance => ({
      ...stampOf(made, i),
      kind: 'accept',
      characteristic,
      why,
    }));
    return record(withVoided(job, earlier, { at, by, why: 'accepted again' }), ...accepted);
  });

/** Takes an acceptance back. */
export const withdrawAcceptance =
  (id: string): Command =>
  (job, { at, by }) =>
    withVoided(job, [id], { at, by, why: 'not accepted after all' });

/** Holds what a person decided of a part. */
export type Signed = Pick<DecisionEntry, 'part' | 'proposed' | 'why' | 'decided' | 'remark'>;

/** Signs off what becomes of each part; what was signed before of the same parts no longer counts. */
export const signOff = (decisions: readonly Signed[]): Command =>
  standing(onDecisions(decisions.map(({ part }) => part)), (job, made) => {
    const parts = new Set(decisions.map(({ part }) => part));
    const earlier = job.journal.flatMap((entry) =>
      entry.kind === 'decision' && parts.has(entry.part) ? [entry.id] : [],
    );
    const voided = withVoided(job, earlier, { at: made.at, by: made.by, why: 'signed off again' });
    const signed = decisions.map((d, i): DecisionEntry => ({
      ...stampOf(made, i),
      kind: 'decision',
      ...d,
    }));
    return record(voided, ...signed);
  });
