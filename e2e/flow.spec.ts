import type { Page } from '@playwright/test';
import { expect, openDemo, test } from './bench';

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });

test('what a gap costs: from Decide to the leak map, what the circuits want, and back', async ({
  page,
}) => {
  await openDemo(page);
  await page.goto('/job/demo-job-hm-0412/decide');
  await button(page, /^Flow at hot idle/).click();
  // The answer is a sentence; the greatest leak stands first, in the map's words and in the list.
  await expect(
    page.getByRole('heading', {
      name: /^At hot idle the pump delivers 15 of 19\.3 l\/min; the circuits want 14 l\/min\.$/,
    }),
  ).toBeVisible();
  await expect(
    page.getByText(/^That may not be enough\. Half of what is lost goes over the gear faces\./),
  ).toBeVisible();
  await expect(
    page.getByRole('img', { name: /what leaks, an arrow along each path/ }),
  ).toBeVisible();
  const rows = page.getByRole('list', { name: 'What is lost, path by path' }).getByRole('listitem');
  await expect(rows.first()).toContainText('End clearance, drive gear');
  await expect(rows.nth(1)).toContainText('not measured: a usual gap');
  await expect(page.getByText(/^To measure next: Drive gear tips to crescent/)).toBeVisible();
  await expect(page.getByText(/^The test before the teardown lost 4\.5 times/)).toBeVisible();

  // The chart has a table behind it, and follows its handles by keyboard.
  await button(page, /^The figures of this chart/).click();
  const table = page.getByRole('table');
  await expect(table.getByRole('row')).toHaveCount(7);
  const last = table.getByRole('row').last();
  const before = await last.textContent();
  await page.getByRole('slider', { name: 'Oil' }).focus();
  for (let i = 0; i < 20; i++) await page.keyboard.press('ArrowLeft');
  await expect(page.getByText('Oil: 70 °C')).toBeVisible();
  await expect(last).not.toHaveText(before ?? '');
  await page.getByRole('radio', { name: 'Over pressure' }).click();
  await expect(page.getByText(/^Delivered, l\/min, over pressure, bar, at 700 rpm/)).toBeVisible();

  // The chambers that carry the oil are turned by hand, and have a table behind their chart.
  await button(page, /^What it carries round.*27\.6 cm³ a turn.*Ripple 2\.0%/).click();
  await expect(page.getByText(/drive gear: 17 chambers, each 5\d mm² at most/)).toBeVisible();
  await page.getByRole('slider', { name: 'Turn of the shaft' }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByText('Shaft turned by 125°')).toBeVisible();
  await expect(page.getByRole('img', { name: /in blue, the shaft turned by 125°/ })).toBeVisible();
  await button(page, /^The areas of this chart/).click();
  await expect(page.getByRole('row', { name: /^180° / })).toBeVisible();

  // Bad input is said at its field and loses nothing; what is saved moves the answer.
  await button(page, /^Oil, speeds and circuits/).click();
  await page.getByRole('textbox', { name: 'Pump rpm, Hot idle' }).fill('900');
  await button(page, 'Save').click();
  await expect(page.getByText('Enter the pressure.')).toBeVisible();
  const held = page.getByText(/^This stands as it was: what is typed is not used yet/);
  await expect(held).toBeVisible();
  await page.getByRole('textbox', { name: 'Pressure, Hot idle' }).fill('120 psi');
  await page.getByRole('textbox', { name: 'Oil temperature, Hot idle' }).fill('300');
  await button(page, 'Save').click();
  await expect(page.getByText(/^Temperature must be/)).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Pump rpm, Hot idle' })).toHaveValue('900');
  await page.getByRole('textbox', { name: 'Oil temperature, Hot idle' }).fill('85');
  await button(page, 'Save').click();
  await expect(page.getByRole('heading', { name: /delivers \d\d of 24\.8 l\/min/ })).toBeVisible();
  await expect(page.getByText('Hot idle: 900 rpm, 8.27 bar, 85 °C')).toBeVisible();
  await expect(held).toHaveCount(0);

  // In the other system all of it is.
  await page.getByRole('radio', { name: 'thou' }).click();
  await expect(
    page.getByRole('heading', { name: /gpm; the circuits want 3\.7 gpm/ }),
  ).toBeVisible();
  await expect(page.getByText(/900 rpm, 120 psi, 185 °F/)).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { name: /gpm; the circuits want/ })).toBeVisible();
  await button(page, 'Back to Decide').click();
  await expect(button(page, /^Flow at hot idle.*gpm/)).toBeVisible();
});

