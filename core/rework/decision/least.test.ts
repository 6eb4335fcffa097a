import { characteristicId, dimensionId, operationId, partId, stationId } from '../../pumps/ids';
import { record, withReading } from '../../journal/commands';
import { carryOut } from '../../commands/deciding';
import type { Felt } from '../../feeler/bounds';
import { NEW_RULES } from '../../records/rules';
import { NEW_SHOP } from '../../records/shop';
import type { Job } from '../../records/job';
import type { Sheet, SheetLimit } from '../../records/sheet';
import { found, made } from '../../testing/findings';
import { VELTRANE_T6 } from '../../testing/sheets';
import { answerOf, jobWithSizes, neverDone, planFor, planWith } from '../../testing/worked';
import { answerWords } from '../../wording/decide';
import { stepWords } from '../../wording/planStep';
import { EVERY_BUILD } from '../../testing/builds';
import { costOfOffer, minutesShared } from '../operations/offers';
import { priceOf } from './money';
import { evenFrom } from '../../random';
import { reworkCase } from './case';
import { problemIn } from './asked';
import { cheapestOf, doubtsIn } from './doubts';
import { answerKind, decide, unseenBy } from './decide';
import { atStep } from './hand';
import { partLines, plannedOperations } from './lines';
import { toMeasure } from './measure';
import { chanceOfAny, rated } from './rated';
import { amountsOf, outAfter, solveRework, spansAfter } from './solve';
import { Evaluator } from '../../guidance/evaluator';
import { loadHighs } from '../solver/highs';
import { cheapestPlans } from '../solver/plan';

const RULES = { ...NEW_RULES, renew: 'measured' as const };

const limit = (id: string, lower_mm: number | null, upper_mm: number | null): SheetLimit => ({
  ...{ characteristic: characteristicId(id), tier: 'service', lower_mm, upper_mm },
  ...{ preferredLower_mm: null, preferredUpper_mm: null, side: 'full', gasket: 'bare', source: '' },
});

/** A front pump of which the manual gives only the most that its end clearances may be. */
const mostOnly = (most_mm = 0.08): Sheet => ({
  ...VELTRANE_T6,
  limits: [limit('face-drive', null, most_mm), limit('face-driven', null, most_mm)],
});

const WIDE = {
  ...{ 'pocket-depth': 20.12, 'drive-width': 20, 'driven-width': 20 },
  ...{ 'track-depth': 10, 'face-depth': 10 },
};

const sizedJob = (sizes: Readonly<Record<string, number>>, sheet: Sheet, more: Partial<Job> = {}) =>
  jobWithSizes(sizes, { rules: RULES, ...more }, sheet);

describe('where only a most is published', () => {
  it('no amount of a plan closes a gap: each keeps the least of its kind, with what the measuring may be off', async () => {
    const { rework, solved } = await planFor(sizedJob(WIDE, mostOnly()));
    const [plan] = solved.plans;
    const [cut] = plan!.works;
    expect(cut).toMatchObject({ id: 'deck-faced--body' });
    for (const amount of [cut!.from_mm, cut!.to_mm]) {
      const after = spansAfter(rework, new Map([[cut!.id, amount]]));
      expect(after.get('face-drive')!.low_mm).toBeGreaterThanOrEqual(0.012 - 1e-9);
    }
    const [face] = rework.watched;
    expect(cut!.to_mm).toBeCloseTo(face!.span.low_mm - 0.012, 9);
  });
  it('what if a cut goes farther, it is out at once', async () => {
    const { rework } = await planFor(sizedJob(WIDE, mostOnly()));
    const out = outAfter(rework, new Map([['deck-faced--body', 0.13]]));
    expect(out.map((a) => a.characteristic.id)).toContain('face-drive');
  });
  it('keeps a gap with no limit of its own, too', async () => {
    const sheet = { ...VELTRANE_T6, limits: [limit('face-drive', null, 0.08)] };
    const tight = { ...WIDE, 'driven-width': 20.08 };
    const { rework, solved } = await planFor(sizedJob(tight, sheet));
    expect(rework.kept.map((w) => w.assessment.characteristic.id)).toContain('face-driven');
    for (const plan of solved.plans) {
      const cut = plan.works.find(({ id }) => id === 'deck-faced--body');
      const renewed = plan.works.some(({ id }) => id === 'gear-set--drive');
      // New gears leave more room; with the old ones the cut may take what the tighter of them leaves.
      expect(cut?.to_mm ?? 0).toBeLessThan(renewed ? 0.12 : 0.03);
    }
  });
  it('what is under its least already is no need for work, and is lowered by none', async () => {
    const sheet = mostOnly();
    const under = { ...WIDE, 'pocket-depth': 20.008 };
    const idle = await planFor(sizedJob(under, sheet));
    expect(idle.solved.plans[0]?.works).toEqual([]);
    const mixed = { ...WIDE, 'driven-width': 20.115 };
    const { solved } = await planFor(sizedJob(mixed, sheet));
    for (const { works } of solved.plans) {
      const ids = works.map(({ id }) => id);
      if (!ids.includes('gear-set--drive')) expect(ids).not.toContain('deck-faced--body');
    }
  });
  it('holds to the shop’s least, and says whose it is', async () => {
    const floors = { ...sizedJob({}, mostOnly()).floors, face: 0.03 };
    const { rework, solved } = await planFor(sizedJob(WIDE, mostOnly(), { floors }));
    const [face] = rework.watched;
    expect(face!.assessment.least).toEqual({ mm: 0.03, from: 'shop' });
    expect(solved.plans[0]!.works[0]!.to_mm).toBeCloseTo(face!.span.low_mm - 0.03, 9);
  });
  it('a gap that nobody measured is measured before a cut narrows it', async () => {
    const { 'driven-width': _, ...one } = WIDE;
    const sheet = { ...VELTRANE_T6, limits: [limit('face-drive', null, 0.08)] };
    const { rework, solved } = await planFor(sizedJob(one, sheet));
    const answer = answerOf({ rework, solved }, false);
    expect(unseenBy(rework, answer.planned).map((a) => a.characteristic.id)).toEqual([
      'face-driven',
    ]);
    expect(answerKind(answer)).toBe('measure');
    expect(answerWords(answer)).toBe(
      'Measure end clearance, driven gear first: the work would narrow it unseen.',
    );
    const asked = toMeasure(rework, solved, answer.planned).map((m) => m.characteristic);
    expect(asked).toContain('face-driven');
  });
});

