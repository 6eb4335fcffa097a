import { readFileSync } from 'node:fs';
import { record } from '../core/journal/commands';
import { readFile } from '../core/records/readFile';
import { BLANK_PART } from '../core/records/part';
import { partId } from '../core/pumps/ids';
import { found } from '../core/testing/findings';
import { copySheet } from './create';
import { countDemo } from './demo';
import { demoHere, takeDemoAway } from './demoHere';
import { change, remove, saveNew } from './records';
import { idsOf, load } from './opened';

const text = readFileSync('public/demo/highmoor.json', 'utf8');
const demo = readFile(text);
const [job, other] = demo.jobs.map(({ id }) => id) as [string, string];
const [sheet] = demo.sheets.map(({ id }) => id) as [string];

/** Puts the demo into the store, as its file has it. */
const putDemo = () =>
  saveNew([
    ...demo.sheets.map((r) => ({ kind: 'sheet' as const, record: r })),
    ...demo.jobs.map((r) => ({ kind: 'job' as const, record: r })),
    ...demo.parts.map((r) => ({ kind: 'part' as const, record: r })),
  ]);

beforeEach(async () => {
  const file = { ok: true, blob: () => Promise.resolve({ text: () => Promise.resolve(text) }) };
  globalThis.fetch = (() => Promise.resolve(file)) as unknown as typeof fetch;
  await putDemo();
});

const idsHere = async () =>
  (await Promise.all([idsOf('job'), idsOf('sheet'), idsOf('part')])).flat();

it('goes as it came, and takes nothing of one’s own along', async () => {
  const mine = await copySheet(demo.sheets[0]!);
  expect((await load('sheet', mine))?.demo).toBeUndefined();
  expect(await countDemo()).toEqual({
    job: demo.jobs.length,
    sheet: demo.sheets.length,
    part: demo.parts.length,
  });
  const here = await demoHere();
  expect(here.own).toEqual([]);
  await takeDemoAway(here, []);
  expect(await idsHere()).toEqual([mine]);
  await remove('sheet', mine);
});

it('asks about a job with readings of one’s own, an edited sheet, and one that own parts are of', async () => {
  await change('job', job, (j) => record(j, found('deck')));
  await change('job', other, (j) => ({ ...j, stage: 'report' }));
  await change('sheet', sheet, (s) => ({ ...s, note: 'ours' }));
  const needed = demo.sheets[1]!;
  await saveNew([
    {
      kind: 'part',
      record: {
        ...BLANK_PART,
        id: 'own-part',
        createdAt: '2026-11-29T08:00:00.000Z',
        label: 'P-1',
        sheet: needed.id,
        model: needed.model,
        parts: [partId('body')],
      },
    },
  ]);
  const here = await demoHere();
  expect(here.own.map(({ id, why }) => [id, why])).toEqual([
    [job, 'measured'],
    [sheet, 'edited'],
    [needed.id, 'used'],
  ]);
  await takeDemoAway(here, here.own);
  expect((await idsHere()).sort()).toEqual([job, sheet, needed.id, 'own-part'].sort());
});
