import { parse, unparse } from 'papaparse';
import type { PumpModel } from '../pumps/family';
import { pumpOf } from '../pumps/registry';
import { InputError } from '../errors';
import { parseReading } from '../quantity/parse';
import { say, listed } from '../wording/say';
import { FORMULA, plainCell } from './csvCell';
import {
  ORIGINS,
  PART_SCHEMA,
  PART_STATES,
  partSchema,
  type PartSize,
  type ShelfPart,
} from './part';
import { checked, FileError, type FileProblem } from './problems';
import { sheetName, type Sheet } from './sheet';

const COLUMNS = [
  'id',
  'label',
  'model',
  'parts',
  'variant',
  'make',
  'origin',
  'from',
  'condition',
  'place',
  'state',
  'taken_for',
] as const;

/** A size stands in two columns: its value, and the standard uncertainty of that. */
const SIZE_END = '_mm';
const DOUBT_END = '_u_mm';

/** Standard uncertainty of a size that a file gives none for, in mm: that of a careful reading in a shop. */
export const USUAL_U_MM = 0.005;

/** Most lines of a file: far more than any shelf. */
const MOST_LINES = 5000;

/**
 * Returns loose parts as CSV, one a line, with two columns for each size: in mm, and its standard uncertainty. A
 * formula in a cell is defused.
 */
export function partsCsv(parts: readonly ShelfPart[], sheets: readonly Sheet[]): string {
  const sizes = [...new Set(parts.flatMap((p) => p.sizes.map((s) => s.dimension)))].sort();
  const rows = parts.map((part) => {
    const sheet = sheets.find(({ id }) => id === part.sheet);
    const variant = sheet?.variants.find(({ id }) => id === part.variant)?.name;
    return {
      ...part,
      parts: part.parts.join('; '),
      variant: variant ?? part.variant ?? '',
      taken_for: part.takenFor,
      ...Object.fromEntries(
        part.sizes.flatMap(({ dimension, value_mm, u_mm }) => [
          [`${dimension}${SIZE_END}`, value_mm],
          [`${dimension}${DOUBT_END}`, u_mm],
        ]),
      ),
    };
  });
  const columns = [...COLUMNS, ...sizes.flatMap((s) => [`${s}${SIZE_END}`, `${s}${DOUBT_END}`])];
  return unparse(rows, { columns, escapeFormulae: FORMULA });
}

type Row = Readonly<Partial<Record<string, string>>>;

/** Says something that is wrong with a line. */
type Wrong = (message: string) => void;

const lineNumber = (i: number): string => say('records.line', { line: i + 2 });

const same = (a: string, b: string): boolean => a.trim().toLowerCase() === b.trim().toLowerCase();

function lengthIn(cell: string, kind: 'size' | 'gap', wrong: Wrong): number | null {
  try {
    return parseReading(cell, kind, 'mm').mm;
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    wrong(error.message);
    return null;
  }
}

/** Returns the parts of a pump that a cell names, by id or name. */
function partsIn(cell: string, pump: PumpModel, wrong: Wrong): string[] {
  const named = cell
    .split(/[;+]/)
    .map((name) => name.trim())
    .filter(Boolean);
  return named.flatMap((name) => {
    const part = pump.parts.find((p) => p.id === name || same(p.name, name));
    if (!part) wrong(say('records.partUnknown', { name }));
    return part ? [part.id] : [];
  });
}

/** Returns the sizes of a line: of every column that names one of the part's own. */
function sizesIn(row: Row, pump: PumpModel, parts: readonly string[], wrong: Wrong): PartSize[] {
  return Object.entries(row).flatMap(([column, cell = '']): PartSize[] => {
    if (!column.endsWith(SIZE_END) || column.endsWith(DOUBT_END) || !cell.trim()) return [];
    const dimension = column.slice(0, -SIZE_END.length);
    const of = pump.dimensions.find(({ id }) => id === dimension)?.part;
    if (!of || !parts.includes(of)) {
      wrong(say('records.sizeUnknown', { column }));
      return [];
    }
    const value_mm = lengthIn(cell, 'size', wrong);
    const doubt = row[`${dimension}${DOUBT_END}`]?.trim();
    const u_mm = doubt ? lengthIn(doubt, 'gap', wrong) : USUAL_U_MM;
    return value_mm === null || u_mm === null ? [] : [{ dimension, value_mm, u_mm }];
  });
}

function oneOf<T extends string>(
  cell: string | undefined,
  known: readonly T[],
  wrong: Wrong,
): T | null {
  const said = cell?.trim().toLowerCase();
  if (!said) return null;
  const found = known.find((k) => k === said);
  if (!found) wrong(say('records.notOneOf', { text: said, known: known.join(', ') }));
  return found ?? null;
}

/** Where lines of a file come to: the sheets of the shop, its shelf, and what a new part begins with. */
export interface Landing {
  readonly sheets: readonly Sheet[];
  readonly shelf: readonly ShelfPart[];
  /** Returns an id that no record has. */
  readonly freshId: () => string;
  readonly at: string;
}

/** Parts that a file brings: those that are new here, and those that it changes; how many are here as they are. */
export interface PartsFound {
  readonly added: readonly ShelfPart[];
  readonly changed: readonly ShelfPart[];
  readonly same: number;
}

