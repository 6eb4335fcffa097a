import type { Job } from '../records/job';
import { counting } from '../schema/voiding';
import { isAbout } from '../records/entry';
import { ledgerOf } from './ledger';

/** Names a part from the shelf that is in a pump. */
export interface FittedPiece {
  readonly id: string;
  /** Says what was written on it when it was put in. */
  readonly label: string;
}

type Journalled = Pick<Job, 'journal'>;

/** Lists the parts from the shelf that a job has in its pump: those that nothing else took the place of since. */
export function piecesIn(job: Journalled): FittedPiece[] {
  const inPlace = new Map(
    counting(ledgerOf(job).operations)
      .filter(({ work }) => work === 'exchanged')
      .map(({ part, piece }) => [part, piece] as const),
  );
  const pieces = [...inPlace.values()].flatMap((piece) => piece ?? []);
  return [...new Map(pieces.map(({ id, label }) => [id, { id, label }])).values()];
}

/** Tells whether entries of a journal may put a part from the shelf into a pump, or take one out. */
const concernsPieces = (journal: Job['journal']): boolean =>
  journal.some(
    (entry) => isAbout(entry) || (entry.kind === 'operation' && entry.work === 'exchanged'),
  );

/** Returns the parts from the shelf that a change of a job put into its pump, and those that it took out. */
export function piecesMoved(
  before: Journalled,
  after: Journalled,
): { readonly came: readonly FittedPiece[]; readonly went: readonly FittedPiece[] } {
  if (!concernsPieces(after.journal.slice(before.journal.length))) return { came: [], went: [] };
  const [had, has] = [piecesIn(before), piecesIn(after)];
  const without = (list: readonly FittedPiece[], others: readonly FittedPiece[]) =>
    list.filter(({ id }) => !others.some((other) => other.id === id));
  return { came: without(has, had), went: without(had, has) };
}

/** Returns the beginning that the ids of all entries have which were made in one stroke. */
const strokeOf = (id: string): string => id.replace(/-\d+$/, '');

/**
 * Returns entries with those that were made in the same stroke with one of them and stand by it: a part from the shelf goes in
 * whole, with what its label says of its sizes, and comes out so.
 */
export function withStroke(job: Journalled, ids: readonly string[]): readonly string[] {
  const { operations, readings } = ledgerOf(job);
  const strokes = new Set(
    operations.filter(({ id, piece }) => piece && ids.includes(id)).map(({ id }) => strokeOf(id)),
  );
  if (strokes.size === 0) return ids;
  const along = [
    ...operations.filter(({ piece }) => piece),
    ...readings.filter((r) => 'source' in r && r.source === 'shelf'),
  ].filter(({ id }) => [...strokes].some((stroke) => id.startsWith(`${stroke}-`)));
  return [...new Set([...ids, ...along.map(({ id }) => id)])];
}
