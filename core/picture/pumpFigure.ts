import type { Outline } from '../pumps/family';
import type { Figure } from './figure';
import { SHAPE_INK } from './shapeInk';

/** Leaves room round a pump, as a share of its size: its lines have a width. */
const ROOM = 1.01;

/**
 * Returns the drawing of a pump as a figure, in mm about its middle.
 *
 * @param outline of the pump
 * @example
 * pumpFigure({ shapes: [{ role: 'housing', path: 'M0 0H1Z' }], extent_mm: 50 }).width; // 101
 */
export function pumpFigure({ shapes, extent_mm }: Outline): Figure {
  const half = extent_mm * ROOM;
  return {
    left: -half,
    top: -half,
    width: 2 * half,
    height: 2 * half,
    marks: shapes.map(({ role, path }) => ({
      path,
      fill: SHAPE_INK[role],
      line: 'ink',
      width: extent_mm * 0.006,
    })),
    words: [],
    type: 0,
  };
}
