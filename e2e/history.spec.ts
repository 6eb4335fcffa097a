import { faults } from './axe';
import { expect, openDemo, test } from './bench';

test('a pump that came back is its next visit, with how it left as its before, and the shop’s past knows it', async ({
  page,
}) => {
  await openDemo(page);
  await page.goto('/job/demo-job-hm-0398/report');
  await expect(page.getByText('Sign it')).toBeVisible();
  // It has not gone out: nothing of it can come back.
  await expect(page.getByRole('button', { name: /^It came back/ })).toHaveCount(0);
  await page.getByRole('button', { name: /^The rebuilder/ }).click();
  await page.getByLabel('Name', { exact: true }).fill('Ivo K.');
  await page.getByRole('button', { name: 'Sign', exact: true }).click();
  await page.getByRole('button', { name: /^It came back/ }).click();
  const day = page.getByLabel('Came back on');
  const takeIn = page.getByRole('button', { name: 'Take it in again' });
  await day.fill('soon');
  await page.getByLabel('Run by then, h').fill('many');
  await takeIn.click();
  await expect(page.getByText(/^Write the date as .* soon is none\.$/)).toBeVisible();
  await expect(page.getByText(/^many is no count\./)).toBeVisible();
  await day.fill('2026-01-02');
  await page.getByLabel('Run by then, h').fill('2,980');
  await takeIn.click();
  await expect(page.getByText(/^That is before it went out, on /)).toBeVisible();
  await day.fill('+0');
  await page.getByLabel('Complaint').fill('Seal blown');
  await takeIn.click();
  await expect(page).toHaveURL(/\/tag$/);
  await expect(page.getByLabel('Tag number')).toHaveValue('HM-0398/2');
  await expect(page.getByLabel('Complaint')).toHaveValue('Seal blown');

  await page.getByRole('link', { name: 'Measure', exact: true }).click();
  await page
    .getByRole('button', { name: /^clean|Clean and/i })
    .first()
    .click();
  await page.getByRole('button', { name: 'Evidence' }).first().click();
  await expect(page.getByText(/^Hollow: it left here as HM-0398 at /)).toBeVisible();
  await page.getByRole('link', { name: /^What our own pumps say/ }).click();
  await expect(page.getByRole('heading', { name: /pumps? measured\.$/ })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'The same pump before' })).toBeVisible();
  expect(await faults(page)).toEqual([]);

  await page.goto('/job/demo-job-hm-0398/report');
  await expect(page.getByText(/^It came back on .* at 2980 h\.$/)).toBeVisible();
  await expect(page.getByText(/Nobody has said yet what it was\.$/)).toBeVisible();
  await page.getByLabel('What it was in the end').fill('Drain painted shut');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByText(/In the end it was: Drain painted shut\.$/)).toBeVisible();
  // It is signed still: that it came back is not on the paper.
  await expect(
    page.getByRole('button', { name: /^The rebuilder: signed by Ivo K\./ }),
  ).toBeVisible();
  expect(await faults(page)).toEqual([]);

  // The number on its label says on any tag that it was here.
  await page.goto('/job/demo-job-hm-0423/tag');
  await page.getByLabel('Serial number').fill('hm 0398');
  await expect(page.getByText('This pump was here before.')).toBeVisible();
  await expect(page.getByText(/^HM-0398 went out on /)).toBeVisible();

  await page.goto('/sheets/demo-sheet-veltrane-t6/history');
  await expect(page.getByText(/^\d+ pumps measured\./).first()).toBeVisible();
  expect(await faults(page)).toEqual([]);
  await page.getByRole('radio', { name: 'Our own' }).click();
  await expect(page.getByText('Nothing measured by this shop yet.')).toBeVisible();
});
