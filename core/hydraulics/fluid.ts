import { InputError } from '../errors';
import { lastThatHolds } from '../metrology/search';
import { say } from '../wording/say';

/** Describes a fluid by what its data sheet gives. */
export interface Fluid {
  /** Kinematic viscosity at 40 °C, in mm²/s. */
  readonly kv40_mm2s: number;
  /** Kinematic viscosity at 100 °C, in mm²/s. */
  readonly kv100_mm2s: number;
  /** Density at 15 °C, in kg/m³. */
  readonly density15_kgm3: number;
}

/** Describes a fluid at one temperature. */
export interface FluidState {
  readonly kv_mm2s: number;
  readonly density_kgm3: number;
  /** Dynamic viscosity, in Pa·s. */
  readonly mu_Pas: number;
  /** Says how its viscosity was found between the two points that are given. */
  readonly law: 'walther' | 'interpolated';
}

/** Zero of the Celsius scale, in K. */
const ZERO_K = 273.15;

/** The temperatures at which viscosity is given, in K. */
const [T40, T100] = [ZERO_K + 40, ZERO_K + 100] as const;

/** Temperatures between which a viscosity is told, in °C: beyond them neither law is trusted. */
export const FLUID_RANGE_C = { least: -30, most: 150 } as const;

/**
 * Tells whether a viscosity is told at a temperature at all.
 *
 * @param temp_C in °C
 * @example
 * hasViscosity(90); // true
 * hasViscosity(-40); // false
 */
export const hasViscosity = (temp_C: number): boolean =>
  temp_C >= FLUID_RANGE_C.least && temp_C <= FLUID_RANGE_C.most;

/** Walther's law holds from this viscosity on, in mm²/s. */
const WALTHER_FROM = 2;

/** Share of its density that oil loses per kelvin. */
const EXPANSION_per_K = 0.00065;

/** Returns the height on the double-logarithmic chart of ASTM D341 of a viscosity in mm²/s. */
const onChart = (kv: number): number => Math.log10(Math.log10(kv + 0.7));

/** Draws the straight line through two points, and reads it at a third place. */
const through = (
  [x1, y1]: readonly [number, number],
  [x2, y2]: readonly [number, number],
  x: number,
): number => y1 + ((y2 - y1) * (x - x1)) / (x2 - x1);

/** Reads a viscosity off the chart of ASTM D341 at a temperature in K. */
function byWalther({ kv40_mm2s, kv100_mm2s }: Fluid, kelvin: number): number {
  const height = through(
    [Math.log10(T40), onChart(kv40_mm2s)],
    [Math.log10(T100), onChart(kv100_mm2s)],
    Math.log10(kelvin),
  );
  return 10 ** (10 ** height) - 0.7;
}

/** Reads a thin fluid's viscosity off a line of ln ν over 1/T, at a temperature in K. */
const byInterpolation = ({ kv40_mm2s, kv100_mm2s }: Fluid, kelvin: number): number =>
  Math.exp(through([1 / T40, Math.log(kv40_mm2s)], [1 / T100, Math.log(kv100_mm2s)], 1 / kelvin));

/**
 * Returns the viscosity and the density of a fluid at a temperature: by Walther's law, log log(ν + 0.7) = A − B log T,
 * where both given points are at or above 2 mm²/s; a thinner fluid by a line of ln ν over 1/T between them. Density
 * falls by 0.00065 of that at 15 °C per kelvin.
 *
 * @param fluid its viscosities at 40 and 100 °C in mm²/s, its density at 15 °C in kg/m³
 * @param temp_C temperature of the oil, in °C
 * @throws InputError on `temp_C` outside −30 to 150 °C, on `kv100_mm2s` where it thickens with heat
 * @example
 * fluidAt({ kv40_mm2s: 46, kv100_mm2s: 6.8, density15_kgm3: 870 }, 80); // { kv_mm2s: 11.102611, mu_Pas: 0.009251, law: 'walther' }
 * fluidAt({ kv40_mm2s: 46, kv100_mm2s: 6.8, density15_kgm3: 870 }, 200); // throws −30
 * @see ASTM D341
 */
export function fluidAt(fluid: Fluid, temp_C: number): FluidState {
  const { most } = FLUID_RANGE_C;
  if (!hasViscosity(temp_C)) {
    throw new InputError('temp_C', 'out-of-range', say('flow.temperature', { most }), { temp_C });
  }
  const { kv40_mm2s, kv100_mm2s, density15_kgm3 } = fluid;
  if (kv100_mm2s > kv40_mm2s) {
    throw new InputError('kv100_mm2s', 'thickens', say('flow.thickens'), { kv100_mm2s });
  }
  const isThick = kv40_mm2s >= WALTHER_FROM && kv100_mm2s >= WALTHER_FROM;
  const kelvin = ZERO_K + temp_C;
  const kv_mm2s = isThick ? byWalther(fluid, kelvin) : byInterpolation(fluid, kelvin);
  const density_kgm3 = density15_kgm3 * (1 - EXPANSION_per_K * (temp_C - 15));
  return {
    kv_mm2s,
    density_kgm3,
    mu_Pas: kv_mm2s * 1e-6 * density_kgm3,
    law: isThick ? 'walther' : 'interpolated',
  };
}

/**
 * Returns the temperature at which a fluid has a viscosity, in °C.
 *
 * @param fluid its viscosities at 40 and 100 °C in mm²/s, its density at 15 °C in kg/m³
 * @param want_mm2s the kinematic viscosity wanted
 * @throws InputError on `want_mm2s` where it has that at no temperature from −30 to 150 °C
 * @example
 * temperatureFor({ kv40_mm2s: 46, kv100_mm2s: 6.8, density15_kgm3: 870 }, 860); // -4.464814
 * temperatureFor({ kv40_mm2s: 46, kv100_mm2s: 6.8, density15_kgm3: 870 }, 1); // throws −30
 * @see fluidAt
 */
export function temperatureFor(fluid: Fluid, want_mm2s: number): number {
  const { least, most } = FLUID_RANGE_C;
  const isAsThick = (celsius: number) => fluidAt(fluid, celsius).kv_mm2s >= want_mm2s;
  if (!isAsThick(least) || fluidAt(fluid, most).kv_mm2s > want_mm2s)
    throw new InputError(
      'want_mm2s',
      'out-of-range',
      'This fluid has that viscosity at no temperature from −30 to 150 °C.',
    );
  return lastThatHolds(isAsThick, least, most);
}
