import type { Estimate } from '../metrology/estimate';
import { bandOf } from './band';
import { assessJob, nextStep } from '../guidance/evaluator';
import { explain } from '../wording/verdict';
import { tried, limit, RULES, mostOnly } from '../testing/mostOnly';
import { AT } from '../testing/readings';
import { emptyJob } from '../practice/job';
import type { Felt } from '../feeler/bounds';

const bracket = (lo_mm: number, hi_mm: number): Estimate => ({ kind: 'interval', lo_mm, hi_mm });
const value = (value_mm: number, u_mm = 0.002): Estimate => ({ kind: 'value', value_mm, u_mm });
const LIMITS = {
  lower_mm: 0.02,
  upper_mm: 0.1,
  published: null,
  preferred: { lower_mm: 0.04, upper_mm: 0.07 },
};
const standing = (smallest: Estimate, largest: Estimate) =>
  bandOf('in', { smallest, largest }, LIMITS, 'guarded');

describe('a preferred band', () => {
  it('holds a gap only where all that it can be lies in it', () => {
    expect(standing(bracket(0.04, 0.06), bracket(0.05, 0.07))).toBe('within');
    expect(standing(bracket(0.03, 0.06), bracket(0.05, 0.07))).toBe('unknown');
    expect(standing(bracket(0.04, 0.06), bracket(0.05, 0.08))).toBe('unknown');
    expect(standing(value(0.055), value(0.055))).toBe('within');
    expect(standing(value(0.069), value(0.069))).toBe('unknown');
  });
  it('is said to be left on the side that is proven', () => {
    expect(standing(bracket(0.04, 0.06), bracket(0.08, 0.09))).toBe('looser');
    expect(standing(bracket(0.02, 0.03), bracket(0.03, 0.05))).toBe('tighter');
    expect(standing(bracket(0.02, 0.03), bracket(0.08, 0.09))).toBe('uneven');
  });
  it('is no matter for a gap that is not in', () => {
    expect(
      bandOf('open', { smallest: value(0.05), largest: value(0.05) }, LIMITS, 'plain'),
    ).toBeNull();
  });
});

describe('leaves with a preferred band', () => {
  const sheet = {
    ...mostOnly(),
    limits: [
      { ...limit('face-drive', 0.02, 0.1), preferredLower_mm: 0.04, preferredUpper_mm: 0.07 },
    ],
  };
  const of = (tries: readonly (readonly [number, Felt])[]) => {
    const job = tried({ ...emptyJob(sheet, AT), rules: RULES }, 'face-drive', tries);
    const gap = assessJob(job).find((a) => a.characteristic.id === 'face-drive')!;
    return { gap, step: nextStep(job), words: explain(gap, sheet, 'mm') };
  };
  it('go on to the band once the gap is in', () => {
    const { gap, step, words } = of([
      [0.03, 'free'],
      [0.08, 'no-go'],
    ]);
    expect([gap.verdict, gap.band]).toEqual(['in', 'unknown']);
    expect(words).toContain('Not yet known to be in the preferred 0.04–0.07 mm.');
    expect(step).toMatchObject({ way: 'leaf', characteristic: 'face-drive' });
  });
  it('are through once it is known on which side of it the gap lies', () => {
    for (const [tries, band] of [
      [
        [
          [0.04, 'free'],
          [0.07, 'no-go'],
        ],
        'within',
      ],
      [
        [
          [0.08, 'free'],
          [0.09, 'no-go'],
        ],
        'looser',
      ],
    ] as const) {
      const { gap, step } = of(tries);
      expect([gap.verdict, gap.band]).toEqual(['in', band]);
      expect(step?.characteristic).not.toBe('face-drive');
    }
  });
});
