import { problemIn, type Doubt } from '../rework/decision/asked';
import type { ReworkCase } from '../rework/decision/case';
import { doubtsIn } from '../rework/decision/doubts';
import { chanceOfAny } from '../rework/decision/rated';
import { isLastResort, type Rework } from '../rework/decision/solve';
import type { Offer } from '../rework/operations/offer';
import { daysOf, setUpOf, type Problem, type Row, type WorkOption } from '../rework/solver/problem';
import type { Solver } from '../rework/solver/program';

/** So much in mm is nothing. */
const EPSILON = 1e-9;

/** Tells whether some amounts of a set of works bring every row in: a linear program, with nothing whole in it. */
function isFeasible(rows: readonly Row[], set: readonly WorkOption[], solve: Solver): boolean {
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

/** Tells whether a set of works can bring one row in by itself, whatever the others would need. */
function isReached(row: Row, set: readonly WorkOption[]): boolean {
  let [least, most] = [row.value_mm, row.value_mm];
  for (const { id, min_mm, max_mm } of set) {
    const { perMm = 0, once_mm = 0 } = row.moved.get(id) ?? {};
    const ends = [once_mm + perMm * min_mm, once_mm + perMm * max_mm];
    least += Math.min(...ends);
    most += Math.max(...ends);
  }
  return (
    least <= (row.upper_mm ?? Infinity) + EPSILON && most >= (row.lower_mm ?? -Infinity) - EPSILON
  );
}

/**
 * Lists works of which a set that is no answer yet needs one at least: those of a group that is asked for, those that move
 * a row which the set cannot bring in, or, where it is the rows together that do not go, those that move any.
 */
function neededBy(
  { rows, works, oneOf = [] }: Problem,
  set: readonly WorkOption[],
  solve: Solver,
): readonly WorkOption[] | null {
  const isDone = (id: string) => set.some((w) => w.id === id);
  const group = oneOf.find((ids) => !ids.some(isDone));
  if (group) return works.filter(({ id }) => group.includes(id));
  const out = rows.filter((row) => !isReached(row, set));
  if (out.length === 0 && isFeasible(rows, set, solve)) return null;
  const movers = (of: readonly Row[]) =>
    works.filter(({ id }) => !isDone(id) && of.some(({ moved }) => moved.has(id)));
  if (out.length === 0) return movers(rows);
  return out.map((row) => movers([row])).reduce((a, b) => (b.length < a.length ? b : a));
}

/**
 * Looks for a choice of works that is expected to cost less than so much, among all there are: every set of works, of gaps
 * left and of gaps read once more that could. A set grows only by what it lacks, since no work that is added to an answer
 * makes it cheaper. Independent of how plans are found, but for the offers and their effects.
 *
 * @returns the least expected cost found under the bound; null where there is none
 */
function cheaperThan(
  rework: ReworkCase,
  most: number,
  solve: Solver,
  allowed: (offer: Offer) => boolean,
): number | null {
  const doubts = doubtsIn(rework, solve, allowed);
  const asked: Doubt[] = [...doubts.left, ...doubts.again].map(({ id, gaps }) => ({
    id,
    gaps,
    cost: 0,
  }));
  const problem = problemIn(rework, allowed, new Map(), asked);
  const chanceOf = new Map(doubts.left.map((d) => [d.id, d.chance]));
  const again = new Map(doubts.again.map((d) => [d.id, d.cost + d.expected]));
  const costOf = (set: readonly WorkOption[]): number => {
    const left = set.flatMap(({ id }) => chanceOf.get(id) ?? []);
    return (
      set.reduce((sum, w) => sum + w.fixedCost + (again.get(w.id) ?? 0), 0) +
      setUpOf(problem, set) +
      daysOf(set) * (problem.dayCost ?? 0) +
      chanceOfAny(left) * doubts.comeback
    );
  };
  let best: number | null = null;
  const visit = (set: readonly WorkOption[], refused: ReadonlySet<WorkOption>): void => {
    const cost = costOf(set);
    if (cost >= (best ?? most) - 1e-9) return;
    const needed = neededBy(problem, set, solve);
    if (needed === null) best = cost;
    const tried = new Set(refused);
    for (const next of needed ?? []) {
      const isRefused =
        tried.has(next) ||
        problem.excludes.some(
          (pair) => pair.includes(next.id) && set.some(({ id }) => pair.includes(id)),
        );
      // Every answer with this work in it is found here: those beside it do without.
      if (!isRefused) visit([...set, next], tried);
      tried.add(next);
    }
  };
  visit(
    problem.works.filter(({ required }) => required),
    new Set(),
  );
  return best;
}

/**
 * Looks for a choice that is expected to cost less than the best plan by more than so much, among those that the house
 * likes as well as it.
 *
 * @param worth how much less counts; below nought a choice as dear as the plan is found as well
 */
export function cheaperChoice(
  rework: ReworkCase,
  { plans: [plan] }: Pick<Rework, 'plans'>,
  worth: number,
  solve: Solver,
): number | null {
  // What the house does only where nothing else helps is no choice where something else does.
  const liked = (offer: Offer) => !isLastResort(offer, rework);
  const isLiked = plan?.works.every(({ id }) => rework.offers.some((o) => o.id === id && liked(o)));
  const allowed = isLiked ? liked : () => true;
  return cheaperThan(rework, (plan?.expected ?? 0) - worth, solve, allowed);
}
