import { formatFlow, formatPressure, parseFlow_lpm, parsePressure_bar } from '../quantity/flow';
import type { ShopUnit } from '../quantity/units';
import type { Written } from './written';

/** Makes the kind of an amount that is not a number where nothing is written. */
const amount = (
  write: Written<number>['write'],
  read: (text: string, unit: ShopUnit) => number | null,
): Written<number> => ({ rounds: true, write, read: (text, unit) => read(text, unit) ?? NaN });

/** Writes a flow in l/min, a bare one in the shop's unit. */
export const flowAmount = amount(formatFlow, parseFlow_lpm);

/** Writes a pressure in bar, a bare one in the shop's unit. */
export const pressureAmount = amount(formatPressure, parsePressure_bar);
