import { dimensionId, partId, kindId, characteristicId } from '../pumps/ids';
import fc from 'fast-check';
import { VELTRANE_T6 } from '../testing/sheets';
import { Fitter, type Fit, type LoosePart, type PairingRules } from './fit';
import { pairUp } from './pairing';

const limit = { ...VELTRANE_T6.limits[0]!, preferredLower_mm: null, preferredUpper_mm: null };
const gap = (characteristic: string, lower_mm: number | null, upper_mm: number | null) => ({
  ...limit,
  characteristic: characteristicId(characteristic),
  lower_mm,
  upper_mm,
  side: 'full' as const,
});
const SHEET = {
  ...VELTRANE_T6,
  gasket_mm: 0,
  limits: [
    ...[gap('face-drive', 0.02, 0.06), gap('face-driven', 0.02, 0.06)],
    gap('od-pocket', 0.08, 0.2),
  ],
};
const RULES: PairingRules = {
  sheet: SHEET,
  tier: limit.tier,
  rule: 'plain',
  most: { deckCut_mm: 0.05, gearGrind_mm: 0.02 },
};
const size = (dimension: string, value_mm: number, u_mm = 0.002) => ({
  dimension: dimensionId(dimension),
  value_mm,
  u_mm,
});
const body = (
  id: string,
  depth: number,
  bore = 116.12,
  variant: string | null = null,
): LoosePart => ({
  id,
  variant,
  parts: [partId('body')],
  sizes: [size('pocket-depth', depth), size('pocket-diameter', bore)],
});
const gears = (
  id: string,
  drive: number,
  driven = drive,
  variant: string | null = null,
): LoosePart => ({
  id,
  variant,
  parts: ['drive', 'driven'].map(partId),
  sizes: [size('drive-width', drive), size('driven-width', driven), size('driven-diameter', 116)],
});
const fit = (a: LoosePart, b: LoosePart, rules = RULES) => new Fitter(rules).fit(a, b);

