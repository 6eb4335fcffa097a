import type { Page } from '@playwright/test';
import { smallChecks } from '../core/inspect/auxiliary';
import { hiddenOf } from '../core/practice/hidden';
import { feel } from '../core/methods/feeler';
import type { Sheet } from '../core/records/sheet';
import { DEMO_SHEETS } from '../demo/sheets';
import { evenFrom } from '../core/random';
import { lookedAt } from '../core/inspect/looking';
import { pumpOf } from '../core/pumps/registry';
import { wayRoundOf } from '../core/pumps/teardown/wayRound';
import { answer, expect, instruction, newJob, openDemo, test, withoutZero } from './bench';

/** Pumps of every family, measured as the app leads, from the first place to the last figure. */
const PUMPS = [
  'Veltrane V9 front pump',
  'Oskerry G4 oil pump',
  'Oskerry E2 oil pump',
  'Brunnick H30 gear pump',
  'Brunnick C12 cartridge',
  'Oskerry S4 vacuum pump',
] as const;

const FELT = { free: 'Free', drag: 'Drags', 'part-way': 'Part way', 'no-go': 'Won’t go' } as const;

/** What stands in the heading: the characteristic in hand. */
const inHand = (page: Page) => page.getByRole('heading', { level: 2 }).first().textContent();

/** Takes the pump apart, step by step, each part the way round that is offered last. */
async function strip(page: Page, sheet: Sheet): Promise<void> {
  await page.getByRole('link', { name: 'Strip' }).click();
  await page.getByRole('button', { name: 'Not now' }).click();
  for (const [n, step] of sheet.strip.entries()) {
    await expect(page.getByText(`Step ${n + 1} of ${sheet.strip.length}`)).toBeVisible();
    await expect(instruction(page)).toHaveText(step.do);
    const way = wayRoundOf(step.way)?.options.at(-1);
    await page.getByRole('button', { name: way?.name ?? 'Done', exact: true }).click();
  }
}

/** Looks at every surface and answers what else is asked: all of it is as it should be. */
async function look(page: Page, sheet: Sheet): Promise<void> {
  const surfaces = lookedAt({ sheet, journal: [] }).map((l) => l.surface);
  for (const [n, surface] of surfaces.entries()) {
    await expect(
      page.getByText(`${n} of ${surfaces.length} inspected`, { exact: false }),
    ).toBeVisible();
    await expect(page.getByRole('heading', { name: surface.name, exact: true })).toBeVisible();
    await page.getByRole('button', { name: 'Sound', exact: true }).click();
  }
  for (const check of smallChecks(sheet)) {
    await expect(page.getByRole('heading', { name: check.name })).toBeVisible();
    await page
      .getByRole('button', { name: check.expected || check.options[0], exact: true })
      .click();
  }
  await expect(page.getByText(`All ${surfaces.length} surfaces sound`)).toBeVisible();
}

/** Measures what the app asks for, until it asks for nothing more. */
async function measure(page: Page, sheet: Sheet): Promise<void> {
  const settle = page.getByRole('button', { name: /^Read the sizes that decide/ });
  await follow(page, sheet);
  // What leaves leave open of a sum its sizes tell: asked for, they are led to as well.
  for (let n = 0; n < 6 && (await settle.count()) > 0; n++) {
    await settle.click();
    await follow(page, sheet);
  }
  await expect(page.getByText('Every check with a limit has its verdict.')).toBeVisible();
}

/** Follows the instructions for as long as there are any. */
async function follow(page: Page, sheet: Sheet): Promise<void> {
  await expect(
    instruction(page)
      .or(page.getByRole('button', { name: 'Go to Report' }))
      .first(),
  ).toBeVisible();
  const { characteristics, dimensions } = pumpOf(sheet);
  const hidden = hiddenOf(sheet, 'service', 0.45, {}, evenFrom(9));
  for (let n = 0; n < 80 && (await instruction(page).count()) > 0; n++) {
    const before = (await instruction(page).textContent()) ?? '';
    if (await withoutZero(page).isVisible()) {
      // Looking for it to be gone lets the page's handler go on without a zero.
      await expect(withoutZero(page)).toHaveCount(0);
      continue;
    }
    const name = await inHand(page);
    const c = characteristics.find((other) => other.name === name)!;
    if (/ Try /.test(before)) {
      const together = /= ([\d.]+) together/.exec(before)?.[1];
      const leaf = Number(together ?? /Try ([\d.]+)/.exec(before)?.[1]);
      const station = c.stations.find((s) => before.startsWith(s.instruction))!;
      await answer(page, FELT[feel(leaf, hidden.gap(c.id, station.id))]).click();
    } else {
      const field = page.getByRole('textbox').last();
      const label = (await field.getAttribute('aria-label')) ?? '';
      const d = dimensions.find((other) => label.startsWith(`${other.name}, `));
      const swung = c.swing?.stations.find((s) => before.startsWith(s.instruction));
      const mm = swung ? hidden.swing(c.id, swung.id) : hidden.size(d!.id, '');
      await field.fill(mm.toFixed(3));
      await field.press('Enter');
    }
    await expect
      .poll(async () => {
        const next = (await instruction(page).allTextContents()).join();
        return next !== before || (await inHand(page)) !== name;
      })
      .toBe(true);
  }
}

for (const model of PUMPS) {
  test(`${model} is taken apart, inspected and led to a verdict on all that has a limit`, async ({
    page,
  }) => {
    const sheet = DEMO_SHEETS.find((s) => s.model === model)!;
    await openDemo(page);
    await newJob(page, 'F-1', model);
    await measure(page, sheet);
    await strip(page, sheet);
    await page.getByRole('button', { name: 'Go to Look' }).click();
    await look(page, sheet);
    await page.getByRole('link', { name: 'Report' }).click();
    const paper = page.getByRole('main');
    await expect(paper.getByText(/^All checks with a limit were measured\./)).toBeVisible();
    await expect(
      paper.getByRole('heading', { name: /^All \d+ checks are in, as it came\./ }),
    ).toBeVisible();
    await expect(paper.getByText('Open.', { exact: true })).toHaveCount(0);
  });
}

test('a whole bench goes into a backup and comes back on an empty one', async ({
  page,
  browser,
}) => {
  await openDemo(page);
  await page.goto('/shop/rules');
  await page.getByRole('radio', { name: 'Snug' }).click();
  await expect(page.getByRole('radio', { name: 'Snug' })).toBeChecked();
  await page.goto('/shop');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save a backup' }).click(),
  ]);
  const path = await download.path();
  const context = await browser.newContext({ viewport: page.viewportSize() });
  const other = await context.newPage();
  await other.goto('/import');
  const [chooser] = await Promise.all([
    other.waitForEvent('filechooser'),
    other.getByRole('button', { name: 'Choose a file' }).click(),
  ]);
  await chooser.setFiles(path);
  await expect(other.getByText('The shop’s settings: will be added.')).toBeVisible();
  await other.getByRole('button', { name: 'Import', exact: true }).click();
  await expect(other.getByRole('link', { name: /HM-0417/ })).toBeVisible();
  await other.goto('/shop/rules');
  await expect(other.getByRole('radio', { name: 'Snug' })).toBeChecked();
  await context.close();
});
