import type { Outline } from './family';
import type { Point } from './shapes';

/** Matches where a drawn circle begins, at its left, and its radius. */
const CIRCLE = /^M(-?[\d.]+) (-?[\d.]+)a([\d.]+) /;

/**
 * Returns where the tapped holes of a drawing are, in the order in which they lie round the pump.
 *
 * @param outline the drawing of a pump
 * @example
 * boltsOn({ extent_mm: 9, shapes: [{ role: 'thread', path: 'M-5 2a5 5 0 1 0 10 0a5 5 0 1 0 -10 0Z' }] }); // [{ x: 0, y: 2 }]
 */
export const boltsOn = ({ shapes }: Outline): Point[] =>
  shapes.flatMap(({ role, path }) => {
    if (role !== 'thread') return [];
    const [, left = '', y = '', radius = ''] = CIRCLE.exec(path) ?? [];
    return left === '' ? [] : [{ x: Number(left) + Number(radius), y: Number(y) }];
  });
