import { problemIn, type Doubt } from '../core/rework/decision/asked';
import type { ReworkCase } from '../core/rework/decision/case';
import { doubtsIn } from '../core/rework/decision/doubts';
import { chanceOfAny } from '../core/rework/decision/rated';
import { daysOf, setUpOf, type Problem, type Row, type Work } from '../core/rework/solver/problem';
import type { Solver } from '../core/rework/solver/program';

/** Tells whether some amounts of a set of works bring every row in: a linear program, with nothing whole in it. */
function isFeasible(rows: readonly Row[], set: readonly Work[], solve: Solver): boolean {
  const bounds = rows.map((row) => {
    const once = set.reduce((sum, { id }) => sum + (row.moved.get(id)?.once_mm ?? 0), 0);
    const base = row.value_mm + once;
    return {
      of: set.flatMap(({ id }, i): [number, number][] => {
        const perMm = row.moved.get(id)?.perMm ?? 0;
        return perMm === 0 ? [] : [[i, perMm]];
      }),
      lower: row.lower_mm === null ? -Infinity : 1000 * (row.lower_mm - base) - 1e-6,
      upper: row.upper_mm === null ? Infinity : 1000 * (row.upper_mm - base) + 1e-6,
    };
  });
  const columns = set.map((w) => ({ lower: 1000 * w.min_mm, upper: 1000 * w.max_mm, cost: 0 }));
  return solve({ columns, bounds }) !== null;
}

/** Tells whether a work does anything for a row that is not in, or is one of those that are asked for. */
const matters = (work: Work, { rows, oneOf = [] }: Problem): boolean =>
  oneOf.some((group) => group.includes(work.id)) || rows.some((row) => row.moved.has(work.id));

/**
 * Looks for a choice of works that is expected to cost less than so much, among all there are: every set of works, of gaps
 * left and of gaps read once more that could. Independent of how plans are found, but for the offers and their effects.
 *
 * @returns the least expected cost found under the bound; null where there is none
 */
export function cheaperThan(
  rework: ReworkCase,
  most: number,
  solve: Solver,
  allowed: Parameters<typeof problemIn>[1] = () => true,
): number | null {
  const doubts = doubtsIn(rework, solve, allowed);
  const asked: Doubt[] = [...doubts.left, ...doubts.again].map(({ id, gaps }) => ({
    id,
    gaps,
    cost: 0,
  }));
  const problem = problemIn(rework, allowed, new Map(), asked);
  const works = problem.works.filter((w) => w.required || matters(w, problem));
  const chanceOf = new Map(doubts.left.map((d) => [d.id, d.chance]));
  const again = new Map(doubts.again.map((d) => [d.id, d.cost + d.expected]));
  const costOf = (set: readonly Work[]): number => {
    const left = set.flatMap(({ id }) => chanceOf.get(id) ?? []);
    return (
      set.reduce((sum, w) => sum + w.fixedCost + (again.get(w.id) ?? 0), 0) +
      setUpOf(problem, set) +
      daysOf(set) * (problem.dayCost ?? 0) +
      chanceOfAny(left) * doubts.comeback
    );
  };
  const { excludes, oneOf = [] } = problem;
  let best: number | null = null;
  const bound = () => best ?? most;
  const visit = (from: number, set: readonly Work[]): void => {
    const cost = costOf(set);
    if (cost >= bound() - 1e-9) return;
    const has = (id: string) => set.some((w) => w.id === id);
    const whole =
      oneOf.every((group) => group.some(has)) && works.every((w) => !w.required || has(w.id));
    if (whole && isFeasible(problem.rows, set, solve)) best = cost;
    for (let i = from; i < works.length; i++) {
      const next = works[i]!;
      if (excludes.some(([a, b]) => (a === next.id && has(b)) || (b === next.id && has(a))))
        continue;
      visit(i + 1, [...set, next]);
    }
  };
  visit(0, []);
  return best;
}
