import type { Page } from '@playwright/test';
import { expect, instruction, openDemo, test } from './bench';

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });
const field = (page: Page, name: string | RegExp) => page.getByRole('textbox', { name });

test('a clean pump from its tag to the end of Look: few taps, little time', async ({ page }) => {
  await openDemo(page);
  await button(page, 'New job').click();
  let taps = 0;
  const began = Date.now();
  const tap = async (name: string | RegExp, role: 'button' | 'radio' = 'button') => {
    await page.getByRole(role, { name }).first().click();
    taps += 1;
  };
  await field(page, 'Tag number').fill('T-600');
  await field(page, 'Vehicle or machine').fill('Spare gritter');
  await tap(/Veltrane T6/, 'radio');
  await tap('Service', 'radio');
  await tap('Start');

  await expect(instruction(page)).toContainText('Serial number');
  await field(page, 'Serial number, digits only').fill('44 120');
  await tap('Enter');
  await tap('Use T6 late');

  const lay = [
    /^to the pump/,
    'Done',
    /^faces up/,
    /^to the converter/,
    /^outward/,
    /^to the seal/,
  ];
  for (const [n, way] of lay.entries()) {
    await expect(page.getByText(`Step ${n + 1} of 6`)).toBeVisible();
    await tap(way);
  }
  await tap('Go to Look');

  await expect(page.getByText(/inspected$/)).toBeVisible();
  for (let n = 0; n < 20 && (await page.getByText(/inspected$/).count()) > 0; n++) {
    const all = button(page, /: all \d+ sound$/);
    const before = await page.getByText(/of 18 inspected$/).textContent();
    await tap((await all.count()) > 0 ? /: all \d+ sound$/ : 'Sound');
    await expect(page.getByText(before ?? '', { exact: true })).toHaveCount(0);
  }
  await tap(/^All \d+ as expected$/);
  await expect(page.getByText('All 18 surfaces sound')).toBeVisible();
  const seconds = (Date.now() - began) / 1000;
  console.log(`Tag to the end of Look: ${taps} taps, ${seconds.toFixed(1)} s`);
  expect(taps).toBeLessThanOrEqual(25);
  expect(seconds).toBeLessThan(90);

  // What was noted comes back the other way round, and on the report.
  await page.getByRole('link', { name: 'Strip' }).click();
  await expect(page.getByText('Assembly order')).toBeVisible();

  // What has to be bought is ordered, comes, and is taken back one at a time.
  const seal = button(page, /^1 × Converter seal/);
  await seal.click();
  await field(page, 'Date').fill('soon');
  await button(page, 'Save the order: Converter seal').click();
  await expect(page.getByText(/^Write the date as/)).toBeVisible();
  await field(page, 'Date').fill('2026-11-27');
  await field(page, 'Supplier').fill('Arvel Parts');
  await button(page, 'Save the order: Converter seal').click();
  await expect(seal).toHaveAccessibleName(/: Ordered .*27.*, from Arvel Parts\.$/);
  await seal.click();
  await field(page, 'Date').fill('2026-11-30');
  await button(page, 'Save the order: Converter seal').click();
  await expect(seal).toHaveAccessibleName(/: Came .*30/);
  await seal.click();
  await button(page, /^Undo: Came/).click();
  await expect(seal).toHaveAccessibleName(/: Ordered .*27/);

  await page.getByRole('link', { name: 'Report' }).click();
  await expect(
    page.getByText(/1 × Converter seal \(always replaced\)\. Ordered .*from Arvel Parts/).first(),
  ).toBeVisible();
  await expect(page.getByText('18 of 18 surfaces sound').first()).toBeVisible();
  await expect(page.getByText('Drive gear: bevel to the converter').first()).toBeVisible();
});

test('the key tolerates what nobody can tell and says when answers contradict', async ({
  page,
}) => {
  await openDemo(page);
  await page.goto('/job/demo-job-hm-0421/strip');
  await field(page, 'Serial number, digits only').fill('none');
  await button(page, 'Enter').click();
  await expect(page.getByRole('alert')).toContainText('“none” has no number');
  await button(page, 'Can’t tell').click();
  // Looks split what is left better than a mic now.
  await expect(instruction(page)).not.toContainText('Serial');
  await page.goto('/job/demo-job-hm-0421/tag');
  await button(page, /^Which variant/).click();
  for (let n = 0; n < 6; n++) {
    const asked = (await instruction(page).textContent()) ?? '';
    if (asked.startsWith('What year')) break;
    await button(page, 'Can’t tell').click();
    await expect(instruction(page)).not.toHaveText(asked);
  }
  await field(page, /^What year/).fill('2008');
  await button(page, 'Enter').click();
  // One answer alone names it: another check is offered, and this one speaks against it.
  await expect(page.getByText(/Probably T6 early, narrow inlet/)).toBeVisible();
  await button(page, 'One more check').click();
  await button(page, /^(four flats|wide|bolted on)$/).click();
  await expect(page.getByText(/No variant fits all the answers/)).toBeVisible();
  await expect(button(page, /^Use/)).toHaveCount(0);
  await button(page, /^Change the answer: What year/).click();
  await expect(page.getByText(/variants still possible/)).toBeVisible();
  await button(page, /^T6 late, bolted relief, .* Choose it anyway/).click();
  await expect(button(page, /^Which variant: T6 late, bolted relief/)).toBeVisible();
});

