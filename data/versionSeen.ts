import { APP_VERSION } from '../core/records/version';
import { keysUnder, readText, writeTexts } from './storage';

/** Where it is kept which version of the app somebody worked with last. */
const KEY = 'version';

/**
 * Resolves to the version of the app where it is another than the one that was used here last: the change has to be said,
 * whichever way it came. Null where it is the same, or the app is new here.
 */
export async function newlyHere(): Promise<string | null> {
  const seen = await readText(KEY);
  if (seen === APP_VERSION) return null;
  // A bench from before this was kept has jobs.
  const isNew = seen === null && (await keysUnder('job/')).length === 0;
  if (!isNew) return APP_VERSION;
  await noteVersion();
  return null;
}

/** Notes that the version of now was seen. */
export const noteVersion = (): Promise<void> => writeTexts({ [KEY]: APP_VERSION }, 'relaxed');
