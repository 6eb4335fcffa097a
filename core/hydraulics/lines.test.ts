import fc from 'fast-check';
import { drivenFlow, type Drive } from './drive';
import { fluidAt, temperatureFor } from './fluid';
import { frictionAt, inletBore, inletMaxSpeed, inletPressure_bar, type Inlet } from './inlet';
import { CAVITY, INLET } from '../testing/lines';
import { sealCavity, sealNeeds, type SealCavity } from './sealCavity';

const span = (min: number, max: number) => fc.double({ min, max, noNaN: true });

const cavity = (clearance: number, drain: number, more: Partial<SealCavity> = {}) =>
  sealCavity({
    ...CAVITY,
    ...more,
    bore: { ...CAVITY.bore, diametralClearance_mm: clearance },
    drain: { ...CAVITY.drain, diameter_mm: drain },
  });

describe('the space behind a shaft seal', () => {
  const p = (clearance: number, drain: number, more?: Partial<SealCavity>) =>
    cavity(clearance, drain, more).cavity_bar;

  it('lets out through its drain what comes past the bushing', () => {
    fc.assert(
      fc.property(span(0.02, 0.4), span(1, 6), span(0, 1), (clearance, drain, back_bar) => {
        const { cavity_bar, leak_lpm } = cavity(clearance, drain, { back_bar });
        const area = (Math.PI / 4) * (drain / 1000) ** 2;
        const out = 0.7 * area * Math.sqrt((2 * (cavity_bar - back_bar) * 1e5) / 813) * 60_000;
        const slip = (c: number) =>
          (Math.PI * 0.038 * c ** 3 * (7 - cavity_bar) * 1e5 * (1 + 1.5 * 0.25)) /
          (12 * 0.0061 * 0.016);
        expect(out).toBeCloseTo(leak_lpm, 6);
        expect(slip(clearance / 2000) * 60_000).toBeCloseTo(leak_lpm, 6);
      }),
    );
  });
  it('is under the drain’s end behind a tight bushing, under supply without a drain', () => {
    expect(p(0, 3.2)).toBe(0);
    expect(p(0, 0, { back_bar: 0.2 })).toBe(0.2);
    expect(p(0.18, 0)).toBe(7);
    expect(p(0.18, 3.2, { supply_bar: 0.2, back_bar: 0.2 })).toBe(0.2);
  });
  it('goes with the sixth power of the clearance and against the fourth of the drain, while small', () => {
    expect(p(0.02, 3.2) / p(0.01, 3.2)).toBeCloseTo(64, 1);
    expect(p(0.01, 3.2) / p(0.01, 6.4)).toBeCloseTo(16, 1);
  });
  it('holds at just the drain and the clearance that are named, and not beyond', () => {
    fc.assert(
      fc.property(span(0.05, 0.4), span(0.05, 3), (clearance, rating) => {
        const bore = { ...CAVITY.bore, diametralClearance_mm: clearance };
        const { drain_mm, clearance_mm } = sealNeeds({ ...CAVITY, bore }, rating);
        expect(p(clearance, drain_mm ?? NaN)).toBeCloseTo(rating, 9);
        expect(p(clearance_mm ?? NaN, 3.2)).toBeCloseTo(rating, 9);
        expect(p(clearance, (drain_mm ?? NaN) * 1.01)).toBeLessThan(rating);
        expect(p((clearance_mm ?? NaN) * 1.01, 3.2)).toBeGreaterThan(rating);
      }),
    );
  });
  it('needs no drain under its rating, and has none that holds against more behind it', () => {
    expect(sealNeeds(CAVITY, 7)).toEqual({ drain_mm: 0, clearance_mm: null });
    expect(sealNeeds({ ...CAVITY, back_bar: 0.3 }, 0.2)).toEqual({
      drain_mm: null,
      clearance_mm: null,
    });
  });
});

