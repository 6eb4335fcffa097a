import { ENOUGH } from '../workshop/standing';
import { group, median } from 'd3-array';
import { groupDifference, type GroupDifference } from './difference';
import type { PastFigure } from './past';

/** Holds the figures of pumps into which parts of one maker went. */
export interface SpareGroup {
  readonly make: string;
  readonly figures: readonly PastFigure[];
  readonly median: number;
  readonly back: number;
  /** Says how they differ from those of all other makers; null where either has fewer than five. */
  readonly than: GroupDifference | null;
}

/**
 * Returns the figures of the past by the maker of the part that was put in, the most used maker first. Pumps in which the
 * part was not exchanged, or nobody said by whom it was made, are in none.
 *
 * @param past figures as the pumps went out
 * @param parts the parts that the gap rests on
 */
export function byMake(
  past: readonly PastFigure[],
  parts: ReadonlySet<string>,
): readonly SpareGroup[] {
  const made = past.flatMap((figure) => {
    const makes = [...figure.makes].flatMap(([part, make]) =>
      parts.has(part) && make ? [make] : [],
    );
    const [make] = makes;
    // Two makers in one gap say nothing of either.
    return make !== undefined && new Set(makes).size === 1 ? [{ make, figure }] : [];
  });
  const mm = (list: readonly (typeof made)[number][]) => list.map(({ figure }) => figure.mm);
  const groups = [...group(made, ({ make }) => make)].map(([make, own]): SpareGroup => {
    const others = made.filter((one) => one.make !== make);
    const isEnough = own.length >= ENOUGH && others.length >= ENOUGH;
    const figures = own.map(({ figure }) => figure);
    return {
      make,
      figures,
      median: median(mm(own)) ?? NaN,
      back: figures.filter(({ isBack }) => isBack).length,
      than: isEnough ? groupDifference(mm(own), mm(others)) : null,
    };
  });
  return groups.sort((a, b) => b.figures.length - a.figures.length || a.make.localeCompare(b.make));
}
