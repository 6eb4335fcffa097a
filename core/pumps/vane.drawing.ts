import { onLoose, type PlacementTable } from './drawing';
import { acrossCircle, depthAt, edgeAt, overWidth, type PocketFrame } from './placing';
import type { Point } from './shapes';

/** Describes what the placements of every vane pump need to know, in mm. */
export interface VanePlan extends PocketFrame {
  readonly rotorCentre: Point;
  readonly rotorRadius_mm: number;
  readonly shaftRadius_mm: number;
  readonly ringRadius_mm: number;
}

/** Returns where things lie for what every vane pump has. */
export function vanePlacements<G>(planOf: (g: G) => VanePlan): PlacementTable<G> {
  return {
    'side-rotor': (g, station) => {
      const plan = planOf(g);
      const land = (plan.rotorRadius_mm + plan.shaftRadius_mm) / 2;
      return edgeAt(plan, 'body', land, plan.rotorCentre)(station);
    },
    'vane-slot': (g) => onLoose('slot leaf', planOf(g).extent_mm),
    'vane-length': (g) => onLoose('vane mic', planOf(g).extent_mm),
    'vane-thickness': (g) => onLoose('vane thick', planOf(g).extent_mm),
    'slot-width': (g) => onLoose('slot mic', planOf(g).extent_mm),
    'rotor-diameter': (g, station) => {
      const plan = planOf(g);
      return acrossCircle('mic', 'body', plan.rotorRadius_mm, plan.rotorCentre)(station);
    },
    'rotor-width': (g, station) => {
      const plan = planOf(g);
      const land = (plan.rotorRadius_mm + plan.shaftRadius_mm) / 2;
      return overWidth(plan, land, plan.rotorCentre)(station);
    },
    'pocket-depth': (g, station) => {
      const plan = planOf(g);
      return depthAt(plan, 'empty', 0.8 * plan.ringRadius_mm)(station);
    },
    'bearing-play': (g) => onLoose('shaft dial', planOf(g).extent_mm),
    'bearing-play-front': (g) => onLoose('shaft dial', planOf(g).extent_mm),
    'bearing-play-rear': (g) => onLoose('shaft dial', planOf(g).extent_mm),
    'ring-track': (g, station) => {
      const plan = planOf(g);
      return acrossCircle('bore', 'empty', plan.ringRadius_mm)(station);
    },
    'ring-rim': (g, station) => {
      const plan = planOf(g);
      return acrossCircle('bore', 'empty', plan.ringRadius_mm)(station);
    },
    'cover-wear': (g, station) => {
      const plan = planOf(g);
      return edgeAt(plan, 'cover', plan.rotorRadius_mm)(station);
    },
    'track-depth': (g, station) => {
      const plan = planOf(g);
      return depthAt(plan, 'cover', plan.rotorRadius_mm)(station);
    },
    'face-depth': (g, station) => {
      const plan = planOf(g);
      return depthAt(plan, 'cover', plan.deck_mm)(station);
    },
  };
}
