import type { Sheet } from '../records/sheet';
import { jobOn } from '../testing/assembly';
import { EVERY_BUILD } from '../testing/builds';
import { VELTRANE_T6 } from '../testing/sheets';
import { startChecks, watchLines } from './handover';

const saying = (sheet: Sheet, check: RegExp) =>
  startChecks(jobOn(sheet), 'mm').find(([name]) => check.test(name))?.[1];

describe('what is handed over', () => {
  it('is what the job says, else the sheet, else what is so of such a pump', () => {
    const plain = jobOn({ ...VELTRANE_T6, handover: [] });
    const told = watchLines(plain);
    expect(told.join(' ')).toContain('Flush the cooler');
    const sheet = { ...VELTRANE_T6, handover: ['Oil of the depot only.'] };
    expect(watchLines(jobOn(sheet))).toEqual(sheet.handover);
    // Nothing to watch is an answer too.
    expect(watchLines(jobOn(sheet, { handover: [] }))).toEqual([]);
  });

  it.each(EVERY_BUILD.map((sheet) => [sheet.model, sheet] as const))(
    'has lines for %s, each once and whole',
    (_, sheet) => {
      const lines = watchLines(jobOn(sheet));
      expect(new Set(lines).size).toBe(lines.length);
      for (const line of lines) expect(line).toMatch(/^[A-Z].*\.$/);
    },
  );

  it('gives the pressures that the sheet states, and else sends to the manual', () => {
    const bare = { ...VELTRANE_T6, flow: { ...VELTRANE_T6.flow, idle: null, demand: [] } };
    expect(saying(bare, /hot idle/)).toBe('as the maker’s manual says');
    const idle = { rpm: 650, pressure_bar: 4, temp_C: 90 };
    const stated = { ...bare, flow: { ...bare.flow, idle } };
    expect(saying(stated, /hot idle/)).toBe('4 bar at 650 rpm, oil 90 °C');
  });

  it('asks for no oil pressure of a pump that moves air', () => {
    const air = EVERY_BUILD.find(({ family }) => family === 'vacuum-vane')!;
    expect(startChecks(jobOn(air), 'mm').map(([name]) => name)).not.toContain('Pressure, hot idle');
  });
});
