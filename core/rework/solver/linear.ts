import { InputError } from '../../errors';
import { say } from '../../wording/say';
import { blockingRows } from './blocking';
import { cheapestPlans, type PlannedWork } from './plan';
import {
  costOf,
  valueAfter,
  type Effect,
  type Problem,
  type Row,
  type WorkOption,
} from './problem';
import type { Solver } from './program';

type Figures = Readonly<Record<string, number>>;

/** A case as sizes, sums of sizes with limits, and operations that change sizes. Lengths in mm. */
export interface LinearCase {
  readonly dimensions: Figures;
  readonly characteristics: readonly {
    readonly id: string;
    readonly terms: Figures;
    readonly lower_mm?: number | null;
    readonly upper_mm?: number | null;
  }[];
  readonly operations: readonly (Omit<WorkOption, 'required'> & {
    /** Millimetres of each dimension for each millimetre of amount. */
    readonly effects: Figures;
    /** Millimetres of each dimension where the operation is done at all. */
    readonly offset?: Figures | null;
  })[];
  readonly excludes?: readonly (readonly string[])[] | null;
  /** Kept inside each limit, in mm. */
  readonly guard_mm?: number | null;
}

/** The answer to a rework problem: the cheapest plan, or what blocks every one. */
export interface LinearPlan {
  readonly feasible: boolean;
  readonly cost: number | null;
  /** Lists the operations that are done, the cheapest first. */
  readonly operations: readonly PlannedWork[];
  /** Gives each characteristic after the plan, in mm; as it is where there is no plan. */
  readonly predicted: Figures;
  readonly blocking: readonly string[];
}

/** Returns the first name that a record uses and a list does not know; undefined where all are known. */
const strayIn = (figures: Figures | null | undefined, known: Figures): string | undefined =>
  Object.keys(figures ?? {}).find((name) => !Object.hasOwn(known, name));

function refuseStray(field: string, name: string | undefined): void {
  if (name === undefined) return;
  throw new InputError(`${field}.${name}`, 'unknown-name', say('rework.unknownSize', { name }), {
    name,
  });
}

const effectOn = (terms: Figures, effects: Figures | null | undefined): number =>
  Object.entries(terms).reduce((sum, [size, factor]) => sum + factor * (effects?.[size] ?? 0), 0);

/**
 * Returns a linear case as a problem: each characteristic a row, moved by what operations do to
 * the sizes in its terms; its limits less the guard.
 *
 * @throws InputError where a term, an effect or an exclusion names what is not there
 */
export function problemOf(given: LinearCase): Problem {
  const { dimensions, characteristics, operations, excludes, guard_mm } = given;
  const guard = guard_mm ?? 0;
  characteristics.forEach(({ terms }, i) =>
    refuseStray(`characteristics[${i}].terms`, strayIn(terms, dimensions)),
  );
  operations.forEach(({ effects, offset }, i) => {
    refuseStray(`operations[${i}].effects`, strayIn(effects, dimensions));
    refuseStray(`operations[${i}].offset`, strayIn(offset, dimensions));
  });
  const pairs = (excludes ?? []).map((pair, i) => {
    const at = pair.findIndex((id) => !operations.some((o) => o.id === id));
    if (at >= 0) {
      const name = pair[at] ?? '';
      const message = say('rework.unknownOperation', { name });
      throw new InputError(`excludes[${i}][${at}]`, 'unknown-name', message, { name });
    }
    return [pair[0] ?? '', pair[1] ?? ''] as const;
  });
  const rows = characteristics.map(({ id, terms, lower_mm, upper_mm }): Row => ({
    id,
    value_mm: effectOn(terms, dimensions),
    lower_mm: lower_mm == null ? null : lower_mm + guard,
    upper_mm: upper_mm == null ? null : upper_mm - guard,
    moved: new Map(
      operations.map((o): [string, Effect] => [
        o.id,
        { perMm: effectOn(terms, o.effects), once_mm: effectOn(terms, o.offset) },
      ]),
    ),
  }));
  const works = operations.map(({ id, min_mm, max_mm, fixedCost, costPerMm }): WorkOption => ({
    id,
    min_mm,
    max_mm,
    fixedCost,
    costPerMm,
  }));
  return { rows, works, excludes: pairs };
}

/**
 * Returns the cheapest operations that bring every characteristic of a linear case inside its guarded
 * limits, each with the range of its amount over which all stay inside while the others stay.
 *
 * @param given sizes, what they make, their limits and what work does, in mm
 * @param solve solves mixed-integer linear programs exactly
 * @throws InputError where the case names what is not there
 * @example
 * import { loadHighs } from './highs';
 * const given = {
 *   dimensions: { depth: 20.09, width: 20 },
 *   characteristics: [
 *     { id: 'gap', terms: { depth: 1, width: -1 }, lower_mm: 0.02, upper_mm: 0.08 },
 *   ],
 *   operations: [
 *     { id: 'deck', effects: { depth: -1 }, min_mm: 0, max_mm: 0.2, fixedCost: 10, costPerMm: 0 },
 *   ],
 * };
 * linearPlan(given, await loadHighs()); // { operations: [{ id: 'deck', amount_mm: 0.04 }] }
 */
export function linearPlan(given: LinearCase, solve: Solver): LinearPlan {
  const problem = problemOf(given);
  const [plan] = cheapestPlans(problem, solve);
  const amounts = new Map(plan?.works.map(({ id, amount_mm }) => [id, amount_mm]));
  const predicted = Object.fromEntries(
    problem.rows.map((row) => [row.id, valueAfter(row, amounts)]),
  );
  if (!plan) {
    const blocking = blockingRows(problem, solve).map(({ id }) => id);
    return { feasible: false, cost: null, operations: [], predicted, blocking };
  }
  const price = ({ id, amount_mm }: PlannedWork) => costOf(problem, new Map([[id, amount_mm]]));
  const operations = [...plan.works].sort((a, b) => price(a) - price(b));
  return { feasible: true, cost: plan.cost, operations, predicted, blocking: [] };
}
