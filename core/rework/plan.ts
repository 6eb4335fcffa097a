import {
  costOf,
  daysOf,
  rangeOf,
  type AmountRange,
  type Amounts,
  type Effect,
  type Problem,
  type Row,
  type Work,
} from './problem';
import type { Bound, Column, Program, Solver } from './program';

/** A work of a plan: how much, and from where to where all stays inside. */
export interface PlannedWork extends AmountRange {
  readonly id: string;
  readonly amount_mm: number;
}

/** Works that together bring every row in. */
export interface Plan {
  readonly cost: number;
  /** Lists what is done in the order of the problem. */
  readonly works: readonly PlannedWork[];
}

/** A row that no allowed work brings in, and by how much it misses at best, in mm. */
export interface Blocking {
  readonly id: string;
  readonly short_mm: number;
}

/**
 * Says which amounts a plan takes where several cost the same, or all but the same: `cheapest` holds to the
 * least cost and keeps from the limits as far as that allows; `middle` keeps from the limits first.
 */
export type Aim = 'cheapest' | 'middle';

/** The solver reckons in micrometres: its tolerances are then far below what matters. */
const UM = 1000;

/** What lies on a limit is in, whatever the rounding of its sum: so much is let pass, in µm. */
const EDGE_um = 1e-6;

/** Metal beyond this on the safe side of a single limit buys nothing, in mm. */
const CLEAR_mm = 0.01;

/** A value that misses its limit by less is in, in mm: rounding of the sum. */
const ROUNDING_mm = 1e-7;

/** So many sets that hold only by the solver's rounding are looked past. */
const MOST_ROUNDED = 40;

const NO_EFFECT: Effect = { perMm: 0, once_mm: 0 };

/** Returns the bounds of a row in µm; `more` adds columns to its value or loosens it. */
function rowBounds(
  row: Row,
  terms: Bound['of'],
  constant_um: number,
  more: { readonly low?: Bound['of']; readonly high?: Bound['of'] } = {},
): Bound[] {
  const base_um = row.value_mm * UM + constant_um;
  const bound = (limit_mm: number | null, side: 'low' | 'high'): Bound[] =>
    limit_mm === null
      ? []
      : [
          {
            of: [...terms, ...(more[side] ?? [])],
            lower: side === 'low' ? limit_mm * UM - base_um - EDGE_um : -Infinity,
            upper: side === 'high' ? limit_mm * UM - base_um + EDGE_um : Infinity,
          },
        ];
  return [...bound(row.lower_mm, 'low'), ...bound(row.upper_mm, 'high')];
}

/** Returns where the columns of a work stand: whether it is done, and then how much of it, in µm. */
const doneAt = (i: number): number => 2 * i;
const amountAt = (i: number): number => 2 * i + 1;

/** Returns the terms by which works move a row, over the columns of a whole problem. */
const movedTerms = (row: Row, works: readonly Work[]): Bound['of'] =>
  works.flatMap(({ id }, i) => {
    const { perMm, once_mm } = row.moved.get(id) ?? NO_EFFECT;
    return [
      ...(once_mm === 0 ? [] : [[doneAt(i), once_mm * UM] as const]),
      ...(perMm === 0 ? [] : [[amountAt(i), perMm] as const]),
    ];
  });

/** Returns the columns of a problem, the days of waiting last, and the bounds that hold whatever its rows say. */
function frameOf({ works, excludes, oneOf, dayCost }: Problem): Program {
  const at = new Map(works.map(({ id }, i) => [id, i]));
  const columns = works.flatMap(({ max_mm, fixedCost, costPerMm, required }): Column[] => [
    { lower: required ? 1 : 0, upper: 1, cost: fixedCost, whole: true },
    { lower: 0, upper: max_mm * UM, cost: costPerMm / UM },
  ]);
  const amounts = works.flatMap(({ min_mm, max_mm }, i): Bound[] => [
    {
      of: [
        [amountAt(i), 1],
        [doneAt(i), -min_mm * UM],
      ],
      lower: 0,
      upper: Infinity,
    },
    {
      of: [
        [amountAt(i), 1],
        [doneAt(i), -max_mm * UM],
      ],
      lower: -Infinity,
      upper: 0,
    },
  ]);
  const either = excludes.flatMap(([a, b]): Bound[] => {
    const [i, j] = [at.get(a), at.get(b)];
    return i === undefined || j === undefined
      ? []
      : [
          {
            of: [
              [doneAt(i), 1],
              [doneAt(j), 1],
            ],
            lower: -Infinity,
            upper: 1,
          },
        ];
  });
  const some = (oneOf ?? []).map((group): Bound => ({
    of: group.flatMap((id) => {
      const i = at.get(id);
      return i === undefined ? [] : [[doneAt(i), 1] as const];
    }),
    lower: 1,
    upper: Infinity,
  }));
  const wait = columns.length;
  const waited = works.flatMap(({ days }, i): Bound[] =>
    days
      ? [
          {
            of: [
              [wait, 1],
              [doneAt(i), -days],
            ],
            lower: 0,
            upper: Infinity,
          },
        ]
      : [],
  );
  const days: Column = { lower: 0, upper: Infinity, cost: dayCost ?? 0 };
  return { columns: [...columns, days], bounds: [...amounts, ...either, ...some, ...waited] };
}

