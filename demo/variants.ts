import type { VariantPlan } from './variantPlan';

const LUGS = ['Drive gear: lugs or flats', ['two lugs', 'four flats']] as const;
const WINDOW = ['Inlet window in the body', ['narrow', 'wide']] as const;
const RELIEF = ['Relief housing', ['one piece', 'bolted on']] as const;

/** How the variants of each sheet of the demo are told apart; all of it made up. */
export const VARIANTS = {
  'veltrane-t6': {
    checks: {
      window: WINDOW,
      relief: RELIEF,
      lugs: LUGS,
      width: ['Drive gear width, mm', 0.004],
    },
    variants: [
      {
        name: 'T6 early, narrow inlet',
        years: [2006, 2010],
        serials: [1, 18000],
        marks: { window: 'narrow', relief: 'one piece', lugs: 'two lugs', width: [19.9, 20.05] },
      },
      {
        name: 'T6 early, wide inlet',
        years: [2009, 2014],
        serials: [18001, 41999],
        marks: { window: 'wide', relief: 'one piece', lugs: 'two lugs', width: [19.9, 20.05] },
      },
      {
        name: 'T6 late',
        years: [2013, 2016],
        serials: [42000, 60000],
        marks: { window: 'wide', relief: 'one piece', lugs: 'four flats', width: [19.9, 20.05] },
      },
      {
        name: 'T6 late, bolted relief',
        years: [2015, 2019],
        serials: [60001, 82000],
        marks: { window: 'wide', relief: 'bolted on', lugs: 'four flats', width: [19.9, 20.05] },
      },
      {
        name: 'T6 heavy, wider gears',
        years: [2017, null],
        serials: [82001, null],
        marks: { window: 'wide', relief: 'bolted on', lugs: 'four flats', width: [21.9, 22.05] },
      },
    ],
    mixes: [
      ['cover', 3, 'body', 2, true, 'plug the second vent'],
      ['cover', 2, 'body', 3, false, 'its vent meets the pressure side'],
      ['cover', 4, 'body', 3, true, ''],
      ['drive', 3, 'body', 2, true, 'with its hub only'],
      ['drive', 2, 'body', 3, true, 'with its hub only'],
      ['drive', 3, 'hub', 2, false, 'flats do not take lugs'],
      ['drive', 2, 'hub', 3, false, 'lugs do not take flats'],
      ['drive', 5, 'body', 4, false, 'wider than the pocket'],
      ['driven', 5, 'body', 4, false, 'wider than the pocket'],
    ],
  },
  'veltrane-v9': {
    checks: {
      ports: ['Ports on the regulator side', ['two', 'three']],
      slide: ['Slide pivot', ['loose pin', 'cast on']],
      vanes: ['Vanes', ['seven', 'nine']],
    },
    variants: [
      { name: 'V9 A', marks: { ports: 'two', slide: 'loose pin', vanes: 'seven' } },
      { name: 'V9 B', marks: { ports: 'two', slide: 'loose pin', vanes: 'nine' } },
      { name: 'V9 C', marks: { ports: 'two', slide: 'cast on', vanes: 'nine' } },
      {
        name: 'V9 D',
        years: [2018, null],
        marks: { ports: 'three', slide: 'cast on', vanes: 'nine' },
      },
    ],
    mixes: [
      ['cover', 2, 'body', 1, true, ''],
      ['slide', 3, 'body', 2, false, 'its pivot has no seat there'],
    ],
  },
  'oskerry-g4': {
    checks: {
      pickup: ['Pick-up flange', ['two bolts', 'three bolts']],
      spring: ['Relief spring colour', ['plain', 'green']],
      depth: ['Inner rotor width, mm', 0.004],
    },
    variants: [
      { name: 'G4 16 mm', marks: { pickup: 'two bolts', spring: 'plain', depth: [15.9, 16.05] } },
      {
        name: 'G4 16 mm, high pressure',
        marks: { pickup: 'two bolts', spring: 'green', depth: [15.9, 16.05] },
      },
      { name: 'G4 19 mm', marks: { pickup: 'two bolts', spring: 'plain', depth: [18.9, 19.05] } },
      {
        name: 'G4 19 mm, high pressure',
        marks: { pickup: 'three bolts', spring: 'green', depth: [18.9, 19.05] },
      },
    ],
    mixes: [['inner', 3, 'body', 1, false, 'wider than the pocket']],
  },
  'oskerry-e2': {
    checks: { cover: ['Cover screws', ['five', 'six']] },
    variants: [
      { name: 'E2 to serial 9 999', serials: [1, 9999], marks: { cover: 'six' } },
      { name: 'E2 from serial 10 000', serials: [10000, null], marks: { cover: 'six' } },
    ],
  },
  'brunnick-h30': {
    checks: {
      shaft: ['Shaft end', ['key', 'splines', 'tang']],
      flange: ['Flange', ['two bolts', 'four bolts']],
      width: ['Gear width, mm', 0.005],
    },
    variants: [
      { name: 'H30-20 key', marks: { shaft: 'key', flange: 'two bolts', width: [19.9, 20.05] } },
      { name: 'H30-30 key', marks: { shaft: 'key', flange: 'two bolts', width: [29.9, 30.05] } },
      {
        name: 'H30-30 splines',
        marks: { shaft: 'splines', flange: 'two bolts', width: [29.9, 30.05] },
      },
      {
        name: 'H30-38 splines',
        marks: { shaft: 'splines', flange: 'four bolts', width: [37.9, 38.05] },
      },
      {
        name: 'H30-45 splines',
        marks: { shaft: 'splines', flange: 'four bolts', width: [44.9, 45.05] },
      },
      { name: 'H30-30 tang', marks: { shaft: 'tang', flange: 'two bolts', width: [29.9, 30.05] } },
    ],
    mixes: [
      ['plate', 3, 'body', 2, true, ''],
      ['drive', 3, 'body', 2, true, 'the shaft end changes along'],
      ['drive', 4, 'body', 3, false, 'wider than the body'],
    ],
  },
  'brunnick-h30-tandem': {
    checks: {
      ports: ['Inlet ports', ['one for both', 'one each']],
      rear: ['Rear section', ['equal', 'narrower']],
    },
    variants: [
      { name: 'Tandem 30/30', marks: { ports: 'one for both', rear: 'equal' } },
      { name: 'Tandem 30/20', marks: { ports: 'one for both', rear: 'narrower' } },
      { name: 'Tandem 30/20, two inlets', marks: { ports: 'one each', rear: 'narrower' } },
    ],
  },
  'brunnick-c12': {
    checks: {
      bearing: ['Bearing at the cover', ['ball', 'bronze']],
      ring: ['Cam ring width, mm', 0.004],
    },
    variants: [
      { name: 'C12-8', marks: { bearing: 'ball', ring: [19.9, 20.1] } },
      { name: 'C12-10', marks: { bearing: 'ball', ring: [23.9, 24.1] } },
      { name: 'C12-10 B', marks: { bearing: 'bronze', ring: [23.9, 24.1] } },
      { name: 'C12-12 B', marks: { bearing: 'bronze', ring: [27.9, 28.1] } },
    ],
  },
  'oskerry-s4': {
    checks: { vanes: ['Vanes', ['carbon', 'fibre']] },
    variants: [
      { name: 'S4 dry', marks: { vanes: 'carbon' } },
      { name: 'S4 oiled', marks: { vanes: 'fibre' } },
    ],
  },
} satisfies Readonly<Record<string, VariantPlan>>;
