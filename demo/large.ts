import { evenFrom } from '../core/random';
import type { Entry } from '../core/records/entry';
import type { Job } from '../core/records/job';
import { NEW_SHOP } from '../core/records/shop';
import { hiddenOf } from '../core/practice/hidden';
import { emptyJob } from '../core/practice/job';
import { measure } from '../core/practice/hand';
import { largestSheet } from './sheets';

/**
 * The largest job that a bench may see: a four-section pump half measured, and
 * its readings made again and again, honestly, until there are so many.
 */
export function largeJob(readings: number): Job {
  const sheet = largestSheet();
  const begin = new Date('2026-11-20T08:00:00.000Z');
  const empty = {
    ...emptyJob(sheet, begin.toISOString()),
    id: 'large-job',
    tag: 'LARGE-1',
    clean: { at: begin.toISOString(), by: '', state: 'dry' as const },
  };
  const hidden = hiddenOf(sheet, 'service', 0.4, {}, evenFrom(60));
  const room = { instruments: NEW_SHOP.instruments, zeros: [] };
  const half = measure(empty, hidden, room, begin, 120);
  const again = Array.from({ length: readings }, (_, i) => {
    const entry = half.journal[i % half.journal.length] as Entry;
    return { ...entry, id: `${entry.id}-${i}` };
  });
  return { ...half, journal: again };
}
