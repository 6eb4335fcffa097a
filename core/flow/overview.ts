import type { State } from '../guidance/evaluator';
import type { CharacteristicId } from '../pumps/ids';
import type { Job } from '../records/job';
import type { ReworkCase } from '../rework/decision/case';
import type { PlannedWork } from '../rework/solver/plan';
import { lossOf } from './model';
import { middleFlow, unmeasuredShare, type MiddleFlow, type SlipFactor } from './answer';
import { factorOf, fitNow, type JobFit } from './benchTest';
import { circuitsOf, demandOf, stateFor, type Duty, type JobState } from './demand';
import { fluidOf, type JobFluid } from './fluids';
import { even, type Gap } from './gap';
import {
  jobPump,
  pumpAtOther,
  middleGaps,
  runningAt,
  runningGaps,
  type Conditions,
  type JobPump,
} from './jobPump';
import type { GapFrom } from './known';
import { standingAfter } from './planned';

/** Everything that the flow of a job's pump rests on, whatever it is asked for. */
export interface FlowBasis {
  readonly job: Job;
  readonly state: State;
  readonly fluid: JobFluid;
  readonly subject: JobPump;
  readonly fit: JobFit | null;
  readonly factor: SlipFactor;
}

/**
 * Returns what the flow of a job's pump rests on: its oil, its gaps, what its tests made of the model.
 *
 * @param job with its sheet
 * @param state what its readings come to
 */
export function flowBasis(job: Job, state: State): FlowBasis {
  const fluid = fluidOf(job);
  const fit = fitNow(job, state, fluid.fluid);
  return { job, state, fluid, subject: jobPump(job, state), fit, factor: factorOf(fit) };
}

type Works = readonly Pick<PlannedWork, 'id' | 'amount_mm'>[];

/**
 * Returns the pump of a job as works leave it.
 *
 * @param basis what its flow rests on
 * @param rework what plans for the pump are made from
 * @param works of a plan, with their amounts in mm
 */
export const pumpAfter = (
  { job, state, subject }: Pick<FlowBasis, 'job' | 'state' | 'subject'>,
  rework: Pick<ReworkCase, 'offers' | 'known'>,
  works: Works,
): JobPump => pumpAtOther(subject, job, state, standingAfter(rework, works));

/** Says what is asked of a pump at one of its two states. */
export interface DutyFlow {
  readonly duty: Duty;
  readonly how: JobState;
  readonly at: Conditions;
  readonly flow: MiddleFlow | null;
  /** In l/min; null where nobody said what its circuits want. */
  readonly demand_lpm: number | null;
  /** Share of what is lost through gaps that nobody measured; 1 where none was. */
  readonly unmeasured: number;
}

/**
 * Returns what a job's pump delivers at hot idle or at working speed, and what is asked of it there.
 *
 * @param basis what its flow rests on
 * @param duty hot idle, or working speed
 * @param subject the pump; as it is now where it is left out
 */
export function dutyFlow(basis: FlowBasis, duty: Duty, subject: JobPump = basis.subject): DutyFlow {
  const how = stateFor(basis.job, duty);
  const at = { ...how.state, fluid: basis.fluid.fluid };
  const flow = middleFlow(subject, at, basis.factor);
  return {
    duty,
    how,
    at,
    flow,
    demand_lpm: demandOf(circuitsOf(basis.job), duty)?.flow_lpm ?? null,
    unmeasured: flow ? unmeasuredShare(flow.paths) : 1,
  };
}

/**
 * Returns what some works of a plan buy in flow at hot idle: that of the whole plan, less that of the plan without
 * them, in l/min; null where nobody can say.
 *
 * @param basis what its flow rests on
 * @param rework what plans for the pump are made from
 * @param works of the plan, with their amounts in mm
 * @param without ids of the works that are weighed
 */
export function gainOf(
  basis: FlowBasis,
  rework: Pick<ReworkCase, 'offers' | 'known'>,
  works: Works,
  without: readonly string[],
): number | null {
  const of = (done: Works) =>
    dutyFlow(basis, 'idle', pumpAfter(basis, rework, done)).flow?.delivered_lpm;
  const whole = of(works);
  const less = of(works.filter(({ id }) => !without.includes(id)));
  return whole === undefined || less === undefined ? null : whole - less;
}

/** A gap that nobody measured, and by how much the flow hangs on it. */
export interface Unmeasured {
  readonly characteristic: CharacteristicId;
  readonly from: GapFrom;
  /** Says what is delivered less where it is as wide as it may be than where it is as narrow, in l/min. */
  readonly swing_lpm: number;
}

/** Less than this share of what a pump moves is not worth measuring for. */
const MATTERS = 0.02;

