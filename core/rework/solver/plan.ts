import {
  costOf,
  daysOf,
  rangeOf,
  setUpOf,
  type AmountRange,
  type Amounts,
  type Problem,
  type Row,
  type WorkOption,
} from './problem';
import { doneAt, frameOf, movedTerms, NO_EFFECT, rowBounds, UM } from './model';
import type { Bound, Column, Solver } from './program';

/** A work of a plan: how much, and from where to where all stays inside. */
export interface PlannedWork extends AmountRange {
  readonly id: string;
  readonly amount_mm: number;
}

/** Works that together bring every row in. */
export interface Solution {
  readonly cost: number;
  /** Lists what is done in the order of the problem. */
  readonly works: readonly PlannedWork[];
}

/**
 * Says which amounts a plan takes where several cost the same, or all but the same: `cheapest` holds to the
 * least cost and keeps from the limits as far as that allows; `middle` keeps from the limits first.
 */
export type Aim = 'cheapest' | 'middle';

/** Metal beyond this on the safe side of a single limit buys nothing, in mm. */
const CLEAR_mm = 0.01;

/** So many sets that hold only by the solver's rounding are looked past. */
const MOST_ROUNDED = 40;

const worksIn = (works: readonly WorkOption[], columns: readonly number[]): WorkOption[] =>
  works.filter((_, i) => (columns[doneAt(i)] ?? 0) > 0.5);

/** A set of works that is not looked for again: by itself, or with whatever is done beside it. */
interface Known {
  readonly set: readonly WorkOption[];
  readonly alone: boolean;
}

/** Returns the works of the cheapest plan that is none of the known ones; null where there is none. */
function cheapestSet(
  problem: Problem,
  solve: Solver,
  known: readonly Known[],
): WorkOption[] | null {
  const { rows, works } = problem;
  const frame = frameOf(problem);
  const fresh = known.map(({ set, alone }): Bound => ({
    of: works.flatMap((work, i) =>
      set.includes(work) ? [[doneAt(i), 1]] : alone ? [[doneAt(i), -1]] : [],
    ),
    lower: -Infinity,
    upper: set.length - 1,
  }));
  const columns = solve({
    columns: frame.columns,
    bounds: [
      ...frame.bounds,
      ...fresh,
      ...rows.flatMap((row) => rowBounds(row, movedTerms(row, works), 0)),
    ],
  });
  return columns && worksIn(works, columns);
}

/** Returns how much a set of works moves a row by being done at all, in µm. */
const onceBy = ({ moved }: Row, set: readonly WorkOption[]): number =>
  set.reduce((sum, { id }) => sum + (moved.get(id)?.once_mm ?? 0) * UM, 0);

const amountTerms = (row: Row, set: readonly WorkOption[]): Bound['of'] =>
  set.flatMap(({ id }, i) => {
    const { perMm } = row.moved.get(id) ?? NO_EFFECT;
    return perMm === 0 ? [] : [[i, perMm] as const];
  });

const amountColumns = (set: readonly WorkOption[], cost: (work: WorkOption) => number): Column[] =>
  set.map((work) => ({ lower: work.min_mm * UM, upper: work.max_mm * UM, cost: cost(work) }));

/** Returns the cheapest amounts of a set of works, in µm; null where none of them brings all rows in. */
function cheapestAmounts(
  rows: readonly Row[],
  set: readonly WorkOption[],
  solve: Solver,
): readonly number[] | null {
  return solve({
    columns: amountColumns(set, ({ costPerMm }) => costPerMm / UM),
    bounds: rows.flatMap((row) => rowBounds(row, amountTerms(row, set), onceBy(row, set))),
  });
}

/**
 * Returns amounts of a set of works that keep from the limits, in µm: half-way between two limits, and a
 * hundredth clear of a single one, as far as all rows allow; at no more than a cost where one is given.
 */
function centredAmounts(
  rows: readonly Row[],
  set: readonly WorkOption[],
  solve: Solver,
  mostCost: number,
): readonly number[] | null {
  const [both, single] = [set.length, set.length + 1];
  const bounds = rows.flatMap((row) => {
    const terms = amountTerms(row, set);
    const margin = row.paired || (row.lower_mm !== null && row.upper_mm !== null) ? both : single;
    const kept = terms.length === 0 ? {} : { low: [[margin, -1]], high: [[margin, 1]] };
    return rowBounds(row, terms, onceBy(row, set), kept as Parameters<typeof rowBounds>[3]);
  });
  const cost = set.map(({ costPerMm }, i): readonly [number, number] => [i, costPerMm / UM]);
  const dear: Bound[] =
    mostCost < Infinity ? [{ of: cost, lower: -Infinity, upper: mostCost }] : [];
  const widest = (upper: number): Column => ({ lower: 0, upper, cost: -1 });
  const margins = solve({
    columns: [...amountColumns(set, () => 0), widest(Infinity), widest(CLEAR_mm * UM)],
    bounds: [...bounds, ...dear, { of: [[both, 1]], lower: 0, upper: 1e6 }],
  });
  if (!margins) return null;
  // Where the margins leave a choice, the least metal is taken.
  const held = [both, single].map((i): Column => {
    const lower = Math.max(0, (margins[i] ?? 0) - 1e-6);
    return { lower, upper: lower, cost: 0 };
  });
  return solve({
    columns: [...amountColumns(set, () => 1), ...held],
    bounds: [...bounds, ...dear],
  });
}

