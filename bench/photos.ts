import { readFile } from 'node:fs/promises';
import { withPage } from '../e2e/serve';
import { openDemo } from '../e2e/bench';
import { png } from '../e2e/picture';
import { howMany } from './howMany';

const SLOWDOWN = 4;
const PHOTOS = howMany(30, 2);
const OPENINGS = howMany(7, 1);
const PHONE = { viewport: { width: 390, height: 844 } };

const median = (times: readonly number[]): number =>
  [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)] ?? NaN;

/** Shows the list by the way back from another room; ms until its rows are in the page. */
function listed(): Promise<number> {
  const bench = [...document.querySelectorAll('a')].find((a) => a.textContent?.includes('Bench'));
  return new Promise((resolve) => {
    const watcher = new MutationObserver(() => {
      if (!document.querySelector('[role=listitem]')) return;
      watcher.disconnect();
      resolve(performance.now() - began);
    });
    watcher.observe(document.body, { childList: true, subtree: true });
    const began = performance.now();
    bench?.click();
  });
}

void withPage(PHONE, async (page) => {
  await page.addInitScript('globalThis.__name = (f) => f');
  await openDemo(page);
  const cdp = await page.context().newCDPSession(page);
  const slow = (rate: number) => cdp.send('Emulation.setCPUThrottlingRate', { rate });
  const list = async (): Promise<number> => {
    const times: number[] = [];
    for (let n = 0; n < OPENINGS; n++) {
      await page.goto('/sheets');
      await page.getByText('Veltrane T6').first().waitFor();
      await slow(SLOWDOWN);
      times.push(await page.evaluate(listed));
      await slow(1);
    }
    return median(times);
  };
  const without = await list();
  await page.goto('/job/demo-job-hm-0421/tag');
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: 'From a file' }).click(),
  ]);
  const began = Date.now();
  // A busy picture: a flat one would come to almost nothing.
  const picture = await readFile('docs/screenshots/measure-wide.png').catch(() => png(1280, 800));
  await chooser.setFiles(
    Array.from({ length: PHOTOS }, (_, i) => ({
      name: `${i}.png`,
      mimeType: 'image/png',
      buffer: picture,
    })),
  );
  await page.getByRole('button', { name: `Photo ${PHOTOS}` }).waitFor();
  console.log(
    `${PHOTOS} photos of ${(picture.length / 1024).toFixed(0)} KB taken in ${((Date.now() - began) / 1000).toFixed(1)} s`,
  );
  const withThem = await list();
  console.log(
    `The list of jobs, CPU slowed ${SLOWDOWN} times, median of ${OPENINGS}: ${without.toFixed(0)} ms without photos, ${withThem.toFixed(0)} ms with ${PHOTOS} in a job`,
  );
});
