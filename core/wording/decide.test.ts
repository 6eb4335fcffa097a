import { carryOut, makeWorkList } from '../commands/deciding';
import { lookedAt } from '../inspect/looking';
import type { Job } from '../records/job';
import { limit } from '../testing/mostOnly';
import { VELTRANE_T6 } from '../testing/sheets';
import { NEW_SHOP } from '../records/shop';
import { workListOf } from '../rework/decision/worklist';
import { plannedOperations, partLines, unreadBy } from '../rework/decision/lines';
import { record } from '../journal/commands';
import { EVERY_BUILD } from '../testing/builds';
import { found } from '../testing/findings';
import { problemIn } from '../rework/decision/asked';
import { amountsOf } from '../rework/decision/solve';
import { AT, freshId } from '../testing/readings';
import { answerOf, jobWithSizes, neverDone, planFor } from '../testing/worked';
import { answerWords, blockedWords, doneWords, findingWords } from './decide';
import { lineReason, lineTitle } from './partLines';
import { afterWords, rangeWords, riskWords, stepWords } from './planStep';
import { doneCostWords, pastWords } from './worked';

/** A sheet that limits the end clearances alone. */
const ENDS = {
  ...VELTRANE_T6,
  limits: [limit('face-drive', 0.02, 0.08), limit('face-driven', 0.02, 0.08)],
};
const WIDE = {
  'pocket-depth': 20.09,
  'drive-width': 20,
  'driven-width': 20,
  'track-depth': 10,
  'face-depth': 10,
};
const job = (sizes: Record<string, number>) => {
  const base = jobWithSizes(sizes);
  return { ...base, rules: { ...base.rules, decision: 'plain' as const } };
};
const planned = async (sizes: Record<string, number>) => {
  const { rework, solved, state } = await planFor(job(sizes));
  const [plan] = solved.plans;
  return {
    rework,
    solved,
    plan,
    all: state.characteristics,
    steps: plan ? plannedOperations(rework, plan) : [],
  };
};

