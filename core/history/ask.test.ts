import { Evaluator } from '../guidance/evaluator';
import { emptyJob } from '../practice/job';
import { characteristicId } from '../pumps/ids';
import { pumpOf } from '../pumps/registry';
import { heldLimits } from '../assessment/limits';
import { restsOn } from '../journal/eras';
import { AT, JOB } from '../testing/readings';
import { SHEETS, VELTRANE_T6 } from '../testing/sheets';
import { jobWithSizes } from '../testing/worked';
import { faced } from '../testing/findings';
import { askedOfJob, askedOfSheet, questionOf } from './ask';

const [FACE] = pumpOf(VELTRANE_T6).characteristics.filter(({ id }) => id === 'face-drive');
const asked = (job = JOB) => askedOfJob(job, FACE!, new Evaluator());

describe('what is asked of the past', () => {
  it('is the widest place of every check of every sheet, but where only a least is published', () => {
    const ends = SHEETS.flatMap((sheet) =>
      sheet.tiers.flatMap(({ id: tier }) =>
        pumpOf(sheet).characteristics.map((c) => {
          const { lower_mm = null, upper_mm = null } = heldLimits(sheet, tier, c.id) ?? {};
          const { end } = questionOf(sheet, tier, c, {});
          expect(end).toBe(lower_mm !== null && upper_mm === null ? 'smallest' : 'largest');
          return end;
        }),
      ),
    );
    expect(new Set(ends)).toEqual(new Set(['smallest', 'largest']));
  });
  it('names parts of its own pump for every check that rests on sizes or features', () => {
    for (const sheet of SHEETS) {
      const tier = sheet.tiers[0]?.id ?? '';
      const parts = new Set<string>(pumpOf(sheet).parts.map(({ id }) => id));
      for (const c of pumpOf(sheet).characteristics) {
        const own = askedOfSheet(sheet, tier, c).parts;
        expect(own.length > 0).toBe(restsOn(c).length > 0);
        expect(own.filter((part) => !parts.has(part))).toEqual([]);
      }
    }
  });
  it('is of no pump on a sheet: nothing of its own, whatever it counts', () => {
    const sheet = askedOfSheet(VELTRANE_T6, 'new', FACE!);
    expect(sheet).toMatchObject({ now_mm: null, came_mm: null, unit: null });
    expect(sheet.question).toMatchObject({ except: '', isDemo: VELTRANE_T6.demo === true });
    expect(askedOfSheet(VELTRANE_T6, 'new', FACE!, false).question.isDemo).toBe(false);
  });
  it('is of the pump in hand on a job: as it came and as it stands, and never its own past', () => {
    const job = jobWithSizes({ 'pocket-depth': 20.1, 'drive-width': 20 }, { usedUnit: 'km' });
    expect(asked(job)).toMatchObject({ unit: 'km', question: { except: job.id } });
    expect(asked(job).now_mm).toBeCloseTo(0.1, 6);
    expect(asked(job).came_mm).toBeCloseTo(0.1, 6);
    const cut = asked(faced(job, 0.04));
    expect(cut.came_mm).toBeCloseTo(0.1, 6);
    expect(asked(emptyJob(VELTRANE_T6, AT))).toMatchObject({ now_mm: null, came_mm: null });
  });
  it('keeps a pump of the demo, and a further visit of one, with the demo', () => {
    const own = jobWithSizes({ 'drive-width': 20 });
    const visit = { ...own.visit, of: 'demo-job-x' } as NonNullable<typeof own.visit>;
    const isDemo = (job: typeof own) => asked(job).question.isDemo;
    expect([own, { ...own, demo: true as const }, { ...own, visit }].map(isDemo)).toEqual([
      false,
      true,
      true,
    ]);
  });
  it('is asked of a check that the sheet has', () => {
    expect(FACE?.id).toBe(characteristicId('face-drive'));
  });
});
