import { ticks as ticksOf } from 'd3-array';
import type { Limits } from '../metrology/interval';
import type { Figure, FigureWord, Mark } from './figure';
import { ring } from './ring';

/** Describes a column of dots: where it stands, and of each dot whether it is hollow. */
export interface DotsAt {
  readonly at_mm: number;
  readonly isHollow: readonly boolean[];
}

/** Holds what a distribution shows. */
export interface DotsShown {
  readonly columns: readonly DotsAt[];
  readonly limits: Limits | null;
  /** Marks where this pump stands, with the word over it; null where none asks. */
  readonly own: { readonly mm: number; readonly word: string } | null;
}

const WIDTH = 360;
const SIDE = 14;
const TOP = 26;
/** Limits the height: dots take so much of the height at most; more of them are drawn smaller. */
const HIGH = 120;
/** Says how high it is at least: the jaws of the limits need so much. */
const LEAST_HIGH = 44;
const FOOT = 22;
const TICKS = 5;
/** Limits the radius of a dot. */
const DOT = 5.5;
const TYPE = 13;
/** Leaves so much room beyond the outermost figure, as a share of the stretch. */
const ROOM = 0.08;
/** Says what is an edge: words nearer to it run towards the middle. */
const EDGE = 110;

const round = (x: number): string => x.toFixed(1);

/** Returns the scale along the base: all that is shown lies on it. */
function scaleOf({ columns, limits, own }: DotsShown) {
  const all = [
    ...columns.map(({ at_mm }) => at_mm),
    ...[limits?.lower_mm, limits?.upper_mm, own?.mm].flatMap((mm) => mm ?? []),
  ];
  const [least, most] = [Math.min(...all), Math.max(...all)];
  const room = ROOM * (most - least || Math.abs(most) || 1);
  const [from, to] = [least - room, most + room];
  const x = (mm: number): number => SIDE + ((mm - from) / (to - from)) * (WIDTH - 2 * SIDE);
  return { from, to, x };
}

/** Returns the radius with which the highest column fits, and neighbours do not touch. */
function radiusOf(columns: readonly DotsAt[], x: (mm: number) => number): number {
  const highest = Math.max(...columns.map(({ isHollow }) => isHollow.length));
  const places = columns.map(({ at_mm }) => x(at_mm));
  const nearest = places
    .slice(1)
    .reduce((least, at, i) => Math.min(least, at - (places[i] ?? 0)), 99);
  return Math.max(0.8, Math.min(DOT, nearest / 2.1, HIGH / (2.1 * highest)));
}

/**
 * Returns a distribution as a figure: a dot for each pump, the limits as jaws at the base, and where this one stands. Null where
 * there is no dot.
 *
 * @param shown columns of dots in the order of their places, limits and this pump, in mm
 * @param text writes a length for the scale
 * @param unit_mm what one of the shop's units is, in mm
 * @example
 * const columns = [{ at_mm: 0.05, isHollow: [false, true] }];
 * dotFigure({ columns, limits: null, own: null }, String, 1).marks.length; // 3
 * dotFigure({ columns: [], limits: null, own: null }, String, 1); // null
 */
export function dotFigure(
  shown: DotsShown,
  text: (mm: number) => string,
  unit_mm: number,
): Figure | null {
  const { columns, limits, own } = shown;
  if (columns.length === 0) return null;
  const { from, to, x } = scaleOf(shown);
  const r = radiusOf(columns, x);
  const highest = Math.max(...columns.map(({ isHollow }) => isHollow.length));
  const base = TOP + Math.max(LEAST_HIGH, r * (1 + 2.1 * highest));
  const dots = (isWanted: boolean): string =>
    columns
      .flatMap(({ at_mm, isHollow }) =>
        isHollow.flatMap((hollow, i) =>
          hollow === isWanted ? [ring(x(at_mm), base - r * (1.3 + 2.1 * i), r)] : [],
        ),
      )
      .join('');
  const jaw = (mm: number | null | undefined, towards: 1 | -1): string =>
    mm == null ? '' : `M${round(x(mm) + 8 * towards)} ${base - 18}H${round(x(mm))}V${base}`;
  const zone = limits
    ? `M${round(x(limits.lower_mm ?? from))} ${base - 7}H${round(x(limits.upper_mm ?? to))}V${base}H${round(x(limits.lower_mm ?? from))}Z`
    : '';
  const marks: readonly (Mark | false)[] = [
    zone !== '' && { path: zone, fill: 'in', isFaint: true },
    { path: dots(false), fill: 'brass' },
    { path: dots(true), fill: 'plate', line: 'brass', width: 1.5 },
    { path: `M${SIDE} ${base}H${WIDTH - SIDE}`, line: 'muted', width: 1 },
    limits !== null && {
      path: `${jaw(limits.lower_mm, 1)}${jaw(limits.upper_mm, -1)}`,
      line: 'ink',
      width: 2,
    },
    own !== null && { path: `M${round(x(own.mm))} ${TOP - 6}V${base}`, line: 'blue', width: 2.5 },
  ];
  const ticks = ticksOf(from / unit_mm, to / unit_mm, TICKS).map((tick) => tick * unit_mm);
  const words: FigureWord[] = ticks.map((mm) => ({
    text: text(mm),
    x: x(mm),
    y: base + 16,
    anchor: 'middle',
    ink: 'muted',
  }));
  if (own) {
    const at = x(own.mm);
    const anchor = at > WIDTH - EDGE ? 'end' : at < EDGE ? 'start' : 'middle';
    words.push({ text: own.word, x: at, y: TOP - 10, anchor, ink: 'blue' });
  }
  return {
    left: 0,
    top: 0,
    width: WIDTH,
    height: base + FOOT,
    marks: marks.filter((mark) => mark !== false),
    words,
    type: TYPE,
  };
}
