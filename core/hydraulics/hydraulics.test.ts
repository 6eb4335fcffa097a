import fc from 'fast-check';
import { chainFlow, ready, type Chain } from './chain';
import {
  carriedByVanes,
  externalDisplacement,
  internalDisplacement,
  rippleOf,
  roundVaneDisplacement,
} from './displacement';
import { filmLeak_lpm, LPM } from './film';
import { fluidAt } from './fluid';
import type { SealForm } from './seal';

const VG46 = { kv40_mm2s: 46, kv100_mm2s: 6.8, density15_kgm3: 870 };
const ALCOHOL = { kv40_mm2s: 0.6, kv100_mm2s: 0.35, density15_kgm3: 795 };

describe('a fluid', () => {
  it.each([
    ['walther', VG46],
    ['interpolated', ALCOHOL],
  ])('has the viscosities that it was given at their temperatures, by the law %s', (law, fluid) => {
    expect(fluidAt(fluid, 40)).toMatchObject({
      kv_mm2s: expect.closeTo(fluid.kv40_mm2s, 9) as number,
      law,
    });
    expect(fluidAt(fluid, 100).kv_mm2s).toBeCloseTo(fluid.kv100_mm2s, 9);
    expect(fluidAt(fluid, 15).density_kgm3).toBe(fluid.density15_kgm3);
  });
  it('gets thinner and lighter with heat', () => {
    const temperature = fc.double({ min: -30, max: 140, noNaN: true });
    fc.assert(
      fc.property(temperature, fc.constantFrom(VG46, ALCOHOL), (celsius, fluid) => {
        const [cool, warm] = [fluidAt(fluid, celsius), fluidAt(fluid, celsius + 10)];
        expect(warm.kv_mm2s).toBeLessThan(cool.kv_mm2s);
        expect(warm.density_kgm3).toBeLessThan(cool.density_kgm3);
      }),
    );
  });
  it.each([-30.1, 150.1, NaN])('is not told at %d °C', (celsius) => {
    expect(() => fluidAt(VG46, celsius)).toThrow(/−30 to 150/);
  });
  it('does not thicken with heat', () => {
    expect(() => fluidAt({ ...VG46, kv100_mm2s: 47 }, 60)).toThrow(/must not be above/);
  });
});

describe('a film', () => {
  // Fox, McDonald and Pritchard, Introduction to Fluid Mechanics, example Leakage flow past a piston: 25 mm across,
  // 15 mm long, 0.005 mm radial, 20 to 1 MPa, 0.018 Pa·s; 57.6 mm³/s.
  const PISTON = { gap_mm: 0.005, dp_bar: 190, name: 'piston' };
  const mm3s = (form: SealForm) => (filmLeak_lpm({ ...PISTON, form }, 0.018) / LPM) * 1e9;
  it('leaks past a piston what the textbook has, in the bore and as a slot unrolled from it', () => {
    const bore = { kind: 'bore', diameter_mm: 25, length_mm: 15, eccentricity: 0 } as const;
    expect(mm3s(bore)).toBeCloseTo(57.6, 1);
    expect(mm3s({ kind: 'slot', width_mm: 25 * Math.PI, length_mm: 15 })).toBeCloseTo(57.6, 1);
    // Off the middle it leaks 2.5 times as much: the limit of that book’s annulus, and of Merritt’s.
    expect(mm3s({ ...bore, eccentricity: 1 }) / mm3s(bore)).toBeCloseTo(2.5, 9);
  });
  it('leaks over a thin ring of a face as through a slot of its middle round', () => {
    const face = { kind: 'face', arc_deg: 180, outer_mm: 20.01, inner_mm: 20 } as const;
    const slot = { kind: 'slot', width_mm: Math.PI * 20.005, length_mm: 0.01 } as const;
    expect(mm3s(face) / mm3s(slot)).toBeCloseTo(1, 6);
  });
  it('leaks eight times as much through twice the gap, half at twice the viscosity, and the other way round', () => {
    const form = { kind: 'slot', width_mm: 20, length_mm: 5 } as const;
    const leak = { name: 'land', form, gap_mm: 0.03, dp_bar: 12 };
    const once = filmLeak_lpm(leak, 0.01);
    expect(filmLeak_lpm({ ...leak, gap_mm: 0.06 }, 0.01)).toBeCloseTo(8 * once, 12);
    expect(filmLeak_lpm(leak, 0.02)).toBeCloseTo(once / 2, 12);
    expect(filmLeak_lpm({ ...leak, dp_bar: -12 }, 0.01)).toBeCloseTo(-once, 12);
    const still = { ...leak, dp_bar: 0, wall_ms: 2 };
    expect(filmLeak_lpm(still, 0.01)).toBeCloseTo((LPM * 0.02 * 0.00003 * 2) / 2, 12);
  });
});

