import { change, saveNew } from '../records';
import { load, loadAll } from '../opened';
import { fitIntoJob } from '../shelf';
import { TransferDesk } from './desk';

import {
  job,
  sheet,
  photo,
  shows,
  part,
  quietly,
  AT,
  fileOf,
  empty,
  backup,
  planned,
  imported,
  effects,
  keptRecords,
} from '../testing/transfer';

beforeEach(empty);

describe('a table of loose parts', () => {
  const model = 'Veltrane T6 front pump';
  const table = (...lines: string[]) =>
    new Blob([['label,model,parts,drive-width_mm,place', ...lines].join('\n')], {
      type: 'text/csv',
    });
  const shelf = async () =>
    (await loadAll('part')).records.map((p) => `${p.label} ${p.place} ${p.state}`).sort();
  beforeEach(() =>
    saveNew([
      { kind: 'sheet', record: sheet! },
      { kind: 'part', record: part },
    ]),
  );

  it('is shown line by line before it is taken, and taken in one stroke', async () => {
    const file = table(`GS-12,${model},drive;driven,,Rack 9`, `GS-13,${model},drive,20.01,`);
    expect(await effects(file)).toEqual(['part GS-12: older', 'part GS-13: add']);
    await imported(file);
    expect(await shelf()).toEqual(['GS-12 Rack 9 here', 'GS-13  here']);
    expect(await effects(table(`GS-12,${model},drive;driven,,Rack 9`))).toEqual([
      'part GS-12: same',
    ]);
  });
  it('is refused whole where a line is wrong', async () => {
    const desk = new TransferDesk();
    const outcome = await desk.plan(table(`GS-13,${model},drive,deep,`), quietly);
    expect(outcome).toMatchObject({
      ok: false,
      problems: [{ place: 'line 2, column drive-width_mm' }],
    });
    expect(await shelf()).toEqual(['GS-12 bin 4 here']);
  });
  it('is brought together by field with what became of a part meanwhile', async () => {
    const desk = new TransferDesk();
    await planned(table(`GS-12,${model},drive;driven,,Rack 9`), desk);
    await change('part', part.id, (p) => ({ ...p, state: 'taken', takenFor: 'HM-0423' }));
    expect(await desk.apply(quietly)).toMatchObject({ ok: true });
    expect(await shelf()).toEqual(['GS-12 Rack 9 taken']);
  });
  it('is not taken at all where a line changes what was changed here since it was looked at', async () => {
    const desk = new TransferDesk();
    await planned(
      table(`GS-12,${model},drive;driven,,Rack 9`, `GS-13,${model},drive,20.01,`),
      desk,
    );
    await change('part', part.id, (p) => ({ ...p, place: 'Bin 5' }));
    expect(await desk.apply(quietly)).toMatchObject({
      ok: false,
      problems: [{ message: expect.stringMatching(/Nothing was imported/) as string }],
    });
    expect(await shelf()).toEqual(['GS-12 Bin 5 here']);
  });
});

describe('the photos of a loose part', () => {
  const shown = (owner: string) => ({
    ...part,
    photos: [{ id: 'p-9', at: AT, by: '', of: 'part' }],
    id: owner,
  });
  it('come with it in a file and in a backup', async () => {
    await imported(fileOf({ parts: [shown('part-1')], photos: [photo('p-9', 'part-1')] }));
    expect(await load('photo', 'p-9')).toMatchObject({ job: 'part-1' });
    const all = await keptRecords();
    const file = await backup();
    await empty();
    await imported(file);
    expect(await keptRecords()).toEqual(all);
  });
  it('come with a sheet too, which shows its tools by them', async () => {
    const shows = { ...sheet!, photos: [{ id: 'p-8', at: AT, by: '', of: 'drift' }] };
    await imported(fileOf({ sheets: [shows], photos: [photo('p-8', shows.id)] }));
    expect(await load('photo', 'p-8')).toMatchObject({ job: shows.id });
    const all = await keptRecords();
    const file = await backup();
    await empty();
    await imported(file);
    expect(await keptRecords()).toEqual(all);
    const foreign = fileOf({
      sheets: [{ ...shows, id: 'other' }],
      photos: [photo('p-8', shows.id)],
    });
    expect((await planned(foreign)).notTaken.map(({ kind }) => kind)).toEqual(['sheet', 'photo']);
  });
  it('are nobody else’s: a part that shows one of a job is refused', async () => {
    await saveNew([
      { kind: 'job', record: shows(job, 'p-9') },
      { kind: 'photo', record: photo('p-9') },
    ]);
    const { lines, notTaken } = await planned(
      fileOf({ parts: [shown('part-1')], sheets: [sheet!], photos: [photo('p-9', 'part-1')] }),
    );
    expect(lines.map(({ kind }) => kind)).toEqual(['sheet']);
    expect(notTaken.map(({ kind }) => kind)).toEqual(['part', 'photo']);
    expect(await load('photo', 'p-9')).toMatchObject({ job: job.id });
  });
});

describe('a loose part of another bench', () => {
  const other = { ...part, id: 'part-2', place: 'Rack 1' };
  const labels = async () => (await loadAll('part')).records.map(({ label }) => label).sort();

  it('whose label is on a part here gets another, which is said', async () => {
    await saveNew([{ kind: 'part', record: part }]);
    const file = fileOf({ parts: [other, { ...other, id: 'part-3', label: 'gs-12 ' }] });
    const { lines } = await imported(file);
    expect(lines.map(({ relabelled }) => relabelled)).toEqual(['GS-12-2', 'gs-12-3']);
    expect(await labels()).toEqual(['GS-12', 'GS-12-2', 'gs-12-3']);
    // It stays so, also where the other bench sends it once more.
    expect((await imported(file)).lines.map(({ relabelled }) => relabelled)).toEqual([null, null]);
    expect(await labels()).toEqual(['GS-12', 'GS-12-2', 'gs-12-3']);
  });
  it('that two jobs have, each by its own bench, is named', async () => {
    await saveNew([
      { kind: 'part', record: part },
      { kind: 'job', record: { ...job, journal: [] } },
    ]);
    await fitIntoJob({ id: job.id }, part.id, '');
    const there = { ...part, state: 'taken' as const, takenFor: 'HM-9', takenBy: 'job-9' };
    const desk = new TransferDesk();
    const { lines } = await planned(fileOf({ parts: [there], sheets: [sheet!] }), desk);
    const clash = lines.find(({ kind }) => kind === 'part')!.clashes[0]!;
    expect(clash.field).toBe('state');
    const taken = await desk.apply(quietly, [
      { ...clash, kind: 'part', id: part.id, side: 'file' },
    ]);
    expect(taken).toMatchObject({
      ok: true,
      value: { misplaced: [{ label: 'GS-12', tag: job.tag, part: { takenFor: 'HM-9' } }] },
    });
  });
});
