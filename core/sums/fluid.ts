import { object } from 'yup';
import { fluidAt, temperatureFor, type Fluid } from '../hydraulics/fluid';
import { figure, positive } from './fields';
import { sayFrom } from '../wording/say';
import type { Figures } from './kinds';
import type { Ask, Formula } from './page';
import type { Pens } from './picture';
import { sum } from './sum';

const WORDS = {
  at: '{kv} mm²/s at {celsius}.',
  interpolated: 'Interpolated between the two points: the oil is too thin for the law.',
  dynamic: 'That is {mu} mPa·s, at {density} kg/m³.',
  brief: '{kv} mm²/s',
  hotter: 'it is {celsius} hot',
  thicker: 'Below that it is thicker.',
  briefTemp: '{celsius}',
  curve: 'viscosity',
  axes: 'mm²/s over temperature',
  drawn: 'Viscosity over temperature: {kv} mm²/s at {celsius}.',
} as const;

const say = sayFrom(WORDS);

/** Step of heat. */
const HOTTER_K = 20;

/** Says how a fluid is asked for: by its name, or by the figures of its data sheet. */
const FLUID_ASKS: readonly Ask[] = [{ at: 'oil', usual: 'Hydraulic oil VG 46' }];

const FLUID_MORE: readonly Ask[] = [
  {
    at: 'kv40_mm2s',
    more: true,
    how: 'In place of the oil above: from its data sheet, all three.',
  },
  { at: 'kv100_mm2s', more: true },
  { at: 'density15_kgm3', more: true },
];

const FLUID_FORMULA: Formula = {
  line: 'log log(ν + 0.7) = A − B·log T; ρ = ρ₁₅·(1 − 0.00065·(T − 15))',
  symbols: [
    ['ν', 'kinematic viscosity, in mm²/s'],
    ['T', 'temperature, in K; of the density in °C'],
  ],
  source: 'ASTM D341 (Walther)',
  assumed: ['Under 2 mm²/s: ln ν over 1/T between the two points.'],
};

/** Reach of the curve to either side of where the answer stands. */
const REACH_K = { colder: 15, hotter: 45 } as const;

/** Draws how thick a fluid is round a temperature. */
const curve = (fluid: Fluid, celsius: number, f: Figures, pens: Pens) =>
  pens.chart({
    from: celsius - REACH_K.colder,
    to: celsius + REACH_K.hotter,
    at: celsius,
    label: (at) => f.celsius(at),
    curves: [{ name: say('curve'), of: (at) => fluidAt(fluid, at).kv_mm2s }],
    decimals: 0,
    axes: say('axes'),
    said: say('drawn', { celsius: f.celsius(celsius), kv: thickness(fluid, celsius, f) }),
  });

/** Writes how thick a fluid is at a temperature. */
function thickness(fluid: Fluid, celsius: number, f: Figures): string {
  const { kv_mm2s } = fluidAt(fluid, celsius);
  return f.plain(kv_mm2s, kv_mm2s < 100 ? 1 : 0);
}

/** The fields of a fluid, as a data sheet gives them. */
export const fluidFields = {
  kv40_mm2s: positive('Viscosity at 40 °C', 'mm²/s'),
  kv100_mm2s: positive('Viscosity at 100 °C', 'mm²/s'),
  density15_kgm3: positive('Density at 15 °C', 'kg/m³'),
};

/** Tells the viscosity and the density of a fluid at a temperature. */
export const fluidAtTemperature = sum({
  input: object({ ...fluidFields, temp_C: figure('Temperature', '°C') }),
  example: { kv40_mm2s: 46, kv100_mm2s: 6.8, density15_kgm3: 870, temp_C: 80 },
  answer: ({ temp_C, ...fluid }) => fluidAt(fluid, temp_C),
  page: {
    words: WORDS,
    asks: [...FLUID_ASKS, { at: 'temp_C', usual: 80 }, ...FLUID_MORE],
    says: ({ temp_C }, { kv_mm2s, mu_Pas, density_kgm3, law }, f) => ({
      mark: 'good',
      head: say('at', { kv: f.plain(kv_mm2s, kv_mm2s < 100 ? 1 : 0), celsius: f.celsius(temp_C) }),
      rest: [
        say('dynamic', { mu: f.plain(1000 * mu_Pas, 1), density: f.plain(density_kgm3, 0) }),
        law === 'interpolated' ? say('interpolated') : '',
      ].filter(Boolean),
    }),
    brief: ({ kv_mm2s }, f) => say('brief', { kv: f.plain(kv_mm2s, 1) }),
    weigh: ({ kv_mm2s }) => kv_mm2s,
    changes: (given, _, f) => [
      {
        what: say('hotter', { celsius: f.celsius(given.temp_C + HOTTER_K) }),
        input: { ...given, temp_C: given.temp_C + HOTTER_K },
      },
      {
        what: say('hotter', { celsius: f.celsius(given.temp_C - HOTTER_K) }),
        input: { ...given, temp_C: given.temp_C - HOTTER_K },
      },
    ],
    picture: ({ temp_C, ...fluid }, _, f, pens) => curve(fluid, temp_C, f, pens),
    takes: { oil: 'oil', temp_C: 'oil_C' },
    formula: FLUID_FORMULA,
    beside: ['fluid.tempFor'],
  },
  gives: {
    kv_mm2s: ['Kinematic viscosity', 'mm²/s'],
    density_kgm3: ['Density', 'kg/m³'],
    mu_Pas: ['Dynamic viscosity', 'Pa·s'],
    law: ['Law'],
  },
});

/** Tells at which temperature a fluid is so thick. */
export const fluidTempFor = sum({
  input: object({ ...fluidFields, want_mm2s: positive('Viscosity wanted', 'mm²/s') }),
  example: { kv40_mm2s: 46, kv100_mm2s: 6.8, density15_kgm3: 870, want_mm2s: 860 },
  answer: ({ want_mm2s, ...fluid }) => ({ temp_C: temperatureFor(fluid, want_mm2s) }),
  page: {
    words: WORDS,
    asks: [
      ...FLUID_ASKS,
      { at: 'want_mm2s', how: 'What the pump takes cold, from its manual.' },
      ...FLUID_MORE,
    ],
    says: ({ want_mm2s }, { temp_C }, f) => ({
      mark: 'good',
      head: say('at', { kv: f.plain(want_mm2s, 1), celsius: f.celsius(temp_C) }),
      rest: [say('thicker')],
    }),
    brief: ({ temp_C }, f) => say('briefTemp', { celsius: f.celsius(temp_C) }),
    weigh: ({ temp_C }) => temp_C,
    picture: ({ want_mm2s: _, ...fluid }, { temp_C }, f, pens) => curve(fluid, temp_C, f, pens),
    takes: { oil: 'oil' },
    formula: FLUID_FORMULA,
    beside: ['fluid.at'],
  },
  gives: { temp_C: ['Temperature', '°C'] },
});
