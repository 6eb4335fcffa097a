import { circlePath, onClock, type Point } from '../pumps/shapes';
import type {
  BarsOf,
  Chart,
  ChartOf,
  Outline,
  Parts,
  Pens,
  ScaleMark,
  ScaleOf,
  Scene,
} from './picture';

/** Width of every drawing, in its px. */
export const WIDTH = 360;

/** Room left and right of a scale, and how high a line of words is. */
const [EDGE, LINE] = [24, 17] as const;

/** About the width of a letter. */
const LETTER = 6.6;

/** Places at which a curve is worked out, so many that it is seen as one; every fifth has its words, but not the last. */
const PLACES = 26;

/** Half the width of the head of an arrow, and its length. */
const HEAD = { half: 4, long: 9 } as const;

const at = ({ x, y }: Point): string => `${x.toFixed(2)} ${y.toFixed(2)}`;

const through = (points: readonly Point[]): string => `M${points.map(at).join('L')}`;

/** Returns the head of an arrow that ends at a point and comes from a direction. */
function headPath(to: Point, from: Point): string {
  const long = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  const [ux, uy] = [(to.x - from.x) / long, (to.y - from.y) / long];
  const back = { x: to.x - HEAD.long * ux, y: to.y - HEAD.long * uy };
  const [left, right] = [1, -1].map((side) => ({
    x: back.x - side * HEAD.half * uy,
    y: back.y + side * HEAD.half * ux,
  })) as [Point, Point];
  return `M${at(left)}L${at(to)}L${at(right)}`;
}

const arrow = (from: Point, to: Point): string => through([from, to]) + headPath(to, from);

/** Returns an arrow along an arc: clockwise where it ends at the larger angle. */
function turnPath(centre: Point, radius: number, from: number, to: number): string {
  const [start, end] = [onClock(from, radius, centre), onClock(to, radius, centre)];
  const large = Math.abs(to - from) > 180 ? 1 : 0;
  const sweep = to > from ? 1 : 0;
  const before = onClock(to - 12 * Math.sign(to - from), radius, centre);
  return `M${at(start)}A${radius} ${radius} 0 ${large} ${sweep} ${at(end)}${headPath(end, before)}`;
}

/** Places words over each other where they would run together; the row of each, the lowest first. */
function rowsOf(marks: readonly { x: number; text: string }[]): number[] {
  const ends: number[] = [];
  return marks.map(({ x, text }) => {
    const [left, right] = extent(x, text);
    const free = ends.findIndex((end) => end < left);
    const row = free < 0 ? ends.length : free;
    ends[row] = right + LETTER;
    return row;
  });
}

/** Returns where words over a mark begin and end: never beyond the drawing. */
function extent(x: number, text: string): readonly [number, number] {
  const half = (text.length * LETTER) / 2;
  const middle = Math.min(Math.max(x, half + 2), WIDTH - half - 2);
  return [middle - half, middle + half];
}

const middleOf = ([left, right]: readonly [number, number]): number => (left + right) / 2;

/** Returns marks with their words over what begins at a height; how much room the words take. */
function marked(
  marks: readonly ScaleMark[],
  place: (value: number) => number,
  below: number,
): { readonly parts: (top: number) => Parts; readonly room: number } {
  const set = [...marks].sort((a, b) => a.at - b.at).map((m) => ({ ...m, x: place(m.at) }));
  const rows = rowsOf(set);
  const room = LINE * (1 + Math.max(-1, ...rows)) + 6;
  const parts = (top: number): Parts =>
    set.flatMap(({ x, text, ink }, i) => {
      const y = top + room - 6 - LINE * (rows[i] ?? 0) - 4;
      const line = through([
        { x, y: y + 4 },
        { x, y: top + room + below },
      ]);
      return [
        { path: line, line: ink },
        { text, x: middleOf(extent(x, text)), y, anchor: 'middle' as const, ink },
      ];
    });
  return { parts, room };
}

/** Returns a lying box between two ends, from its upper edge down. */
const box = (from: number, to: number, y: number, high: number): string =>
  `M${from.toFixed(2)} ${y}H${to.toFixed(2)}V${y + high}H${from.toFixed(2)}Z`;

