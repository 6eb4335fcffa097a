import { carriedByVanes, roundVaneDisplacement } from '../hydraulics/displacement';
import { bothFaces, slotLeak, USUAL_mm, type FamilyFlow } from './flow';
import { vacuumVaneRotor, type VacuumVaneGeometry } from './vacuum-vane';
import { overFace, roundCourse } from './flow.course';
import { vaneChambers } from './vanes';
import { overWornRing, slotFloor_mm } from './vane.flow';

/** Transitions from one port to the other. */
const TRANSITIONS = 2;

const ring = (g: VacuumVaneGeometry) => ({
  ringDiameter_mm: g.boreDiameter_mm,
  eccentricity_mm: g.eccentricity_mm,
  vanes: g.vanes,
  vaneThickness_mm: g.vaneThickness_mm,
  width_mm: g.width_mm,
});

/** Says what a small vacuum or transfer vane pump moves and how it leaks; of one on air only what it sweeps is true. */
export const vacuumVaneFlow: FamilyFlow<VacuumVaneGeometry> = {
  paths: {
    'side-rotor': { way: 'sides', usual_mm: USUAL_mm.face },
    'ring-wear': { way: 'ring', usual_mm: null, isWear: true },
  },
  tight: [
    // Pressure shuts it.
    'vane-slot',
    'vane-length',
    'vane-in-slot',
    'bearing-play-front',
    'bearing-play-rear',
  ],
  sizes: { width_mm: 'rotor-width' },
  onAir: true,
  runsOn: () => 'hydraulic',
  needs: ['vanes', 'vaneThickness_mm', 'boreDiameter_mm', 'eccentricity_mm', 'width_mm'],
  courses(g) {
    const { centre } = vacuumVaneRotor(g);
    const ring = g.boreDiameter_mm / 2;
    return {
      'side-rotor': overFace(slotFloor_mm(g), g.shaftDiameter_mm / 2, centre),
      'ring-wear': [roundCourse(ring, 170, 190), roundCourse(ring, 10, -10)],
    };
  },
  chambers: [
    // It is least at 12, where the rotor all but touches the bore.
    vaneChambers(vacuumVaneRotor, (vanes) => vanes - 1),
  ],
  displacement: (g) => roundVaneDisplacement(ring(g)),
  carried: (g) => carriedByVanes(ring(g)),
  chains: (g, running) => [
    bothFaces('side-rotor', { outer_mm: slotFloor_mm(g), inner_mm: g.shaftDiameter_mm / 2 }),
    slotLeak('side-rotor', 2, {
      width_mm: g.boreDiameter_mm - g.rotorDiameter_mm,
      length_mm: g.vaneThickness_mm,
    }),
    ...overWornRing(TRANSITIONS, g, running),
  ],
};
