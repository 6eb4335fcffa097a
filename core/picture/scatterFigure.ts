import { ticks as ticksOf } from 'd3-array';
import type { Figure, FigureWord, Mark } from './figure';
import { ring } from './ring';

/** Places one dot of a scatter: where it lies across and up, and whether it is hollow. */
export interface ScatterDot {
  readonly at: number;
  readonly mm: number;
  readonly isHollow: boolean;
}

/** Holds what a scatter shows: lengths over what the machine counted. */
export interface ScatterShown {
  readonly dots: readonly ScatterDot[];
  readonly upper_mm: number | null;
  /** Places the dot of this pump; null where none asks, or its count is not known. */
  readonly own: { readonly at: number; readonly mm: number } | null;
  /** Names what is counted. */
  readonly unit: string;
}

const WIDTH = 360;
const LEFT = 46;
const RIGHT = 12;
const TOP = 12;
const HIGH = 130;
const BASE = TOP + HIGH;
const FOOT = 22;
const TICKS = 4;
const DOT = 4.5;
const TYPE = 13;
/** Leaves so much room over the highest dot. */
const ROOM = 1.08;

const round = (x: number): string => x.toFixed(1);

/**
 * Returns lengths over hours or distance as a figure, a dot for each pump; null where there is none.
 *
 * @param shown lengths in mm
 * @param text writes a length for the scale
 * @param unit_mm what one of the shop's units is, in mm
 * @example
 * const dots = [{ at: 1000, mm: 0.05, isHollow: false }];
 * scatterFigure({ dots, upper_mm: null, own: null, unit: 'h' }, String, 1).marks.length; // 3
 * scatterFigure({ dots: [], upper_mm: null, own: null, unit: 'h' }, String, 1); // null
 */
export function scatterFigure(
  { dots, upper_mm, own, unit }: ScatterShown,
  text: (mm: number) => string,
  unit_mm: number,
): Figure | null {
  if (dots.length === 0) return null;
  const shown = own ? [...dots, own] : dots;
  const all = [...shown.map(({ mm }) => mm), ...(upper_mm === null ? [] : [upper_mm])];
  const from = Math.min(0, ...all);
  const to = ROOM * Math.max(...all, unit_mm / 100);
  const most = ROOM * Math.max(...shown.map(({ at }) => at), 1);
  const x = (at: number): number => LEFT + (at / most) * (WIDTH - LEFT - RIGHT);
  const y = (mm: number): number => TOP + HIGH * (1 - (mm - from) / (to - from));
  const drawn = (isWanted: boolean): string =>
    dots
      .filter(({ isHollow }) => isHollow === isWanted)
      .map(({ at, mm }) => ring(x(at), y(mm), DOT))
      .join('');
  const marks: readonly (Mark | false)[] = [
    { path: `M${LEFT} ${TOP}V${BASE}H${WIDTH - RIGHT}`, line: 'muted', width: 1 },
    upper_mm !== null && {
      path: `M${LEFT} ${round(y(upper_mm))}H${WIDTH - RIGHT}`,
      line: 'ink',
      width: 1.5,
      isDashed: true,
    },
    { path: drawn(false), fill: 'brass' },
    { path: drawn(true), fill: 'plate', line: 'brass', width: 1.5 },
    own !== null && { path: ring(x(own.at), y(own.mm), DOT + 1), fill: 'blue' },
  ];
  const up: FigureWord[] = ticksOf(from / unit_mm, to / unit_mm, TICKS).map((tick) => ({
    text: text(tick * unit_mm),
    x: LEFT - 6,
    y: y(tick * unit_mm) + 4,
    anchor: 'end',
    ink: 'muted',
  }));
  const across: FigureWord[] = ticksOf(0, most, TICKS).map((tick, i, list) => ({
    text: i === list.length - 1 ? `${tick} ${unit}` : String(tick),
    x: x(tick),
    y: BASE + 16,
    anchor: 'middle',
    ink: 'muted',
  }));
  return {
    left: 0,
    top: 0,
    width: WIDTH,
    height: BASE + FOOT,
    marks: marks.filter((mark) => mark !== false),
    words: [...up, ...across],
    type: TYPE,
  };
}
