import { frameOf, movedTerms, rowBounds, UM } from './model';
import type { Problem, Row } from './problem';
import type { Column, Solver } from './program';

/** A row that no allowed work brings in, and by how much it misses at best, in mm. */
export interface Blocking {
  readonly id: string;
  readonly short_mm: number;
}

/** A value that misses its limit by less is in, in mm: rounding of the sum. */
const ROUNDING_mm = 1e-7;

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
        return rowBounds(row, movedTerms(row, works), 0, {
          low: [[miss, 1]],
          high: [[miss, -1]],
        });
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
 * @returns with each how much it misses at best, in mm; none where works that were asked for exclude each
 *   other: then it is they that block
 */
export function blockingRows(problem: Problem, solve: Solver): Blocking[] {
  const asked = problem.works.some(({ required }) => required) || (problem.oneOf ?? []).length > 0;
  const doubtful = problem.rows.filter((row) => asked || !isIn(row));
  const single = doubtful.flatMap((row) => shortfall(problem, [row], solve) ?? []);
  if (single.length > 0) return single;
  return shortfall(problem, problem.rows, solve) ?? [];
}
