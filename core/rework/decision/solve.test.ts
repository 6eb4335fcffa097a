import { operationId, characteristicId, stationId, dimensionId } from '../../pumps/ids';
import { record } from '../../journal/commands';
import { NEW_SHOP } from '../../records/shop';
import type { Job } from '../../records/job';
import { carryOut } from '../../commands/deciding';
import { found, stamp } from '../../testing/findings';
import { withReadings } from '../../testing/readings';
import { SHEETS, VELTRANE_T6 } from '../../testing/sheets';
import { idsOf, rules, WIDE } from '../../testing/tooWide';
import { jobWithSizes, measuredJob, planFor, planWith, neverDone } from '../../testing/worked';
import type { ReworkCase } from './case';
import { rowsOf } from './asked';

import { partLines, plannedOperations } from './lines';
import { newIsCheaper, priceOf } from './money';
import { newPumpFor } from './newPump';
import { stepWords } from '../../wording/planStep';
import { amountsOf, outAfter, spansAfter } from './solve';

describe('a pump whose end clearance is too wide', () => {
  it('has its deck faced: the excess at least, and no more than the least clearance leaves', async () => {
    const { solved } = await planFor(jobWithSizes(WIDE, { rules }));
    const [plan] = solved.plans;
    expect(idsOf(plan)).toEqual(['deck-faced--body']);
    expect(plan?.works[0]?.from_mm).toBeCloseTo(0.01, 6);
    expect(plan?.works[0]?.to_mm).toBeCloseTo(0.07, 6);
    expect(plan?.works[0]?.amount_mm).toBeCloseTo(0.04, 4);
  });
  it('keeps the doubt of the measuring inside the limits by the guarded rule', async () => {
    const guarded = await planFor(jobWithSizes(WIDE));
    const [work] = guarded.solved.plans[0]?.works ?? [];
    expect(work?.from_mm).toBeGreaterThan(0.015);
    expect(work?.to_mm).toBeLessThan(0.065);
  });
  it('takes no metal that has to stay', async () => {
    const metal = [{ dimension: dimensionId('pocket-depth'), least_mm: 20.07, most_mm: null }];
    const job = jobWithSizes(WIDE, { rules }, { ...VELTRANE_T6, metal });
    const { rework, solved } = await planFor(job);
    const deck = rework.offers.find(({ id }) => id === 'deck-faced--body')!;
    expect(rework.reaches.get(deck.id)?.max_mm).toBeCloseTo(0.02, 9);
    expect(solved.plans[0]?.works[0]?.to_mm).toBeCloseTo(0.02, 9);
  });
  it('keeps the range of an amount that a person holds', async () => {
    const held = new Map([['deck-faced--body', { amount_mm: 0.03 }]]);
    const { solved } = await planWith(jobWithSizes(WIDE, { rules }), held);
    const [work] = solved.plans[0]?.works ?? [];
    expect(work?.amount_mm).toBeCloseTo(0.03, 9);
    expect([work?.from_mm, work?.to_mm]).toEqual([
      expect.closeTo(0.01, 6) as number,
      expect.closeTo(0.07, 6) as number,
    ]);
  });
  it('is fitted with wider gears where that costs less', async () => {
    const sets = [{ id: 'plus', name: 'Gear set +0.05', over_mm: 0.05, price: 5, days: 0 }];
    const nominal = ['drive-width', 'driven-width'].map((dimension) => ({
      dimension: dimensionId(dimension),
      value_mm: 20,
    }));
    const sheet = { ...VELTRANE_T6, sets, nominal };
    const kept = await planFor(jobWithSizes(WIDE, { rules }, sheet));
    expect(idsOf(kept.solved.plans[0])).toEqual(['deck-faced--body']);
    const renewing = { ...rules, gears: 'renew' as const };
    const { rework, solved } = await planFor(jobWithSizes(WIDE, { rules: renewing }, sheet));
    expect(idsOf(solved.plans[0])).toEqual(['gears-wider--drive--plus']);
    // A new gear may be 0.013 under its nominal size: nobody said how near new ones come to it.
    const after = spansAfter(rework, amountsOf(solved.plans[0]!)).get('stack-drive');
    expect([after?.low_mm, after?.high_mm].map((mm) => Math.round(mm! * 1e6) / 1e6)).toEqual([
      0.027, 0.053,
    ]);
  });
  it('leaves work to nobody who does not do it, and says what blocks', async () => {
    const never = neverDone('deck-faced', 'body-renewed', 'gear-set');
    const { solved } = await planFor(jobWithSizes(WIDE, { rules }), { operations: never });
    expect(solved.plans).toEqual([]);
    expect(solved.blocked.map((b) => b.characteristic)).toEqual([
      ...['face-drive', 'face-driven', 'stack-drive', 'stack-driven'],
    ]);
    expect(solved.blocked[0]?.short_mm).toBeCloseTo(0.01, 6);
  });
  it('moves the end play with what comes off the deck', async () => {
    const limit = {
      ...VELTRANE_T6.limits[0]!,
      characteristic: characteristicId('pump-to-unit'),
      tier: 'service',
    };
    const limits = [...VELTRANE_T6.limits, { ...limit, lower_mm: 0.2, upper_mm: 0.45 }];
    const sizes = { ...WIDE, 'unit-depth': 50.3, 'pump-height': 48, 'washer-thickness': 2 };
    const job = jobWithSizes(sizes, { rules, tier: 'service' }, { ...VELTRANE_T6, limits });
    const { rework, solved } = await planFor(job);
    const amounts = amountsOf(solved.plans[0]!);
    const taken = amounts.get('deck-faced--body') ?? NaN;
    const play = spansAfter(rework, amounts).get('pump-to-unit');
    expect(play?.high_mm).toBeCloseTo(0.3 + taken, 6);
  });
});

