import fc from 'fast-check';
import { afterTry, FELT, NO_EVIDENCE, type Bounds, proven } from './bounds';
import { canDecide } from './reach';
import { zoneOf, type ToleranceZone } from '../metrology/verdict';

/** Tells by brute force whether any row of answers ends in a proof. */
function canProve(
  bounds: Bounds,
  window: ToleranceZone,
  totals: readonly number[],
  band: number,
): boolean {
  if (proven(bounds, window)) return true;
  return totals.some((stack, i) =>
    FELT.some((felt) => {
      const next = afterTry(bounds, stack, felt, band);
      const rest = totals.filter((_, j) => j !== i);
      return next !== null && canProve(next, window, rest, band);
    }),
  );
}

const hundredths = (least: number, most: number) =>
  fc.integer({ min: least, max: most }).map((n) => n / 100);

const windows = fc
  .tuple(hundredths(2, 6), hundredths(0, 5), fc.boolean(), fc.boolean(), fc.constantFrom(0, 0.003))
  .map(([lower, room, low, high, margin]) =>
    zoneOf({ lower_mm: low ? lower : null, upper_mm: high || !low ? lower + room : null }, margin),
  );

const tries = fc.array(
  fc.tuple(fc.constantFrom(0.02, 0.035, 0.05, 0.065, 0.08), fc.constantFrom(...FELT)),
  { maxLength: 3 },
);

describe('whether leaves can still decide', () => {
  it('is what trying every row of answers finds', () => {
    const leaves = fc.uniqueArray(hundredths(1, 9), { minLength: 1, maxLength: 4 });
    fc.assert(
      fc.property(windows, tries, leaves, fc.constantFrom(0, 0.005), (window, made, set, band) => {
        let bounds = NO_EVIDENCE;
        for (const [stack, felt] of made) bounds = afterTry(bounds, stack, felt, band) ?? bounds;
        fc.pre(proven(bounds, window) === null);
        const totals_mm = [...set].sort((a, b) => a - b);
        const found = canDecide(bounds, window, { totals_mm, dragBand_mm: band });
        expect(found).toBe(canProve(bounds, window, totals_mm, band));
      }),
      { numRuns: 400 },
    );
  });

  it('is no where there are no leaves', () => {
    const hand = { totals_mm: [], dragBand_mm: 0.005 };
    expect(canDecide(NO_EVIDENCE, zoneOf({ lower_mm: 0.02, upper_mm: 0.06 }), hand)).toBe(false);
  });
});

describe('what is proven', () => {
  const span = (lo: number, hi: number) => ({ lo, hi, hiOpen: false });
  const window = zoneOf({ lower_mm: 0.02, upper_mm: 0.06 });
  it.each([
    [span(0.02, 0.03), span(0.05, 0.06), 'in'],
    [span(0.02, 0.03), span(0.061, 0.07), 'out'],
    [span(0.01, 0.019), span(0.03, 0.04), 'out'],
    [span(0.01, 0.03), span(0.03, 0.04), null],
    [span(0.03, 0.04), span(0.05, 0.07), null],
    [span(0.02, 0.02), span(0.06, 0.06), 'in'],
  ])('smallest %j and largest %j are %s', (smallest, largest, verdict) => {
    expect(proven({ smallest, largest }, window)).toBe(verdict);
  });
  it('takes a limit that is not there as kept', () => {
    const wide = { smallest: span(0, Infinity), largest: span(0, Infinity) };
    expect(proven(wide, zoneOf({}))).toBe('in');
  });
});
