import { parse } from 'papaparse';
import { tried } from '../errors';
import { parseReading } from '../quantity/parse';
import { say, listed } from '../wording/say';
import { plainCell } from './csvCell';
import { FileError, type FileProblem } from './problems';

/** A line of a table, by the names of its columns. */
export type CsvRow = Readonly<Partial<Record<string, string>>>;

/** Says which columns a table has to have, and which it may have. */
export interface Columns {
  readonly required: readonly string[];
  readonly isKnown: (column: string) => boolean;
}

/** Says something that is wrong with a line, and in which of its columns where it is one. */
export type Wrong = (message: string, column?: string) => void;

/** So many faults are said of a table: more of them are mostly one fault in every line. */
const MOST_PROBLEMS = 20;

/**
 * Returns what comes of each line of a CSV table, whole or not at all: by its header, without blank lines, cells
 * as they were before they were defused.
 *
 * @param columns those that have to be there, and which others mean something
 * @param read reads one line, and says what is wrong with it
 * @param end is called once all lines are read: what is wrong between them can still be said of each
 * @throws FileError where a column is missing, one is not known and says something, or with the line of everything
 * that is wrong
 */
export function readTable<T>(
  text: string,
  { required, isKnown }: Columns,
  read: (row: CsvRow, wrong: Wrong) => T,
  end: () => void = () => undefined,
): T[] {
  const { data, meta } = parse<CsvRow>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transform: plainCell,
    transformHeader: (name) => name.trim(),
  });
  const lacking = required.filter((column) => !meta.fields?.includes(column));
  if (lacking.length > 0) {
    const message = say('records.columnMissing', {
      count: lacking.length,
      columns: listed(lacking),
    });
    throw new FileError([{ place: say('records.line', { line: 1 }), message }]);
  }
  // A column that is misspelt would be lost without a word.
  const strange = (meta.fields ?? []).filter(
    (column) => !isKnown(column) && data.some((row) => row[column]?.trim()),
  );
  if (strange.length > 0) {
    const message = say('records.columnUnknown', {
      count: strange.length,
      columns: listed(strange.map((column) => column || '(no name)')),
    });
    throw new FileError([{ place: say('records.line', { line: 1 }), message }]);
  }
  const problems: FileProblem[] = [];
  const lines = data.map((row, i) =>
    read(row, (message, column) => {
      const line = i + 2;
      const place = column
        ? say('records.lineColumn', { line, column })
        : say('records.line', { line });
      problems.push({ place, message });
    }),
  );
  end();
  if (problems.length > 0) throw new FileError(problems.slice(0, MOST_PROBLEMS));
  return lines;
}

/** Returns the one of some words that a cell says, whatever its case; null for a blank cell, or where it is none of them. */
export function wordIn<T extends string>(
  row: CsvRow,
  column: string,
  known: readonly T[],
  wrong: Wrong,
): T | null {
  const said = row[column]?.trim();
  if (!said) return null;
  const found = known.find((word) => word.toLowerCase() === said.toLowerCase());
  if (!found) wrong(say('records.notOneOf', { text: said, known: known.join(', ') }), column);
  return found ?? null;
}

/** Returns the length of a cell in mm, read in a unit where it names none; null for a blank cell, or where it is none. */
export function lengthIn(
  row: CsvRow,
  column: string,
  kind: 'size' | 'gap',
  wrong: Wrong,
  unit: 'mm' | 'in' = 'mm',
): number | null {
  const cell = row[column];
  if (!cell?.trim()) return null;
  const read = tried(() => parseReading(cell, kind, unit).mm);
  if (read.ok) return read.value;
  wrong(read.message, column);
  return null;
}
