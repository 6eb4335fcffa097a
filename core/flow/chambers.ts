import { familyOf, isPump } from '../pumps/registry';
import { flowOf } from '../pumps/flows';
import type { Outline, Shape } from '../pumps/family';
import type { Chambers } from '../pumps/chamber';
import { polygonPath } from '../pumps/shapes';
import type { Sheet } from '../records/sheet';
import type { PlainPump } from './jobPump';

/** A pump as it is drawn with its chambers. */
export type DrawnPump = Pick<Sheet, 'family' | 'geometry'>;

/** Says what chambers of one kind hold while the shaft turns once. */
export interface ChamberTurn {
  readonly chambers: Pick<Chambers<object>, 'between' | 'part'>;
  /** Counts them. */
  readonly count: number;
  /** Areas of one of them at each of the places, in mm². */
  readonly areas_mm2: readonly number[];
  readonly least_mm2: number;
  readonly most_mm2: number;
}

/**
 * Returns the pump whose chambers are drawn: its first section with what was measured of that; the sheet's where the two
 * make no pump together.
 *
 * @param sheet of the pump
 * @param pump as it is counted
 */
export const drawnPump = (
  { family, geometry }: Pick<Sheet, 'family' | 'geometry'>,
  { geometries: [measured] }: Pick<PlainPump, 'geometries'>,
): DrawnPump => ({
  family,
  geometry: measured && isPump(familyOf(family), measured) ? measured : geometry,
});

/**
 * Returns what the chambers of a pump hold while its shaft turns once, each kind at so many places.
 *
 * @param pump its family and geometry, in mm
 * @param places from nought to a whole turn, both among them
 * @example
 * const geometry = { innerLobes: 6, eccentricity_mm: 2.8, arcCentreRadius_mm: 27, arcRadius_mm: 7.5 };
 * const [chamber] = chamberTurns({ family: 'gerotor', geometry }, 3);
 * chamber.count; // 7
 * chamber.areas_mm2[0].toFixed(1); // '4.4'
 */
export const chamberTurns = ({ family, geometry }: DrawnPump, places: number): ChamberTurn[] =>
  flowOf(family).chambers.map((chambers) => {
    const at = chambers.of(geometry);
    const areas_mm2 = Array.from(
      { length: places },
      (_, i) => at((360 * i) / (places - 1)).area_mm2,
    );
    return {
      chambers,
      count: chambers.count(geometry),
      areas_mm2,
      least_mm2: Math.min(...areas_mm2),
      most_mm2: Math.max(...areas_mm2),
    };
  });

/**
 * Returns the drawing of a pump whose shaft has turned, its chambers beneath what turns: what is seen of each is free.
 *
 * @param pump its family and geometry, in mm
 * @param turn_deg the way it pumps
 * @example
 * const rotors = { innerLobes: 6, eccentricity_mm: 2.8, arcCentreRadius_mm: 27, arcRadius_mm: 7.5 };
 * const geometry = { ...rotors, outerDiameter_mm: 62, pocketDiameter_mm: 62.2, bodyDiameter_mm: 90, shaftDiameter_mm: 18, bolts: 3 };
 * chamberOutline({ family: 'gerotor', geometry }, 90).shapes[2].role; // 'chamber'
 */
export function chamberOutline({ family, geometry }: DrawnPump, turn_deg: number): Outline {
  const { extent_mm, shapes } = familyOf(family).outline(geometry, { view: 'body', turn_deg });
  const chambers = flowOf(family).chambers.map(({ of }): Shape => ({
    role: 'chamber',
    path: polygonPath(of(geometry)(turn_deg).outline),
  }));
  const first = shapes.findIndex(({ role }) => role === 'driven' || role === 'drive');
  return { extent_mm, shapes: [...shapes.slice(0, first), ...chambers, ...shapes.slice(first)] };
}
