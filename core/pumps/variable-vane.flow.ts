import { carriedByVanes, roundVaneDisplacement } from '../hydraulics/displacement';
import {
  bothFaces,
  facesToHub,
  HUB_PATH,
  PLUNGER_PATH,
  plungerLeak,
  slotLeak,
  TIGHT_IN_TRANSMISSION,
  TIGHT_VALVE,
  USUAL_mm,
  type FamilyFlow,
  type FlowOptions,
} from './flow';
import { overFace, roundCourse } from './flow.course';
import { overTransitions, slotFloor_mm } from './vane.flow';
import { vaneChambers } from './vanes';
import { variableVaneRotor, type VariableVaneGeometry } from './variable-vane';

/** Returns the ring that the vanes run on, the slide out by its stroke. */
const ring = (g: VariableVaneGeometry, { stroke = 1 }: FlowOptions) => ({
  ringDiameter_mm: g.slideBore_mm,
  eccentricity_mm: stroke * g.eccentricity_mm,
  vanes: g.vanes,
  vaneThickness_mm: g.vaneThickness_mm,
  width_mm: g.width_mm,
});

const SIDE = { way: 'sides', usual_mm: USUAL_mm.face, wear: ['cover-wear'] } as const;

/** Says what a variable vane pump moves and how it leaks. */
export const variableVaneFlow: FamilyFlow<VariableVaneGeometry> = {
  paths: {
    'side-rotor': SIDE,
    'side-vanes': SIDE,
    'side-slide': SIDE,
    'hub-bushing': HUB_PATH,
    'plunger-bore': PLUNGER_PATH,
  },
  tight: [
    // Pressure shuts it.
    'vane-slot',
    'vane-length',
    'pocket-depth',
    'floor-tilt',
    'outer-face',
    'slide-pivot',
    'slide-seals',
    'stack-rotor',
    'stack-slide',
    ...TIGHT_VALVE,
    ...TIGHT_IN_TRANSMISSION,
  ],
  sizes: { width_mm: 'rotor-width' },
  runsOn: () => 'transmission',
  needs: ['vanes', 'vaneThickness_mm', 'slideBore_mm', 'eccentricity_mm', 'width_mm'],
  courses(g) {
    const { centre } = variableVaneRotor(g);
    const [ring, rotor] = [g.slideBore_mm / 2, g.rotorDiameter_mm / 2];
    return {
      'side-rotor': overFace(slotFloor_mm(g), g.shaftDiameter_mm / 2, centre),
      'side-vanes': overTransitions(centre, rotor, [
        ring - rotor + g.eccentricity_mm,
        ring - rotor - g.eccentricity_mm,
      ]),
      'side-slide': overFace(ring, g.slideDiameter_mm / 2),
      'hub-bushing': [roundCourse(g.shaftDiameter_mm / 2, 50, -50, centre)],
    };
  },
  chambers: [
    // It is least at 6, where the rotor is nearest to the slide.
    vaneChambers(variableVaneRotor, (vanes) => Math.floor(vanes / 2)),
  ],
  displacement: (g, options) => roundVaneDisplacement(ring(g, options)),
  carried: (g, options) => carriedByVanes(ring(g, options)),
  chains: (g, running) => [
    ...facesToHub(
      'side-rotor',
      { outer_mm: slotFloor_mm(g), inner_mm: g.shaftDiameter_mm / 2 },
      g.shaftDiameter_mm,
      running,
    ),
    slotLeak('side-vanes', 2, {
      width_mm: g.slideBore_mm - g.rotorDiameter_mm,
      length_mm: g.vaneThickness_mm,
    }),
    bothFaces('side-slide', { outer_mm: g.slideDiameter_mm / 2, inner_mm: g.slideBore_mm / 2 }),
    ...plungerLeak(running),
  ],
};
