import type { Effect, Problem, Row, WorkOption } from './problem';
import type { Bound, Column, Program } from './program';

/** The solver reckons in micrometres: its tolerances are then far below what matters. */
export const UM = 1000;

/** Lets so much pass, in µm: a value on its limit is in, whatever the rounding of its sum. */
const EDGE_um = 1e-6;

export const NO_EFFECT: Effect = { perMm: 0, once_mm: 0 };

/** Returns the bounds of a row in µm; `more` adds columns to its value or loosens it. */
export function rowBounds(
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
export const doneAt = (i: number): number => 2 * i;
const amountAt = (i: number): number => 2 * i + 1;

/** Returns the terms by which works move a row, over the columns of a whole problem. */
export const movedTerms = (row: Row, works: readonly WorkOption[]): Bound['of'] =>
  works.flatMap(({ id }, i) => {
    const { perMm, once_mm } = row.moved.get(id) ?? NO_EFFECT;
    return [
      ...(once_mm === 0 ? [] : [[doneAt(i), once_mm * UM] as const]),
      ...(perMm === 0 ? [] : [[amountAt(i), perMm] as const]),
    ];
  });

/**
 * Returns the columns of a problem, the works first, then the days of waiting and shared set-ups, and the bounds that hold
 * whatever its rows say.
 */
export function frameOf({ works, excludes, oneOf, shared, dayCost }: Problem): Program {
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
  const groups = shared ?? [];
  const setUps = groups.map(({ cost }): Column => ({ lower: 0, upper: 1, cost }));
  // A set-up is paid where any of its works is done.
  const paid = groups.flatMap((group, g) =>
    group.works.flatMap((id): Bound[] => {
      const i = at.get(id);
      return i === undefined ? [] : [atLeastWhere(wait + 1 + g, doneAt(i))];
    }),
  );
  return {
    columns: [...columns, days, ...setUps],
    bounds: [...amounts, ...either, ...some, ...waited, ...paid],
  };
}

/** Returns the bound that a column is 1 at least where another is. */
const atLeastWhere = (column: number, is: number): Bound => ({
  of: [
    [column, 1],
    [is, -1],
  ],
  lower: 0,
  upper: Infinity,
});
