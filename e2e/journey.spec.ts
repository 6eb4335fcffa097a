import { readFile, writeFile } from 'node:fs/promises';
import { expect, feel, instruction, newJob, openDemo, openJob, pick, saved, test } from './bench';

const GAPS = { 'Driven gear to pocket': 0.153, 'Cover wear': 0.012 } as Record<string, number>;
const FACE = 0.044;

test('a pump from its tag to the report, out as a file and back in', async ({ page }, info) => {
  await openDemo(page);
  await newJob(page, 'T-100');
  const tag = page.getByRole('heading', { name: 'T-100', exact: true });
  await expect(tag).toBeVisible();

  for (let taps = 0; taps < 60 && (await instruction(page).count()) > 0; taps++) {
    const what = await page.getByRole('heading', { level: 2 }).allTextContents();
    await feel(page, GAPS[what.find((name) => name in GAPS) ?? ''] ?? FACE);
  }
  await expect(
    page.getByRole('heading', { name: /checks? with a limit: all in\.$/ }),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Go to Report' }).click();

  await expect(page.getByRole('heading', { name: 'Pump report T-100' })).toBeVisible();
  await expect(
    page.getByRole('heading', { name: 'All 6 checks are in, as it came.' }),
  ).toBeVisible();
  await expect(
    page.getByRole('main').getByText(/Runa T\., Leaf set A: \d+ readings/),
  ).toBeVisible();
  await expect(
    page.getByRole('main').getByText(/^All checks with a limit were measured\./),
  ).toBeVisible();

  const save = (name: string) => saved(page, name, info.outputPath(name.replaceAll(' ', '-')));
  // An owner's report is one page.
  await page.getByRole('radio', { name: 'For the owner' }).click();
  const pdf = await readFile(await save('PDF'));
  expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
  expect(pdf.toString('latin1').match(/\/Type \/Page\b/g)).toHaveLength(1);
  const csv = await readFile(await save('CSV of the readings'), 'utf8');
  expect(csv.split('\r\n')[0]).toContain('leaves_mm,feel');
  const job = await save('Job file');

  await page.getByRole('link', { name: 'Tag' }).click();
  await page.getByRole('button', { name: 'Delete this job' }).click();
  await page.getByRole('button', { name: 'Delete for good' }).click();
  await expect(page.getByRole('link', { name: /HM-0417/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /T-100/ })).toHaveCount(0);

  await page.getByRole('button', { name: 'Import' }).click();
  const text = await readFile(job, 'utf8');
  const bad = async (name: string, content: string, said: RegExp) => {
    const path = info.outputPath(name);
    await writeFile(path, content);
    await pick(page, 'Choose a file', path);
    await expect(page.getByRole('alert')).toContainText('nothing was changed');
    await expect(page.getByRole('alert')).toContainText(said);
  };
  await bad(
    'short.json',
    text.slice(0, text.length / 2),
    /line \d+, column \d+: The file ends in the middle/,
  );
  await bad('newer.json', text.replace(/"version": \d+/, '"version": 99'), /newer Dial Bench/);
  await bad('other.json', '{"name":"shopping"}', /Not a Dial Bench file/);
  await bad(
    'wrong.json',
    text.replace('"felt": "free"', '"felt": "tight"'),
    /journal\[\d+\]\.felt/,
  );

  await pick(page, 'Choose a file', job);
  await expect(page.getByText('Job T-100: will be added.')).toBeVisible();
  await page.getByRole('button', { name: 'Import', exact: true }).click();
  await openJob(page, 'T-100');
  await expect(tag).toBeVisible();
});