describe('amounts that hands can hold', () => {
  const NO_POLISH = neverDone('shaft-polished', 'hub-renewed');

  it('are whole steps inside their range; where none is, the amount stays', () => {
    expect(atStep(0.0317, { from_mm: 0.024, to_mm: 0.043 }, 0.01)).toBeCloseTo(0.03, 12);
    expect(atStep(0.0317, { from_mm: 0.031, to_mm: 0.043 }, 0.01)).toBeCloseTo(0.04, 12);
    expect(atStep(0.0317, { from_mm: 0.031, to_mm: 0.033 }, 0.01)).toBe(0.0317);
    expect(atStep(0.03, { from_mm: 0.03, to_mm: 0.03 }, 0.01)).toBeCloseTo(0.03, 12);
  });
  it('are half thou in a shop that reads thou, and a fifth of that for a hone', async () => {
    const thou = await planFor(sizedJob(WIDE, mostOnly()), { unit: 'thou' });
    const amount = thou.solved.plans[0]!.works[0]!.amount_mm / 0.0127;
    expect(amount).toBeCloseTo(Math.round(amount), 9);
  });
  it.each(['free', 'snug'] as const)(
    'hone a %s hub’s bushing to the bore that its steps end at',
    async (bushing) => {
      const sheet = { ...VELTRANE_T6, limits: [limit('hub-bushing', 0.03, 0.09)] };
      const job = sizedJob({ 'bushing-bore': 44.02, 'hub-diameter': 44 }, sheet, {
        rules: { ...RULES, bushing },
      });
      const { rework, solved } = await planFor(job, { operations: NO_POLISH });
      const hone = solved.plans[0]!.works.find(({ id }) => id.startsWith('bushing-honed'))!;
      const clearance = 0.02 + hone.amount_mm;
      expect(clearance).toBeGreaterThan(bushing === 'free' ? 0.055 : 0.03);
      expect(clearance).toBeLessThan(bushing === 'free' ? 0.09 : 0.065);
      const out = outAfter(rework, amountsOf(solved.plans[0]!));
      expect(out.map((a) => a.characteristic.id)).not.toContain('hub-bushing');
    },
  );
});

