import type { Job } from '../records/job';
import { jobOn, T6 } from '../testing/assembly';
import { EVERY_BUILD } from '../testing/builds';
import { exchanged } from '../testing/findings';
import { SHEETS, VELTRANE_T6 } from '../testing/sheets';
import { stepsOf } from './steps';

describe('a list', () => {
  it('draws up each kind of bolts of the sheet', () => {
    for (const sheet of SHEETS) {
      const drawn = new Set(stepsOf(jobOn(sheet)).map(({ fastener }) => fastener));
      expect(sheet.fasteners.map(({ id }) => drawn.has(id))).toEqual(
        sheet.fasteners.map(() => true),
      );
    }
  });

  it('is the sheet’s own where that has one', () => {
    const assembly = stepsOf(T6)
      .slice(0, 3)
      .map((step) => ({ ...step, do: `${step.do} Slowly.` }));
    const own = stepsOf(jobOn({ ...VELTRANE_T6, assembly, renew: [] }));
    expect(own.slice(0, 3).map((s) => s.do)).toEqual(assembly.map((s) => s.do));
  });

  it('puts in once what a sheet renews beyond its family', () => {
    const filter = { id: 'filter', name: 'Filter', count: 1, when: 'always' as const };
    const job = jobOn({ ...VELTRANE_T6, renew: [...VELTRANE_T6.renew, filter] });
    const fit = stepsOf(job).filter(({ parts }) => parts.includes('filter'));
    expect(fit.map((step) => step.do)).toEqual(['Fit what is always replaced: Filter.']);
  });

  it('leaves out a seal and a drain that a pump does not have', () => {
    const gears = EVERY_BUILD.find(({ id }) => id === 'external-gear-plates-1')!;
    const bare = { ...gears, seals: 0, drain: 'none' as const, renew: gears.renew.slice(1) };
    const ids = stepsOf(jobOn(bare)).map(({ id }) => id);
    expect(ids).not.toContain('seal');
    expect(ids).not.toContain('drain');
  });

  it('says that a bushing stays where the house renews by measuring', () => {
    const job = jobOn(VELTRANE_T6, { rules: { ...T6.rules, renew: 'measured' } });
    const kept = stepsOf(job).find(({ id }) => id === 'bushing');
    expect(kept?.do).toBe('Hub bushing: it stays in. See that it is sound, and tight in its bore.');
    const pressed = stepsOf(exchanged(job, 'bushing')).find(({ id }) => id === 'bushing');
    expect(pressed?.do).toMatch(/^Body on the bench\. Press the bushing in/);
  });

  it('does not size a bushing that stays, nor wash after pressing', () => {
    const ids = (job: Job) => stepsOf(job).map(({ id }) => id);
    const kept = jobOn(VELTRANE_T6, { rules: { ...T6.rules, renew: 'measured' } });
    expect(ids(T6).filter((id) => !ids(kept).includes(id))).toEqual([
      'bushing-size',
      'clean-bushing',
    ]);
    expect(ids(exchanged(kept, 'bushing'))).toEqual(ids(T6));
  });
});
