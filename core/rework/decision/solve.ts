import type { CharacteristicId } from '../../pumps/ids';
import type { Assessment } from '../../assessment/assessment';
import { gapOfRow, problemIn, rowsOf, type ReworkCase, type Setting } from './case';
import { chanceOut } from './chance';
import type { HouseRules } from '../../records/rules';
import type { Operation } from '../operations/operation';
import type { Offer } from '../operations/offers';
import { blockingRows } from '../solver/blocking';
import { cheapestPlans, type Plan } from '../solver/plan';
import { rangeOf, valueAfter, type Amounts, type Problem } from '../solver/problem';
import type { Solver } from '../solver/program';
import type { Span } from '../effects/standing';

/** So many plans are shown. */
const MOST_PLANS = 4;

/** A plan with what may still go wrong. */
export interface RatedPlan extends Plan {
  /** Lists the gaps, too close to call, that it leaves as they are. */
  readonly leaves: readonly CharacteristicId[];
  /**
   * Gives the probability that a gap which it leaves is out after all. Gaps are taken as independent: those
   * that share a size go out together more often than that, so that this is the most it can be for them.
   */
  readonly chance: number;
  /** Gives its cost, and that of a comeback times its chance. */
  readonly expected: number;
}

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
}

/** Returns the amounts of a plan by operation, in mm. */
export const amountsOf = ({ works }: Pick<Plan, 'works'>): Amounts =>
  new Map(works.map(({ id, amount_mm }) => [id, amount_mm]));

/** Returns the span of each watched gap after work, by its characteristic, in mm. */
export function spansAfter(
  { watched }: Pick<ReworkCase, 'watched'>,
  amounts: Amounts,
): ReadonlyMap<string, Span> {
  return new Map(
    watched.map((w) => {
      const at = (end: 'low' | 'high') => {
        const moved = new Map([...w.effects].map(([id, both]) => [id, both[end]]));
        const value_mm = end === 'low' ? w.span.low_mm : w.span.high_mm;
        return valueAfter({ id: '', value_mm, lower_mm: null, upper_mm: null, moved }, amounts);
      };
      return [w.assessment.characteristic.id, { low_mm: at('low'), high_mm: at('high') }];
    }),
  );
}

/** A value that is out by less is in, in mm: rounding of the sum. */
const ROUNDING_mm = 1e-8;

/** Lists the watched gaps that work leaves outside their limits. */
export function outAfter({ watched }: Pick<ReworkCase, 'watched'>, amounts: Amounts): Assessment[] {
  return watched.flatMap((w) => {
    const inside = rowsOf(w).every((row) => {
      const value = valueAfter(row, amounts);
      const [least, most] = [row.lower_mm ?? -Infinity, row.upper_mm ?? Infinity];
      return value >= least - ROUNDING_mm && value <= most + ROUNDING_mm;
    });
    return inside ? [] : [w.assessment];
  });
}

/** Returns a plan with the gaps that it leaves, the chance that one of them is out, and what that costs. */
export function rated(rework: ReworkCase, plan: Plan): RatedPlan {
  const amounts = amountsOf(plan);
  const left = outAfter(rework, amounts);
  const spans = spansAfter(rework, amounts);
  // A gap and the sum that it counts in are the same doubt once.
  const parts = left.flatMap((a) => a.parts.map((part) => part.characteristic.id));
  const apart = left.filter((a) => !parts.includes(a.characteristic.id));
  const sure = apart.reduce((all, { characteristic, limits }) => {
    const span = spans.get(characteristic.id);
    return span && limits ? all * (1 - chanceOut(span, limits)) : all;
  }, 1);
  const chance = 1 - sure;
  return {
    ...plan,
    leaves: left.map(({ characteristic }) => characteristic.id),
    chance,
    expected: plan.cost + chance * rework.money.comeback,
  };
}

/** Tells by each school of the house whether what goes by it is done only where nothing else helps. */
const LAST_RESORT: Readonly<
  Record<NonNullable<Operation['house']>, (rules: HouseRules) => boolean>
