import type { NumberSchema } from 'yup';
import { atLeast, count, fits, length, under } from './fields';
import { say } from '../wording/say';

/** Describes what of a vane pump says whether its vanes have room in their slots; lengths in mm. */
export type SlottedRotor = Record<
  'vanes' | 'vaneThickness_mm' | 'vaneLength_mm' | 'rotorDiameter_mm' | 'slotDepth_mm',
  number
> & { readonly shaftDiameter_mm: number };

/** Says how far the ring is from the rotor, in mm: where it is nearest, and where it is farthest. */
export interface RingGap {
  readonly least: number;
  readonly most: number;
}

/** Share of a vane that has to stay in its slot at full reach, or it tips and jams. */
const KEPT = 0.2;

/** Metal between the floors of two slots, and between a slot and the bore, per vane thickness. */
const LEAST_WALL = 0.05;

const floorOf = (g: SlottedRotor): number => g.rotorDiameter_mm / 2 - g.slotDepth_mm;

/**
 * Returns the widest that slots of this depth can be, in mm: wider ones meet at their floors, or have no
 * sides.
 */
function widest(g: SlottedRotor): number {
  const floor = floorOf(g);
  const meeting = (2 * floor * Math.tan(Math.PI / g.vanes)) / (1 + LEAST_WALL);
  const noSides = 2 * Math.sqrt((g.rotorDiameter_mm / 2) ** 2 - floor ** 2);
  return Math.min(meeting, noSides, g.vaneLength_mm);
}

/**
 * Returns the fields of a slotted rotor and its vanes.
 *
 * @param vanes how few and how many there may be
 * @param gapOf what lies between the rotor and the ring that its vanes run on
 */
export function slottedFields<G extends SlottedRotor>(
  vanes: readonly [least: number, most: number],
  gapOf: (geometry: G) => RingGap,
) {
  return {
    vanes: count('Vanes', ...vanes),
    vaneThickness_mm: length('Vane thickness').test(
      fits((g: G, thickness) =>
        floorOf(g) > 0
          ? under('Vane thickness', thickness, widest(g), 'or the slots run into each other')
          : false,
      ),
    ),
    vaneLength_mm: length('Vane length').test(
      fits((g: G, vane) => {
        const gap = gapOf(g);
        const least = gap.most / (1 - KEPT);
        if (vane < least) {
          return say('geometry.leastVane', { least: atLeast(least) });
        }
        const most = gap.least + g.slotDepth_mm;
        return under('Vane length', vane, most, 'or it has no room where the ring is nearest');
      }),
    ),
    rotorDiameter_mm: length('Rotor diameter'),
    slotDepth_mm: length('Slot depth').test(
      fits((g: G, depth) => {
        const most =
          (g.rotorDiameter_mm - g.shaftDiameter_mm) / 2 - LEAST_WALL * g.vaneThickness_mm;
        return under('Slot depth', depth, most, 'or the slots break into the bore for the shaft');
      }),
    ),
    shaftDiameter_mm: length('Shaft diameter').test(
      fits((g: G, shaft) =>
        under('Shaft diameter', shaft, g.rotorDiameter_mm, 'or there is no rotor round it'),
      ),
    ),
  } satisfies Record<string, NumberSchema>;
}

/**
 * Returns what lies between a rotor and a round ring that is off its centre.
 *
 * @param rotor_mm diameter of the rotor
 * @param ring_mm diameter of the ring
 * @param eccentricity_mm between their middles
 * @example
 * roundGap(48, 58, 4.5); // { least: 0.5, most: 9.5 }
 */
export const roundGap = (rotor_mm: number, ring_mm: number, eccentricity_mm: number): RingGap => ({
  least: (ring_mm - rotor_mm) / 2 - eccentricity_mm,
  most: (ring_mm - rotor_mm) / 2 + eccentricity_mm,
});
