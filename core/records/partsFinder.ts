import { folded } from '../quantity/letters';
import { say } from '../wording/say';
import type { Wrong } from './csvTable';
import type { ShelfPart } from './part';
import { sheetName, type Sheet } from './sheet';

/** Describes where lines of a file come to: the sheets of the shop, its shelf, and what a new part begins with. */
export interface Landing {
  readonly sheets: readonly Sheet[];
  readonly shelf: readonly ShelfPart[];
  /** Returns an id that no record has. */
  readonly freshId: () => string;
  readonly at: string;
}

/** Finds what lines land on: parts by their ids and labels, sheets by their ids and models. */
export class Finder {
  private readonly byId: ReadonlyMap<string, ShelfPart>;
  private readonly byLabel = new Map<string, ShelfPart[]>();
  private readonly sheets: ReadonlyMap<string, Sheet>;
  private readonly models = new Map<string, Sheet[]>();

  constructor({ shelf, sheets }: Landing) {
    this.byId = new Map(shelf.map((part) => [part.id, part]));
    for (const part of shelf) add(this.byLabel, folded(part.label), part);
    this.sheets = new Map(sheets.map((sheet) => [sheet.id, sheet]));
    for (const sheet of sheets) add(this.models, folded(sheetName(sheet)), sheet);
  }

  /** Returns the sheet that a line names, by its id, else by its model; null for none. */
  sheetOf(id: string, model: string, wrong: Wrong): Sheet | null {
    if (id) {
      const sheet = this.sheets.get(id) ?? null;
      if (!sheet) wrong(say('records.sheetIdUnknown', { id }), 'sheet');
      return sheet;
    }
    const named = this.models.get(folded(model)) ?? [];
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
    const parts = this.byLabel.get(folded(label)) ?? [];
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

function add<T>(map: Map<string, T[]>, key: string, item: T): void {
  const list = map.get(key);
  if (list) list.push(item);
  else map.set(key, [item]);
}
