import { expect, test as base, type FileChooser, type Page } from '@playwright/test';

/** What a browser said during a test that it should not have said. */
export interface Heard {
  readonly problems: string[];
}

/** A page that listens for errors, and for any request that would leave this machine. */
export const test = base.extend<{ heard: Heard }>({
  heard: [
    async ({ page }, use) => {
      const problems: string[] = [];
      listen(page, problems);
      // Asked before the first size of a job; the test of it takes this away.
      await page.addLocatorHandler(withoutZero(page), (button) => button.click());
      await use({ problems });
      expect(problems).toEqual([]);
    },
    { auto: true },
  ],
});

/** Goes on without a zero check. */
export const withoutZero = (page: Page) =>
  page.getByRole('button', { name: 'Measure without a zero' });

export function listen(page: Page, problems: string[]): void {
  page.on('console', (message) => {
    if (message.type() === 'error') problems.push(message.text());
  });
  page.on('pageerror', (error) => problems.push(error.message));
  page.on('request', (request) => {
    const { hostname, protocol } = new URL(request.url());
    if (protocol.startsWith('http') && hostname !== '127.0.0.1') problems.push(request.url());
  });
}

export { expect };

/** Puts the demo on an empty bench. Half a minute, for a benchmark opens it on a slowed machine. */
export async function openDemo(page: Page): Promise<void> {
  await page.goto('/');
  await page.getByRole('button', { name: /Open the demo/ }).click();
  await expect(page.getByRole('link', { name: /HM-0417/ })).toBeVisible({ timeout: 30_000 });
}

/** Opens a job of the bench where it was left: on a wide screen it is chosen in the list first. */
export async function openJob(page: Page, tag: string): Promise<void> {
  await page.getByRole('link', { name: new RegExp(tag) }).click();
  const wide = (page.viewportSize()?.width ?? 0) >= 1000;
  if (wide) await page.getByRole('button', { name: `Continue ${tag}` }).click();
}

/** Starts a job of one's own on a sheet of the demo and goes straight to measuring. */
export async function newJob(page: Page, tag: string, model = 'Veltrane T6'): Promise<void> {
  await page.getByRole('button', { name: 'New job' }).click();
  await page.getByRole('textbox', { name: 'Tag number' }).fill(tag);
  await page.getByRole('textbox', { name: 'Vehicle or machine' }).fill('Spare gritter');
  await page.getByRole('textbox', { name: 'Measured by' }).fill('Runa T.');
  await page.getByLabel('Find a sheet').fill(model);
  await page.getByRole('radio', { name: new RegExp(model) }).click();
  await page.getByRole('radio', { name: 'Service' }).click();
  await page.getByRole('button', { name: 'Start', exact: true }).click();
  await page.getByRole('link', { name: 'Measure' }).click();
  await page.getByRole('button', { name: /^Clean and dry/ }).click();
  await expect(page.getByRole('button', { name: 'Instruments and gauge' })).toBeVisible();
}

/** The instruction as it stands: where to lay the edge and which leaf to try. */
export const instruction = (page: Page) => page.getByRole('status', { name: 'Next' });

/** The four answers. */
export const answer = (page: Page, name: 'Free' | 'Drags' | 'Part way' | 'Won’t go') =>
  page.getByRole('button', { name: new RegExp(`^${name}`) });

/**
 * Types a figure and Enter as the cable of a gauge does, from within the page: a busy machine hands on keys from outside
 * slower than any hand types.
 *
 * @param every_ms between two keys
 */
export async function typeAsGauge(page: Page, figure: string, every_ms = 0): Promise<void> {
  await page.evaluate(
    async ([keys, wait]) => {
      for (const key of keys) {
        const on = document.activeElement ?? document.body;
        on.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));
        if (wait > 0) await new Promise((go) => setTimeout(go, wait));
      }
    },
    [[...figure, 'Enter'], every_ms] as const,
  );
}

/** Answers as an honest leaf would in a gap of this size, and waits for the next instruction. */
export async function feel(page: Page, gap_mm: number): Promise<void> {
  const before = (await instruction(page).textContent()) ?? '';
  const leaf = Number(/Try ([\d.]+)/.exec(before)?.[1] ?? NaN);
  const sum = /= ([\d.]+) together/.exec(before)?.[1];
  await answer(page, gap_mm >= Number(sum ?? leaf) ? 'Free' : 'Won’t go').click();
  // After the last verdict there is no instruction: that is a change as well.
  await expect
    .poll(async () => (await instruction(page).allTextContents()).join())
    .not.toBe(before);
}

/** Makes every write fail as it does where the browser has no room left. */
export const fillStorage = (page: Page) =>
  page.evaluate(() => {
    const full = IDBObjectStore.prototype as { put: unknown; kept?: unknown };
    full.kept = full.put;
    full.put = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
  });

/** Lets writes through again. */
export const freeStorage = (page: Page) =>
  page.evaluate(() => {
    const full = IDBObjectStore.prototype as { put: unknown; kept?: unknown };
    full.put = full.kept;
  });

/** Touches a button that asks for a file, and chooses one. */
export async function pick(
  page: Page,
  name: string,
  file: Parameters<FileChooser['setFiles']>[0],
): Promise<void> {
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name }).click(),
  ]);
  await chooser.setFiles(file);
}

/** Touches a button that hands out a file; resolves to where it was saved. */
export async function saved(page: Page, name: string, path: string): Promise<string> {
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name, exact: true }).click(),
  ]);
  await download.saveAs(path);
  return path;
}