describe('an inlet', () => {
  it('carries by its closed form what a port without a line does', () => {
    const { rpm } = inletMaxSpeed({ ...INLET, lineLength_m: 0 });
    const left = (1.01325 - 0.8) * 1e5 - 841 * 9.80665 * 0.3;
    const v = Math.sqrt((2 * left) / (3.5 * 841));
    expect(rpm).toBeCloseTo((60 * v * (Math.PI / 4) * 0.0254 ** 2) / 24e-6, 6);
  });
  it('loses in a long laminar line what Hagen and Poiseuille have', () => {
    const thick = { ...INLET, k: -1, mu_Pas: 0.5, lift_m: 0 };
    const flow = 2e-4;
    const loss = (128 * 0.5 * 0.9 * flow) / (Math.PI * 0.0254 ** 4) / 1e5;
    expect(inletPressure_bar(thick, flow)).toBeCloseTo(1.01325 - loss, 9);
  });
  it('stops where the flow turns rough, with more than the least pressure, if that jump is over it', () => {
    // In a long line the turn takes much.
    const long = { ...INLET, lineLength_m: 10, lift_m: 0, k: 0, least_bar: 0.78 };
    const { rpm, inlet_bar, limitedBy } = inletMaxSpeed(long);
    const reynolds = ((rpm / 60) * 24e-6 * 841 * 4) / (Math.PI * 0.0254 * 0.0174);
    expect(limitedBy).toBe('pressure');
    expect(reynolds).toBeCloseTo(2300, 3);
    expect(inlet_bar).toBeGreaterThan(0.83);
    expect(frictionAt(2300)).toBeGreaterThan(1.5 * frictionAt(2299.999));
  });
  it('carries the least pressure at its highest speed, and half that speed with two gear sets', () => {
    expect(inletMaxSpeed(INLET).inlet_bar).toBeCloseTo(0.8, 9);
    expect(inletMaxSpeed({ ...INLET, gearSets: 2 }).rpm).toBeCloseTo(
      inletMaxSpeed(INLET).rpm / 2,
      6,
    );
  });
  it('carries less the higher, the thicker, the longer and the narrower it is', () => {
    const rpm = (more: Partial<Inlet>) => inletMaxSpeed({ ...INLET, ...more }).rpm;
    fc.assert(
      fc.property(span(0.1, 1), span(1.05, 2), (share, more) => {
        expect(rpm({ lift_m: 0.5 * share * more })).toBeLessThan(rpm({ lift_m: 0.5 * share }));
        expect(rpm({ mu_Pas: 0.4 * more })).toBeLessThan(rpm({ mu_Pas: 0.4 * share }));
        expect(rpm({ lineLength_m: 3 * more })).toBeLessThan(rpm({ lineLength_m: 3 * share }));
        expect(rpm({ portDiameter_mm: 20 * share })).toBeLessThan(
          rpm({ portDiameter_mm: 20 * more }),
        );
      }),
    );
  });
  it('gets the bore with which it carries that very speed', () => {
    fc.assert(
      fc.property(span(300, 4000), fc.constantFrom('both', 'port'), (rpm, change) => {
        const { bore_mm, why } = inletBore(INLET, rpm, change as 'both' | 'port');
        if (bore_mm === null) {
          expect(why).toBe('line');
          return;
        }
        const line = change === 'both' ? bore_mm : INLET.lineDiameter_mm;
        const wider = { ...INLET, portDiameter_mm: bore_mm, lineDiameter_mm: line };
        const top = inletMaxSpeed(wider).rpm;
        // Where friction jumps, the bore is the first beyond the jump.
        expect(top).toBeGreaterThanOrEqual(rpm - 1e-6);
        const narrower = inletMaxSpeed({
          ...wider,
          portDiameter_mm: bore_mm * 0.999,
          lineDiameter_mm: change === 'both' ? bore_mm * 0.999 : line,
        });
        expect(narrower.rpm).toBeLessThan(rpm);
      }),
    );
  });
  it('says of no bore why: the height, or the line that stays', () => {
    expect(inletBore({ ...INLET, lift_m: 5 }, 2000, 'both').why).toBe('lift');
    expect(inletBore({ ...INLET, lineDiameter_mm: 8 }, 2000, 'port')).toMatchObject({
      bore_mm: null,
      byPressure_mm: null,
      why: 'line',
    });
    const narrow = { ...INLET, lineDiameter_mm: 8 };
    expect(inletBore({ ...narrow, velocityLimit_ms: 1.5 }, 0, 'port')).toEqual({
      bore_mm: 0,
      byPressure_mm: 0,
      byVelocity_mm: 0,
      why: null,
    });
  });
});

