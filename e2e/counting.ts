import type { Page } from '@playwright/test';

/** What a page did since it was last asked to count. */
export interface Counted {
  /** Components drawn with the change that brought the next instruction, and all of them. */
  readonly first: number;
  readonly drawn: number;
  /** Texts written to storage, and how long they are together. */
  readonly writes: number;
  readonly bytes: number;
  /** Transactions of storage that write. */
  readonly strokes: number;
  /** Messages to a thread: the planner, the pairing, the desk that opens files. */
  readonly asked: number;
}

/**
 * Counts from within the page, by what every page has: React tells a listener of each commit, storage and threads are
 * listened to where they are called. Runs before any script of the page.
 */
function count(): void {
  const none = { first: 0, drawn: 0, writes: 0, bytes: 0, strokes: 0, asked: 0 };
  const counted = { ...none };
  interface Fiber {
    readonly tag: number;
    readonly flags: number;
    readonly child: Fiber | null;
    readonly sibling: Fiber | null;
    readonly alternate: Fiber | null;
  }
  /** Tags of what is a component, by React's own numbers: functions, classes, forwarded and memoised ones. */
  const components = new Set([0, 1, 11, 14, 15]);
  const performed = 1;
  const drawnIn = (fiber: Fiber | null): number => {
    let drawn = 0;
    for (let one = fiber; one; one = one.sibling) {
      if (components.has(one.tag) && (one.flags & performed) !== 0) drawn++;
      if (one.child !== one.alternate?.child) drawn += drawnIn(one.child);
    }
    return drawn;
  };
  const listener = {
    supportsFiber: true,
    inject: () => 1,
    onCommitFiberUnmount: () => undefined,
    onPostCommitFiberRoot: () => undefined,
    onCommitFiberRoot: (_: number, root: { readonly current: Fiber }) => {
      const drawn = drawnIn(root.current.child);
      counted.drawn += drawn;
      // What is drawn when a button is pressed is next to nothing: the first large change is the answer to it.
      if (counted.strokes > 0 && counted.first === 0) counted.first = drawn;
    },
  };
  const { put } = IDBObjectStore.prototype;
  IDBObjectStore.prototype.put = function counting(value: unknown, key?: IDBValidKey) {
    // What lists show of a job is written once the hand rests, whenever that is: it is no part of a tap.
    if (this.transaction.durability !== 'relaxed') {
      counted.writes++;
      counted.bytes += String(value).length;
    }
    return put.call(this, value, key);
  };
  const { transaction } = IDBDatabase.prototype;
  IDBDatabase.prototype.transaction = function counting(names, mode, options) {
    if (mode === 'readwrite' && options?.durability !== 'relaxed') counted.strokes++;
    return transaction.call(this, names, mode, options);
  };
  const post = Worker.prototype.postMessage as (...sent: unknown[]) => void;
  Worker.prototype.postMessage = function counting(this: Worker, ...sent: unknown[]) {
    counted.asked++;
    post.apply(this, sent);
  };
  Object.assign(globalThis, {
    __REACT_DEVTOOLS_GLOBAL_HOOK__: listener,
    counted,
    countAnew: () => Object.assign(counted, none),
  });
}

/** Counts in every document that a page opens from now on. */
export const countIn = (page: Page): Promise<void> =>
  page.addInitScript(count).then(() => undefined);

/** Does something on a page; resolves to what the page did for it until it came to rest. */
export async function countedIn(page: Page, work: () => Promise<void>): Promise<Counted> {
  await page.evaluate('countAnew()');
  await work();
  await page.waitForTimeout(REST_MS);
  return page.evaluate('({ ...counted })');
}

/** After so long a page has drawn what it draws later; no plan is begun so soon. In ms. */
const REST_MS = 700;

/** Matches a module of the bundle where it begins. */
const MODULE = /^__d\(/gm;

/**
 * Opens a path and counts the modules of the app that had run when something was there: the least of three
 * times, since a busy machine is slow to see it and counts what runs afterwards as well.
 */
export async function modulesRun(page: Page, path: string, there: string): Promise<number> {
  const counts: number[] = [];
  for (let i = 0; i < 3; i++) counts.push(await modulesRunOnce(page, path, there));
  return Math.min(...counts);
}

async function modulesRunOnce(page: Page, path: string, there: string): Promise<number> {
  await page.goto('about:blank');
  await page.coverage.startJSCoverage();
  await page.goto(path);
  await page.locator(there).first().waitFor();
  const scripts = await page.coverage.stopJSCoverage();
  let run = 0;
  for (const { source = '', functions } of scripts) {
    // The function of a module is the first to begin after its `__d(`.
    const begin = new Set([...source.matchAll(MODULE)].map(({ index }) => index + '__d('.length));
    for (const { ranges } of functions) {
      const [whole] = ranges;
      if (whole && whole.count > 0 && begin.has(whole.startOffset)) run++;
    }
  }
  return run;
}

/** Opens a path; resolves to the length of each script that it loaded, in bytes, by its name without its hash. */
export async function scriptsOf(
  page: Page,
  path: string,
  there: string,
): Promise<Readonly<Record<string, number>>> {
  await page.goto(path);
  await page.locator(there).first().waitFor();
  return page.evaluate(() => {
    const loaded = performance.getEntriesByType('resource') as PerformanceResourceTiming[];
    const scripts = loaded.filter(({ name }) => name.endsWith('.js'));
    return Object.fromEntries(
      scripts.map(({ name, decodedBodySize }) => [
        name.replace(/^.*\//, '').replace(/-[0-9a-f]+\.js$/, ''),
        decodedBodySize,
      ]),
    );
  });
}
