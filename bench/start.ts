import { median } from 'd3-array';
import { chromium, type Browser, type BrowserContext } from '@playwright/test';
import type { AddressInfo } from 'node:net';
import { BROWSER } from '../e2e/browser';
import { openDemo } from '../e2e/bench';
import { app } from '../server/app';
import { howMany } from './howMany';

/**
 * How long a job takes to be there again when the app is opened on it, and how much JavaScript the
 * first page needs. With the dist/ of an earlier version as argument both are measured in turn.
 */

const SLOWDOWN = 4;
const ROUNDS = howMany(15, 1);
/** In ms. */
const LOOK_AGAIN = 100;
const JOB = '/job/demo-job-hm-0417/measure';
const PHONE = { viewport: { width: 390, height: 844 } };

interface Version {
  readonly name: string;
  readonly context: BrowserContext;
  readonly origin: string;
  readonly close: () => void;
}

async function versionOf(browser: Browser, name: string, dist: string): Promise<Version> {
  const server = app(dist).listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  const origin = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  const context = await browser.newContext({ ...PHONE, baseURL: origin });
  const page = await context.newPage();
  await openDemo(page);
  // The service worker has everything before anything is timed.
  await page.waitForTimeout(3000);
  await page.close();
  return { name, context, origin, close: () => server.close() };
}

/** Notes in the page when something is there; waiting for it from outside would take a part of the time. */
function noteWhenThere(selector: string): void {
  const watcher = new MutationObserver(() => {
    if (!document.querySelector(selector)) return;
    watcher.disconnect();
    Object.assign(globalThis, { thereAt: performance.now() });
  });
  watcher.observe(document, { childList: true, subtree: true });
}

/** One opening of the app at a path, in a page of its own; times in ms, sizes in KB. */
async function opening({ context }: Version, path: string, there: string) {
  const page = await context.newPage();
  await page.addInitScript(noteWhenThere, there);
  const cdp = await context.newCDPSession(page);
  await cdp.send('Performance.enable');
  await cdp.send('Emulation.setCPUThrottlingRate', { rate: SLOWDOWN });
  await page.goto(path, { waitUntil: 'commit' });
  let shown: number | undefined;
  while (shown === undefined) {
    await page.waitForTimeout(LOOK_AGAIN);
    const { result } = await cdp.send('Runtime.evaluate', { expression: 'globalThis.thereAt' });
    shown = result.value as number | undefined;
  }
  const { metrics } = await cdp.send('Performance.getMetrics');
  const ms = (name: string) => 1000 * (metrics.find((m) => m.name === name)?.value ?? 0);
  const scripts = await page.evaluate(() =>
    performance
      .getEntriesByType('resource')
      .filter((e) => e.name.endsWith('.js'))
      .map((e) => (e as PerformanceResourceTiming).decodedBodySize),
  );
  await page.close();
  return {
    shown,
    running: ms('ScriptDuration'),
    laying: ms('LayoutDuration') + ms('RecalcStyleDuration'),
    tasks: ms('TaskDuration'),
    kb: scripts.reduce((sum, bytes) => sum + bytes, 0) / 1024,
    files: scripts.length,
  };
}

type Opened = Awaited<ReturnType<typeof opening>>;

const half = (all: readonly Opened[] | undefined, what: keyof Opened): number =>
  median((all ?? []).map((o) => o[what])) ?? NaN;

async function main(): Promise<void> {
  const browser = await chromium.launch(BROWSER);
  const [earlier] = process.argv.slice(2);
  const versions = [
    await versionOf(browser, 'now', 'dist'),
    ...(earlier ? [await versionOf(browser, 'earlier', earlier)] : []),
  ];
  const jobs = new Map<string, Opened[]>(versions.map(({ name }) => [name, []]));
  const benches = new Map<string, Opened[]>(versions.map(({ name }) => [name, []]));
  for (let n = 0; n < ROUNDS; n++) {
    for (const version of versions) {
      jobs.get(version.name)?.push(await opening(version, JOB, '[role=status][aria-label=Next]'));
      benches.get(version.name)?.push(await opening(version, '/', 'a[href^="/job/"]'));
    }
  }
  console.log(`Opened ${ROUNDS} times each, CPU slowed ${SLOWDOWN} times (medians):`);
  for (const [what, opened] of [
    ['a resumed job', jobs],
    ['the bench', benches],
  ] as const) {
    for (const { name } of versions) {
      const of = (key: keyof Opened) => half(opened.get(name), key).toFixed(0);
      console.log(
        `  ${what}, ${name}: there after ${of('shown')} ms (running scripts ${of('running')} ms, styles and layout ` +
          `${of('laying')} ms, all tasks ${of('tasks')} ms); ${of('kb')} KB of JavaScript in ${of('files')} files`,
      );
    }
    if (earlier) {
      const ratio = half(opened.get('now'), 'shown') / half(opened.get('earlier'), 'shown');
      console.log(`  ${what}: ratio ${ratio.toFixed(2)}`);
    }
  }
  for (const version of versions) version.close();
  await browser.close();
}

void main();
