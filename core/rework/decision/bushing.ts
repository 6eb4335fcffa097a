import type { Characteristic, PumpModel } from '../../pumps/family';
import { hasRole } from '../../pumps/kinds';
import { aimedAt, bushingFit, type BushingFit } from '../operations/bushingFit';
import type { ReworkCase } from './case';
import type { Offer } from '../operations/offer';

/** A bushing that is sized, what runs in it, and the fit that it should get. */
export interface BushingWork {
  readonly characteristic: Characteristic;
  /** Names what runs in it, as its size is called: `Hub diameter`. */
  readonly journal: string;
  /** Is null where what runs in it was not measured: the bore follows from that. */
  readonly fit: BushingFit | null;
  /** Gives the bore as it is, in mm; null where it was not measured. */
  readonly bore_mm: number | null;
  /** The converter hub runs in it: a seal stands behind it, and a groove feeds it. */
  readonly hub: boolean;
}

/** Tells whether an offer leaves a bushing at a size of its own: it is honed, or sized as it goes in. */
const isSizing = ({ operation, parts }: Offer, pump: PumpModel): boolean =>
  operation.sizes === true ||
  (operation.replaces !== null &&
    pump.parts.some((p) => parts.includes(p.id) && hasRole(p, 'sized')));

/**
 * Returns the bushing that an operation sizes, and how; null where it sizes none.
 *
 * @param rework what plans for the pump are made from
 * @param offer the operation
 */
export function bushingWork({ known, job, all }: ReworkCase, offer: Offer): BushingWork | null {
  if (!isSizing(offer, known.pump)) return null;
  const partOf = (id: string) => known.pump.dimensions.find((d) => d.id === id)?.part;
  const a = all.find(({ characteristic: { terms } }) =>
    terms?.some(
      ({ dimension, factor }) =>
        factor > 0 && offer.parts.some((part) => part === partOf(dimension)),
    ),
  );
  const journal = a?.characteristic.terms?.find(({ factor }) => factor < 0)?.dimension;
  if (!a || journal === undefined) return null;
  const shaft = known.dimensions.get(journal);
  const bore = a.characteristic.terms?.find(({ factor }) => factor > 0)?.dimension;
  const now = bore && known.dimensions.get(bore);
  const hub = a.characteristic.hub === true;
  const measured = shaft && shaft.u_mm !== null;
  return {
    characteristic: a.characteristic,
    hub,
    bore_mm: now && now.u_mm !== null ? now.best_mm : null,
    journal: known.pump.dimensions.find((d) => d.id === journal)?.name ?? journal,
    fit: measured
      ? bushingFit({
          hub_mm: shaft.best_mm,
          lower_mm: a.limits?.lower_mm ?? null,
          upper_mm: a.limits?.upper_mm ?? null,
          school: hub ? job.rules.bushing : null,
          heatShift_mm: a.heatShift_mm,
        })
      : null,
  };
}

/**
 * Returns the work on a bushing with the bore that an amount leads to: the plan and the steps of the hone name the same
 * size.
 *
 * @param work on the bushing, in mm
 * @param amount_mm how much is honed out; null for a new bushing, which is sized as the house wants it
 * @example
 * const fit = { least_mm: 0.06, most_mm: 0.09, aimBore_mm: 44.075, steps_mm: [44.075] };
 * honedBy({ fit, bore_mm: 44.02 }, 0.05).fit.aimBore_mm; // 44.07
 * honedBy({ fit: null, bore_mm: 44.02 }, 0.05).fit; // null
 */
export function honedBy(work: BushingWork, amount_mm: number | null): BushingWork {
  const { fit, bore_mm } = work;
  if (!fit || bore_mm === null || amount_mm === null) return work;
  return { ...work, fit: aimedAt(fit, bore_mm + amount_mm) };
}
