/** Says how doing a work moves a value. */
export interface Effect {
  /** Millimetres for each millimetre of its amount. */
  readonly perMm: number;
  /** Millimetres for its being done at all, whatever the amount. */
  readonly once_mm: number;
  /**
   * Millimetres by which it may come out worse: a part that is bought lies somewhere in its range. No plan hangs on it:
   * the part is measured when it is in hand. Nought where it is left out.
   */
  readonly spread_mm?: number;
}

/** Tells whether an operation changes a value at all. */
export const isMoved = ({ perMm, once_mm, spread_mm = 0 }: Effect): boolean =>
  perMm !== 0 || once_mm !== 0 || spread_mm !== 0;

/** A value that has to lie inside limits, and how each work moves it. All lengths in mm. */
export interface Row {
  readonly id: string;
  /** Its value before any work. */
  readonly value_mm: number;
  /** The least that is in; null for no limit. */
  readonly lower_mm: number | null;
  readonly upper_mm: number | null;
  readonly moved: ReadonlyMap<string, Effect>;
  /** Its other limit stands in a row of its own: it is kept from as from one of two. */
  readonly paired?: true;
}

/** A work that can be done, by how much at least and at most, and what it costs. */
export interface WorkOption {
  readonly id: string;
  readonly min_mm: number;
  readonly max_mm: number;
  readonly fixedCost: number;
  readonly costPerMm: number;
  /** Days of waiting for it; several are waited for at once. */
  readonly days?: number;
  /** It is done whatever else is: a person asked for it. */
  readonly required?: true;
}

/** Works that are set up for once, and what that costs beside each of them. */
export interface SharedSetUp {
  readonly works: readonly string[];
  readonly cost: number;
}

/** A problem: values out of their limits, and the works that could bring them in. */
export interface Problem {
  readonly rows: readonly Row[];
  readonly works: readonly WorkOption[];
  /** Pairs of works of which one at most is done. */
  readonly excludes: readonly (readonly [string, string])[];
  /** Groups of works of each of which one at least is done. */
  readonly oneOf?: readonly (readonly string[])[];
  /** Lists what works share: it is paid once where any of them is done. */
  readonly shared?: readonly SharedSetUp[];
  /** Gives what a day of waiting costs; nothing where it is left out. */
  readonly dayCost?: number;
}

/** The works that are done and the amount of each, in mm. */
export type Amounts = ReadonlyMap<string, number>;

/**
 * Returns a value after work, in mm: value + Σ (perMm · amount + once) over the works done.
 *
 * @param row a value in mm, and how works move it
 * @param amounts in mm, by work
 * @example
 * const row = { value_mm: 0.09, moved: new Map([['lap', { perMm: -1, once_mm: 0 }]]) };
 * valueAfter(row, new Map([['lap', 0.03]])); // 0.06
 */
export function valueAfter({ value_mm, moved }: Row, amounts: Amounts): number {
  let value = value_mm;
  for (const [work, amount_mm] of amounts) {
    const effect = moved.get(work);
    if (effect) value += effect.perMm * amount_mm + effect.once_mm;
  }
  return value;
}

/**
 * Returns by how much a value may come out worse through the parts that are bought, in mm; by nothing where a work that
 * moves it by an amount is done as well: that is cut to what the part is.
 */
export function spreadOf(moved: Row['moved'], done: readonly string[]): number {
  const isCut = done.some((id) => (moved.get(id)?.perMm ?? 0) !== 0);
  return isCut ? 0 : done.reduce((sum, id) => sum + (moved.get(id)?.spread_mm ?? 0), 0);
}

/**
 * Returns the days that are waited for works: the longest of them, since all are waited for at once.
 *
 * @param works that are done
 * @returns in days
 * @example
 * daysOf([{ days: 2 }, { days: 5 }, {}]); // 5
 */
export const daysOf = (works: readonly WorkOption[]): number =>
  works.reduce((most, { days }) => Math.max(most, days ?? 0), 0);

/**
 * Returns what set-ups cost that some works share, each paid once.
 *
 * @param problem what its works share
 * @param done the works that are done
 * @returns money, in the unit of the costs
 * @example
 * const shared = [{ works: ['lap', 'face'], cost: 20 }];
 * setUpOf({ shared }, [{ id: 'lap' }, { id: 'face' }]); // 20
 * setUpOf({ shared }, [{ id: 'hone' }]); // 0
 */
export const setUpOf = (
  { shared = [] }: Pick<Problem, 'shared'>,
  done: readonly WorkOption[],
): number =>
  shared.reduce(
    (sum, { works, cost }) => sum + (done.some(({ id }) => works.includes(id)) ? cost : 0),
    0,
  );

/**
 * Returns the cost of work: Σ (fixed + costPerMm · amount) over the works done, their set-ups, and the days of waiting.
 *
 * @param problem what works cost, and what they share
 * @param amounts of the works done, in mm
 * @returns money, in the unit of the costs
 * @example
 * const lap = { id: 'lap', min_mm: 0, max_mm: 0.2, fixedCost: 10, costPerMm: 100 };
 * costOf({ works: [lap], excludes: [] }, new Map([['lap', 0.05]])); // 15
 */
export function costOf(problem: Omit<Problem, 'rows'>, amounts: Amounts): number {
  const done = problem.works.filter(({ id }) => amounts.has(id));
  return done.reduce(
    (sum, { id, fixedCost, costPerMm }) => sum + fixedCost + costPerMm * (amounts.get(id) ?? 0),
    daysOf(done) * (problem.dayCost ?? 0) + setUpOf(problem, done),
  );
}

/** The amounts of one work, in mm, over which everything stays inside while the other works stay. */
export interface AmountRange {
  readonly from_mm: number;
  readonly to_mm: number;
}

/**
 * Returns the range of the amount of one work that keeps all rows inside while the others stay, in mm;
 * from above to where no amount does.
 *
 * @param problem its rows and works, in mm
 * @param amounts of the plan, in mm
 * @param id of the work whose amount is looked at
 * @example
 * const gap = {
 *   id: 'gap',
 *   value_mm: 0.09,
 *   lower_mm: 0.02,
 *   upper_mm: 0.06,
 *   moved: new Map([['lap', { perMm: -1, once_mm: 0 }]]),
 * };
 * const lap = { id: 'lap', min_mm: 0, max_mm: 0.2, fixedCost: 10, costPerMm: 0 };
 * rangeOf({ rows: [gap], works: [lap], excludes: [] }, new Map([['lap', 0.03]]), 'lap'); // { from_mm: 0.03, to_mm: 0.07 }
 */
export function rangeOf({ rows, works }: Problem, amounts: Amounts, id: string): AmountRange {
  const work = works.find((w) => w.id === id);
  const others = new Map([...amounts, [id, 0]]);
  let [from_mm, to_mm] = [work?.min_mm ?? -Infinity, work?.max_mm ?? Infinity];
  for (const row of rows) {
    const slope = row.moved.get(id)?.perMm ?? 0;
    if (slope === 0) continue;
    const without = valueAfter(row, others);
    const ends = [row.lower_mm ?? -Infinity, row.upper_mm ?? Infinity].map(
      (limit) => (limit - without) / slope,
    );
    from_mm = Math.max(from_mm, Math.min(...ends));
    to_mm = Math.min(to_mm, Math.max(...ends));
  }
  return { from_mm, to_mm };
}
