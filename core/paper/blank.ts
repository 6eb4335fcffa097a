import type { Assessment } from '../assessment/assessment';
import { worthAsking } from '../guidance/next';
import { METHOD, methodOf, methodsFor, type MethodId } from '../methods/list';
import type { Place } from '../methods/method';
import type { Characteristic } from '../pumps/family';
import { pumpOf } from '../pumps/registry';
import type { Job } from '../records/job';

/** Describes a place on a sheet of paper: what is read there, and the boxes that take it. */
export interface PaperPlace extends Place {
  /** Tells its boxes from all others: `size/pocket-depth/12`. */
  readonly id: string;
}

/** Describes a check on a sheet of paper, with its places. */
export interface PaperBlock {
  readonly assessment: Assessment;
  readonly way: MethodId;
  readonly places: readonly PaperPlace[];
}

/** Returns the way in which a check is measured on paper: its usual one, else the one that is preferred; null for none. */
function wayOf(job: Job, c: Characteristic, preferred: MethodId): MethodId | null {
  const ways = methodsFor(job.sheet, c).filter((way) => METHOD[way].paper.length > 0);
  const usual = ways.find((way) => way === c.usual);
  return usual ?? (ways.includes(preferred) ? preferred : (ways[0] ?? null));
}

function placesOf(job: Job, c: Characteristic, way: MethodId, taken: Set<string>): PaperPlace[] {
  const places = methodOf(way)
    .places(pumpOf(job.sheet), c)
    .map((place) => ({
      ...place,
      id: `${way}/${place.dimension?.id ?? c.id}/${place.station.id}`,
    }));
  // A size that two checks share is read once: it stands with the first.
  const unread = places.filter(({ id }) => !taken.has(id));
  for (const { id } of unread) taken.add(id);
  return unread;
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
  preferred: MethodId = 'leaf',
): PaperBlock[] {
  const taken = new Set<string>();
  return worthAsking(all).flatMap((assessment): PaperBlock[] => {
    const { characteristic: c } = assessment;
    const way = c.sum ? null : wayOf(job, c, preferred);
    const places = way ? placesOf(job, c, way, taken) : [];
    return way && places.length > 0 ? [{ assessment, way, places }] : [];
  });
}
