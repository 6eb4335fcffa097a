import { partId, surfaceId } from '../core/pumps/ids';
import { familyOf, pumpOf } from '../core/pumps/registry';
import type { Sheet, SheetLimit } from '../core/records/sheet';
import {
  BRUNNICK_H30,
  BRUNNICK_H30_TANDEM,
  EXTERNAL_NOMINAL,
  EXTERNAL_PARTS,
  OSKERRY_E2,
} from './gearPumps';
import { sheetOf } from './sheetPlan';
import { VARIANTS } from './variants';

const CRESCENT_COVER = { 'cover-wear': [null, 0.05] } as const;

/** A made-up front pump of the crescent kind. No such maker, model or limit exists. */
export const VELTRANE_T6: Sheet = sheetOf({
  id: 'veltrane-t6',
  key: VARIANTS['veltrane-t6'],
  model: 'Veltrane T6 front pump',
  mount: 'body',
  family: 'crescent',
  page: 14,
  note: 'Gritter and tug gearboxes of the depot.',
  preferred: { 'face-drive': [0.03, 0.05], 'face-driven': [0.03, 0.05] },
  clutches: [
    { name: 'Stator clutch', free: 'clockwise', tabs: 'pump side', washers: 1, pins: null },
  ],
  book: [
    {
      surface: surfaceId('cover-track'),
      defect: 'scored',
      upTo_mm: 0.01,
      consequence: 'pass',
      source: 'Depot sheet 14, page 4',
    },
    {
      surface: surfaceId('cover-track'),
      defect: 'scored',
      upTo_mm: 0.15,
      consequence: 'machine',
      source: 'Depot sheet 14, page 4',
    },
  ],
  materials: {
    body: 'aluminium',
    drive: 'steel',
    driven: 'steel',
    cover: 'iron',
    bushing: 'bronze',
    hub: 'steel',
  },
  nominal: {
    'pocket-depth': 20.04,
    'drive-width': 20,
    'driven-width': 20,
    'pocket-diameter': 116.12,
    'driven-diameter': 116,
    'bushing-bore': 44.06,
    'hub-diameter': 44,
  },
  limits: {
    new: {
      'face-drive': [0.02, 0.05],
      'face-driven': [0.02, 0.05],
      'od-pocket': [0.08, 0.15],
      backlash: [0.1, 0.3],
      'floor-tilt': [null, 0.02],
      'hub-bushing': [0.04, 0.09],
      'cover-wear': [null, 0.02],
    },
    service: {
      'face-drive': [0.02, 0.08],
      'face-driven': [0.02, 0.08],
      'od-pocket': [0.08, 0.25],
      ...CRESCENT_COVER,
    },
  },
  flow: {
    demand: [
      { name: 'Converter and clutches', idle_lpm: 11, idle_bar: 8, work_lpm: 30, work_bar: 20 },
      { name: 'Cooler', idle_lpm: 3, idle_bar: 3, work_lpm: 6, work_bar: 4 },
    ],
  },
  test: [
    ['Hot idle', 700, 8, 90, 14, null],
    ['', 2000, 0, 60, null, null],
    ['Working speed', 2000, 20, 60, 46, 5],
  ],
  fasteners: [
    ['Cover bolts', 'M8', 8, 24],
    ['Pump to case', 'M8', 7, 26],
  ],
});

const VELTRANE_V9 = sheetOf({
  id: 'veltrane-v9',
  key: VARIANTS['veltrane-v9'],
  model: 'Veltrane V9 front pump',
  mount: 'body',
  family: 'variable-vane',
  page: 15,
  note: 'Tug gearboxes with the variable pump.',
  materials: { body: 'aluminium', rotor: 'steel', vane: 'steel', slide: 'steel', cover: 'iron' },
  nominal: {
    'pocket-depth': 18.04,
    'rotor-width': 18,
    'vane-width': 17.99,
    'slide-width': 18,
    'vane-length': 9.2,
    'vane-thickness': 2.5,
    'slot-width': 2.53,
    'pivot-bore': 8.03,
    'pivot-pin': 8,
  },
  limits: {
    new: {
      'side-rotor': [0.02, 0.05],
      'side-vanes': [0.02, 0.06],
      'side-slide': [0.02, 0.05],
      'vane-slot': [0.015, 0.04],
      'vane-length': [9.15, 9.25],
      'slide-pivot': [0.01, 0.04],
      'cover-wear': [null, 0.02],
    },
    service: {
      'side-rotor': [0.02, 0.07],
      'side-vanes': [0.02, 0.08],
      'side-slide': [0.02, 0.07],
      'vane-length': [9.05, null],
      'cover-wear': [null, 0.04],
    },
  },
  flow: {
    demand: [
      { name: 'Converter and clutches', idle_lpm: 9, idle_bar: 8, work_lpm: 28, work_bar: 20 },
    ],
  },
  fasteners: [['Cover bolts', 'M6', 7, 11]],
});

