import type { PieceKind } from './roles';

/** Returns the first label of a stem that no part has: `GS-8` after `GS-7`. */
function nextLabel(stem: string, taken: readonly string[]): string {
  const used = new Set(taken.map((label) => label.toLowerCase()));
  for (let number = 1; ; number++) {
    const label = `${stem}-${number}`;
    if (!used.has(label.toLowerCase())) return label;
  }
}

/** Returns the letters that labels of a piece begin with: `GS` of a gear set, `BO` of a body. */
function stemOf({ name, parts }: PieceKind): string {
  if (parts.length > 1) return 'GS';
  return (
    name
      .replace(/[^\p{L}]/gu, '')
      .slice(0, 2)
      .toUpperCase() || 'P'
  );
}

/** Returns a label for a piece that no part has yet. */
export const labelFor = (piece: PieceKind, taken: readonly string[]): string =>
  nextLabel(stemOf(piece), taken);
