import { onLoose, type PlacementTable } from './drawing';
import { acrossCircle, depthAt, edgeAt, overWidth } from './placing';
import type { VanePlan } from './vane.frame';

const land = ({ rotorRadius_mm, shaftRadius_mm }: VanePlan) =>
  (rotorRadius_mm + shaftRadius_mm) / 2;

/** Places things on the pump by its plan. */
const ON_PUMP: Readonly<Record<string, (plan: VanePlan) => ReturnType<typeof edgeAt>>> = {
  'side-rotor': (plan) => edgeAt(plan, 'body', land(plan), plan.rotorCentre),
  'rotor-diameter': (plan) => acrossCircle('mic', 'body', plan.rotorRadius_mm, plan.rotorCentre),
  'rotor-width': (plan) => overWidth(plan, land(plan), plan.rotorCentre),
  'pocket-depth': (plan) => depthAt(plan, 'empty', 0.8 * plan.ringRadius_mm),
  'ring-track': (plan) => acrossCircle('bore', 'empty', plan.ringRadius_mm),
  'ring-rim': (plan) => acrossCircle('bore', 'empty', plan.ringRadius_mm),
  'cover-wear': (plan) => edgeAt(plan, 'cover', plan.rotorRadius_mm),
  'track-depth': (plan) => depthAt(plan, 'cover', plan.rotorRadius_mm),
  'face-depth': (plan) => depthAt(plan, 'cover', plan.deck_mm),
};

/** Says of parts that are measured by themselves which is drawn, and what measures it. */
const LOOSE = {
  'vane-slot': 'slot leaf',
  'vane-length': 'vane mic',
  'vane-thickness': 'vane thick',
  'slot-width': 'slot mic',
  'bearing-play': 'shaft dial',
  'bearing-play-front': 'shaft dial',
  'bearing-play-rear': 'shaft dial',
} as const;

/** Returns where things lie for what every vane pump has. */
export const vanePlacements = <G>(planOf: (g: G) => VanePlan): PlacementTable<G> => ({
  ...Object.fromEntries(
    Object.entries(ON_PUMP).map(([id, at]) => [
      id,
      (g: G, station: string) => at(planOf(g))(station),
    ]),
  ),
  ...Object.fromEntries(
    Object.entries(LOOSE).map(([id, how]) => [id, (g: G) => onLoose(how, planOf(g).extent_mm)]),
  ),
});