describe('a body and a set of gears', () => {
  it('fit with nothing off, with the deck cut, or with the gears ground', () => {
    expect(fit(body('b', 20.04), gears('g', 20))).toMatchObject({ fits: true, deckCut_mm: 0 });
    const wide = fit(body('b', 20.1), gears('g', 20));
    expect(wide).toMatchObject({ fits: true, gearGrind_mm: 0 });
    expect(wide.fits && wide.deckCut_mm).toBeCloseTo(0.04, 9);
    const tight = fit(body('b', 20.01), gears('g', 20));
    expect(tight.fits && tight.gearGrind_mm).toBeCloseTo(0.01, 9);
  });
  it('do not where more has to come off than may, and say in which gap by how much', () => {
    expect(fit(body('b', 20.13), gears('g', 20))).toEqual({
      fits: false,
      why: 'gap',
      characteristic: 'face-drive',
      short_mm: expect.closeTo(0.02, 9) as number,
    });
    expect(fit(body('b', 19.99), gears('g', 20))).toMatchObject({ fits: false });
  });
  it('do not where no metal helps: the wall, or two gears too far apart in width', () => {
    expect(fit(body('b', 20.04, 116.3), gears('g', 20))).toEqual({
      fits: false,
      why: 'gap',
      characteristic: 'od-pocket',
      short_mm: expect.closeTo(0.1, 9) as number,
    });
    expect(fit(body('b', 20.08), gears('g', 20, 20.06))).toMatchObject({ fits: false });
  });
  it('keep the doubt of the measuring inside the limits by the guarded rule', () => {
    const guarded = fit(body('b', 20.06), gears('g', 20), { ...RULES, rule: 'guarded' });
    expect(guarded.fits && guarded.deckCut_mm).toBeCloseTo(2 * Math.hypot(0.002, 0.002), 9);
  });
  it('of two variants go together in the direction that the sheet says, and in no other', () => {
    const mixed = ['drive', 'driven'].map((part) => ({
      part: kindId(part),
      of: 'late',
      against: kindId('body'),
      in: 'early',
      fits: true,
      note: '',
    }));
    const rules = { ...RULES, sheet: { ...SHEET, mixes: mixed } };
    const early = body('b', 20.04, 116.12, 'early');
    const late = body('b', 20.04, 116.12, 'late');
    expect(fit(early, gears('g', 20, 20, 'late'), rules).fits).toBe(true);
    expect(fit(late, gears('g', 20, 20, 'early'), rules)).toMatchObject({
      fits: false,
      why: 'variant',
      characteristic: null,
    });
    expect(fit(early, gears('g', 20, 20, 'late')).fits).toBe(false);
  });
  it('go together where a variant is not known, or both are of the same one', () => {
    const set = (variant: string | null) => gears('g', 20, 20, variant);
    const of = (variant: string | null) => body('b', 20.04, 116.12, variant);
    expect(fit(of('early'), set(null)).fits).toBe(true);
    expect(fit(of(null), set('late')).fits).toBe(true);
    expect(fit(of('late'), set('late')).fits).toBe(true);
    expect(fit(of('early'), set('late'))).toMatchObject({ why: 'variant' });
  });
  it('of two variants need a word of the sheet for every part, of these two and no others', () => {
    const word = { of: 'late', against: kindId('body'), in: 'early', fits: true, note: '' };
    const both = ['drive', 'driven'].map((part) => ({ ...word, part: kindId(part) }));
    const [early, late] = [body('b', 20.04, 116.12, 'early'), gears('g', 20, 20, 'late')];
    const fits = (mixes: typeof both) =>
      fit(early, late, { ...RULES, sheet: { ...SHEET, mixes } }).fits;
    expect(fits(both)).toBe(true);
    expect(fits(both.slice(1))).toBe(false);
    expect(fits(both.map((m) => ({ ...m, fits: false })))).toBe(false);
    expect(fits(both.map((m) => ({ ...m, of: 'last' })))).toBe(false);
    expect(fits(both.map((m) => ({ ...m, in: 'last' })))).toBe(false);
    expect(fits(both.map((m) => ({ ...m, against: kindId('cover') })))).toBe(false);
    expect(fits(both.map((m) => ({ ...m, part: kindId('cover') })))).toBe(false);
  });
  it('name the gap that is farthest out, and lose no metal to one that has no limit on that side', () => {
    expect(fit(body('b', 20.13), gears('g', 20, 19.98))).toMatchObject({
      characteristic: 'face-driven',
      short_mm: expect.closeTo(0.04, 9) as number,
    });
    expect(fit(body('b', 19.95), gears('g', 20, 20.02))).toMatchObject({
      characteristic: 'face-driven',
    });
    const limits = [gap('face-drive', null, 0.06), gap('face-driven', null, 0.06)];
    const open = { ...RULES, sheet: { ...SHEET, limits } };
    expect(fit(body('b', 20.001), gears('g', 20), open)).toMatchObject({ gearGrind_mm: 0 });
  });
  it('leave the metal that has to stay, on the size that the sheet names and on no other', () => {
    const least = (dimension: string, least_mm: number) => ({
      dimension: dimensionId(dimension),
      least_mm,
      most_mm: null,
    });
    const kept = (...metal: ReturnType<typeof least>[]) => ({
      ...RULES,
      sheet: { ...SHEET, metal },
    });
    const [deep, set] = [body('b', 20.1), gears('g', 20)];
    expect(fit(deep, set, kept(least('pocket-depth', 20.06))).fits).toBe(true);
    expect(fit(deep, set, kept(least('pocket-depth', 20.07)))).toMatchObject({
      short_mm: expect.closeTo(0.01, 9) as number,
    });
    // Facing takes nothing off the bore.
    expect(fit(deep, set, kept(least('pocket-diameter', 116.12))).fits).toBe(true);
    const tight = body('b', 20.01);
    expect(fit(tight, set, kept(least('drive-width', 20))).fits).toBe(false);
    expect(fit(tight, set, kept(least('drive-width', 19.98))).fits).toBe(true);
  });
  it('are no pump where nothing is known that they share', () => {
    const blank = { ...gears('g', 20), sizes: [] };
    expect(fit(body('b', 20.04), blank)).toEqual({
      fits: false,
      why: 'unmeasured',
      characteristic: null,
      short_mm: 0,
    });
  });
});