const OSKERRY_G4 = sheetOf({
  id: 'oskerry-g4',
  key: VARIANTS['oskerry-g4'],
  model: 'Oskerry G4 oil pump',
  family: 'gerotor',
  page: 21,
  note: 'Snow blower engines.',
  materials: { body: 'aluminium', inner: 'steel', outer: 'steel', cover: 'iron', shaft: 'steel' },
  nominal: {
    'pocket-depth': 16.05,
    'inner-width': 16,
    'outer-width': 16,
    'pocket-diameter': 66.14,
    'outer-diameter': 66,
    'rotor-bore': 18.02,
    'shaft-diameter': 18,
    'plunger-bore-diameter': 12.04,
    'plunger-diameter': 12,
    'spring-free-length': 46,
  },
  limits: {
    new: {
      'face-inner': [0.03, 0.07],
      'face-outer': [0.03, 0.07],
      tip: [null, 0.12],
      'od-pocket': [0.1, 0.2],
      'inner-shaft': [0.01, 0.04],
      'cover-wear': [null, 0.02],
      'spring-length': [45.5, 46.5],
    },
    service: {
      'face-inner': [0.03, 0.1],
      'face-outer': [0.03, 0.1],
      tip: [null, 0.2],
      'od-pocket': [0.1, 0.3],
      'cover-wear': [null, 0.05],
      'plunger-bore': [0.02, 0.08],
      'spring-length': [44.5, null],
    },
  },
  flow: {
    demand: [{ name: 'Bearings and jets', idle_lpm: 4.5, idle_bar: 3, work_lpm: 15, work_bar: 5 }],
  },
  fasteners: [['Cover screws', 'M6', 6, 10]],
});

/** A made-up front pump with rotors: what sits in a transmission is measured on it as well. */
const VELTRANE_R3 = sheetOf({
  id: 'veltrane-r3',
  model: 'Veltrane R3 front pump',
  mount: 'cover',
  family: 'gerotor',
  page: 16,
  note: 'Light vans of the county.',
  geometry: { ...familyOf('gerotor').example, use: 'front-pump' },
  preferred: { 'face-inner': [0.03, 0.05] },
  clutches: [{ name: 'Stator clutch', free: 'anticlockwise', tabs: 'no tabs', pins: 12 }],
  materials: { body: 'aluminium', inner: 'steel', outer: 'steel', cover: 'iron', hub: 'steel' },
  nominal: {
    'pocket-depth': 16.05,
    'inner-width': 16,
    'outer-width': 16,
    'pocket-diameter': 66.14,
    'outer-diameter': 66,
    'bushing-bore': 38.06,
    'hub-diameter': 38,
    'hub-slot': 8.2,
    'drive-tang': 8,
    'unit-depth': 32,
    'pump-height': 29.4,
    'washer-thickness': 2,
  },
  limits: {
    new: { 'face-inner': [0.02, 0.05], 'face-outer': [0.02, 0.05], tip: [null, 0.12] },
    service: {
      'face-inner': [0.02, 0.08],
      'face-outer': [0.02, 0.08],
      tip: [null, 0.2],
      'od-pocket': [0.1, 0.3],
      'cover-wear': [null, 0.04],
      'hub-bushing': [0.04, 0.1],
      'drive-engagement': [0.1, 0.4],
      'pump-to-unit': [0.3, 0.8],
    },
  },
  flow: { demand: [{ name: 'Clutches', idle_lpm: 5, idle_bar: 8, work_lpm: 14, work_bar: 20 }] },
  fasteners: [['Cover screws', 'M6', 6, 10]],
});

