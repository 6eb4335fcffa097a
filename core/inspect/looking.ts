import { exchangedSince } from '../journal/exchanged';
import type { CharacteristicId } from '../pumps/ids';
import { hasRole } from '../pumps/kinds';
import { ownerName, pumpOf, teardownOf, type PumpKind } from '../pumps/registry';
import type { SurfaceKind } from '../pumps/teardown/defects';
import { MOST_SEALS } from '../pumps/teardown/fitted';
import type { Surface } from '../pumps/teardown/teardown';
import { ledgerOf } from '../journal/ledger';
import type { Job } from '../records/job';
import { counting } from '../schema/voiding';
import type { Finding } from '../records/entries/finding';

/** A surface and what was seen on it. */
export interface Looked {
  readonly surface: Surface;
  /** Lists the findings that stand; empty where nobody has looked. */
  readonly findings: readonly Finding[];
  readonly state: 'unseen' | 'sound' | 'found';
}

/** Returns the surfaces of a pump that a sheet describes: no seal runs where it has none. */
function surfacesOf(sheet: Job['sheet']): readonly Surface[] {
  const { surfaces } = teardownOf(sheet);
  const { seals } = sheet;
  if (seals === null || seals >= MOST_SEALS) return surfaces;
  return surfaces.filter(({ kind, keepsOut }) => kind !== 'seal-track' || (seals > 0 && !keepsOut));
}

/** Returns every surface of the pump, in the order of the parts on the bench. */
export function lookedAt(job: Pick<Job, 'sheet' | 'journal'>): Looked[] {
  const seen = counting(ledgerOf(job).findings);
  return surfacesOf(job.sheet).map((surface) => {
    const findings = seen.filter((f) => f.surface === surface.id);
    const state =
      findings.length === 0 ? 'unseen' : findings.every((f) => !f.defect) ? 'sound' : 'found';
    return { surface, findings, state };
  });
}

/** Tells whether two surfaces are on the same part: they are looked at with it in the hand. */
export const areTogether = (a: Surface, b: Surface): boolean => a.parts.join() === b.parts.join();

/** Sorts what is looked at by the part that it is on, in the order in which the parts lie on the bench. */
export function byOwner(
  pump: PumpKind,
  looked: readonly Looked[],
): { readonly name: string; readonly looked: readonly Looked[] }[] {
  const firsts = looked.filter(
    ({ surface }, i) => looked.findIndex((l) => areTogether(l.surface, surface)) === i,
  );
  return firsts.map(({ surface }) => ({
    name: ownerName(pump, surface),
    looked: looked.filter((l) => areTogether(l.surface, surface)),
  }));
}

/** Describes what everything else is measured in: given up, nothing that is measured behind it counts. */
const HOLDING: readonly SurfaceKind[] = ['casting', 'crescent'];

/** Tells whether giving up this surface gives up the pump; any other part that is scrap is bought anew. */
export function holdsPump(pump: PumpKind, { kind, parts, ofSection }: Surface): boolean {
  const bases = pumpOf(pump).parts.filter((p) => hasRole(p, 'base'));
  const isBase = bases.length === 1 && bases.some(({ id }) => parts.includes(id));
  return !ofSection && (isBase || HOLDING.includes(kind));
}

/** Tells whether what was seen on a surface is of parts that were exchanged since: it says nothing of those that are in the pump. */
const isGone = (job: Pick<Job, 'journal'>, { parts }: Surface, finding: Finding): boolean =>
  parts.length > 0 && parts.every((part) => exchangedSince(job, part, finding));

/** Lists the surfaces of which a person decided that their part is replaced or given up, and it is in the pump still. */
export const condemnedIn = (job: Pick<Job, 'sheet' | 'journal'>): Surface[] =>
  lookedAt(job).flatMap(({ surface, findings }) =>
    findings.some(
      (f) => (f.decided === 'replace' || f.decided === 'scrap') && !isGone(job, surface, f),
    )
      ? [surface]
      : [],
  );

/** Returns the finding after which measuring the rest is pointless, as a person decided; null where there is none. */
export function endOf(job: Pick<Job, 'sheet' | 'journal'>): Finding | null {
  const ends = lookedAt(job)
    .filter((l) => holdsPump(job.sheet, l.surface))
    .flatMap((l) => l.findings.filter((f) => f.decided === 'scrap' && !isGone(job, l.surface, f)));
  return ends[0] ?? null;
}

/** Says why something is measured before its turn. */
export interface AskedFor {
  readonly characteristic: CharacteristicId;
  readonly surface: Surface;
  readonly finding: Finding;
  readonly why: string;
}

/** Lists what the findings ask to be measured, the first finding's wishes first; each characteristic once. What was found on a part that was exchanged since asks nothing. */
export function askedFor(job: Pick<Job, 'sheet' | 'journal'>): readonly AskedFor[] {
  const there = new Set(pumpOf(job.sheet).characteristics.map((c) => c.id));
  const asked = new Map<string, AskedFor>();
  for (const { surface, findings } of lookedAt(job)) {
    for (const finding of findings.filter((f) => !isGone(job, surface, f))) {
      for (const { defects, measure, why } of surface.asks) {
        const { defect } = finding;
        const heard = defects ? defects.some((d) => d === defect) : defect !== 'polished';
        if (!defect || !heard) continue;
        for (const characteristic of measure.filter((id) => there.has(id))) {
          if (!asked.has(characteristic)) {
            asked.set(characteristic, { characteristic, surface, finding, why });
          }
        }
      }
    }
  }
  return [...asked.values()];
}
