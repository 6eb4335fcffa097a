import type { CharacteristicId } from '../../pumps/ids';
import { hasRole } from '../../pumps/kinds';
import type { Assessment } from '../../assessment/assessment';
import type { ReworkCase, Setting } from './case';
import { gapOfRow, problemIn, rowsOf, type Doubt } from './asked';
import { measuredCloser } from './closer';
import { cheapestOf, doubtsIn } from './doubts';
import { inHand } from './hand';
import { rated, type RatedPlan } from './rated';
import type { HouseRules } from '../../records/rules';
import type { Operation } from '../operations/operation';
import type { Offer } from '../operations/offer';
import { blockingRows } from '../solver/blocking';
import { cheapestPlans, type Solution } from '../solver/plan';
import { rangeOf, spreadOf, valueAfter, type Amounts, type Problem } from '../solver/problem';
import type { Solver } from '../solver/program';
import type { GapRange } from '../effects/standing';

/** So many plans are shown. */
const MOST_PLANS = 4;

/** A gap that no plan brings in, and by how much it misses at best, in mm. */
export interface Blocked {
  readonly characteristic: CharacteristicId;
  readonly short_mm: number;
}

/** Holds what can be done about a pump. */
export interface Rework {
  /** Lists the plans, that of the least expected cost first; none where something blocks. */
  readonly plans: readonly RatedPlan[];
  readonly blocked: readonly Blocked[];
  /** Lists the gaps that are measured closer first: what is done hangs on where in their brackets they lie. */
  readonly closer: readonly CharacteristicId[];
}

/**
 * Returns the amounts of a plan by operation, in mm.
 *
 * @param plan its works and their amounts, in mm
 * @example
 * amountsOf({ works: [{ id: 'lap', amount_mm: 0.03 }] }); // { lap: 0.03 }
 */
export const amountsOf = ({ works }: Pick<Solution, 'works'>): Amounts =>
  new Map(works.map(({ id, amount_mm }) => [id, amount_mm]));

/**
 * Returns the span of each watched gap after work, by its characteristic, in mm: a bought part lies somewhere in its range.
 *
 * @param rework what plans for the pump are made from
 * @param amounts of a plan, in mm, by operation
 */
export function spansAfter(
  { watched }: Pick<ReworkCase, 'watched'>,
  amounts: Amounts,
): ReadonlyMap<string, GapRange> {
  return new Map(
    watched.map((w) => {
      const at = (end: 'low' | 'high') => {
        const moved = new Map([...w.effects].map(([id, both]) => [id, both[end]]));
        const value_mm = end === 'low' ? w.span.low_mm : w.span.high_mm;
        const row = { id: '', value_mm, lower_mm: null, upper_mm: null, moved };
        return valueAfter(row, amounts) + spreadOf(moved, [...amounts.keys()]);
      };
      return [w.assessment.characteristic.id, { low_mm: at('low'), high_mm: at('high') }];
    }),
  );
}

/** A value that is out by less is in, in mm: rounding of the sum. */
const ROUNDING_mm = 1e-8;

/**
 * Lists the watched gaps that work leaves outside their limits, or under the least that they must keep.
 *
 * @param rework what plans for the pump are made from
 * @param amounts of a plan, in mm, by operation
 */
export function outAfter(
  { watched, kept = [] }: Pick<ReworkCase, 'watched'> & Partial<Pick<ReworkCase, 'kept'>>,
  amounts: Amounts,
): Assessment[] {
  return [...watched, ...kept].flatMap((w) => {
    const inside = rowsOf(w).every((row) => {
      const value = valueAfter(row, amounts);
      const [least, most] = [row.lower_mm ?? -Infinity, row.upper_mm ?? Infinity];
      return value >= least - ROUNDING_mm && value <= most + ROUNDING_mm;
    });
    return inside ? [] : [w.assessment];
  });
}

/** Tells by each school of the house whether what goes by it is done only where nothing else helps. */
const LAST_RESORT: Readonly<
  Record<NonNullable<Operation['house']>, (rules: HouseRules) => boolean>
> = {
  lapping: ({ lapping }) => lapping === 'last-resort',
  gears: ({ gears }) => gears === 'keep',
};

/**
 * Tells whether the house does an operation only where nothing else helps.
 *
 * @param offer the operation
 * @param rework what plans for the pump are made from
 */
export function isLastResort(offer: Offer, { job, known }: ReworkCase): boolean {
  const { operation, piece, parts } = offer;
  // Gears from the shelf are another pair, as bought ones are.
  const isPair =
    piece !== null && known.pump.parts.some((p) => hasRole(p, 'set') && parts.includes(p.id));
  const house = isPair ? 'gears' : operation.house;
  return house !== undefined && LAST_RESORT[house](job.rules);
}