describe('pairing what is on the shelf', () => {
  const bodies = [body('b1', 20.05), body('b2', 20.1)];
  const sets = [gears('g1', 20.0), gears('g2', 20.045), gears('g3', 19.8)];

  it('builds as many as it can with the least metal off, and says why a part is left over', () => {
    const { builds, left, metal_mm } = pairUp(RULES, bodies, sets)!;
    expect(builds.map((b) => [b.body, b.gears])).toEqual([
      ['b1', 'g1'],
      ['b2', 'g2'],
    ]);
    expect(metal_mm).toBe(0);
    expect(left).toEqual([
      {
        part: 'g3',
        nearest: 'b1',
        misfit: {
          fits: false,
          why: 'gap',
          characteristic: 'face-drive',
          short_mm: expect.closeTo(0.14, 9) as number,
        },
      },
    ]);
  });
  it('keeps a pair that was locked by hand, and solves the rest', () => {
    const { builds, left } = pairUp(RULES, bodies, sets, [['b1', 'g3']])!;
    expect(builds.map((b) => [b.body, b.gears])).toEqual([
      ['b1', 'g3'],
      ['b2', 'g2'],
    ]);
    expect(left).toEqual([{ part: 'g1', nearest: 'b1', misfit: null }]);
  });
  it('lets nobody have a part that was locked to another', () => {
    const [only] = sets;
    const both = [body('b1', 20.05), body('b9', 20.3)];
    const { builds, left } = pairUp(RULES, both, [only!], [['b9', 'g1']])!;
    expect(builds.map((b) => [b.body, b.gears, b.fit.fits])).toEqual([['b9', 'g1', false]]);
    expect(left).toEqual([{ part: 'b1', nearest: 'g1', misfit: null }]);
  });
  it('names the partner that comes nearest, and one of another variant last', () => {
    const late = { ...gears('g7', 20.2), variant: 'late' };
    const lone = { ...body('b1', 20.4), variant: 'early' };
    const near = gears('g5', 20.25);
    const { left } = pairUp(RULES, [lone], [late, gears('g6', 20.1), near, gears('g8', 20.0)])!;
    expect(left[0]).toMatchObject({ part: 'b1', nearest: 'g5', misfit: { why: 'gap' } });
    const [none] = pairUp(RULES, [lone], [late])!.left;
    expect(none).toMatchObject({ nearest: 'g7', misfit: { why: 'variant' } });
  });
  it('says how far it is, and can be called off at any time', () => {
    const told: [number, number][] = [];
    pairUp(RULES, bodies, sets, [], (done, of) => told.push([done, of]) > 0);
    expect(told).toEqual([1, 2, 3, 4].map((done) => [done, 4]));
    for (const last of [1, 2, 3, 4]) {
      expect(pairUp(RULES, bodies, sets, [], (done) => done < last)).toBeNull();
    }
  });
  it('is empty of an empty shelf', () => {
    expect(pairUp(RULES, [], sets)?.builds).toEqual([]);
    expect(pairUp(RULES, bodies, [])?.left).toEqual([
      { part: 'b1', nearest: null, misfit: null },
      { part: 'b2', nearest: null, misfit: null },
    ]);
  });

  const mm = (min: number, max: number) => fc.integer({ min, max }).map((n) => n / 1000);
  const depths = fc.array(mm(0, 150), { maxLength: 4 });
  const widths = fc.array(fc.tuple(mm(0, 100), mm(-10, 10)), { maxLength: 4 });

  /** Counts the most pumps and their least metal by trying every way. */
  function byTrying(
    costs: readonly (readonly number[])[],
    used: ReadonlySet<number> = new Set(),
  ): [number, number] {
    const [row, ...rest] = costs;
    if (!row) return [0, 0];
    const better = (a: [number, number], b: [number, number]) =>
      b[0] > a[0] || (b[0] === a[0] && b[1] < a[1] - 1e-12) ? b : a;
    return row.reduce<[number, number]>(
      (best, cost, j) => {
        if (cost === Infinity || used.has(j)) return best;
        const [pumps, metal] = byTrying(rest, new Set([...used, j]));
        return better(best, [pumps + 1, metal + cost]);
      },
      byTrying(rest, used),
    );
  }

  it('is the optimum, and every pump is inside by plain arithmetic', () => {
    fc.assert(
      fc.property(depths, widths, (ds, ws) => {
        const all = ds.map((d, i) => body(`b${i}`, 20 + d));
        const loose = ws.map(([w, apart], i) => gears(`g${i}`, 19.97 + w, 19.97 + w + apart));
        const { builds, metal_mm } = pairUp(RULES, all, loose)!;
        const costs = all.map((b) =>
          loose.map((g) => {
            const f = fit(b, g);
            return f.fits ? f.deckCut_mm + f.gearGrind_mm : Infinity;
          }),
        );
        const [pumps, metal] = byTrying(costs);
        expect(builds).toHaveLength(pumps);
        expect(metal_mm).toBeCloseTo(metal, 9);
        for (const build of builds) {
          const depth = all.find(({ id }) => id === build.body)!.sizes[0]!.value_mm;
          const set = loose.find(({ id }) => id === build.gears)!;
          for (const width of set.sizes.slice(0, 2)) {
            const { deckCut_mm, gearGrind_mm } = build.fit as Fit;
            const end = depth - deckCut_mm - (width.value_mm - gearGrind_mm);
            expect(end).toBeGreaterThanOrEqual(0.02 - 1e-9);
            expect(end).toBeLessThanOrEqual(0.06 + 1e-9);
          }
        }
      }),
    );
  });
});
