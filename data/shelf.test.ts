import { ledgerOf } from '../core/journal/ledger';
import { PHOTO_SCHEMA, type Photo } from '../core/records/photo';
import { NEW_SHOP } from '../core/records/shop';
import { AT } from '../core/testing/readings';
import { gearSet, shelfPart } from '../core/testing/shelf';
import { VELTRANE_T6 } from '../core/testing/sheets';
import { removeOrphans } from './orphans';
import { change, load, remove, saveNew } from './records';
import { fitIntoJob, startBuild } from './shelf';
import { keysUnder, readText, writeTexts } from './storage';

const note = (id: string) => ({ id, at: AT, by: '', of: 'part' });
const photo = (id: string, job: string): Photo => ({
  ...{ schema: PHOTO_SCHEMA, id, revision: 0, job, width: 4, height: 3 },
  jpeg: 'data:image/jpeg;base64,/9j/4AAQ',
});

describe('a loose part and its photo', () => {
  const part = shelfPart('GS-12', ['drive'], {}, { id: 'gs-12', photos: [note('of-part')] });
  const saved = () =>
    saveNew([
      { kind: 'photo', record: photo('of-part', part.id) },
      { kind: 'part', record: part },
    ]);
  const here = () => keysUnder('photo/of-part');

  it('stay together: the photo is no left-over, and goes when the part lets it go', async () => {
    await saved();
    expect(await removeOrphans()).toEqual([]);
    await change('part', part.id, (p) => ({ ...p, photos: [] }));
    expect(await here()).toEqual([]);
  });
  it('go together, and the photo is kept while a part cannot be read', async () => {
    await saved();
    await remove('part', part.id);
    expect([await here(), await load('part', part.id)]).toEqual([[], null]);
    await saved();
    const text = await readText(`part/${part.id}`);
    await writeTexts({ [`part/${part.id}`]: '{"photos"' });
    expect(await removeOrphans()).toEqual([]);
    await writeTexts({ [`part/${part.id}`]: text });
    await remove('part', part.id);
  });
});

describe('parts from the shelf and jobs', () => {
  const sheet = VELTRANE_T6;
  const gears = gearSet('GS-30', 20.04, { id: 'gs-30', sheet: sheet.id });
  beforeAll(() => saveNew([{ kind: 'part', record: gears }]));
  const build = (tag: string, ids: string[]) =>
    startBuild(ids, { tag, tier: 'service', by: '' }, sheet, NEW_SHOP);
  const state = async () => {
    const part = await load('part', gears.id);
    return [part?.state, part?.takenFor];
  };

  it('are taken once: a second job is told that the part is gone', async () => {
    const id = await build('T-1', [gears.id]);
    const job = await load('job', id);
    expect(ledgerOf(job!).operations.map((o) => [o.part, o.piece?.label])).toEqual([
      ['drive', 'GS-30'],
      ['driven', 'GS-30'],
    ]);
    expect(await state()).toEqual(['taken', 'T-1']);
    await expect(fitIntoJob({ id, tag: 'T-2' }, gears.id, '')).rejects.toThrow(/no longer/);
    await remove('job', id);
  });
  it('lie on the shelf again where the job cannot be written', async () => {
    await change('part', gears.id, (p) => ({ ...p, state: 'here', takenFor: '' }));
    await expect(fitIntoJob({ id: 'nobody', tag: 'T-3' }, gears.id, '')).rejects.toThrow();
    expect(await state()).toEqual(['here', '']);
  });
  it('lie on the shelf again, all of them, where one of a pump is gone; and no job is begun', async () => {
    const before = await keysUnder('job/');
    await expect(build('T-4', [gears.id, 'nobody'])).rejects.toThrow();
    expect([await state(), await keysUnder('job/')]).toEqual([['here', ''], before]);
  });
});