describe('the order of the work', () => {
  it('begins with what is bought, then dresses, then cuts, and ends with bushings', async () => {
    const job = record(
      sizedJob({ ...WIDE, 'bushing-bore': 44.2, 'hub-diameter': 44 }, mostOnly()),
      found('cover-track', { decided: 'replace' }),
      found('drive-face', { decided: 'dress', depth_mm: null }),
    );
    const house = { ...job, rules: { ...job.rules, renew: 'always' as const } };
    const { rework, solved } = await planFor(house);
    const ids = plannedOperations(rework, solved.plans[0]!).map((p) => p.offer.operation.id);
    expect(ids[0]).toBe('cover-renewed');
    expect(ids.at(-1)).toBe('bushing-renewed');
    const at = (id: string) => ids.indexOf(operationId(id));
    expect(at('nicks-stoned')).toBeGreaterThan(0);
    expect(at('nicks-stoned')).toBeLessThan(at('deck-faced'));
  });
  it('plans a cut when the new part is in hand, and says so', async () => {
    const sheet = {
      ...VELTRANE_T6,
      limits: [limit('face-drive', 0.03, 0.06), limit('face-driven', 0.03, 0.06)],
      newSizes: ['drive-width', 'driven-width'].map((id) => ({
        ...{ dimension: dimensionId(id), least_mm: 19.98, most_mm: 20.02 },
      })),
    };
    const chipped = found('drive-teeth', { defect: 'chipped', decided: 'replace' });
    const job = record(sizedJob({ ...WIDE, 'pocket-depth': 20.1 }, sheet), chipped);
    const { rework, solved } = await planFor(job);
    const planned = plannedOperations(rework, solved.plans[0]!);
    const cut = planned.find(({ offer }) => offer.operation.id === 'deck-faced')!;
    expect(cut.waitsFor.map((o) => o.operation.id)).toEqual(['gear-set']);
    expect(planned.indexOf(cut)).toBeGreaterThan(0);
    expect(stepWords(cut, 'mm')).toMatch(
      /^About 0\.0\d+ mm: worked out again when drive gear, driven gear is in hand and measured\.$/,
    );
  });
  it('works on nothing that the plan replaces', async () => {
    const cracked = found('crescent', { defect: 'cracked', decided: 'replace' });
    const job = record(sizedJob(WIDE, mostOnly()), cracked, found('deck', { decided: 'dress' }));
    const { rework, solved } = await planFor(job);
    const on = plannedOperations(rework, solved.plans[0]!).filter(({ offer }) =>
      offer.parts.includes(partId('body')),
    );
    expect(on.map(({ offer }) => offer.operation.id)).toEqual(['body-renewed']);
  });
});

describe('equal works', () => {
  it('share their set-up: it is paid once', async () => {
    const sheet = EVERY_BUILD.find(({ model }) => model === 'external-gear plates 1')!;
    const worn = found('bushings', { decided: 'replace' });
    const { rework, solved } = await planFor(record(jobWithSizes({}, {}, sheet), worn));
    const [plan] = solved.plans;
    const offers = rework.offers.filter((o) => plan!.works.some((w) => w.id === o.id));
    const bushings = offers.filter((o) => o.operation.id === 'bushing-renewed');
    expect(bushings.length).toBeGreaterThan(1);
    const apart = offers.reduce((sum, o) => sum + costOfOffer(o, NEW_SHOP.money.rate), 0);
    const saved = (minutesShared(offers) / 60) * NEW_SHOP.money.rate;
    const days = Math.max(...offers.map((o) => o.terms.days));
    expect(saved).toBeGreaterThan(0);
    expect(plan!.cost).toBeCloseTo(apart - saved + days * NEW_SHOP.money.downDay, 6);
    expect(priceOf(rework, plan!).minutes).toBeCloseTo(
      offers.reduce((sum, o) => sum + o.terms.minutes, 0) - minutesShared(offers),
      9,
    );
  });
});

/** Returns a job on which leaves were tried at every place of a gap, with these answers. */
function tried(job: Job, c: string, tries: readonly (readonly [mm: number, felt: Felt])[]): Job {
  return ['12', '6', '3', '9'].reduce(
    (all, station) =>
      tries.reduce(
        (j, [mm, felt]) =>
          withReading(j, {
            ...{ ...made(), kind: 'leaf', instrument: '', marked_mm: null, leaves_mm: [mm], felt },
            ...{ characteristic: characteristicId(c), station: stationId(station) },
          }),
        all,
      ),
    job,
  );
}

