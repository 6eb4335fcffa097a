import type { Page } from '@playwright/test';
import { journalIn } from './database';
import {
  answer,
  expect,
  feel,
  instruction,
  newJob,
  openDemo,
  test,
  withoutZero,
  typeAsGauge,
} from './bench';

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });
const field = (page: Page, name: string | RegExp) => page.getByRole('textbox', { name });

/** The journal of a job as it lies in storage. */
const entriesIn = async (page: Page, id: string) =>
  (await journalIn(page, id)) as unknown as { kind: string; at: string; text?: string }[];

test('the demo opens beside one’s own jobs, and is taken away without touching them', async ({
  page,
}) => {
  await page.goto('/');
  await expect(page.getByText('Measure now')).toHaveCount(1);
  await button(page, /^Measure now, without/).click();
  await page.getByLabel('Kind of pump').click();
  await page.getByRole('option', { name: 'External gear' }).click();
  await page.getByRole('radio', { name: 'Bushing blocks inside the body' }).click();
  await field(page, 'Max, limit 1').fill('0.1');
  await button(page, 'Start measuring').click();
  await page.getByRole('radio', { name: 'As it came' }).click();
  await button(page, /^Clean and dry/).click();
  await expect(page.getByText(/^1 of 1 with a limit/)).toBeVisible();
  for (let n = 0; n < 20 && (await answer(page, 'Won’t go').count()) > 0; n++) {
    await feel(page, 0.05);
  }
  await button(page, 'Go to Decide').click();
  await expect(page.getByText(/\d+ other checks have no limit here/)).toBeVisible();

  await page.goto('/sheets');
  await button(page, 'Open the demo').click();
  await expect(page.getByText(/^It is here with 17 jobs, 9 sheets/)).toBeVisible();
  await page.goto('/');
  await expect(page.getByRole('link', { name: /NOW-/ })).toBeVisible();
  await page.getByRole('link', { name: /HM-0417/ }).click();
  await page.getByRole('link', { name: 'Measure' }).click();
  // Stored before the next instruction stands there: then the page may be left.
  await feel(page, 0);
  await page.goto('/shop');
  await button(page, 'Take the demo away').click();
  await expect(page.getByText('HM-0417: one entry of yours')).toBeVisible();
  await button(page, /^Keep the one I worked on/).click();
  await expect(page.getByText(/^It is here with 1 job, 0 sheets/)).toBeVisible();
  await page.goto('/');
  await expect(page.getByRole('link', { name: /HM-0417/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /NOW-/ })).toBeVisible();
  await expect(page.getByRole('listitem')).toHaveCount(2);
  await page.goto('/shop/notices');
  await page.getByRole('button', { name: /barlow-semi-condensed/ }).click();
  await expect(page.getByText(/SIL OPEN FONT LICENSE/i).first()).toBeVisible();
});

