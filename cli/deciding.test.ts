import { vaneReachOf } from '../core/sums/vaneReach';
import { ask, errorOf } from './ask';

const PUMP = {
  dimensions: { depth: 20.09, width: 20 },
  characteristics: [{ id: 'end', terms: { depth: 1, width: -1 }, lower_mm: 0.02, upper_mm: 0.08 }],
  operations: [
    { id: 'deck', effects: { depth: -1 }, min_mm: 0, max_mm: 0.2, fixedCost: 40, costPerMm: 0 },
  ],
};
const [END] = PUMP.characteristics;
const [DECK] = PUMP.operations;
const MATCH = {
  bodies: [
    { id: 'A', depth_mm: 20.06 },
    { id: 'B', depth_mm: 20.12 },
  ],
  gears: [
    { id: 'X', width_mm: 20.01 },
    { id: 'Y', width_mm: 20.02 },
  ],
  lower_mm: 0.02,
  upper_mm: 0.06,
  maxDeckCut_mm: 0.05,
  maxGearGrind_mm: 0,
};
const VANE = vaneReachOf.example as Readonly<Record<string, number>>;

describe('the sums of deciding', () => {
  it('plan the cheapest work, with the range of its amount', async () => {
    expect(await ask('rework.plan', { ...PUMP, guard_mm: 0.005 })).toEqual({
      feasible: true,
      cost: 40,
      operations: [
        {
          id: 'deck',
          amount_mm: expect.closeTo(0.04, 6) as number,
          from_mm: expect.closeTo(0.015, 9) as number,
          to_mm: expect.closeTo(0.065, 9) as number,
        },
      ],
      predicted: { end: expect.closeTo(0.05, 6) as number },
      blocking: [],
    });
  });
  it('say what blocks where nothing brings it in', async () => {
    const operations = [{ ...DECK, max_mm: 0.005 }];
    expect(await ask('rework.plan', { ...PUMP, operations })).toEqual({
      feasible: false,
      cost: null,
      operations: [],
      predicted: { end: expect.closeTo(0.09, 9) as number },
      blocking: ['end'],
    });
  });
  it('pair parts with the least metal off', async () => {
    expect(await ask('match.parts', MATCH)).toEqual({
      pairs: [
        {
          body: 'A',
          gear: 'X',
          deckCut_mm: 0,
          gearGrind_mm: 0,
          gap_mm: expect.closeTo(0.05, 9) as number,
        },
        {
          body: 'B',
          gear: 'Y',
          gearGrind_mm: 0,
          deckCut_mm: expect.closeTo(0.04, 9) as number,
          gap_mm: expect.closeTo(0.06, 9) as number,
        },
      ],
      built: 2,
      totalCut_mm: expect.closeTo(0.04, 9) as number,
    });
  });
  it('give the reach of a vane and the hours that it has', async () => {
    expect(await ask('vane.reach', VANE)).toEqual({
      reach_mm: expect.closeTo(9.7, 9) as number,
      inSlot_mm: expect.closeTo(5.8, 9) as number,
      verdict: 'in',
      hoursLeft: expect.closeTo(3200, 6) as number,
    });
  });
  it.each([
    ['rework.plan', { ...PUMP, dimensions: { depth: 'deep', width: 20 } }, 'dimensions.depth'],
    ['rework.plan', { ...PUMP, dimensions: { depth: 20.09 } }, 'characteristics[0].terms.width'],
    [
      'rework.plan',
      { ...PUMP, characteristics: [{ ...END, upper_mm: 0.01 }] },
      'characteristics[0].upper_mm',
    ],
    ['rework.plan', { ...PUMP, characteristics: [END, END] }, 'characteristics'],
    ['rework.plan', { ...PUMP, operations: [{ ...DECK, min_mm: 0.3 }] }, 'operations[0].max_mm'],
    ['rework.plan', { ...PUMP, operations: [{ ...DECK, max_mm: null }] }, 'operations[0].max_mm'],
    [
      'rework.plan',
      { ...PUMP, operations: [{ ...DECK, effects: { floor: 1 } }] },
      'operations[0].effects.floor',
    ],
    [
      'rework.plan',
      { ...PUMP, operations: [{ ...DECK, offset: { floor: 1 } }] },
      'operations[0].offset.floor',
    ],
    ['rework.plan', { ...PUMP, excludes: [['deck', 'floor']] }, 'excludes[0][1]'],
    ['rework.plan', { ...PUMP, excludes: [['deck', 'deck']] }, 'excludes[0]'],
    ['rework.plan', { ...PUMP, guard_mm: -1 }, 'guard_mm'],
    ['match.parts', { ...MATCH, upper_mm: 0.01 }, 'upper_mm'],
    ['match.parts', { ...MATCH, gears: [...MATCH.gears, ...MATCH.gears] }, 'gears'],
    ['match.parts', { ...MATCH, maxDeckCut_mm: -0.1 }, 'maxDeckCut_mm'],
    ['vane.reach', { ...VANE, hours: 0 }, 'hours'],
    ['vane.reach', { ...VANE, leastInSlot_mm: undefined }, 'leastInSlot_mm'],
  ])('%s %j is an error at %s', async (name, input, field) => {
    expect((await errorOf(name, input))?.field).toBe(field);
  });
});
