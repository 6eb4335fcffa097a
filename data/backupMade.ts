import { DEMO_ID } from '../core/schema/fields';
import { DAY_MS, isMoment } from '../core/schema/moments';
import { now } from './create';
import type { JobSummary } from './jobSummary';
import { readText, writeTexts } from './storage';

/** When everything was last saved from this browser. */
export interface BackupMade {
  /** Null where it never was. */
  readonly at: string | null;
  /** Since when the browser keeps anything. */
  readonly since: string;
  /** Counts the entries that were there then on the shop's own jobs; null where it was made before they were counted. */
  readonly entries: number | null;
}

const KEY = 'made/backup';

/** Limits the age of a backup, in days: an older one is asked for anew, where something was written down since. */
const STALE_DAYS = 14;

/** Limits the entries that are in none: after so many it is asked for whatever the day: that is a day's work of several people. */
const STALE_ENTRIES = 300;

const store = async (made: BackupMade): Promise<BackupMade> => {
  await writeTexts({ [KEY]: JSON.stringify(made) }, 'relaxed');
  return made;
};

/** Returns when the last backup was made; from the first asking on where there is none. */
export async function loadBackupMade(): Promise<BackupMade> {
  try {
    const { at, since, entries } = JSON.parse((await readText(KEY)) ?? '') as BackupMade;
    const counted = Number.isInteger(entries) ? entries : at === null ? 0 : null;
    if ((at === null || isMoment(at)) && isMoment(since)) return { at, since, entries: counted };
  } catch {
    // Nothing there, or odd: it begins now.
  }
  return store({ at: null, since: now(), entries: 0 });
}

/** Describes what of a job is counted. */
type Counted = Pick<JobSummary, 'id' | 'entries'>;

/** Counts the entries on the shop's own jobs: those of the demo can be opened anew at any time. */
const entriesOf = (jobs: readonly Counted[]): number =>
  jobs.reduce((sum, { id, entries }) => (id.startsWith(DEMO_ID) ? sum : sum + entries), 0);

/** Notes that a backup was made now, of all these jobs. */
export async function noteBackup(jobs: readonly Counted[]): Promise<void> {
  const { since } = await loadBackupMade();
  await store({ at: now(), since, entries: entriesOf(jobs) });
}

/** Counts what is not in the last backup. */
export interface Unsaved {
  readonly days: number;
  readonly entries: number;
  /** Tells whether a backup is asked for. */
  readonly isDue: boolean;
}

/**
 * Returns what is not in the last backup: one is asked for where something was written down and the last one is old, or much was
 * written down since.
 */
export function unsaved(made: BackupMade, jobs: readonly Counted[], moment: string): Unsaved {
  const days = daysUnsaved(made, moment);
  const there = entriesOf(jobs);
  const entries = made.entries === null ? 0 : there - made.entries;
  // Fewer than there were: jobs were deleted, and what was written since nobody can count.
  const isChanged = made.entries === null ? there > 0 : entries !== 0;
  return {
    days,
    entries: Math.max(0, entries),
    isDue: (isChanged && days >= STALE_DAYS) || entries >= STALE_ENTRIES,
  };
}

/** Returns for how many whole days nothing was saved, counted at a moment. */
const daysUnsaved = ({ at, since }: BackupMade, moment: string): number =>
  Math.floor((Date.parse(moment) - Date.parse(at ?? since)) / DAY_MS);