/** Finds parts of the shelf by their ids and by their labels. */
class Shelf {
  private readonly byId: ReadonlyMap<string, ShelfPart>;
  private readonly byLabel: ReadonlyMap<string, ShelfPart>;

  constructor(shelf: readonly ShelfPart[]) {
    this.byId = new Map(shelf.map((part) => [part.id, part]));
    this.byLabel = new Map(shelf.map((part) => [labelKey(part), part]));
  }

  find(id: string, part: Pick<ShelfPart, 'sheet' | 'label'>): ShelfPart | undefined {
    return this.byId.get(id) ?? this.byLabel.get(labelKey(part));
  }
}

/** Tells parts apart by what is written on them, for one model. */
const labelKey = ({ sheet, label }: Pick<ShelfPart, 'sheet' | 'label'>): string =>
  `${sheet} ${label.trim().toLowerCase()}`;

/** Returns the part of a line; a blank cell leaves what is here as it is. */
function partOf(
  row: Row,
  shelf: Shelf,
  { sheets, freshId, at }: Landing,
  wrong: Wrong,
): ShelfPart | null {
  const cell = (name: (typeof COLUMNS)[number]): string => row[name]?.trim() ?? '';
  const sheet = sheets.find(
    (s) => same(sheetName(s), cell('model')) || same(s.model, cell('model')),
  );
  if (!sheet) {
    wrong(say('records.sheetUnknown', { model: cell('model') }));
    return null;
  }
  const pump = pumpOf(sheet);
  const label = cell('label');
  const here = shelf.find(cell('id'), { sheet: sheet.id, label });
  const said = cell('variant');
  const variant = sheet.variants.find((v) => v.id === said || same(v.name, said));
  if (said && !variant) wrong(say('records.variantUnknown', { name: said }));
  const parts = partsIn(cell('parts'), pump, wrong);
  const sizes = sizesIn(row, pump, parts, wrong);
  const kept = (here?.sizes ?? []).filter(
    ({ dimension }) =>
      parts.includes(pump.dimensions.find((d) => d.id === dimension)?.part ?? '') &&
      !sizes.some((s) => s.dimension === dimension),
  );
  const begun = here ?? { id: freshId(), revision: 0, createdAt: at, photos: [] };
  return {
    ...begun,
    schema: PART_SCHEMA,
    ...{ label, sheet: sheet.id, model: sheet.model, parts },
    variant: variant?.id ?? here?.variant ?? null,
    make: cell('make') || (here?.make ?? ''),
    from: cell('from') || (here?.from ?? ''),
    condition: cell('condition') || (here?.condition ?? ''),
    place: cell('place') || (here?.place ?? ''),
    origin: oneOf(row.origin, ORIGINS, wrong) ?? here?.origin ?? 'used',
    sizes: [...kept, ...sizes],
    state: oneOf(row.state, PART_STATES, wrong) ?? here?.state ?? 'here',
    takenFor: cell('taken_for') || (here?.takenFor ?? ''),
  };
}

/** Says of two parts whether anything but the bookkeeping differs. */
const content = ({ revision: _, createdAt: __, ...part }: ShelfPart): string =>
  JSON.stringify({
    ...part,
    sizes: [...part.sizes].sort((a, b) => (a.dimension < b.dimension ? -1 : 1)),
  });

/**
 * Reads loose parts from CSV, whole or not at all. Lengths are in mm where they name no unit; a part is the one on
 * the shelf of the same id, or of the same label and model.
 *
 * @throws FileError with the line of everything that is wrong
 */
export function readPartsCsv(text: string, landing: Landing): PartsFound {
  const { data, meta } = parse<Row>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transform: plainCell,
    transformHeader: (name) => name.trim(),
  });
  const lacking = (['label', 'model', 'parts'] as const).filter((c) => !meta.fields?.includes(c));
  if (lacking.length > 0) {
    const message = say('records.columnMissing', {
      count: lacking.length,
      columns: listed(lacking),
    });
    throw new FileError([{ place: say('records.line', { line: 1 }), message }]);
  }
  if (data.length > MOST_LINES) {
    const message = say('records.mostLines', { most: MOST_LINES });
    throw new FileError([{ place: 'the file', message }]);
  }
  const problems: FileProblem[] = [];
  const seen = new Set<string>();
  const shelf = new Shelf(landing.shelf);
  const parts = data.flatMap((row, i) => {
    const wrong = (message: string) => problems.push({ place: lineNumber(i), message });
    const before = problems.length;
    const part = partOf(row, shelf, landing, wrong);
    if (!part || problems.length > before) return [];
    const key = labelKey(part);
    if (seen.has(key)) wrong('The same label is there twice for this model.');
    seen.add(key);
    try {
      return [checked<ShelfPart>(partSchema, part)];
    } catch (error) {
      if (!(error instanceof FileError)) throw error;
      error.problems.forEach(({ place, message }) => wrong(`${place}: ${message}`));
      return [];
    }
  });
  if (problems.length > 0) throw new FileError(problems.slice(0, 20));
  const known = new Map(landing.shelf.map((part) => [part.id, part]));
  const added = parts.filter(({ id }) => !known.has(id));
  const changed = parts.filter((part) => {
    const here = known.get(part.id);
    return here !== undefined && content(here) !== content(part);
  });
  return { added, changed, same: parts.length - added.length - changed.length };
}
