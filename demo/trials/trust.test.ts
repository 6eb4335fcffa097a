import { agreementTrial } from './agreement';
import { floorTrial, leafTrial, sizeTrial, swingTrial, type TrialPlan } from './methods';
import { tallied } from './tally';
import { evenFrom } from '../../core/random';

/*
 * A short form of `npm run trust`: seeded, so that it says the same every time. Bounds leave three
 * standard deviations of the count; the long form prints the figures themselves.
 */
const TRIALS = 500;

/** The share that must hold, with room for how many were tried. */
const atMost = (share: number) => share + 3 * Math.sqrt((share * (1 - share)) / TRIALS);
const atLeast = (share: number) => share - 3 * Math.sqrt((share * (1 - share)) / TRIALS);

describe.each([
  ['sizes', sizeTrial],
  ['swings', swingTrial],
] as const)('%s', (_, trial) => {
  const plans = [1, 4, 16].flatMap((places) =>
    [1, 3].flatMap((repeats) =>
      [0, 0.01].map((varies_mm) => [places, repeats, varies_mm] as const),
    ),
  );
  it.each(plans)('at %d places read %d times, varying by %d mm', (places, repeats, varies_mm) => {
    const even = evenFrom(places * 100 + repeats);
    const run = (over_mm: number | null) => {
      const plan: TrialPlan = { places, repeats, varies_mm, over_mm, u_mm: 0.003 };
      return tallied(TRIALS, () => trial(plan, even));
    };
    expect(run(0).out).toBeLessThanOrEqual(atMost(0.05));
    expect(run(0.012).out).toBeGreaterThanOrEqual(atLeast(0.95));
    const near = run(null);
    expect(near.coverage).toBeGreaterThanOrEqual(0.93);
    expect(near.wrongIn).toBeLessThanOrEqual(0.03);
    expect(near.wrongOut).toBeLessThanOrEqual(0.03);
  });
  it('read again decides more, not less', () => {
    const undecided = (repeats: number) => {
      const plan: TrialPlan = { places: 4, repeats, varies_mm: 0, over_mm: null, u_mm: 0.003 };
      const even = evenFrom(7);
      return tallied(TRIALS, () => trial(plan, even)).undecided;
    };
    expect(undecided(5)).toBeLessThan(undecided(1));
  });
});

describe('leaves 4 µm off their marking, near a limit', () => {
  const wrongIn = (said_mm: number, micd: boolean) => {
    const even = evenFrom(11);
    const trial = leafTrial({ off_mm: 0.004, said_mm, micd, lower_mm: null, upper_mm: 0.06 });
    return tallied(micd ? 60 : 2000, () => trial(even)).wrongIn;
  };
  it('are wrong too often taken at their word, and not with their tolerance said', () => {
    expect(wrongIn(0, false)).toBeGreaterThan(0.06);
    expect(wrongIn(0.004, false)).toBeLessThanOrEqual(0.05);
  });
  it('are right once mic’d', () => {
    expect(wrongIn(0, true)).toBeLessThanOrEqual(0.02);
  });
});

describe('a plane through depths', () => {
  it.each([
    [3, 0],
    [4, 0],
    [8, 0],
    [4, 0.02],
    [8, 0.02],
  ])('at %d places holds a tilt of %d mm', (places, tilt_mm) => {
    const even = evenFrom(places);
    const plan = { places, u_mm: 0.003, wavy_mm: 0, tilt_mm };
    expect(tallied(TRIALS, () => floorTrial(plan, even)).coverage).toBeGreaterThanOrEqual(0.93);
  });
});

describe('leaves and sizes of one gap', () => {
  const flagged = (off_mm: number, varies_mm: number) => {
    const even = evenFrom(5);
    const plan = { u_mm: 0.003, varies_mm, off_mm };
    return Array.from({ length: 300 }, () => agreementTrial(plan, even)).filter(Boolean).length;
  };
  it('that agree are hardly ever said to disagree', () => {
    expect(flagged(0, 0) + flagged(0, 0.01)).toBeLessThanOrEqual(6);
  });
  it('that do not are', () => {
    expect(flagged(0.04, 0)).toBeGreaterThan(280);
  });
});
