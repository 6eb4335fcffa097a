import type { Command } from '../core/commands/command';
import { takeSheet } from '../core/commands/job';
import { restoreEntry, voidEntry } from '../core/commands/measuring';
import { ledgerOf } from '../core/journal/ledger';
import { piecesIn } from '../core/journal/pieces';
import { PHOTO_SCHEMA, type Photo } from '../core/records/photo';
import { NEW_SHOP } from '../core/records/shop';
import { AT } from '../core/testing/readings';
import { stamp } from '../core/testing/findings';
import { gearSet, shelfPart } from '../core/testing/shelf';
import { VELTRANE_T6 } from '../core/testing/sheets';
import { copySheet, createJob } from './create';
import { changeWhole } from './changing';
import { removeOrphans } from './orphans';
import { change, remove, saveNew } from './records';
import { load, loadAll } from './opened';
import { createParts, fitIntoJob, holderOf, putBack, removeJob, startBuild } from './shelf';
import { keysUnder, readText, writeTexts } from './storage';

const note = (id: string) => ({ id, at: AT, by: '', of: 'part' });
const photo = (id: string, job: string): Photo => ({
  schema: PHOTO_SCHEMA,
  id,
  revision: 0,
  job,
  width: 4,
  height: 3,
  jpeg: 'data:image/jpeg;base64,/9j/4AAQ',
});

describe.each([
  ['part', shelfPart('GS-12', ['drive'], {}, { id: 'gs-12', photos: [note('of-part')] })],
  ['sheet', { ...VELTRANE_T6, photos: [note('of-part')] }],
] as const)('a %s and its photo', (kind, record) => {
  const saved = () =>
    saveNew([
      { kind: 'photo', record: photo('of-part', record.id) },
      { kind, record } as Parameters<typeof saveNew>[0][number],
    ]);
  const here = () => keysUnder('photo/of-part');

  it('stay together: the photo is no left-over, and goes when it is taken out', async () => {
    await saved();
    expect(await removeOrphans()).toEqual([]);
    await change(kind, record.id, (r) => ({ ...r, photos: [] }));
    expect(await here()).toEqual([]);
  });
  it('go together, and the photo is kept while what it is of cannot be read', async () => {
    await saved();
    await remove(kind, record.id);
    expect([await here(), await load(kind, record.id)]).toEqual([[], null]);
    await saved();
    const text = await readText(`${kind}/${record.id}`);
    await writeTexts({ [`${kind}/${record.id}`]: '{"photos"' });
    expect(await removeOrphans()).toEqual([]);
    await writeTexts({ [`${kind}/${record.id}`]: text });
    await remove(kind, record.id);
  });
});

it('keeps the photos of a sheet with it: neither a job nor a copy of it has them', async () => {
  const pictured = { ...VELTRANE_T6, photos: [note('of-tool')] };
  await saveNew([{ kind: 'sheet', record: pictured }]);
  const tag = { tag: 'HM-9', owner: '', contact: '', unit: '', complaint: '', by: '' };
  const job = await createJob({ ...tag, tier: 'service' }, pictured, NEW_SHOP);
  const copy = await copySheet(pictured);
  expect((await load('job', job))?.sheet.photos).toEqual([]);
  expect((await load('sheet', copy))?.photos).toEqual([]);
  const later = takeSheet(pictured, 'service')((await load('job', job))!, stamp());
  expect(later.sheet.photos).toEqual([]);
  await remove('job', job);
  await remove('sheet', copy);
  await remove('sheet', pictured.id);
});

