import fc from 'fast-check';
import { FELT, stackOf, type Try } from './bounds';
import { judgeTries, ladderOf, leavesOf, nextTry, type Goal } from './ladder';
import { stacksOf } from './stacks';

const SET = [0.03, 0.04, 0.05, 0.06, 0.07, 0.08, 0.1, 0.15, 0.2];
const LIMITS = { lower_mm: 0.04, upper_mm: 0.06 };

/** Answers as an honest leaf does in a gap: within the band it may drag, or not. */
function honest(stack: number, small: number, large: number, dragsWithin: number): Try['felt'] {
  if (Math.abs(small - stack) <= dragsWithin && Math.abs(large - stack) <= dragsWithin)
    return 'drag';
  if (small >= stack) return 'free';
  return large < stack ? 'no-go' : 'part-way';
}

function climbTo(
  goal: Goal,
  limits: { lower_mm?: number | null; upper_mm?: number | null },
  gap: readonly [number, number],
  dragsWithin: number,
  leaves = SET,
  maxStack = 1,
) {
  const ladder = ladderOf({ leaves_mm: leaves, maxStack });
  const tries: Try[] = [];
  for (;;) {
    const next = nextTry(ladder, limits, goal, tries);
    if (!next) return { tries, ...judgeTries(ladder, limits, tries) };
    tries.push({ leaves_mm: next.leaves_mm, felt: honest(next.total_mm, ...gap, dragsWithin) });
    if (tries.length > 200) throw new Error('The ladder does not end.');
  }
}

const gapBetween = (most: number) =>
  fc
    .tuple(fc.integer({ min: 0, max: most * 1e4 }), fc.integer({ min: 0, max: 200 }))
    .map(([at, tilt]) => [at / 1e4, (at + tilt) / 1e4] as const);

describe('what one answer says', () => {
  const after = (...tries: Try[]) =>
    judgeTries(ladderOf({ leaves_mm: SET, maxStack: 1 }), LIMITS, tries);
  const at = (leaf: number, felt: Try['felt']): Try => ({ leaves_mm: [leaf], felt });

  it('free bounds both below', () => {
    expect(after(at(0.05, 'free'))).toMatchObject({
      smallest: { lo_mm: 0.05, hi_mm: null },
      largest: { lo_mm: 0.05, hi_mm: null },
    });
  });
  it('drag bounds both within the band', () => {
    expect(after(at(0.05, 'drag'))).toMatchObject({
      smallest: { lo_mm: 0.045, hi_mm: 0.055 },
      largest: { lo_mm: 0.045, hi_mm: 0.055 },
      verdict: 'in',
    });
  });
  it('part way bounds the smallest above and the largest below', () => {
    expect(after(at(0.05, 'part-way'))).toMatchObject({
      smallest: { lo_mm: 0, hi_mm: 0.05 },
      largest: { lo_mm: 0.05, hi_mm: null },
    });
  });
  it('free over the upper limit is out, at the limit it is not', () => {
    expect(after(at(0.07, 'free')).verdict).toBe('out');
    expect(after(at(0.06, 'free')).verdict).toBe('open');
  });
  it('below the lower limit is out', () => {
    expect(after(at(0.03, 'no-go')).verdict).toBe('out');
  });
  it('is close where no leaf lies between', () => {
    const tries = [at(0.06, 'free'), at(0.07, 'no-go')];
    expect(after(...tries).verdict).toBe('close');
  });
  it('names the later of two tries that contradict each other', () => {
    expect(() => after(at(0.05, 'free'), at(0.04, 'no-go'))).toThrow(
      expect.objectContaining({ field: 'tries[1].felt' }),
    );
  });
  it('takes the same leaf neither free and not going', () => {
    expect(() => after(at(0.05, 'free'), at(0.05, 'no-go'))).toThrow(/contradicts/);
  });
});

describe('stacks', () => {
  it('makes each thickness once, with the fewest leaves', () => {
    const stacks = stacksOf(leavesOf({ leaves_mm: [0.03, 0.04, 0.05, 0.07], maxStack: 3 }), 3);
    const totals = stacks.map((s) => s.total_mm);
    expect(totals).toEqual([...new Set(totals)].sort((a, b) => a - b));
    expect(stacks.find((s) => s.total_mm === 0.07)?.leaves_mm).toEqual([0.07]);
    expect(stacks.find((s) => s.total_mm === 0.08)?.leaves_mm).toHaveLength(2);
  });
  it('never holds a leaf twice', () => {
    for (const { leaves_mm, total_mm } of stacksOf(leavesOf({ leaves_mm: SET, maxStack: 3 }), 3)) {
      expect(new Set(leaves_mm).size).toBe(leaves_mm.length);
      expect(stackOf(leaves_mm)).toBe(total_mm);
    }
  });
});

