import { parse } from 'papaparse';
import {
  clock,
  HELD,
  LOGGER_UNITS,
  type Held,
  type LoggerColumn,
  type LoggerTable,
} from './columns';

/** Matches the names that people give to columns. */
const NAMES: Readonly<Record<Held, RegExp>> = {
  t_s: /^(t|time|seconds?|sec|elapsed|clock|date|timestamp)\b|^t_/i,
  flow_lpm: /flow|^q\b|l\/min|lpm|gpm/i,
  bar: /press|^p\b|\bbar\b|psi|kpa|mpa/i,
  rpm: /speed|rpm|^n\b|1\/min|rev/i,
  oil_C: /oil|temp|°[cf]|deg/i,
};

/** Matches how a unit is written in the name of a column. */
const WRITTEN: Readonly<Record<string, RegExp>> = {
  ms: /\bms\b|_ms\b/i,
  min: /\(min|\[min|_min\b/i,
  gpm: /gpm|gal/i,
  'l/h': /l\/h|lph/i,
  psi: /psi/i,
  kPa: /kpa/i,
  MPa: /mpa/i,
  'rev/s': /rev\/s|1\/s/i,
  '°F': /°f|_f\b|\(f\)|\[f\]|fahrenheit/i,
};

/** Gives how many cells of a column are shown. */
const SHOWN = 3;

/** Returns the unit that the name of a column says, or its first cells; else the usual one. */
function unitOf(held: Held, name: string, first: readonly string[]): string {
  const units = Object.keys(LOGGER_UNITS[held]);
  const clocks = first.filter((cell) => clock(cell) !== null).length;
  if (held === 't_s' && 2 * clocks > first.length) return 'clock';
  return units.find((unit) => WRITTEN[unit]?.test(name)) ?? units[0] ?? '';
}

/**
 * Reads the table of a logger, and guesses by the names of its columns what each holds; each figure is looked for once.
 *
 * @param text a CSV whose first line names the columns
 * @returns null where it is no table
 * @example
 * const table = readLogger('Time (s);Flow (gpm);Pressure (psi)\n0;2,4;116\n1;2,5;117');
 * table.columns[1].held; // 'flow_lpm'
 * table.columns[2].unit; // 'psi'
 * readLogger('hello'); // null
 */
export function readLogger(text: string): LoggerTable | null {
  const { data } = parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' });
  const [head, ...rows] = data;
  if (!head || head.length < 2 || rows.length === 0) return null;
  const taken = new Set<Held>();
  const columns = head.map((cell, i): LoggerColumn => {
    const name = cell.trim();
    const first = rows.slice(0, SHOWN).map((row) => (row[i] ?? '').trim());
    const held = HELD.find((one) => !taken.has(one) && NAMES[one].test(name)) ?? null;
    if (held) taken.add(held);
    return { name, held, unit: held ? unitOf(held, name, first) : '', first };
  });
  return { columns, rows };
}
