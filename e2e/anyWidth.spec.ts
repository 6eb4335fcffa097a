import { journalIn } from './database';
import { answer, expect, feel, instruction, newJob, openDemo, test } from './bench';

test('a reading is a word and a unit apart: thou and millimetre, entries kept as made', async ({
  page,
}) => {
  await openDemo(page);
  await newJob(page, 'T-101');
  await expect(instruction(page)).toContainText('Try 0.');
  await page.getByRole('radio', { name: 'thou' }).click();
  await expect(instruction(page)).toContainText(/Try [1-9]/);

  await page.getByRole('button', { name: 'Sizes' }).click();
  const field = page.getByRole('textbox', { name: 'Pocket depth, at 12' });
  await field.fill('twenty');
  await field.press('Enter');
  await expect(page.getByRole('alert')).toContainText('“twenty” is not a number');
  await expect(field).toHaveValue('twenty');
  await field.fill('.7896');
  await expect(page.getByText('0.7896 in = 20.05584 mm')).toBeVisible();
  await field.press('Enter');
  await expect(page.getByRole('textbox', { name: 'Pocket depth, at 3' })).toBeVisible();

  await page.getByRole('radio', { name: 'mm' }).click();
  const evidence = page.getByRole('button', { name: 'Evidence' });
  if (await evidence.isVisible()) await evidence.click();
  await expect(page.getByText('entered .7896 in')).toBeVisible();
  await expect(page.getByText('20.056 mm').first()).toBeVisible();
});

test('sizes and leaves on one clearance: the tighter wins and says so', async ({ page }) => {
  await openDemo(page);
  await newJob(page, 'T-102');
  while (
    (await page.getByRole('heading', { name: 'End clearance, drive gear', exact: true }).count()) >
    0
  ) {
    await feel(page, 0.045);
  }
  await page.getByRole('button', { name: 'Sizes' }).click();
  const field = page.getByRole('textbox', { name: /^(Pocket depth|Drive gear width)/ });
  for (const size of ['20.045', '20.046', '20.044', '20.045', '20', '20']) {
    await expect(field).toBeVisible();
    const label = await field.getAttribute('aria-label');
    await field.fill(size);
    await field.press('Enter');
    await expect(page.getByRole('textbox', { name: label ?? '', exact: true })).toHaveCount(0);
  }
  const list = page.getByRole('button', { name: /all checks/ });
  if (await list.isEnabled()) await list.click();
  await page
    .getByRole('button', { name: /^End clearance, drive gear: In/ })
    .first()
    .click();
  const evidence = page.getByRole('button', { name: 'Evidence' });
  if (await evidence.isVisible()) await evidence.click();
  await expect(page.getByText(/Measured two ways. The mic sizes narrow it most/)).toBeVisible();
});

test('the sheet takes limits in shorthand and refuses what cannot be', async ({ page }) => {
  await openDemo(page);
  await page.goto('/sheets');
  await page.getByRole('button', { name: /^Copy Veltrane T6/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/copy/);
  const upper = page.getByRole('textbox', { name: 'New, End clearance, drive gear: max' });
  await upper.fill('0.01');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('alert').first()).toContainText('Max is below min');
  await upper.fill('a bit');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('alert').first()).toContainText('“a bit” is not a number');
  await upper.fill('2-1/2 thou');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('button', { name: 'Saved' })).toBeVisible();
  await page.reload();
  await expect(
    page.getByRole('textbox', { name: 'New, End clearance, drive gear: max' }),
  ).toHaveValue('0.064');
  await expect(page.getByText('Invented pump and invented limits')).toBeVisible();
});

test('a try that contradicts another is held until a person decides', async ({ page }) => {
  await openDemo(page);
  await newJob(page, 'T-300');
  await answer(page, 'Won’t go').click();
  await expect(instruction(page)).toContainText('Try 0.02');
  await page.getByRole('button', { name: 'Another leaf' }).click();
  await page
    .getByRole('checkbox', { name: '0.1', exact: true })
    .or(page.getByRole('checkbox', { name: '0.10', exact: true }))
    .click();
  await page.getByRole('button', { name: /^Try 0\.1/ }).click();
  await answer(page, 'Free').click();
  await expect(page.getByRole('alert')).toContainText('does not agree with');
  await page.getByRole('button', { name: 'Strike out the earlier one' }).click();
  await expect(page.getByRole('alert')).toHaveCount(0);
  await expect(instruction(page)).toContainText('driven gear');
});

test('a gauge that types goes from size to size by itself', async ({ page }) => {
  await openDemo(page);
  await newJob(page, 'T-302');
  await page.getByRole('button', { name: 'Sizes' }).click();
  for (const [place, size] of [
    ['12', '20.051'],
    ['3', '20.053'],
    ['6', '20.049'],
    ['9', '20.052'],
  ] as const) {
    await expect(page.getByRole('textbox', { name: `Pocket depth, at ${place}` })).toBeFocused();
    await page.keyboard.type(size);
    // Carriage return and line feed, as fast as a cable sends them: one reading.
    await page.keyboard.press('Enter');
    await page.keyboard.press('Enter');
  }
  await expect(page.getByRole('textbox', { name: 'Drive gear width, first place' })).toBeFocused();
  const id = /job\/([^/]+)/.exec(page.url())?.[1] ?? '';
  expect(await journalIn(page, id)).toHaveLength(4);
  // 1 to 4 are figures while a size is typed, not answers.
  await page.keyboard.type('1234');
  await expect(page.getByRole('textbox', { name: 'Drive gear width, first place' })).toHaveValue(
    '1234',
  );
});

test('an address that leads nowhere says so, however odd', async ({ page }) => {
  // The gallery is for developers, and the router's own list of pages is no page of the app.
  for (const path of ['/gallery', '/_sitemap', '/no/such/page']) {
    await page.goto(path);
    await expect(page.getByText('There is no page at this address.')).toBeVisible();
  }
  for (const path of ['/job/nobody/measure', '/job/%E0%A4%A/measure', '/job/a%20b/nowhere']) {
    await page.goto(path);
    await expect(page.getByRole('heading', { name: 'No such job' })).toBeVisible();
  }
});
