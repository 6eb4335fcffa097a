import { DEDENDUM, gearOutline, TIP_TO_ROOT, type GearShape } from './involute';
import { turnedAbout, type Point } from './shapes';

/** Describes what two equal gears side by side are drawn from. */
export type GearPair = Record<
  'teeth' | 'centreDistance_mm' | 'tipDiameter_mm' | 'pressureAngle_deg',
  number
>;

/** Flank play is drawn wide enough to be seen. */
const DRAWN_GAP = 0.05;

/**
 * Returns the module of either gear, in mm: what its pitch circle has for each tooth.
 *
 * @param g the pair of gears, in mm
 * @example
 * toothModule({ centreDistance_mm: 36, teeth: 12 }); // 3
 */
export const toothModule = (g: GearPair): number => g.centreDistance_mm / g.teeth;

/**
 * Returns the centre of the shaft gear: it lies above the idler, and the inlet is at the left.
 *
 * @param g the pair of gears, in mm
 * @example
 * driveCentre({ centreDistance_mm: 36 }); // { x: 0, y: -18 }
 */
export const driveCentre = (g: GearPair): Point => ({ x: 0, y: -g.centreDistance_mm / 2 });

/**
 * Returns the centre of the gear that the shaft gear drives, in mm from the middle between the two.
 *
 * @param g the pair of gears, in mm
 * @example
 * idlerCentre({ centreDistance_mm: 36 }); // { x: 0, y: 18 }
 */
export const idlerCentre = (g: GearPair): Point => ({ x: 0, y: g.centreDistance_mm / 2 });

/**
 * Returns the root radius of either gear, in mm: by the basic rack, or deeper where the other's tips need it.
 *
 * @param g the pair of gears, in mm
 */
export function gearRoot(g: GearPair): number {
  const byRack = g.centreDistance_mm / 2 - DEDENDUM * toothModule(g);
  return Math.min(
    byRack,
    g.centreDistance_mm - g.tipDiameter_mm / 2 - TIP_TO_ROOT * toothModule(g),
  );
}

/**
 * Returns either gear as it would be cut with no other beside it.
 *
 * @param g the pair of gears, in mm
 */
export function cutGear(g: GearPair): GearShape {
  const m = toothModule(g);
  return {
    teeth: g.teeth,
    module_mm: m,
    pressureAngle_deg: g.pressureAngle_deg,
    tipRadius_mm: g.tipDiameter_mm / 2,
    rootRadius_mm: gearRoot(g),
    thinning_mm: DRAWN_GAP * m,
  };
}

/**
 * Returns either gear as it is drawn: the other's tips find room at its roots.
 *
 * @param g the pair of gears, in mm
 */
export const pairedGear = (g: GearPair): GearShape => ({
  ...cutGear(g),
  mate: { teeth: g.teeth, tipRadius_mm: g.tipDiameter_mm / 2 },
});

/**
 * Draws the teeth of the shaft gear: one points at the idler.
 *
 * @param g the pair of gears, in mm
 */
export const driveTeeth = (g: GearPair): Point[] =>
  gearOutline(pairedGear(g), Math.PI, false, driveCentre(g));

/**
 * Draws the teeth of the idler: a space takes that tooth.
 *
 * @param g the pair of gears, in mm
 */
export const idlerTeeth = (g: GearPair): Point[] =>
  gearOutline(pairedGear(g), Math.PI / g.teeth, false, idlerCentre(g));

/**
 * Returns what draws both gears as they turn: they carry oil from the left round the outside, the shaft gear with the
 * clock.
 *
 * @param g the pair of gears, in mm
 */
export function turningPair(g: GearPair) {
  const [drive, idler] = [driveTeeth(g), idlerTeeth(g)];
  return (turn_deg: number) => ({
    drive: turnedAbout(drive, turn_deg, driveCentre(g)),
    idler: turnedAbout(idler, -turn_deg, idlerCentre(g)),
  });
}
