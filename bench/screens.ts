import type { Page } from '@playwright/test';
import { writeFile } from '../core/records/fileFormat';
import { measuredJob } from '../core/testing/worked';
import { largestSheet } from '../demo/sheets';
import { openDemo, pick } from '../e2e/bench';
import { withPage } from '../e2e/serve';

/**
 * How many words the main views say and how far they scroll, at the size of a phone, from the demo data and a worn
 * pump of four sections. With the dist/ of an earlier version as argument both are counted, one beside the other.
 */

const PHONE = { width: 390, height: 844 };

/** A worn pump that is measured to its end: the longest answer there is. */
const FOUR = { id: 'four-sections', tag: 'HM-0999', unit: 'Airfield tug' };
const WORN = 0.9;
const SEED = 11;

interface View {
  readonly name: string;
  readonly path: string;
  readonly ready: RegExp;
  readonly then?: (page: Page) => Promise<void>;
}

const jobPath = (id: string, stage: string): string => `/job/${id}/${stage}`;
const demoPath = (tag: string, stage: string): string => jobPath(`demo-job-hm-${tag}`, stage);

const VIEWS: readonly View[] = [
  { name: 'Bench', path: '/', ready: /HM-0417/ },
  { name: 'Sheets', path: '/sheets', ready: /Veltrane T6/ },
  { name: 'Sheet', path: '/sheets/demo-sheet-veltrane-t6', ready: /Limits/ },
  { name: 'Shelf', path: '/shelf', ready: /On the shelf/ },
  { name: 'Pair', path: '/shelf/pair', ready: /can be built/ },
  { name: 'New part', path: '/shelf/new', ready: /New part/ },
  { name: 'Shop', path: '/shop', ready: /Instruments/ },
  { name: 'Tag', path: demoPath('0409', 'tag'), ready: /Bench tag/ },
  { name: 'Look', path: demoPath('0421', 'look'), ready: /inspected/ },
  { name: 'Measure', path: demoPath('0417', 'measure'), ready: /Won’t go/ },
  { name: 'Decide, HM-0405', path: demoPath('0405', 'decide'), ready: /new pump/i },
  { name: 'Decide, HM-0423', path: demoPath('0423', 'decide'), ready: /new pump/i },
  { name: 'Decide, two sections', path: demoPath('0419', 'decide'), ready: /new pump/i },
  { name: 'Decide, four sections', path: jobPath(FOUR.id, 'decide'), ready: /new pump/i },
  {
    name: 'Other plans, HM-0405',
    path: demoPath('0405', 'decide'),
    ready: /new pump/i,
    then: (page) => page.getByRole('button', { name: /^Other (ways|plans)/ }).click(),
  },
  { name: 'Report', path: demoPath('0409', 'report'), ready: /Pump report/ },
];

/** Counts what can be read, and how many times the page holds what is in sight of its longest part that scrolls. */
function counted(): { words: number; screens: number } {
  const heights = [...document.querySelectorAll<HTMLElement>('*')]
    .filter((box) => box.clientWidth > 200 && box.checkVisibility())
    .filter((box) => /auto|scroll/.test(getComputedStyle(box).overflowY))
    .map((box) => box.scrollHeight / box.clientHeight);
  return {
    words: (document.body.innerText.match(/[^\s·–—→|]+/g) ?? []).length,
    screens: Math.max(1, ...heights),
  };
}

async function addFour(page: Page): Promise<void> {
  const job = measuredJob(largestSheet(), WORN, SEED, FOUR);
  const text = writeFile({ jobs: [job] }, new Date().toISOString());
  await page.goto('/import');
  await pick(page, 'Choose a file', {
    name: 'four.json',
    mimeType: 'application/json',
    buffer: Buffer.from(text),
  });
  await page.getByRole('button', { name: 'Import', exact: true }).click();
  await page.getByRole('link', { name: new RegExp(FOUR.tag) }).waitFor();
}

async function countAll(dist: string): Promise<Map<string, string>> {
  const found = new Map<string, string>();
  await withPage(
    { viewport: PHONE },
    async (page) => {
      await openDemo(page);
      await addFour(page);
      for (const { name, path, ready, then } of VIEWS) {
        await page.goto(path);
        await page.getByText(ready).first().waitFor();
        if (then) await then(page);
        await page.waitForTimeout(700);
        const { words, screens } = await page.evaluate(counted);
        found.set(name, `${words} words, ${screens.toFixed(1)} screens`);
      }
    },
    dist,
  );
  return found;
}

async function main(): Promise<void> {
  const [earlier] = process.argv.slice(2);
  const before = earlier ? await countAll(earlier) : null;
  const now = await countAll('dist');
  console.log(`Words and heights of the main views at ${PHONE.width}x${PHONE.height}:`);
  for (const [name, is] of now) {
    console.log(`  ${name}: ${before ? `${before.get(name)} before, now ` : ''}${is}`);
  }
}

void main();
