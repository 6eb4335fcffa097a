/** Describes the shape of a passage between two surfaces, but for the gap between them; lengths in mm. */
export type SealForm =
  | { readonly kind: 'slot'; readonly width_mm: number; readonly length_mm: number }
  | {
      readonly kind: 'face';
      readonly arc_deg: number;
      readonly outer_mm: number;
      readonly inner_mm: number;
    }
  | {
      readonly kind: 'bore';
      readonly diameter_mm: number;
      readonly length_mm: number;
      /** Says how far the shaft lies off the middle, as a share of the radial gap: 0 to 1. */
      readonly eccentricity: number;
    };

/** Says what of a passage does not change with its gap, in SI units. */
export interface Passage {
  /** Resistance of the film per viscosity, times the cube of the gap; no unit. */
  readonly film: number;
  /** Width across the flow, in m: with the gap it gives the area. */
  readonly width_m: number;
}

/** Metres in a millimetre. */
export const M_PER_MM = 1e-3;

/**
 * Returns what of a passage stays as it is whatever its gap. A slot of width w and length L has a film resistance of
 * 12L/(w h³) per viscosity; a sector of a face between two radii 6 ln(r_o/r_i)/((θ/360)π h³); a bore round a shaft
 * 12L/(π d c³(1 + 1.5ε²)), c radial.
 *
 * @param form sizes in mm, the arc in degrees
 * @example
 * passageOf({ kind: 'slot', width_mm: 20, length_mm: 5 }); // { film: 3, width_m: 0.02 }
 * @see Merritt, Hydraulic Control Systems, flow through capillary passages
 */
export function passageOf(form: SealForm): Passage {
  if (form.kind === 'slot') {
    const { width_mm, length_mm } = form;
    return { film: (12 * length_mm) / width_mm, width_m: width_mm * M_PER_MM };
  }
  if (form.kind === 'face') {
    const { arc_deg, outer_mm, inner_mm } = form;
    const turn = arc_deg / 360;
    return {
      film: (6 * Math.log(outer_mm / inner_mm)) / (turn * Math.PI),
      width_m: turn * 2 * Math.PI * inner_mm * M_PER_MM,
    };
  }
  const { diameter_mm, length_mm, eccentricity } = form;
  return {
    film: (12 * length_mm) / (Math.PI * diameter_mm * (1 + 1.5 * eccentricity ** 2)),
    width_m: Math.PI * diameter_mm * M_PER_MM,
  };
}
