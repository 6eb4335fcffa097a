import { openDemo } from '../e2e/bench';
import { withProfile } from '../e2e/serve';
import { howMany } from './howMany';

/** How long it takes until all bars have moved, where an amount of a plan is dragged. */

const SLOWDOWN = 4;
const MOVES = howMany(40, 4);

/** Moves the slider once; returns when the bars were in the page and when they were painted, ms after it. */
function dragOnce(value: number): Promise<readonly [there: number, painted: number]> {
  const slider = document.querySelector<HTMLInputElement>('input[type=range]');
  // A bar that runs off its scale stays as it is: its figures beside it go on.
  const bars = () =>
    [...document.querySelectorAll('svg')].map((bar) => bar.innerHTML).join() +
    document.body.innerText;
  const before = bars();
  return new Promise((resolve) => {
    let [began, there] = [0, 0];
    const watcher = new MutationObserver(() => {
      if (there > 0) return;
      there = performance.now() - began;
      requestAnimationFrame(() =>
        setTimeout(() => {
          const painted = performance.now() - began;
          // Looked at once the clock is read: to ask for the text takes a while itself.
          const isMoved = bars() !== before;
          if (isMoved) {
            watcher.disconnect();
            resolve([there, painted]);
          }
          there = 0;
        }),
      );
    });
    watcher.observe(document.body, { childList: true, subtree: true, attributes: true });
    const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set;
    began = performance.now();
    set?.call(slider, String(value));
    slider?.dispatchEvent(new Event('input', { bubbles: true }));
  });
}

void withProfile(
  { viewport: { width: 390, height: 844 } },
  async (context) => {
    const page = context.pages()[0] ?? (await context.newPage());
    await page.addInitScript('globalThis.__name = (f) => f');
    await openDemo(page);
    await page.goto('/job/demo-job-hm-0423/decide');
    await page.getByRole('button', { name: 'More about this pump' }).click();
    await page.getByRole('button', { name: 'What if' }).click();
    await page.getByRole('slider').first().waitFor();
    const cdp = await page.context().newCDPSession(page);
    await cdp.send('Emulation.setCPUThrottlingRate', { rate: SLOWDOWN });
    const times: (readonly [number, number])[] = [];
    for (let n = 0; n < MOVES; n++) {
      times.push(await page.evaluate(dragOnce, 0.02 + 0.003 * (n + 1)));
      await page.waitForTimeout(60);
    }
    console.log(`Drag of an amount to all bars, CPU slowed ${SLOWDOWN} times, ${MOVES} moves:`);
    for (const [i, moment] of ['there', 'painted'].entries()) {
      const sorted = times.map((t) => t[i] ?? NaN).sort((a, b) => a - b);
      const at = (share: number) => (sorted[Math.floor(share * (MOVES - 1))] ?? NaN).toFixed(1);
      console.log(`  ${moment}: median ${at(0.5)} ms, 90% ${at(0.9)} ms, most ${at(1)} ms`);
    }
  },
  'dist',
);
