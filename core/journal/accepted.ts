import type { CharacteristicId, PartId } from '../pumps/ids';
import { characteristicOf, dimensionsFor, pumpOf } from '../pumps/registry';
import type { Acceptance } from '../records/entries/accept';
import type { Job } from '../records/job';
import { limitsFor } from '../records/sheet';
import { counting } from '../schema/voiding';
import { touching, workEntriesOf } from './eras';
import { ledgerOf } from './ledger';

/**
 * Returns what a person accepted of the gaps for which nothing is published, by characteristic. It was accepted as it was
 * measured then: once it is read again, or worked on, nobody has accepted what it is now.
 */
export function acceptedIn(
  job: Pick<Job, 'sheet' | 'journal'>,
): ReadonlyMap<CharacteristicId, Acceptance> {
  // Asked at every tap: most jobs have none, and their journal is not sorted for it.
  if (!job.journal.some(({ kind }) => kind === 'accept')) return new Map();
  const { accepts, readings } = ledgerOf(job);
  const standing = counting(accepts);
  if (standing.length === 0) return new Map();
  const place = new Map(job.journal.map(({ id }, i) => [id, i]));
  const placeOf = ({ id }: { readonly id: string }) => place.get(id) ?? 0;
  const pump = pumpOf(job.sheet);
  return new Map(
    standing.flatMap((acceptance) => {
      const { characteristic: id } = acceptance;
      const c = characteristicOf(job.sheet, id);
      const of: readonly string[] = [id, ...dimensionsFor(c)];
      const read = counting(readings).filter((r) =>
        of.includes(r.kind === 'size' ? r.dimension : r.characteristic),
      );
      const since = [...read, ...touching(pump, workEntriesOf(job), c)];
      const holds = since.every((entry) => placeOf(entry) < placeOf(acceptance));
      return holds ? [[id, acceptance] as const] : [];
    }),
  );
}

/** Lists the parts whose sizes make up a gap that a person accepted though nothing is published for it. */
export function acceptedParts(job: Pick<Job, 'sheet' | 'journal' | 'tier'>): ReadonlySet<PartId> {
  const { dimensions, characteristics } = pumpOf(job.sheet);
  const accepted = acceptedIn(job);
  const sizes = characteristics.flatMap((c) =>
    accepted.has(c.id) && !limitsFor(job.sheet, job.tier, c.id) ? dimensionsFor(c) : [],
  );
  return new Set(dimensions.flatMap((d) => (sizes.includes(d.id) ? [d.part] : [])));
}