const BRUNNICK_C12 = sheetOf({
  id: 'brunnick-c12',
  key: VARIANTS['brunnick-c12'],
  model: 'Brunnick C12 cartridge',
  family: 'fixed-vane',
  page: 33,
  note: 'Airfield tug steering.',
  own: [
    {
      id: 'plate-spring',
      name: 'Pressure plate spring, free length',
      part: partId('cover'),
      way: 'size',
      places: ['one side', 'other side'],
      sizes: [{ name: 'Free length', instrument: 'caliper' }],
      convention: 'free length, standing',
      caution: '',
    },
  ],
  materials: { rotor: 'steel', vane: 'steel', ring: 'steel', cover: 'iron' },
  nominal: {
    'ring-width': 24.04,
    'rotor-width': 24,
    'vane-length': 9,
    'vane-thickness': 2,
    'slot-width': 2.03,
    'ring-major': 62,
    'rotor-diameter': 54,
    'ring-track': 62.02,
    'ring-rim': 62,
    'own-plate-spring-1': 24,
  },
  limits: {
    new: { 'side-rotor': [0.025, 0.05], 'vane-length': [8.95, 9.05], 'ring-wear': [null, 0.02] },
    service: {
      'side-rotor': [0.025, 0.07],
      'vane-slot': [0.015, 0.05],
      'vane-length': [8.8, null],
      'vane-in-slot': [4, null],
      'ring-wear': [null, 0.08],
      'bearing-play': [null, 0.1],
      'own-plate-spring': [22.5, null],
    },
  },
  flow: {
    cc_rev: 28,
    idle: { rpm: 900, pressure_bar: 40, temp_C: 70 },
    work: { rpm: 1800, pressure_bar: 120, temp_C: 60 },
    demand: [
      { name: 'Spreader hydraulics', idle_lpm: 20, idle_bar: 40, work_lpm: 42, work_bar: 120 },
    ],
  },
  reversing: { ringFlips: true, coverTurns: true },
  fasteners: [['Cover bolts', 'M10', 4, 48]],
});

const OSKERRY_S4 = sheetOf({
  id: 'oskerry-s4',
  key: VARIANTS['oskerry-s4'],
  model: 'Oskerry S4 vacuum pump',
  family: 'vacuum-vane',
  page: 41,
  note: 'Milk and sampling lorries of the county; carbon vanes.',
  materials: { body: 'iron', rotor: 'steel', vane: 'carbon', cover: 'iron' },
  nominal: {
    'pocket-depth': 36.08,
    'rotor-width': 36,
    'vane-length': 16,
    'vane-thickness': 4,
    'slot-width': 4.06,
    'rotor-diameter': 48,
    'ring-track': 58.03,
    'ring-rim': 58,
    eccentricity: 4.7,
  },
  limits: {
    new: { 'side-rotor': [0.05, 0.1], 'vane-length': [15.9, 16.1] },
    service: {
      'side-rotor': [0.05, 0.15],
      'vane-length': [14, null],
      'vane-in-slot': [3, null],
      'ring-wear': [null, 0.15],
      'bearing-play-front': [null, 0.06],
      'bearing-play-rear': [null, 0.06],
    },
  },
});

/** The depot's limit sheets: every family, all of it made up. */
export const DEMO_SHEETS: readonly Sheet[] = [
  VELTRANE_T6,
  VELTRANE_V9,
  VELTRANE_R3,
  OSKERRY_G4,
  OSKERRY_E2,
  BRUNNICK_H30,
  BRUNNICK_H30_TANDEM,
  BRUNNICK_C12,
  OSKERRY_S4,
];

/** A stack of four sections with a limit on everything: the largest pump that can be on the bench. */
export function largestSheet(): Sheet {
  const sheet = sheetOf({
    id: 'largest',
    model: 'Brunnick H30 four-section pump',
    family: 'external-gear',
    page: 34,
    note: 'For measuring speed.',
    geometry: { ...familyOf('external-gear').example, sections: 4 },
    materials: EXTERNAL_PARTS,
    nominal: EXTERNAL_NOMINAL,
    limits: { new: {}, service: {} },
  });
  const limits = pumpOf(sheet).characteristics.map(({ id }): SheetLimit => ({
    characteristic: id,
    tier: 'service',
    lower_mm: 0.01,
    upper_mm: 0.12,
    side: 'full',
    preferredLower_mm: null,
    preferredUpper_mm: null,
    gasket: 'bare',
    source: '',
  }));
  return { ...sheet, limits };
}
