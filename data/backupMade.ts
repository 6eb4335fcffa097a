import { isMoment } from '../core/schema/moments';
import { now } from './create';
import { readText, writeTexts } from './storage';

/** When everything was last saved from this browser. */
export interface BackupMade {
  /** Null where it never was. */
  readonly at: string | null;
  /** Since when the browser keeps anything. */
  readonly since: string;
}

const KEY = 'made/backup';

const DAY_MS = 86_400_000;

/** A backup that is older than so many days is asked for anew. */
export const STALE_DAYS = 14;

const store = async (made: BackupMade): Promise<BackupMade> => {
  await writeTexts({ [KEY]: JSON.stringify(made) }, 'relaxed');
  return made;
};

/** Returns when the last backup was made; from the first asking on where there is none. */
export async function loadBackupMade(): Promise<BackupMade> {
  try {
    const { at, since } = JSON.parse((await readText(KEY)) ?? '') as BackupMade;
    if ((at === null || isMoment(at)) && isMoment(since)) return { at, since };
  } catch {
    // Nothing there, or odd: it begins now.
  }
  return store({ at: null, since: now() });
}

/** Notes that a backup was made now. */
export async function noteBackup(): Promise<void> {
  const { since } = await loadBackupMade();
  await store({ at: now(), since });
}

/** Returns for how many whole days nothing was saved, counted at a moment. */
export const daysUnsaved = ({ at, since }: BackupMade, moment: string): number =>
  Math.floor((Date.parse(moment) - Date.parse(at ?? since)) / DAY_MS);
