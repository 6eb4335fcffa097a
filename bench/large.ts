import { Evaluator } from '../core/guidance/evaluator';
import type { Page } from '@playwright/test';
import { ledgerOf } from '../core/journal/ledger';
import type { Job } from '../core/records/job';
import { chunksIn, joined, partKeys, textsOfJob } from '../data/jobTexts';
import { writeFile } from '../core/records/fileFormat';
import { withPage } from '../e2e/serve';
import { largeJob } from '../demo/large';
import { howMany } from './howMany';

const SLOWDOWN = 4;
const READINGS = howMany(2000, 200);
const OPENINGS = howMany(5, 1);

/** Tapped in so many of the openings: what was tapped once has no answer left. */
const TAPPED = 1;
const PHONE = { viewport: { width: 390, height: 844 } };

const median = (times: readonly number[]): string =>
  ([...times].sort((a, b) => a - b)[Math.floor(times.length / 2)] ?? NaN).toFixed(0);

/** Clicks and waits until the test holds; ms from the click to the frame after that. */
interface Timed {
  readonly there: number;
  readonly painted: number;
}

function clickUntil([click, until]: readonly [string, string]): Promise<Timed> {
  const find = (what: string): HTMLElement | null => document.querySelector(what);
  // The same leaf may be asked for at another check: what is over the instruction counts as well.
  const asked = (): string | null =>
    find(until) &&
    [...document.querySelectorAll(`${until}, h1, h2, h3`)].map((e) => e.textContent).join();
  const before = asked();
  return new Promise((resolve) => {
    const watcher = new MutationObserver(() => {
      const now = asked();
      if (now === null || now === before) return;
      watcher.disconnect();
      const there = performance.now() - began;
      requestAnimationFrame(() =>
        setTimeout(() => resolve({ there, painted: performance.now() - began })),
      );
    });
    watcher.observe(document.body, { childList: true, subtree: true, characterData: true });
    const began = performance.now();
    find(click)?.click();
  });
}

const NEXT = '[role=status][aria-label=Next]';

/** How long the parts of an opening take by themselves, in ms: reading the texts, and parsing them. */
async function readAndParse(id: string): Promise<{ kb: number; read: number; parsed: number }> {
  const open = indexedDB.open('dial-bench');
  const db = await new Promise<IDBDatabase>((resolve) => {
    open.onsuccess = () => resolve(open.result);
  });
  const began = performance.now();
  const store = db.transaction('entries').objectStore('entries');
  const keys = IDBKeyRange.bound(`entries/${id}/`, `entries/${id}/~`);
  const all = store.getAll(keys) as IDBRequest<string[]>;
  const texts = await new Promise<string[]>((resolve) => {
    all.onsuccess = () => resolve(all.result);
  });
  const read = performance.now();
  for (const text of texts) JSON.parse(text);
  const parsed = performance.now();
  db.close();
  const kb = texts.reduce((sum, text) => sum + text.length, 0) / 1024;
  return { kb, read: read - began, parsed: parsed - read };
}

/** Taps answers on four clearances of a job; the two jobs have the same pump, and the same is tapped on both. */
async function tapOn(page: Page, slow: (rate: number) => Promise<unknown>): Promise<Timed[]> {
  const tapped: Timed[] = [];
  for (const section of [3, 4]) {
    for (const what of [
      'Tip to body, drive gear',
      'Tip to body, driven gear',
      'Plate wear, front',
    ]) {
      await slow(1);
      await page.getByRole('button', { name: /all checks/ }).click();
      await page.getByRole('button', { name: new RegExp(`^Section ${section}: ${what}`) }).click();
      await page.waitForTimeout(300);
      await slow(SLOWDOWN);
      for (const button of ['[aria-label^="Free"]', '[aria-label^="Won’t go"]']) {
        if ((await page.locator(button).count()) === 0) continue;
        await page.waitForTimeout(80);
        tapped.push(await page.evaluate(clickUntil, [button, NEXT] as const));
      }
    }
  }
  return tapped;
}