test('a zero before the first size, a gauge that types after Undo, words that explain themselves, paper', async ({
  page,
}) => {
  await openDemo(page);
  await newJob(page, 'D-1');
  const id = /job\/([^/]+)/.exec(page.url())?.[1] ?? '';
  const next = (await instruction(page).textContent()) ?? '';

  // A touch on the dotted words says what they mean, and Escape gives the step back.
  await instruction(page).getByRole('button').click();
  const meaning = page.getByRole('dialog', { name: 'What the words mean' });
  await expect(meaning.getByRole('heading', { name: 'Straightedge' })).toBeVisible();
  await expect(meaning.getByRole('heading', { name: 'Part way' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(meaning).toHaveCount(0);
  await expect(instruction(page)).toHaveText(next);

  await page.removeLocatorHandler(withoutZero(page));
  await button(page, 'Sizes').click();
  await expect(instruction(page)).toContainText('Depth mic: zero it before its first size');
  await field(page, /^Setting standard/).fill('25');
  await button(page, 'Zero is good').click();
  const depth = field(page, 'Pocket depth, at 12');
  await expect(depth).toBeVisible();
  await depth.fill('20.044');
  await depth.press('Enter');
  await expect(field(page, 'Pocket depth, at 3')).toBeVisible();
  await page.waitForTimeout(800);
  await button(page, 'Undo').click();
  await expect(depth).toBeVisible();
  await page.waitForTimeout(600);
  // The button has the focus: what the gauge types is taken all the same.
  await typeAsGauge(page, '20.041');
  await expect(field(page, 'Pocket depth, at 3')).toBeVisible();
  const sizes = (await entriesIn(page, id)).filter(({ kind }) => kind === 'size');
  expect(sizes.map((r) => r.text)).toEqual(['20.044', '20.041']);

  // Paper: what cannot be read stays in its box, the rest is taken with the paper's date.
  await button(page, 'Leaves').click();
  await button(page, 'Instruments and gauge').click();
  await button(page, /^Print a paper sheet/).click();
  await page.getByLabel('Date on the paper').fill('3.11.2026');
  const box = (place: string, name: string) =>
    page.getByLabel(`End clearance, driven gear, ${place}: ${name}`);
  await box('12, away from the crescent', 'Goes in').fill('0.04');
  await box('12, away from the crescent', 'Won’t go').fill('0.06');
  await box('3', 'Goes in').fill('0,0X');
  await button(page, 'Save these readings').click();
  await expect(page.getByText(/^2 readings saved, with the paper’s date\. One box/)).toBeVisible();
  await expect(page.getByRole('alert')).toContainText('is not a number');
  await page.reload();
  await button(page, 'Instruments and gauge').click();
  await button(page, /^Print a paper sheet/).click();
  await expect(box('3', 'Goes in')).toHaveValue('0,0X');
  const leaves = (await entriesIn(page, id)).filter(({ kind }) => kind === 'leaf');
  expect(leaves.map(({ at }) => at.slice(0, 10))).toEqual(['2026-11-03', '2026-11-03']);
});

test('a pump without a published limit: what is fitted is asked, and a person accepts with a reason', async ({
  page,
}) => {
  await page.goto('/sheets/new');
  await field(page, 'Model').fill('Brunnick T2 transfer pump');
  await page.getByRole('radio', { name: 'External gear' }).click();
  await page
    .getByRole('radiogroup', { name: 'Drain behind the shaft seal' })
    .getByRole('radio', { name: 'A hole each side, one plugged' })
    .click();
  await button(page, 'Create sheet').click();
  await expect(page.getByRole('heading', { name: 'Brunnick T2 transfer pump' })).toBeVisible();
  await page.goto('/');
  await button(page, 'New job').click();
  await field(page, 'Tag number').fill('W-8');
  const sheet = page.getByRole('radio', { name: /Brunnick T2/ });
  if ((await sheet.count()) > 0) await sheet.click();
  await button(page, 'Start').click();
  await page.getByRole('link', { name: 'Strip' }).click();
  await expect(instruction(page)).toContainText('on which side the drain plug is');
  await button(page, /^inlet side$/i).click();
  await page.getByRole('link', { name: 'Report' }).click();
  await expect(page.getByText(/that blows the seal/).first()).toBeVisible();

  await page.getByRole('link', { name: 'Measure' }).click();
  await page.getByRole('radio', { name: 'As it came' }).click();
  await button(page, /^Clean and dry/).click();
  await expect(answer(page, 'Won’t go')).toBeVisible();
  for (let n = 0; n < 12 && (await answer(page, 'Won’t go').count()) > 0; n++) {
    await feel(page, 0.05);
  }
  await page.getByRole('link', { name: 'Decide' }).click();
  await button(page, /no published limit/).click();
  await page.getByRole('checkbox').first().click();
  await button(page, 'The tightest of ours so far').click();
  await expect(page.getByText(/Accepted because: the tightest of ours so far/)).toBeVisible();
  await page.getByRole('link', { name: 'Report' }).click();
  const paper = page.getByRole('main');
  await expect(paper.getByText(/Accepted because: the tightest of ours so far/)).toHaveCount(2);
});
