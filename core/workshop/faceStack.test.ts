import fc from 'fast-check';
import { faceStack, type FaceStack } from './faceStack';

const near = (mm: number, digits = 9) => expect.closeTo(mm, digits) as number;
const length = (min: number, max: number) => fc.double({ min, max, noNaN: true });

describe('a face with cover and gasket', () => {
  const sized = (mm: number) => ({ mm, u_mm: 0.003 });
  const STACK: FaceStack = {
    gap: { depth: sized(18.052), width: sized(18.0) },
    cover: sized(0),
    gasket_mm: null,
    measured: 'bare',
    limitFor: 'bare',
    limits: { lower_mm: 0.02, upper_mm: 0.06 },
    rule: 'plain',
    heat: { alphaBody_per_K: null, alphaGear_per_K: null, body_C: null, gear_C: null },
  };

  it('takes a cover beneath which no leaf went for up to that leaf, by the guarded rule only', () => {
    const hidden = { ...STACK, cover: { mm: 0, u_mm: 0, upTo_mm: 0.03 } };
    const guarded = faceStack({ ...hidden, rule: 'guarded' });
    expect(guarded.lo_mm).toBeCloseTo(0.052 + 0.015, 9);
    // A rectangle of 0.03 (JCGM 100, 4.3.7) beside the two sizes.
    expect(guarded.u_mm).toBeCloseTo(Math.hypot(0.003, 0.003, 0.03 / Math.sqrt(12)), 9);
    expect(faceStack(hidden)).toMatchObject({ lo_mm: near(0.052), missing: [] });
    const leaves = { ...hidden, gap: { lo_mm: 0.02, hi_mm: 0.03 } };
    expect(faceStack({ ...leaves, rule: 'guarded' })).toMatchObject({
      lo_mm: near(0.02),
      hi_mm: near(0.06),
    });
    expect(faceStack(leaves).hi_mm).toBeCloseTo(0.03, 9);
  });
  it('adds the wear of the cover to a bracket of leaves', () => {
    const worn = { ...STACK, gap: { lo_mm: 0.02, hi_mm: 0.03 }, cover: sized(0.01) };
    expect(faceStack(worn)).toMatchObject({ lo_mm: near(0.03), hi_mm: near(0.04), u_mm: 0 });
    expect(faceStack({ ...worn, gap: { lo_mm: 0.02, hi_mm: null } })).toMatchObject({
      hi_mm: null,
      deckCut: null,
    });
  });
  it('is judged by one limit alone, and wants a gasket that counts', () => {
    const only = (limits: FaceStack['limits']) => faceStack({ ...STACK, limits });
    expect(only({ lower_mm: 0.02, upper_mm: null })).toMatchObject({ verdict: 'in' });
    expect(only({ lower_mm: null, upper_mm: 0.05 })).toMatchObject({ verdict: 'out' });
    expect(only({ lower_mm: null, upper_mm: null })).toMatchObject({
      verdict: 'open',
      probability: null,
    });
    const assembled = { ...STACK, limitFor: 'assembled' } as const;
    expect(faceStack(assembled).missing).toEqual(['gasket_mm']);
    expect(faceStack({ ...assembled, gasket_mm: 0.004 })).toMatchObject({
      missing: [],
      verdict: 'in',
    });
    // A gasket that is added cannot bring in what is out over its limit.
    expect(faceStack({ ...assembled, limits: { lower_mm: null, upper_mm: 0.05 } }).verdict).toBe(
      'out',
    );
  });
  it('counts the gasket where the limit does, and not where it does not', () => {
    const of = (measured: 'bare' | 'gasket', limitFor: 'bare' | 'assembled') =>
      faceStack({ ...STACK, measured, limitFor, gasket_mm: 0.1 }).lo_mm;
    expect(of('bare', 'bare')).toBeCloseTo(0.052, 9);
    expect(of('bare', 'assembled')).toBeCloseTo(0.152, 9);
    expect(of('gasket', 'bare')).toBeCloseTo(-0.048, 9);
    expect(of('gasket', 'assembled')).toBeCloseTo(0.052, 9);
  });
  it('is open without the cover where it looks in, and out where nothing can bring it in', () => {
    expect(faceStack({ ...STACK, cover: null })).toMatchObject({
      verdict: 'open',
      missing: ['coverWear_mm'],
      deckCut: null,
      probability: near(0.97, 2),
    });
    const wide = { ...STACK, gap: { depth: sized(18.08), width: sized(18) } };
    expect(faceStack({ ...wide, cover: null }).verdict).toBe('out');
    // A gasket that does not count may take it back in; wear may bring a tight one in.
    const under = { measured: 'gasket', limitFor: 'bare' } as const;
    expect(faceStack({ ...wide, ...under })).toMatchObject({
      verdict: 'open',
      missing: ['gasket_mm'],
    });
    const tight = { ...STACK, gap: { depth: sized(18.01), width: sized(18) } };
    expect(faceStack({ ...tight, cover: null }).verdict).toBe('open');
    expect(faceStack({ ...tight, ...under }).verdict).toBe('out');
    expect(faceStack({ ...tight, ...under, cover: null }).verdict).toBe('open');
  });
  it('says nothing without a limit but what there is', () => {
    expect(faceStack({ ...STACK, limits: {} })).toMatchObject({
      lo_mm: near(0.052),
      verdict: 'open',
      probability: null,
      deckCut: null,
    });
  });
  it('cuts a deck so that leaves are in at both ends, or says of no cut', () => {
    const byLeaves = (lo_mm: number, hi_mm: number | null, lower_mm: number | null = 0.02) =>
      faceStack({ ...STACK, gap: { lo_mm, hi_mm }, limits: { lower_mm, upper_mm: 0.06 } });
    expect(byLeaves(0.1, 0.112)).toMatchObject({
      u_mm: 0,
      hot_mm: null,
      deckCut: { from_mm: 0.052, to_mm: 0.08 },
    });
    expect(byLeaves(0.1, 0.112, null).deckCut).toEqual({ from_mm: 0.052, to_mm: null });
    expect(byLeaves(0.05, 0.1).deckCut).toBeNull();
    expect(byLeaves(0.1, null)).toMatchObject({ hi_mm: null, deckCut: null });
    expect(byLeaves(0.03, 0.06).deckCut).toBeNull();
  });
  it('takes sizes that are far apart for another unit', () => {
    const apart = (mm: number) =>
      faceStack({ ...STACK, gap: { depth: sized(18 + mm), width: sized(18) } });
    expect(() => apart(2.001)).toThrow(/another unit/);
    expect(() => apart(-2.001)).toThrow(/another unit/);
    expect(apart(1.999).lo_mm).toBeCloseTo(1.999, 9);
  });
  it('keeps its gap at any heat where body and gears are one metal', () => {
    const heat = (t: number, a: number) => ({
      alphaBody_per_K: a,
      alphaGear_per_K: a,
      body_C: t,
      gear_C: t,
    });
    fc.assert(
      fc.property(length(-20, 120), length(0, 3e-5), (t, a) => {
        const { lo_mm, hot_mm } = faceStack({ ...STACK, cover: sized(0), heat: heat(t, a) });
        // The gap grows like the metal itself.
        expect(hot_mm).toBeCloseTo(lo_mm * (1 + a * (t - 20)), 9);
      }),
    );
  });
});
