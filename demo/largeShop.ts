import { evenFrom } from '../core/random';
import { hiddenOf } from '../core/practice/hidden';
import { emptyJob } from '../core/practice/job';
import { measure } from '../core/practice/hand';
import type { Job } from '../core/records/job';
import { NEW_SHOP } from '../core/records/shop';
import { DEMO_SHEETS } from './sheets';

const DAY_MS = 86_400_000;
const UNITS = ['Gritter', 'Snow blower', 'Tug', 'Loader', 'Plough', 'Generator'];

/** So many pumps are measured by the simulated hand; the shop's others are these again. */
const MEASURED = 40;

/** Readings that leave every pump of the demo unfinished. */
const HALF = 8;

/**
 * Gives the jobs of a shop that has kept everything for years, one at a time: each with so many
 * readings, on all the pumps of the demo.
 */
export function* largeShop(jobs: number, readings: number): Generator<Job> {
  const sheets = DEMO_SHEETS;
  const room = { instruments: NEW_SHOP.instruments, zeros: [] };
  const begin = new Date('2021-01-04T08:00:00.000Z');
  const measured = Array.from({ length: MEASURED }, (_, i) => {
    const sheet = sheets[i % sheets.length]!;
    const tier = sheet.tiers[0]!.id;
    const hidden = hiddenOf(sheet, tier, 0.3 + (i % 7) / 10, {}, evenFrom(i + 1));
    const clean = { at: begin.toISOString(), by: '', state: 'dry' as const };
    const job = { ...emptyJob(sheet, begin.toISOString()), tier, clean };
    // Half done, so that each has a next step.
    const done = measure(job, hidden, room, begin, HALF);
    const journal = Array.from({ length: readings }, (_unused, n) => {
      const entry = done.journal[n % done.journal.length]!;
      return { ...entry, id: `r-${n}` };
    });
    return { ...done, journal };
  });
  for (let i = 0; i < jobs; i++) {
    const at = new Date(begin.getTime() + (i * DAY_MS) / 3).toISOString();
    yield {
      ...measured[i % MEASURED]!,
      id: `shop-job-${i}`,
      tag: `LS-${String(i).padStart(4, '0')}`,
      owner: `Customer ${i % 211}`,
      unit: `${UNITS[i % UNITS.length]} ${i % 97}`,
      createdAt: at,
      stage: 'measure',
    };
  }
}