describe('a bracket', () => {
  const NEVER = neverDone('gear-set', 'body-renewed');
  const sheet: Sheet = {
    ...VELTRANE_T6,
    limits: [limit('face-drive', 0.02, 0.06), limit('face-driven', 0.02, 0.06)],
  };
  const both = (job: Job, tries: Parameters<typeof tried>[2]): Job =>
    ['face-drive', 'face-driven'].reduce((j, c) => tried(j, c, tries), job);
  const worn = both(sizedJob({ 'track-depth': 10, 'face-depth': 10 }, sheet), [
    [0.1, 'free'],
    [0.15, 'no-go'],
  ]);
  it('wider than its window is measured closer: it sells no pump', async () => {
    const prices = [{ operation: operationId('whole-pump'), price: 600, days: 1 }];
    const job = { ...worn, sheet: { ...worn.sheet, prices } };
    const { rework, solved } = await planFor(job, { operations: NEVER });
    expect(solved.closer).toEqual(expect.arrayContaining(['face-drive', 'face-driven']));
    const decided = decide(rework, solved);
    expect([decided.kind, decided.buyNew]).toEqual(['measure', false]);
    const asked = toMeasure(rework, solved, []).find((m) => m.characteristic === 'face-drive')!;
    expect(asked).toMatchObject({ by: 'sizes', settles: 'amount' });
  });
  it('is as far as measuring goes where the house says so', async () => {
    const rules = { ...RULES, closer: 'leaves' as const };
    const { solved } = await planFor({ ...worn, rules }, { operations: NEVER });
    expect(solved.closer).toEqual([]);
  });
  it('that leads to the same work wherever in it the gap lies is no reason to measure', async () => {
    const narrow = both(sizedJob({ 'track-depth': 10, 'face-depth': 10 }, sheet), [
      [0.09, 'free'],
      [0.1, 'no-go'],
    ]);
    const { solved } = await planFor(narrow, { operations: NEVER });
    expect([solved.closer, solved.plans[0]?.works[0]?.id]).toEqual([[], 'deck-faced--body']);
    const sizes = { ...narrow, rules: { ...RULES, closer: 'sizes' as const } };
    expect((await planFor(sizes, { operations: NEVER })).solved.closer.length).toBeGreaterThan(0);
  });
});

describe('gaps too close to call', () => {
  const money = { ...NEW_SHOP.money, comeback: 300 };

  it('are each brought in, read once more or left by themselves, as cheaply as any choice of them', async () => {
    const solve = await loadHighs();
    const even = evenFrom(25);
    for (let n = 0; n < 8; n++) {
      const near = () => 20.072 + 0.012 * even();
      const sizes = {
        ...{ ...WIDE, 'pocket-depth': near(), 'driven-width': 20 + 0.006 * even() },
        ...{ 'bushing-bore': 44.08 + 0.02 * even(), 'hub-diameter': 44 },
      };
      const job = sizedJob(sizes, VELTRANE_T6);
      const rework = reworkCase(job, new Evaluator().state(job), { ...NEW_SHOP, money });
      const all = () => true;
      const doubts = doubtsIn(rework, solve, all);
      const found = cheapestOf(
        doubts,
        (asked, most) => {
          const problem = problemIn(rework, all, new Map(), asked);
          return cheapestPlans(problem, solve, most, 'middle').map((p) =>
            rated(rework, problem, p, doubts),
          );
        },
        1,
      );
      const best = Math.min(...found.map(({ expected }) => expected));
      // Each choice of what is left and what is read again, by itself.
      const choices = [...doubts.left, ...doubts.again];
      let least = Infinity;
      for (let set = 0; set < 2 ** choices.length; set++) {
        const taken = choices.filter((_, i) => (set >> i) % 2 === 1);
        const asked = taken.map((d) => ({
          ...{ id: d.id, gaps: d.gaps },
          cost: 'chance' in d ? 0 : d.cost + d.expected,
        }));
        const problem = problemIn(rework, all, new Map(), asked);
        const [plan] = cheapestPlans(problem, solve);
        if (!plan) continue;
        const does = (id: string) => plan.works.some((w) => w.id === id);
        const used = doubts.left.filter((d) => taken.includes(d) && does(d.id));
        const risk = chanceOfAny(used.map((d) => d.chance));
        least = Math.min(least, plan.cost + risk * money.comeback);
      }
      expect(best).toBeLessThanOrEqual(least + 1e-6);
    }
  }, 60_000);
  it('are read once more where that is cheaper than making sure or leaving it', async () => {
    const sheet = { ...VELTRANE_T6, limits: [limit('face-drive', 0.02, 0.08)] };
    const near = sizedJob({ ...WIDE, 'pocket-depth': 20.076 }, sheet);
    const never = neverDone(
      'deck-faced',
      'gear-set',
      'cover-ground',
      'cover-renewed',
      'face-lapped',
    );
    const dear = { operations: never, money: { ...money, comeback: 5000 } };
    const { rework, solved } = await planFor(near, dear);
    const [plan] = solved.plans;
    expect([plan!.again, plan!.leaves]).toEqual([['face-drive'], []]);
    expect(plan!.works.map(({ id }) => id)).toEqual(['measure-again--face-drive']);
    expect(plan!.cost).toBeCloseTo((10 / 60) * money.rate, 9);
    const [, sum] = rework.watched.map((w) => w.assessment);
    const body = solved.plans.find((p) => p.works.some(({ id }) => id === 'body-renewed--body'));
    expect(plan!.expected - plan!.cost).toBeCloseTo((1 - sum!.probability!) * body!.cost, 6);
    expect(answerKind(answerOf({ rework, solved }, false))).toBe('measure');
    expect(answerWords(answerOf({ rework, solved }, false))).toBe(
      'Zero and measure again: end clearance, drive gear. Then decide.',
    );
  });
});

