import { InputError } from '../errors';

/** Units of torque as wrenches have them. */
export type TorqueUnit = 'Nm' | 'lbft' | 'lbin';

/** Newton metres in each: the pound-force is 4.4482216152605 N, the foot 0.3048 m (ISO 80000-4; ISO 31-1). */
export const NM_PER: Readonly<Record<TorqueUnit, number>> = {
  Nm: 1,
  lbft: 4.4482216152605 * 0.3048,
  lbin: 4.4482216152605 * 0.0254,
};

/** A wrench with something between its square and the bolt. */
export interface Wrench {
  /** From the middle of the grip to the square. */
  readonly length_mm: number;
  /** From the square to the bolt. */
  readonly extension_mm: number;
  /** Says how far the extension is turned out of the line of the wrench: 90 at right angles, which changes nothing. */
  readonly angle_deg: number;
}

/**
 * Returns the share of a torque that is set on a wrench whose square does not sit on the bolt: L/(L + E·cos φ).
 *
 * @param wrench lengths in mm, the angle in degrees
 * @throws InputError on `wrench.extension_mm` where the extension is turned back over the grip
 * @example
 * setShare({ length_mm: 400, extension_mm: 100, angle_deg: 0 }); // 0.8
 * setShare({ length_mm: 400, extension_mm: 100, angle_deg: 90 }); // 1
 * @see the lever rule of statics
 */
export function setShare({ length_mm, extension_mm, angle_deg }: Wrench): number {
  const reach_mm = length_mm + extension_mm * Math.cos((angle_deg * Math.PI) / 180);
  if (!(reach_mm > 0))
    throw new InputError(
      'wrench.extension_mm',
      'turned-back',
      'The extension reaches back over the grip: nothing can be set so.',
    );
  return length_mm / reach_mm;
}

/**
 * Returns the order in which bolts of a circle are drawn up, numbered round it: each lies as far from the one before as
 * it can for all of them.
 *
 * @param bolts how many
 * @example
 * crissCross(8); // [1, 5, 2, 6, 3, 7, 4, 8]
 * crissCross(5); // [1, 3, 5, 2, 4]
 */
export function crissCross(bolts: number): number[] {
  const half = Math.floor(bolts / 2);
  if (bolts % 2 === 0)
    return Array.from({ length: bolts }, (_, i) => (i >> 1) + 1 + (i % 2) * half);
  // An odd number shares no divisor with the half below it: the step comes by every bolt.
  return Array.from({ length: bolts }, (_, i) => ((i * half) % bolts) + 1);
}
