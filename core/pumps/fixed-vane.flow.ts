import { camVaneDisplacement } from '../hydraulics/displacement';
import { camRadius, fixedVaneRotor, type FixedVaneGeometry } from './fixed-vane';
import {
  bothFaces,
  PLUNGER_PATH,
  plungerLeak,
  slotLeak,
  TIGHT_VALVE,
  USUAL_mm,
  type FamilyFlow,
} from './flow';
import { overFace, roundCourse, straightCourse } from './flow.course';
import { vaneChambers } from './vanes';
import { overWornRing, slotFloor_mm } from './vane.flow';

/** Transitions from one port to the other: two lifts. */
const TRANSITIONS = 4;

/** Says what a fixed vane cartridge moves and how it leaks. */
export const fixedVaneFlow: FamilyFlow<FixedVaneGeometry> = {
  paths: {
    'side-rotor': { way: 'sides', usual_mm: USUAL_mm.face },
    'vane-slot': { way: 'slots', usual_mm: USUAL_mm.vaneSlot },
    'ring-wear': { way: 'ring', usual_mm: null, isWear: true },
    'plunger-bore': PLUNGER_PATH,
  },
  tight: ['vane-length', 'vane-in-slot', 'bearing-play', ...TIGHT_VALVE],
  sizes: { width_mm: 'rotor-width', vaneLength_mm: 'vane-length' },
  runsOn: () => 'hydraulic',
  needs: ['vanes', 'vaneThickness_mm', 'ringMinor_mm', 'ringMajor_mm', 'width_mm'],
  courses(g) {
    const [major, minor] = [g.ringMajor_mm / 2, g.ringMinor_mm / 2];
    const rotor = g.rotorDiameter_mm / 2;
    return {
      'side-rotor': overFace(slotFloor_mm(g), g.shaftDiameter_mm / 2),
      // Beside a vane, from its foot to the inlet.
      'vane-slot': [45, 225].map((clock) => straightCourse(slotFloor_mm(g), rotor, clock)),
      'ring-wear': [
        roundCourse(major, 100, 80),
        roundCourse(major, 280, 260),
        // Past 12 and 6 the outlet lies before the vane: it comes back with the turn.
        roundCourse(minor, -10, 10),
        roundCourse(minor, 170, 190),
      ],
    };
  },
  chambers: [vaneChambers(fixedVaneRotor, () => 0)],
  displacement: (g) => camVaneDisplacement(g, (angle) => camRadius(g, angle)),
  chains(g, running) {
    const floor = slotFloor_mm(g);
    // Both steps of the ring beyond the rotor, as they are seen across it.
    const beyond = g.ringMinor_mm + g.ringMajor_mm - 2 * g.rotorDiameter_mm;
    return [
      // Feet of the vanes are on the outlet all round.
      bothFaces('side-rotor', { outer_mm: floor, inner_mm: g.shaftDiameter_mm / 2, arc_deg: 360 }),
      bothFaces('side-rotor', { outer_mm: g.rotorDiameter_mm / 2, inner_mm: floor }),
      slotLeak('side-rotor', 2, { width_mm: beyond, length_mm: g.vaneThickness_mm }),
      slotLeak('vane-slot', g.vanes, {
        width_mm: g.width_mm,
        length_mm: g.vaneLength_mm - beyond / 4,
      }),
      ...overWornRing(TRANSITIONS, g, running),
      ...plungerLeak(running),
    ];
  },
};
