import { folded } from '../quantity/letters';
import type { ShelfPart } from '../records/part';
import type { PieceKind } from './roles';

type Labelled = Pick<ShelfPart, 'label'> & { readonly id?: string };

/**
 * Tells whether a label is on another part already: a scanner has to find one.
 *
 * @param label as it was typed
 * @param shelf the parts that have labels
 * @param own the id of the part that the label is for; it may keep its own
 * @example
 * const shelf = [{ id: 'a', label: 'GS-7' }];
 * isTaken('gs-7 ', shelf); // true
 * isTaken('GS-7', shelf, 'a'); // false
 */
export const isTaken = (label: string, shelf: readonly Labelled[], own?: string): boolean =>
  shelf.some(
    (part) => folded(part.label) === folded(label) && (own === undefined || part.id !== own),
  );

/** Returns the letters that labels of a piece begin with: `GS` of a gear set, `BO` of a body. */
function stemOf({ name, parts }: PieceKind): string {
  if (parts.length > 1) return 'GS';
  const letters = name.replace(/[^\p{L}]/gu, '').slice(0, 2);
  return letters.toUpperCase() || 'P';
}

/**
 * Returns the first label of a piece's stem that no part has: `GS-8` after `GS-7`.
 *
 * @param piece its name, and the parts that it is of
 * @param shelf the parts that have labels
 * @example
 * labelFor({ name: 'Gear set', parts: ['drive', 'driven'] }, [{ id: 'a', label: 'GS-1' }]); // 'GS-2'
 * labelFor({ name: 'Body', parts: ['body'] }, []); // 'BO-1'
 */
export function labelFor(piece: PieceKind, shelf: readonly Labelled[]): string {
  const stem = stemOf(piece);
  const used = new Set(shelf.map(({ label }) => folded(label)));
  for (let number = 1; ; number++) {
    const label = `${stem}-${number}`;
    if (!used.has(folded(label))) return label;
  }
}
