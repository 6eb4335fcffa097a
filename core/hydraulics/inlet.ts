import { lastThatHolds } from '../metrology/search';
import { PA_PER_BAR } from './film';
import { M_PER_MM } from './seal';

/** Acceleration of free fall, in m/s² (ISO 80000-3). */
const GRAVITY = 9.80665;

/** Cubic metres in a cubic centimetre. */
const M3_PER_CC = 1e-6;

/** Reynolds number at which the flow in a line turns rough: the friction jumps there. */
const TURNS = 2300;

/** The way of the oil from the tank to the gears. */
export interface Inlet {
  readonly cc_rev: number;
  /** Gear sets that draw from it. */
  readonly gearSets: number;
  readonly portDiameter_mm: number;
  readonly lineDiameter_mm: number;
  readonly lineLength_m: number;
  /** Says how far the pump stands over the oil; below nought under it. */
  readonly lift_m: number;
  /** Loss of bends, strainer and mouth, in velocity heads at the port. */
  readonly k: number;
  readonly density_kgm3: number;
  readonly mu_Pas: number;
  readonly atmosphere_bar: number;
  /** Least absolute pressure that the pump stands at its inlet. */
  readonly least_bar: number;
  /** Highest speed of the oil in the port; null for none. */
  readonly velocityLimit_ms: number | null;
}

/** The highest speed of a pump, by its inlet. */
export interface InletSpeed {
  readonly rpm: number;
  readonly limitedBy: 'pressure' | 'velocity';
  /** Absolute pressure at the inlet at that speed. */
  readonly inlet_bar: number;
}

/**
 * Returns the area of a bore, in m².
 *
 * @param diameter_mm in mm
 * @example
 * area_m2(1000); // 0.785398
 */
export const area_m2 = (diameter_mm: number): number =>
  (Math.PI / 4) * (diameter_mm * M_PER_MM) ** 2;

/** Returns the absolute pressure at the inlet of a pump that stands still, in bar: what the height leaves of the atmosphere. */
const static_bar = ({ atmosphere_bar, density_kgm3, lift_m }: Inlet): number =>
  atmosphere_bar - (density_kgm3 * GRAVITY * lift_m) / PA_PER_BAR;

/**
 * Returns the friction factor of a smooth line: 64/Re as long as the flow is laminar, 0.316/Re^¼ from Re 2300 on.
 *
 * @param reynolds over nought
 * @example
 * frictionAt(1600); // 0.04
 * frictionAt(10000); // 0.0316
 * @see Hagen and Poiseuille; Blasius
 */
export const frictionAt = (reynolds: number): number =>
  reynolds < TURNS ? 64 / reynolds : 0.316 / reynolds ** 0.25;

/** Says what takes of the atmosphere on the way to a pump, in bar. */
export interface InletLosses {
  /** The height; below nought where the oil stands over the pump. */
  readonly lift_bar: number;
  /** Speed, bends and strainer, at the port. */
  readonly port_bar: number;
  /** Friction of the line. */
  readonly line_bar: number;
}

/**
 * Returns what the way of the oil takes of the atmosphere at a flow: the height ρgh, at the port (1 + K)ρv²/2, and in the
 * line f(L/D)ρv²/2.
 *
 * @param inlet lengths in mm and m, viscosity in Pa·s, density in kg/m³
 * @param flow_m3s through the inlet
 * @example
 * const way = { portDiameter_mm: 25.4, lineDiameter_mm: 25.4, lineLength_m: 0, lift_m: 0, k: 1 };
 * const oil = { density_kgm3: 800, mu_Pas: 0.02, atmosphere_bar: 1, least_bar: 0.8, velocityLimit_ms: null };
 * inletLosses({ cc_rev: 20, gearSets: 1, ...way, ...oil }, 0.001); // { lift_bar: 0, port_bar: 0.031158, line_bar: 0 }
 * @see Bernoulli; Darcy and Weisbach
 */
