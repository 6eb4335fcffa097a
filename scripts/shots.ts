import type { Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { writeFile } from '../core/records/fileFormat';
import { readFile } from '../core/records/readFile';
import { openDemo, pick } from '../e2e/bench';
import { withPage } from '../e2e/serve';

/** One picture of each main view, from the demo data. */
const PHONE = { width: 390, height: 844 };
const WIDE = { width: 1280, height: 800 };
const DIR = 'docs/screenshots';

interface Shot {
  readonly name: string;
  readonly path: string;
  readonly viewport: { width: number; height: number };
  readonly dark?: boolean;
  readonly ready: RegExp;
  readonly then?: (page: Page) => Promise<void>;
}

const SHOTS: readonly Shot[] = [
  { name: 'bench', path: '/', viewport: PHONE, ready: /HM-0417/ },
  {
    name: 'tag-phone',
    path: '/job/demo-job-hm-0419/tag',
    viewport: PHONE,
    ready: /Bench tag/,
    then: (page) => page.getByRole('button', { name: /^Bench tag/ }).click(),
  },
  {
    name: 'strip-phone',
    path: '/job/demo-job-hm-0421/strip',
    viewport: PHONE,
    ready: /Still possible/,
    then: async (page) => {
      await page.getByRole('button', { name: 'Not now' }).click();
      await page.getByRole('button', { name: /^to the pump/ }).click();
      await page.getByRole('button', { name: 'Done' }).click();
      await page.getByText('Step 3 of 6').waitFor();
    },
  },
  {
    name: 'defect-phone',
    path: '/job/demo-job-hm-0421/look',
    viewport: PHONE,
    ready: /inspected/,
    then: async (page) => {
      await page.getByRole('button', { name: /: all surfaces/ }).click();
      await page.getByRole('button', { name: /^Cover, wear mark of the gears/ }).click();
      await page.getByRole('button', { name: 'Defect' }).click();
      await page.getByRole('button', { name: /^Scored/ }).click();
      await page.getByRole('radio', { name: 'Nail catches' }).click();
      await page.getByRole('textbox', { name: /^Depth/ }).fill('0.03');
    },
  },
  {
    name: 'measure-phone',
    path: '/job/demo-job-hm-0417/measure',
    viewport: PHONE,
    ready: /Won’t go/,
  },
  {
    name: 'measure-phone-dark',
    path: '/job/demo-job-hm-0417/measure',
    viewport: PHONE,
    dark: true,
    ready: /Won’t go/,
  },
  {
    name: 'measure-wide',
    path: '/job/demo-job-hm-0417/measure',
    viewport: WIDE,
    ready: /Won’t go/,
  },
  {
    name: 'sizes-phone',
    path: '/job/demo-job-hm-0419/measure',
    viewport: PHONE,
    ready: /Outside mic/,
    then: async (page) => {
      await page.getByRole('button', { name: 'Zero is good' }).click();
      await page.getByRole('button', { name: 'Zero is good' }).waitFor({ state: 'detached' });
      await page.getByRole('textbox').fill('30.004');
    },
  },
  {
    name: 'history-phone',
    path: '/job/demo-job-hm-0423/history?of=face-drive',
    viewport: PHONE,
    ready: /of our/,
  },
  {
    name: 'decide-wide',
    path: '/job/demo-job-hm-0423/decide',
    viewport: WIDE,
    ready: /A new pump:/,
  },
  {
    name: 'flow-phone',
    path: '/job/demo-job-hm-0412/flow',
    viewport: PHONE,
    ready: /Anything from/,
  },
  {
    name: 'build-phone',
    path: '/job/demo-job-hm-0412/build',
    viewport: PHONE,
    ready: /Step 1 of/,
    then: async (page) => {
      await page.getByRole('button', { name: /^Step 12:/ }).click();
      await page.getByRole('button', { name: 'Do it all the same' }).click();
      await page.getByRole('button', { name: 'Checked by another hand' }).click();
      await page.getByRole('button', { name: /^Step 12:/ }).click();
      await page.getByRole('button', { name: /^Bolt 1 is/ }).click();
      await page.getByRole('button', { name: /^Bolt 5 is/ }).click();
      await page.getByRole('button', { name: /^Bolt 2 is/ }).waitFor();
    },
  },
  {
    name: 'prove-phone',
    path: '/job/demo-job-hm-0412/prove',
    viewport: PHONE,
    ready: /Not tested yet/,
    then: async (page) => {
      await page.getByRole('button', { name: 'Start: hot idle' }).click();
      await page.getByText(/ 4\d s so far\./).waitFor({ timeout: 90_000 });
      await page.getByRole('button', { name: 'Stop the run' }).click();
      await page.getByText(/^Steady: /).waitFor();
    },
  },
  // After the run of its test.
  {
    name: 'report-wide',
    path: '/shop/heading',
    viewport: WIDE,
    ready: /What stands over|stand over every report/,
    then: async (page) => {
      await page.getByLabel('Name', { exact: true }).fill('Highmoor Winter Depot · Pump shop');
      await page.getByLabel('Address').fill('Depot Road, Highmoor');
      await page.getByRole('button', { name: 'Save', exact: true }).click();
      await page.getByRole('button', { name: 'Saved' }).waitFor();
      await page.goto('/job/demo-job-hm-0412/report');
      await page.getByRole('radio', { name: 'For the owner' }).click();
      await page
        .getByText(/^On a simulated|Tested at/)
        .first()
        .waitFor();
    },
  },
  {
    name: 'sheet-wide',
    path: '/sheets/demo-sheet-veltrane-t6',
    viewport: WIDE,
    ready: /Limits: New/,
  },
  {
    name: 'import-phone',
    path: '/import',
    viewport: PHONE,
    ready: /Choose a file/,
    then: async (page) => {
      await pick(page, 'Choose a file', changedElsewhere());
      await page.getByRole('radio', { name: /^In the file: “Rack 9/ }).click();
      await page.getByText(/^Job HM-0417: Customer/).scrollIntoViewIfNeeded();
    },
  },
  { name: 'shelf-phone', path: '/shelf', viewport: PHONE, ready: /HB-1|BG-1/ },
  {
    name: 'sums-phone',
    path: '/sums/hub-fit',
    viewport: PHONE,
    ready: /Bushing bores/,
    then: async (page) => {
      await page.getByRole('button', { name: 'An example' }).click();
      await page.mouse.move(PHONE.width / 2, PHONE.height / 2);
      await page.mouse.wheel(0, -PHONE.height);
    },
  },
  { name: 'pair-wide', path: '/shelf/pair', viewport: WIDE, ready: /can be built/ },
];

/** Returns the demo as another bench has it, which changed a job and a part. */
function changedElsewhere() {
  const demo = readFile(readFileSync('public/demo/highmoor.json', 'utf8'));
  const jobs = demo.jobs.map((job) =>
    job.tag === 'HM-0417'
      ? { ...job, owner: 'County roads', complaint: 'Whines when cold, gone after ten minutes' }
      : job,
  );
  const parts = demo.parts.map((part) =>
    part.label === 'HB-1' ? { ...part, place: 'Rack 9, behind the oil' } : part,
  );
  const text = writeFile({ jobs, parts, sheets: demo.sheets }, demo.savedAt);
  return { name: 'bench-2.json', mimeType: 'application/json', buffer: Buffer.from(text) };
}

void withPage({ viewport: PHONE }, async (page) => {
  await openDemo(page);
  for (const { name, path, viewport, dark = false, ready, then } of SHOTS) {
    await page.setViewportSize(viewport);
    await page.emulateMedia({ colorScheme: dark ? 'dark' : 'light' });
    await page.goto(path);
    await page.getByText(ready).first().waitFor();
    if (then) await then(page);
    await page.waitForTimeout(500);
    await page.screenshot({ path: `${DIR}/${name}.png` });
  }
});
