import { seedOf } from '../random';

/** Longest id that still has room for the mark in front of it. */
const ROOM = 57;

const named = (word: string, id: string): string =>
  `${word}-${id.length <= ROOM - 4 ? id : `${seedOf(id)}-${id.slice(-36)}`}`;

/**
 * Makes the id of the entry that strikes another. The same entry is struck once, or once more after it
 * was taken back, so that two devices that do the same make one and the same entry of it.
 *
 * @param again how often the entry was taken back before
 */
export function strikeId(id: string, again = 0): string {
  if (again > 0) return named(`struck${again + 1}`, id);
  return `struck-${id.length <= ROOM ? id : `${seedOf(id)}-${id.slice(-40)}`}`;
}

/** Makes the id of the entry that takes a strike back. */
export const restoreId = (id: string, again = 0): string => named(`restored${again + 1}`, id);
