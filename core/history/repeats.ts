import { deviation, group } from 'd3-array';
import { ledgerOf } from '../journal/ledger';
import { workEntriesOf } from '../journal/eras';
import { placeOf } from '../records/entry';
import type { Job } from '../records/job';
import { counting } from '../schema/voiding';

/** Describes what one person read at one place with one instrument more than once, nothing having been done in between. */
export interface Repeat {
  readonly by: string;
  readonly instrument: string;
  readonly day: string;
  /** Gives the sample standard deviation of what was read, in mm. */
  readonly s_mm: number;
  readonly n: number;
}

/** Says with how many decimals of a millimetre a spread is kept. */
const DECIMALS = 5;

/**
 * Returns where a size was read more than once by the same hand: what instrument and hand scatter at the bench, beside
 * what a study said of them. Between two readings with work between them it is not the same size.
 */
export function repeatsIn(job: Pick<Job, 'journal'>): readonly Repeat[] {
  const sizes = counting(ledgerOf(job).readings).flatMap((r) => (r.kind === 'size' ? [r] : []));
  if (sizes.length < 2) return [];
  const places = new Map(job.journal.map(({ id }, i) => [id, i]));
  const work = workEntriesOf(job).map(({ id }) => places.get(id) ?? 0);
  const era = (id: string): number => work.filter((at) => at < (places.get(id) ?? 0)).length;
  const cells = group(sizes, (r) => {
    const { target, station } = placeOf(r);
    return JSON.stringify([target, station, r.by, r.instrument, era(r.id)]);
  });
  return [...cells.values()].flatMap((read) => {
    const s_mm = deviation(read, (r) => r.value_mm);
    const last = read.at(-1);
    if (s_mm === undefined || !last) return [];
    const { by, instrument, at } = last;
    const kept = Number(s_mm.toFixed(DECIMALS));
    return [{ by, instrument, day: at.slice(0, 10), s_mm: kept, n: read.length }];
  });
}
