import type { Band } from '../flow/answer';
import type { DutyFlow } from '../flow/overview';
import { bareTorque, flowWithin, formatFlow, formatPressure, torqueUnit } from '../quantity/flow';
import { formatWithUnit } from '../quantity/format';
import { capital } from '../quantity/letters';
import type { ShopUnit } from '../quantity/units';
import type { StandAfter } from '../rework/decision/after';
import {
  afterWords,
  bandWords,
  feedingOf,
  fineOf,
  flowWords,
  isChanged,
  restsOnUnmeasured,
  NO_GAIN_lpm,
} from './flowFigures';
import { paragraph } from './say';
import { sayFlow } from './sayFlow';

/** Says what of a plan's flow is said in Decide. */
export interface PlanFlowSaid {
  /** Says what is delivered at hot idle now, and after the work. */
  readonly line: string;
  /** Says what it is worth knowing beside the verdicts, never instead of them; empty for nothing. */
  readonly fact: string;
}

/** Holds what is known of the flow at hot idle, now and after a plan. */
export interface PlanFlow {
  /** Says what is delivered with the gaps in the middle, in l/min; null where nobody can say. */
  readonly now_lpm: number | null;
  /** Bands of now and after the plan; null while they are drawn, or where there are none. */
  readonly idle: Band | null;
  readonly after: Band | null;
  readonly demand_lpm: number | null;
  /** Share of what is lost now through gaps that nobody measured. */
  readonly unmeasured: number;
}

/** Says how checks stand: whether one is out now, and how all of them do after the plan; null for no plan. */
export interface ChecksStand {
  readonly isOut: boolean;
  readonly after: StandAfter | null;
}

/**
 * Says what a plan makes of the flow at hot idle, and what of that stands beside the verdicts: a plan that brings all
 * in and leaves the circuits hungry, a pump that is out and feeds them with margin.
 */
export function planFlowWords(
  { now_lpm, idle, after, demand_lpm, unmeasured }: PlanFlow,
  checks: ChecksStand,
  unit: ShopUnit,
): PlanFlowSaid {
  if (now_lpm === null) return { line: sayFlow('flow.unknown'), fact: '' };
  if (unmeasured === 1) return { line: sayFlow('flow.wouldLine'), fact: '' };
  const now = idle ? bandWords(idle, unit) : flowWords(now_lpm, unit);
  const told =
    idle && after && isChanged(idle, after)
      ? sayFlow('flow.nowAndAfter', { now, after: afterWords(idle, after, unit) })
      : now;
  const line =
    demand_lpm === null
      ? told
      : sayFlow('flow.wants', { text: told, demand: formatFlow(demand_lpm, unit) });
  return { line, fact: factOf({ idle, after, demand_lpm, unmeasured }, checks) };
}

/** Says what the flow adds to the verdicts; empty for nothing. */
function factOf(
  { idle, after, demand_lpm, unmeasured }: Omit<PlanFlow, 'now_lpm'>,
  checks: ChecksStand,
): string {
  const then = after && feedingOf(after, demand_lpm);
  const stand = checks.after;
  if (stand === 'come' || stand === 'stay') {
    if (then === 'starves') return sayFlow('flow.stillStarves', { stand });
    if (then === 'may') return sayFlow('flow.stillMayStarve', { stand });
  }
  const isAmple = idle !== null && feedingOf(idle, demand_lpm) === 'margin';
  return checks.isOut && isAmple
    ? sayFlow(restsOnUnmeasured(unmeasured) ? 'flow.outFeedsIf' : 'flow.outFeeds')
    : '';
}

/** Says what works of a plan buy in flow at hot idle; empty for nothing. */
export function gainWords(gain_lpm: number | null, unit: ShopUnit): string {
  if (gain_lpm === null || Math.abs(gain_lpm) < NO_GAIN_lpm) return '';
  const sign = gain_lpm > 0 ? '+' : '−';
  return sayFlow('flow.buys', { gain: `${sign}${flowWords(Math.abs(gain_lpm), unit)}` });
}

/**
 * Says what a change makes of the flow at one of the two states, and what is wanted there: before and after in so many
 * figures that they differ, as the same model gives both.
 */
export function dutyChangeWords(
  duty: DutyFlow['duty'],
  now_lpm: number,
  then_lpm: number,
  demand_lpm: number | null,
  unit: ShopUnit,
): string {
  const change_lpm = Math.abs(then_lpm - now_lpm);
  const isSame = change_lpm < NO_GAIN_lpm;
  const within_lpm = isSame ? fineOf(then_lpm) : Math.min(fineOf(then_lpm), change_lpm);
  const figures = {
    duty: capital(sayFlow(`flow.at.${duty}`)),
    before: isSame
      ? sayFlow('flow.asBefore')
      : sayFlow('flow.before', { now: flowWithin(now_lpm, within_lpm, unit) }),
    then: flowWithin(then_lpm, within_lpm, unit),
  };
  return demand_lpm === null
    ? sayFlow('flow.changes', figures)
    : sayFlow('flow.changesFor', { ...figures, demand: formatFlow(demand_lpm, unit) });
}

/** A figure before a change and after it. */
interface Change {
  readonly before: number;
  readonly after: number;
}

/** Figures of a torque that count: its friction is assumed. */
const ABOUT = 2;

/** Says what another size of pump asks of the drive and the inlet, and what has to change with it. */
export function sizeWords(
  cc: Change,
  torque: Change,
  pressure_bar: number,
  also: 'flow.widerAlso' | 'flow.otherAlso',
  unit: ShopUnit,
): string {
  const of = (figures: number) => ({
    before: bareTorque(torque.before, figures, unit),
    after: bareTorque(torque.after, figures, unit),
  });
  const about = of(ABOUT);
  return paragraph(
    sayFlow('flow.widerMoves', { before: cc.before.toFixed(1), after: cc.after.toFixed(1) }),
    sayFlow('flow.widerTurns', {
      pressure: formatPressure(pressure_bar, unit),
      unit: torqueUnit(unit),
      // A small change shows by one figure more.
      ...(about.before === about.after ? of(ABOUT + 1) : about),
    }),
    sayFlow('flow.widerInlet', {
      percent: Math.abs(100 * (cc.after / cc.before - 1)).toFixed(0),
      side: cc.after < cc.before ? 'less' : 'more',
    }),
    sayFlow(also),
  );
}

/** Says up to which gap a pump feeds its circuits: the model's word, where no limit is published. */
export const wantedGapWords = (gap_mm: number, unit: ShopUnit): string =>
  sayFlow('flow.gapWanted', { gap: formatWithUnit(gap_mm, 'gap', unit) });

/** Adds to what a gap is the gap at which the circuits would want for flow: the model's word, where no limit is published. */
export const demandGapWords = (figure: string, gap_mm: number, unit: ShopUnit): string =>
  sayFlow('flow.gapAt', { figure, gap: formatWithUnit(gap_mm, 'gap', unit) });