export function inletLosses(inlet: Inlet, flow_m3s: number): InletLosses {
  const { portDiameter_mm, lineDiameter_mm, lineLength_m, k, density_kgm3, mu_Pas } = inlet;
  const port_ms = flow_m3s / area_m2(portDiameter_mm);
  const line_ms = flow_m3s / area_m2(lineDiameter_mm);
  const head_bar = (v: number) => (density_kgm3 * v * v) / 2 / PA_PER_BAR;
  const line_m = lineDiameter_mm * M_PER_MM;
  const reynolds = (density_kgm3 * line_ms * line_m) / mu_Pas;
  return {
    lift_bar: inlet.atmosphere_bar - static_bar(inlet),
    port_bar: (1 + k) * head_bar(port_ms),
    line_bar: reynolds > 0 ? frictionAt(reynolds) * (lineLength_m / line_m) * head_bar(line_ms) : 0,
  };
}

/**
 * Returns the absolute pressure at the inlet of a pump at a flow, in bar: what height, port and line leave of the
 * atmosphere.
 *
 * @param inlet lengths in mm and m, viscosity in Pa·s, density in kg/m³
 * @param flow_m3s through the inlet
 * @example
 * const way = { portDiameter_mm: 25.4, lineDiameter_mm: 25.4, lineLength_m: 0, lift_m: 0, k: 1 };
 * const oil = { density_kgm3: 800, mu_Pas: 0.02, atmosphere_bar: 1, least_bar: 0.8, velocityLimit_ms: null };
 * inletPressure_bar({ cc_rev: 20, gearSets: 1, ...way, ...oil }, 0.001); // 0.968842
 * @see inletLosses
 */
export function inletPressure_bar(inlet: Inlet, flow_m3s: number): number {
  const { port_bar, line_bar } = inletLosses(inlet, flow_m3s);
  return static_bar(inlet) - port_bar - line_bar;
}

/**
 * Returns the flow of a pump at a speed, in m³/s.
 *
 * @param inlet displacement in cm³, with its gear sets
 * @param rpm speed of the pump
 * @example
 * flowAt_m3s({ cc_rev: 30, gearSets: 2 }, 1000); // 0.001
 */
export const flowAt_m3s = (
  { cc_rev, gearSets }: Pick<Inlet, 'cc_rev' | 'gearSets'>,
  rpm: number,
): number => (rpm * cc_rev * gearSets * M3_PER_CC) / 60;

/** Returns the flow at which the loss alone would take all of the atmosphere: beyond it nothing is left to look for. */
function hopeless_m3s(inlet: Inlet): number {
  const loss = (static_bar(inlet) - inlet.least_bar) * PA_PER_BAR;
  const port = area_m2(inlet.portDiameter_mm);
  return 2 * port * Math.sqrt((2 * loss) / ((1 + inlet.k) * inlet.density_kgm3));
}

/**
 * Returns the highest speed at which a pump's inlet still fills it: where the pressure meets the least that the pump
 * stands, or the oil in the port its highest velocity. Friction jumps where the flow turns rough, and so the answer may
 * be the speed just before, with more than the least pressure.
 *
 * @param inlet lengths in mm and m, viscosity in Pa·s, density in kg/m³, pressures absolute
 * @returns speed of the pump in 1/min; 0 where the height alone takes the pressure
 * @example
 * const way = { portDiameter_mm: 25.4, lineDiameter_mm: 25.4, lineLength_m: 0.9, lift_m: 0.3, k: 2.5 };
 * const oil = { density_kgm3: 841, mu_Pas: 0.0174, atmosphere_bar: 1.01325, least_bar: 0.8 };
 * const inlet = { cc_rev: 24, gearSets: 1, ...way, ...oil };
 * inletMaxSpeed({ ...inlet, velocityLimit_ms: 1.5 }); // { rpm: 1900.153047, limitedBy: 'velocity' }
 * inletMaxSpeed({ ...inlet, velocityLimit_ms: null, lift_m: 3 }); // { rpm: 0, limitedBy: 'pressure' }
 * @see inletPressure_bar
 */
