import type { Page } from '@playwright/test';
import { readFile, writeFile } from 'node:fs/promises';
import { putTexts, textsUnder } from './database';
import { answer, expect, instruction, newJob, openDemo, pick, test } from './bench';
import { strToU8, strFromU8, unzipSync, zipSync } from 'fflate';

type Texts = Readonly<Record<string, string | null>>;

const JOB = 'demo-job-hm-0417';
const field = (page: Page, name: string) => page.getByRole('textbox', { name, exact: true });
const button = (page: Page, name: string) => page.getByRole('button', { name, exact: true });

/** What may become of a job in storage, of its head and of what lies beside it. */
const ODD: readonly ((head: Record<string, unknown>, brief: string) => Texts)[] = [
  () => ({ job: 'null' }),
  () => ({ job: '[]' }),
  (head) => ({ job: JSON.stringify({ ...head, id: 'another' }) }),
  (head) => ({
    job: JSON.stringify({ ...head, createdAt: '2026-02-31T10:00:00Z', due: '2026-99-99' }),
  }),
  (head) => ({ job: JSON.stringify({ ...head, journal: 4000 }) }),
  () => ({ copy: '{"family":"none"}' }),
  () => ({ copy: null }),
  () => ({ brief: '{"id":7}' }),
  (_, brief) => ({ brief: brief.replace('"lastAt":"', '"lastAt":"not a day ') }),
  (_, brief) => ({ brief: brief.replace('"stage":"', '"stage":"no ') }),
  () => ({ brief: null }),
];

/** What may become of a loose part in storage. */
const ODD_PARTS: readonly ((part: Record<string, unknown>) => string)[] = [
  () => 'null',
  (part) => JSON.stringify({ ...part, schema: 99 }),
  (part) => JSON.stringify({ ...part, sizes: 'none' }),
  (part) => JSON.stringify({ ...part, sheet: 'gone' }),
  (part) => JSON.stringify({ ...part, parts: ['no-such-part'], variant: 'none' }),
  (part) => JSON.stringify({ ...part, photos: [{ id: 'lost', at: 'never', by: '', of: 'part' }] }),
  (part) =>
    JSON.stringify({
      ...part,
      sizes: [{ dimension: 'no-such-size', value_mm: 5000, u_mm: 1 }],
      label: 'x'.repeat(200),
    }),
];

test('no record, however odd, blanks a page', async ({ page }) => {
  await openDemo(page);
  const heads = Object.entries(await textsUnder(page, 'job/'));
  const briefs = await textsUnder(page, 'brief/');
  const changed = ODD.map((odd, n) => {
    const [key, text] = heads[n] as [string, string];
    const id = key.slice('job/'.length);
    const head = JSON.parse(text) as Record<string, unknown>;
    const texts = odd(head, briefs[`brief/${id}`] ?? '');
    return { id, texts: Object.entries(texts).map(([kind, t]) => [`${kind}/${id}`, t] as const) };
  });
  await putTexts(page, Object.fromEntries(changed.flatMap(({ texts }) => texts)));
  await page.goto('/');
  // Every job is listed whatever became of it.
  await expect(page.locator('a[href^="/job/"]')).toHaveCount(heads.length);
  for (const [n, { id }] of changed.entries()) {
    await page.goto(`/job/${id}/tag`);
    await expect(page.getByRole('main').getByRole('heading').first(), `odd ${n}`).toBeVisible();
  }
  const parts = Object.entries(await textsUnder(page, 'part/'));
  const odd = ODD_PARTS.map((change, n) => {
    const [key, text] = parts[n] as [string, string];
    return [key, change(JSON.parse(text) as Record<string, unknown>)] as const;
  });
  await putTexts(page, Object.fromEntries(odd));
  await page.goto('/shelf');
  await expect(page.getByText('Veltrane T6 front pump', { exact: false }).first()).toBeVisible();
  await expect(page.getByRole('alert').first()).toBeVisible();
  for (const path of [...odd.map(([key]) => key.replace('part/', '/shelf/')), '/shelf/pair']) {
    await page.goto(path);
    await expect(page.getByRole('main').getByRole('heading').first(), path).toBeVisible();
  }
  await page.goto('/job/demo-job-hm-0423/decide');
  await button(page, 'More about this pump').click();
  await button(page, 'Parts on the shelf').click();
  await expect(button(page, 'Back to the answer')).toBeVisible();
});

test('storage that is closed to the app is said in every room, and nothing looks empty', async ({
  page,
  heard,
}) => {
  await page.addInitScript(() => {
    IDBFactory.prototype.open = () => {
      throw new DOMException('closed', 'SecurityError');
    };
  });
  for (const room of ['/', '/sheets', '/shelf', '/shop', '/shop/studies', `/job/${JOB}/measure`]) {
    await page.goto(room);
    await expect(page.getByText(/does not let the app read what it stored/).first()).toBeVisible();
    await expect(page.getByText('No job on the bench yet')).toHaveCount(0);
    await expect(page.getByText('No sheet yet', { exact: false })).toHaveCount(0);
  }
  heard.problems.length = 0;
});

