/** Describes the field of a signature: so wide and so high, in its own units. */
export const SIGNED_ON = { width: 1000, height: 300 } as const;

/** Places a point of a signature, in the units of its field. */
export type StrokePoint = readonly [x: number, y: number];

/**
 * Writes the strokes of a signature as they are kept: whole units, blanks between points, semicolons between strokes.
 *
 * @param strokes each of its points, in the units of the field
 * @example
 * strokesText([[[1.4, 2], [3, 4]], [[10, 10]]]); // '1,2 3,4;10,10'
 */
export const strokesText = (strokes: readonly (readonly StrokePoint[])[]): string =>
  strokes
    .filter((points) => points.length > 0)
    .map((points) =>
      points.map((point) => point.map((at) => Math.max(0, Math.round(at))).join(',')).join(' '),
    )
    .join(';');

/**
 * Reads the strokes of a signature as they are kept.
 *
 * @param text as `strokesText` wrote it
 * @example
 * strokesIn('1,2 3,4;10,10')[0]; // [[1, 2], [3, 4]]
 * strokesIn(''); // []
 */
export const strokesIn = (text: string): StrokePoint[][] =>
  text
    .split(';')
    .filter(Boolean)
    .map((points) =>
      points
        .split(' ')
        .filter(Boolean)
        .map((point) => {
          const [x = 0, y = 0] = point.split(',').map(Number);
          return [x, y];
        }),
    );
