/**
 * Who may write: one at a time for a record, over all tabs of the browser, and nobody while records
 * are brought in by the hundred.
 */

const STORE = 'every record';

/** Runs some work as the only writer of a record. */
export const alone = <T>(key: string, work: () => Promise<T>): Promise<T> =>
  navigator.locks.request(STORE, { mode: 'shared' }, () =>
    navigator.locks.request(key, work),
  ) as Promise<T>;

/** Runs some work as the only writer of anything. */
export const aloneInStore = <T>(work: () => Promise<T>): Promise<T> =>
  navigator.locks.request(STORE, work) as Promise<T>;
