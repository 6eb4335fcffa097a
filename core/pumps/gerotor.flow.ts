import {
  bothFaces,
  facesToHub,
  HUB_PATH,
  PLUNGER_PATH,
  plungerLeak,
  roundTheRing,
  slotLeak,
  TIGHT_IN_TRANSMISSION,
  TIGHT_VALVE,
  USUAL_mm,
  type FamilyFlow,
} from './flow';
import { gerotorChamber, gerotorDisplacement } from './gerotor.chamber';
import { overFace, roundCourse } from './flow.course';
import {
  innerCentre,
  outerTurn_deg,
  relief_mm,
  upright,
  type GerotorGeometry,
} from './gerotor.drawing';
import { radians } from '../quantity/angle';
import { areaOf } from './shapes';
import { innerRoot_mm, outerRoot_mm, type Trochoid } from './trochoid';

/** The gap at which the length of a tip seal is taken, in mm. */
const TIP_GAP_mm = 0.1;

/**
 * Returns how long a seal two lobes are where they meet, in mm: the integral over the parabolic gap between two round
 * tips, (3π/8)√(2h/(1/ρ + 1/ρ_i)), held at a gap of 0.1 mm.
 *
 * @param t the generating data, in mm
 * @example
 * lobeSeal_mm({ innerLobes: 6, eccentricity_mm: 2.8, arcCentreRadius_mm: 27, arcRadius_mm: 7.5 }).toFixed(2); // '0.95'
 * @see Merritt, Hydraulic Control Systems, for the film; the length is an assumption
 */
export function lobeSeal_mm(t: Trochoid): number {
  const { innerLobes: n, eccentricity_mm: e, arcCentreRadius_mm: R, arcRadius_mm: rho } = t;
  const lobe = (R + (n + 1) * e) ** 2 / (R + (n + 1) ** 2 * e) - rho;
  return ((3 * Math.PI) / 8) * Math.sqrt((2 * TIP_GAP_mm) / (1 / rho + 1 / lobe));
}

/** Steps along each line that bounds a chamber: as it is drawn, and for its area. */
const DRAWN_STEPS = 40;
const AREA_STEPS = 200;

/** Says what a gerotor moves and how it leaks. */
export const gerotorFlow: FamilyFlow<GerotorGeometry> = {
  paths: {
    'face-inner': { way: 'faces', usual_mm: USUAL_mm.face, wear: ['cover-wear'] },
    'face-outer': { way: 'faces', usual_mm: USUAL_mm.face, wear: ['cover-wear'] },
    // Heat moves both lobes alike.
    tip: { way: 'lobes', usual_mm: USUAL_mm.tip, grows: () => 0 },
    'od-pocket': { way: 'wall', usual_mm: USUAL_mm.outside },
    'hub-bushing': HUB_PATH,
    'plunger-bore': PLUNGER_PATH,
  },
  tight: [
    'inner-shaft',
    'deck-flatness',
    'floor-tilt',
    'stack-inner',
    'stack-outer',
    ...TIGHT_VALVE,
    ...TIGHT_IN_TRANSMISSION,
  ],
  sizes: { width_mm: 'inner-width' },
  runsOn: ({ use }) => (use === 'oil-pump' ? 'engine' : 'transmission'),
  needs: ['innerLobes', 'eccentricity_mm', 'arcCentreRadius_mm', 'arcRadius_mm', 'width_mm'],
  displacement: gerotorDisplacement,
  chambers: [
    {
      between: 'lobes',
      part: 'outer',
      count: (g) => g.innerLobes + 1,
      of(g) {
        // It lies between two teeth of the outer rotor, the first of them at 6 or just before it.
        const teeth = g.innerLobes + 1;
        const first = (Math.floor(teeth / 2) + 0.5) * (360 / teeth);
        return (turn_deg) => {
          const turn = radians(first + outerTurn_deg(g, turn_deg));
          return {
            outline: upright(gerotorChamber(g, turn, relief_mm(g), DRAWN_STEPS)),
            area_mm2: areaOf(gerotorChamber(g, turn, 0, AREA_STEPS)),
          };
        };
      },
    },
  ],
  courses(g) {
    const hub = innerCentre(g);
    const wall = (g.pocketDiameter_mm + g.outerDiameter_mm) / 4;
    // Lobes meet lobes at 12.
    const meet = g.arcCentreRadius_mm - g.arcRadius_mm;
    const shaft = g.shaftDiameter_mm / 2;
    return {
      tip: [roundCourse(meet, 14, -14)],
      'face-inner': overFace(innerRoot_mm(g), shaft, hub),
      'face-outer': overFace(outerRoot_mm(g), g.outerDiameter_mm / 2),
      'od-pocket': [roundCourse(wall, 60, -60), roundCourse(wall, 120, 240)],
      'hub-bushing': [roundCourse(shaft, 50, -50, hub)],
    };
  },
  chains(g, running) {
    const { width_mm, shaftDiameter_mm } = g;
    const inner = { outer_mm: innerRoot_mm(g), inner_mm: shaftDiameter_mm / 2 };
    return [
      slotLeak('tip', 1, { width_mm, length_mm: lobeSeal_mm(g) }, 1),
      ...(g.use === 'front-pump'
        ? facesToHub('face-inner', inner, shaftDiameter_mm, running)
        : [bothFaces('face-inner', inner)]),
      roundTheRing(
        'face-outer',
        { outer_mm: g.outerDiameter_mm / 2, inner_mm: outerRoot_mm(g) },
        width_mm,
      ),
      ...plungerLeak(running),
    ];
  },
};
