import type { Assessment } from '../assessment/assessment';
import { toldReach, type ToldReach } from '../assessment/told';
import { stateOf } from '../guidance/evaluator';
import { wentOutOn } from '../journal/comebacks';
import type { Job } from '../records/job';
import type { Visit } from '../records/visit';

/** Returns what the next visit of a pump keeps of this one: how each characteristic was known when it went out. */
export function visitAfter(job: Job): Visit {
  const figures = stateOf(job).characteristics.flatMap((a) => {
    const reach = toldReach(a);
    return reach ? [{ characteristic: a.characteristic.id, ...reach }] : [];
  });
  return {
    of: job.id,
    tag: job.tag,
    number: (job.visit?.number ?? 1) + 1,
    out: wentOutOn(job),
    used: job.used,
    usedUnit: job.usedUnit,
    figures,
  };
}

/**
 * Returns how a characteristic left the visit before this one; null where it was never here before, was not known then, or work
 * was done on it since: then its *before* is of this visit.
 */
export function leftAt({ visit }: Job, { characteristic, work }: Assessment): ToldReach | null {
  if (!visit || work.length > 0) return null;
  const { smallest, largest } =
    visit.figures.find((figure) => figure.characteristic === characteristic.id) ?? {};
  return smallest && largest ? { smallest, largest } : null;
}

/**
 * Returns the tag of a further visit: that of the first with its number behind a stroke.
 *
 * @param tag of the visit before
 * @param number of the new one
 * @example
 * visitTag('HM-0287', 2); // 'HM-0287/2'
 * visitTag('HM-0287/2', 3); // 'HM-0287/3'
 */
export const visitTag = (tag: string, number: number): string =>
  `${tag.replace(/\/\d+$/, '')}/${number}`;
