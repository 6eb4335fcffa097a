import { piecesIn } from '../../core/journal/pieces';
import type { ShelfPart } from '../../core/records/part';
import { load } from '../opened';
import { isOf } from '../moved';
import type { Planned } from './planned';

/** A part from the shelf that a job has in its pump, and of which the shelf says something else. */
export interface Misplaced {
  readonly label: string;
  /** Tag of the job that has it by its journal; null where the shelf says a job that has not. */
  readonly tag: string | null;
  readonly part: ShelfPart;
}

/** Returns the job that had a part before the file said otherwise; null for none. */
function hadBy({ changed, clashes }: Planned): string | null {
  const state = [...changed, ...clashes].find(({ field }) => field === 'state');
  return (state?.here as Pick<ShelfPart, 'takenBy'> | undefined)?.takenBy ?? null;
}

/** Lists the parts that would be in two places, or in none, by the records that a file brought. */
export async function misplacedBy(planned: readonly Planned[]): Promise<Misplaced[]> {
  const found = new Map<string, Misplaced>();
  const read = <K extends 'job' | 'part'>(kind: K, id: string) => load(kind, id).catch(() => null);
  const look = async (jobId: string | null, partId: string) => {
    const [job, part] = [jobId && (await read('job', jobId)), await read('part', partId)];
    if (!job || !part) return;
    const has = piecesIn(job).some(({ id }) => id === partId);
    if (has === isOf(part, job)) return;
    const { label } = part;
    found.set(`${job.id} ${partId}`, { label, tag: has ? job.tag : null, part });
  };
  for (const one of planned) {
    if (one.kind === 'job') {
      for (const piece of one.pieces) await look(one.id, piece);
    } else if (one.kind === 'part') {
      for (const jobId of [(await read('part', one.id))?.takenBy ?? null, hadBy(one)]) {
        await look(jobId, one.id);
      }
    }
  }
  return [...found.values()];
}
