import { largeJob } from '../demo/large';
import { writeFile } from '../core/records/fileFormat';
import { answer, expect, instruction, openDemo, pick, test } from './bench';
import { countedIn, countIn, modulesRun, scriptsOf, type Counted } from './counting';

/*
 * What no clock is needed for: how much is loaded, run, drawn and written. A figure that is over says in a sentence what
 * grew; whoever has to raise one says why in the commit.
 */

/** Bytes of JavaScript. */
const ENTRY = 1_742_000;
const BENCH = 2_117_000;
const RESUMED = 2_240_500;

/** Modules that have run when the first screen is there. */
const BENCH_MODULES = 710;
const RESUMED_MODULES = 740;

const JOB = '/job/demo-job-hm-0417/measure';
const NEXT = '[role=status][aria-label=Next]';
const ROW = 'a[href^="/job/"]';

const sum = (sizes: Readonly<Record<string, number>>): number =>
  Object.values(sizes).reduce((all, one) => all + one, 0);

test('the first page and a resumed job load no more script than they need, and run little of it', async ({
  page,
}) => {
  await openDemo(page);
  const bench = await scriptsOf(page, '/', ROW);
  const resumed = await scriptsOf(page, JOB, NEXT);
  expect(bench.index, 'The entry script grew: see what the bench imports').toBeLessThan(ENTRY);
  expect(sum(bench), 'The bench loads more: something is shared by two rooms').toBeLessThan(BENCH);
  expect(sum(resumed), 'A resumed job loads more script').toBeLessThan(RESUMED);
  const first = await modulesRun(page, '/', ROW);
  expect(first, 'More modules run before the bench is there').toBeLessThan(BENCH_MODULES);
  // As many as that at least: where none is found, nothing was counted.
  expect(first).toBeGreaterThan(300);
  const job = await modulesRun(page, JOB, NEXT);
  expect(job, 'More modules run before a job is there').toBeLessThan(RESUMED_MODULES);
});

/** What a tap may cost: the middle one of several, and the dearest. */
interface Budget {
  readonly first: readonly [middle: number, most: number];
  readonly drawn: readonly [middle: number, most: number];
  readonly writes: number;
  readonly bytes: number;
  readonly strokes: number;
}

const TAPS = 6;

const CRESCENT: Budget = {
  first: [25, 110],
  drawn: [145, 230],
  writes: 3,
  bytes: 12_000,
  strokes: 1,
};

/** However long a journal is, a tap writes its last piece. */
const LARGE: Budget = { ...CRESCENT, bytes: 6_500 };

const middle = (all: readonly number[]): number =>
  [...all].sort((a, b) => a - b)[Math.floor(all.length / 2)] ?? NaN;

/** Holds what taps cost to a budget. */
function hold(taps: readonly Counted[], budget: Budget): void {
  const of = (name: keyof Counted) => taps.map((tap) => tap[name]);
  const most = (name: keyof Counted) => Math.max(...of(name));
  for (const [name, what] of [
    ['first', 'until the next instruction is there'],
    ['drawn', 'in all'],
  ] as const) {
    const [usual, dearest] = budget[name];
    expect(middle(of(name)), `A tap draws more components ${what}`).toBeLessThanOrEqual(usual);
    expect(most(name), `The dearest tap draws more ${what}`).toBeLessThanOrEqual(dearest);
  }
  expect(Math.min(...of('first')), 'Nothing was counted').toBeGreaterThan(10);
  expect(most('writes'), 'A tap writes more texts').toBeLessThanOrEqual(budget.writes);
  expect(most('bytes'), 'A tap writes more bytes').toBeLessThanOrEqual(budget.bytes);
  expect(most('strokes'), 'A tap writes in more than one stroke').toBeLessThanOrEqual(
    budget.strokes,
  );
  expect(most('asked'), 'A plan was begun while somebody measures').toBe(0);
}

test('a tap draws, writes and asks for little, on a fresh pump and on a job of 2,000 readings', async ({
  page,
}) => {
  await countIn(page);
  await openDemo(page);
  await page.goto(JOB);
  await instruction(page).waitFor();
  // What is planned while the hand rests is under way.
  await page.waitForTimeout(1500);
  const taps: Counted[] = [];
  for (let n = 0; n < TAPS; n++) {
    taps.push(await countedIn(page, () => answer(page, 'Won’t go').click()));
  }
  hold(taps, CRESCENT);

  const large = largeJob(2000);
  await page.goto('/import');
  await pick(page, 'Choose a file', {
    name: 'large.json',
    mimeType: 'application/json',
    buffer: Buffer.from(writeFile({ jobs: [large] }, large.createdAt)),
  });
  await page.getByRole('button', { name: 'Import', exact: true }).click();
  await page.getByRole('link', { name: /LARGE-1/ }).click();
  await instruction(page).waitFor();
  await page.waitForTimeout(1500);
  const more: Counted[] = [];
  for (const check of ['Tip to body, drive gear', 'Plate wear, front']) {
    await page.getByRole('button', { name: /all checks/ }).click();
    await page.getByRole('button', { name: new RegExp(`^Section 3: ${check}`) }).click();
    await answer(page, 'Free').waitFor();
    await page.waitForTimeout(700);
    more.push(await countedIn(page, () => answer(page, 'Free').click()));
  }
  hold(more, LARGE);
});