describe('a gap of which nobody knows how far it is out', () => {
  const tried = ['12', '6', '3', '9'].map((station) => ({
    ...stamp(),
    kind: 'leaf' as const,
    instrument: '',
    characteristic: characteristicId('face-drive'),
    station: stationId(station),
    leaves_mm: [0.1],
    marked_mm: null,
    felt: 'free' as const,
  }));

  it('is no ground for a cut: it blocks until it is measured', async () => {
    const job = withReadings(jobWithSizes({}, { rules }), ...tried);
    const { rework, solved } = await planFor(job);
    expect(rework.unsized.map((u) => u.assessment.characteristic.id)).toContain('face-drive');
    expect(solved.plans).toEqual([]);
    expect(solved.blocked.map((b) => b.characteristic)).toContain('face-drive');
  });
  it('is brought in by what is new or cut true, however far it was', async () => {
    const worn = ['12-6', '2-8', '4-10'].map((station) => ({
      ...tried[0]!,
      ...stamp(),
      characteristic: characteristicId('cover-wear'),
      station: stationId(station),
    }));
    const limit = {
      ...VELTRANE_T6.limits[0]!,
      characteristic: characteristicId('cover-wear'),
      lower_mm: null,
    };
    const tier = VELTRANE_T6.limits[0]!.tier;
    const sheet = { ...VELTRANE_T6, limits: [{ ...limit, upper_mm: 0.05 }] };
    const { rework, solved } = await planFor(
      withReadings(jobWithSizes({}, { rules, tier }, sheet), ...worn),
    );
    expect(idsOf(solved.plans[0])).toEqual(['cover-ground--cover']);
    // That is what it is for, and what is said of it.
    const [grind] = plannedOperations(rework, solved.plans[0]!);
    expect(grind?.brings.map((a) => a.characteristic.id)).toEqual(['cover-wear']);
    // Leaves showed that it is at least so deep.
    expect(stepWords(grind!, 'mm')).toBe('Cut at least 0.10 mm, until the wear mark is gone.');
  });
});

describe('a worn cover', () => {
  const WORN = { ...WIDE, 'pocket-depth': 20.05, 'track-depth': 10.06 };

  it('is ground until its wear is gone, and then adds nothing', async () => {
    const { rework, solved } = await planFor(jobWithSizes(WORN, { rules }));
    const [plan] = solved.plans;
    expect(idsOf(plan)).toEqual(['cover-ground--cover']);
    expect(plan?.works[0]?.from_mm).toBeCloseTo(0.06, 6);
    const spans = spansAfter(rework, amountsOf(plan!));
    expect(spans.get('stack-drive')?.high_mm).toBeCloseTo(0.05, 6);
    const grind = rework.offers.find(({ id }) => id === 'cover-ground--cover')!;
    expect(rework.reaches.get(grind.id)?.min_mm).toBeCloseTo(0.06, 6);
    expect(stepWords(plannedOperations(rework, plan!)[0]!, 'mm')).toBe(
      'Cut until the wear mark is gone, about 0.06 mm.',
    );
  });
  it('is lapped by hand only where the house does, and where nothing else helps if it says so', async () => {
    const slight = jobWithSizes(
      { ...WIDE, 'pocket-depth': 20.076, 'track-depth': 10.008 },
      { rules },
    );
    const first = async (lapping: Job['rules']['lapping']) => {
      const { solved } = await planFor({ ...slight, rules: { ...rules, lapping } });
      return idsOf(solved.plans[0]);
    };
    expect(await first('normal')).toEqual(['face-lapped--cover']);
    expect(await first('last-resort')).toEqual(['cover-ground--cover']);
    expect(await first('never')).toEqual(['cover-ground--cover']);
  });
});