describe('a chain of seals', () => {
  const OIL = { mu_Pas: 0.01, density_kgm3: 850 };
  const slot = (row: string, length_mm = 5): Chain['seals'][number] => ({
    row,
    share: 1,
    form: { kind: 'slot', width_mm: 20, length_mm },
  });
  const total = (chain: Chain, gap_mm: number, state: object = {}) =>
    chainFlow(ready(chain), () => gap_mm, { rpm: 0, pressure_bar: 10, oil: OIL, ...state });
  const lpm = (...args: Parameters<typeof total>) =>
    total(...args).reduce((sum, row) => sum + row.lpm, 0);
  const ONE: Chain = { alike: 1, seals: [slot('a')] };
  const byFilm = (gap_mm: number, length_mm = 5) =>
    filmLeak_lpm(
      { name: '', form: { kind: 'slot', width_mm: 20, length_mm }, gap_mm, dp_bar: 10 },
      OIL.mu_Pas,
    );
  it('is the film where it is thin, and an orifice where it is wide', () => {
    expect(lpm(ONE, 0.005) / byFilm(0.005)).toBeCloseTo(1, 3);
    const orifice = LPM * 0.02 * 0.001 * Math.sqrt((2 * 10e5) / (1.5 * 850));
    expect(lpm(ONE, 1) / orifice).toBeGreaterThan(0.98);
    expect(total(ONE, 0.005)[0]?.coarse).toBe(false);
    expect(total(ONE, 1)[0]?.coarse).toBe(true);
  });
  it('never lets through more than Bernoulli allows, nor than the film alone, and more with every wider gap', () => {
    const gap = fc.double({ min: 0.001, max: 2, noNaN: true });
    fc.assert(
      fc.property(gap, gap, (mm, more) => {
        const through = lpm(ONE, mm);
        expect(through).toBeLessThanOrEqual(byFilm(mm) * (1 + 1e-9));
        expect(through).toBeLessThan(LPM * 0.02 * mm * 1e-3 * Math.sqrt((2 * 10e5) / 850));
        expect(lpm(ONE, mm + more)).toBeGreaterThan(through);
      }),
    );
  });
  it('lets nothing through a gap of nothing, at no pressure, or where one of its seals is shut', () => {
    expect(lpm(ONE, 0)).toBe(0);
    expect(lpm(ONE, -0.01)).toBe(0);
    expect(lpm(ONE, 0.1, { pressure_bar: 0 })).toBe(0);
    const shut: Chain = { alike: 1, seals: [slot('a'), { ...slot('b'), most_mm: 0 }] };
    expect(lpm(shut, 0.1)).toBe(0);
  });
  it('halves with a second seal behind the first, doubles with a second path beside it', () => {
    const thin = 0.004;
    expect(lpm({ alike: 1, seals: [slot('a'), slot('b')] }, thin) / lpm(ONE, thin)).toBeCloseTo(
      0.5,
      3,
    );
    expect(lpm({ alike: 1, seals: [{ ...slot('a'), behind: 2 }] }, thin)).toBeCloseTo(
      lpm({ alike: 1, seals: [slot('a'), slot('b')] }, thin),
      12,
    );
    expect(lpm({ ...ONE, alike: 2 }, thin)).toBeCloseTo(2 * lpm(ONE, thin), 12);
    expect(lpm({ alike: 1, seals: [{ ...slot('a'), beside: 2 }] }, 0.3)).toBeCloseTo(
      lpm({ ...ONE, alike: 2 }, 0.3),
      9,
    );
  });
  it('shares its loss out by the pressure that each seal holds', () => {
    const [a, b] = total({ alike: 1, seals: [slot('a', 2), slot('b', 6)] }, 0.002);
    expect((b?.lpm ?? 0) / (a?.lpm ?? 1)).toBeCloseTo(3, 3);
  });
  it('loses what its wall takes back, and never gains by it', () => {
    const moving: Chain = { ...ONE, wall_mm: 30 };
    const back = (rpm: number) => (LPM * 0.02 * 0.05e-3 * 0.03 * ((2 * Math.PI * rpm) / 60)) / 2;
    expect(lpm(ONE, 0.05) - lpm(moving, 0.05, { rpm: 60 })).toBeCloseTo(back(60), 9);
    expect(lpm(moving, 0.05, { rpm: 1e6 })).toBe(0);
  });
});

