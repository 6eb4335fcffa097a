import { characteristicId } from '../../pumps/ids';
import fc from 'fast-check';
import { VELTRANE_T6 } from '../../testing/sheets';
import { jobWithSizes, planFor, planWith, neverDone } from '../../testing/worked';
import { doubtOfAmount } from './doubt';
import { plannedOperations } from './lines';
import { movedGaps } from './moved';
import { priceOf } from './money';
import { newPumpFor } from './newPump';
import type { ReworkCase } from './case';
import { mustBeSized, overallDecision, suggestsNew } from './proposal';
import { amountsOf } from './solve';
import { NEW_SHOP } from '../../records/shop';

const WIDE = {
  'pocket-depth': 20.09,
  'drive-width': 20,
  'driven-width': 20,
  'track-depth': 10,
  'face-depth': 10,
};
const NEVER = neverDone('deck-faced', 'body-renewed', 'gear-set');
/** Returns a case in which a new pump has this price; none given is an example's. */
const costing = (rework: ReworkCase, expected: number, priced = true): ReworkCase => ({
  ...rework,
  newPump: { work: expected, minutes: 0, days: 0, down: 0, expected, priced },
});

describe('a new pump', () => {
  it('is suggested where the cheapest plan costs more, whichever plan is looked at', async () => {
    const { rework, solved } = await planFor(jobWithSizes(WIDE));
    expect(solved.plans.length).toBeGreaterThan(1);
    const { expected } = priceOf(rework, solved.plans[0]!);
    expect(suggestsNew(costing(rework, expected - 0.01), solved)).toBe(true);
    expect(suggestsNew(costing(rework, expected), solved)).toBe(false);
  });
  it('is suggested where nothing brings this one in', async () => {
    const { rework, solved } = await planFor(jobWithSizes(WIDE), { operations: NEVER });
    expect(solved.blocked.length).toBeGreaterThan(0);
    expect(suggestsNew(costing(rework, 640), solved)).toBe(true);
    // On an example's price nobody buys a pump.
    expect(newPumpFor(VELTRANE_T6, NEW_SHOP).priced).toBe(false);
    expect(suggestsNew(rework, solved)).toBe(false);
  });
  it('is not suggested before anything is measured, however cheap it is', async () => {
    const { rework, solved } = await planFor(jobWithSizes({}));
    expect(suggestsNew(costing(rework, 0), solved)).toBe(false);
  });
  it('is not suggested because a person’s settings exclude each other', async () => {
    const settings = new Map([
      ['deck-faced--body', 'on' as const],
      ['body-renewed--body', 'on' as const],
    ]);
    const { rework, solved } = await planWith(jobWithSizes(WIDE), settings);
    expect(solved).toEqual({ plans: [], blocked: [], closer: [] });
    expect(suggestsNew(costing(rework, 0), solved)).toBe(false);
  });
  it('is not suggested for a gap that only has to be measured', () => {
    const unsized = [{ assessment: { characteristic: { id: 'face' } }, by: [] }];
    const rework = { unsized } as unknown as Parameters<typeof mustBeSized>[0];
    expect(mustBeSized(rework, [{ characteristic: characteristicId('face'), short_mm: 1 }])).toBe(
      true,
    );
    expect(mustBeSized(rework, [{ characteristic: characteristicId('tip'), short_mm: 1 }])).toBe(
      false,
    );
    expect(mustBeSized(rework, [])).toBe(false);
  });
});

describe('the pump as a whole', () => {
  it.each([
    ['replace', ['machine', 'reuse'], true],
    ['machine', ['reuse', 'dress'], false],
    ['machine', ['replace', 'reuse'], false],
    ['reuse', ['reuse', 'reuse'], false],
    ['reuse', [], false],
  ] as const)(
    'is to %s where its parts are %j and a new one is the better buy: %s',
    (is, parts, buy) => {
      const lines = parts.map((decision) => ({ decision }));
      expect(overallDecision({ unmet: [] }, lines, buy)).toBe(is);
    },
  );
});

describe('the gaps that work moves', () => {
  it('begin with those that are not in, and leave out what it does not touch', async () => {
    const { rework, solved } = await planFor(jobWithSizes({ ...WIDE, 'driven-width': 20.02 }));
    const amounts = amountsOf(solved.plans[0]!);
    expect([...amounts.keys()]).toEqual(['deck-faced--body']);
    const moved = movedGaps(rework, amounts).map(({ assessment: a }) => [
      a.verdict === 'in',
      a.characteristic.id,
    ]);
    expect(moved.map(([isIn]) => isIn)).toEqual([...moved].map(([isIn]) => isIn).sort());
    expect(moved.map(([, id]) => id)).toEqual(
      expect.arrayContaining(['face-drive', 'face-driven', 'stack-drive', 'stack-driven']),
    );
    expect(moved.map(([, id]) => id)).not.toContain('cover-wear');
    expect(movedGaps(rework, new Map())).toEqual([]);
    const [cut] = plannedOperations(rework, solved.plans[0]!);
    const brought = cut!.brings.map((a) => a.characteristic.id);
    expect(brought).toContain('face-drive');
    expect(brought).not.toContain('face-driven');
  });
});

describe('an amount outside its plan', () => {
  const planned = { from_mm: 0.01, to_mm: 0.07 };

  it('is asked about, however little it is outside of what is in', () => {
    expect(doubtOfAmount(0.9, planned, 'mm')).toBe(
      '0.90 mm is outside the planned amount: 0.01 to 0.07 mm is in. Check it, and its unit.',
    );
    expect(doubtOfAmount(0.003, planned, 'mm')).toMatch(/^0\.003 mm is outside/);
    expect(doubtOfAmount(0.0712, planned, 'mm')).not.toBeNull();
  });
  it('is believed anywhere in the range', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 0.07, noNaN: true }), (mm) => {
        expect(doubtOfAmount(mm, planned, 'mm')).toBeNull();
        expect(doubtOfAmount(mm + planned.to_mm, planned, 'mm')).not.toBeNull();
      }),
    );
  });
});
