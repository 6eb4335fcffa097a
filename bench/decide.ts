import { chromium, type Browser, type Page } from '@playwright/test';
import { median } from 'd3-array';
import type { AddressInfo } from 'node:net';
import { BROWSER } from '../e2e/browser';
import { openDemo } from '../e2e/bench';
import { app } from '../server/app';
import { howMany } from './howMany';

/**
 * How long Decide takes from the tap on its stage until the answer is there: the first time, with the solver loaded while the
 * job was measured, and when the page is opened anew. With the dist/ of an earlier version as argument both are measured in
 * turn; each at the speed of this machine and four times as slow.
 */

const ROUNDS = howMany(7, 1);
const JOB = '/job/demo-job-hm-0405';
const PHONE = { viewport: { width: 390, height: 844 } };

/** Waits in the page for the answer; returns when that was, in ms of the page. */
const answered = (page: Page): Promise<number> =>
  page.evaluate(
    () =>
      new Promise<number>((resolve) => {
        const look = () => {
          const heading = Array.from(document.querySelectorAll('[role=heading], h1, h2')).find(
            (h) => /^Have the bores sleeved/.test(h.textContent ?? ''),
          );
          if (heading) resolve(performance.now());
          else requestAnimationFrame(look);
        };
        look();
      }),
  );

async function round(browser: Browser, dist: string, slowdown: number) {
  const server = app(dist).listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  const origin = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  const context = await browser.newContext({ ...PHONE, baseURL: origin });
  const page = await context.newPage();
  // What the compiler leaves in a function that runs in the page.
  await page.addInitScript('globalThis.__name = (f) => f');
  await openDemo(page);
  await page.goto(`${JOB}/measure`);
  await page.waitForTimeout(3000);
  const cdp = await context.newCDPSession(page);
  await cdp.send('Emulation.setCPUThrottlingRate', { rate: slowdown });
  const begun = await page.evaluate(() => {
    const link = document.querySelector<HTMLElement>('a[href$="/decide"]');
    const at = performance.now();
    link?.click();
    return at;
  });
  const first = (await answered(page)) - begun;
  await page.waitForTimeout(1000);
  await page.reload({ waitUntil: 'commit' });
  const there = page.getByRole('heading', { name: /Working it out|Have the bores/ }).first();
  await there.waitFor();
  const shown = await page.evaluate(() => performance.now());
  const again = Math.max(0, (await answered(page)) - shown);
  await context.close();
  server.close();
  return { first, again };
}

async function main(): Promise<void> {
  const dists = ['dist', ...process.argv.slice(2)];
  const browser = await chromium.launch(BROWSER);
  for (const slowdown of [1, 4]) {
    const took = dists.map(() => ({ first: [] as number[], again: [] as number[] }));
    for (let n = 0; n < ROUNDS; n++) {
      for (const [i, dist] of dists.entries()) {
        const { first, again } = await round(browser, dist, slowdown);
        took[i]?.first.push(first);
        took[i]?.again.push(again);
      }
    }
    for (const [i, dist] of dists.entries()) {
      const of = took[i];
      if (!of) continue;
      console.log(
        `${dist}, slowed ${slowdown}×: answer ${(median(of.first) ?? NaN).toFixed(0)} ms after the tap; opened anew ${(median(of.again) ?? NaN).toFixed(0)} ms after its page`,
      );
    }
  }
  await browser.close();
}

void main();
