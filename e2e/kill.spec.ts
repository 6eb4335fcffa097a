import { chromium, type BrowserContext, type Page } from '@playwright/test';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { answer, expect, instruction, newJob, openDemo, test } from './bench';
import { BROWSER, PORT } from './browser';
import { journalIn } from './database';
import { killBrowser } from './processes';

test('a reading that was answered is there after the browser was killed', async () => {
  const profile = await mkdtemp(path.join(tmpdir(), 'bench-kill-'));
  const open = async (): Promise<{ context: BrowserContext; page: Page }> => {
    const context = await chromium.launchPersistentContext(profile, {
      ...BROWSER,
      baseURL: `http://127.0.0.1:${PORT}`,
      viewport: { width: 390, height: 844 },
    });
    return { context, page: context.pages()[0] ?? (await context.newPage()) };
  };
  try {
    let { page } = await open();
    await openDemo(page);
    await newJob(page, 'T-200');
    const url = page.url();

    for (const [n, name] of (['Won’t go', 'Free', 'Won’t go'] as const).entries()) {
      const before = await instruction(page).textContent();
      await answer(page, name).click();
      // The next instruction is the acknowledgement: the browser dies as soon as it is there.
      await expect(instruction(page)).not.toHaveText(before ?? '');
      const next = await instruction(page).textContent();
      killBrowser(profile);

      ({ page } = await open());
      await page.goto(url);
      await expect(instruction(page)).toHaveText(next ?? '');
      await page.getByRole('button', { name: 'Evidence' }).click();
      await expect(page.getByRole('button', { name: /^Strike out/ })).toHaveCount(n + 1);
      await page.getByRole('button', { name: 'Back to Measure' }).click();
    }
    // Killed in the middle of a write, wherever in it: the reading is there or it is not, and the rest is.
    const id = /job\/([^/]+)/.exec(url)?.[1] ?? '';
    let had = 3;
    for (const wait of [0, 4, 9, 16, 30]) {
      await answer(page, 'Free').click({ noWaitAfter: true });
      await new Promise((resolve) => setTimeout(resolve, wait));
      killBrowser(profile);
      ({ page } = await open());
      await page.goto(url);
      await expect(instruction(page)).toContainText('Try');
      const has = (await journalIn(page, id)).length;
      expect([had, had + 1]).toContain(has);
      had = has;
    }
    // The same holds for what is seen before any instrument.
    await page.goto(url.replace('measure', 'strip'));
    await page.getByRole('button', { name: 'Not now' }).click();
    await page.getByRole('button', { name: /^to the pump/ }).click();
    await expect(page.getByText('Step 2 of 6')).toBeVisible();
    await page.getByRole('link', { name: 'Look' }).click();
    await page.getByRole('button', { name: 'Sound', exact: true }).click();
    await expect(page.getByText('Body · 1 of 18 inspected')).toBeVisible();
    killBrowser(profile);
    ({ page } = await open());
    await page.goto(url.replace('measure', 'look'));
    await expect(page.getByText('Body · 1 of 18 inspected')).toBeVisible();
    await page.getByRole('link', { name: 'Strip' }).click();
    await expect(
      page.getByRole('button', { name: /^Step 1, .*Seal lip to the pump/ }),
    ).toBeVisible();
    // And for bolts that are drawn up one after another: the pattern goes on where it was.
    const build = url.replace('measure', 'build');
    await page.goto(build);
    await page.getByRole('button', { name: /then stage 1 crosswise/ }).click();
    await page.getByRole('button', { name: 'Do it all the same' }).click();
    await page.getByRole('button', { name: 'Checked by another hand' }).click();
    for (const next of [5, 2, 6]) {
      await page.getByRole('button', { name: /^Bolt \d is at/ }).click();
      await expect(page.getByRole('button', { name: `Bolt ${next} is at` })).toBeVisible();
      killBrowser(profile);
      ({ page } = await open());
      await page.goto(build);
      await expect(page.getByRole('button', { name: `Bolt ${next} is at` })).toBeVisible();
    }
  } finally {
    killBrowser(profile);
    await rm(profile, { recursive: true, force: true, maxRetries: 5 });
  }
});

test('of a run on the stand no more than its last second is lost when the browser is killed', async () => {
  const profile = await mkdtemp(path.join(tmpdir(), 'bench-kill-run-'));
  const open = async (): Promise<Page> => {
    const context = await chromium.launchPersistentContext(profile, {
      ...BROWSER,
      baseURL: `http://127.0.0.1:${PORT}`,
      viewport: { width: 390, height: 844 },
    });
    return context.pages()[0] ?? (await context.newPage());
  };
  try {
    let page = await open();
    await openDemo(page);
    await page.goto('/job/demo-job-hm-0412/prove');
    await page.getByRole('button', { name: 'Start: hot idle' }).click();
    const soFar = page.getByText(/ \d+ s so far\.$/);
    await expect(soFar).toHaveText(/ 1[4-9] s so far\.$/, { timeout: 60_000 });
    const shown = Number(/ (\d+) s so far/.exec((await soFar.textContent()) ?? '')?.[1]);
    killBrowser(profile);

    page = await open();
    await page.goto('/job/demo-job-hm-0412/prove');
    await expect(page.getByRole('button', { name: /^Hot idle.*now not cut/ })).toBeVisible();
    // The chart ends with the last sample that is kept; what was shown is rounded to a second.
    const end = page.getByRole('slider', { name: 'The steady part ends' });
    expect(Number(await end.getAttribute('aria-valuemax'))).toBeGreaterThanOrEqual(shown - 2);
    killBrowser(profile);
  } finally {
    await rm(profile, { recursive: true, force: true, maxRetries: 5 });
  }
});
