import type { Page } from '@playwright/test';
import { expect, openDemo, test } from './bench';

const box = (page: Page, name: string | RegExp) => page.getByRole('textbox', { name });
const head = (page: Page, name: RegExp) => page.getByRole('heading', { name });

test('a sum without a job: found, typed, answered as it is typed, linked, remembered', async ({
  page,
}) => {
  await page.goto('/sums');
  // Found by what people call it; Enter opens the first.
  await page.getByRole('searchbox').fill('seal blow');
  await expect(page.getByRole('list', { name: 'Sums' }).getByRole('link')).toHaveCount(1);
  await page.keyboard.press('Enter');
  await expect(head(page, /^Why did the seal come out/)).toBeVisible();
  // What is wanted is asked for, in the order in which people can get it.
  await expect(head(page, /^Next: Pressure at the bushing\.$/)).toBeVisible();
  await box(page, 'Pressure at the bushing, bar').fill('7');
  await expect(head(page, /^Next: Bushing clearance\.$/)).toBeVisible();
  await box(page, 'Bushing clearance, mm').fill('0.18');
  await box(page, 'Drain bore, mm').fill('3.2');
  await box(page, 'Shaft, mm').fill('38');
  await box(page, 'Bushing length, no groove, mm').fill('16');
  // What can be said without a rating is said.
  await expect(
    head(page, /^[\d.]+ bar behind the seal\. Enter what it is rated for\.$/),
  ).toBeVisible();
  await box(page, 'Seal rated for, bar').fill('0.3');
  const blows = head(page, /^Blows: [\d.]+ bar behind a seal for 0\.3 bar\.$/);
  await expect(blows).toBeVisible();
  await expect(
    page.getByRole('main').getByText(/^A drain of [\d.]+ mm holds it, or a bushing closer than/),
  ).toBeVisible();
  await expect(page.getByText(/^If the drain is 3\.70 mm: [\d.]+ bar, holds$/)).toBeVisible();
  // The common case has question and answer on one screen.
  await expect(blows).toBeInViewport();
  await expect(box(page, 'Seal rated for, bar')).toBeInViewport();

  // Bad input is said at its field; the last good answer stays, greyed and said to be the last.
  await box(page, 'Drain bore, mm').fill('wide');
  await expect(page.getByRole('alert')).toHaveText(/“wide” is not a number/);
  await expect(page.getByText(/^This stands as it was/)).toBeVisible();
  await expect(blows).toBeVisible();
  await box(page, 'Drain bore, mm').fill('0.126 in');
  await expect(page.getByRole('alert')).toHaveCount(0);

  // On paper stand question, answer, what was entered, and how it is worked out.
  await page.emulateMedia({ media: 'print' });
  const paper = page.getByTestId('sum-paper');
  await expect(paper.getByText(/^Blows:/)).toBeVisible();
  await expect(paper.getByText('Drain bore: 0.126 in\u00a0mm')).toHaveCount(0);
  await expect(paper.getByText(/^Source: Merritt/)).toBeVisible();
  await page.emulateMedia({ media: 'screen' });

  // In the other unit it is the same answer; a link holds it all.
  await page.getByRole('radio', { name: 'thou' }).click();
  await expect(box(page, 'Bushing clearance, thou')).toHaveValue('7.09');
  await expect(head(page, /^Blows: [\d.]+ psi behind a seal for 4\.4 psi\.$/)).toBeVisible();
  const said = await head(page, /^Blows/).textContent();
  await page.evaluate(() => {
    navigator.clipboard.writeText = () => Promise.reject(new Error('no leave'));
  });
  await page.getByRole('button', { name: 'Link to this' }).click();
  const shown = await page.getByText(/^The link with these figures: /).textContent();
  const link = new URL(shown?.replace(/^.*?: /, '') ?? '');

  // Typed last is there again; a link opened elsewhere comes to the same.
  await page.goto('/sums/seal-drain');
  await expect(box(page, 'Bushing clearance, mm')).toHaveValue('0.18');
  await expect(head(page, /^Blows/)).toBeVisible();
  await page.getByRole('button', { name: 'Clear' }).click();
  await expect(head(page, /^Next: Pressure at the bushing/)).toBeVisible();
  await page.goto(`${link.pathname}${link.search}`);
  await page.getByRole('radio', { name: 'thou' }).click();
  await expect(head(page, /^Blows/)).toHaveText(said ?? '');
});

