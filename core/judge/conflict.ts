import { afterTry, NO_EVIDENCE, stackOf, type Try } from '../metrology/bracket';
import { ladderOf } from '../metrology/feeler';
import type { Job } from '../records/job';
import { countedIn } from '../journal/eras';
import type { LeafReading } from '../records/parts';

/**
 * The standing tries at a station with which a new one cannot agree: each that
 * contradicts it alone or, where only all together do, all of them. Empty
 * where the new try fits.
 */
export function conflictsWith(
  job: Job,
  at: Pick<LeafReading, 'characteristic' | 'station'>,
  fresh: Try & { readonly marked_mm?: readonly number[] | null },
): LeafReading[] {
  const { dragBand_mm, slack_mm, softOf } = ladderOf(job.feeler);
  const here = countedIn(job)
    .ofGap(at.characteristic)
    .filter((r): r is LeafReading => r.kind === 'leaf' && r.station === at.station);
  const after = (tries: readonly Try[]) =>
    tries.reduce<ReturnType<typeof afterTry>>(
      (bounds, t) =>
        bounds &&
        afterTry(bounds, stackOf(t.leaves_mm), t.felt, dragBand_mm, {
          soft_mm: softOf(t),
          slack_mm,
        }),
      NO_EVIDENCE,
    );
  if (after([...here, fresh])) return [];
  const alone = here.filter((r) => !after([r, fresh]));
  return alone.length > 0 ? alone : here;
}
