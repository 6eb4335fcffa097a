import { AxeBuilder } from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { answer, expect, feel, instruction, newJob, openDemo, test } from './bench';

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });
const field = (page: Page, name: string | RegExp) => page.getByRole('textbox', { name });

/** Takes a characteristic in hand from the list. */
async function turnTo(page: Page, name: string): Promise<void> {
  await button(page, /all checks/).click();
  await button(page, new RegExp(`^${name}:`)).click();
}

/** Types figures one after the other, each into the field that asks for it. */
async function read(page: Page, figures: readonly string[]): Promise<void> {
  for (const figure of figures) {
    const before = (await instruction(page).textContent()) ?? '';
    await page.keyboard.type(figure);
    await page.keyboard.press('Enter');
    await expect
      .poll(async () => (await instruction(page).allTextContents()).join())
      .not.toBe(before);
  }
}

test('a sheet of one’s own, from its first line to the verdict on a pump', async ({ page }) => {
  await openDemo(page);
  await page.goto('/sheets');
  await button(page, 'New sheet').click();
  await button(page, 'Create sheet').click();
  await expect(page.getByRole('alert')).toContainText('A sheet needs a model name');
  await field(page, 'Model').fill('Oskerry G9 oil pump');
  await page.getByRole('radio', { name: 'Gerotor' }).click();
  await button(page, 'Create sheet').click();
  await expect(page.getByRole('heading', { name: 'Oskerry G9 oil pump' })).toBeVisible();

  await page.getByRole('radio', { name: 'Pump' }).click();
  await field(page, 'Tooth arc radius, mm').fill('14');
  await button(page, 'Save').click();
  await expect(page.getByRole('alert').first()).toContainText('undercut');
  await field(page, 'Tooth arc radius, mm').fill('7,4');

  await page.getByRole('radio', { name: 'Sizes' }).click();
  await field(page, 'Pocket depth, mm').fill('16.05');
  await field(page, 'Inner rotor width, mm').fill('16');
  await page.getByRole('radio', { name: 'Bolts' }).click();
  await button(page, 'Add bolts').click();
  await field(page, 'Bolts').fill('Cover bolts');
  await field(page, 'Torque').fill('10');

  await page.getByRole('radio', { name: 'Limits' }).click();
  const most = field(page, 'Service, End clearance, inner rotor: max');
  await field(page, 'Service, End clearance, inner rotor: min').fill('0.03');
  await most.fill('1.0');
  await field(page, 'Service, Tip clearance: max').fill('8 thou');
  await button(page, 'More on Outer rotor to pocket').click();
  await page.getByRole('radio', { name: 'Per side' }).click();
  await field(page, 'Service, Outer rotor to pocket: max').fill('.15');
  await button(page, 'Save').click();
  await expect(page.getByText(/ten times off/).first()).toBeVisible();
  await expect(button(page, 'Save anyway')).toBeVisible();
  await most.fill('0.1');
  await button(page, /^Save/).click();
  await expect(button(page, 'Saved')).toBeVisible();
  await page.reload();
  await expect(most).toHaveValue('0.10');
  await expect(page.getByText(/limit per side/)).toBeVisible();

  await page.goto('/');
  await newJob(page, 'T-500', 'Oskerry G9');
  await turnTo(page, 'Tip clearance');
  await expect(page.getByRole('heading', { name: 'Tip clearance' })).toBeVisible();
  while ((await page.getByRole('heading', { name: 'Tip clearance' }).count()) > 0) {
    await feel(page, 0.12);
  }
  await turnTo(page, 'Outer rotor to pocket');
  await expect(page.getByText(/≤ 0.30/).first()).toBeVisible();
  await page.getByRole('link', { name: 'Report' }).click();
  await expect(
    page.getByRole('row', { name: /^Tip clearance In\. largest ≤ 0\.20 mm limit ≤ 0\.203 mm/ }),
  ).toBeVisible();
});

