import { createAsyncStorage } from '@react-native-async-storage/async-storage';

/** Everything the app keeps lies in one database of the browser; it has room for hundreds of megabytes. */
const storage = createAsyncStorage('dial-bench');

/** The browser has no room left, or will not write: nothing that was there before is touched. */
export class StorageError extends Error {
  constructor(cause: unknown) {
    super(
      'The browser could not store this: its space is full or closed to the app. What was there is kept. Save a backup, then free some space.',
      { cause },
    );
    this.name = 'StorageError';
  }
}

export async function readText(key: string): Promise<string | null> {
  return storage.getItem(key);
}

export async function readTexts(keys: readonly string[]): Promise<Record<string, string | null>> {
  return storage.getMany([...keys]);
}

export async function keysUnder(prefix: string): Promise<string[]> {
  const keys = await storage.getAllKeys();
  return keys.filter((key) => key.startsWith(prefix));
}

/**
 * Writes all entries in one transaction: all of them are there afterwards, or none. A null takes
 * what is there away in the same stroke: it reads as absent at once, and its key goes right after.
 */
export async function writeTexts(entries: Readonly<Record<string, string | null>>): Promise<void> {
  try {
    await storage.setMany({ ...entries } as Record<string, string>);
  } catch (error) {
    throw new StorageError(error);
  }
  const gone = Object.keys(entries).filter((key) => entries[key] === null);
  if (gone.length > 0) await dropTexts(gone);
}

/** Removes keys in one transaction. */
export async function dropTexts(keys: readonly string[]): Promise<void> {
  await storage.removeMany([...keys]);
}