test('every sum of the room answers its example, by keyboard', async ({ page }) => {
  await page.goto('/sums');
  const links = page.getByRole('list', { name: 'Sums' }).getByRole('link');
  await expect(links.first()).toBeVisible();
  // The list fills its rows one screen after another.
  await expect.poll(() => links.count()).toBe(24);
  const count = await links.count();
  for (let i = 0; i < count; i++) {
    await links.nth(i).focus();
    await page.keyboard.press('Enter');
    const example = page.getByRole('button', { name: 'An example' });
    await example.focus();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { level: 2 }).first()).toHaveText(/[.?]$/);
    await expect(page.getByRole('heading', { name: /^Next:/ })).toHaveCount(0);
    await expect(page.getByRole('alert')).toHaveCount(0);
    await page.getByRole('link', { name: 'All sums' }).focus();
    await page.keyboard.press('Enter');
    await expect(links.first()).toBeVisible();
  }
});

test('a job fills in what it knows; what a sum came to is kept with it, and leads to the tag', async ({
  page,
}) => {
  await openDemo(page);
  await page.goto('/job/demo-job-hm-0405/build');
  await page.getByRole('button', { name: /^Sums/ }).click();
  await page.getByRole('link', { name: /made to turn the other way/ }).click();
  // The sheet says how it is built; only what no sheet says is asked.
  await expect(head(page, /^Not to be told yet\. Are the gears helical\?$/)).toBeVisible();
  await expect(page.getByText('By the sheet of HM-0405.').first()).toBeVisible();
  await expect(
    page
      .getByRole('radiogroup', { name: 'The body can be turned end for end' })
      .getByRole('radio', {
        name: 'Yes',
      }),
  ).toBeChecked();
  const choose = (group: string, name: string) =>
    page.getByRole('radiogroup', { name: group }).getByRole('radio', { name }).click();
  await choose('Built-in relief', 'None');
  await choose('Lip of the seal', 'Plain');
  await choose('Helical gears', 'No');
  await expect(head(page, /in \d+ steps, at the same speed\.$/)).toBeVisible();
  await expect(page.getByRole('img', { name: /^The pump from its shaft end/ })).toBeVisible();
  await page.getByRole('button', { name: 'Keep with HM-0405' }).click();
  await expect(page.getByText('Kept with HM-0405, as worked out: no reading.')).toBeVisible();

  // It stands where the work is, on the tag and on the report; opened again it is as it was asked.
  await page.getByRole('link', { name: 'Back to HM-0405' }).click();
  await expect(head(page, /^Worked out$/)).toBeVisible();
  await page.getByRole('link', { name: /^Open this sum again/ }).click();
  await expect(head(page, /in \d+ steps, at the same speed\.$/)).toBeVisible();
  await page.goto('/job/demo-job-hm-0405/tag');
  await expect(page.getByText(/^Once it is reversed, stamp the tag:/)).toBeVisible();
  await page.goto('/job/demo-job-hm-0405/report');
  await expect(page.getByText(/in \d+ steps, at the same speed/).first()).toBeVisible();
  await page.goto('/job/demo-job-hm-0405/build');
  await page.getByRole('button', { name: 'Take back' }).click();
  await expect(head(page, /^Worked out$/)).toHaveCount(0);

  // From the room a job is picked; what was typed comes along. Leaves bring a bracket, its end open.
  await page.goto('/sums/stack-face');
  await box(page, 'Wear of the cover, mm').fill('0.02');
  await page.getByRole('button', { name: /^Take from a job/ }).click();
  await page.getByRole('option', { name: /HM-0412/ }).click();
  await expect(head(page, /^Over by .* at least: limit/)).toBeVisible();
  await expect(box(page, 'Wear of the cover, mm')).toHaveValue('0.02');
  await expect(page.getByRole('button', { name: /^Which gap of HM-0412/ })).toBeVisible();
});
