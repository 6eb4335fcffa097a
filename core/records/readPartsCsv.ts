import { dequal } from 'dequal';
import type { PartId } from '../pumps/ids';
import type { PumpModel } from '../pumps/family';
import { pumpOf } from '../pumps/registry';
import { folded } from '../quantity/letters';
import { say } from '../wording/say';
import { lengthIn, readTable, wordIn, type Columns, type CsvRow, type Wrong } from './csvTable';
import {
  BLANK_PART,
  ORIGINS,
  PART_STATES,
  PART_WORDS,
  partSchema,
  type PartSize,
  type ShelfPart,
} from './part';
import {
  AS_SAVED,
  backFrom,
  COLUMNS,
  doubtColumn,
  sizeOfColumn,
  tableSign,
  USUAL_U_MM,
} from './partsColumns';
import { Finder, type Landing } from './partsFinder';
import { checked, problemsOf, type FileProblem } from './problems';
import type { Sheet } from './sheet';
import { fieldsOf } from './split';

/** Most lines of a file: far more than any shelf. */
const MOST_LINES = 20_000;

/** Lengths this near to each other in mm are one that went through a table, whose decimals end somewhere. */
const SAME_MM = 2e-9;

/** Tells whether two sizes are the same as far as a table can say them. */
const isSameSize = (one: PartSize, other: PartSize): boolean =>
  Math.abs(one.value_mm - other.value_mm) <= SAME_MM && Math.abs(one.u_mm - other.u_mm) <= SAME_MM;

/** Tells whether two names are the same, whatever their case. */
const same = (a: string, b: string): boolean => folded(a) === folded(b);

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
  row: CsvRow,
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

/** Holds what a line of a table comes to: a part as the line has it, and what its fields held when the table was saved. */
export interface PartLine {
  readonly part: ShelfPart;
  /**
   * Holds what each field held when the table was made, as far as that is known: a field that is not in it was changed in the
   * table and here. Null for a part that is not here.
   */
  readonly base: ReadonlyMap<string, unknown> | null;
}

/** Holds what a line lands on: the part that is here, and its pump; null where its sheet is gone. */
interface Line {
  readonly here: ShelfPart | undefined;
  readonly pump: PumpModel | null;
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
    const sign = signs.get(field) ?? (saved === '' ? null : tableSign(undefined));
    // Without signs it was made of what is here now, as far as anybody can tell.
    if (sign === null || sign === tableSign(our)) base.set(field, our);
    else if (sign === tableSign(their)) base.set(field, their);
  }
  return base;
}

/** Tells whether somebody edited a field of a line since the table was saved, or it has no such mark. */
const isEdited = ({ part, base }: PartLine, field: string): boolean =>
  !base?.has(field) || !dequal(base.get(field), fieldsOf('part', part).get(field));

type Words = Record<(typeof PART_WORDS)[number], string>;

/** Returns the part of a line; a blank cell leaves what is here as it is. */
function lineOf(
  row: CsvRow,
  finder: Finder,
  { freshId, at }: Landing,
  wrong: Wrong,
): PartLine | null {
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
  const text = (field: (typeof PART_WORDS)[number] | 'takenFor') => {
    const was = here?.[field] ?? '';
    const written = cell(field === 'takenFor' ? 'taken_for' : field);
    return written === '' || written === backFrom(was) ? was : written;
  };
  const state = wordIn(row, 'state', PART_STATES, wrong) ?? here?.state ?? BLANK_PART.state;
  const begun = { ...BLANK_PART, id: finder.isFree(id) ? id : freshId(), createdAt: at };
  const part: ShelfPart = {
    ...(here ?? begun),
    ...(Object.fromEntries(PART_WORDS.map((field) => [field, text(field)])) as Words),
    sheet: sheet?.id ?? here?.sheet ?? '',
    parts,
    model: sheet && sheet.id !== here?.sheet ? sheet.model : (here?.model ?? ''),
    sizes: sizesOf(row, line, parts, wrong),
    variant: variantIn(said, sheet, here, wrong),
    origin: wordIn(row, 'origin', ORIGINS, wrong) ?? here?.origin ?? BLANK_PART.origin,
    state,
    takenFor: state === 'here' ? '' : text('takenFor'),
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
function sizesOf(row: CsvRow, line: Line, parts: readonly PartId[], wrong: Wrong): PartSize[] {
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
  const read = (row: CsvRow, wrong: Wrong) => {
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
    const rest = isSound ? faultsOf(part) : [];
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
  const was = new Map(shelf.map(({ id, label }) => [id, folded(label)]));
  const isNew = ({ id, label }: ShelfPart) => was.get(id) !== folded(label);
  const parts = new Map(lines.map(({ line }) => [line.part.id, line.part]));
  // What keeps its label has it before any that gets it.
  const used = new Set(
    shelf.flatMap(({ id, label }) => {
      const next = parts.get(id);
      return next && isNew(next) ? [] : [folded(label)];
    }),
  );
  const given = new Set<string>();
  for (const { line, wrong } of lines) {
    const { label } = line.part;
    if (!isNew(line.part)) continue;
    if (used.has(folded(label))) wrong(say('shelf.labelTaken', { label }), 'label');
    else if (given.has(folded(label))) wrong('The same label is there twice.', 'label');
    given.add(folded(label));
  }
}

/** Lists what is wrong with a part by its schema. */
function faultsOf(part: ShelfPart): readonly FileProblem[] {
  try {
    checked(partSchema, part);
    return [];
  } catch (error) {
    return problemsOf(error);
  }
}
