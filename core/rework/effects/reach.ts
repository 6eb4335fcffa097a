import type { Assessment } from '../../assessment/assessment';
import { centre } from '../../metrology/estimate';
import { trues, type Known } from './effects';
import type { Offer } from '../operations/offer';

/** Returns how far an operation may go without taking metal that has to stay, in mm. */
function metalLeft(offer: Offer, { sheet, dimensions }: Known): number {
  return offer.works
    .flatMap((w) => w.moves)
    .reduce((most, { dimension, perMm }) => {
      const bound = sheet.metal.find((m) => m.dimension === dimension);
      const now = dimensions.get(dimension);
      if (!bound || !perMm || !now || now.source === 'example') return most;
      const left =
        perMm < 0
          ? now.best_mm - (bound.least_mm ?? -Infinity)
          : (bound.most_mm ?? Infinity) - now.best_mm;
      return Math.min(most, Math.max(0, left / Math.abs(perMm)));
    }, Infinity);
}

/** Returns the least that an operation has to take so that what it cuts true is true, in mm. */
const depthToTrue = (offer: Offer, all: readonly Assessment[], { pump }: Known): number =>
  all.reduce((most, a) => {
    if (!a.largest || !trues(pump, a.characteristic, offer)) return most;
    return Math.max(most, centre(a.largest));
  }, 0);

/** The amounts over which an operation can be done, in mm; both nought where it has none. */
export interface Reach {
  readonly min_mm: number;
  readonly max_mm: number;
}

/**
 * Returns the amounts over which an operation can be done; null where there is not metal enough for it.
 *
 * @param least_mm what it has to take at least, in mm: the depth of what it takes out
 */
export function reachFrom(
  offer: Offer,
  least_mm: number,
  known: Known,
  all: readonly Assessment[],
): Reach | null {
  const { terms } = offer;
  if (terms.most_mm === null) return { min_mm: 0, max_mm: 0 };
  const min_mm = Math.max(terms.least_mm ?? 0, least_mm, depthToTrue(offer, all, known));
  const max_mm = Math.min(terms.most_mm, metalLeft(offer, known));
  return min_mm <= max_mm ? { min_mm, max_mm } : null;
}
