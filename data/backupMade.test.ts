import { loadBackupMade, noteBackup, unsaved, type BackupMade } from './backupMade';
import { writeTexts } from './storage';
import { empty } from './testing/transfer';

beforeEach(empty);

const NOW = '2026-11-28T09:00:00.000Z';
const made = (days: number, entries: number | null): BackupMade => ({
  at: new Date(Date.parse(NOW) - days * 86_400_000).toISOString(),
  since: '2026-01-01T00:00:00.000Z',
  entries,
});
const jobs = (...entries: number[]) => entries.map((n, i) => ({ id: `own-${i}`, entries: n }));
const isDue = (...asked: Parameters<typeof unsaved>) => unsaved(...asked).isDue;

describe('what is not in the last backup', () => {
  it('is asked for where something was written and the last one is old', () => {
    expect(isDue(made(20, 100), jobs(60, 40), NOW)).toBe(false);
    expect(isDue(made(20, 100), jobs(60, 41), NOW)).toBe(true);
    expect(isDue(made(13, 100), jobs(60, 41), NOW)).toBe(false);
    // A job was deleted: what else was written nobody can tell.
    expect(unsaved(made(20, 100), jobs(60), NOW)).toMatchObject({ isDue: true, entries: 0 });
  });
  it('is asked for after much work, whatever the day', () => {
    expect(isDue(made(0, 100), jobs(399), NOW)).toBe(false);
    expect(unsaved(made(0, 100), jobs(400), NOW)).toMatchObject({ isDue: true, entries: 300 });
  });
  it('does not count the demo, which can be opened again', () => {
    expect(isDue(made(90, 0), [{ id: 'demo-job-1', entries: 5000 }], NOW)).toBe(false);
  });
  it('goes by the day alone where the last one did not count', () => {
    expect(isDue(made(3, null), jobs(5000), NOW)).toBe(false);
    expect(isDue(made(15, null), jobs(1), NOW)).toBe(true);
    expect(isDue(made(15, null), [], NOW)).toBe(false);
  });
  it('is kept, and read as an earlier version kept it', async () => {
    await noteBackup(jobs(5, 7));
    expect(await loadBackupMade()).toMatchObject({ entries: 12 });
    await writeTexts({ 'made/backup': JSON.stringify({ at: NOW, since: NOW }) });
    expect(await loadBackupMade()).toEqual({ at: NOW, since: NOW, entries: null });
  });
});
