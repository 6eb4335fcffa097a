import type { PartId } from '../pumps/ids';
import { unparse } from 'papaparse';
import type { PumpModel } from '../pumps/family';
import { pumpOf } from '../pumps/registry';
import { MM_PER } from '../quantity/units';
import { say } from '../wording/say';
import { FORMULA } from './csvCell';
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
const MOST_LINES = 5000;

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
  ];
  return unparse(rows, { columns, escapeFormulae: FORMULA });
}

const same = (a: string, b: string): boolean => a.trim().toLowerCase() === b.trim().toLowerCase();

/** Returns the parts of a pump that a cell names, by id or name. */
function partsIn(cell: string, pump: PumpModel, wrong: Wrong): PartId[] {
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
function sizesIn(row: Row, pump: PumpModel, parts: readonly PartId[], wrong: Wrong): PartSize[] {
  const seen = new Set<string>();
  return Object.entries(row).flatMap(([column, cell = '']): PartSize[] => {
    const size = sizeOfColumn(column);
    if (!size || size.isDoubt || !cell.trim()) return [];
    const { named, unit } = size;
    const dimension = pump.dimensions.find(({ id }) => id === named);
    if (!dimension || !parts.includes(dimension.part)) {
      wrong(say('records.sizeUnknown', { column }));
      return [];
    }
    if (seen.has(named)) wrong(say('records.sizeTwice', { size: named }));
    seen.add(named);
    const value_mm = lengthIn(row, column, 'size', wrong, unit);
    const u_mm = lengthIn(row, doubtColumn(named, unit), 'gap', wrong, unit) ?? USUAL_U_MM;
    return value_mm === null ? [] : [{ dimension: dimension.id, value_mm, u_mm }];
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

/** Says of two parts whether anything but the bookkeeping differs. */
const content = ({ revision: _, createdAt: __, ...part }: ShelfPart): string =>
  JSON.stringify({
    ...part,
    sizes: [...part.sizes].sort((a, b) => (a.dimension < b.dimension ? -1 : 1)),
  });

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
      pump.dimensions.some((d) => d.id === dimension && parts.includes(d.part)) &&
      !sizes.some((s) => s.dimension === dimension),
  );
  const text = (field: 'make' | 'from' | 'condition' | 'place'): string =>
    cell(field) || (here?.[field] ?? '');
  const part: ShelfPart = {
    ...(here ?? { ...BLANK_PART, id: freshId(), createdAt: at }),
    ...{ label, sheet: sheet.id, model: sheet.model, parts, sizes: [...kept, ...sizes] },
    ...{ make: text('make'), from: text('from'), condition: text('condition') },
    place: text('place'),
    variant: variant?.id ?? here?.variant ?? null,
    origin: wordIn(row, 'origin', ORIGINS, wrong) ?? here?.origin ?? BLANK_PART.origin,
    state: wordIn(row, 'state', PART_STATES, wrong) ?? here?.state ?? BLANK_PART.state,
    takenFor: cell('taken_for') || (here?.takenFor ?? ''),
  };
  if (!here) return part;
  return content(here) === content(part) ? here : { ...part, revision: here.revision + 1 };
}

const TABLE: Columns = {
  required: ['label', 'model', 'parts'],
  isKnown: (column) =>
    (COLUMNS as readonly string[]).includes(column) || sizeOfColumn(column) !== null,
};

/**
 * Reads loose parts from CSV, whole or not at all. A length that names no unit is in
 * that of its column. A line is the part
 * on the shelf of the same id, or of the same label and model: that one itself where the line says nothing else,
 * its next revision where it does.
 *
 * @throws FileError with the line of everything that is wrong
 */
export function readPartsCsv(text: string, landing: Landing): ShelfPart[] {
  const [seen, ids] = [new Set<string>(), new Set<string>()];
  const shelf = new Shelf(landing.shelf);
  const parts = readTable(text, TABLE, (row, wrong) => {
    if (seen.size > MOST_LINES) return [];
    let isSound = true;
    const fault = (message: string) => {
      isSound = false;
      wrong(message);
    };
    const part = partOf(row, shelf, landing, fault);
    if (!part) return [];
    if (seen.has(labelKey(part))) fault('The same label is there twice for this model.');
    if (ids.has(part.id)) fault('The same part is there twice.');
    seen.add(labelKey(part));
    ids.add(part.id);
    if (seen.size > MOST_LINES) fault(say('records.mostLines', { most: MOST_LINES }));
    const rest = isSound ? problemsIn(part) : [];
    for (const { place, message } of rest) wrong([place, message].join(': '));
    return [part];
  });
  return parts.flat();
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
