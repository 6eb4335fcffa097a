import type { PumpModel } from '@/core/pumps/family';
import type { ShopUnit } from '@/core/quantity/units';
import type { Sheet } from '@/core/records/sheet';
import type { RecordField } from '@/core/schema/rows';

export interface Option {
  readonly value: string;
  readonly name: string;
}

/** Some fields of a record as text. */
export type Texts<T, K extends keyof T> = Omit<T, K> & Record<K, string>;

/** An entry of a list of the sheet. */
export type Of<N extends keyof Sheet> = Sheet[N] extends readonly (infer T)[] ? T : never;

/** How a field is asked for, and how it is written. */
export interface AskedField<F> extends Omit<RecordField, 'when'> {
  /** What it is called; of its entry by number where that tells fields apart. */
  readonly label: string | ((number: number, row: F) => string);
  readonly when?: (row: F) => boolean;
  /** What is chosen from; a text where it is left out. */
  readonly options?: readonly Option[] | ((row: F) => readonly Option[]);
  /** Few options stand side by side or one below the other; many open in a list, of which `many` can be chosen. */
  readonly look?: 'choice' | 'stacked' | 'many';
  /** It is no field of the record by itself: the list says what the record has of it. */
  readonly apart?: true;
  /** The field that a choice empties. */
  readonly clears?: string;
  readonly multiline?: boolean;
  readonly inputMode?: 'numeric' | 'decimal';
  readonly placeholder?: string;
  /** The fields of a line stand beside each other, each so wide at least in px. */
  readonly width?: number;
}

/** One list of a sheet: its entries' fields, in the order in which they are asked for. */
export interface SheetList<F, R> {
  readonly title: string;
  readonly about: string;
  /** Returns a new entry, with nothing in it. */
  readonly blank: () => F;
  readonly fields: readonly AskedField<F>[];
  /** Fields that nobody is asked for. */
  readonly kept?: readonly string[];
  /** Says what an entry is called while its fields are folded away; they never are where it is left out. */
  readonly folds?: (row: F) => { readonly name: string; readonly about: string };
  /** Says what the form and the record have of fields that do not go one by one. */
  readonly apart?: {
    write(record: R, unit: ShopUnit): Partial<F>;
    read(row: F): Partial<R>;
  };
  /** Says at its field what is wrong between the fields of an entry. */
  readonly check?: (row: F, wrong: (name: string, message: string) => void) => void;
}

/** What the lists of a sheet offer: what its pump has, and the variants that it covers. */
export interface Offered extends Pick<Sheet, 'strip' | 'renew' | 'fasteners'> {
  readonly pump: PumpModel;
  readonly unit: ShopUnit;
  readonly kinds: readonly Option[];
  readonly surfaces: readonly Option[];
  readonly variants: readonly Option[];
  /** The steps of the build: the sheet's own, else the usual ones where they are there. */
  readonly steps: readonly Pick<Of<'assembly'>, 'id' | 'do'>[];
}

/** Returns words as options that are what they say. */
export const asThey = (names: readonly string[]): Option[] =>
  names.map((value) => ({ value, name: value }));

export const NOT_CHOSEN: Option = { value: '', name: 'not chosen' };

/** Returns things with a name as options. */
export const named = (items: readonly { readonly id: string; readonly name: string }[]): Option[] =>
  items.map(({ id, name }) => ({ value: id, name }));

/** Lists of a sheet by name, each of what its form has as an entry. */
export type Lists<F> = {
  readonly [N in keyof F & keyof Sheet]: SheetList<
    F[N] extends readonly (infer T)[] ? T : never,
    Of<N>
  >;
};
