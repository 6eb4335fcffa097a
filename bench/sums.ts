import { max, median, min } from 'd3-array';
import type { Page } from '@playwright/test';
import { ROOM_SUMS } from '../core/sums/list';
import { pathOf } from '../core/sums/path';
import { openDemo } from '../e2e/bench';
import { withPage } from '../e2e/serve';
import { howMany } from './howMany';

/**
 * What script the first page loads, what the room of sums adds to that, and what each sum adds to the room; how long a sum
 * takes from the touch to its page, with a job and without one. With the dist/ of an earlier version as argument the first
 * page of that is weighed beside it.
 */

const PHONE = { viewport: { width: 390, height: 844 } };
const SLOWDOWN = 4;
const SUMS = ROOM_SUMS.slice(0, howMany(ROOM_SUMS.length, 2));
const JOB = 'demo-job-hm-0412';

/** Bytes of script that a page has loaded so far, whatever it was cached by. */
const loaded = (page: Page): Promise<number> =>
  page.evaluate(() =>
    performance
      .getEntriesByType('resource')
      .filter((entry) => entry.name.endsWith('.js'))
      .reduce((sum, entry) => sum + (entry as PerformanceResourceTiming).decodedBodySize, 0),
  );

const kb = (bytes: number | undefined): string => `${((bytes ?? 0) / 1024).toFixed(1)} KB`;

/** Weighs the first page of a built app, when all that it asks for is there. */
async function firstPage(dist: string): Promise<number> {
  let bytes = 0;
  await withPage(
    PHONE,
    async (page) => {
      await page.goto('/');
      await page.getByRole('button', { name: /Open the demo/ }).waitFor();
      bytes = await loaded(page);
    },
    dist,
  );
  return bytes;
}

/** Opens a sum from the list of the room; what it loads, and after how many ms its page is there. */
async function openSum(page: Page, name: string) {
  await page.getByRole('searchbox').fill(name);
  const link = page.getByRole('list', { name: 'Sums' }).getByRole('link').first();
  await link.waitFor();
  const before = await loaded(page);
  const from = await page.evaluate(() => performance.now());
  await link.click();
  await page.getByRole('button', { name: 'An example' }).waitFor();
  const ms = (await page.evaluate(() => performance.now())) - from;
  return { bytes: (await loaded(page)) - before, ms };
}

async function main(): Promise<void> {
  const [earlier] = process.argv.slice(2);
  const first = await firstPage('dist');
  console.log(`Script of the first page: ${kb(first)}`);
  if (earlier) {
    const was = await firstPage(earlier);
    console.log(`  earlier ${kb(was)}, ratio ${(first / was).toFixed(4)}`);
  }
  await withPage(PHONE, async (page) => {
    await openDemo(page);
    const slow = await page.context().newCDPSession(page);
    await slow.send('Emulation.setCPUThrottlingRate', { rate: SLOWDOWN });
    const opened = [];
    let room = 0;
    for (const { name } of SUMS) {
      // Every sum from the first page on: what another one brought along would not be seen else.
      await page.goto('/');
      await page.getByRole('link', { name: 'Sums' }).waitFor();
      const bench = await loaded(page);
      await page.getByRole('link', { name: 'Sums' }).click();
      await page.getByRole('searchbox').waitFor();
      room = (await loaded(page)) - bench;
      opened.push(await openSum(page, name));
    }
    const sizes = opened.map(({ bytes }) => bytes);
    const times = opened.map(({ ms }) => ms);
    console.log(`The room of sums adds ${kb(room)} to the bench`);
    console.log(
      `Each of ${SUMS.length} sums adds ${kb(min(sizes))} to ${kb(max(sizes))}, ${kb(median(sizes))} in the middle; ` +
        `its page is there after ${(median(times) ?? 0).toFixed(0)} ms (median, CPU slowed ${SLOWDOWN} times, ` +
        `${(max(times) ?? 0).toFixed(0)} ms at most)`,
    );
    await page.goto('/sums');
    await page.getByRole('searchbox').waitFor();
    const before = await loaded(page);
    const from = await page.evaluate(() => performance.timeOrigin + performance.now());
    await page.goto(pathOf('stack.face', `job=${JOB}`));
    await page
      .getByText(/^By the sheet of/)
      .first()
      .waitFor();
    const ms = (await page.evaluate(() => performance.timeOrigin + performance.now())) - from;
    console.log(
      `Opened anew with a job: ${kb((await loaded(page)) - before)} beyond the room, there after ${ms.toFixed(0)} ms`,
    );
  });
}

void main();