test('two tabs edit one tag: what each changed stays, and what both changed is asked about', async ({
  page,
  context,
}) => {
  await openDemo(page);
  await page.goto(`/job/${JOB}/tag`);
  const other = await context.newPage();
  await other.goto(`/job/${JOB}/tag`);
  await field(page, 'Serial number').fill('SN 77');
  await field(page, 'Complaint').fill('Whines cold');
  await field(other, 'Vehicle or machine').fill('Gritter 12');
  await field(other, 'Complaint').fill('Slips in third');
  await button(other, 'Save').click();
  await expect(button(other, 'Saved')).toBeVisible();

  // Nothing that is typed here went, what was not touched followed, and the complaint is asked about.
  await expect(field(page, 'Vehicle or machine')).toHaveValue('Gritter 12');
  await expect(field(page, 'Serial number')).toHaveValue('SN 77');
  await expect(
    page.getByText(/The complaint was changed elsewhere, to “Slips in third”/),
  ).toBeVisible();
  await expect(field(page, 'Complaint')).toHaveValue('Whines cold');
  await button(page, 'Keep mine').click();
  await button(page, 'Save').click();
  await expect(button(page, 'Saved')).toBeVisible();
  await expect(field(other, 'Complaint')).toHaveValue('Whines cold');
  await expect(field(other, 'Serial number')).toHaveValue('SN 77');

  // A reload in the middle of typing, and a switch of the unit, lose nothing.
  await page.goto('/shop/instruments');
  await page.getByRole('button', { name: /^Depth mic/ }).click();
  await field(page, 'Name').fill('Depth mic, the old one');
  await page.waitForTimeout(600);
  await page.reload();
  await page.getByRole('button', { name: /^Depth mic/ }).click();
  await expect(field(page, 'Name')).toHaveValue('Depth mic, the old one');
  await other.goto('/shop');
  await other.getByRole('radio', { name: 'thou and inch' }).click();
  await expect(field(page, 'Name')).toHaveValue('Depth mic, the old one');
  await button(page, 'Save').click();
  await expect(page.getByRole('button', { name: /^Depth mic, the old one/ })).toBeVisible();
});

test('a backup with a record that is none gives the others, and says so before', async ({
  page,
}, info) => {
  await openDemo(page);
  await page.goto('/shop');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    button(page, 'Save a backup').click(),
  ]);
  const main = page.getByRole('main');
  await expect(main.getByText(/Written, read back and counted: 17 jobs, 9 sheets/)).toBeVisible();
  const file = info.outputPath('backup.zip');
  await download.saveAs(file);

  const parts = unzipSync(new Uint8Array(await readFile(file)));
  const jobs = strFromU8(parts['jobs-0.ndjson']!).trim().split('\n');
  const [first, ...rest] = jobs as [string, ...string[]];
  parts['jobs-0.ndjson'] = strToU8([first.replace('"felt":"', '"felt":"not '), ...rest].join('\n'));
  const broken = info.outputPath('broken.zip');
  await writeFile(broken, zipSync(parts));

  // On a bench where one of those jobs went on: nothing of that may go.
  await page.goto('/');
  await newJob(page, 'T-300');
  const url = page.url();
  const before = await instruction(page).textContent();
  await answer(page, 'Won’t go').click();
  await expect(instruction(page)).not.toHaveText(before ?? '');
  await page.goto('/import');
  await pick(page, 'Choose a file', broken);
  await expect(page.getByText('One record is not imported.')).toBeVisible();
  await expect(page.getByText(/Job HM-.*felt/)).toBeVisible();
  const [aside] = await Promise.all([
    page.waitForEvent('download'),
    button(page, 'Save these as they are').click(),
  ]);
  expect(JSON.parse(await readFile(await aside.path(), 'utf8'))).toHaveLength(1);
  await expect(page.getByText('55 records are here already, unchanged.')).toBeVisible();
  await page.goto(url);
  await page.getByRole('button', { name: 'Evidence' }).click();
  await expect(page.getByRole('button', { name: /^Strike out/ })).toHaveCount(1);
});

test('an older file of a job brings nothing back that was struck, and says what it has', async ({
  page,
}, info) => {
  await openDemo(page);
  await page.goto(`/job/${JOB}/report`);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Job file' }).click(),
  ]);
  const file = info.outputPath('job.json');
  await download.saveAs(file);
  await page.goto(`/job/${JOB}/measure`);
  const clean = page.getByRole('button', { name: /^Clean and dry/ });
  if (await clean.isVisible().catch(() => false)) await clean.click();
  const before = await instruction(page).textContent();
  await answer(page, 'Free').click();
  await expect(instruction(page)).not.toHaveText(before ?? '');
  await page.goto('/import');
  await pick(page, 'Choose a file', file);
  await expect(
    page.getByText(
      /^Job HM-0417: stays as it is here; the file has nothing new\. \d+ readings here, \d+ in the file, 0 new\.$/,
    ),
  ).toBeVisible();
  await expect(button(page, 'Import')).toBeDisabled();
});

test('two quick taps on Start and on Copy do one thing, and a form that was left is there again', async ({
  page,
}) => {
  await openDemo(page);
  await page.goto('/new');
  await field(page, 'Tag number').fill('T-301');
  await page.waitForTimeout(600);
  await page.goto('/');
  // What was typed and not started is there again.
  await page.goto('/new');
  await expect(field(page, 'Tag number')).toHaveValue('T-301');
  await page.getByRole('radio', { name: /Veltrane T6/ }).click();
  await button(page, 'Start').dblclick();
  await expect(page).toHaveURL(/\/strip$/);
  await page.goto('/new');
  await expect(field(page, 'Tag number')).toHaveValue('');
  await page.goto('/');
  await expect(page.getByRole('link', { name: /T-301/ })).toHaveCount(1);
  await page.goto('/sheets');
  await page.getByRole('button', { name: 'Copy Veltrane T6 front pump' }).dblclick();
  await expect(page).toHaveURL(/sheets\/.+/);
  await page.goto('/sheets');
  await expect(page.getByRole('link', { name: /Veltrane T6 front pump \(copy\)/ })).toHaveCount(1);
});