test('parts of two pumps go together in one direction only', async ({ page }) => {
  await openDemo(page);
  await page.goto('/job/demo-job-hm-0412/tag');
  await button(page, /^Which variant/).click();
  await button(page, /^Cover is from/).click();
  await page.getByRole('option', { name: 'T6 early, wide inlet' }).click();
  await expect(page.getByText(/^Does not fit: Cover from T6 early, wide inlet/)).toBeVisible();
  await button(page, /^Cover is from/).click();
  await page.getByRole('option', { name: 'T6 late, bolted relief' }).click();
  await expect(page.getByText(/^Fits: Cover from T6 late, bolted relief/)).toBeVisible();
});

test('a scored cover is measured first, and a missing clip goes on the order list', async ({
  page,
}) => {
  await openDemo(page);
  await page.goto('/job/demo-job-hm-0421/strip');
  await button(page, 'Not now').click();
  await button(page, 'Problem or photo').click();
  await page.getByRole('radio', { name: 'Missing' }).click();
  await field(page, 'Remark').fill('retaining clip');
  await button(page, 'Record as missing').click();
  await expect(button(page, /Step 1, .*missing; retaining clip/)).toBeVisible();

  await page.getByRole('link', { name: 'Look' }).click();
  await button(page, /: all surfaces/).click();
  await button(page, /^Cover, wear mark of the gears/).click();
  await button(page, 'Defect').click();
  await button(page, /^Scored/).click();
  await page.getByRole('radio', { name: 'Nail catches' }).click();
  await expect(page.getByText('Suggested: machine.')).toBeVisible();
  await field(page, 'Depth, if measured').fill('deep');
  await expect(page.getByRole('alert')).toContainText('“deep” is not a number');
  await field(page, 'Depth, if measured').fill('0.03');
  await expect(page.getByText(/By the sheet: Depot sheet 14/)).toBeVisible();
  await page.getByRole('radio', { name: 'Replace' }).click();
  await button(page, /^Record$/).click();
  await expect(page.getByText('1 of 18 inspected', { exact: false })).toBeVisible();

  await page.getByRole('link', { name: 'Measure' }).click();
  await button(page, /^Measure wet/).click();
  await expect(page.getByRole('heading', { name: 'Cover wear' })).toBeVisible();
  await expect(page.getByText(/First because: wear of the cover adds/)).toBeVisible();

  // The wrong answer at the gate can be put right, and back.
  await button(page, 'Instruments and gauge').click();
  await page.getByRole('radio', { name: 'Clean and dry' }).click();
  await expect(page.getByRole('radio', { name: 'Clean and dry' })).toBeChecked();
  await page.getByRole('radio', { name: 'Wet' }).click();
  await expect(page.getByRole('radio', { name: 'Wet' })).toBeChecked();
  await page.getByRole('link', { name: 'Report' }).click();
  const report = page.getByRole('main');
  await expect(
    report.getByText(/Scored, nail catches, 0.03 mm deep, replace \(suggested: machine\)/),
  ).toBeVisible();
  await expect(report.getByText(/1 × Body: retaining clip \(missing/)).toBeVisible();
  await expect(report.getByText(/1 × Cover \(replace/)).toBeVisible();
  await expect(report.getByText(/Measured wet/)).toBeVisible();
  await expect(report.getByText(/17 surfaces not inspected/)).toBeVisible();
});

test('every surface of a stack is in the list, in every section, and a touch leads to it', async ({
  page,
}) => {
  await openDemo(page);
  await page.goto('/job/demo-job-hm-0419/look');
  await button(page, 'All surfaces').click();
  await expect(page.getByRole('heading', { name: 'Section 1: Drive gear' })).toBeVisible();
  await expect(button(page, /: sound$/)).toHaveCount(23);
  await button(page, /^Section 2: Bushing block, rear: /).click();
  await expect(page.getByText(/^Section 2: Bushing block, rear · /)).toBeVisible();
  await button(page, 'Defect').click();
  await button(page, /^Spun/).click();
  await expect(page.getByText('Suggested: replace.')).toBeVisible();
});

test('a cracked body offers to end the job there, and it can be taken up again', async ({
  page,
}) => {
  await openDemo(page);
  await page.goto('/job/demo-job-hm-0421/look');
  await page.getByTestId('tap-drawing').click({ position: { x: 60, y: 60 } });
  await button(page, /^Cracked/).click();
  await expect(page.getByText('Suggested: Scrap.')).toBeVisible();
  await button(page, /^Record$/).click();
  await expect(page.getByRole('alert')).toContainText('it holds the pump');
  await button(page, 'Close job and show report').click();
  await expect(page).toHaveURL(/\/report$/);
  await expect(
    page
      .getByRole('main')
      .getByText(/Body, ears and ribs: Cracked/)
      .first(),
  ).toBeVisible();
  await page.goto('/');
  await expect(page.getByRole('link', { name: /HM-0421 .*Closed: Body, ears/ })).toBeVisible();
  await page.getByRole('link', { name: /HM-0421/ }).click();
  await page.getByRole('link', { name: 'Tag' }).click();
  await button(page, 'Reopen the job').click();
  await expect(page.getByText(/^Closed:/)).toHaveCount(0);

  // A finding that was a mistake is voided, and the surface is inspected anew.
  await page.getByRole('link', { name: 'Look' }).click();
  await button(page, /: all surfaces/).click();
  await button(page, /^Body, ears and ribs: Cracked/).click();
  await button(page, /^Strike out Cracked/).click();
  await expect(page.getByRole('alert')).toHaveCount(0);
  await expect(button(page, 'Sound').first()).toBeEnabled();
});

test('the tag takes figures as people write them, and keeps the customer', async ({ page }) => {
  await openDemo(page);
  await page.goto('/job/demo-job-hm-0421/tag');
  await field(page, 'Customer').fill('Moorside Growers');
  await field(page, 'Phone or e-mail').fill('Lane end, 0117');
  await field(page, 'Due').fill('next week');
  await button(page, /^As received/).click();
  await field(page, 'Run so far').fill('5 204,5');
  await page.getByRole('radio', { name: 'Anticlockwise' }).click();
  await button(page, /^Test before teardown/).click();
  await button(page, 'Add a reading').click();
  await field(page, 'Reading 1: engine or motor speed').fill('1800');
  await field(page, 'Reading 1: pump turns per engine turn').fill('1.35');
  await expect(page.getByText('Pump speed: 2430 rpm')).toBeVisible();
  await field(page, 'Reading 1: flow').fill('7.4 gallons');
  await field(page, 'Reading 1: pressure').fill('140 psi');
  await button(page, 'Save').click();
  await expect(page.getByText('Write the date as 2026-12-01', { exact: false })).toBeVisible();
  await expect(page.getByText(/Cannot read “7.4 gallons”/)).toBeVisible();
  await field(page, 'Reading 1: flow').fill('7.4 gpm');
  await field(page, 'Due').fill('24.12.2026');
  await button(page, /^As received/).click();
  await field(page, 'Run so far').fill('5204,5');
  await button(page, 'Save').click();
  await expect(button(page, 'Saved')).toBeVisible();
  await expect(field(page, 'Due')).toHaveValue('2026-12-24');

  // Who leaves without saving loses nothing but what could not be read.
  await field(page, 'Serial number').fill('SN 77');
  await field(page, 'Due').fill('some day');
  await page.getByRole('link', { name: 'Look' }).click();
  await expect(page.getByText(/inspected$/)).toBeVisible();
  await page.getByRole('link', { name: 'Tag' }).click();
  await expect(field(page, 'Serial number')).toHaveValue('SN 77');
  // What cannot be read is not lost either: it is there again, and thrown away only when asked.
  await expect(field(page, 'Due')).toHaveValue('some day');
  await expect(page.getByText(/It is filled in again/)).toBeVisible();
  await button(page, 'Discard it').click();
  await expect(field(page, 'Due')).toHaveValue('2026-12-24');

  await page.getByRole('link', { name: 'Report' }).click();
  const report = page.getByRole('main');
  await expect(report.getByText(/28 l\/min, 9.65 bar, pump at 2430 rpm/)).toBeVisible();
  await expect(report.getByText('Loader, serial SN 77, 5204.5 h')).toBeVisible();

  await page.goto('/new');
  await field(page, 'Customer').fill('gro');
  await button(page, 'Use Moorside Growers').click();
  await expect(field(page, 'Customer')).toHaveValue('Moorside Growers');
});

test('a number that is scanned on the bench opens its job', async ({ page }) => {
  await openDemo(page);
  await page.goto('/job/demo-job-hm-0419/tag');
  await button(page, /^Bench tag/).click();
  const tag = page.getByTestId('bench-tag').first();
  await expect(tag).toContainText('Anticlockwise, viewed from shaft end');
  await expect(tag.getByRole('img', { name: 'QR code of HM-0419' })).toBeVisible();
  await page.goto('/');
  await expect(page.getByRole('link', { name: /HM-0417/ })).toBeVisible();
  // A scanner types the number wherever the page is, and ends with Enter.
  await page.keyboard.type('hm-0419');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'HM-0419', exact: true })).toBeVisible();
});

