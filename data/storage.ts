import { createAsyncStorage } from '@react-native-async-storage/async-storage';
import { openDB, type IDBPDatabase } from 'idb';

/** Everything the app keeps lies in one database of the browser; it has room for hundreds of megabytes. */
const DATABASE = 'dial-bench';
const storage = createAsyncStorage(DATABASE);

/** Where AsyncStorage keeps its texts in that database. */
const TABLE = 'entries';

/** Past every key that begins with a prefix. */
const END = '\uffff';

/** The browser has no room left, or will not read or write: nothing that was there before is touched. */
export class StorageError extends Error {
  constructor(does: 'store' | 'read', cause: unknown) {
    super(
      does === 'store'
        ? 'Not saved: browser storage is full or blocked. Older data is kept. Save a backup, then free space.'
        : 'The browser does not let the app read what it stored: its storage is closed or blocked. Nothing is lost by that. Allow this page to store data, or leave the private window, and load it again.',
      { cause },
    );
    this.name = 'StorageError';
  }
}

/**
 * What AsyncStorage has no call for: ranges of keys, writing and removing in one stroke, and asking
 * that it is on the disk before it counts as written. The same database, by the library that
 * AsyncStorage itself opens it with.
 */
let opened: Promise<IDBPDatabase> | null = null;

const open = async (): Promise<IDBPDatabase> =>
  openDB(DATABASE, 1, {
    upgrade: (db) => void db.createObjectStore(TABLE),
    terminated: () => (opened = null),
  });

async function database(): Promise<IDBPDatabase> {
  opened ??= open();
  try {
    return await opened;
  } catch (error) {
    // Closed to the app now, which need not last.
    opened = null;
    throw error;
  }
}

const reading = <T>(work: Promise<T>): Promise<T> =>
  work.catch((error: unknown) => {
    throw new StorageError('read', error);
  });

const under = (prefix: string): IDBKeyRange => IDBKeyRange.bound(prefix, prefix + END);

/** @throws StorageError where the browser will not let anything be read */
export const readText = (key: string): Promise<string | null> => reading(storage.getItem(key));

export const readTexts = (keys: readonly string[]): Promise<Record<string, string | null>> =>
  reading(storage.getMany([...keys]));

/** Lists the keys that begin with a prefix, in their order. */
export const keysUnder = (prefix: string): Promise<string[]> =>
  reading(database().then((db) => db.getAllKeys(TABLE, under(prefix)) as Promise<string[]>));

/** Returns the texts at some keys, and all whose keys begin with a prefix, as they stood at one moment. */
export const readTogether = (
  keys: readonly string[],
  prefix: string | null,
): Promise<Map<string, string | null>> =>
  reading(
    database().then(async (db) => {
      const table = db.transaction(TABLE).store;
      const range = prefix === null ? null : under(prefix);
      const [texts, there, found] = await Promise.all([
        Promise.all(keys.map((key) => table.get(key) as Promise<string | null | undefined>)),
        range ? table.getAllKeys(range) : [],
        range ? table.getAll(range) : [],
      ]);
      return new Map([
        ...keys.map((key, i) => [key, texts[i] ?? null] as const),
        ...there.map((key, i) => [String(key), (found[i] ?? null) as string | null] as const),
      ]);
    }),
  );

/** So many texts come at once: the page may answer a touch in between. */
const PAGE = 250;

/** Returns all texts whose keys begin with a prefix, as they stood at one moment. */
export const readUnder = (prefix: string): Promise<Map<string, string | null>> =>
  reading(
    database().then(async (db) => {
      const table = db.transaction(TABLE).store;
      const found = new Map<string, string | null>();
      for (let after = prefix; ;) {
        const rest = IDBKeyRange.bound(after, prefix + END, after !== prefix);
        const [keys, texts] = await Promise.all([
          table.getAllKeys(rest, PAGE),
          table.getAll(rest, PAGE),
        ]);
        keys.forEach((key, i) => found.set(String(key), (texts[i] ?? null) as string | null));
        if (keys.length < PAGE) return found;
        after = String(keys.at(-1));
      }
    }),
  );

/** A table that a transaction writes to. */
interface Table {
  put(text: string, key: string): Promise<unknown>;
  delete(key: string): Promise<unknown>;
}

/** Asks for entries to be written, and for those that are null to be taken away. */
const putInto = (
  table: Table,
  entries: Readonly<Record<string, string | null>>,
): Promise<unknown>[] =>
  Object.entries(entries).map(([key, text]) =>
    text === null ? table.delete(key) : table.put(text, key),
  );

/**
 * Writes all entries in one transaction, and takes away those that are null: all of it is done
 * afterwards, or nothing. Resolves once it is on the disk, where the browser can say so.
 *
 * @param durability `relaxed` for what can be made anew at any time
 * @throws StorageError where there is no room, or nothing may be written
 */
export async function writeTexts(
  entries: Readonly<Record<string, string | null>>,
  durability: IDBTransactionDurability = 'strict',
): Promise<void> {
  try {
    const db = await database();
    const writing = db.transaction(TABLE, 'readwrite', { durability });
    await Promise.all([...putInto(writing.store, entries), writing.done]);
  } catch (error) {
    throw new StorageError('store', error);
  }
}

/**
 * Writes entries as `writeTexts` does, where one text still is as it is said to be: asked and written in one
 * transaction, so that a tap waits for storage once.
 *
 * @param meanwhile done while storage is at it; must not fail
 * @returns whether it was so; where not, nothing is written
 * @throws StorageError where there is no room, or nothing may be written
 */
export async function writeTextsWhere(
  entries: Readonly<Record<string, string | null>>,
  { key, is }: { readonly key: string; readonly is: string },
  meanwhile: () => void,
): Promise<boolean> {
  let otherwise = false;
  try {
    const db = await database();
    const writing = db.transaction(TABLE, 'readwrite', { durability: 'strict' });
    const asked = writing.store.get(key).then((text) => {
      otherwise = text !== is;
      if (otherwise) return writing.abort();
      // Said at once, so that the disk is at it before this thread has heard of each entry; a browser of before 2021 does
      // it by itself.
      if ('commit' in writing) writing.commit();
      meanwhile();
    });
    await Promise.all([asked, ...putInto(writing.store, entries), writing.done]);
    return true;
  } catch (error) {
    if (otherwise) return false;
    throw new StorageError('store', error);
  }
}

/** Removes keys in one transaction. */
export const dropTexts = (keys: readonly string[]): Promise<void> =>
  writeTexts(Object.fromEntries(keys.map((key) => [key, null])));
