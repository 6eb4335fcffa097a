import { VELTRANE_T6 } from '../../testing/sheets';
import { carryOut } from '../../commands/deciding';
import { record, withReading } from '../../journal/commands';
import { dimensionId, operationId, partId } from '../../pumps/ids';
import { NEW_SHOP } from '../../records/shop';
import { EVERY_BUILD } from '../../testing/builds';
import { found, stamp } from '../../testing/findings';
import { WIDE, limit, mostOnly, sizedJob } from '../../testing/mostOnly';
import { jobWithSizes, planFor, planWith } from '../../testing/worked';
import { answerWords } from '../../wording/decide';
import { lineReason } from '../../wording/partLines';
import { stepWords } from '../../wording/planStep';
import { costOfOffer, minutesShared } from '../operations/offer';
import { decide } from './decide';
import { partLines, plannedOperations } from './lines';
import { priceOf } from './money';
import { restsOnReckoning } from './moved';
import { amountsOf } from './solve';

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
        dimension: dimensionId(id),
        least_mm: 19.98,
        most_mm: 20.02,
      })),
    };
    const chipped = found('drive-teeth', { defect: 'chipped', decided: 'replace' });
    const job = record(sizedJob({ ...WIDE, 'pocket-depth': 20.1 }, sheet), chipped);
    const { rework, solved } = await planFor(job);
    const planned = plannedOperations(rework, solved.plans[0]!);
    const cut = planned.find(({ offer }) => offer.operation.id === 'deck-faced')!;
    expect(cut.waitsFor.map((o) => o.operation.id)).toEqual(['gear-set']);
    expect(planned.indexOf(cut)).toBeGreaterThan(0);
    // The sheet says what new gears measure; where it does not, the app's own figure is marked as that.
    const amounts = amountsOf(solved.plans[0]!);
    expect(restsOnReckoning(rework, rework.watched, amounts)).toBe(false);
    const unsaid = await planFor({ ...job, sheet: { ...sheet, newSizes: [] } });
    expect(
      restsOnReckoning(unsaid.rework, unsaid.rework.watched, amountsOf(unsaid.solved.plans[0]!)),
    ).toBe(true);
    expect(stepWords(cut, 'mm')).toMatch(
      /^About 0\.0\d+ mm: worked out again with drive gear and driven gear in hand and measured\.$/,
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

describe('works that pull the same gap both ways', () => {
  it('each say what they are for', async () => {
    const base = mostOnly();
    const sheet = { ...base, limits: [...base.limits, limit('pump-to-unit', 0.5, 0.62)] };
    // What comes off the deck comes off the height of the pump: its end play grows out of its limit.
    const play = { 'unit-depth': 60, 'pump-height': 57.5, 'washer-thickness': 1.9 };
    const { rework, solved } = await planFor(sizedJob({ ...WIDE, ...play }, sheet));
    const works = plannedOperations(rework, solved.plans[0]!);
    const of = (a: readonly { readonly characteristic: { readonly id: string } }[]) =>
      a.map(({ characteristic }) => characteristic.id);
    expect(works.map((w) => [w.offer.operation.remedy, of(w.brings), of(w.keeps)])).toEqual([
      ['face-deck', ['face-drive', 'face-driven', 'stack-drive', 'stack-driven'], []],
      ['change-washer', [], ['pump-to-unit']],
    ]);
    const said = partLines(rework, solved.plans[0]!).map((line) => lineReason(rework, line, 'mm'));
    expect(said).toEqual(
      expect.arrayContaining([
        expect.stringMatching(/Brings 4 checks in, end clearance, drive gear first\.$/),
        expect.stringMatching(/Keeps transmission end play, pump bolted up in\.$/),
      ]),
    );
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

describe('work that was carried out', () => {
  it('is what its part is said to be, not reused', async () => {
    const job = sizedJob(WIDE, mostOnly());
    const { rework, solved } = await planFor(job);
    const [cut] = plannedOperations(rework, solved.plans[0]!);
    const after = carryOut(cut!.offer, null, 0.07, 0.003)(job, stamp());
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
