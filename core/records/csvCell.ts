/**
 * Matches a cell that a spreadsheet would run: its first visible sign is `=`, `+`, `-` or `@`, plain,
 * small or full-width, whatever blanks, line breaks or invisible signs stand before it.
 */
export const FORMULA = /^[\p{Z}\p{Cc}\p{Cf}]*[=+\-@＝＋－＠﹦﹢﹣﹫]/u;

/** Returns a cell as it was before it was defused: without the apostrophe before a formula's sign. */
export const plainCell = (cell: string): string =>
  cell.startsWith("'") && FORMULA.test(cell.slice(1)) ? cell.slice(1) : cell;
