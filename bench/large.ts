import { writeFile } from '../core/records/file';
import { withPage } from '../e2e/serve';
import { largeJob } from '../demo/large';

const SLOWDOWN = 4;
const READINGS = 2000;
const OPENINGS = 5;
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
  const before = find(until)?.textContent;
  return new Promise((resolve) => {
    const watcher = new MutationObserver(() => {
      const now = find(until);
      if (!now || now.textContent === before) return;
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

void withPage(PHONE, async (page) => {
  await page.addInitScript('globalThis.__name = (f) => f');
  const job = largeJob(READINGS);
  await page.goto('/import');
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: 'Choose a file' }).click(),
  ]);
  const file = writeFile({ jobs: [job] }, job.createdAt);
  await chooser.setFiles({
    name: 'large.json',
    mimeType: 'application/json',
    buffer: Buffer.from(file),
  });
  await page.getByRole('button', { name: 'Import', exact: true }).click();
  await page.getByRole('link', { name: /LARGE-1/ }).waitFor();
  await page.getByRole('link', { name: /LARGE-1/ }).click();
  await page.locator(NEXT).waitFor();

  const cdp = await page.context().newCDPSession(page);
  const slow = (rate: number) => cdp.send('Emulation.setCPUThrottlingRate', { rate });
  const opened: Timed[] = [];
  for (let n = 0; n < OPENINGS; n++) {
    await slow(1);
    // Another load of the page: nothing of the job is in memory, as when the app is opened anew.
    await page.goto('/');
    await page.getByRole('link', { name: /LARGE-1/ }).waitFor();
    await page.waitForTimeout(800);
    await slow(SLOWDOWN);
    opened.push(await page.evaluate(clickUntil, ['a[href^="/job/large-job"]', NEXT] as const));
  }
  const tapped: Timed[] = [];
  for (const section of [3, 4]) {
    for (const what of ['Tip to body, shaft gear', 'Tip to body, idler', 'Plate wear, front']) {
      await slow(1);
      await page.getByRole('button', { name: /all characteristics/ }).click();
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
  console.log(
    `A job of ${READINGS} readings on a pump of four sections, CPU slowed ${SLOWDOWN} times:`,
  );
  for (const [what, times] of [
    [`opened ${opened.length} times`, opened],
    [`tapped ${tapped.length} times`, tapped],
  ] as const) {
    console.log(
      `  ${what}: in the page after ${median(times.map((t) => t.there))} ms, painted after ${median(times.map((t) => t.painted))} ms (medians)`,
    );
  }
});
