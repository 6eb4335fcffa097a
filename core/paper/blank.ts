import type { Assessment } from '../assessment/assessment';
import { worthAsking } from '../guidance/next';
import { methodsFor, type MethodId } from '../methods/list';
import type { Characteristic, Dimension, Station } from '../pumps/family';
import { dimensionsFor, dimensionOf } from '../pumps/registry';
import type { Job } from '../records/job';

/** Describes a place on a sheet of paper: what is read there, and the boxes that take it. */
export interface PaperPlace {
  /** Tells its boxes from all others: `size/pocket-depth/12`. */
  readonly id: string;
  readonly station: Station;
  /** The size that is read; absent where the gap itself is. */
  readonly dimension?: Dimension;
}

/** Names the ways in which a check goes on paper: two boxes for leaves, one for a figure. */
export type PaperWay = Exclude<MethodId, 'touch'>;

/** Describes a check on a sheet of paper, with its places. */
export interface PaperBlock {
  readonly assessment: Assessment;
  readonly way: PaperWay;
  readonly places: readonly PaperPlace[];
}

/** Returns the way in which a check is measured on paper: its usual one, else the one that is preferred; null for none. */
function wayOf(job: Job, c: Characteristic, preferred: PaperWay): PaperWay | null {
  const ways = methodsFor(job.sheet, c).filter((way): way is PaperWay => way !== 'touch');
  const usual = ways.find((way) => way === c.usual);
  return usual ?? (ways.includes(preferred) ? preferred : (ways[0] ?? null));
}

function placesOf(job: Job, c: Characteristic, way: PaperWay, taken: Set<string>): PaperPlace[] {
  if (way === 'leaf') {
    return c.stations.map((station) => ({ id: `leaf/${c.id}/${station.id}`, station }));
  }
  if (way === 'swing') {
    const stations = c.swing?.stations ?? [];
    return stations.map((station) => ({ id: `swing/${c.id}/${station.id}`, station }));
  }
  const sizes = dimensionsFor(c).map((id) => dimensionOf(job.sheet, id));
  // A size that two checks share is read once: it stands with the first.
  return sizes.flatMap((dimension) => {
    if (taken.has(dimension.id)) return [];
    taken.add(dimension.id);
    return dimension.stations.map((station) => ({
      id: `size/${dimension.id}/${station.id}`,
      station,
      dimension,
    }));
  });
}

/**
 * Returns the checks of a job as a blank sheet of paper has them: what has a limit and what its totals rest on, or
 * everything where nothing is limited; in the order of the work.
 *
 * @param preferred leaves or sizes, where a check can be measured by both
 */
export function paperBlocks(
  job: Job,
  all: readonly Assessment[],
  preferred: PaperWay = 'leaf',
): PaperBlock[] {
  const taken = new Set<string>();
  return worthAsking(all).flatMap((assessment): PaperBlock[] => {
    const { characteristic: c } = assessment;
    const way = c.sum ? null : wayOf(job, c, preferred);
    const places = way ? placesOf(job, c, way, taken) : [];
    return way && places.length > 0 ? [{ assessment, way, places }] : [];
  });
}