/** Returns the amounts with each moved into its range: what the solver left over is rounding. */
function settled(
  problem: Problem,
  set: readonly WorkOption[],
  amounts_um: readonly number[],
): Solution {
  const amounts = new Map(set.map(({ id }, i) => [id, (amounts_um[i] ?? 0) / UM]));
  for (const { id } of set) {
    const { from_mm, to_mm } = rangeOf(problem, amounts, id);
    const was = amounts.get(id) ?? 0;
    if (from_mm <= to_mm) amounts.set(id, Math.min(to_mm, Math.max(from_mm, was)));
  }
  return { cost: costOf(problem, amounts), works: plannedWorks(problem, amounts) };
}

/** Lists works with their amounts, and the range of each while the others stay; in the order of the problem. */
export const plannedWorks = (problem: Problem, amounts: Amounts): PlannedWork[] =>
  problem.works.flatMap(({ id }) => {
    const amount_mm = amounts.get(id);
    if (amount_mm === undefined) return [];
    const { from_mm, to_mm } = rangeOf(problem, amounts, id);
    return [
      { id, amount_mm, from_mm: Math.min(from_mm, amount_mm), to_mm: Math.max(to_mm, amount_mm) },
    ];
  });

const costBy = (
  problem: Problem,
  set: readonly WorkOption[],
  amounts_um: readonly number[],
): number =>
  set.reduce(
    (sum, w, i) => sum + w.fixedCost + (w.costPerMm * (amounts_um[i] ?? 0)) / UM,
    daysOf(set) * (problem.dayCost ?? 0) + setUpOf(problem, set),
  );

/** A set of works with its cheapest amounts, in µm. */
interface Priced {
  readonly set: readonly WorkOption[];
  readonly amounts_um: readonly number[];
  readonly cost: number;
}

function priced(problem: Problem, set: readonly WorkOption[], solve: Solver): Priced | null {
  const amounts_um = cheapestAmounts(problem.rows, set, solve);
  return amounts_um && { set, amounts_um, cost: costBy(problem, set, amounts_um) };
}

/** Drops works that a set does without at no more cost: a solver may do what costs nothing for nothing. */
function withoutIdle(problem: Problem, all: Priced, solve: Solver): Priced {
  const asked = (work: WorkOption) =>
    work.required ||
    (problem.oneOf ?? []).some(
      (group) =>
        group.includes(work.id) && all.set.every((w) => w === work || !group.includes(w.id)),
    );
  for (const idle of all.set.filter((work) => !asked(work))) {
    const fewer = priced(
      problem,
      all.set.filter((work) => work !== idle),
      solve,
    );
    if (fewer && fewer.cost <= all.cost + 1e-9) return withoutIdle(problem, fewer, solve);
  }
  return all;
}

function planFrom(
  problem: Problem,
  { set, amounts_um }: Priced,
  solve: Solver,
  aim: Aim,
): Solution {
  const spent = set.reduce((sum, w, i) => sum + (w.costPerMm * (amounts_um[i] ?? 0)) / UM, 0);
  const most = aim === 'middle' ? Infinity : spent + 1e-9;
  const free = aim === 'middle' || set.some(({ costPerMm }) => costPerMm === 0);
  const centred = free ? centredAmounts(problem.rows, set, solve, most) : null;
  return settled(problem, set, centred ?? amounts_um);
}

/**
 * Returns the cheapest plans that bring every row of a problem inside its limits, the cheapest first.
 * Each differs from those before it in more than a work added: a plan that only does more is none.
 *
 * @param solve solves mixed-integer linear programs exactly
 * @param most how many plans are wanted
 * @param aim which amounts are taken within a plan
 * @returns none where no allowed work brings everything in: `blockingRows` says why
 */
export function cheapestPlans(
  problem: Problem,
  solve: Solver,
  most = 1,
  aim: Aim = 'cheapest',
): Solution[] {
  const known: Known[] = [];
  const plans: Solution[] = [];
  while (plans.length < most && known.length < most + MOST_ROUNDED) {
    const set = cheapestSet(problem, solve, known);
    if (!set) break;
    // What the solver rounds to a whole number is worked out again with exact ones.
    const exact = priced(problem, set, solve);
    if (!exact) {
      known.push({ set, alone: true });
      continue;
    }
    const lean = withoutIdle(problem, exact, solve);
    plans.push(planFrom(problem, lean, solve, aim));
    known.push({ set: lean.set, alone: false });
  }
  return plans;
}