describe('parts from the shelf and jobs', () => {
  const sheet = VELTRANE_T6;
  const gears = gearSet('GS-30', 20.04, { id: 'gs-30', sheet: sheet.id });
  const body = shelfPart('HB-30', ['body'], { 'pocket-depth': 20.09 }, { id: 'hb-30' });
  beforeEach(async () => {
    for (const kind of ['job', 'part'] as const) {
      for (const { id } of (await loadAll(kind)).records) await remove(kind, id);
    }
    await saveNew([gears, body].map((record) => ({ kind: 'part', record })));
  });
  const build = (tag: string, ids: string[]) =>
    startBuild(ids, { tag, tier: 'service', by: '' }, sheet, NEW_SHOP);
  const state = async (id = gears.id) => {
    const part = await load('part', id);
    return [part?.state, part?.takenFor, part?.takenBy];
  };
  const pieces = async (id: string) => piecesIn((await load('job', id))!).map(({ label }) => label);
  const ON_SHELF = ['here', '', null];

  it('are taken once: a second job is told that the part is gone', async () => {
    const id = await build('T-1', [gears.id]);
    const job = await load('job', id);
    expect(ledgerOf(job!).operations.map((o) => [o.part, o.piece?.label])).toEqual([
      ['drive', 'GS-30'],
      ['driven', 'GS-30'],
    ]);
    expect(await state()).toEqual(['taken', 'T-1', id]);
    await expect(fitIntoJob({ id }, gears.id, '')).rejects.toThrow(/no longer/);
    expect(await pieces(id)).toEqual(['GS-30']);
  });
  it('stay on the shelf where the job cannot be written, or one of a pump is gone', async () => {
    await expect(fitIntoJob({ id: 'nobody' }, gears.id, '')).rejects.toThrow();
    await expect(build('T-4', [gears.id, 'nobody'])).rejects.toThrow();
    expect([await state(), await keysUnder('job/')]).toEqual([ON_SHELF, []]);
  });
  it('come back with an undo, whole and with what the label said, and go in again with its undo', async () => {
    const trusting = { ...NEW_SHOP, rules: { ...NEW_SHOP.rules, shelf: 'trust' as const } };
    const id = await startBuild(
      [gears.id],
      { tag: 'T-5', tier: 'service', by: '' },
      sheet,
      trusting,
    );
    const made = { id: 'undo', at: AT, by: '', voided: null };
    const done = async (command: Command) => changeWhole('job', id, (j) => command(j, made), {});
    const [, driven] = ledgerOf((await load('job', id))!).operations;
    const undone = await done(voidEntry(driven!.id, 'undone'));
    const { operations, readings } = ledgerOf(undone);
    expect([...operations, ...readings].filter(({ voided }) => voided === null)).toEqual([]);
    expect([await state(), await pieces(id)]).toEqual([ON_SHELF, []]);
    await done(restoreEntry(driven!.id));
    expect([await state(), await pieces(id)]).toEqual([['taken', 'T-5', id], ['GS-30']]);
    // Taken by another job meanwhile it cannot go in again.
    await done(voidEntry(driven!.id, 'undone'));
    const other = await build('T-6', [gears.id]);
    await expect(done(restoreEntry(driven!.id))).rejects.toThrow(/no longer/);
    expect([await pieces(id), await pieces(other)]).toEqual([[], ['GS-30']]);
  });
  it('come out of the pump where they are put back on the shelf', async () => {
    const id = await build('T-7', [gears.id, body.id]);
    const part = (await load('part', gears.id))!;
    expect((await holderOf(part))?.id).toBe(id);
    // From before the id of the job was kept.
    expect((await holderOf({ ...part, takenBy: null }))?.id).toBe(id);
    expect(await holderOf({ ...part, takenFor: 'T-8', takenBy: null })).toBeNull();
    await putBack(part, { id }, 'Runa T.');
    // Whoever still sees it in the pump is told.
    await expect(putBack(part, { id }, 'Ivo K.')).rejects.toThrow(/elsewhere/);
    expect([await state(), await state(body.id), await pieces(id)]).toEqual([
      ...[ON_SHELF, ['taken', 'T-7', id], ['HB-30']],
    ]);
  });
  it('lie on the shelf again or went with the pump where their job is deleted', async () => {
    const [one, two] = [await build('T-9', [gears.id]), await build('T-10', [body.id])];
    await removeJob((await load('job', one))!, 'back');
    await removeJob((await load('job', two))!, 'gone');
    expect([await state(), await state(body.id)]).toEqual([ON_SHELF, ['taken', 'T-10', null]]);
    expect(await keysUnder('job/')).toEqual([]);
  });
  it('have a label that no other part has, however many are made at one instant', async () => {
    const part = { sheet: sheet.id, model: sheet.model, parts: [...gears.parts] };
    const made = await Promise.all(
      [1, 2, 3].map(() => createParts([{ ...part, label: (there) => `N-${there.length}` }])),
    );
    expect(new Set(made.flat().map(({ label }) => label)).size).toBe(3);
    await expect(createParts([{ ...part, label: ' gs-30' }])).rejects.toThrow(/another part/);
    const rename = (id: string) => changeWhole('part', id, (p) => ({ ...p, label: 'X-1' }), {});
    const renamed = await Promise.allSettled([rename(gears.id), rename(body.id)]);
    expect(renamed.map(({ status }) => status).sort()).toEqual(['fulfilled', 'rejected']);
  });
});
