import type { Point } from '../pumps/shapes';

/** Colours of a drawing, by what they mean in the house. */
export type Ink =
  | 'ink'
  | 'muted'
  | 'blue'
  | 'brass'
  | 'in'
  | 'out'
  | 'line'
  | 'steel'
  | 'casting'
  | 'vane'
  | 'paper'
  | 'worked';

/** Says how an outline is drawn. */
export interface Drawn {
  readonly fill?: Ink;
  readonly line?: Ink;
  /** Width of the line; 1.5 where nothing is said. */
  readonly width?: number;
  readonly dashed?: boolean;
}

/** An outline of a drawing, in its px. */
export interface Outline extends Drawn {
  readonly path: string;
}

/** Words on a drawing. */
export interface Lettering {
  readonly text: string;
  readonly x: number;
  readonly y: number;
  readonly ink?: Ink;
  readonly anchor?: 'start' | 'middle' | 'end';
}

/** Outlines and words, the later over the earlier. */
export type Parts = readonly (Outline | Lettering)[];

/** A drawing to scale, `WIDTH` px wide. */
export interface Scene {
  readonly height: number;
  readonly parts: Parts;
  /** Says the drawing to who cannot see it. */
  readonly said: string;
}

/** A line of a chart, a value at each place of its row. */
export interface Curve {
  readonly name: string;
  readonly values: readonly number[];
  readonly dashed?: boolean;
}

/** A chart over a row of places, with the answer as a mark on it. */
export interface Chart {
  readonly labels: readonly string[];
  readonly curves: readonly Curve[];
  readonly at: { readonly place: number; readonly value: number } | null;
  readonly decimals: number;
  /** Says what is over what, and in what. */
  readonly axes: string;
  readonly said: string;
}

/** Holds what is seen of a sum: its drawing, or its chart. */
export type Picture = Scene | Chart;

/** A mark on a scale. */
export interface ScaleMark {
  readonly at: number;
  readonly text: string;
  readonly ink: Ink;
}

/** A stretch of a scale or of a bar. */
export interface Stretch {
  readonly from: number;
  readonly to: number;
  readonly ink: Ink;
}

/** Says what a scale shows. */
export interface ScaleOf {
  readonly stretches: readonly Stretch[];
  readonly marks: readonly ScaleMark[];
  readonly said: string;
}

/** A bar of pieces one after the other. */
export interface Bar {
  readonly name: string;
  readonly pieces: readonly { readonly value: number; readonly ink: Ink }[];
  readonly total: string;
}

/** Says what bars show: all to one scale, with lines across them, and what their colours are. */
export interface BarsOf {
  readonly bars: readonly Bar[];
  readonly lines?: readonly ScaleMark[];
  readonly key?: readonly (readonly [ink: Ink, name: string])[];
  readonly said: string;
}

/** Says what a chart shows. */
export interface ChartOf {
  readonly from: number;
  readonly to: number;
  /** Says where the answer stands. */
  readonly at: number | null;
  readonly label: (x: number) => string;
  readonly curves: readonly {
    readonly name: string;
    readonly of: (x: number) => number;
    readonly dashed?: boolean;
  }[];
  readonly decimals: number;
  readonly axes: string;
  readonly said: string;
}

/** Lists what a page draws with: it is handed in, so that a sum loads nothing for it. */
export interface Pens {
  rect(x: number, y: number, width: number, height: number, drawn: Drawn): Outline;
  circle(at: Point, radius: number, drawn: Drawn): Outline;
  /** An upright or lying ellipse. */
  oval(at: Point, rx: number, ry: number, drawn: Drawn): Outline;
  line(points: readonly Point[], drawn: Drawn): Outline;
  area(points: readonly Point[], drawn: Drawn): Outline;
  arrow(from: Point, to: Point, ink: Ink): Outline;
  /** An arrow round a middle, between two clock angles in degrees. */
  turn(at: Point, radius: number, from: number, to: number, ink: Ink): Outline;
  words(text: string, x: number, y: number, anchor?: Lettering['anchor'], ink?: Ink): Lettering;
  /** The point at a clock angle in degrees. */
  onClock(angle_deg: number, radius: number, centre?: Point): Point;
  scale(of: ScaleOf): Scene;
  bars(of: BarsOf): Scene;
  chart(of: ChartOf): Chart;
}