describe('what a pump moves in a turn', () => {
  const EXTERNAL = {
    teeth: 10,
    tipDiameter_mm: 76.2,
    centreDistance_mm: 63.5,
    width_mm: 25.4,
    pressureAngle_deg: 20,
  };
  it('is near the textbook’s ring between tips and roots for two equal gears', () => {
    // Esposito, Fluid Power with Applications, gear pump of 3 in outside, 2 in inside, 1 in wide: 3.93 in³ a turn by
    // the area between tips and roots. The exact flow of involute teeth is 2.6 % more.
    const ratio = externalDisplacement(EXTERNAL).cc_rev / (3.93 * 16.387064);
    expect(ratio).toBeGreaterThan(1);
    expect(ratio).toBeLessThan(1.03);
  });
  it('grows with the width, and is that of equal gears where a ring is as large as nothing else', () => {
    const wide = externalDisplacement({ ...EXTERNAL, width_mm: 50.8 });
    expect(wide.cc_rev).toBeCloseTo(2 * externalDisplacement(EXTERNAL).cc_rev, 9);
    expect(wide.ripple).toBeCloseTo(externalDisplacement(EXTERNAL).ripple, 12);
    // A rack instead of a ring: half of what two gears move comes of the gear, half of what it meets.
    const rack = {
      pinionTeeth: 10,
      ringTeeth: 1e7,
      module_mm: 6.35,
      pinionTipDiameter_mm: 76.2,
      ringTipDiameter_mm: 6.35e7 - 12.7,
      width_mm: 25.4,
      pressureAngle_deg: 20,
    };
    const pinion = (38.1 ** 2 - 31.75 ** 2) * Math.PI * 25.4;
    const teeth = 2 * 31.75 * 6.35 * Math.PI * 25.4;
    const t0 = Math.PI * 6.35 * Math.cos(Math.PI / 9);
    const moved = (pinion + teeth - (Math.PI * 25.4 * t0 ** 2) / 12) / 1000;
    expect(internalDisplacement(rack).cc_rev).toBeCloseTo(moved, 3);
  });
  it('is what the chamber between two vanes carries over, less what it brings back', () => {
    const ring = {
      ringDiameter_mm: 62,
      eccentricity_mm: 2.8,
      vanes: 7,
      vaneThickness_mm: 0,
      width_mm: 18,
    };
    // The area between ring and rotor over one pitch, at the wide side and at the narrow one.
    const rotor = 27;
    const swept = (middle: number) => {
      const pitch = (2 * Math.PI) / ring.vanes;
      const steps = 4000;
      let area = 0;
      for (let i = 0; i < steps; i++) {
        const angle = middle + pitch * ((i + 0.5) / steps - 0.5);
        const e = ring.eccentricity_mm;
        const r = e * Math.cos(angle) + Math.sqrt(31 ** 2 - (e * Math.sin(angle)) ** 2);
        area += ((r ** 2 - rotor ** 2) / 2) * (pitch / steps);
      }
      return area;
    };
    const carried = (ring.vanes * ring.width_mm * (swept(0) - swept(Math.PI))) / 1000;
    expect(carriedByVanes(ring) / carried).toBeCloseTo(1, 3);
    // Many vanes carry what the formula has.
    const many = { ...ring, vanes: 400 };
    expect(carriedByVanes(many) / roundVaneDisplacement(many).cc_rev).toBeCloseTo(1, 4);
  });
  it('swings by its greatest less its least, of its mean', () => {
    expect(rippleOf(() => 3, 30)).toBe(0);
    expect(rippleOf((turn) => 2 + Math.sin((turn * 2 * Math.PI) / 30), 30)).toBeCloseTo(1, 4);
  });
});