export function inletMaxSpeed(inlet: Inlet): InletSpeed {
  const { least_bar, velocityLimit_ms, cc_rev, gearSets } = inlet;
  if (static_bar(inlet) <= least_bar)
    return { rpm: 0, limitedBy: 'pressure', inlet_bar: static_bar(inlet) };
  const byPressure = lastThatHolds(
    (flow) => inletPressure_bar(inlet, flow) >= least_bar,
    0,
    hopeless_m3s(inlet),
  );
  const byVelocity = (velocityLimit_ms ?? Infinity) * area_m2(inlet.portDiameter_mm);
  const flow = Math.min(byPressure, byVelocity);
  return {
    rpm: (60 * flow) / (cc_rev * gearSets * M3_PER_CC),
    limitedBy: byVelocity < byPressure ? 'velocity' : 'pressure',
    inlet_bar: inletPressure_bar(inlet, flow),
  };
}

/** The bore that an inlet needs for a speed; in mm. */
export interface InletBore {
  readonly bore_mm: number | null;
  readonly byPressure_mm: number | null;
  readonly byVelocity_mm: number | null;
  /** Says why no bore is wide enough: the height takes the pressure, or the line that stays does. */
  readonly why: 'lift' | 'line' | null;
}

/** A bore no port has, in mm: where that is not enough, none is. */
const WIDEST_mm = 1e6;

/**
 * Returns the bore with which an inlet fills a pump at a speed.
 *
 * @param inlet as for its highest speed; a bore that is asked for is not looked at
 * @param rpm speed of the pump
 * @param change what gets the bore: port and line, or the port alone
 * @example
 * const way = { portDiameter_mm: 25.4, lineDiameter_mm: 25.4, lineLength_m: 0.9, lift_m: 0.3, k: 2.5 };
 * const oil = { density_kgm3: 841, mu_Pas: 0.0174, atmosphere_bar: 1.01325, least_bar: 0.8, velocityLimit_ms: 1.5 };
 * inletBore({ cc_rev: 24, gearSets: 1, ...way, ...oil }, 2400, 'both'); // { bore_mm: 28.545986, byVelocity_mm: 28.545986, why: null }
 * inletBore({ cc_rev: 24, gearSets: 1, ...way, ...oil, lift_m: 4 }, 2400, 'both'); // { bore_mm: null, why: 'lift' }
 * @see inletPressure_bar
 */
export function inletBore(inlet: Inlet, rpm: number, change: 'both' | 'port'): InletBore {
  const none = { bore_mm: null, byPressure_mm: null, byVelocity_mm: null };
  if (static_bar(inlet) <= inlet.least_bar) return { ...none, why: 'lift' };
  const flow = flowAt_m3s(inlet, rpm);
  const starves = (bore_mm: number): boolean => {
    const line = change === 'both' ? bore_mm : inlet.lineDiameter_mm;
    const wider = { ...inlet, portDiameter_mm: bore_mm, lineDiameter_mm: line };
    return inletPressure_bar(wider, flow) < inlet.least_bar;
  };
  if (flow > 0 && starves(WIDEST_mm)) return { ...none, why: 'line' };
  const byPressure_mm = flow > 0 ? lastThatHolds(starves, 0, WIDEST_mm) : 0;
  const limit = inlet.velocityLimit_ms;
  const byVelocity_mm =
    limit === null ? null : Math.sqrt((4 * flow) / (Math.PI * limit)) / M_PER_MM;
  return {
    bore_mm: Math.max(byPressure_mm, byVelocity_mm ?? 0),
    byPressure_mm,
    byVelocity_mm,
    why: null,
  };
}