> = {
  lapping: ({ lapping }) => lapping === 'last-resort',
  gears: ({ gears }) => gears === 'keep',
};

/** Tells whether the house does an operation only where nothing else helps. */
const isLastResort = ({ operation: { house } }: Offer, { job }: ReworkCase): boolean =>
  house !== undefined && LAST_RESORT[house](job.rules);

/** Lists the gaps that block, each with the worst that it misses by. */
function blockedGaps(problem: Problem, solve: Solver): Blocked[] {
  const all = new Map<CharacteristicId, number>();
  for (const { id, short_mm } of blockingRows(problem, solve)) {
    const gap = gapOfRow(id);
    all.set(gap, Math.max(all.get(gap) ?? 0, short_mm));
  }
  return [...all].map(([characteristic, short_mm]) => ({ characteristic, short_mm }));
}

/**
 * Returns a plan with the whole range of each amount that a person holds: what may be taken stays worth knowing.
 *
 * @param free the problem in which nothing is held
 */
function withWholeRanges(
  plan: RatedPlan,
  free: Problem,
  settings: ReadonlyMap<string, Setting>,
): RatedPlan {
  const amounts = amountsOf(plan);
  const rows = free.rows.filter(({ id }) => !plan.leaves.includes(gapOfRow(id)));
  const works = plan.works.map((work) => {
    if (typeof settings.get(work.id) !== 'object') return work;
    const range = rangeOf({ ...free, rows }, amounts, work.id);
    return range.from_mm <= range.to_mm ? { ...work, ...range } : work;
  });
  return { ...plan, works };
}

/** Returns settings with no amount held: what was held is done all the same. */
const released = (settings: ReadonlyMap<string, Setting>): Map<string, Setting> =>
  new Map([...settings].map(([id, setting]) => [id, setting === 'off' ? 'off' : 'on']));

/** Says which works a plan does: two plans that do the same are one. */
const worksKey = ({ works }: Plan): string => works.map(({ id }) => id).join();

/**
 * Returns the plans for a pump: first with what the house likes to do, and where that does not bring
 * everything in, with what it does only then. Beside plans that make sure of a gap which is too close to call
 * stand those that leave it: the chance of a comeback times its cost decides between them.
 *
 * @param solve solves mixed-integer linear programs exactly
 * @param settings what a person set about operations, by their ids
 */
export function solveRework(
  rework: ReworkCase,
  solve: Solver,
  settings: ReadonlyMap<string, Setting> = new Map(),
): Rework {
  const liked = problemIn(rework, (offer) => !isLastResort(offer, rework), settings);
  const any = problemIn(rework, () => true, settings);
  const plansOf = (of: (problem: Problem) => Problem): Plan[] => {
    const plans = cheapestPlans(of(liked), solve, MOST_PLANS, 'middle');
    return plans.length > 0 ? plans : cheapestPlans(of(any), solve, MOST_PLANS, 'middle');
  };
  const close = new Set(
    rework.watched
      .filter((w) => w.assessment.verdict === 'close')
      .map((w) => w.assessment.characteristic.id),
  );
  const sure = plansOf((problem) => problem);
  const leaving =
    close.size === 0
      ? []
      : plansOf((problem) => ({
          ...problem,
          rows: problem.rows.filter(({ id }) => !close.has(gapOfRow(id))),
        }));
  const plans = new Map([...sure, ...leaving].map((plan) => [worksKey(plan), plan]));
  if (plans.size === 0) return { plans: [], blocked: blockedGaps(any, solve) };
  const free = problemIn(rework, () => true, released(settings));
  const ranked = [...plans.values()].map((plan) =>
    withWholeRanges(rated(rework, plan), free, settings),
  );
  return {
    plans: ranked.sort((a, b) => a.expected - b.expected).slice(0, MOST_PLANS),
    blocked: [],
  };
}
