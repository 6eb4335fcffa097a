import type { Part } from '../pumps/family';
import type { PartId } from '../pumps/ids';
import { hasRole } from '../pumps/kinds';
import { pumpOf } from '../pumps/registry';
import type { Remedy } from '../pumps/remedies';
import { bySection } from '../pumps/sections';
import type { ShelfPart } from '../records/part';
import type { HouseRules } from '../records/rules';
import type { Sheet } from '../records/sheet';
import type { Shop } from '../records/shop';
import { operationFor } from '../rework/operations/operations';
import { termsOf } from '../rework/operations/offer';
import type { MetalAllowed, PairingRules } from './fit';

/** Stands for whatever consists of parts of a pump. */
type Piece = { readonly parts: readonly PartId[] };

const partsOf = (sheet: Sheet, { parts }: Piece): Part[] =>
  pumpOf(sheet).parts.filter(({ id }) => parts.includes(id));

/**
 * Tells whether loose parts are a body, or a ring, for others to go into.
 *
 * @param sheet of the pump
 * @param part as it lies on the shelf
 */
export const holds = (sheet: Sheet, part: Piece): boolean =>
  partsOf(sheet, part).some((p) => hasRole(p, 'holds'));

/**
 * Tells whether loose parts are what turns in a body: gears, or a rotor.
 *
 * @param sheet of the pump
 * @param part as it lies on the shelf
 */
export const turns = (sheet: Sheet, part: Piece): boolean =>
  !holds(sheet, part) && partsOf(sheet, part).some((p) => hasRole(p, 'turns'));

/** A part, or parts that stay together, as a shop keeps them: a gear set of two. */
export interface PieceKind {
  readonly id: string;
  readonly name: string;
  readonly parts: readonly PartId[];
}

/**
 * Lists what a pump of a sheet can give to the shelf: the gears of each section as a set, and every part.
 *
 * @param sheet of the pump
 */
export function pieceKinds(sheet: Sheet): PieceKind[] {
  const { parts } = pumpOf(sheet);
  const gears = parts.filter((part) => hasRole(part, 'set'));
  const sets = bySection(gears)
    .map(({ items }) => items)
    .filter((set) => set.length > 1);
  return [
    ...sets.map((set): PieceKind => ({
      id: set.map(({ id }) => id).join('+'),
      name: set.map(({ name }) => name).join(' + '),
      parts: set.map(({ id }) => id),
    })),
    ...parts.map(({ id, name }) => ({ id, name, parts: [id] })),
  ];
}

/**
 * Lists the loose parts that lie on the shelf for pumps of a sheet.
 *
 * @param shelf all loose parts of the shop
 * @param sheet whose parts are wanted
 * @example
 * const shelf = [
 *   { state: 'here', sheet: 'a' },
 *   { state: 'used', sheet: 'a' },
 * ];
 * lyingFor(shelf, { id: 'a' }); // [{ state: 'here' }]
 */
export const lyingFor = (shelf: readonly ShelfPart[], sheet: Pick<Sheet, 'id'>): ShelfPart[] =>
  shelf.filter((part) => part.state === 'here' && part.sheet === sheet.id);

/**
 * Returns how much metal the shop takes off a deck and off gears at most, in mm; none where it does not do so.
 *
 * @param sheet with the prices of the model
 * @param shop what it says of its operations
 */
export function metalOf(sheet: Sheet, shop: Pick<Shop, 'operations'>): MetalAllowed {
  const most = (remedy: Remedy): number => {
    const operation = operationFor(remedy);
    const terms = operation && termsOf(operation, shop, sheet);
    return !terms || terms.by === 'never' ? 0 : (terms.most_mm ?? 0);
  };
  return { deckCut_mm: most('face-deck'), gearGrind_mm: most('grind-widths') };
}

/**
 * Returns what parts are paired by: a sheet's limits, the house's way to judge, what the shop cuts.
 *
 * @param sheet of the pump
 * @param tier the set of limits
 * @param rules of the house
 * @param most how much metal may come off, in mm
 */
export const rulesFor = (
  sheet: Sheet,
  tier: string,
  { decision }: Pick<HouseRules, 'decision'>,
  most: MetalAllowed,
): PairingRules => ({ sheet, tier, rule: decision, most });
