import type { Page } from '@playwright/test';
import { withProfile } from '../e2e/serve';
import { openDemo } from '../e2e/bench';
import { howMany } from './howMany';

/**
 * How long a tap takes until the next instruction is there. With the dist/ of an earlier version as
 * argument both are measured in turn, job by job.
 */

const SLOWDOWN = 4;
/** Between two taps, in ms: less than any hand takes to change the leaf. */
const HAND = 250;
const JOBS = howMany(3, 1);
const PHONE = { viewport: { width: 390, height: 844 } };

/** When the next instruction was in the page, and when the frame with it was painted; ms after the tap. */
interface Took {
  readonly there: number;
  readonly painted: number;
}

/** Taps the answer that an honest leaf would give; null where there is nothing to answer any more. */
function tapOnce(gap_mm: number): Promise<Took | null> {
  const next = () => document.querySelector('[role=status][aria-label=Next]');
  const text = next()?.textContent ?? '';
  const together = /= ([\d.]+) together/.exec(text)?.[1];
  const leaf = Number(together ?? /Try ([\d.]+)/.exec(text)?.[1]);
  const name = gap_mm >= leaf ? 'Free' : 'Won’t go';
  const button = document.querySelector<HTMLElement>(`[role=button][aria-label^="${name}"]`);
  if (!button) return Promise.resolve(null);
  return new Promise((resolve) => {
    const watcher = new MutationObserver(() => {
      if (next()?.textContent === text) return;
      watcher.disconnect();
      const there = performance.now() - began;
      requestAnimationFrame(() =>
        setTimeout(() => resolve({ there, painted: performance.now() - began })),
      );
    });
    watcher.observe(document.body, { childList: true, subtree: true, characterData: true });
    const began = performance.now();
    button.click();
  });
}

const quantile = (sorted: readonly number[], share: number): string =>
  (sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? NaN).toFixed(1);

/** Starts a job on a sheet of the demo and goes to measuring, by the words of this version or of an earlier one. */
async function newJob(page: Page, tag: string): Promise<void> {
  const sheet = page.getByRole('radio', { name: /Veltrane T6/ });
  await page.getByRole('button', { name: 'New job' }).click();
  await page.getByRole('textbox', { name: 'Tag number' }).fill(tag);
  await page.getByRole('textbox', { name: /^(Vehicle or machine|Unit it came from)$/ }).fill('T');
  await page.getByRole('textbox', { name: /^(Measured by|Who measures)$/ }).fill('Runa T.');
  const find = page.getByLabel('Find a sheet');
  if (await find.isVisible()) await find.fill('Veltrane T6');
  await sheet.click();
  await page.getByRole('radio', { name: 'Service' }).click();
  await page.getByRole('button', { name: 'Start', exact: true }).click();
  await page.getByRole('link', { name: 'Measure' }).click();
  await page.getByRole('button', { name: /^Clean and dry/ }).click();
  await page.getByRole('status', { name: 'Next' }).waitFor();
}

/** Measures one new pump from the first place to the last verdict. */
async function measure(page: Page, tag: string): Promise<Took[]> {
  const times: Took[] = [];
  await page.goto('/');
  await newJob(page, tag);
  const cdp = await page.context().newCDPSession(page);
  await cdp.send('Emulation.setCPUThrottlingRate', { rate: SLOWDOWN });
  for (;;) {
    const heading = (await page.getByRole('heading', { level: 2 }).first().textContent()) ?? '';
    const gap = /wall/.test(heading) ? 0.153 : /wear/.test(heading) ? 0.012 : 0.044;
    const took = await page.evaluate(tapOnce, gap);
    if (took === null) break;
    times.push(took);
    await page.waitForTimeout(HAND);
  }
  await cdp.send('Emulation.setCPUThrottlingRate', { rate: 1 });
  await cdp.detach();
  return times;
}

function print(name: string, times: readonly Took[]): void {
  console.log(
    `Tap to next instruction${name}, CPU slowed ${SLOWDOWN} times, ${times.length} taps:`,
  );
  for (const moment of ['there', 'painted'] as const) {
    const sorted = times.map((t) => t[moment]).sort((a, b) => a - b);
    const [half, most9, most] = [0.5, 0.9, 1].map((share) => quantile(sorted, share));
    console.log(`  ${moment}: median ${half} ms, 90% ${most9} ms, most ${most} ms`);
  }
  console.log(`  ${times.length / JOBS} taps a pump`);
}

/** Opens the demo in each version, the one within the other, and measures pumps in turn. */
async function run(dists: readonly string[], opened: readonly Page[] = []): Promise<void> {
  const [dist, ...rest] = dists;
  if (dist !== undefined) {
    // On the disk, as a person's browser keeps it: what is written has to be there before the next tap.
    return withProfile(
      PHONE,
      async (context) => {
        const page = context.pages()[0] ?? (await context.newPage());
        // The loader marks functions by name; a function that is sent to the page takes the mark along.
        await page.addInitScript('globalThis.__name = (f) => f');
        await openDemo(page);
        await run(rest, [...opened, page]);
      },
      dist,
    );
  }
  const times: Took[][] = opened.map(() => []);
  for (let n = 0; n < JOBS; n++) {
    for (const [i, page] of opened.entries()) times[i]?.push(...(await measure(page, `B-${n}`)));
  }
  times.forEach((took, i) => print(i === 0 ? '' : ', earlier version', took));
}

void run(['dist', ...process.argv.slice(2)]);
