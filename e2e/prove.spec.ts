import { faults } from './axe';
import { expect, openDemo, test } from './bench';

const CSV = [
  'Elapsed s;Flow gpm;Line psi;n;Note',
  ...Array.from({ length: 60 }, (_, i) => {
    const up = Math.min(1, (i + 1) / 12);
    return `${i};${(4.2 * up).toFixed(3)};${(116 * up).toFixed(1)};${Math.round(700 * up)};x`;
  }),
].join('\n');

test('a pump is proven: a run on the stand, cut, typed figures, a logger’s file, and without a bench', async ({
  page,
}) => {
  await openDemo(page);
  await page.goto('/job/demo-job-hm-0412/prove');
  const answer = page.getByRole('heading', { level: 2 }).first();
  await expect(answer).toHaveText('Not tested yet.');

  // A run that is broken off by a reload is found again, with what came, and is cut then.
  await page.getByRole('button', { name: 'Start: hot idle' }).click();
  await expect(page.getByText(/ 2[5-9] s so far\./)).toBeVisible({ timeout: 60_000 });
  await page.reload();
  await expect(page.getByRole('button', { name: /^Hot idle.*now not cut/ })).toBeVisible();
  await page.getByRole('button', { name: 'Take this part' }).click();
  await expect(answer).toHaveText(/^\d+(\.\d+)? l\/min at hot idle\.$/);
  await expect(page.getByText(/^Steady: .* Cut from/)).toBeVisible();

  expect(await faults(page)).toEqual([]);

  // Its ends are moved by the keys as well as dragged.
  const end = page.getByRole('slider', { name: 'The steady part ends' });
  const was = Number(await end.getAttribute('aria-valuenow'));
  await end.press('ArrowLeft');
  await expect(end).toHaveAttribute('aria-valuenow', String(was - 1));
  await page.reload();
  await expect(end).toHaveAttribute('aria-valuenow', String(was - 1));

  // What is typed is read in shop shorthand; what cannot be read is said at its field, and stays.
  await page.getByRole('button', { name: /^2000 rpm without pressure/ }).click();
  await page.getByRole('button', { name: 'Type it' }).click();
  await page.getByLabel('Flow, l/min').fill('a lot');
  await page.getByRole('button', { name: 'Keep the figures' }).click();
  await expect(page.getByText(/Cannot read “a lot”/)).toBeVisible();
  await page.getByLabel('Flow, l/min').fill('14.2 gpm');
  await page.getByRole('button', { name: 'Keep the figures' }).click();
  await expect(answer).toHaveText('53.8 l/min at 2000 rpm without pressure.');

  // A logger's table says itself what its columns hold.
  await page.getByRole('button', { name: /^Hot idle/ }).click();
  await page.getByRole('button', { name: 'From a file' }).click();
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Choose the logger’s file' }).click();
  await (
    await chooser
  ).setFiles({ name: 'run.csv', mimeType: 'text/csv', buffer: Buffer.from(CSV) });
  await expect(page.getByText('60 samples over 59 s.')).toBeVisible();
  await page.getByRole('button', { name: 'Take this run' }).click();
  await expect(answer).toHaveText('15.9 l/min at hot idle.');
  await expect(page.getByText(/Enough: at least 14 l\/min is wanted/)).toBeVisible();

  // Without a bench, now and later; what is due stands on the page.
  await page.getByRole('button', { name: /^Without a bench/ }).click();
  await page.getByRole('button', { name: /^Pressure at hot idle/ }).click();
  await expect(page.getByText(/The machine runs and is hot/)).toBeVisible();
  await page.getByLabel(/^Where it is done later/).fill('soon');
  await page.getByRole('button', { name: 'Later' }).click();
  await expect(page.getByText(/^Write the date as/)).toBeVisible();
  await page.getByLabel(/^Where it is done later/).fill('2027-01-08');
  await page.getByRole('button', { name: 'Later' }).click();
  await expect(page.getByText('Follow up on 8 Jan 2027: pressure at hot idle.')).toBeVisible();

  // A step of one's own comes after the sheet's.
  await page.getByRole('button', { name: /^The test plan/ }).click();
  await page.getByRole('button', { name: 'Another step' }).click();
  await page.getByLabel('Engine or motor rpm').fill('1500');
  await page.getByRole('button', { name: 'Add this step' }).click();
  await expect(page.getByText('Enter the pressure.')).toBeVisible();
  await page.getByLabel('Pressure, bar').fill('12');
  await page.getByRole('button', { name: 'Add this step' }).click();
  await expect(page.getByRole('button', { name: /^1500 rpm, 12 bar/ })).toBeVisible();
});

test('a pump that is not tested says so, on its report as well', async ({ page }) => {
  await openDemo(page);
  await page.goto('/job/demo-job-hm-0409/prove');
  await page.getByRole('button', { name: 'Not tested' }).click();
  await page.getByLabel('Why it is not tested').fill('No stand here.');
  await page.getByRole('button', { name: 'Not tested' }).first().click();
  const answer = page.getByRole('heading', { level: 2 }).first();
  await expect(answer).toHaveText('Not tested: no stand here.');
  await page.getByRole('link', { name: 'Report' }).click();
  await expect(page.locator('#main').getByText('Not tested: no stand here.').first()).toBeVisible();
});
