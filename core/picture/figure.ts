/** Lists the colours of a figure; whoever draws it says how each looks. */
export const INKS = [
  'ink',
  'muted',
  'line',
  'blue',
  'brass',
  'in',
  'out',
  'plate',
  'paper',
  'steel',
  'steelDeep',
  'casting',
  'vane',
  'worked',
] as const;
export type Ink = (typeof INKS)[number];

/** Describes a stroke or an area of a figure. */
export interface Mark {
  /** Holds an SVG path in the figure's own units. */
  readonly path: string;
  readonly fill?: Ink;
  readonly line?: Ink;
  /** Gives the width of the line, in the figure's own units. */
  readonly width?: number;
  readonly isDashed?: boolean;
  /** Says that it is drawn so thin that what lies beneath shows. */
  readonly isFaint?: boolean;
}

/** Describes a word in a figure, on its base line. */
export interface FigureWord {
  readonly text: string;
  readonly x: number;
  readonly y: number;
  readonly anchor: 'start' | 'middle' | 'end';
  readonly ink: Ink;
}

/** Holds a drawing as plain data: what is drawn first lies beneath. */
export interface Figure {
  /** Says where its upper left corner lies. */
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
  readonly marks: readonly Mark[];
  readonly words: readonly FigureWord[];
  /** Gives the size of its words, in its own units. */
  readonly type: number;
}
