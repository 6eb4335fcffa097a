import { withPage } from '../e2e/serve';
import { newJob, openDemo } from '../e2e/bench';

const SLOWDOWN = 4;
const JOBS = 3;
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

void withPage(PHONE, async (page) => {
  // The loader marks functions by name; a function that is sent to the page takes the mark along.
  await page.addInitScript('globalThis.__name = (f) => f');
  await openDemo(page);
  const times: Took[] = [];
  for (let n = 0; n < JOBS; n++) {
    await page.goto('/');
    await newJob(page, `B-${n}`);
    const cdp = await page.context().newCDPSession(page);
    await cdp.send('Emulation.setCPUThrottlingRate', { rate: SLOWDOWN });
    for (;;) {
      const heading = (await page.getByRole('heading', { level: 2 }).first().textContent()) ?? '';
      const gap = /wall/.test(heading) ? 0.153 : /wear/.test(heading) ? 0.012 : 0.044;
      const took = await page.evaluate(tapOnce, gap);
      if (took === null) break;
      times.push(took);
      await page.waitForTimeout(60);
    }
    await cdp.send('Emulation.setCPUThrottlingRate', { rate: 1 });
    await cdp.detach();
  }
  console.log(`Tap to next instruction, CPU slowed ${SLOWDOWN} times, ${times.length} taps:`);
  for (const moment of ['there', 'painted'] as const) {
    const sorted = times.map((t) => t[moment]).sort((a, b) => a - b);
    const [half, most9, most] = [0.5, 0.9, 1].map((share) => quantile(sorted, share));
    console.log(`  ${moment}: median ${half} ms, 90% ${most9} ms, most ${most} ms`);
  }
  console.log(`Taps from the first place to the last verdict: ${times.length / JOBS} a pump`);
});