describe('the ladder', () => {
  const limits = fc
    .tuple(fc.integer({ min: 0, max: 12 }), fc.integer({ min: 1, max: 10 }), fc.boolean())
    .map(([lower, room, both]) => ({
      lower_mm: both ? lower / 100 : null,
      upper_mm: (lower + room) / 100,
    }));

  it('is never wrong for a leaf that tells the truth', () => {
    fc.assert(
      fc.property(limits, gapBetween(0.2), fc.constantFrom(0, 0.002, 0.005), (lim, gap, drags) => {
        const { verdict, smallest, largest } = climbTo('verdict', lim, gap, drags);
        const isIn = gap[0] >= (lim.lower_mm ?? 0) && gap[1] <= lim.upper_mm;
        if (verdict === 'in') expect(isIn).toBe(true);
        if (verdict === 'out') expect(isIn).toBe(false);
        expect(verdict).not.toBe('open');
        expect(smallest.lo_mm).toBeLessThanOrEqual(gap[0]);
        expect(largest.lo_mm).toBeLessThanOrEqual(gap[1]);
        expect(smallest.hi_mm ?? Infinity).toBeGreaterThanOrEqual(gap[0]);
        expect(largest.hi_mm ?? Infinity).toBeGreaterThanOrEqual(gap[1]);
      }),
      { numRuns: 300 },
    );
  });

  it('never says close where the leaves it has would have decided', () => {
    fc.assert(
      fc.property(gapBetween(0.12), (gap) => {
        const { verdict } = climbTo('verdict', LIMITS, gap, 0);
        const settled = gap[1] >= 0.07 || gap[0] < 0.03 || (gap[0] >= 0.04 && gap[1] < 0.06);
        if (settled) expect(verdict).not.toBe('close');
      }),
    );
  });

  it('needs no more tries than climbing leaf by leaf, and fewer on average', () => {
    let ours = 0;
    let byLeaf = 0;
    for (let gap = 0.0005; gap < 0.12; gap += 0.001) {
      const { tries } = climbTo('verdict', LIMITS, [gap, gap], 0);
      const climbed = SET.findIndex((leaf) => leaf > gap || leaf > LIMITS.upper_mm) + 1;
      expect(tries.length).toBeLessThanOrEqual(3);
      ours += tries.length;
      byLeaf += climbed;
    }
    expect(ours).toBeLessThan(0.8 * byLeaf);
  });

  it('goes on to the size until the set can narrow it no further', () => {
    const { smallest, largest } = climbTo('size', LIMITS, [0.0523, 0.0523], 0);
    expect(smallest).toEqual({ lo_mm: 0.05, hi_mm: 0.06 });
    expect(largest).toEqual({ lo_mm: 0.05, hi_mm: 0.06 });
  });

  it('narrows further with stacks', () => {
    const { largest } = climbTo('size', {}, [0.1123, 0.1123], 0, SET, 2);
    expect(largest).toEqual({ lo_mm: 0.11, hi_mm: 0.12 });
  });

  it('adds evidence without ever widening a bracket, whatever the order', () => {
    const ladder = ladderOf({ leaves_mm: SET, maxStack: 1 });
    fc.assert(
      fc.property(gapBetween(0.2), fc.shuffledSubarray(SET, { minLength: 2 }), (gap, order) => {
        const tries = order.map((l): Try => ({ leaves_mm: [l], felt: honest(l, ...gap, 0.003) }));
        const widths = tries.map((_, n) => {
          const { smallest, largest } = judgeTries(ladder, LIMITS, tries.slice(0, n + 1)).bounds;
          return [smallest.hi - smallest.lo, largest.hi - largest.lo] as const;
        });
        widths.slice(1).forEach(([s, l], n) => {
          expect(s).toBeLessThanOrEqual(widths[n]![0]);
          expect(l).toBeLessThanOrEqual(widths[n]![1]);
        });
        const backwards = judgeTries(ladder, LIMITS, [...tries].reverse());
        expect(backwards).toEqual(judgeTries(ladder, LIMITS, tries));
      }),
    );
  });

  it('asks nothing where there is nothing to decide', () => {
    expect(nextTry(ladderOf({ leaves_mm: SET, maxStack: 1 }), {}, 'verdict', [])).toBeNull();
    expect(FELT).toHaveLength(4);
  });
});

describe('leaves that are known no better than their marking', () => {
  const soft = ladderOf({ leaves_mm: SET, maxStack: 1, tolerance_mm: 0.003 });
  const verdictOf = (free: number, noGo: number) =>
    judgeTries(soft, LIMITS, [
      { leaves_mm: [free], felt: 'free' },
      { leaves_mm: [noGo], felt: 'no-go' },
    ]);
  it('may seem to contradict each other by three times the doubt of both, and by no more', () => {
    expect(soft.slack_mm).toBeCloseTo(3 * Math.hypot(0.003, 0.003), 12);
    expect(() => verdictOf(0.062, 0.05)).not.toThrow();
    expect(() => verdictOf(0.063, 0.05)).toThrow();
    expect(ladderOf({ leaves_mm: SET, maxStack: 1 }).slack_mm).toBe(0);
  });
});
