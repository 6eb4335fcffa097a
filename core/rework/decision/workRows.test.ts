import { plannedOperations } from './lines';
import { amountsOf } from './solve';
import { workRows, type WorkRow } from './workRows';
import { standAfter } from './after';
import { found } from '../../testing/findings';
import { jobWithSizes, planFor, type Planned } from '../../testing/worked';
import { record } from '../../journal/commands';
import { EVERY_BUILD } from '../../testing/builds';
import { pumpOf } from '../../pumps/registry';
import { NEW_RULES } from '../../records/rules';
import { mainRisk, workDetail, workTitle } from '../../wording/workRows';
import { plansTable } from '../../wording/plansTable';

const FOUR_SECTIONS = EVERY_BUILD.find(({ model }) => model === 'external-gear plates 4')!;

const WIDE = { 'pocket-depth': 20.1, 'drive-width': 20, 'driven-width': 20 };

/** Returns the best plan of a job as a list. */
function listOf({ rework, solved }: Planned) {
  const plan = solved.plans[0]!;
  const planned = plannedOperations(rework, plan);
  return { plan, planned, ...workRows(rework, planned, amountsOf(plan)) };
}

const gapsOf = (rows: readonly WorkRow[]): string[] =>
  rows.flatMap(({ gaps }) => gaps.map(({ assessment }) => assessment.characteristic.id));

describe('a plan as one list', () => {
  it('names each gap once: with the work that brings it in; what stays in is apart', async () => {
    const made = await planFor(jobWithSizes(WIDE));
    const { rows, apart, staying } = listOf(made);
    const shown = gapsOf(rows);
    expect(new Set(shown).size).toBe(shown.length);
    expect(shown).toContain('face-drive');
    expect(apart).toEqual([]);
    const all = [...shown, ...staying.map(({ assessment }) => assessment.characteristic.id)];
    expect(all).toEqual(
      expect.arrayContaining(made.rework.watched.map((w) => w.assessment.characteristic.id)),
    );
    expect(new Set(all).size).toBe(all.length);
  });
  it('has equal works in one line, at the price of all with their set-up once', async () => {
    const made = await planFor(jobWithSizes({}, { rules: NEW_RULES }, FOUR_SECTIONS));
    const { rows, plan, planned } = listOf(made);
    const pump = pumpOf(made.rework.job.sheet);
    expect(planned).toHaveLength(16);
    expect(rows.map((row) => workTitle(row, pump))).toEqual(['All 16 bushings: replace and size']);
    expect(workDetail(rows[0]!, pump, 'mm')).toBe('Sections 1 to 4. Replaced by house rule.');
    expect(rows[0]!.cost).toBeCloseTo(plan.cost, 6);
  });
  it('names the parts of equal works that are not all of their kind', async () => {
    const job = jobWithSizes({}, {}, FOUR_SECTIONS);
    const worn = record(
      job,
      found('plate-front', { decided: 'replace' }),
      found('plate-rear-s3', { decided: 'replace' }),
    );
    const { rows } = listOf(await planFor(worn));
    const pump = pumpOf(FOUR_SECTIONS);
    const row = rows.find(({ works }) => works.length === 2)!;
    expect(workTitle(row, pump)).toBe('2 plates: replace');
    expect(workDetail(row, pump, 'mm')).toMatch(
      /^Section 1: plate, front\. Section 3: plate, rear\./,
    );
  });
  it('says what comes of it, and what is most likely to go wrong', async () => {
    const made = await planFor(jobWithSizes(WIDE));
    const { plan, planned } = listOf(made);
    expect(standAfter(made.rework, plan)).toBe('unread');
    expect(mainRisk(made.rework, planned, amountsOf(plan), 'mm')).toMatch(
      /^Main risk: face the deck\. More than .*goes out\.$/,
    );
  });
});

describe('plans beside each other', () => {
  it('have a row for each part that is treated differently, and what is common once', async () => {
    const { rework, solved } = await planFor(
      record(jobWithSizes(WIDE), found('bushing', { decided: 'replace' })),
    );
    const { common, rows } = plansTable(rework, solved.plans, 'mm');
    expect(solved.plans.length).toBeGreaterThan(1);
    expect(common).toMatch(/^In every plan: bushing: replace/);
    for (const { cells } of rows) {
      expect(cells).toHaveLength(solved.plans.length);
      expect(new Set(cells).size).toBeGreaterThan(1);
    }
    expect(
      rows.some(({ cells }) => cells.some((cell) => /^Face the deck, 0\.0\d+ mm$/.test(cell))),
    ).toBe(true);
  });
});
