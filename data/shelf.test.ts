import { ledgerOf } from '../core/journal/ledger';
import { PHOTO_SCHEMA, type Photo } from '../core/records/photo';
import { NEW_SHOP } from '../core/records/shop';
import { AT } from '../core/testing/readings';
import { gearSet, shelfPart } from '../core/testing/shelf';
import { VELTRANE_T6 } from '../core/testing/sheets';
import { removeOrphans } from './orphans';
import { change, load, loadAll, remove, saveNew } from './records';
import { fitIntoJob, importParts, startBuild } from './shelf';
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
  const state = async () => {
    const part = await load('part', gears.id);
    return [part?.state, part?.takenFor];
  };

  it('are taken once: a second job is told that the part is gone', async () => {
    const id = await startBuild('T-1', [gears.id], sheet, 'service', NEW_SHOP);
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
  it('of a file are added, and change what is here but for its photos', async () => {
    const moved = { ...gears, place: 'Rack 9', revision: 0, photos: [] };
    const added = gearSet('GS-31', 20.1, { id: 'gs-31', revision: 0 });
    await importParts({ added: [added], changed: [moved], same: 0 });
    const { records, unreadable } = await loadAll('part');
    expect(unreadable).toEqual([]);
    expect(records.map((p) => [p.label, p.place]).sort()).toEqual([
      ['GS-30', 'Rack 9'],
      ['GS-31', 'Bin 4'],
    ]);
    for (const { id } of records) await remove('part', id);
  });
});
