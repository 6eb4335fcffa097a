import { object } from 'yup';
import { temperatureFor } from '../hydraulics/fluid';
import { positive } from './fields';
import { fluidFields } from './flowing';
import { sum } from './sum';

/** Tells at which temperature a fluid is so thick. */
export const fluidTempFor = sum({
  input: object({ ...fluidFields, want_mm2s: positive('Viscosity wanted', 'mm²/s') }),
  example: { kv40_mm2s: 46, kv100_mm2s: 6.8, density15_kgm3: 870, want_mm2s: 860 },
  answer: ({ want_mm2s, ...fluid }) => ({ temp_C: temperatureFor(fluid, want_mm2s) }),
  gives: { temp_C: ['Temperature', '°C'] },
});