/** Lists the gaps that block, each with the worst that it misses by. */
function blockedGaps(problem: Problem, solve: Solver): Blocked[] {
  const all = new Map<CharacteristicId, number>();
  for (const { id, short_mm } of blockingRows(problem, solve)) {
    const gap = gapOfRow(id);
    all.set(gap, Math.max(all.get(gap) ?? 0, short_mm));
  }
  return [...all].map(([characteristic, short_mm]) => ({ characteristic, short_mm }));
}

/** Returns settings with no amount held: what was held is done all the same. */
const released = (settings: ReadonlyMap<string, Setting>): Map<string, Setting> =>
  new Map([...settings].map(([id, setting]) => [id, setting === 'off' ? 'off' : 'on']));

/** Says which works a plan does, and which gaps it leaves: two plans that do the same are one. */
const keyOf = ({ works, leaves }: RatedPlan): string =>
  [...works.map(({ id }) => id), '', ...leaves].join();

/** Returns the plans of a problem in which some gaps may be left in doubt, the best first. */
function plansWith(
  rework: ReworkCase,
  solve: Solver,
  settings: ReadonlyMap<string, Setting>,
  allowed: (offer: Offer) => boolean,
  most: number,
): RatedPlan[] {
  const doubts = doubtsIn(rework, solve, allowed);
  const asked = (left: readonly Doubt[]) => problemIn(rework, allowed, settings, left);
  const plansFor = (problem: Problem, wanted: number): RatedPlan[] =>
    cheapestPlans(problem, solve, wanted, 'middle').map((plan) =>
      rated(rework, problem, inHand(rework, problem, plan, settings), doubts),
    );
  if (doubts.left.length === 0) return plansFor(asked([]), most);
  const best = cheapestOf(doubts, (left, wanted) => plansFor(asked(left), wanted), most);
  return [...best, ...plansFor(asked([]), 1)];
}

/** Returns a plan with the whole range of each amount that a person holds: what may be taken stays worth knowing. */
function withWholeRanges(
  plan: RatedPlan,
  free: Problem,
  settings: ReadonlyMap<string, Setting>,
): RatedPlan {
  const amounts = amountsOf(plan);
  const left = [...plan.leaves, ...plan.again];
  const rows = free.rows.filter(({ id }) => !left.includes(gapOfRow(id)));
  const works = plan.works.map((work) => {
    if (typeof settings.get(work.id) !== 'object') return work;
    const range = rangeOf({ ...free, rows }, amounts, work.id);
    return range.from_mm <= range.to_mm ? { ...work, ...range } : work;
  });
  return { ...plan, works };
}

/** Returns the plans with what the house likes to do; where those do not do, with what it does only then. */
function bestPlans(
  rework: ReworkCase,
  solve: Solver,
  settings: ReadonlyMap<string, Setting>,
  most = MOST_PLANS,
): RatedPlan[] {
  const liked = plansWith(rework, solve, settings, (offer) => !isLastResort(offer, rework), most);
  return liked.length > 0 ? liked : plansWith(rework, solve, settings, () => true, most);
}

/**
 * Returns the plans for a pump: first with what the house likes to do, and where that does not bring
 * everything in, with what it does only then. Each gap that is too close to call is brought in, read once more or left,
 * whichever is expected to cost the least.
 *
 * @param rework what plans for the pump are made from
 * @param solve solves mixed-integer linear programs exactly
 * @param settings what a person set about operations, by their ids
 */
export function solveRework(
  rework: ReworkCase,
  solve: Solver,
  settings: ReadonlyMap<string, Setting> = new Map(),
): Rework {
  const found = bestPlans(rework, solve, settings);
  const { newPump } = rework;
  const costOf = (plans: readonly RatedPlan[]): number =>
    Math.min(
      newPump.priced ? newPump.expected : Infinity,
      ...plans.map(({ expected }) => expected),
    );
  const closer = measuredCloser(rework, costOf(found), (sized) =>
    costOf(bestPlans(sized, solve, settings, 1)),
  );
  if (found.length === 0) {
    const problem = problemIn(rework, () => true, settings);
    return { plans: [], blocked: blockedGaps(problem, solve), closer };
  }
  const free = problemIn(rework, () => true, released(settings));
  const plans = new Map(found.map((plan) => [keyOf(plan), plan]));
  return {
    plans: [...plans.values()]
      .map((plan) => withWholeRanges(plan, free, settings))
      .sort((a, b) => a.expected - b.expected)
      .slice(0, MOST_PLANS),
    blocked: [],
    closer,
  };
}
