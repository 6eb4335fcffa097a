import type { Chain } from '../hydraulics/chain';
import { slotLeak, type Running } from './flow';
import { roundCourse, type Course } from './flow.course';
import type { Point } from './shapes';
import type { SlottedRotor } from './vane.fields';

/**
 * Returns the radius on which the slots of a rotor end, in mm.
 *
 * @param rotor its diameter and the depth of its slots, in mm
 * @example
 * slotFloor_mm({ rotorDiameter_mm: 54, slotDepth_mm: 10.5 }); // 16.5
 */
export const slotFloor_mm = ({
  rotorDiameter_mm,
  slotDepth_mm,
}: Pick<SlottedRotor, 'rotorDiameter_mm' | 'slotDepth_mm'>): number =>
  rotorDiameter_mm / 2 - slotDepth_mm;

/** Of the wear across a ring half is radial, and a vane follows half of that: an assumption. */
const WEAR_OPEN = 1 / 4;

/** Length over which a vane's tip seals, per its thickness: an assumption. */
const TIP_SEAL = 0.3;

/**
 * Returns the leak over the tips of vanes on a worn ring, at so many transitions; none where nobody knows the wear.
 *
 * @param transitions how many there are from one port to the other
 * @param vane its thickness and its width, in mm
 */
export const overWornRing = (
  transitions: number,
  { vaneThickness_mm, width_mm }: Readonly<Record<'vaneThickness_mm' | 'width_mm', number>>,
  { knows }: Running,
): Chain[] =>
  knows('ring-wear')
    ? [
        slotLeak(
          'ring-wear',
          transitions,
          { width_mm, length_mm: TIP_SEAL * vaneThickness_mm },
          WEAR_OPEN,
        ),
      ]
    : [];

/** Degrees to either side of a transition over which the leak past its vane is drawn. */
const TRANSITION_deg = 12;

/**
 * Draws the leaks past the vanes at the two transitions, at 12 and at 6, in the middle between rotor and ring.
 *
 * @param centre of the rotor, in mm
 * @param rotor_mm its radius
 * @param gaps_mm between rotor and ring at 12 and at 6
 */
export const overTransitions = (
  centre: Point,
  rotor_mm: number,
  [top, bottom]: readonly [top: number, bottom: number],
): Course[] => [
  roundCourse(rotor_mm + top / 2, TRANSITION_deg, -TRANSITION_deg, centre),
  roundCourse(rotor_mm + bottom / 2, 180 - TRANSITION_deg, 180 + TRANSITION_deg, centre),
];
