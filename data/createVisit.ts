import { noteComeback } from '../core/commands/returning';
import { visitAfter, visitTag } from '../core/history/visit';
import type { Job } from '../core/records/job';
import type { Shop } from '../core/records/shop';
import { askedToStay, jobBegun, newId, now } from './create';
import { changeTogether } from './records';

/** Says with what a pump came back. */
export interface CameBack {
  readonly date: string;
  readonly used: number | null;
  readonly complaint: string;
}

/** Returns the next visit of a pump: its tag and its sheet as they were, how it left as its before. */
function nextVisit(job: Job, { used, complaint }: CameBack, shop: Shop): Job {
  const visit = visitAfter(job);
  const { owner, contact, unit, tier, variant, key, serial, usedUnit, fluid, rotation, ports } =
    job;
  const tag = visitTag(job.tag, visit.number);
  const said = { tag, owner, contact, unit, complaint, by: shop.person || job.by, tier };
  return {
    ...jobBegun(said, job.sheet, shop),
    variant,
    key,
    serial,
    used,
    usedUnit,
    fluid,
    rotation,
    ports,
    visit,
  };
}

/**
 * Notes that the pump of a job came back, and puts it on the bench as its next visit, in one stroke; resolves to the id of the new
 * job.
 */
export async function takeInAgain(id: string, said: CameBack, shop: Shop): Promise<string> {
  const visit = newId();
  await changeTogether([{ kind: 'job', id }], ([record]) => {
    const job = record as Job;
    const next = { ...nextVisit(job, said, shop), id: visit };
    const made = { id: newId(), at: now(), by: next.by, voided: null };
    const noted = noteComeback({ ...said, cause: '', words: '', visit })(job, made);
    return { after: [noted], beside: [{ kind: 'job', record: next }] };
  });
  askedToStay();
  return visit;
}
