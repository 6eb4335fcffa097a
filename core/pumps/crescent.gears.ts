import { DEDENDUM, gearOutline, TIP_TO_ROOT, type GearShape } from './involute';
import { turnedAbout, type Point } from './shapes';

/** Flank thinning and the gaps of the crescent are drawn wide enough to be seen at phone size. */
const DRAWN_GAP = 0.06;

/** The crescent ends where it would become thinner than this many modules. */
const CRESCENT_TIP = 1.3;

/** Describes what the gears of a crescent pump, and the crescent between them, are drawn from. */
export type Gears = Record<
  | 'pinionTeeth'
  | 'ringTeeth'
  | 'module_mm'
  | 'pressureAngle_deg'
  | 'pinionTipDiameter_mm'
  | 'ringTipDiameter_mm',
  number
>;

/**
 * Returns the distance of the two gear centres, in mm: m(z₂ − z₁)/2.
 *
 * @param g both gears, in mm
 * @example
 * centreDistance({ module_mm: 3, pinionTeeth: 16, ringTeeth: 22 }); // 9
 */
export function centreDistance(g: Gears): number {
  return (g.module_mm * (g.ringTeeth - g.pinionTeeth)) / 2;
}

/**
 * Returns the centre of the drive gear: it meshes at 12, so it lies above that of the pocket.
 *
 * @param g both gears, in mm
 * @example
 * pinionCentre({ module_mm: 3, pinionTeeth: 16, ringTeeth: 22 }); // { x: 0, y: -9 }
 */
export function pinionCentre(g: Gears): Point {
  return { x: 0, y: -centreDistance(g) };
}

/**
 * Returns the root radius of the drive gear, in mm: by the basic rack, or deeper where the ring's tips need it.
 *
 * @param g both gears, in mm
 */
export function pinionRoot(g: Gears): number {
  const byRack = (g.module_mm * g.pinionTeeth) / 2 - DEDENDUM * g.module_mm;
  return Math.min(byRack, g.ringTipDiameter_mm / 2 - centreDistance(g) - TIP_TO_ROOT * g.module_mm);
}

/**
 * Returns the root radius of the driven gear, in mm: by the basic rack, or wider where the other's tips need it.
 *
 * @param g both gears, in mm
 */
export function ringRoot(g: Gears): number {
  const byRack = (g.module_mm * g.ringTeeth) / 2 + DEDENDUM * g.module_mm;
  return Math.max(
    byRack,
    centreDistance(g) + g.pinionTipDiameter_mm / 2 + TIP_TO_ROOT * g.module_mm,
  );
}

const common = (g: Gears) => ({
  module_mm: g.module_mm,
  pressureAngle_deg: g.pressureAngle_deg,
  thinning_mm: DRAWN_GAP * g.module_mm,
});

/**
 * Returns the driven gear as it is drawn.
 *
 * @param g both gears, in mm
 */
export const ring = (g: Gears): GearShape => ({
  ...common(g),
  teeth: g.ringTeeth,
  tipRadius_mm: g.ringTipDiameter_mm / 2,
  rootRadius_mm: ringRoot(g),
});

/**
 * Returns the drive gear as it would be cut with no ring about it.
 *
 * @param g both gears, in mm
 */
export const cutPinion = (g: Gears): GearShape => ({
  ...common(g),
  teeth: g.pinionTeeth,
  tipRadius_mm: g.pinionTipDiameter_mm / 2,
  rootRadius_mm: pinionRoot(g),
});

/**
 * Returns the drive gear as it is drawn: the ring's teeth find room at its roots.
 *
 * @param g both gears, in mm
 */
export const pinion = (g: Gears): GearShape => ({
  ...cutPinion(g),
  mate: {
    teeth: g.ringTeeth,
    tipRadius_mm: g.ringTipDiameter_mm / 2,
    ringRoot_mm: ringRoot(g),
  },
});

/**
 * Draws the teeth of the drive gear: one is centred on 12, the middle of the mesh.
 *
 * @param g both gears, in mm
 */
export const pinionTeeth = (g: Gears): Point[] => gearOutline(pinion(g), 0, false, pinionCentre(g));

/**
 * Draws the teeth of the driven gear as the edge of its hole: a space is centred on 12, to take that tooth.
 *
 * @param g both gears, in mm
 */
export const ringTeeth = (g: Gears): Point[] => gearOutline(ring(g), Math.PI / g.ringTeeth, true);

/**
 * Returns how far the driven gear turns with the drive gear, in degrees.
 *
 * @param g both gears
 * @param turn_deg of the drive gear
 * @example
 * ringTurn_deg({ pinionTeeth: 16, ringTeeth: 24 }, 90); // 60
 */
export const ringTurn_deg = (
  g: Pick<Gears, 'pinionTeeth' | 'ringTeeth'>,
  turn_deg: number,
): number => (turn_deg * g.pinionTeeth) / g.ringTeeth;

/**
 * Returns what draws both gears as they turn: they carry oil from the left past the crescent, so against the clock.
 *
 * @param g both gears, in mm
 */
export function turningGears(g: Gears) {
  const [drive, driven] = [pinionTeeth(g), ringTeeth(g)];
  return (turn_deg: number) => ({
    drive: turnedAbout(drive, -turn_deg, pinionCentre(g)),
    driven: turnedAbout(driven, -ringTurn_deg(g, turn_deg)),
  });
}

/**
 * Returns the radii of the crescent's faces at an angle φ from 6, in radians, seen from the pocket's centre; in mm.
 *
 * @param g both gears, and the gaps at the crescent, in mm
 */
export function crescentFaces(g: Gears) {
  const gap = DRAWN_GAP * g.module_mm;
  const inner = g.pinionTipDiameter_mm / 2 + gap;
  const outer = g.ringTipDiameter_mm / 2 - gap;
  const a = centreDistance(g);
  // Along the ray, where it leaves the drive gear's circle.
  const innerAt = (phi: number) =>
    -a * Math.cos(phi) + Math.sqrt(Math.max(0, inner ** 2 - (a * Math.sin(phi)) ** 2));
  const thick = (phi: number) => outer - innerAt(phi) >= CRESCENT_TIP * g.module_mm;
  return { outer, innerAt, thick };
}

/**
 * Returns the angle from 6, in radians, at which the crescent ends on either side.
 *
 * @param g both gears, and the gaps at the crescent, in mm
 */
export function crescentEnd(g: Gears): { end: number; innerAt: (phi: number) => number } {
  const { thick, innerAt } = crescentFaces(g);
  const reach = Array.from({ length: 180 }, (_, i) => (i * Math.PI) / 180).filter(thick);
  return { end: reach.at(-1) ?? 0, innerAt };
}

/**
 * Returns the crescent: outside the circle of the drive gear's tips, inside that of
 * the driven gear's, and cut off where it runs out to nothing.
 *
 * @param g both gears, and the gaps at the crescent, in mm
 */
export function crescentBlock(g: Gears): Point[] {
  const { end, innerAt } = crescentEnd(g);
  const { outer } = crescentFaces(g);
  const steps = 120;
  const arc = (radius: (phi: number) => number): Point[] =>
    Array.from({ length: steps + 1 }, (_, i) => {
      const phi = -end + (2 * end * i) / steps;
      return { x: -radius(phi) * Math.sin(phi), y: radius(phi) * Math.cos(phi) };
    });
  return [...arc(() => outer), ...arc(innerAt).reverse()];
}