describe('what was found when it was looked at', () => {
  it('is put right, as deep as it goes', async () => {
    const job = record(
      jobWithSizes({ ...WIDE, 'pocket-depth': 20.05 }, { rules }),
      found('cover-track', { depth_mm: 0.04 }),
    );
    const { rework, solved } = await planFor(job);
    expect(rework.needs.map((n) => n.offers.map(({ id }) => id))).toEqual([
      ['cover-ground--cover', 'cover-renewed--cover'],
    ]);
    expect(solved.plans[0]?.works).toMatchObject([
      { id: 'cover-ground--cover', from_mm: expect.closeTo(0.04, 9) as number },
    ]);
  });
  it('is replaced where it goes deeper than can be cut away', async () => {
    const { solved } = await planFor(
      record(jobWithSizes(WIDE, { rules }), found('deck', { depth_mm: 0.5 })),
    );
    expect(idsOf(solved.plans[0])).toEqual(['body-renewed--body']);
  });
  it('is not asked for again once it was carried out', async () => {
    const job = record(
      jobWithSizes({ ...WIDE, 'pocket-depth': 20.05 }, { rules }),
      found('cover-track', {}),
    );
    const { rework } = await planFor(job);
    const grind = rework.offers.find(({ id }) => id === 'cover-ground--cover')!;
    const after = await planFor(carryOut(grind, null, 0.03, 0.004)(job, stamp()));
    expect(after.rework.needs).toEqual([]);
    const again = record(
      carryOut(grind, null, 0.03, 0.004)(job, stamp()),
      found('cover-track', {}),
    );
    expect((await planFor(again)).rework.needs).toHaveLength(1);
  });
  it('is stoned off where it only stands up', async () => {
    const nick = found('ears', { defect: 'nicked', proposed: 'dress', decided: 'dress' });
    const { solved } = await planFor(
      record(jobWithSizes({ ...WIDE, 'pocket-depth': 20.05 }, { rules }), nick),
    );
    expect(idsOf(solved.plans[0])).toEqual(['nicks-stoned--body']);
  });
  it('has the bushing replaced by house rule, unless a new one is in already', async () => {
    const job = jobWithSizes({ ...WIDE, 'pocket-depth': 20.05 });
    const house = { ...job, rules: { ...job.rules, renew: 'always' as const } };
    expect(idsOf((await planFor(house)).solved.plans[0])).toEqual(['bushing-renewed--bushing']);
    expect(idsOf((await planFor({ ...house, fitted: 'new' })).solved.plans[0])).toEqual([]);
  });
});

describe('what it costs', () => {
  it('is the shop’s time with what goes along, what is paid, and the days of waiting once', async () => {
    const { rework, solved } = await planFor(jobWithSizes(WIDE, { rules }));
    const price = priceOf(rework, solved.plans[0]!);
    expect(price).toMatchObject({ minutes: 50, days: 0, down: 0, chance: 0 });
    expect(price.work).toBeCloseTo((50 / 60) * NEW_SHOP.money.rate, 9);
    const whole = newPumpFor(VELTRANE_T6, NEW_SHOP);
    expect(whole).toMatchObject({ expected: 640 + 9 * NEW_SHOP.money.downDay, priced: false });
    expect(newIsCheaper(null, whole)).toBe(false);
    const prices = (price: number | null, days: number | null) => ({
      prices: [{ operation: operationId('whole-pump'), price, days }],
    });
    const cheap = newPumpFor(prices(10, null), NEW_SHOP);
    expect(cheap).toMatchObject({ work: 10, days: 9, priced: true });
    expect(newPumpFor(prices(null, 2), NEW_SHOP)).toMatchObject({
      work: 640,
      days: 2,
      priced: false,
    });
    expect(newIsCheaper(price.expected, cheap)).toBe(false);
    expect(newIsCheaper(2000, cheap)).toBe(true);
  });
  it('weighs a gap too close to call: the chance of a comeback against making sure', async () => {
    const near = jobWithSizes({ ...WIDE, 'pocket-depth': 20.078 });
    const cheap = await planFor(near, { money: { ...NEW_SHOP.money, comeback: 10 } });
    expect(idsOf(cheap.solved.plans[0])).toEqual([]);
    expect(cheap.solved.plans[0]?.leaves).toEqual([
      ...['face-drive', 'face-driven', 'stack-drive', 'stack-driven'],
    ]);
    expect(cheap.solved.plans[0]?.chance).toBeGreaterThan(0.05);
    const dear = await planFor(near, { money: { ...NEW_SHOP.money, comeback: 5000 } });
    expect(idsOf(dear.solved.plans[0])).toEqual(['deck-faced--body']);
    expect(dear.solved.plans[0]?.chance).toBe(0);
  });
});

