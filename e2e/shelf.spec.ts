import type { Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { expect, openDemo, pick, saved, test } from './bench';
import { textsUnder } from './database';
import { png } from './picture';

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });
const box = (page: Page, name: string | RegExp) => page.getByRole('textbox', { name });

test('a part comes onto the shelf, is measured, labelled, looked for and scrapped', async ({
  page,
}, info) => {
  await openDemo(page);
  await page.getByRole('link', { name: 'Shelf' }).click();
  await button(page, 'New part').click();
  // Nothing is chosen for anybody; a list is gone through by the arrows, and only Enter takes.
  await button(page, 'Put it on the shelf').click();
  await expect(page.getByText('Choose the pump that it is of.')).toBeVisible();
  await button(page, /^Of which pump: not chosen/).focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('option').nth(1)).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(button(page, /^Of which pump: not chosen/)).toBeFocused();
  await page.keyboard.press('Enter');
  await page.getByRole('option', { name: 'Veltrane T6 front pump' }).focus();
  await page.keyboard.press('Enter');
  await expect(button(page, 'Of which pump: Veltrane T6 front pump')).toBeFocused();
  await button(page, /^What it is/).click();
  await page.getByRole('option', { name: 'Drive gear + Driven gear' }).click();
  await button(page, 'Put it on the shelf').click();
  await expect(page.getByText('Choose New or Used.')).toBeVisible();
  await page.getByRole('radio', { name: 'Used' }).click();
  // A label is on one part only.
  await box(page, 'Label').fill('gs-4');
  await button(page, 'Put it on the shelf').click();
  await expect(page.getByText('gs-4 is on another part already.')).toBeVisible();
  await box(page, 'Label').fill('');
  await button(page, 'Put it on the shelf').click();
  await expect(page.getByRole('heading', { name: 'GS-8' })).toBeVisible();

  // What cannot be read is said at its field; nothing is lost.
  await box(page, 'Drive gear width, mm').fill('twenty');
  await box(page, 'Driven gear width, mm').fill('20.041');
  await button(page, 'Save').click();
  await expect(page.getByText(/“twenty”/)).toBeVisible();
  await expect(box(page, 'Driven gear width, mm')).toHaveValue('20.041');
  // Read in inches it is echoed; far off the sheet it is asked about once.
  await box(page, 'Drive gear width, mm').fill('2.0041');
  await button(page, 'Save').click();
  await expect(
    page.getByText(/is far from the sheet’s .* Save again to keep 2\.0041/),
  ).toBeVisible();
  await box(page, 'Drive gear width, mm').fill('.7890in');
  await expect(page.getByText('0.789 in = 20.0406 mm')).toBeVisible();
  await box(page, 'Drive gear width, u, mm').fill('0.002');
  await box(page, 'Where it lies').fill('Bin 12');
  await box(page, 'Make, as the shop calls it').fill('Skarn');
  await box(page, 'What you have seen of Skarn').fill('Runs true, a little soft.');
  await button(page, 'Keep the note on Skarn').click();
  await pick(page, 'From a file', { name: 'a.png', mimeType: 'image/png', buffer: png(40, 30) });
  await expect(button(page, 'Photo 1')).toBeVisible();
  await button(page, 'Save').click();
  await expect(button(page, 'Saved')).toBeVisible();
  await expect(page.getByTestId('part-label')).toContainText('Bin 12');
  await page.evaluate(() => {
    window.print = () => undefined;
  });
  await button(page, 'Print the label').click();
  await page.emulateMedia({ media: 'print' });
  await expect(page.locator('#print')).toContainText('GS-8');
  await expect(page.locator('#print').getByRole('img', { name: /GS-8/ })).toBeVisible();
  await page.emulateMedia({ media: 'screen' });
  await page.reload();
  await expect(box(page, 'Drive gear width, mm')).toHaveValue('20.041');
  await expect(box(page, 'What you have seen of Skarn')).toHaveValue('Runs true, a little soft.');
  await expect(button(page, 'Photo 1').locator('img')).toBeVisible();

  // Printed from the list, the codes are on the paper when the browser takes it, not a moment later.
  await page.goto('/shelf');
  await page.getByRole('searchbox', { name: 'Find a part' }).fill('gs-8');
  await page.evaluate(() => {
    window.print = () => {
      const codes = document.querySelectorAll('#print [role=img]').length;
      Object.assign(window, { codes });
    };
  });
  await button(page, 'More about the shelf').click();
  await page.getByRole('button', { name: /^Print/ }).click();
  expect(await page.evaluate('codes')).toBeGreaterThan(0);

  // Found by its label as a scanner types it, its place, and what it is of.
  await page.getByRole('link', { name: 'Shelf' }).click();
  const search = page.getByRole('searchbox', { name: 'Find a part' });
  await search.fill('bin gs-8 drive');
  const parts = page.getByRole('list', { name: 'Loose parts' }).getByRole('link');
  await expect(parts.filter({ hasNotText: 'Pair up' })).toHaveCount(1);
  await button(page, 'More about the shelf').click();
  const file = await saved(page, 'Save as JSON', info.outputPath('shelf.json'));
  const { parts: kept, photos } = JSON.parse(readFileSync(file, 'utf8')) as {
    parts: { label: string; photos: { id: string }[] }[];
    photos: { id: string }[];
  };
  expect(kept.map(({ label }) => label)).toEqual(['GS-8']);
  expect(photos.map(({ id }) => id)).toEqual(kept[0]!.photos.map(({ id }) => id));
  await search.fill('GS-8');
  await search.press('Enter');
  await expect(page.getByRole('heading', { name: 'GS-8' })).toBeVisible();
  await button(page, 'It is scrap').click();
  await button(page, 'Mark it as scrap').click();
  await button(page, 'Put it back on the shelf').click();
  await expect(button(page, 'It is scrap')).toBeVisible();

  // Gone with its photo; its file brings both back.
  await button(page, 'Delete this part').click();
  await button(page, 'Delete for good').click();
  await expect(search).toBeVisible();
  expect(await textsUnder(page, 'photo/')).toEqual({});
  await page.goto('/import');
  await pick(page, 'Choose a file', file);
  await expect(page.getByText(/GS-8/)).toBeVisible();
  await page.getByRole('button', { name: 'Import', exact: true }).click();
  await page.getByRole('link', { name: 'Shelf' }).click();
  await search.fill('GS-8');
  await search.press('Enter');
  await expect(button(page, 'Photo 1').locator('img')).toBeVisible();
});

