import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { expect } from './bench';

/** Draws a wave with the mouse in the field for a signature. */
export async function draw(page: Page): Promise<void> {
  const field = page.getByRole('img', { name: /^Field to sign in/ });
  await field.scrollIntoViewIfNeeded();
  const { x, y, width, height } = (await field.boundingBox())!;
  await page.mouse.move(x + 20, y + height / 2);
  await page.mouse.down();
  for (let i = 1; i < 30; i++) {
    const at = y + (height / 2) * (1 + 0.5 * Math.sin(i / 3));
    await page.mouse.move(x + 20 + (i * (width - 40)) / 30, at);
  }
  await page.mouse.up();
}

/** Runs the first step of a pump's test on the stand, and takes its steady part. */
async function proveOnStand(page: Page): Promise<void> {
  await page.getByRole('link', { name: 'Prove', exact: true }).click();
  await page.getByRole('button', { name: /^Start: / }).click();
  await expect(page.getByText(/ 2[5-9] s so far\./)).toBeVisible({ timeout: 60_000 });
  await page.getByRole('button', { name: 'Stop the run' }).click();
  await expect(page.getByRole('heading', { level: 2 }).first()).toHaveText(/ l\/min at /);
}

/**
 * Proves a pump on the stand and signs its report: the rebuilder on the glass, the customer by name; both stand on the page after a
 * reload, and in the PDF.
 */
export async function proveAndSign(page: Page): Promise<void> {
  await proveOnStand(page);
  await page.getByRole('link', { name: 'Report', exact: true }).click();
  await expect(page.getByText(/^Tested at .* on a simulated stand: /).first()).toBeVisible();
  await expect(
    page.getByRole('img', { name: /^The flow of the test over its time/ }),
  ).toBeVisible();
  await page.getByRole('button', { name: /^The rebuilder/ }).click();
  await draw(page);
  await page.getByRole('button', { name: 'Sign', exact: true }).click();
  await expect(page.getByRole('button', { name: /^The rebuilder: signed by/ })).toBeVisible();
  await page.getByRole('button', { name: /^The customer/ }).click();
  const name = page.getByLabel('Name', { exact: true });
  await name.fill('');
  await page.getByRole('button', { name: 'Sign', exact: true }).click();
  await expect(page.getByText('Enter who signs.')).toBeVisible();
  await name.fill('Bo R.');
  await page.getByRole('button', { name: 'Sign', exact: true }).click();
  await expect(page.getByRole('button', { name: /^The customer: signed by Bo R\./ })).toBeVisible();
  await page.reload();
  await expect(page.getByText(/^Received by Bo R\., /).first()).toBeVisible();
  await page.getByRole('radio', { name: 'For the owner' }).click();
  const made = page.waitForEvent('download');
  await page.getByRole('button', { name: 'PDF' }).click();
  const text = await readFile(await (await made).path(), 'latin1');
  expect(text).toMatch(/^%PDF-/);
  // The parts of the report are marked in it.
  expect(text.match(/\/Title /g)!.length).toBeGreaterThan(3);
}
