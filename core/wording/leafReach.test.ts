import { characteristicId } from '../pumps/ids';
import fc from 'fast-check';
import { emptyJob } from '../practice/job';
import { feel } from '../methods/feeler';
import { VELTRANE_T6 } from '../testing/sheets';
import { judgeTries, ladderOf } from '../feeler/ladder';
import { characteristicOf } from '../pumps/registry';
import type { Sheet, SheetLimit } from '../records/sheet';
import { leafReachWords } from './leafReach';
import { leafReach } from '../feeler/blind';
import { heldLimits } from '../assessment/limits';
import { conventionWords } from './limits';

const JOB = { ...emptyJob(VELTRANE_T6, '2026-11-20T09:00:00.000Z'), tier: 'new' };

const limited = (sheet: Sheet, limit: Partial<SheetLimit> & { characteristic: string }): Sheet => ({
  ...sheet,
  limits: [
    ...sheet.limits.filter((l) => l.characteristic !== limit.characteristic),
    {
      tier: 'new',
      lower_mm: null,
      upper_mm: null,
      preferredLower_mm: null,
      preferredUpper_mm: null,
      side: 'full',
      gasket: 'bare',
      source: '',
      ...limit,
    },
  ],
});

describe('what a set cannot tell', () => {
  const ladder = ladderOf({ leaves_mm: [0.02, 0.05, 0.1], maxStack: 1 });
  const face = characteristicOf(VELTRANE_T6, characteristicId('face-drive'));

  it('is said before the first try, with what could', () => {
    expect(leafReach(ladder, { lower_mm: 0.02, upper_mm: 0.06 }).provesIn).toBe(true);
    expect(leafReach(ladder, { lower_mm: 0.06, upper_mm: 0.09 }).provesIn).toBe(false);
    expect(
      leafReachWords(ladder, { lower_mm: 0.06, upper_mm: 0.09 }, VELTRANE_T6, face, 'mm'),
    ).toMatch(/0\.06–0\.09.*Mic it/);
    expect(leafReachWords(ladder, { upper_mm: 0.08 }, VELTRANE_T6, face, 'mm')).toMatch(
      /cannot separate 0.05–0.10 mm/,
    );
  });
  it('is nothing to speak of with a full set', () => {
    const full = ladderOf(JOB.feeler);
    expect(leafReachWords(full, { lower_mm: 0.02, upper_mm: 0.08 }, VELTRANE_T6, face, 'mm')).toBe(
      '',
    );
  });
});

describe('limits as they are published', () => {
  const held = (sheet: Sheet, id: string) => heldLimits(sheet, 'new', characteristicId(id));
  it('for one side count twice for the full gap', () => {
    const sheet = limited(VELTRANE_T6, {
      characteristic: characteristicId('od-pocket'),
      lower_mm: 0.04,
      upper_mm: 0.08,
      side: 'one-side',
    });
    const limits = held(sheet, 'od-pocket')!;
    expect(limits).toMatchObject({ lower_mm: 0.08, upper_mm: 0.16 });
    expect(conventionWords(sheet, limits, characteristicId('od-pocket'))).toMatch(/per side/);
  });
  it('without the gasket are held against gap and gasket together', () => {
    const sheet = limited(
      { ...VELTRANE_T6, gasket_mm: 0.03 },
      {
        characteristic: characteristicId('face-drive'),
        lower_mm: 0.02,
        upper_mm: 0.08,
        gasket: 'assembled',
      },
    );
    const limits = held(sheet, 'stack-drive')!;
    expect(limits.lower_mm).toBe(0);
    expect(limits.upper_mm).toBeCloseTo(0.05, 9);
    expect(conventionWords(sheet, limits, characteristicId('stack-drive'))).toMatch(/gasket/);
    expect(held(VELTRANE_T6, 'backlash')).toMatchObject({ lower_mm: 0.1, upper_mm: 0.3 });
    expect(held(VELTRANE_T6, 'deck-flatness')).toBeNull();
  });
});

describe('a set held against limits', () => {
  const LEAVES = [0.02, 0.03, 0.04, 0.05, 0.06, 0.08, 0.1, 0.15, 0.2, 0.3];
  const window = fc
    .tuple(fc.integer({ min: 0, max: 250 }), fc.integer({ min: 5, max: 200 }))
    .map(([lower, wide]) => ({ lower_mm: lower / 1000, upper_mm: (lower + wide) / 1000 }));

  it('says it can prove a gap in just where some honest tries do', () => {
    fc.assert(
      fc.property(fc.subarray(LEAVES, { minLength: 1 }), window, (leaves_mm, limits) => {
        const ladder = ladderOf({ leaves_mm, maxStack: 1 });
        const gaps = Array.from({ length: 120 }, (_, i) => (i * 4 + 1) / 1000);
        const proven = gaps.some((gap) => {
          const tries = leaves_mm.map((leaf) => ({
            leaves_mm: [leaf],
            felt: feel(leaf, [gap, gap]),
          }));
          return judgeTries(ladder, limits, tries).verdict === 'in';
        });
        // What tries prove, the set can prove; it may promise a gap that none of these hit.
        if (proven) expect(leafReach(ladder, limits).provesIn).toBe(true);
      }),
      { numRuns: 60 },
    );
  });
  it('calls a stretch blind only where no try is decided', () => {
    fc.assert(
      fc.property(fc.subarray(LEAVES, { minLength: 2 }), window, (leaves_mm, limits) => {
        const ladder = ladderOf({ leaves_mm, maxStack: 1 });
        for (const [from, to] of leafReach(ladder, limits).blind) {
          const gap = (from + to) / 2;
          const tries = leaves_mm.map((leaf) => ({
            leaves_mm: [leaf],
            felt: gap >= leaf ? ('free' as const) : ('no-go' as const),
          }));
          expect(judgeTries(ladder, limits, tries).verdict).not.toBe('in');
        }
      }),
      { numRuns: 60 },
    );
  });
});
