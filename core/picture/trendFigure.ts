import type { Figure, FigureWord, Mark } from './figure';
import { ring } from './ring';

/** Holds what a trend shows: figures one after the other, and the lines that they are held against. */
export interface TrendShown {
  readonly figures: readonly number[];
  /** Gives the middle and the limits of the chart; null where too few figures have none. */
  readonly chart: {
    readonly centre: number;
    readonly lower: number;
    readonly upper: number;
    readonly beyond: readonly number[];
  } | null;
  /** Says at which moments it begins and ends. */
  readonly from: string;
  readonly to: string;
}

const WIDTH = 360;
const SIDE = 8;
const TOP = 8;
const HIGH = 84;
const FOOT = 22;
const TYPE = 13;
const DOT = 3.4;

const round = (x: number): string => x.toFixed(1);

/**
 * Returns figures in the order of time as a figure, with the middle and the limits of their control chart; null for fewer than two.
 *
 * @param shown in any one unit
 * @example
 * trendFigure({ figures: [1, 2, 1], chart: null, from: 'Jan', to: 'Mar' }).words.length; // 2
 * trendFigure({ figures: [1], chart: null, from: '', to: '' }); // null
 */
export function trendFigure({ figures, chart, from, to }: TrendShown): Figure | null {
  if (figures.length < 2) return null;
  const all = [...figures, ...(chart ? [chart.lower, chart.upper] : [])];
  const [least, most] = [Math.min(...all), Math.max(...all)];
  const y = (one: number): number =>
    most === least ? TOP + HIGH / 2 : TOP + HIGH * (1 - (one - least) / (most - least));
  const x = (i: number): number => SIDE + (i / (figures.length - 1)) * (WIDTH - 2 * SIDE);
  const across = (one: number): string => `M${SIDE} ${round(y(one))}H${WIDTH - SIDE}`;
  const beyond = (chart?.beyond ?? []).map((i) => ring(x(i), y(figures[i] ?? 0), DOT));
  const marks: readonly (Mark | false)[] = [
    chart !== null && { path: across(chart.centre), line: 'muted', width: 1.2, isDashed: true },
    chart !== null && {
      path: `${across(chart.lower)}${across(chart.upper)}`,
      line: 'out',
      width: 1.2,
      isDashed: true,
    },
    {
      path: `M${figures.map((one, i) => `${round(x(i))} ${round(y(one))}`).join('L')}`,
      line: 'brass',
      width: 2,
    },
    beyond.length > 0 && { path: beyond.join(''), fill: 'out' },
  ];
  const word = (text: string, at: number, anchor: FigureWord['anchor']): FigureWord => ({
    text,
    anchor,
    x: at,
    y: TOP + HIGH + 17,
    ink: 'muted',
  });
  return {
    left: 0,
    top: 0,
    width: WIDTH,
    height: TOP + HIGH + FOOT,
    marks: marks.filter((mark) => mark !== false),
    words: [word(from, SIDE, 'start'), word(to, WIDTH - SIDE, 'end')],
    type: TYPE,
  };
}