test('each work says what it buys, and what is dragged moves the flow', async ({ page }) => {
  await openDemo(page);
  await page.goto('/job/demo-job-hm-0398/decide');
  await expect(page.getByText(/^\+0\.\d+ l\/min at hot idle$/)).toBeVisible();
  await button(page, 'More about this pump').click();
  await button(page, 'What if').click();
  const flow = page.getByText(/^At hot idle: \d+/);
  await expect(flow).toBeVisible();
  // Wider gears: what they move, and what has to change with them.
  await button(page, /^For more flow/).click();
  await page.getByRole('textbox', { name: /^Wider by/ }).fill('1');
  await button(page, 'Work it out').click();
  await expect(page.getByText(/It moves 29\.0 cm³ a turn, before 27\.6/)).toBeVisible();
  await expect(page.getByText(/^No other sheet has a pump of this kind/)).toBeVisible();

  // Another pump of the shop's sheets, in place of this one.
  await page.goto('/job/demo-job-hm-0405/decide');
  await button(page, 'More about this pump').click();
  await button(page, 'What if').click();
  await button(page, /^For more flow/).click();
  await button(page, /^Brunnick H30 tandem pump.*cm³ a turn/).click();
  await expect(page.getByText(/Nm to turn, before .* Check that it fits: bore/)).toBeVisible();
});

test('a pump without a sheet is told which sizes its flow needs, by name and with how to take them', async ({
  page,
}) => {
  await page.goto('/');
  await button(page, /^Measure now, without/).click();
  await page.getByLabel('Max, limit 1').fill('0.09');
  await button(page, 'Start measuring').click();
  await page.getByRole('radio', { name: 'As it came' }).waitFor();
  await page.goto(page.url().replace(/[^/]+$/, 'flow'));
  await expect(page.getByRole('heading', { name: 'The flow is not known yet' })).toBeVisible();
  await expect(page.getByText(/^Module: over the tips of the drive gear/)).toBeVisible();
  await expect(page.getByText(/^Gear width: outside mic over the gear/)).toBeVisible();
  await button(page, 'Go to Tag').click();
  await button(page, 'Save its limits as a sheet').click();
  await expect(button(page, 'Save its limits as a sheet')).toHaveCount(0);

  // The way leads on over the sheet, to the sizes that are asked for, and back to the answer.
  await page.getByRole('link', { name: 'Decide' }).click();
  await button(page, /^Flow at hot idle/).click();
  await button(page, 'Go to the sheet').click();
  await page.getByText('All of these are this pump’s own').click();
  await button(page, 'Save').click();
  await expect(button(page, 'Saved')).toBeVisible();
  await page.goBack();
  await expect(
    page.getByText(/changed after this job started: Which sizes are examples/),
  ).toBeVisible();
  await button(page, 'Use the new sheet').click();
  await expect(
    page.getByRole('heading', { name: /^No gap is measured yet\. .* the pump would deliver/ }),
  ).toBeVisible();
});

test('a gap without a limit carries the gap at which the circuits would want, in Measure too', async ({
  page,
}) => {
  // The demo, with the limits of one gap taken off its front pump.
  await page.route('**/demo/highmoor.json', async (route) => {
    const demo = await (await route.fetch()).json();
    for (const { sheet } of demo.jobs) {
      sheet.limits = sheet.limits.filter(
        (l: { characteristic: string }) => l.characteristic !== 'face-drive',
      );
    }
    await route.fulfill({ json: demo });
  });
  await openDemo(page);
  await page.goto('/job/demo-job-hm-0412/measure');
  await button(page, /^End clearance, drive gear/).click();
  await expect(
    page.getByText(/^By the model, .* just feeds its circuits at hot idle with 0\.10\d mm here/),
  ).toBeVisible();
  await expect(
    page.getByRole('img', { name: /feeds its circuits up to 0\.10\d mm by the model/ }),
  ).toBeVisible();
  await expect(page.getByText(/Recorded only: the sheet has no limit/)).toBeVisible();
});