describe('a part that Look condemned', () => {
  it('is never reused: not where the plan leaves it out, nor without a plan', async () => {
    const cracked = found('crescent', { defect: 'cracked', decided: 'replace' });
    const job = record(sizedJob({ ...WIDE, 'pocket-depth': 20.05 }, mostOnly()), cracked);
    const settings = new Map([['body-renewed--body', 'off' as const]]);
    const { rework, solved } = await planWith(job, settings);
    const body = (plan: Parameters<typeof partLines>[1]) =>
      partLines(rework, plan).find((l) => l.part.id === 'body')!;
    expect([body(solved.plans[0] ?? null).decision, body(null).decision]).toEqual([
      'replace',
      'replace',
    ]);
    expect(body(null).looked).toBe('condemned');
  });
  it('names the bound that forbids the work on it', async () => {
    const scored = found('deck', { depth_mm: 0.45 });
    const job = record(sizedJob({ ...WIDE, 'pocket-depth': 20.05 }, mostOnly()), scored);
    const { rework } = await planFor(job);
    expect(rework.bounds.map((b) => [b.offer.id, b.needed_mm, b.by])).toEqual([
      ['deck-faced--body', 0.45, 'shop'],
    ]);
  });
});

describe('a washer', () => {
  it('comes in the sizes that can be had', async () => {
    const sheet = {
      ...VELTRANE_T6,
      limits: [limit('pump-to-unit', 0.3, 0.6)],
      washers_mm: [1.6, 1.9, 2.4],
    };
    const sizes = { 'unit-depth': 60, 'pump-height': 57.2, 'washer-thickness': 1.9 };
    const { rework, solved } = await planFor(sizedJob(sizes, sheet));
    const [washer] = plannedOperations(rework, solved.plans[0]!);
    expect(washer?.offer.washer_mm).toBe(2.4);
    expect(stepWords(washer!, 'mm')).toBe('Fit the 2.40 mm washer.');
    const none = await planFor(sizedJob(sizes, { ...sheet, washers_mm: [] }));
    expect(none.solved.plans[0]?.works[0]?.id).toMatch(/^washer-thicker/);
  });
});

describe('work that was carried out', () => {
  it('is what its part is said to be, not reused', async () => {
    const job = sizedJob(WIDE, mostOnly());
    const { rework, solved } = await planFor(job);
    const [cut] = plannedOperations(rework, solved.plans[0]!);
    const after = carryOut(cut!.offer, null, 0.07, 0.003)(job, made());
    const again = ['12', '3', '6', '9'].reduce(
      (j, s) =>
        withReading(j, {
          ...job.journal.find(
            (e) => e.kind === 'size' && e.station === s && e.dimension === 'pocket-depth',
          )!,
          id: `again-${s}`,
          value_mm: 20.05,
          read_mm: 20.05,
        } as never),
      after,
    );
    const done = await planFor(again);
    const decided = decide(done.rework, done.solved);
    expect(decided.kind).toBe('done');
    expect(answerWords(decided)).toBe('Done: faced off.');
    const body = decided.lines.find((l) => l.part.id === 'body')!;
    expect([body.decision, body.done.length]).toEqual(['machine', 1]);
  });
});

describe('between two cuts', () => {
  it('amounts are worked out again from what the first was', async () => {
    const job = sizedJob({ ...WIDE, 'driven-width': 20 }, mostOnly());
    const { rework, solved } = await planFor(job);
    const [cut] = plannedOperations(rework, solved.plans[0]!);
    const after = carryOut(cut!.offer, null, 0.02, 0.003)(job, made());
    const state = new Evaluator().state(after);
    const next = reworkCase(after, state, NEW_SHOP, { predicted: true });
    const plan = solveRework(next, await loadHighs(), new Map([[cut!.offer.id, 'on' as const]]))
      .plans[0]!;
    const was = solved.plans[0]!.works[0]!;
    const is = plan.works.find(({ id }) => id === was.id)!;
    expect(is.to_mm).toBeLessThan(was.to_mm - 0.015);
    expect(is.from_mm).toBeLessThan(was.from_mm);
  });
});
