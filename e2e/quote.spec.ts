import { faults } from './axe';
import { expect, openDemo, pick, test } from './bench';
import { png } from './picture';
import { draw } from './sign';

test('a quote waits for the customer on the bench until he answers, under the shop’s own heading', async ({
  page,
}) => {
  await openDemo(page);
  await page.goto('/shop/heading');
  await page.getByLabel('Name', { exact: true }).fill('Highmoor Winter Depot');
  await page.getByLabel('What the shop warrants').fill('Twelve months.');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Saved' })).toBeVisible();
  const badge = { name: 'badge.png', mimeType: 'image/png', buffer: png(60, 40) };
  await pick(page, 'Picture from a file', badge);
  await expect(page.getByRole('img', { name: 'The picture over the reports' })).toBeVisible();
  await page.getByRole('radio', { name: 'Letter' }).click();
  expect(await faults(page)).toEqual([]);

  await page.goto('/job/demo-job-hm-0412/tag');
  await pick(page, 'From a file', {
    name: 'as-found.png',
    mimeType: 'image/png',
    buffer: png(80, 60),
  });
  await expect(page.getByRole('button', { name: 'Photo 1' })).toBeVisible();
  await page.getByRole('link', { name: 'Report', exact: true }).click();
  await expect(page.getByText('Twelve months.').first()).toBeVisible();
  await page.getByRole('button', { name: /^Photos on the report: 0 of 1 chosen/ }).click();
  await page.getByRole('checkbox', { name: 'Photo 1 of the report' }).click();
  await expect(page.getByRole('img', { name: 'Photo 1 of the report' }).first()).toBeVisible();
  await page.getByRole('button', { name: /^When to look at it next/ }).click();
  await page.getByLabel('On the day').fill('soon');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText(/^Write the date as/)).toBeVisible();
  await page.getByLabel('On the day').fill('2031-01-08');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Next look due on 8 Jan 2031.').first()).toBeVisible();

  await page.getByRole('radio', { name: /quote/ }).click();
  await expect(page.getByText('No price is given yet.').first()).toBeVisible();
  await page.getByLabel('Price').fill('a lot');
  await page.getByRole('button', { name: 'Ask the customer' }).click();
  await expect(page.getByText(/^Enter the price as a number/)).toBeVisible();
  // Digits in threes are one figure.
  await page.getByLabel('Price').fill('1,340');
  await page.getByLabel('Days until it is ready').fill('4');
  await page.getByRole('button', { name: 'Ask the customer' }).click();
  await expect(
    page.getByText(/^Asked on .* It costs 1,340 and takes 4 days\.$/).first(),
  ).toBeVisible();
  await page.reload();
  // What waits for an answer is what the page opens with.
  await expect(page.getByRole('button', { name: 'Approved', exact: true })).toBeVisible();
  expect(await faults(page)).toEqual([]);
  const made = page.waitForEvent('download');
  await page.getByRole('button', { name: 'PDF' }).click();
  expect((await made).suggestedFilename()).toMatch(/\.pdf$/);

  await page.goto('/');
  const row = page.getByRole('link', { name: /HM-0412/ });
  await expect(row).toContainText('Waiting for the customer');
  await expect(row).toContainText('Look at it again');
  await page.goto('/job/demo-job-hm-0412/report');
  // What the record has no room for is said at its field, and nothing is stored.
  await page.getByLabel('Who answered').fill('x'.repeat(201));
  await page.getByRole('button', { name: 'Declined', exact: true }).click();
  await expect(page.getByText(/^At most 200 characters/)).toBeVisible();
  await page.getByLabel('Who answered').fill('Bo R.');
  await page.getByRole('button', { name: 'Declined', exact: true }).click();
  await expect(page.getByText(/^Declined by Bo R\. on /).first()).toBeVisible();
  await page.getByRole('button', { name: 'Take the answer back' }).click();
  await page.getByLabel('Who answered').fill('Bo R.');
  await page.getByRole('button', { name: 'Approved', exact: true }).click();
  await expect(page.getByText(/^Approved by Bo R\. on /).first()).toBeVisible();
  await page.goto('/');
  await expect(row).not.toContainText('Waiting for the customer');
});

test('a signature stays in its field when the phone is turned', async ({ page }) => {
  await openDemo(page);
  await page.goto('/job/demo-job-hm-0416/report');
  await page.getByRole('button', { name: /^The rebuilder/ }).click();
  const inked = () =>
    page
      .getByRole('img', { name: /^Field to sign in/ })
      .locator('canvas')
      .evaluate((canvas: HTMLCanvasElement) => {
        const drawn = canvas.getContext('2d')?.getImageData(0, 0, canvas.width, canvas.height);
        return drawn ? drawn.data.some((value) => value > 0) : false;
      });
  expect(await inked()).toBe(false);
  await draw(page);
  expect(await inked()).toBe(true);
  await page.setViewportSize({ width: 844, height: 390 });
  await expect.poll(inked).toBe(true);
  await page.getByRole('button', { name: 'Clear the field' }).click();
  expect(await inked()).toBe(false);
  await draw(page);
  await page.getByRole('button', { name: 'Sign', exact: true }).click();
  await expect(page.getByText(/^Examined by .*, /).first()).toBeVisible();
});
