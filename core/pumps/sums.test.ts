import fc from 'fast-check';
import { characteristicId } from './ids';
import { characteristicOf, familyOf, gapsOf } from './registry';
import { vaneReach } from './vaneReach';

const kind = (family: string, more: object = {}) => ({
  family,
  geometry: { ...familyOf(family).example, ...more },
});

/** Returns the value of each gap of a characteristic for sizes by their ids, in mm. */
const valuesOf = (pump: ReturnType<typeof kind>, id: string, sizes: Record<string, number>) =>
  gapsOf(characteristicOf(pump, characteristicId(id))).map((terms) =>
    terms.reduce((sum, { dimension, factor }) => sum + factor * (sizes[dimension] ?? NaN), 0),
  );

describe('backlash', () => {
  it('is wanted at the pitch circle of the gear that is rocked', () => {
    const gears = kind('crescent', { module_mm: 4, pinionTeeth: 17, ringTeeth: 23 });
    const { swing } = characteristicOf(gears, characteristicId('backlash'));
    expect(swing).toMatchObject({
      pitchRadius_mm: (4 * 17) / 2,
      pitchFields: ['module_mm', 'pinionTeeth'],
    });
    const pair = kind('external-gear', { centreDistance_mm: 42 });
    expect(characteristicOf(pair, characteristicId('backlash')).swing).toMatchObject({
      pitchRadius_mm: 21,
      pitchFields: ['centreDistance_mm'],
    });
  });
});

describe('what of a vane stays in its slot', () => {
  const size = fc.double({ min: 1, max: 80, noNaN: true });
  it('is its length less its reach, in a ring and in a bore off the rotor’s centre', () => {
    fc.assert(
      fc.property(size, size, size, size, (length, ring, rotor, eccentricity) => {
        const sizes = { 'vane-length': length, 'rotor-diameter': rotor };
        const reach = {
          ringRadius_mm: ring / 2,
          rotorRadius_mm: rotor / 2,
          vaneLength_mm: length,
          leastInSlot_mm: 0,
        };
        const [inBore] = valuesOf(kind('vacuum-vane'), 'vane-in-slot', {
          ...sizes,
          'ring-track': ring,
          eccentricity,
        });
        expect(inBore).toBeCloseTo(
          vaneReach({ ...reach, eccentricity_mm: eccentricity }).inSlot_mm,
          9,
        );
        const [inCam] = valuesOf(kind('fixed-vane'), 'vane-in-slot', {
          ...sizes,
          'ring-major': ring,
        });
        expect(inCam).toBeCloseTo(vaneReach({ ...reach, eccentricity_mm: 0 }).inSlot_mm, 9);
      }),
    );
  });
});

describe('the end clearance of two gears', () => {
  it('is what the body, or the body between its blocks, leaves beside each', () => {
    const sizes = {
      'body-width': 50.1,
      'drive-width': 30,
      'idler-width': 30.02,
      'pocket-depth': 30.05,
      'block-length-front': 10.01,
      'block-length-rear': 10.02,
    };
    const values = (build: string) =>
      valuesOf(kind('external-gear', { build }), 'end', sizes).map((mm) => Number(mm.toFixed(6)));
    expect(values('plates')).toEqual([20.1, 20.08]);
    expect(values('blocks')).toEqual([0.07, 0.05]);
    expect(values('oil')).toEqual([0.05, 0.03]);
  });
});

describe('the end play to a transmission', () => {
  it('is its depth less the height of the pump and the washer, and grows with what comes off the face that is mounted', () => {
    const pump = { ...kind('crescent'), mount: 'body' as const };
    const sizes = { 'unit-depth': 60, 'pump-height': 57.5, 'washer-thickness': 1.9 };
    expect(valuesOf(pump, 'pump-to-unit', sizes)[0]).toBeCloseTo(0.6, 9);
    expect(characteristicOf(pump, characteristicId('pump-to-unit')).follows).toEqual([
      { dimension: 'deck', factor: -1 },
    ]);
    const follows = (mount: 'cover' | null) =>
      characteristicOf({ ...pump, mount }, characteristicId('pump-to-unit')).follows;
    expect(follows('cover')).toEqual([{ dimension: 'cover-face', factor: -1 }]);
    expect(follows(null)?.map((t) => [t.dimension, t.unsure])).toEqual([
      ['deck', true],
      ['cover-face', true],
    ]);
  });
});
