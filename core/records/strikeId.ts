import { seedOf } from '../random';

/** Longest id that still has room for the mark in front of it. */
const ROOM = 57;

/** Makes the id of the entry that strikes another; an entry is struck once, so there is one such id for it. */
export function strikeId(id: string): string {
  return `struck-${id.length <= ROOM ? id : `${seedOf(id)}-${id.slice(-40)}`}`;
}
