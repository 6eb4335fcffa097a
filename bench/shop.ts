import { execFileSync } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { CDPSession, Page } from '@playwright/test';
import type { Job } from '../core/records/job';
import { PHOTO_SCHEMA } from '../core/records/photo';
import {
  BACKUP_FORMAT,
  BACKUP_VERSION,
  END,
  HEAD,
  PHOTO_HEADS,
  pictureName,
} from '../data/transfer/layout';
import type { PhotoHead } from '../data/transfer/pictures';
import { ZipWriter } from '../data/transfer/zip';
import { largeShop } from '../demo/largeShop';
import { withProfile } from '../e2e/serve';
import { howMany } from './howMany';

/** A shop that has kept everything for years: what it takes to open, search, back up and restore it. */

const JOBS = Number(process.env.JOBS ?? howMany(5000, 25));
const READINGS = 60;
/** Photos in it, so many to a job: noise of the size that the app keeps. */
const PHOTOS = Number(process.env.PHOTOS ?? 0);
const PHOTOS_A_JOB = 20;
const PHOTO_BYTES = 150_000;
const SLOWDOWN = 4;
const PHONE = { viewport: { width: 390, height: 844 } };
const LONG = 900_000;

/** The photos of a job by its place in the shop. */
const photosOf = (n: number): string[] =>
  Array.from(
    { length: Math.max(0, Math.min(PHOTOS_A_JOB, PHOTOS - n * PHOTOS_A_JOB)) },
    (_, i) => `photo-${n}-${i}`,
  );

function* withPhotos(jobs: Iterable<Job>): Generator<Job> {
  let n = 0;
  for (const job of jobs) {
    const at = job.createdAt;
    yield { ...job, photos: photosOf(n++).map((id) => ({ id, at, by: '', of: 'tag' })) };
  }
}

/** Writes a backup of the shop, as the app would. */
async function shopFile(file: string): Promise<number> {
  const zip = new ZipWriter();
  const lines = (name: string, values: Iterable<unknown>) => {
    const line = zip.lines(name);
    let count = 0;
    for (const value of values) {
      line(value);
      count += 1;
    }
    line(null);
    return count;
  };
  lines(HEAD, [
    { format: BACKUP_FORMAT, version: BACKUP_VERSION, savedAt: '2026-11-25T09:00:00Z' },
  ]);
  const job = lines('jobs-0.ndjson', withPhotos(largeShop(JOBS, READINGS)));
  const heads: PhotoHead[] = [];
  for (let n = 0; n < JOBS; n++) {
    for (const id of photosOf(n)) {
      zip.bytes(pictureName(id), randomBytes(PHOTO_BYTES));
      const shown = { schema: PHOTO_SCHEMA, revision: 0, width: 1600, height: 1200 };
      heads.push({ ...shown, id, job: `shop-job-${n}` } as PhotoHead);
    }
  }
  if (heads.length > 0) lines(PHOTO_HEADS, heads);
  lines(END, [{ counts: { job, photo: heads.length } }]);
  const bytes = Buffer.from(await zip.end().arrayBuffer());
  await writeFile(file, bytes);
  return bytes.length;
}

/** Memory of all processes that draw pages, in MB. */
function renderers(): number {
  const list = execFileSync('ps', ['-eo', 'rss,args'], { encoding: 'utf8' }).split('\n');
  const sizes = list.filter((l) => l.includes('--type=renderer')).map((l) => parseInt(l, 10));
  return Math.max(0, ...sizes) / 1024;
}

/** Notes the longest time in ms that the page could not answer, from now on. */
function noteBlocks(): void {
  const state = { longest: 0, last: performance.now() };
  Object.assign(globalThis, { blocks: state });
  const tick = () => {
    const now = performance.now();
    state.longest = Math.max(state.longest, now - state.last);
    state.last = now;
    setTimeout(tick, 5);
  };
  tick();
}

const longestBlock = (page: Page): Promise<number> =>
  page.evaluate(() => {
    const { blocks } = globalThis as unknown as { blocks: { longest: number; last: number } };
    const { longest } = blocks;
    blocks.longest = 0;
    blocks.last = performance.now();
    return longest;
  });

/** Clicks, or sets a value, and waits in the page until something is there; ms. */
function act([click, value, there]: readonly [string, string | null, string]): Promise<number> {
  const began = performance.now();
  const target = document.querySelector<HTMLElement>(click);
  return new Promise((resolve) => {
    const look = () => {
      if (!document.querySelector(there)) return;
      watcher.disconnect();
      requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - began)));
    };
    const watcher = new MutationObserver(look);
    watcher.observe(document, { childList: true, subtree: true, attributes: true });
    if (value === null) target?.click();
    else {
      const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set;
      set?.call(target, value);
      target?.dispatchEvent(new Event('input', { bubbles: true }));
    }
    look();
  });
}

const seconds = (ms: number): string => `${(ms / 1000).toFixed(2)} s`;

