import type { PastFigure } from './past';

/** Describes a column of a distribution: the figures that lie in it, one dot each. */
export interface DotColumn {
  /** Gives the middle of the column, in mm. */
  readonly at_mm: number;
  readonly figures: readonly PastFigure[];
}

/** Lists the widths of a column, in units of a power of ten. */
const WIDTHS = [1, 2, 5];

/** Limits the columns: so many are told apart on a phone. */
const MOST = 20;

/** Returns the smallest round width with which a stretch has no more columns than fit. */
function widthFor(stretch_mm: number): number {
  // A tenth of a micrometre is finer than anything is read.
  for (let power = -4; power < 2; power++) {
    const width = WIDTHS.map((w) => w * 10 ** power).find((w) => stretch_mm / w <= MOST);
    if (width !== undefined) return width;
  }
  return 100;
}

/**
 * Sorts figures into columns of one round width, from the least to the greatest; those that are empty are left out.
 *
 * @param figures of the past
 */
export function dotColumns(figures: readonly PastFigure[]): readonly DotColumn[] {
  const all = figures.map(({ mm }) => mm);
  const width = widthFor(Math.max(...all) - Math.min(...all));
  const columns = new Map<number, PastFigure[]>();
  for (const figure of figures) {
    const at = Math.round(figure.mm / width);
    columns.set(at, [...(columns.get(at) ?? []), figure]);
  }
  return [...columns]
    .sort(([a], [b]) => a - b)
    .map(([at, own]) => ({ at_mm: at * width, figures: own }));
}