test('limits come in as CSV whole or not at all', async ({ page }) => {
  await openDemo(page);
  await page.goto('/sheets/demo-sheet-oskerry-g4');
  const give = async (text: string) => {
    const [chooser] = await Promise.all([
      page.waitForEvent('filechooser'),
      button(page, 'Read limits from CSV').click(),
    ]);
    await chooser.setFiles({ name: 'l.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  };
  const upper = field(page, 'New, Tip clearance: max');
  await give('tier,characteristic,lower_mm,upper_mm\nNew,tip,,0.11\nNew,tips,,0.2\n');
  await expect(page.getByRole('alert')).toContainText('Not imported; nothing was changed. line 3');
  await expect(upper).toHaveValue('0.12');
  await give('tier,characteristic,lower_mm,upper_mm\nNew,tip,,0.11\n');
  await expect(upper).toHaveValue('0.11');
  await expect(page.getByRole('alert')).toHaveCount(0);
});

test('a dial, a zero that is off, a warm part and a wild reading', async ({ page }) => {
  await openDemo(page);
  await newJob(page, 'T-501');
  await turnTo(page, 'Backlash');
  await field(page, 'Lever angle in degrees').fill('90');
  await field(page, 'Backlash, as installed').fill('0.4');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('0–80°');
  await field(page, 'Lever angle in degrees').fill('60');
  await field(page, 'Backlash, as installed').fill('12');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('out of range for Dial indicator');
  await button(page, 'Discard it').click();
  await field(page, 'Backlash, as installed').fill('0.4');
  await page.keyboard.press('Enter');
  await expect(field(page, 'Backlash, 120° round')).toBeVisible();
  await button(page, 'Evidence').click();
  await expect(page.getByText('lever at 60°', { exact: false })).toBeVisible();
  await expect(page.getByText('0.20 mm').first()).toBeVisible();
  await button(page, 'Back to Measure').click();

  await turnTo(page, 'Floor tilt');
  await expect(page.getByText(/With Depth mic · never zeroed/)).toBeVisible();
  await button(page, 'Instruments and gauge').click();
  await field(page, 'Setting standard, mm').fill('25');
  await field(page, 'Reads, mm').fill('27');
  await button(page, 'Save this zero').click();
  await expect(page.getByRole('alert')).toContainText('More than 1 mm off');
  await field(page, 'Reads, mm').fill('25.004');
  await button(page, 'Save this zero').click();
  await expect(page.getByText(/reads 0.004 mm high; readings are corrected/)).toBeVisible();
  await field(page, 'Part, °C').fill('hot');
  await button(page, 'Save').last().click();
  await expect(page.getByRole('alert')).toContainText('−40 °C to 150 °C');
  await field(page, 'Part, °C').fill('20');
  await button(page, 'Save').last().click();
  await button(page, 'Back to Measure').click();
  await field(page, 'Pocket depth, at 12').fill('2.024');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('far from the sheet’s 20.04 mm');
  await button(page, 'Discard it').click();
  await field(page, 'Pocket depth, at 12').focus();
  await page.keyboard.press('ControlOrMeta+a');
  await read(page, ['20.024', '20.044', '20.064']);
  await page.keyboard.type('20.044');
  await page.keyboard.press('Enter');
  await turnTo(page, 'Floor tilt');
  await expect(page.getByText(/deepest towards 6 o’clock/).first()).toBeVisible();
  // A place that is read again counts with its mean.
  await button(page, 'Evidence').click();
  await button(page, /^Read again 20.04\d? mm Pocket depth at 9/).click();
  await expect(field(page, 'Pocket depth, at 9')).toBeVisible();
  await read(page, ['20.044']);
  await button(page, 'Evidence').click();
  await expect(button(page, /^Read again .* Pocket depth at 9/)).toHaveCount(2);
  await button(page, 'Back to Measure').click();

  await page.getByRole('link', { name: 'Report' }).click();
  const paper = page.getByRole('main');
  await expect(paper.getByText(/Depth mic .* reads 0.004 mm high/)).toBeVisible();
  await expect(paper.getByText(/Part at 20 °C/)).toBeVisible();
});

test('the simulated gauge goes from size to size, and is never taken for a real one', async ({
  page,
}) => {
  await openDemo(page);
  await newJob(page, 'T-502');
  await button(page, 'Sizes').click();
  await button(page, 'Instruments and gauge').click();
  await page.getByRole('radio', { name: 'Simulated gauge' }).click();
  await expect(page.getByText('For trying out only', { exact: false })).toBeVisible();
  await button(page, 'Back to Measure').click();
  await expect(page.getByText(/Simulated gauge: .* Simulated readings/)).toBeVisible();
  await expect(field(page, 'Drive gear width, first place')).toBeVisible({ timeout: 20_000 });
  await button(page, 'Instruments and gauge').click();
  await page.getByRole('radio', { name: 'Typed' }).click();
  await button(page, 'Back to Measure').click();
  await button(page, 'Evidence').click();
  await expect(page.getByText(/simulated gauge/).first()).toBeVisible();
  await page.getByRole('link', { name: 'Report' }).click();
  await expect(page.getByRole('main').getByText(/Simulated gauge: \d+ readings/)).toBeVisible();
});

test('a body that was faced off is measured again, with what it was beside it', async ({
  page,
}) => {
  await openDemo(page);
  await newJob(page, 'T-63');
  for (let n = 0; n < 8; n++) await feel(page, 0.064);
  const wide = (page.viewportSize()?.width ?? 0) > 900;
  const turnTo = async (name: RegExp) => {
    if (!wide) await page.getByRole('button', { name: /all checks/ }).click();
    await page.getByRole('button', { name }).last().click();
  };
  await turnTo(/^End clearance, drive gear: In/);
  await page.getByRole('button', { name: 'Record work done' }).first().click();
  await page.getByRole('radio', { name: 'Faced off' }).click();
  const amount = page.getByRole('textbox', { name: /^Removed/ });
  await amount.fill('a hair');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('alert')).toContainText('not a number');
  await amount.fill('0.02');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(instruction(page)).toContainText('Straightedge across 12–6');
  await expect(
    page.getByRole('img', { name: /^No reading yet, limit .* mm, was 0.02–0.08/ }),
  ).toBeVisible();
  await expect(
    page.getByText(/Was 0.02–0.08 mm before work; should be ≤ 0.068 mm now/),
  ).toBeVisible();
  // The wall beside the gear was not touched.
  await turnTo(/^Driven gear to pocket/);
  await turnTo(/^End clearance, drive gear: Open/);
  for (let n = 0; n < 8; n++) await feel(page, 0.044);
  await page.getByRole('link', { name: 'Report' }).click();
  await expect(page.getByText('was 0.02–0.08').first()).toBeVisible();
  await expect(page.getByText(/Body: faced off by 0.02 mm, .*Runa T./).first()).toBeVisible();
  // Struck out through, the work never was: what was felt before it counts again.
  await page.getByRole('link', { name: 'Measure' }).click();
  await turnTo(/^End clearance, drive gear/);
  if (!wide) await page.getByRole('button', { name: 'Evidence' }).click();
  await page.getByRole('button', { name: 'Strike out Body: faced off by 0.02 mm' }).click();
  await expect(page.getByText(/readings below are from before it/)).toHaveCount(0);
});

test('a hand and a sweep tell what no figure does', async ({ page }) => {
  await openDemo(page);
  await newJob(page, 'T-503');
  await button(page, 'Sweep').click();
  await expect(instruction(page)).toContainText('Turn the gears one full turn');
  await button(page, /^Touches/).click();
  await turnTo(page, 'End clearance, drive gear');
  await expect(
    page.getByText(/gears touch the straightedge. No clearance there/).first(),
  ).toBeVisible();
  await turnTo(page, 'Relief plunger to bore');
  await button(page, 'By hand').click();
  await button(page, /^Binds/).click();
  await page.getByRole('link', { name: 'Report' }).click();
  await expect(
    page.getByRole('main').getByText(/it binds\. Look for burrs before you trust the figure/),
  ).toBeVisible();
});

test('a house rule is changed for one job, and the shop keeps its own', async ({ page }) => {
  await openDemo(page);
  await newJob(page, 'T-504');
  const usual = (await instruction(page).textContent()) ?? '';
  await page.getByRole('link', { name: 'Tag' }).click();
  await button(page, /^House rules of this job/).click();
  await page.getByRole('radio', { name: 'Thin and climb' }).click();
  await expect(page.getByText(/you learn the feel/)).toBeVisible();
  await page.getByRole('link', { name: 'Measure' }).click();
  await expect(instruction(page)).not.toHaveText(usual);
  await expect(instruction(page)).toContainText('Try 0.02');
  await answer(page, 'Free').click();
  await expect(instruction(page)).toContainText('Try 0.03');
  await page.goto('/shop/rules');
  await expect(page.getByRole('radio', { name: 'From the limit' })).toBeChecked();
});

test('a job keeps its sheet, says when that has changed, and may take it anew', async ({
  page,
}) => {
  await openDemo(page);
  await page.goto('/sheets/demo-sheet-veltrane-t6');
  await page.getByRole('radio', { name: 'Service' }).click();
  await field(page, 'Service, End clearance, drive gear: max').fill('0.09');
  await button(page, 'Save').click();
  await expect(button(page, 'Saved')).toBeVisible();
  await page.goto('/job/demo-job-hm-0416/report');
  await expect(
    page.getByRole('main').getByText(/sheet was changed since: .*End clearance/),
  ).toBeVisible();
  await page.getByRole('link', { name: 'Tag' }).click();
  await expect(
    page.getByText(/End clearance, drive gear: 0.02–0.08 mm is now 0.02–0.09/),
  ).toBeVisible();
  await button(page, 'Use the new sheet').click();
  await expect(page.getByText(/is now 0.02–0.09/)).toHaveCount(0);
});

test('a study, from its plan to an uncertainty that the instrument works with', async ({
  page,
}) => {
  await openDemo(page);
  await page.goto('/shop/studies');
  await button(page, 'Start').click();
  await expect(page.getByRole('alert').first()).toContainText('Say what is measured');
  await field(page, 'What is measured, and how').fill('Gear width by outside mic');
  await field(page, 'People, separated by commas').fill('Ivo K.');
  await field(page, /^Parts/).fill('A, B');
  await page.getByRole('radio', { name: 'Outside mic' }).click();
  await page.getByRole('radio', { name: 'Twice' }).click();
  await button(page, 'Start').click();
  await expect(page.getByRole('alert')).toContainText('2 to 6');
  await field(page, 'People, separated by commas').fill('Ivo K., Runa T.');
  await button(page, 'Start').click();
  for (let n = 1; n <= 8; n++) {
    await expect(page.getByText(`Reading ${n} of 8`)).toBeVisible();
    const who = (await instruction(page).textContent()) ?? '';
    const base = who.includes('part A') ? 20 : 20.05;
    const hand = who.startsWith('Ivo') ? 0.002 : 0;
    if (n === 3) {
      await page.keyboard.type('wide');
      await page.keyboard.press('Enter');
      await expect(page.getByRole('alert')).toContainText('not a number');
      await field(page, 'Reading').fill('');
    }
    await field(page, 'Reading').fill((base + hand + n * 0.0001).toFixed(4));
    await page.keyboard.press('Enter');
  }
  await expect(page.getByText(/of the scatter is from measuring/)).toBeVisible();
  await expect(page.getByRole('img', { name: /Mean of each person on each part/ })).toBeVisible();
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.filter((v) => v.impact === 'serious' || v.impact === 'critical')).toEqual([]);
  await button(page, /^Use \d\.\d µm for Outside mic/).click();
  await expect(button(page, 'Outside mic uses it')).toBeVisible();
  await page.goto('/shop/instruments');
  await expect(button(page, /^Outside mic: .* u 0\.00\d+ mm/)).toBeVisible();
});

test('an instrument is put on the list, refused where it cannot be, and used', async ({ page }) => {
  await openDemo(page);
  await page.goto('/shop/instruments');
  await button(page, 'Add an instrument').click();
  await button(page, /^Save$/).click();
  await expect(page.getByRole('alert')).toContainText('name');
  await field(page, 'Name').fill('Depth mic, new');
  await page.getByRole('radio', { name: 'Depth mic' }).click();
  await field(page, 'From, mm').fill('50');
  await button(page, /^Save$/).click();
  await expect(page.getByRole('alert')).toContainText('end is before the start');
  await field(page, 'From, mm').fill('0');
  await button(page, /^Save$/).click();
  await expect(button(page, /^Depth mic, new:/)).toBeVisible();
  await page.goto('/');
  await newJob(page, 'T-505');
  await button(page, 'Sizes').click();
  await button(page, 'Instruments and gauge').click();
  await page.getByRole('radio', { name: 'Depth mic, new' }).click();
  await button(page, 'Back to Measure').click();
  await expect(page.getByText(/With Depth mic, new/)).toBeVisible();
});