describe('whatever pump it is', () => {
  const cases = SHEETS.flatMap((sheet) =>
    [0.4, 0.9, 1.15, 1.6].map((worn, i) => [sheet.model, worn, sheet, i] as const),
  );
  it.each(cases)('%s worn to %s: plans bring in what they say', async (_, worn, sheet, i) => {
    const { rework, solved } = await planFor(measuredJob(sheet, worn, 31 + i));
    for (const plan of solved.plans) {
      const amounts = amountsOf(plan);
      const left = outAfter(rework, amounts).map((a) => a.characteristic.id);
      const known = (id: (typeof left)[number]) => [...plan.leaves, ...plan.again].includes(id);
      expect(left.filter((id) => !known(id))).toEqual([]);
      for (const { id, from_mm, to_mm } of plan.works) {
        const offer = rework.offers.find((o) => o.id === id)!;
        const reach = rework.reaches.get(offer.id)!;
        expect(from_mm).toBeGreaterThanOrEqual(reach.min_mm - 1e-9);
        expect(to_mm).toBeLessThanOrEqual(reach.max_mm + 1e-9);
        for (const amount of [from_mm, to_mm]) {
          const out = outAfter(rework, new Map([...amounts, [id, amount]]));
          expect(out.map((a) => a.characteristic.id).filter((id) => !known(id))).toEqual([]);
        }
      }
      for (const { works } of partLines(rework, plan)) {
        for (const { offer } of works) expect(offer.terms.by).not.toBe('never');
      }
    }
    if (solved.plans.length === 0) {
      expect(solved.blocked.length + solved.closer.length).toBeGreaterThan(0);
    }
  });
});

describe('a gap that is in by the rule that said so', () => {
  const guarded = { ...rules, decision: 'guarded' as const };
  // Twice its doubt reaches over the limit of 0.08, and it is in all the same.
  const near = { ...WIDE, 'pocket-depth': 20.073 };
  const face = (rework: ReworkCase) =>
    rework.watched.find((w) => w.assessment.characteristic.id === 'face-drive')!;

  it('stays in, and asks for no work of its own', async () => {
    const { rework } = await planFor(jobWithSizes(near, { rules: guarded }));
    const { assessment, span } = face(rework);
    expect([assessment.verdict, span.high_mm > assessment.limits!.upper_mm!]).toEqual(['in', true]);
    const out = outAfter(rework, new Map()).map((a) => [a.characteristic.id, a.verdict]);
    expect(out.filter(([, verdict]) => verdict === 'in')).toEqual([]);
  });
  it('is pushed no farther by work on another', async () => {
    const { rework } = await planFor(jobWithSizes(near, { rules: guarded }));
    const [high] = rowsOf(face(rework)).filter(({ id }) => id.endsWith('--high'));
    expect(high?.upper_mm).toBeCloseTo(face(rework).span.high_mm, 12);
    const out = outAfter(rework, new Map([['pocket-sunk--body', 0.001]]));
    expect(out.map((a) => a.characteristic.id)).toContain('face-drive');
  });
});

describe('the chance that something left is out', () => {
  it('is that of the verdict, and counts a gap and the sum that it is in as one doubt', async () => {
    const guarded = { ...rules, decision: 'guarded' as const };
    const job = jobWithSizes({ ...WIDE, 'pocket-depth': 20.079 }, { rules: guarded });
    const none = { money: { ...NEW_SHOP.money, comeback: 1 } };
    const { rework, solved } = await planFor(job, none);
    const left = rework.watched.filter((w) => w.assessment.verdict === 'close');
    const sums = left.filter((w) => w.assessment.parts.length > 0);
    expect([left.length, sums.length]).toEqual([4, 2]);
    const [plan] = solved.plans;
    expect([plan!.works, plan!.leaves.length]).toEqual([[], 4]);
    const sure = sums.reduce((all, { assessment }) => all * assessment.probability!, 1);
    expect(plan!.chance).toBeCloseTo(1 - sure, 12);
  });
});
