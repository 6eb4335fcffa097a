import { backupName, KEPT, tooOld } from './backupFolder';

const moment = (day: number): string => `2026-11-${String(day).padStart(2, '0')}T14:05:09.123Z`;

describe('the backups in a folder', () => {
  it('are named so that they sort by their moments, and the last seven stay', () => {
    const names = [9, 3, 12, 5, 4, 10, 11, 8, 2].map((day) => backupName(moment(day)));
    expect(names[0]).toBe('dial-bench-backup-2026-11-09-140509.zip');
    expect(tooOld(names)).toEqual([backupName(moment(2)), backupName(moment(3))]);
    expect(names.length - tooOld(names).length).toBe(KEPT);
    expect(tooOld(names.slice(0, KEPT))).toEqual([]);
  });
  it('are the only thing that is ever taken away', () => {
    const others = Array.from({ length: 20 }, (_, i) => `dial-bench-backup-copy-${i}.zip`);
    expect(tooOld([...others, 'taxes.xlsx', backupName(moment(1))])).toEqual([]);
  });
});