describe('a plan in words', () => {
  it('is written as a shop would, with the range that is in and what is measured again', async () => {
    const { rework, plan, steps } = await planned(WIDE);
    const [step] = steps;
    expect(stepWords(step!, 'mm')).toBe(
      'Take 0.04 mm off the deck; anything from 0.01 to 0.07 is in.',
    );
    expect(stepWords(step!, 'thou')).toBe(
      'Take 1.57 thou off the deck; anything from 0.39 to 2.76 is in.',
    );
    expect(afterWords(rework, step!)).toBe(
      'Then measure again: end clearance, drive gear, and 4 more.',
    );
    expect(riskWords(rework, amountsOf(plan!), step!, 'mm')).toEqual([
      'More than 0.07 mm: end clearance, drive gear goes out.',
      'Less than 0.01 mm: end clearance, drive gear is out.',
    ]);
  });
  it('names no range for a cut that moves a gap which nobody has measured', async () => {
    const scored = found('floor', { defect: 'scored', decided: 'machine', depth_mm: 0.2 });
    const said = async (sizes: Record<string, number>) => {
      const { rework, solved } = await planFor(record(job(sizes), scored));
      const [plan] = solved.plans;
      const steps = plan ? plannedOperations(rework, plan) : [];
      const sunk = steps.find(({ offer }) => offer.operation.id === 'pocket-sunk');
      return [
        stepWords(sunk!, 'mm'),
        rangeWords(
          problemIn(rework, () => true),
          amountsOf(plan!),
          sunk!.offer.id,
          'mm',
          unreadBy(rework, sunk!.offer),
        ),
      ];
    };
    const about =
      'About 0.20 mm: worked out again after measuring end clearance, drive gear; end clearance, driven gear.';
    expect(await said({})).toEqual([about, about]);
  });
  it('begins with the answer, and says what is wrong with the pump', async () => {
    const { rework, solved } = await planned(WIDE);
    expect(answerWords(answerOf({ rework, solved }, false))).toBe(
      'Face the deck, then measure the rest.',
    );
    expect(answerWords(answerOf({ rework, solved }, true))).toBe('Buy a new pump.');
    expect(findingWords(rework, 'mm')).toBe(
      '4 checks are out. Worst: end clearance, drive gear, 0.01 mm over its limit, ± 0.007. 5 of 6 checks measured.',
    );
  });
  it('has a line for each part: what becomes of it, why, and what that buys', async () => {
    const { rework, plan } = await planned(WIDE);
    const [body, drive] = partLines(rework, plan!);
    expect(lineTitle(body!)).toBe('Body: face the deck');
    expect(lineReason(rework, body!, 'mm')).toBe(
      'Take 0.04 mm off the deck; anything from 0.01 to 0.07 is in. Brings 4 checks in, end clearance, drive gear first.',
    );
    expect([lineTitle(drive!), lineReason(rework, drive!, 'mm')]).toEqual([
      'Drive gear',
      'A check is out; not looked at.',
    ]);
  });
  it('says at how many places the same is done', async () => {
    const blocks = EVERY_BUILD.find((sheet) => sheet.model === 'external-gear blocks 1')!;
    const gone = { decided: 'replace' } as const;
    const worn = record(
      jobWithSizes({}, {}, blocks),
      found('block-front', gone),
      found('block-rear', gone),
    );
    const { rework, solved } = await planFor(worn);
    expect(answerWords(answerOf({ rework, solved }, false))).toBe(
      'Replace the bushing block at 2 places.',
    );
  });
  it('calls a part in only as far as it was measured', async () => {
    const reasons = async (sizes: Readonly<Record<string, number>>) => {
      const rework = (await planFor(job({ ...WIDE, 'pocket-depth': 20.05, ...sizes }))).rework;
      const lines = partLines(rework, { works: [] });
      expect(lines.map(({ decision }) => decision)).not.toContain('reuse');
      return lines.map((line) => lineReason(rework, line, 'mm'));
    };
    expect((await reasons({}))[0]).toBe('In as far as measured; not looked at.');
    const all = await reasons({ 'pocket-diameter': 85.15, 'driven-diameter': 85 });
    expect(all[0]).toBe('Clearances in; not looked at.');
  });
  it('says that nothing has to be done, or what no work brings in', async () => {
    const sound = await planned({ ...WIDE, 'pocket-depth': 20.05 });
    expect(answerWords(answerOf(sound, false))).toMatch(/^(Reuse it as it is|Good so far)/);
    const operations = neverDone('deck-faced', 'body-renewed', 'gear-set');
    const far = await planFor(job(WIDE), { operations });
    expect(answerWords(answerOf(far, false))).toBe(
      'No work that is allowed here brings all checks in.',
    );
    expect(blockedWords(far.rework, far.solved, 'mm')[0]).toMatch(
      /^End clearance, drive gear misses its limit by 0\.\d+ mm at best\.$/,
    );
  });
  it('calls nothing in where no check has a limit: looking is all there is', async () => {
    const bare = jobWithSizes({}, {}, { ...VELTRANE_T6, limits: [] });
    const answer = async (j: Job) => answerWords(answerOf(await planFor(j), false));
    expect(await answer(bare)).toMatch(/^Look at \d+ more surfaces, then decide\.$/);
    const sound = { defect: null, nail: null, proposed: 'pass', decided: 'pass' } as const;
    const seen = lookedAt(bare).map(({ surface }) => found(surface.id, sound));
    expect(await answer(record(bare, ...seen))).toBe(
      'Nothing seen asks for work, and no check has a limit.',
    );
    const fits = jobWithSizes({ ...WIDE, 'pocket-depth': 20.05 }, {}, ENDS);
    expect(await answer(fits)).toMatch(/^All checks are in\. Look at \d+ more surfaces/);
  });
  it('says of a pump that was measured without a sheet of how many checks nothing is known', async () => {
    const now = { ...ENDS, examples: ['width_mm'] };
    const measured = jobWithSizes({ ...WIDE, 'pocket-depth': 20.05 }, {}, now);
    const plan = await planFor(measured);
    expect(answerWords(answerOf(plan, false))).toMatch(/^Look at \d+ more surfaces/);
    expect(findingWords(plan.rework, 'mm')).toMatch(
      /\d+ other checks have no limit here and were not measured: nothing is known of them\.$/,
    );
    const described = await planFor({ ...measured, sheet: ENDS });
    expect(findingWords(described.rework, 'mm')).not.toContain('nothing is known');
  });
  it('says what was done, how long it took and what it cost, by the work list', async () => {
    const { rework, steps } = await planned(WIDE);
    const made = () => ({ id: freshId(), at: AT, by: '', voided: null });
    const listed = makeWorkList(steps, NEW_SHOP.money.rate)(rework.job, made());
    expect(doneCostWords(listed, NEW_SHOP)).toBe('');
    const [step] = workListOf(listed)!.steps;
    const cut = carryOut(steps[0]!.offer, step!.step.id, 0.04, 0.004)(listed, made());
    expect(doneWords(cut)).toBe('Done: face the deck.');
    expect(doneCostWords(cut, NEW_SHOP)).toBe('By the work list: 50 min, 40.');
  });
  it('stands beside what was measured before and after', async () => {
    const { rework, steps } = await planned(WIDE);
    const made = { id: freshId(), at: AT, by: '', voided: null };
    const cut = carryOut(steps[0]!.offer, null, 0.04, 0.004)(rework.job, made);
    const { state } = await planFor(cut);
    const face = state.characteristics.find((a) => a.characteristic.id === 'face-drive');
    expect(pastWords(face!, 'mm')).toMatch(
      /^Before 0\.09 ± .* mm, predicted 0\.05 ± .* mm\. Measure it again\.$/,
    );
  });
});
