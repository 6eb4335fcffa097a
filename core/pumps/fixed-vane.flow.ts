import { camVaneDisplacement } from '../hydraulics/displacement';
import { camRadius, type FixedVaneGeometry } from './fixed-vane';
import {
  bothFaces,
  IF_KNOWN,
  plungerLeak,
  slotLeak,
  TIGHT_VALVE,
  USUAL_mm,
  type FamilyFlow,
} from './flow';
import { overWornRing, slotFloor_mm } from './vane.flow';

/** Transitions from one port to the other: two lifts. */
const TRANSITIONS = 4;

/** Says what a fixed vane cartridge moves and how it leaks. */
export const fixedVaneFlow: FamilyFlow<FixedVaneGeometry> = {
  paths: {
    'side-rotor': { usual_mm: USUAL_mm.face },
    'vane-slot': { usual_mm: USUAL_mm.vaneSlot },
    'ring-wear': { usual_mm: null, isWear: true },
    'plunger-bore': IF_KNOWN,
  },
  tight: ['vane-length', 'vane-in-slot', 'bearing-play', ...TIGHT_VALVE],
  sizes: { width_mm: 'rotor-width', vaneLength_mm: 'vane-length' },
  runsOn: () => 'hydraulic',
  needs: ['vanes', 'vaneThickness_mm', 'ringMinor_mm', 'ringMajor_mm', 'width_mm'],
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
