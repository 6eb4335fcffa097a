import { characteristicId, partId, stationId, dimensionId } from './ids';
import { assessJob, nextStep } from '../guidance/evaluator';
import { methodsFor } from '../methods/list';
import { sizedEvidence } from '../methods/sizedGap';
import { emptyJob } from '../practice/job';
import { centre } from '../metrology/estimate';
import { orderList } from '../inspect/order';
import { sheetSchema, type Sheet } from '../records/sheet';
import { DESCRIBED } from '../schema/fields';
import { VELTRANE_T6 } from '../testing/sheets';
import { characteristicOf, families, familyOf, gapsOf, pumpOf, teardownOf } from './registry';

const AT = '2026-11-20T09:00:00.000Z';
const kind = (family: string, more: object = {}) => ({
  family,
  geometry: { ...familyOf(family).example, ...more },
});
const FRONT_PUMPS = [
  kind('crescent'),
  kind('variable-vane'),
  kind('gerotor', { use: 'front-pump' }),
];

describe('a pump that sits in a transmission', () => {
  it.each(FRONT_PUMPS)('has hub, engagement, stator bushings, vent and end play: %j', (pump) => {
    const ids = pumpOf(pump).characteristics.map((c) => c.id);
    expect(ids).toEqual(
      expect.arrayContaining([
        ...['hub-bushing', 'drive-engagement', 'pump-to-unit', 'vent-size'],
        ...['stator-bushing-front', 'stator-bushing-rear'],
      ]),
    );
    const surfaces = teardownOf(pump).surfaces.map((s) => s.id);
    expect(surfaces).toEqual(expect.arrayContaining(['hub', 'bushing', 'thrust-washer']));
    expect(teardownOf(pump).also.map((c) => c.id)).toContain('vent');
  });
  it('has its end play by dial, by two depths and the washer, or by a leaf under the foot', () => {
    const play = characteristicOf(VELTRANE_T6, characteristicId('pump-to-unit'));
    expect(methodsFor(VELTRANE_T6, play)).toEqual(['leaf', 'swing', 'size']);
    const read = (dimension: string, value_mm: number) => ({
      dimension: dimensionId(dimension),
      station: stationId('a'),
      value_mm,
      u_mm: 0.003,
      own_mm: 0.001,
    });
    const { extremes } = sizedEvidence(gapsOf(play), [
      read('unit-depth', 31.2),
      read('pump-height', 29),
      read('washer-thickness', 1.8),
    ]);
    expect(centre(extremes!.largest)).toBeCloseTo(0.4, 9);
  });
  it('is led to the dial first where the end play has a limit', () => {
    const limit = {
      ...VELTRANE_T6.limits[0]!,
      characteristic: characteristicId('pump-to-unit'),
      tier: 'service',
    };
    const sheet = { ...VELTRANE_T6, limits: [{ ...limit, lower_mm: 0.25, upper_mm: 0.5 }] };
    expect(nextStep(emptyJob(sheet, AT))).toMatchObject({ way: 'swing' });
  });
  it('is what a gerotor says that it is: an oil pump has a shaft and no hub', () => {
    const oil = pumpOf(kind('gerotor')).characteristics.map((c) => c.id);
    const front = pumpOf(kind('gerotor', { use: 'front-pump' })).characteristics.map((c) => c.id);
    expect([
      oil.includes(characteristicId('inner-shaft')),
      oil.includes(characteristicId('hub-bushing')),
    ]).toEqual([true, false]);
    expect([
      front.includes(characteristicId('inner-shaft')),
      front.includes(characteristicId('hub-bushing')),
    ]).toEqual([false, true]);
    const orders = (use: string) => teardownOf(kind('gerotor', { use })).renew.map((r) => r.name);
    expect(orders('front-pump')).toContain('Converter seal');
    expect(orders('oil-pump')).toContain('Pick-up O-ring');
  });
});