test('a sheet of one’s own: its key, its strip and its small checks lead the next job', async ({
  page,
}) => {
  await openDemo(page);
  await page.goto('/sheets/new');
  await field(page, 'Model').fill('Oskerry G9 front pump');
  await page.getByRole('radio', { name: 'Gerotor' }).click();
  await page.getByRole('radio', { name: 'Front pump of a transmission' }).click();
  await button(page, 'Create sheet').click();
  await page.getByRole('radio', { name: 'Variants' }).click();
  await button(page, 'Add a check').click();
  await field(page, 'What is looked at or measured').fill('Pick-up flange');
  await field(page, 'Answers, separated by ;').fill('round');
  for (const [n, name] of ['G9 early', 'G9 late'].entries()) {
    await button(page, 'Add a variant').click();
    await expect(field(page, 'Variant')).toHaveCount(n + 1);
    await field(page, 'Variant').last().fill(name);
  }
  await button(page, 'Save').click();
  await expect(page.getByText(/at least two answers/).first()).toBeVisible();
  await field(page, 'Answers, separated by ;').fill('round; square');
  await page
    .getByRole('radiogroup', { name: /Variant 1,/ })
    .getByText('round')
    .click();
  await page
    .getByRole('radiogroup', { name: /Variant 2,/ })
    .getByText('square')
    .click();

  await page.getByRole('radio', { name: 'Bench' }).click();
  await field(page, 'Step 1').fill('Pick-up off before the cover.');
  await button(page, 'Add a check').click();
  // The family brings six checks of its own: this is the seventh.
  await expect(field(page, 'Question')).toHaveCount(7);
  await field(page, 'Check').last().fill('Drive chain');
  await field(page, 'Question').last().fill('Slack of the drive chain?');
  await field(page, 'Answers, separated by ;').last().fill('tight; loose');
  await field(page, 'Expected answer').last().fill('tight');
  // What a pump of this kind has as a rule is a touch away once a list was edited.
  await expect(button(page, 'Use the usual list: Strip')).toBeVisible();
  await field(page, 'Part').first().fill('Seal of the converter');
  await button(page, 'Use the usual list: Always replaced').click();
  await expect(field(page, 'Part').first()).toHaveValue('Converter seal');
  await button(page, /^Turns freely, clutch 1/).click();
  await page.getByRole('option', { name: 'clockwise', exact: true }).click();
  await button(page, 'Save').click();
  await expect(button(page, 'Saved')).toBeVisible();

  await page.goto('/new');
  await field(page, 'Tag number').fill('HM-0417');
  await expect(page.getByText(/Tag HM-0417 is already on a job/)).toBeVisible();
  await field(page, 'Tag number').fill('T-700');
  await page.getByLabel('Find a sheet').fill('Oskerry G9');
  await page.getByRole('radio', { name: /Oskerry G9/ }).click();
  await button(page, 'Start').click();
  await expect(instruction(page)).toHaveText('Pick-up flange');
  await page.getByRole('button', { name: 'square', exact: true }).click();
  await button(page, 'Use G9 late').click();
  await expect(instruction(page)).toHaveText('Pick-up off before the cover.');

  await page.getByRole('link', { name: 'Look' }).click();
  await button(page, /: all surfaces/).click();
  await button(page, /^Drive chain/).click();
  await button(page, 'loose').click();
  await expect(page.getByText('Expected: “tight”.', { exact: false })).toBeVisible();
  await button(page, 'Record “loose”').click();
  await button(page, /: all surfaces/).click();
  await button(page, /^One-way clutch, free direction/).click();
  await button(page, 'anticlockwise').click();
  await button(page, 'Record “anticlockwise”').click();
  await page.getByRole('link', { name: 'Report' }).click();
  await expect(
    page.getByRole('main').getByText('Drive chain: loose; should be tight'),
  ).toBeVisible();
  await expect(
    page.getByRole('main').getByText('free direction: anticlockwise; should be clockwise'),
  ).toBeVisible();
});
