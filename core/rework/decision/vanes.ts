import type { DimensionId } from '../../pumps/ids';
import type { Assessment } from '../../assessment/assessment';
import type { Quantity } from '../../assessment/quantity';
import type { Job } from '../../records/job';
import { nominalOf } from '../../records/sizesSaid';
import type { ReworkCase } from './case';
import { atReach, type VaneReach } from '../../pumps/vaneReach';

/** Says how much of the shortest vane stays in its slot, and whether a limit says how much has to. */
export interface VaneOutlook extends VaneReach {
  /** Tells whether the hours are those to a limit; else they are those until it falls out. */
  readonly limited: boolean;
}

/** Returns the hours that a pump ran; null where the tag says kilometres, or nothing. */
const hoursOf = ({ used, usedUnit }: Job): number | null => (usedUnit === 'h' ? used : null);

/** Returns how far a vane has to reach, in mm: what its engagement takes off its length; null where a size is not known. */
function reachOf(
  { characteristic: { terms, wears } }: Assessment,
  dimensions: ReadonlyMap<DimensionId, Quantity>,
): number | null {
  return (terms ?? [])
    .filter(({ dimension }) => dimension !== wears)
    .reduce<number | null>((reach, { dimension, factor }) => {
      const size = dimensions.get(dimension);
      return reach === null || !size || size.u_mm === null ? null : reach - factor * size.best_mm;
    }, 0);
}

/**
 * Returns what of the shortest vane of a job's pump stays in its slot at full reach, and the hours until that
 * is the least; null where the pump has no such vanes, or they or their ring were not measured.
 *
 * @param rework what plans for the pump are made from
 */
export function vaneOutlook({
  job,
  known,
  all,
}: Pick<ReworkCase, 'job' | 'known' | 'all'>): VaneOutlook | null {
  const engagement = all.find((a) => a.characteristic.wears !== undefined);
  const wears = engagement?.characteristic.wears;
  const length = wears && known.dimensions.get(wears);
  if (!engagement || !wears || !length || length.u_mm === null) return null;
  const reach_mm = reachOf(engagement, known.dimensions);
  if (reach_mm === null) return null;
  const least_mm = engagement.limits?.lower_mm ?? 0;
  const reach = atReach(reach_mm, {
    vaneLength_mm: length.smallest_mm,
    newVaneLength_mm: nominalOf(job.sheet, wears) ?? null,
    hours: hoursOf(job),
    leastInSlot_mm: least_mm,
  });
  return { ...reach, limited: least_mm > 0 };
}