/**
 * Lists the gaps that nobody measured and on which the flow hangs, that on which most hangs first.
 *
 * @param basis what its flow rests on
 * @param at how it runs, and on what
 */
export function toMeasureForFlow(
  { subject, factor }: Pick<FlowBasis, 'subject' | 'factor'>,
  at: Conditions,
): Unmeasured[] {
  const { known, pump, displacement } = subject;
  if (displacement.cc_rev === null || displacement.missing.length > 0) return [];
  const middle = middleGaps(known);
  const state = runningAt(at);
  const slip = (id: CharacteristicId, mm: number): number => {
    const gapAt = (one: CharacteristicId): Gap | undefined =>
      one === id ? even(mm) : middle.get(one);
    const hot = runningGaps(known, gapAt, at.temp_C);
    return factor.K * lossOf(pump, (one) => hot.get(one) ?? 0, state);
  };
  const least = (MATTERS * displacement.cc_rev * at.rpm) / 1000;
  return [...known.gaps]
    .flatMap(([characteristic, { from, known: gap }]) => {
      const { smallest } = gap;
      if (from === 'measured' || from === 'predicted' || smallest.kind !== 'even') return [];
      const swing_lpm = slip(characteristic, smallest.hi_mm) - slip(characteristic, smallest.lo_mm);
      return swing_lpm > least ? [{ characteristic, from, swing_lpm }] : [];
    })
    .sort((a, b) => b.swing_lpm - a.swing_lpm);
}

/** A pump is looked at up to this gap, in mm: no pump runs with a wider one. */
const WIDEST_mm = 3;

const HALVINGS = 40;

/** Returns where a falling figure reaches a value between two ends, by halving. */
function whereFalls(at: (x: number) => number, value: number, from: number, to: number): number {
  let [low, high] = [from, to];
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2;
    if (at(middle) > value) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/**
 * Returns the gap at which a pump would fall under what its circuits want, its other gaps as they are, in mm at 20 °C;
 * null where it is under that with no gap at all, or holds it with any.
 *
 * @param basis what its flow rests on
 * @param id the characteristic
 * @param at how it runs, and on what
 * @param demand_lpm what its circuits want
 */
export function gapAtDemand(
  { subject, factor }: Pick<FlowBasis, 'subject' | 'factor'>,
  id: CharacteristicId,
  at: Conditions,
  demand_lpm: number,
): number | null {
  const middle = middleGaps(subject.known);
  const delivered = (mm: number) =>
    middleFlow(subject, at, factor, (one) => (one === id ? even(mm) : middle.get(one)))
      ?.delivered_lpm ?? NaN;
  const [shut, wide] = [delivered(0), delivered(WIDEST_mm)];
  if (!(shut > demand_lpm) || !(wide < demand_lpm)) return null;
  return whereFalls(delivered, demand_lpm, 0, WIDEST_mm);
}

/**
 * Returns the pressure at which all that a pump moves slips back, in bar; null where it reaches what is asked.
 *
 * @param basis what its flow rests on
 * @param at how it runs, and on what
 */
export function pressureReached(
  { subject, factor }: Pick<FlowBasis, 'subject' | 'factor'>,
  at: Conditions,
): number | null {
  const left = (pressure_bar: number) => {
    const flow = middleFlow(subject, { ...at, pressure_bar }, factor);
    return flow ? flow.theoretical_lpm - flow.slip_lpm : NaN;
  };
  if (!(left(at.pressure_bar) < 0)) return null;
  return whereFalls(left, 0, 0, at.pressure_bar);
}

/** Share of the torque that goes into pressure: an assumption. */
const MECHANICAL = 0.85;

/**
 * Returns the torque that turns a pump, in Nm: V·Δp/(2π·0.85).
 *
 * @param cc_rev what it moves in a turn, in cm³
 * @param pressure_bar from its inlet to its outlet, in bar
 * @example
 * torque_Nm(20, 100); // 37.448222
 */
export const torque_Nm = (cc_rev: number, pressure_bar: number): number =>
  (cc_rev * pressure_bar) / 10 / (2 * Math.PI * MECHANICAL);

/**
 * Returns the states of a row along which a pump is looked at, from nothing to the end.
 *
 * @param at how it runs otherwise
 * @param along what changes
 * @param most where the row ends, in turns a minute or bar
 * @param steps how many there are
 * @example
 * const at = { rpm: 700, pressure_bar: 8, temp_C: 90 };
 * statesAlong(at, 'rpm', 2000, 3).map(({ rpm }) => rpm); // [0, 1000, 2000]
 */
export const statesAlong = (
  at: Conditions,
  along: 'rpm' | 'pressure_bar',
  most: number,
  steps: number,
): Conditions[] =>
  Array.from({ length: steps }, (_, i) => ({ ...at, [along]: (most * i) / (steps - 1) }));