/** Draws a scale: stretches of it, and marks with their words over it. */
function scale({ stretches, marks, said }: ScaleOf): Scene {
  const values = [...stretches.flatMap(({ from, to }) => [from, to]), ...marks.map((m) => m.at)];
  const [least, most] = [Math.min(...values), Math.max(...values)];
  const span = most - least || Math.max(Math.abs(most), 1);
  const [from, to] = [least - 0.06 * span, most + 0.06 * span];
  const place = (value: number) => EDGE + ((value - from) / (to - from)) * (WIDTH - 2 * EDGE);
  const { parts, room } = marked(marks, place, 18);
  return {
    height: room + 28,
    said,
    parts: [
      { path: box(EDGE, WIDTH - EDGE, room + 4, 14), fill: 'casting', line: 'line' },
      ...stretches.map((s) => ({
        path: box(place(s.from), place(s.to), room + 4, 14),
        fill: s.ink,
      })),
      ...parts(0),
    ],
  };
}

/** Height of a bar, of the words over it, and from one to the next. */
const BAR = { high: 20, words: 19, every: 50 } as const;

/** Draws bars of pieces to one scale; lines stand across each bar, not through the words over it. */
function bars({ bars: all, lines = [], key = [], said }: BarsOf): Scene {
  const totals = all.map(({ pieces }) => pieces.reduce((sum, { value }) => sum + value, 0));
  const most = Math.max(...totals, ...lines.map((line) => line.at)) || 1;
  const place = (value: number) => (value / most) * WIDTH * 0.97;
  const { parts, room } = marked(lines, place, 0);
  const top = lines.length > 0 ? room : 0;
  const rows = all.flatMap(({ name, pieces, total }, i): Parts => {
    const y = top + i * BAR.every;
    let x = 0;
    const drawn = pieces.map(({ value, ink }): Outline => {
      const from = x;
      x += place(value);
      return { path: box(from, x, y + BAR.words, BAR.high), fill: ink, line: 'ink', width: 1 };
    });
    const across = lines.map(({ at: value, ink }): Outline => {
      const middle = place(value).toFixed(2);
      return { path: `M${middle} ${y + BAR.words - 4}v${BAR.high + 8}`, line: ink, width: 2 };
    });
    return [
      ...drawn,
      ...across,
      { text: name, x: 1, y: y + 13 },
      { text: total, x: WIDTH - 2, y: y + 13, anchor: 'end' },
    ];
  });
  const foot = top + all.length * BAR.every;
  return {
    height: foot + key.length * (LINE + 3),
    said,
    parts: [
      ...(lines.length > 0 ? parts(0) : []),
      ...rows,
      ...key.flatMap(([ink, name], i): Parts => {
        const y = foot + i * (LINE + 3);
        return [
          { path: box(1, 14, y, 13), fill: ink, line: 'ink', width: 1 },
          { text: name, x: 22, y: y + 12 },
        ];
      }),
    ],
  };
}

/** Works out the curves of a chart, and where the answer stands on the first. */
function chart({ from, to, at: here, label, curves, decimals, axes, said }: ChartOf): Chart {
  const places = Array.from({ length: PLACES }, (_, i) => from + ((to - from) * i) / (PLACES - 1));
  const [first] = curves;
  return {
    labels: places.map((x, i) => (i % 5 === 0 && i + 1 < PLACES ? label(x) : '')),
    curves: curves.map(({ of, ...curve }) => ({ ...curve, values: places.map(of) })),
    at:
      here === null || !first
        ? null
        : { place: ((here - from) / (to - from)) * (PLACES - 1), value: first.of(here) },
    decimals,
    axes,
    said,
  };
}

/** Draws outlines, words, scales, bars and charts of the pages of sums. */
export const PENS: Pens = {
  rect: (x, y, width, height, drawn) => ({
    ...drawn,
    path: `M${x.toFixed(2)} ${y.toFixed(2)}h${width.toFixed(2)}v${height.toFixed(2)}h${(-width).toFixed(2)}Z`,
  }),
  circle: (centre, radius, drawn) => ({ ...drawn, path: circlePath(centre, radius) }),
  oval: ({ x, y }, rx, ry, drawn) => ({
    ...drawn,
    path: `M${x - rx} ${y}A${rx} ${ry} 0 1 0 ${x + rx} ${y}A${rx} ${ry} 0 1 0 ${x - rx} ${y}Z`,
  }),
  line: (points, drawn) => ({ ...drawn, path: through(points) }),
  area: (points, drawn) => ({ ...drawn, path: `${through(points)}Z` }),
  arrow: (from, to, ink) => ({ path: arrow(from, to), line: ink, width: 2 }),
  turn: (centre, radius, from, to, ink) => ({
    path: turnPath(centre, radius, from, to),
    line: ink,
    width: 2,
  }),
  words: (text, x, y, anchor, ink) => ({
    text,
    x,
    y,
    ...(anchor ? { anchor } : {}),
    ...(ink ? { ink } : {}),
  }),
  onClock,
  scale,
  bars,
  chart,
};
