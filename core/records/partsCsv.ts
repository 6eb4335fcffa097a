import { dequal } from 'dequal';
import type { PartId } from '../pumps/ids';
import { unparse } from 'papaparse';
import type { PumpModel } from '../pumps/family';
import { pumpOf } from '../pumps/registry';
import { MM_PER } from '../quantity/units';
import { say } from '../wording/say';
import { FORMULA, plainCell } from './csvCell';
import { lengthIn, readTable, wordIn, type Columns, type Row, type Wrong } from './csvTable';
import {
  BLANK_PART,
  ORIGINS,
  PART_STATES,
  partSchema,
  type PartSize,
  type ShelfPart,
} from './part';
import { checked, FileError, type FileProblem } from './problems';
import { sheetName, type Sheet } from './sheet';
import { fieldsOf, isOrder } from './split';
import { signOf } from './marks';

const COLUMNS = [
  'id',
  'label',
  'sheet',
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

/**
 * The column that says what the fields of a line held when it was saved, each as a short sign: what a line still says is
 * nobody's edit, however the shelf has changed since.
 */
const AS_SAVED = 'as_saved';

/** A size stands in two columns, its value and the standard uncertainty of that: in mm or in inches. */
type Unit = 'mm' | 'in';

const sizeColumn = (dimension: string, unit: Unit): string => `${dimension}_${unit}`;
const doubtColumn = (dimension: string, unit: Unit): string => `${dimension}_u_${unit}`;

/** Decimals by which a length comes back as it was, and never with an exponent, which nobody writes. */
const DECIMALS: Readonly<Record<Unit, number>> = { mm: 9, in: 12 };

/** Writes a length for a column. */
const written = (mm: number, unit: Unit): string =>
  (mm / MM_PER[unit]).toFixed(DECIMALS[unit]).replace(/\.?0+$/, '');

/** Returns the size that a column is of, and its unit; null for a column of something else. */
function sizeOfColumn(
  column: string,
): { readonly named: string; readonly unit: Unit; readonly isDoubt: boolean } | null {
  const [, named, doubt, unit] = /^(.+?)(_u)?_(mm|in)$/.exec(column) ?? [];
  return named ? { named, unit: unit as Unit, isDoubt: doubt !== undefined } : null;
}

/** Standard uncertainty of a size that a file gives none for, in mm: that of a careful reading in a shop. */
export const USUAL_U_MM = 0.005;

/** Most lines of a file: far more than any shelf. */
const MOST_LINES = 20_000;

/** Lengths this near to each other in mm are one that went through a table, whose decimals end somewhere. */
const SAME_MM = 2e-9;

/** Tells whether two sizes are the same as far as a table can say them. */
const isSameSize = (one: PartSize, other: PartSize): boolean =>
  Math.abs(one.value_mm - other.value_mm) <= SAME_MM && Math.abs(one.u_mm - other.u_mm) <= SAME_MM;

/** Decimals of a size in mm by which its sign goes. */
const SIGN_DECIMALS = 7;

/** Returns what a field holds as far as a table can say it. */
const sayable = (value: unknown): unknown =>
  isSize(value) ? roughly(value) : typeof value === 'string' ? backFrom(value) : value;

const roughly = ({ value_mm, u_mm }: PartSize): string =>
  [value_mm, u_mm].map((mm) => mm.toFixed(SIGN_DECIMALS)).join(' ');

const isSize = (value: unknown): value is PartSize =>
  typeof value === 'object' && value !== null && 'value_mm' in value;

/** Returns a text as it comes back from a cell. */
const backFrom = (text: string): string => plainCell(text).trim();

/** Returns the sign of each field of a part, for the table. */
const savedSigns = (part: ShelfPart): string =>
  [...fieldsOf('part', part)]
    .filter(([field]) => !isOrder(field) && !field.startsWith('photos/'))
    .map(([field, value]) => `${field}=${signOf(sayable(value))}`)
    .join(' ');

/**
 * Returns loose parts as CSV, one a line, with two columns for each size: its value and its standard uncertainty. A
 * formula in a cell is defused.
 *
 * @param unit of the sizes: the shop's
 */
export function partsCsv(
  parts: readonly ShelfPart[],
  sheets: readonly Sheet[],
  unit: Unit = 'mm',
): string {
  const sizes = [...new Set(parts.flatMap((p) => p.sizes.map((s) => s.dimension)))].sort();
  const rows = parts.map((part) => {
    const sheet = sheets.find(({ id }) => id === part.sheet);
    const variant = sheet?.variants.find(({ id }) => id === part.variant)?.name;
    return {
      ...part,
      parts: part.parts.join('; '),
      variant: variant ?? part.variant ?? '',
      taken_for: part.takenFor,
      [AS_SAVED]: savedSigns(part),
      ...Object.fromEntries(
        part.sizes.flatMap(({ dimension, value_mm, u_mm }) => [
          [sizeColumn(dimension, unit), written(value_mm, unit)],
          [doubtColumn(dimension, unit), written(u_mm, unit)],
        ]),
      ),
    };
  });
  const columns = [
    ...COLUMNS,
    ...sizes.flatMap((s) => [sizeColumn(s, unit), doubtColumn(s, unit)]),
    AS_SAVED,
  ];
  return unparse(rows, { columns, escapeFormulae: FORMULA });
}

const same = (a: string, b: string): boolean => a.trim().toLowerCase() === b.trim().toLowerCase();

/** Returns the parts of a pump that a cell names, by id or name; of a pump whose sheet is gone, those that are here. */
function partsIn(cell: string, { pump, here }: Line, wrong: Wrong): PartId[] {
  const named = cell
    .split(/[;+]/)
    .map((name) => name.trim())
    .filter(Boolean);
  return named.flatMap((name) => {
    const found =
      pump?.parts.find((p) => p.id === name || same(p.name, name))?.id ??
      here?.parts.find((id) => id === name);
    if (!found) wrong(say('records.partUnknown', { name }));
    return found ? [found] : [];
  });
}

/** Returns the sizes of a line: of every column that names one of the part's own. */
function sizesIn(
  row: Row,
  { pump, here }: Line,
  parts: readonly PartId[],
  wrong: Wrong,
): PartSize[] {
  const seen = new Set<string>();
  return Object.entries(row).flatMap(([column, cell = '']): PartSize[] => {
    const size = sizeOfColumn(column);
    if (!size || size.isDoubt || !cell.trim()) return [];
    const { named, unit } = size;
    const was = here?.sizes.find(({ dimension }) => dimension === named);
    const known = pump?.dimensions.find(({ id, part }) => id === named && parts.includes(part));
    const dimension = known?.id ?? was?.dimension;
    if (!dimension) {
      wrong(say('records.sizeUnknown', { column }));
      return [];
    }
    if (seen.has(named)) wrong(say('records.sizeTwice', { size: named }));
    seen.add(named);
    const value_mm = lengthIn(row, column, 'size', wrong, unit);
    const u_mm = lengthIn(row, doubtColumn(named, unit), 'gap', wrong, unit) ?? USUAL_U_MM;
    if (value_mm === null) return [];
    const is = { dimension, value_mm, u_mm };
    // A table has so many decimals: what is the same there was not edited.
    return [was && isSameSize(was, is) ? was : is];
  });
}

/** Describes where lines of a file come to: the sheets of the shop, its shelf, and what a new part begins with. */
export interface Landing {
  readonly sheets: readonly Sheet[];
  readonly shelf: readonly ShelfPart[];
  /** Returns an id that no record has. */
  readonly freshId: () => string;
  readonly at: string;
}

/** What a line of a table is: a part as the line has it, and what its fields held when the table was saved. */
export interface PartLine {
  readonly part: ShelfPart;
  /**
   * What each field held when the table was made, as far as that is known: a field that is not in it was changed in the
   * table and here. Null for a part that is not here.
   */
  readonly base: ReadonlyMap<string, unknown> | null;
}

/** What a line lands on: the part that is here, and its pump; null where its sheet is gone. */
interface Line {
  readonly here: ShelfPart | undefined;
  readonly pump: PumpModel | null;
}

/** Finds what lines land on: parts by their ids and labels, sheets by their ids and models. */
class Finder {
  private readonly byId: ReadonlyMap<string, ShelfPart>;
  private readonly byLabel = new Map<string, ShelfPart[]>();
  private readonly sheets: ReadonlyMap<string, Sheet>;
  private readonly models = new Map<string, Sheet[]>();

  constructor({ shelf, sheets }: Landing) {
    this.byId = new Map(shelf.map((part) => [part.id, part]));
    for (const part of shelf) add(this.byLabel, plain(part.label), part);
    this.sheets = new Map(sheets.map((sheet) => [sheet.id, sheet]));
    for (const sheet of sheets) add(this.models, plain(sheetName(sheet)), sheet);
  }

  /** Returns the sheet that a line names, by its id, else by its model; null for none. */
  sheetOf(id: string, model: string, wrong: Wrong): Sheet | null {
    if (id) {
      const sheet = this.sheets.get(id) ?? null;
      if (!sheet) wrong(say('records.sheetIdUnknown', { id }), 'sheet');
      return sheet;
    }
    const named = this.models.get(plain(model)) ?? [];
    if (named.length > 1) wrong(say('records.sheetNotOne', { model }), 'sheet');
    else if (named.length === 0) wrong(say('records.sheetUnknown', { model }));
    return named.length === 1 ? (named[0] ?? null) : null;
  }

  /** Returns the part of an id. */
  part(id: string): ShelfPart | undefined {
    return this.byId.get(id);
  }

  /** Returns the part that a label is on; undefined for none, or for more than one. */
  labelled(label: string): ShelfPart | undefined {
    const parts = this.byLabel.get(plain(label)) ?? [];
    return parts.length === 1 ? parts[0] : undefined;
  }

  hasSheet(id: string): boolean {
    return this.sheets.has(id);
  }

  /** Tells whether an id can be that of a new part. */
  isFree(id: string): boolean {
    return /^[\w-]{1,64}$/.test(id) && !this.byId.has(id);
  }
}

const plain = (text: string): string => text.trim().toLowerCase();

function add<T>(map: Map<string, T[]>, key: string, item: T): void {
  const list = map.get(key);
  if (list) list.push(item);
  else map.set(key, [item]);
}

/** Returns what the fields of a part held when a table was made, by the signs that its line has of them. */
function baseOf(here: ShelfPart, part: ShelfPart, saved: string): Map<string, unknown> {
  const signs = new Map(
    saved.split(' ').flatMap((sign): [string, string][] => {
      const at = sign.lastIndexOf('=');
      return at > 0 ? [[sign.slice(0, at), sign.slice(at + 1)]] : [];
    }),
  );
  const [ours, theirs] = [fieldsOf('part', here), fieldsOf('part', part)];
  const base = new Map<string, unknown>();
  for (const field of new Set([...ours.keys(), ...theirs.keys()])) {
    const [our, their] = [ours.get(field), theirs.get(field)];
    const sign = signs.get(field) ?? (saved === '' ? null : signOf(undefined));
    // Without signs it was made of what is here now, as far as anybody can tell.
    if (sign === null || sign === signOf(sayable(our))) base.set(field, our);
    else if (sign === signOf(sayable(their))) base.set(field, their);
  }
  return base;
}

/** Tells whether somebody edited a field of a line since the table was saved, or it has no such mark. */
const isEdited = ({ part, base }: PartLine, field: string): boolean =>
  !base?.has(field) || !dequal(base.get(field), fieldsOf('part', part).get(field));

/** Returns the part of a line; a blank cell leaves what is here as it is. */
function lineOf(row: Row, finder: Finder, { freshId, at }: Landing, wrong: Wrong): PartLine | null {
  const cell = (name: (typeof COLUMNS)[number]): string => row[name]?.trim() ?? '';
  const [id, label, said] = [cell('id'), cell('label'), cell('variant')];
  const byId = finder.part(id);
  // A part whose sheet was deleted keeps what it says of it.
  const isLost = byId !== undefined && byId.sheet === cell('sheet') && !finder.hasSheet(byId.sheet);
  const sheet = isLost ? null : finder.sheetOf(cell('sheet'), cell('model'), wrong);
  if (!sheet && !isLost) return null;
  const labelled = id === '' ? finder.labelled(label) : undefined;
  const here = byId ?? (labelled?.sheet === sheet?.id ? labelled : undefined);
  const line: Line = { here, pump: sheet && pumpOf(sheet) };
  const parts = partsIn(cell('parts'), line, wrong);
  const text = (field: 'label' | 'make' | 'from' | 'condition' | 'place' | 'takenFor') => {
    const was = here?.[field] ?? '';
    const written = cell(field === 'takenFor' ? 'taken_for' : field);
    return written === '' || written === backFrom(was) ? was : written;
  };
  const state = wordIn(row, 'state', PART_STATES, wrong) ?? here?.state ?? BLANK_PART.state;
  const begun = { ...BLANK_PART, id: finder.isFree(id) ? id : freshId(), createdAt: at };
  const part: ShelfPart = {
    ...(here ?? begun),
    ...{ label: text('label'), sheet: sheet?.id ?? here?.sheet ?? '', parts },
    model: sheet && sheet.id !== here?.sheet ? sheet.model : (here?.model ?? ''),
    sizes: sizesOf(row, line, parts, wrong),
    ...{ make: text('make'), from: text('from'), condition: text('condition') },
    ...{ place: text('place'), variant: variantIn(said, sheet, here, wrong) },
    origin: wordIn(row, 'origin', ORIGINS, wrong) ?? here?.origin ?? BLANK_PART.origin,
    ...{ state, takenFor: state === 'here' ? '' : text('takenFor') },
    takenBy: state === here?.state ? here.takenBy : null,
  };
  const made = { part, base: here ? baseOf(here, part, row[AS_SAVED]?.trim() ?? '') : null };
  if (here?.takenBy && state !== here.state && isEdited(made, 'state')) {
    wrong(say('records.partInJob', { label: here.label, tag: here.takenFor }), 'state');
  }
  return made;
}

/** Returns the variant that a cell names, by id or name; a blank cell leaves what is here. */
function variantIn(
  said: string,
  sheet: Sheet | null,
  here: ShelfPart | undefined,
  wrong: Wrong,
): ShelfPart['variant'] {
  const was = here?.variant ?? null;
  const own = sheet?.variants.find(({ id }) => id === was);
  if (said === '' || said === was || (own && same(own.name, said))) return was;
  const named = sheet?.variants.find((v) => v.id === said || same(v.name, said));
  if (!named) wrong(say('records.variantUnknown', { name: said }));
  return named?.id ?? null;
}

/** Returns the sizes of a part once a line is taken: those of the line, and what is here of the others. */
function sizesOf(row: Row, line: Line, parts: readonly PartId[], wrong: Wrong): PartSize[] {
  const { here, pump } = line;
  const said = sizesIn(row, line, parts, wrong);
  const isOf = (dimension: string) =>
    !pump || pump.dimensions.some(({ id, part }) => id === dimension && parts.includes(part));
  // Blank cells leave a size as it is; one of a part that it no longer consists of goes.
  const isSame = here !== undefined && dequal(here.parts, parts);
  const kept = (here?.sizes ?? []).flatMap((was) => {
    const is = said.find(({ dimension }) => dimension === was.dimension);
    return is ?? (isSame || isOf(was.dimension) ? was : []);
  });
  return [...kept, ...said.filter((is) => !kept.includes(is))];
}

const TABLE: Columns = {
  required: ['label', 'model', 'parts'],
  isKnown: (column) =>
    column === AS_SAVED ||
    (COLUMNS as readonly string[]).includes(column) ||
    sizeOfColumn(column) !== null,
};

/**
 * Reads loose parts from CSV, whole or not at all. A length that names no unit is in that of its column. A line is the
 * part on the shelf of the same id, else of the same label; its sheet is told by its id, else by its model.
 *
 * @throws FileError with the line of everything that is wrong
 */
export function readPartsCsv(text: string, landing: Landing): PartLine[] {
  const finder = new Finder(landing);
  const lines: { readonly line: PartLine; readonly wrong: Wrong }[] = [];
  const ids = new Set<string>();
  const read = (row: Row, wrong: Wrong) => {
    if (lines.length > MOST_LINES) return;
    let isSound = true;
    const fault: Wrong = (message, column) => {
      isSound = false;
      wrong(message, column);
    };
    const line = lineOf(row, finder, landing, fault);
    if (!line) return;
    const { part } = line;
    if (ids.has(part.id)) fault('The same part is there twice.');
    ids.add(part.id);
    lines.push({ line, wrong });
    if (lines.length > MOST_LINES) fault(say('records.mostLines', { most: MOST_LINES }));
    const rest = isSound ? problemsIn(part) : [];
    for (const { place, message } of rest) wrong(say('shop.fileProblem', { place, message }));
  };
  readTable(text, TABLE, read, () => holdLabels(lines, landing.shelf));
  return lines.map(({ line }) => line);
}

/** Says of each line that would give a part the label of another: a scanner has to find one. */
function holdLabels(
  lines: readonly { readonly line: PartLine; readonly wrong: Wrong }[],
  shelf: readonly ShelfPart[],
): void {
  const was = new Map(shelf.map((part) => [part.id, part.label]));
  const labels = new Map(was);
  for (const { line } of lines) labels.set(line.part.id, line.part.label);
  const count = new Map<string, number>();
  for (const label of labels.values()) count.set(plain(label), (count.get(plain(label)) ?? 0) + 1);
  for (const { line, wrong } of lines) {
    const { id, label } = line.part;
    const isNew = plain(was.get(id) ?? '') !== plain(label);
    if (isNew && (count.get(plain(label)) ?? 0) > 1) {
      wrong(say('shelf.labelTaken', { label }), 'label');
    }
  }
}

/** Lists what is wrong with a part by its schema. */
function problemsIn(part: ShelfPart): readonly FileProblem[] {
  try {
    checked(partSchema, part);
    return [];
  } catch (error) {
    if (!(error instanceof FileError)) throw error;
    return error.problems;
  }
}