describe('an external gear pump', () => {
  const stack = kind('external-gear', { sections: 4 });
  it('has the wear of its plates and of its cover by leaf, by depth mic and by height gauge', () => {
    for (const [pump, id] of [
      [stack, 'plate-wear-front-s3'],
      [kind('external-gear', { build: 'oil' }), 'cover-wear'],
    ] as const) {
      const c = characteristicOf(pump, characteristicId(id));
      expect(methodsFor(pump, c)).toEqual(['leaf', 'size']);
      const [first] = c.terms!;
      const dimension = pumpOf(pump).dimensions.find((d) => d.id === first!.dimension)!;
      expect([dimension.instrument, dimension.also]).toEqual(['depth-mic', ['height-gauge']]);
    }
    expect(methodsFor(stack, characteristicOf(stack, characteristicId('end-s2')))).toContain(
      'leaf',
    );
  });
  it('with blocks inside the body has body less gear less both blocks as its end clearance', () => {
    const blocks = kind('external-gear', { build: 'blocks', sections: 2 });
    const end = characteristicOf(blocks, characteristicId('end-s2'));
    const sizes: Record<string, number> = {
      'body-width-s2': 70.1,
      'drive-width-s2': 30,
      'idler-width-s2': 29.98,
      'block-length-front-s2': 20,
      'block-length-rear-s2': 20.02,
    };
    const read = Object.entries(sizes).map(([dimension, value_mm]) => ({
      dimension: dimensionId(dimension),
      station: stationId('a'),
      value_mm,
      u_mm: 0.002,
      own_mm: 0.001,
    }));
    const { extremes, missing } = sizedEvidence(gapsOf(end), read);
    expect(missing).toEqual([]);
    expect(centre(extremes!.smallest)).toBeCloseTo(0.08, 9);
    expect(centre(extremes!.largest)).toBeCloseTo(0.1, 9);
  });
  it('takes the limits of its first section for the others, unless they have their own', () => {
    const limit = {
      ...VELTRANE_T6.limits[0]!,
      characteristic: characteristicId('end'),
      tier: 'service',
    };
    const own = { ...limit, characteristic: characteristicId('end-s3'), upper_mm: 0.2 };
    const sheet: Sheet = {
      ...VELTRANE_T6,
      ...stack,
      limits: [limit, own],
      variants: [],
      key: [],
      mixes: [],
      nominal: [],
      strip: [],
      also: [],
      book: [],
    };
    const held = (id: string) =>
      assessJob(emptyJob(sheet, AT)).find((a) => a.characteristic.id === id)?.limits?.upper_mm;
    expect(held('end-s2')).toBe(limit.upper_mm);
    expect(held('end-s3')).toBe(0.2);
    expect(held('end-plates-s4')).toBe(limit.upper_mm);
    expect(held('end-plates-s3')).toBe(0.2);
  });
  it('counts what is renewed by its sections, and orders each part once', () => {
    const bushings = teardownOf(stack).renew.find((r) => r.id === 'bushings');
    expect(bushings?.count).toBe(4);
    const job = { ...emptyJob(VELTRANE_T6, AT) };
    const lines = orderList(job).map((l) => `${l.name} ${l.why}`);
    expect(new Set(lines).size).toBe(lines.length);
  });
});

describe('all vanes', () => {
  it.each(families().filter((f) => f.id.endsWith('vane')))('of a $id pump can be measured', (f) => {
    const { vanes } = f.example as unknown as { vanes: number };
    const length = pumpOf({ family: f.id, geometry: f.example }).dimensions.find(
      (d) => d.id === 'vane-length',
    );
    expect([length?.stations.length, length?.others]).toEqual([vanes, 'all others no shorter']);
  });
});

describe('a check of a sheet’s own', () => {
  const own: Sheet['own'] = [
    {
      id: 'seat',
      name: 'Relief seat',
      part: partId('body'),
      way: 'difference',
      places: ['first', '180° round'],
      sizes: [
        { name: 'Seat depth', instrument: 'depth-mic' },
        { name: 'Plunger length', instrument: 'outside-mic' },
      ],
      convention: '',
      caution: 'Spring out first.',
    },
    {
      id: 'shim',
      name: 'Shim',
      part: partId('cover'),
      way: 'leaf',
      places: ['left', 'right'],
      sizes: [],
      convention: 'at rest',
      caution: '',
    },
  ];
  const limit = { ...VELTRANE_T6.limits[0]!, tier: 'service', lower_mm: null };
  const sheet: Sheet = {
    ...VELTRANE_T6,
    own,
    limits: [
      { ...limit, characteristic: characteristicId('own-seat'), upper_mm: 0.5 },
      { ...limit, characteristic: characteristicId('own-shim'), upper_mm: 0.1 },
    ],
  };
  it('is measured, limited and asked for as the family’s are', () => {
    expect(sheetSchema.isValidSync(sheet, { strict: true, context: DESCRIBED })).toBe(true);
    const seat = characteristicOf(sheet, characteristicId('own-seat'));
    expect(methodsFor(sheet, seat)).toEqual(['size']);
    expect(
      characteristicOf(sheet, characteristicId('own-shim')).stations.map((s) => s.label),
    ).toEqual(['left', 'right']);
    expect(nextStep(emptyJob(sheet, AT))).toMatchObject({ dimension: { name: 'Seat depth' } });
    expect(pumpOf(VELTRANE_T6).characteristics.some((c) => c.id === 'own-seat')).toBe(false);
  });
  it('reads as many sizes as its way, and says so where it does not', () => {
    const wrong = { ...sheet, own: [{ ...own[0]!, sizes: [own[0]!.sizes[0]!] }, own[1]!] };
    expect(() => sheetSchema.validateSync(wrong, { strict: true, context: DESCRIBED })).toThrow(
      /Two sizes are read/,
    );
  });
});
