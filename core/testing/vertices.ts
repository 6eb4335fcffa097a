/** Lists the ways to choose `count` of a list. */
function choicesOf<T>(list: readonly T[], count: number): T[][] {
  if (count === 0) return [[]];
  return list.flatMap((item, i) =>
    choicesOf(list.slice(i + 1), count - 1).map((rest) => [item, ...rest]),
  );
}

/** A linear inequality: Σ factor · x ≤ most. */
export interface Inequality {
  readonly factors: readonly number[];
  readonly most: number;
}

/** Solves as many equations as unknowns by elimination (Gauss, with pivoting); null where they are not independent. */
function solved(equations: readonly Inequality[]): number[] | null {
  const rows = equations.map(({ factors, most }) => [...factors, most]);
  const size = rows.length;
  for (let i = 0; i < size; i++) {
    const pivot = rows.slice(i).reduce((best, row) => {
      return Math.abs(row[i] ?? 0) > Math.abs(best[i] ?? 0) ? row : best;
    });
    const value = pivot[i] ?? 0;
    if (Math.abs(value) < 1e-12) return null;
    rows[rows.indexOf(pivot)] = rows[i] ?? [];
    rows[i] = pivot.map((x) => x / value);
    rows.forEach((row, j) => {
      const factor = row[i] ?? 0;
      if (j !== i) rows[j] = row.map((x, k) => x - factor * (rows[i]?.[k] ?? 0));
    });
  }
  return rows.map((row) => row[size] ?? 0);
}

/**
 * Returns the least of a linear cost under inequalities that bound every unknown, found by trying every corner;
 * null where none of them holds all. Only for a handful of unknowns: it checks a solver by other means.
 */
export function leastAtCorner(costs: readonly number[], all: readonly Inequality[]): number | null {
  const holds = (x: readonly number[]) =>
    all.every(({ factors, most }) => {
      return factors.reduce((sum, f, i) => sum + f * (x[i] ?? 0), 0) <= most + 1e-9;
    });
  const corners = choicesOf(all, costs.length).flatMap((tight) => {
    const corner = solved(tight);
    return corner && holds(corner) ? [corner] : [];
  });
  const totals = corners.map((x) => costs.reduce((sum, c, i) => sum + c * (x[i] ?? 0), 0));
  return totals.length > 0 ? Math.min(...totals) : null;
}
