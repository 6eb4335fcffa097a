import type { Page } from '@playwright/test';

/** The browser's database, read and written behind the app's back. */

/** Returns all texts whose keys begin with a prefix. */
export const textsUnder = (page: Page, prefix: string): Promise<Record<string, string>> =>
  page.evaluate(async (begin) => {
    const open = indexedDB.open('dial-bench');
    const db = await new Promise<IDBDatabase>((resolve) => {
      open.onsuccess = () => resolve(open.result);
    });
    const store = db.transaction('entries').objectStore('entries');
    const range = IDBKeyRange.bound(begin, `${begin}\uffff`);
    const [keys, texts] = [store.getAllKeys(range), store.getAll(range) as IDBRequest<string[]>];
    await new Promise((resolve) => {
      store.transaction.oncomplete = resolve;
    });
    db.close();
    return Object.fromEntries(keys.result.map((key, i) => [String(key), texts.result[i] ?? '']));
  }, prefix);

/** Writes texts, and takes away what is null. */
export const putTexts = (page: Page, entries: Record<string, string | null>): Promise<void> =>
  page.evaluate(async (texts) => {
    const open = indexedDB.open('dial-bench');
    const db = await new Promise<IDBDatabase>((resolve) => {
      open.onsuccess = () => resolve(open.result);
    });
    const store = db.transaction('entries', 'readwrite').objectStore('entries');
    for (const [key, text] of Object.entries(texts)) {
      if (text === null) store.delete(key);
      else store.put(text, key);
    }
    await new Promise((resolve) => {
      store.transaction.oncomplete = resolve;
    });
    db.close();
  }, entries);

/** Returns the journal of a job as installed there, in its order. */
export async function journalIn(page: Page, job: string): Promise<{ readonly id: string }[]> {
  const prefix = `entries/${job}/`;
  const chunks = Object.entries(await textsUnder(page, prefix));
  const at = ([key]: readonly [string, string]) => Number(key.slice(prefix.length));
  return chunks
    .sort((a, b) => at(a) - at(b))
    .flatMap(([, text]) => JSON.parse(text) as { id: string }[]);
}