describe('a pump on its drive', () => {
  const DRIVE: Drive = {
    driveRpm: 2800,
    ratio: 0.5,
    cc_rev: 24,
    gearSets: 1,
    test: { flow_lpm: 30.1, pumpRpm: 1400 },
    width_mm: 20,
    newWidth_mm: 24,
    wanted_lpm: 40,
  };
  it('delivers what is wanted at the speed and at the width that it names', () => {
    const { rpmWanted, widthWanted_mm } = drivenFlow(DRIVE);
    expect(drivenFlow({ ...DRIVE, driveRpm: rpmWanted ?? NaN }).delivered_lpm).toBeCloseTo(40, 9);
    expect(drivenFlow({ ...DRIVE, newWidth_mm: widthWanted_mm }).wider_lpm).toBeCloseTo(40, 9);
  });
  it('moves what the theory has without a test, and in proportion without a displacement', () => {
    expect(drivenFlow({ ...DRIVE, test: null })).toMatchObject({
      way: 'theoretical',
      theoretical_lpm: 33.6,
      slip_lpm: null,
      delivered_lpm: null,
      efficiency: null,
      rpmWanted: expect.closeTo(40 / 0.012, 6) as number,
    });
    expect(drivenFlow({ ...DRIVE, cc_rev: null, driveRpm: 1400 })).toMatchObject({
      way: 'proportion',
      theoretical_lpm: null,
      delivered_lpm: expect.closeTo(15.05, 9) as number,
      newCc_rev: null,
      rpmWanted: expect.closeTo((1400 * 40) / 15.05, 6) as number,
    });
    expect(drivenFlow({ ...DRIVE, cc_rev: null, test: null })).toMatchObject({
      way: null,
      pumpRpm: 1400,
      delivered_lpm: null,
    });
  });
  it('never delivers less than nothing, and never more than its gears displace', () => {
    const slow = drivenFlow({ ...DRIVE, driveRpm: 100 });
    expect(slow.delivered_lpm).toBe(0);
    expect(() => drivenFlow({ ...DRIVE, test: { flow_lpm: 34, pumpRpm: 1400 } })).toThrow(/more/);
    expect(drivenFlow({ ...DRIVE, test: { flow_lpm: 33.6, pumpRpm: 1400 } }).slip_lpm).toBe(0);
    expect(drivenFlow({ ...DRIVE, driveRpm: 0 })).toMatchObject({
      efficiency: null,
      widthWanted_mm: null,
    });
  });
  it('counts every gear set', () => {
    const two = drivenFlow({ ...DRIVE, gearSets: 2, test: { flow_lpm: 60.2, pumpRpm: 1400 } });
    expect(two).toMatchObject({ theoretical_lpm: 67.2, newCc_rev: expect.closeTo(28.8, 9) });
  });
});

describe('the temperature for a viscosity', () => {
  it('is that at which the fluid has it', () => {
    const fluid = { kv40_mm2s: 46, kv100_mm2s: 6.8, density15_kgm3: 870 };
    fc.assert(
      fc.property(span(-30, 150), (celsius) => {
        expect(temperatureFor(fluid, fluidAt(fluid, celsius).kv_mm2s)).toBeCloseTo(celsius, 6);
      }),
    );
    expect(() => temperatureFor(fluid, 1e6)).toThrow(/no temperature/);
    expect(() => temperatureFor(fluid, 0.5)).toThrow(/no temperature/);
  });
});
