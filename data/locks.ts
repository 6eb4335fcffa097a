/**
 * Who may write: one at a time for a record, over all tabs of the browser, and nobody while records
 * are brought in by the hundred.
 */

const STORE = 'every record';

/**
 * Runs some work as the only writer of a record.
 *
 * @param meanwhile done before, while nobody can say yet whether another writes; must not fail
 */
export const alone = <T>(
  key: string,
  work: () => Promise<T>,
  meanwhile: () => void = () => undefined,
): Promise<T> =>
  navigator.locks.request(STORE, { mode: 'shared' }, () => {
    const done = navigator.locks.request(key, work);
    meanwhile();
    return done;
  }) as Promise<T>;

/** Runs some work as the only writer of several records; in one order for all, so that no two wait for each other. */
export function aloneWith<T>(keys: readonly string[], work: () => Promise<T>): Promise<T> {
  const [first, ...rest] = [...new Set(keys)].sort();
  const inside = (left: readonly string[]): Promise<T> => {
    const [next, ...others] = left;
    return next === undefined ? work() : exclusively(next, () => inside(others));
  };
  return first === undefined ? work() : alone(first, () => inside(rest));
}

/** Runs some work while nobody else holds a name. */
export const exclusively = <T>(name: string, work: () => Promise<T>): Promise<T> =>
  navigator.locks.request(name, work) as Promise<T>;

/** Runs some work while nobody else gives a part a label. Asked for before any record, never while one is held. */
export const whileLabelsHold = <T>(work: () => Promise<T>): Promise<T> =>
  exclusively('labels of parts', work);

/** Runs some work as the only writer of anything. */
export const aloneInStore = <T>(work: () => Promise<T>): Promise<T> =>
  navigator.locks.request(STORE, work) as Promise<T>;
