import { pumpOf } from '../pumps/registry';
import type { ShelfPart } from '../records/part';
import type { Sheet } from '../records/sheet';
import { standardWidth } from '../rework/decision/wider';
import { lyingFor, turns } from './roles';

/** Gears or a rotor on the shelf that are wider than standard, or narrower. */
export interface OtherWidth {
  readonly label: string;
  readonly over_mm: number;
}

/** Gears of one width differ by less, in mm: what differs by more is another size of pump. */
const OTHER_mm = 0.2;

/**
 * Lists the gears and rotors on the shelf for a pump that are of another width than its own.
 *
 * @param sheet of the pump
 * @param parts as they lie on the shelf
 */
export function otherWidths(sheet: Sheet, parts: readonly ShelfPart[]): OtherWidth[] {
  const standard = standardWidth(sheet);
  const widths = pumpOf(sheet).dimensions.filter((d) => d.width && d.section === 1);
  if (standard === null) return [];
  return lyingFor(parts, sheet)
    .filter((part) => turns(sheet, part))
    .flatMap((part) => {
      const size = part.sizes.find((s) => widths.some(({ id }) => id === s.dimension));
      const over_mm = size ? size.value_mm - standard : 0;
      return Math.abs(over_mm) > OTHER_mm ? [{ label: part.label, over_mm }] : [];
    });
}
