import { median } from 'd3-array';
import { FLOW, PRESSURE } from '../quantity/amounts';
import { parseNumber } from '../quantity/parse';
import { FIGURES, sampleOf, type Figure, type Sample } from './sample';

/** Names what a column of a logger can hold. */
export const HELD = ['t_s', ...FIGURES] as const;
export type Held = (typeof HELD)[number];

/** Says what a figure is in the unit of its samples, as `scale · figure + offset`; null where the text is none. */
type Reads = (text: string) => number | null;

const times =
  (scale: number, offset = 0): Reads =>
  (text) => {
    const value = parseNumber(text);
    return value === null || !Number.isFinite(value) ? null : scale * value + offset;
  };

/**
 * Reads a time of the day, or a moment, in seconds; null where it is none.
 *
 * @param text as a logger wrote it
 * @example
 * clock('12:00:05.5'); // 43205.5
 * clock('noon'); // null
 */
export function clock(text: string): number | null {
  const [, hours, minutes, seconds] =
    /^(\d{1,2}):(\d\d)(?::(\d\d(?:[.,]\d+)?))?$/.exec(text.trim()) ?? [];
  if (hours !== undefined) {
    return 3600 * Number(hours) + 60 * Number(minutes) + Number((seconds ?? '0').replace(',', '.'));
  }
  const moment = /^\d{4}-\d\d-\d\d[T ]\d\d:\d\d/.test(text.trim())
    ? Date.parse(text.trim().replace(' ', 'T'))
    : NaN;
  return Number.isFinite(moment) ? moment / 1000 : null;
}

/** Gives the units that a logger may write each figure in, the usual one first. */
export const LOGGER_UNITS: Readonly<Record<Held, Readonly<Record<string, Reads>>>> = {
  t_s: { s: times(1), ms: times(0.001), min: times(60), clock },
  flow_lpm: { 'l/min': times(1), gpm: times(FLOW.per.gpm ?? NaN), 'l/h': times(1 / 60) },
  bar: { bar: times(1), psi: times(PRESSURE.per.psi ?? NaN), kPa: times(0.01), MPa: times(10) },
  rpm: { rpm: times(1), 'rev/s': times(60) },
  oil_C: { '°C': times(1), '°F': times(5 / 9, -160 / 9) },
};

/** A column of a logger's table: what it is taken to hold, and in which unit. */
export interface LoggerColumn {
  readonly name: string;
  /** Is null for a column that is left out. */
  readonly held: Held | null;
  readonly unit: string;
  /** Shows what stands in its first lines. */
  readonly first: readonly string[];
}

/** A table of samples as a logger wrote it. */
export interface LoggerTable {
  readonly columns: readonly LoggerColumn[];
  readonly rows: readonly (readonly string[])[];
}

/** Holds what comes of a table: its samples, how many of its lines said nothing, and whether it was thinned. */
export interface LoggerRun {
  readonly samples: readonly Sample[];
  readonly skipped: number;
  readonly isThinned: boolean;
}

/** More than this many samples a second tell nothing more. */
const MOST_HZ = 10;

/** Returns samples thinned to ten a second: of each tenth the middle figures. */
function thinned(samples: readonly Sample[]): Sample[] {
  const groups = new Map<number, Sample[]>();
  for (const sample of samples) {
    const key = Math.floor(sample.t_s * MOST_HZ + 1e-6);
    const group = groups.get(key);
    if (group) group.push(sample);
    else groups.set(key, [sample]);
  }
  return [...groups].map(([key, group]) => {
    const of = (figure: Figure) => median(group, (sample) => sample[figure]) ?? null;
    return {
      t_s: key / MOST_HZ,
      flow_lpm: of('flow_lpm'),
      bar: of('bar'),
      rpm: of('rpm'),
      oil_C: of('oil_C'),
    };
  });
}

/**
 * Returns the samples of a logger's table, from its first moment on, by what its columns are taken to hold.
 *
 * @param table as it was read
 * @param columns what each holds, and in which unit
 * @example
 * const columns = [{ held: 't_s', unit: 'min' }, { held: 'flow_lpm', unit: 'l/min' }];
 * samplesBy({ rows: [['10', '9.4'], ['11', '9.5']] }, columns).samples[1].t_s; // 60
 */
export function samplesBy(
  { rows }: Pick<LoggerTable, 'rows'>,
  columns: readonly Pick<LoggerColumn, 'held' | 'unit'>[],
): LoggerRun {
  const read = (row: readonly string[]) =>
    Object.fromEntries(
      columns.flatMap(({ held, unit }, i) => {
        const value = held ? (LOGGER_UNITS[held][unit]?.(row[i] ?? '') ?? null) : null;
        return held ? [[held, value] as const] : [];
      }),
    ) as Partial<Record<Held, number | null>>;
  const lines = rows.map(read);
  const begin = lines.find(({ t_s }) => t_s != null)?.t_s ?? 0;
  const samples = lines.flatMap((line) => {
    const t_s = line.t_s == null ? NaN : Number((line.t_s - begin).toFixed(4));
    const sample = sampleOf({ ...line, t_s });
    return sample ? [sample] : [];
  });
  const inOrder = samples.sort((a, b) => a.t_s - b.t_s);
  const last = inOrder.at(-1)?.t_s ?? 0;
  const isThinned = inOrder.length > (last + 1) * MOST_HZ;
  return {
    samples: isThinned ? thinned(inOrder) : inOrder,
    skipped: rows.length - samples.length,
    isThinned,
  };
}
