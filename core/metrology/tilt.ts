import { InputError } from '../errors';

/** A depth read at a place of the floor, in mm. */
export interface DepthPoint {
  readonly x_mm: number;
  readonly y_mm: number;
  readonly depth_mm: number;
}

/** A floor as the plane that fits its depths best. */
export interface Tilt {
  /** The plane at the centre. */
  readonly mean_mm: number;
  /** Deep side less shallow side, across the diameter. */
  readonly tilt_mm: number;
  /** Towards the deep side, degrees 0 to 360 from the x axis to the y axis. */
  readonly direction_deg: number;
  /** √(Σr²/n): waviness, and what the hand adds. */
  readonly residualRms_mm: number;
  /** The same by its degrees of freedom, √(Σr²/(n − 3)): what one depth is off by; null for three, which any plane fits. */
  readonly residual_mm: number | null;
  readonly smallest_mm: number;
  readonly largest_mm: number;
  /** Standard uncertainty of the tilt for a depth of unit uncertainty. */
  readonly uPerDepth: number;
}

/** Coverage factor at 95% of something with a size and a direction: √(−2 ln 0.05) (JCGM 102, two dimensions). */
export const PLANE_COVERAGE = Math.sqrt(-2 * Math.log(0.05));

/** Spread of the places below which they lie on one line, as a share of their size. */
const ON_A_LINE = 1e-9;

/**
 * Returns the least-squares plane z = a + bx + cy through depths (the usual linear least
 * squares of numerical textbooks, by the normal equations about the places'
 * centroid); tilt across the diameter D is D·√(b² + c²), its direction
 * atan2(c, b).
 *
 * @param points places and depths, in mm
 * @param diameter_mm over which the tilt is given
 * @throws InputError on `points` for fewer than three, or where they lie on one line
 * @example
 * const points = [
 *   { x_mm: -40, y_mm: 0, depth_mm: 10 },
 *   { x_mm: 40, y_mm: 0, depth_mm: 10.08 },
 *   { x_mm: 0, y_mm: 40, depth_mm: 10.04 },
 * ];
 * tiltOf(points, 80); // { tilt_mm: 0.08 }
 * tiltOf(points.slice(1), 80); // throws three
 */
export function tiltOf(points: readonly DepthPoint[], diameter_mm: number): Tilt {
  const n = points.length;
  if (n < 3)
    throw new InputError(
      'points',
      'too-few-points',
      'A plane needs depths at three places at least.',
    );
  const mean = (of: (p: DepthPoint) => number) => points.reduce((s, p) => s + of(p), 0) / n;
  const [x0, y0, z0] = [mean((p) => p.x_mm), mean((p) => p.y_mm), mean((p) => p.depth_mm)];
  let [xx, yy, xy, xz, yz] = [0, 0, 0, 0, 0];
  for (const p of points) {
    const [x, y, z] = [p.x_mm - x0, p.y_mm - y0, p.depth_mm - z0];
    xx += x * x;
    yy += y * y;
    xy += x * y;
    xz += x * z;
    yz += y * z;
  }
  const determinant = xx * yy - xy * xy;
  if (!(determinant > ON_A_LINE * (xx + yy) ** 2)) {
    throw new InputError(
      'points',
      'points-on-a-line',
      'The places are on one line. Measure one more beside it.',
    );
  }
  const b = (xz * yy - yz * xy) / determinant;
  const c = (yz * xx - xz * xy) / determinant;
  const slope = Math.hypot(b, c);
  const residuals = points.map((p) => p.depth_mm - (z0 + b * (p.x_mm - x0) + c * (p.y_mm - y0)));
  const depths = points.map((p) => p.depth_mm);
  // Along the slope's own direction: uᵀ(AᵀA)⁻¹u, the same for every direction where places are spread evenly.
  const [ux, uy] = slope > 0 ? [b / slope, c / slope] : [1, 0];
  const variance = (ux * ux * yy - 2 * ux * uy * xy + uy * uy * xx) / determinant;
  const squares = residuals.reduce((sum, r) => sum + r * r, 0);
  return {
    mean_mm: z0 - b * x0 - c * y0,
    tilt_mm: diameter_mm * slope,
    direction_deg: ((Math.atan2(c, b) * 180) / Math.PI + 360) % 360,
    residualRms_mm: Math.sqrt(squares / n),
    residual_mm: n > 3 ? Math.sqrt(squares / (n - 3)) : null,
    smallest_mm: Math.min(...depths),
    largest_mm: Math.max(...depths),
    uPerDepth: diameter_mm * Math.sqrt(variance),
  };
}