/** How long what the core does in an opening takes here, unslowed and for the first time, in ms. */
function firstTimes(large: Job): Readonly<Record<string, number>> {
  const { head, texts } = textsOfJob(large, null);
  const short = JSON.parse(head) as object;
  const keys = partKeys(large.id, chunksIn(short) ?? 0);
  const parts = keys.map((key) => texts[key] ?? null);
  const times: Record<string, number> = {};
  const timed = <T>(name: string, work: () => T): T => {
    const began = performance.now();
    const result = work();
    times[name] = performance.now() - began;
    return result;
  };
  const { job } = timed('parsing and marking', () => joined(short, parts));
  const evaluator = new Evaluator();
  timed('sorting the journal', () => ledgerOf(job));
  timed('assessing every clearance', () => evaluator.assess(job));
  timed('finding what is next', () => evaluator.next(job));
  return times;
}

void withPage(PHONE, async (page) => {
  await page.addInitScript('globalThis.__name = (f) => f');
  const large = largeJob(READINGS);
  const fresh = { ...large, id: 'fresh-job', tag: 'FRESH-1', journal: [] };
  await page.goto('/import');
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: 'Choose a file' }).click(),
  ]);
  await chooser.setFiles({
    name: 'large.json',
    mimeType: 'application/json',
    buffer: Buffer.from(writeFile({ jobs: [large, fresh] }, large.createdAt)),
  });
  await page.getByRole('button', { name: 'Import', exact: true }).click();
  await page.getByRole('link', { name: /LARGE-1/ }).waitFor();

  const cdp = await page.context().newCDPSession(page);
  const slow = (rate: number) => cdp.send('Emulation.setCPUThrottlingRate', { rate });
  const opened: Record<string, Timed[]> = { 'LARGE-1': [], 'FRESH-1': [] };
  const tapped: Record<string, Timed[]> = { 'LARGE-1': [], 'FRESH-1': [] };
  for (let n = 0; n < OPENINGS; n++) {
    for (const [tag, id] of [
      ['LARGE-1', 'large-job'],
      ['FRESH-1', 'fresh-job'],
    ] as const) {
      await slow(1);
      // Another load of the page: nothing of the job is in memory, as when the app is opened anew.
      await page.goto('/');
      await page.getByRole('link', { name: new RegExp(tag) }).waitFor();
      await page.waitForTimeout(800);
      await slow(SLOWDOWN);
      opened[tag]?.push(await page.evaluate(clickUntil, [`a[href^="/job/${id}"]`, NEXT] as const));
      if (n < TAPPED) tapped[tag]?.push(...(await tapOn(page, slow)));
    }
  }
  const parts = await page.evaluate(readAndParse, large.id);
  console.log(
    `A job of ${READINGS} readings beside a fresh one, both on a pump of four sections, CPU slowed ${SLOWDOWN} times:`,
  );
  for (const [what, times] of [
    ['opened', opened],
    ['tapped', tapped],
  ] as const) {
    const there = (tag: string) => (times[tag] ?? []).map((t) => t.there);
    const painted = (tag: string) => (times[tag] ?? []).map((t) => t.painted);
    const [of, than] = ['LARGE-1', 'FRESH-1'].map((tag) => Number(median(there(tag))));
    console.log(
      `  ${what} ${there('LARGE-1').length} times each: in the page after ${of} ms (fresh ${than} ms, ratio ${((of ?? 0) / (than ?? 1)).toFixed(2)}), painted after ${median(painted('LARGE-1'))} ms (fresh ${median(painted('FRESH-1'))} ms) (medians)`,
    );
  }
  console.log(
    `  of an opening: reading ${parts.kb.toFixed(0)} KB of entries ${parts.read.toFixed(0)} ms, parsing them ${parts.parsed.toFixed(0)} ms; the screen itself is what the fresh job needs. Unslowed, in Node, for the first time: ${Object.entries(
      firstTimes(largeJob(READINGS)),
    )
      .map(([name, ms]) => `${name} ${ms.toFixed(0)} ms`)
      .join(', ')}`,
  );
});