const worksIn = (works: readonly Work[], columns: readonly number[]): Work[] =>
  works.filter((_, i) => (columns[doneAt(i)] ?? 0) > 0.5);

/** A set of works that is not looked for again: by itself, or with whatever is done beside it. */
interface Known {
  readonly set: readonly Work[];
  readonly alone: boolean;
}

/** Returns the works of the cheapest plan that is none of the known ones; null where there is none. */
function cheapestSet(problem: Problem, solve: Solver, known: readonly Known[]): Work[] | null {
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
const onceBy = (row: Row, set: readonly Work[]): number =>
  set.reduce((sum, { id }) => sum + (row.moved.get(id)?.once_mm ?? 0) * UM, 0);

const amountTerms = (row: Row, set: readonly Work[]): Bound['of'] =>
  set.flatMap(({ id }, i) => {
    const { perMm } = row.moved.get(id) ?? NO_EFFECT;
    return perMm === 0 ? [] : [[i, perMm] as const];
  });

const amountColumns = (set: readonly Work[], cost: (work: Work) => number): Column[] =>
  set.map((work) => ({ lower: work.min_mm * UM, upper: work.max_mm * UM, cost: cost(work) }));

/** Returns the cheapest amounts of a set of works, in µm; null where none of them brings all rows in. */
function cheapestAmounts(
  rows: readonly Row[],
  set: readonly Work[],
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
  set: readonly Work[],
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
function settled(problem: Problem, set: readonly Work[], amounts_um: readonly number[]): Plan {
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
  { dayCost }: Problem,
  set: readonly Work[],
  amounts_um: readonly number[],
): number =>
  set.reduce(
    (sum, w, i) => sum + w.fixedCost + (w.costPerMm * (amounts_um[i] ?? 0)) / UM,
    daysOf(set) * (dayCost ?? 0),
  );

/** A set of works with its cheapest amounts, in µm. */
interface Priced {
  readonly set: readonly Work[];
  readonly amounts_um: readonly number[];
  readonly cost: number;
}

function priced(problem: Problem, set: readonly Work[], solve: Solver): Priced | null {
  const amounts_um = cheapestAmounts(problem.rows, set, solve);
  return amounts_um && { set, amounts_um, cost: costBy(problem, set, amounts_um) };
}

/** Drops works that a set does without at no more cost: a solver may do what costs nothing for nothing. */
function withoutIdle(problem: Problem, all: Priced, solve: Solver): Priced {
  const asked = (work: Work) =>
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

function planFrom(problem: Problem, { set, amounts_um }: Priced, solve: Solver, aim: Aim): Plan {
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
): Plan[] {
  const known: Known[] = [];
  const plans: Plan[] = [];
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

/** Returns by how much some rows miss at best together, in mm, and which of them then stay out. */
function shortfall(problem: Problem, rows: readonly Row[], solve: Solver): Blocking[] | null {
  const { works } = problem;
  const frame = frameOf(problem);
  const misses = rows.map((_, i) => frame.columns.length + i);
  const columns = solve({
    columns: [
      ...frame.columns.map((column) => ({ ...column, cost: 0 })),
      ...rows.map((): Column => ({ lower: 0, upper: 1e9, cost: 1 })),
    ],
    bounds: [
      ...frame.bounds,
      ...rows.flatMap((row, i) => {
        const miss = misses[i] ?? 0;
        return rowBounds(row, movedTerms(row, works), 0, { low: [[miss, 1]], high: [[miss, -1]] });
      }),
    ],
  });
  if (!columns) return null;
  return rows.flatMap(({ id }, i) => {
    const short_mm = (columns[misses[i] ?? 0] ?? 0) / UM;
    return short_mm > ROUNDING_mm ? [{ id, short_mm }] : [];
  });
}

/** Tells whether a row is inside its limits before any work. */
const isIn = ({ value_mm, lower_mm, upper_mm }: Row): boolean =>
  value_mm >= (lower_mm ?? -Infinity) && value_mm <= (upper_mm ?? Infinity);

/**
 * Lists the rows that block: those that no allowed work brings in by itself; where each could be brought
 * in but not all together, those that stay out when the least is missing.
 *
 * @returns with each how much it misses at best, in mm; all rows, unknown by how much, where works that
 *   were asked for exclude each other
 */
export function blockingRows(problem: Problem, solve: Solver): Blocking[] {
  const asked = problem.works.some(({ required }) => required) || (problem.oneOf ?? []).length > 0;
  const doubtful = problem.rows.filter((row) => asked || !isIn(row));
  const single = doubtful.flatMap((row) => shortfall(problem, [row], solve) ?? []);
  if (single.length > 0) return single;
  return shortfall(problem, problem.rows, solve) ?? [];
}
