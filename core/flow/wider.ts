import { readyPump, type JobPump } from './jobPump';

/** Returns a geometry with its pump so much wider. */
const widened = (geometry: object, over_mm: number): object => {
  const { width_mm } = geometry as { readonly width_mm?: number };
  return width_mm === undefined ? geometry : { ...geometry, width_mm: width_mm + over_mm };
};

/**
 * Returns a pump with gears or a rotor of another width: it moves more by as much as it is wider, and its seals are as
 * wide.
 *
 * @param pump as it is, or as a plan leaves it
 * @param over_mm how much wider, in mm; below nought for narrower
 */
export function widerPump(pump: JobPump, over_mm: number): JobPump {
  const { family, options, known, displacement, geometries } = pump;
  const wide = geometries.map((geometry) => widened(geometry, over_mm));
  const { pump: counted } = readyPump({ family, options, known, displacement, geometries: wide });
  const ratio = counted.cc_rev / pump.pump.cc_rev;
  const more = (cc: number | null) => (cc === null ? null : cc * ratio);
  return {
    family,
    options,
    known,
    geometries: wide,
    pump: counted,
    displacement: {
      ...displacement,
      cc_rev: more(displacement.cc_rev),
      byGeometry_cc: more(displacement.byGeometry_cc),
      carried_cc: more(displacement.carried_cc),
    },
  };
}