async function opening(page: Page, cdp: CDPSession): Promise<number> {
  await cdp.send('Emulation.setCPUThrottlingRate', { rate: SLOWDOWN });
  await page.goto('/', { waitUntil: 'commit' });
  await page.waitForSelector('a[href^="/job/"]', { timeout: LONG });
  return page.evaluate(() => (globalThis as unknown as { thereAt: number }).thereAt);
}

async function main(page: Page): Promise<void> {
  const dir = await mkdtemp(path.join(tmpdir(), 'bench-shop-'));
  const file = path.join(dir, 'shop.zip');
  const bytes = await shopFile(file);
  console.log(
    `A shop of ${JOBS} jobs with ${READINGS} readings each and ${PHOTOS} photos, CPU slowed ${SLOWDOWN} times; its backup has ${(bytes / 1e6).toFixed(1)} MB:`,
  );
  let most = 0;
  const watch = setInterval(() => (most = Math.max(most, renderers())), 500);
  const memory = (): string => {
    const was = most;
    most = renderers();
    return `${was.toFixed(0)} MB at most`;
  };
  page.setDefaultTimeout(LONG);
  await page.addInitScript('globalThis.__name = (f) => f');
  await page.addInitScript(noteBlocks);
  await page.addInitScript(() => {
    new MutationObserver((_, watcher) => {
      if (!document.querySelector('a[href^="/job/"]')) return;
      watcher.disconnect();
      Object.assign(globalThis, { thereAt: performance.now() });
    }).observe(document, { childList: true, subtree: true });
  });
  const cdp = await page.context().newCDPSession(page);
  await page.goto('/import');
  await page.waitForTimeout(2000);
  await cdp.send('Emulation.setCPUThrottlingRate', { rate: SLOWDOWN });

  let began = performance.now();
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: 'Choose a file' }).click(),
  ]);
  await longestBlock(page);
  await chooser.setFiles(file);
  await page.getByRole('button', { name: 'Import', exact: true }).waitFor();
  const looked = performance.now() - began;
  console.log(
    `  restore: looked at after ${seconds(looked)}, page blocked ${(await longestBlock(page)).toFixed(0)} ms at most, ${memory()}`,
  );
  began = performance.now();
  await page.getByRole('button', { name: 'Import', exact: true }).click();
  await page.locator('a[href^="/job/"]').first().waitFor();
  console.log(
    `  restore: written and listed after ${seconds(performance.now() - began)}, page blocked ${(await longestBlock(page)).toFixed(0)} ms at most, ${memory()}`,
  );

  const opened: number[] = [];
  for (let n = 0; n < 3; n++) opened.push(await opening(page, cdp));
  console.log(`  bench opened anew: there after ${opened.map(seconds).join(', ')}, ${memory()}`);
  await page.waitForTimeout(6000);
  console.log(
    `  what goes on behind it: page blocked ${(await longestBlock(page)).toFixed(0)} ms at most`,
  );

  const keys: number[] = [];
  const tag = `LS-${String(JOBS - 1).padStart(4, '0')}`;
  for (let length = 1; length <= tag.length; length++) {
    const text = tag.slice(0, length);
    keys.push(await page.evaluate(act, ['input', text, 'a[href^="/job/"]'] as const));
    await page.waitForTimeout(400);
  }
  console.log(
    `  search: ${keys.map((ms) => ms.toFixed(0)).join(', ')} ms a key, page blocked ${(await longestBlock(page)).toFixed(0)} ms at most`,
  );

  await page.evaluate(act, ['input', '', 'a[href^="/job/"]'] as const);
  await page.waitForTimeout(1000);

  const jobs: number[] = [];
  const backs: number[] = [];
  for (let n = 0; n < 5; n++) {
    jobs.push(
      await page.evaluate(act, [
        'a[href^="/job/"]',
        null,
        '[role=status][aria-label=Next]',
      ] as const),
    );
    await page.waitForTimeout(1500);
    await page.keyboard.press('4');
    await page.waitForTimeout(1500);
    backs.push(
      await page.evaluate(act, [
        '[aria-label="Back to Bench"]',
        null,
        '[aria-label="Jobs"] a[href^="/job/"]',
      ] as const),
    );
    await page.waitForTimeout(800);
  }
  console.log(
    `  a job opened: ${jobs.map(seconds).join(', ')}; back to the list: ${backs.map(seconds).join(', ')}; ${memory()}`,
  );

  await page.goto('/shop');
  await page.waitForTimeout(2000);
  await longestBlock(page);
  began = performance.now();
  const [download] = await Promise.all([
    page.waitForEvent('download', { timeout: LONG }),
    page.getByRole('button', { name: 'Save a backup' }).click(),
  ]);
  await download.path();
  console.log(
    `  backup: saved after ${seconds(performance.now() - began)}, page blocked ${(await longestBlock(page)).toFixed(0)} ms at most, ${memory()}`,
  );
  clearInterval(watch);
  await rm(dir, { recursive: true });
}

void withProfile(PHONE, async (context) => main(context.pages()[0] ?? (await context.newPage())));