test('a list of parts comes in from a spreadsheet whole, or says what is wrong in which line', async ({
  page,
}, info) => {
  await openDemo(page);
  await page.goto('/shelf');
  // A file that cannot be made is said, and can be asked for again.
  await page.evaluate(() => {
    const make = URL.createObjectURL.bind(URL);
    URL.createObjectURL = () => {
      URL.createObjectURL = make;
      throw new TypeError('no room');
    };
  });
  await button(page, 'More about the shelf').click();
  await button(page, 'Save as CSV').click();
  await expect(page.getByText(/^Could not make the file\. Something went wrong/)).toBeVisible();
  await button(page, 'More about the shelf').click();
  const csv = await saved(page, 'Save as CSV', info.outputPath('shelf.csv'));
  await expect(page.getByText(/^Could not make the file/)).toHaveCount(0);
  const lines = readFileSync(csv, 'utf8').split('\r\n');
  expect(lines).toHaveLength(29);
  await button(page, 'More about the shelf').click();
  await button(page, 'Import').click();
  const choose = (text: string) =>
    pick(page, 'Choose a file', {
      name: 'parts.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from(text),
    });
  const model = 'Veltrane T6 front pump';
  await choose(`label,model,parts,pocket-depth_mm\nHB-9,${model},body,deep\nX,Nobody,body,1\n`);
  await expect(page.getByText(/line 2, column pocket-depth_mm: .*deep/)).toBeVisible();
  await expect(page.getByText(/line 3: There is no sheet for “Nobody”/)).toBeVisible();
  await choose(readFileSync(csv, 'utf8'));
  await expect(page.getByText('28 records are here already, unchanged.')).toBeVisible();
  await choose(
    `label,model,parts,pocket-depth_mm,place\nHB-9,${model},Body,20.05,\nHB-1,${model},body,,Rack 9\n`,
  );
  await expect(page.getByText('Part HB-9: will be added.')).toBeVisible();
  await expect(
    page.getByText(/^Part HB-1: the file has news\. Where it lies: .* becomes “Rack 9”/),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Import', exact: true }).click();
  const search = page.getByRole('searchbox', { name: 'Find a part' });
  await search.fill('HB-9');
  await expect(page.getByRole('link', { name: /^HB-9/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /^HB-1/ })).toHaveCount(0);
  await search.fill('Rack 9');
  await expect(page.getByRole('listitem').filter({ hasText: 'HB-1' })).toHaveCount(1);
});

test('the shelf is paired, a pair is locked by hand, and a pump is built of two parts', async ({
  page,
}) => {
  await openDemo(page);
  await page.goto('/shelf/pair');
  await expect(page.getByRole('heading', { name: /^5 pumps can be built/ })).toBeVisible();
  const pumps = page.getByRole('list', { name: 'Pumps that can be built' });
  const first = await pumps.getByRole('listitem').first().innerText();
  expect(first).toMatch(/^HB-\d \+ GS-\d/);
  await box(page, 'Label of the body').fill('HB-1');
  await box(page, 'Label of the gears').fill('GS-99');
  await button(page, 'Lock these two together').click();
  await expect(page.getByText(/GS-99 is not on the shelf/)).toBeVisible();
  await box(page, 'Label of the gears').fill('gs-4');
  await button(page, 'Lock these two together').click();
  await expect(page.getByText('HB-1 + GS-4')).toBeVisible();
  await expect(page.getByText(/^Locked by hand/)).toBeVisible();
  await button(page, 'Unlock HB-1 + GS-4').click();
  await expect(page.getByText('HB-1 + GS-4')).toHaveCount(0);
  // With no metal to spare fewer can be built; what is no length is said at its field.
  await box(page, 'Most off the deck, mm').fill('a bit');
  await expect(page.getByText(/“a bit”/)).toBeVisible();
  await box(page, 'Most off the deck, mm').fill('0.005');
  await box(page, 'Most off the gears, mm').fill('0');
  await expect(page.getByRole('heading', { name: /^[1-4] pumps? can be built/ })).toBeVisible();
  await expect(page.getByText(/misses by/).first()).toBeVisible();
  const pair = (await pumps.getByRole('listitem').first().innerText()).split('\n')[0] ?? '';
  await button(page, `Build ${pair}`).click();
  await expect(page).toHaveURL(/\/job\/.*\/tag/);
  await expect(page.getByText(pair.replace(' + ', '+')).first()).toBeVisible();
  await page.goto('/shelf');
  await page.getByRole('radio', { name: /^In a job/ }).click();
  await expect(page.getByText(`In ${pair.replace(' + ', '+')}`, { exact: false })).toHaveCount(2);
});

test('a job takes a set from the shelf, to be read again or trusted, and gives its own', async ({
  page,
}) => {
  await openDemo(page);
  await page.goto('/shelf/demo-part-gs-4');
  await page.getByRole('link', { name: /^HM-0398/ }).click();
  await button(page, 'Put GS-4 in').click();
  await expect(page.getByText('GS-4 is in the pump. Read its sizes again')).toBeVisible();
  await button(page, 'Put parts of this pump on the shelf').click();
  // A part goes with what was read of it; one that is in a set that goes does not go by itself.
  const body = page.getByRole('checkbox', { name: /^Body:/ });
  await expect(body).toContainText(/\d sizes?/);
  await body.click();
  await page.getByRole('checkbox', { name: /^Drive gear \+ Driven gear/ }).click();
  await expect(page.getByRole('checkbox', { name: /^Drive gear:/ })).toBeDisabled();
  await box(page, 'Where they lie').fill('Bin 20');
  await button(page, 'Put 2 parts on the shelf').click();
  await expect(body).toContainText('came from this job already');
  await page.getByRole('button', { name: 'Back', exact: true }).click();
  await button(page, 'Back to the answer').click();
  await page.goto('/shelf');
  await page.getByRole('searchbox', { name: 'Find a part' }).fill('Bin 20');
  // Two parts under their pump.
  await expect(page.getByRole('listitem')).toHaveCount(3);
  await page.getByRole('searchbox', { name: 'Find a part' }).fill('');
  await page.getByRole('radio', { name: /^In a job/ }).click();
  await expect(page.getByText(/In HM-0398/)).toBeVisible();
});
