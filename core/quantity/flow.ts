import { FLOW, formatAmount, parseAmount, PRESSURE, type Amounts } from './amounts';
import type { ShopUnit } from './units';
import { say } from '../wording/say';

/** 1 lb·ft is 1.355818 Nm (NIST SP 811). */
const TORQUE: Omit<Amounts, 'decimals'> = {
  usual: { mm: 'Nm', thou: 'lb·ft' },
  per: { Nm: 1, 'lb·ft': 1.3558179483 },
};

/**
 * Returns the unit in which a shop writes flow: `l/min` or `gpm`.
 *
 * @param shop the unit that the shop displays
 * @example
 * flowUnit('thou'); // 'gpm'
 */
export const flowUnit = (shop: ShopUnit): string => FLOW.usual[shop];

/**
 * Returns the unit in which a shop writes pressure: `bar` or `psi`.
 *
 * @param shop the unit that the shop displays
 * @example
 * pressureUnit('mm'); // 'bar'
 */
export const pressureUnit = (shop: ShopUnit): string => PRESSURE.usual[shop];

/**
 * Reads a flow as people write it, in l/min: `12`, `12 l/min`, `3.2 gpm`. Null for nothing.
 *
 * @param text as it was typed
 * @param shop a bare number is in its unit
 * @throws InputError on `text`
 * @example
 * parseFlow_lpm('12'); // 12
 * parseFlow_lpm('3 gpm'); // 11.356235
 * parseFlow_lpm(''); // null
 */
export const parseFlow_lpm = (text: string, shop: ShopUnit = 'mm'): number | null =>
  parseAmount(text, FLOW, shop);

/**
 * Reads a pressure as people write it, in bar: `5.5`, `80 psi`, `550 kPa`. Null for nothing.
 *
 * @param text as it was typed
 * @param shop a bare number is in its unit
 * @throws InputError on `text`
 * @example
 * parsePressure_bar('550 kPa'); // 5.5
 * parsePressure_bar('80', 'thou'); // 5.515806
 */
export const parsePressure_bar = (text: string, shop: ShopUnit = 'mm'): number | null =>
  parseAmount(text, PRESSURE, shop);

/**
 * Writes a flow in the shop's unit: `11.4 l/min`, `3.01 gpm`.
 *
 * @param lpm a flow in l/min
 * @param shop the unit that the shop displays
 * @example
 * formatFlow(11.4); // '11.4 l/min'
 * formatFlow(11.4, 'thou'); // '3.01 gpm'
 */
export const formatFlow = (lpm: number, shop: ShopUnit = 'mm'): string =>
  formatAmount(lpm, FLOW, shop);

/**
 * Writes a pressure in the shop's unit: `5.5 bar`, `79.8 psi`.
 *
 * @param bar a pressure in bar
 * @param shop the unit that the shop displays
 * @example
 * formatPressure(5.5, 'thou'); // '79.8 psi'
 */
export const formatPressure = (bar: number, shop: ShopUnit = 'mm'): string =>
  formatAmount(bar, PRESSURE, shop);

/**
 * Writes a pressure in the shop's unit by so many figures that count: a gauge of a stand is read no closer.
 *
 * @param bar a pressure in bar
 * @param figures how many count
 * @param shop the unit that the shop displays
 * @example
 * pressureBy(20, 3, 'thou'); // '290 psi'
 * pressureBy(7.943, 2, 'mm'); // '7.9 bar'
 */
export const pressureBy = (bar: number, figures: number, shop: ShopUnit): string => {
  const per = PRESSURE.per[PRESSURE.usual[shop]] ?? 1;
  return formatPressure(Number((bar / per).toPrecision(figures)) * per, shop);
};

/**
 * Writes a flow in the shop's unit as finely as it is known: `15 l/min`, `15.2 l/min`.
 *
 * @param lpm a flow in l/min
 * @param within_lpm how far it may be off, in l/min
 * @param shop the unit that the shop displays
 * @example
 * flowWithin(15.23, 2, 'mm'); // '15 l/min'
 * flowWithin(15.23, 0.3, 'mm'); // '15.2 l/min'
 * flowWithin(15.23, 2, 'thou'); // '4.0 gpm'
 */
export const flowWithin = (lpm: number, within_lpm: number, shop: ShopUnit): string =>
  say('quantity.withUnit', { figure: bareFlow(lpm, within_lpm, shop), unit: flowUnit(shop) });

/** Decimals of a flow, at most. */
const FINEST = 2;

/**
 * Returns the least flow that the shop's unit can tell from none, in l/min.
 *
 * @param shop the unit that the shop displays
 * @example
 * leastFlow_lpm('mm'); // 0.01
 */
export const leastFlow_lpm = (shop: ShopUnit): number =>
  (FLOW.per[FLOW.usual[shop]] ?? 1) / 10 ** FINEST;

/**
 * Writes a flow in the shop's unit as finely as it is known, without its unit.
 *
 * @param lpm a flow in l/min
 * @param within_lpm how far it may be off, in l/min
 * @param shop the unit that the shop displays
 * @example
 * bareFlow(0.437, 0.05, 'mm'); // '0.44'
 */
export function bareFlow(lpm: number, within_lpm: number, shop: ShopUnit): string {
  const per = FLOW.per[FLOW.usual[shop]] ?? 1;
  const decimals = Math.ceil(-Math.log10(Math.max(within_lpm / per, 1e-9)));
  return (lpm / per).toFixed(Math.min(FINEST, Math.max(0, decimals)));
}

/**
 * Returns the unit in which a shop writes torque: `Nm` or `lb·ft`.
 *
 * @param shop the unit that the shop displays
 * @example
 * torqueUnit('thou'); // 'lb·ft'
 */
export const torqueUnit = (shop: ShopUnit): string => TORQUE.usual[shop];

/**
 * Writes a torque in the shop's unit by so many figures that count, without its unit.
 *
 * @param torque_Nm in Nm
 * @param figures how many count
 * @param shop the unit that the shop displays
 * @example
 * bareTorque(119.6, 2, 'mm'); // '120'
 * bareTorque(119.6, 2, 'thou'); // '88'
 */
export function bareTorque(torque_Nm: number, figures: number, shop: ShopUnit): string {
  const rounded = (torque_Nm / (TORQUE.per[TORQUE.usual[shop]] ?? 1)).toPrecision(figures);
  // Of a large one the figure itself, not its power of ten.
  return Number(rounded) < 10 ** figures ? rounded : String(Number(rounded));
}
