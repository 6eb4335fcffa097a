import { kindId } from '../core/pumps/ids';
import { familyOf } from '../core/pumps/registry';
import { sheetOf, type Ends } from './sheetPlan';
import { VARIANTS } from './variants';

export const EXTERNAL_NOMINAL = {
  'body-width': 30.1,
  'drive-width': 30,
  'idler-width': 30,
  ...Object.fromEntries(
    ['drive-front', 'drive-rear', 'idler-front', 'idler-rear'].flatMap((at) => [
      [`bushing-bore-${at}`, 20.06],
      [`journal-${at}`, 20],
    ]),
  ),
  'bore-track-drive': 48.76,
  'bore-clean-drive': 48.74,
  'bore-track-idler': 48.76,
  'bore-clean-idler': 48.74,
};

const EXTERNAL_SERVICE: Readonly<Record<string, Ends>> = {
  end: [0.05, 0.16],
  'tip-body-drive': [null, 0.1],
  'tip-body-idler': [null, 0.1],
  backlash: [0.1, 0.35],
  'plate-wear-front': [null, 0.03],
  'plate-wear-rear': [null, 0.03],
  'shaft-bushing-drive-front': [0.04, 0.12],
  'shaft-bushing-drive-rear': [0.04, 0.12],
};

const EXTERNAL_NEW: Readonly<Record<string, Ends>> = { ...EXTERNAL_SERVICE, end: [0.05, 0.12] };
export const EXTERNAL_PARTS = {
  body: 'aluminium',
  drive: 'steel',
  idler: 'steel',
  plate: 'bronze',
  bushing: 'bronze',
} as const;

export const BRUNNICK_H30 = sheetOf({
  id: 'brunnick-h30',
  key: VARIANTS['brunnick-h30'],
  model: 'Brunnick H30 gear pump',
  family: 'external-gear',
  page: 31,
  note: 'Gritter spinner drives.',
  materials: EXTERNAL_PARTS,
  nominal: EXTERNAL_NOMINAL,
  limits: { new: EXTERNAL_NEW, service: EXTERNAL_SERVICE },
  flow: {
    cc_rev: 26.5,
    idle: { rpm: 900, pressure_bar: 20, temp_C: 70 },
    work: { rpm: 1800, pressure_bar: 120, temp_C: 60 },
    demand: [
      { name: 'Tipping and plough', idle_lpm: 15, idle_bar: 20, work_lpm: 36, work_bar: 120 },
    ],
  },
  reversing: { bodyTurns: true, drains: 'one', symmetrical: true, coverTurns: true },
  fasteners: [['Through bolts', 'M12', 4, 75]],
});

/** The tandem's gears run between bushing blocks that lie in the body. */
const BLOCK_NOMINAL = {
  ...EXTERNAL_NOMINAL,
  'body-width': 70.1,
  'block-length-front': 20,
  'block-length-rear': 20,
};
const { plate: _, ...BLOCK_PARTS } = EXTERNAL_PARTS;
const BLOCK_SERVICE: Readonly<Record<string, Ends>> = Object.fromEntries(
  Object.entries(EXTERNAL_SERVICE).filter(([id]) => !id.startsWith('plate-')),
);

export const BRUNNICK_H30_TANDEM = sheetOf({
  id: 'brunnick-h30-tandem',
  key: VARIANTS['brunnick-h30-tandem'],
  model: 'Brunnick H30 tandem pump',
  family: 'external-gear',
  page: 32,
  note: 'Plough and spinner on one shaft.',
  geometry: { ...familyOf('external-gear').example, build: 'blocks', sections: 2 },
  materials: BLOCK_PARTS,
  // A further section has the limits and nominal sizes of the first but where it says its own.
  nominal: BLOCK_NOMINAL,
  limits: {
    new: { ...BLOCK_SERVICE, end: [0.05, 0.12], 'end-s2': [0.05, 0.14] },
    service: { ...BLOCK_SERVICE, 'end-s2': [0.05, 0.18] },
  },
  small: [
    { id: 'keys', part: kindId('drive'), count: 2, kind: 'key' },
    { id: 'clip', part: kindId('body'), count: 1, kind: 'clip' },
  ],
  flow: {
    loadedBlocks: true,
    idle: { rpm: 900, pressure_bar: 30, temp_C: 70 },
    work: { rpm: 1800, pressure_bar: 120, temp_C: 60 },
    demand: [{ name: 'Blower head', idle_lpm: 30, idle_bar: 30, work_lpm: 80, work_bar: 120 }],
  },
  fasteners: [['Through bolts', 'M12', 4, 80]],
});

export const OSKERRY_E2 = sheetOf({
  id: 'oskerry-e2',
  key: VARIANTS['oskerry-e2'],
  model: 'Oskerry E2 oil pump',
  family: 'external-gear',
  page: 22,
  note: 'Standby generator engines; the idler runs on a pressed shaft.',
  geometry: {
    ...familyOf('external-gear').example,
    build: 'oil',
    teeth: 11,
    centreDistance_mm: 33,
    tipDiameter_mm: 38.4,
    boreDiameter_mm: 38.54,
    shaftDiameter_mm: 14,
    width_mm: 25,
    wall_mm: 14,
  },
  gasket_mm: 0.05,
  materials: { body: 'iron', drive: 'steel', idler: 'steel', plate: 'iron', bushing: 'bronze' },
  nominal: {
    'pocket-depth': 25.06,
    'drive-width': 25,
    'idler-width': 25,
    'idler-bore': 14.03,
    'idler-shaft-diameter': 14,
    'idler-shaft-depth': 0.5,
  },
  limits: {
    new: { end: [0.03, 0.08], backlash: [0.1, 0.25], 'cover-wear': [null, 0.02] },
    service: {
      end: [0.03, 0.12],
      'tip-body-drive': [null, 0.1],
      'tip-body-idler': [null, 0.1],
      'idler-shaft-fit': [0.02, 0.08],
      'idler-shaft-height': [0.2, 0.8],
      'cover-wear': [null, 0.05],
    },
  },
});
