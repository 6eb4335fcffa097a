import { array, lazy, object, string, type InferType, type Schema } from 'yup';
import { METHOD, METHOD_IDS, stationsFor, type MethodId, type Reading } from '../methods/list';
import type { PumpModel } from '../pumps/family';
import { familyOf } from '../pumps/registry';
import type { Voidable } from '../schema/voiding';
import { say } from '../wording/say';
import { ABOUT_SCHEMA } from './entries/about';
import { accept } from './entries/accept';
import { also } from './entries/also';
import { decision } from './entries/decision';
import { finding } from './entries/finding';
import { operation } from './entries/operation';
import { order } from './entries/order';
import { plan } from './entries/plan';
import { skip } from './entries/skip';
import type { EntrySlice, Meaning, PlaceKey, Stray } from './entries/slice';
import { strip } from './entries/strip';
import { zero } from './entries/zero';
import type { Sheet } from './sheet';

/** Returns where a reading was made. */
export const placeOf = (reading: Reading): PlaceKey => ({
  target: 'dimension' in reading ? reading.dimension : reading.characteristic,
  station: reading.station,
});

type ReadingSlices = {
  readonly [Id in MethodId]: EntrySlice<Id, (typeof METHOD)[Id]['schema'], typeof READING>;
};

/** Describes what a reading is, by whichever method. */
const READING = { list: 'readings', tells: 'pump', undo: 'measure' } as const;

const readingSlice = (kind: MethodId): EntrySlice<MethodId, Schema, typeof READING> => ({
  kind,
  schema: METHOD[kind].schema as Schema,
  is: READING,
  at: (entry) => placeOf(entry as Reading),
  stray: (entry, pump, sheet) => {
    const reading = entry as Reading;
    return stationsFor(pump, reading).some((s) => s.id === reading.station)
      ? null
      : ['', say('records.noPlace', { pump: familyOf(sheet.family).name })];
  },
});

/** Every kind of entry that is an item of a list of the ledger, in the order of those lists. */
export const ENTRY = {
  ...(Object.fromEntries(
    METHOD_IDS.map((id) => [id, readingSlice(id)]),
  ) as unknown as ReadingSlices),
  operation,
  finding,
  strip,
  also,
  zero,
  skip,
  plan,
  decision,
  order,
  accept,
} as const;

type Slices = typeof ENTRY;
export type ListedKind = keyof Slices;
export type EntryKind = ListedKind | keyof typeof ABOUT_SCHEMA;

/** The schema of each kind of entry in a journal. */
export const ENTRY_SCHEMA = {
  ...(Object.fromEntries(
    Object.values(ENTRY).map(({ kind, schema }) => [kind, schema]),
  ) as unknown as { readonly [K in ListedKind]: Slices[K]['schema'] }),
  ...ABOUT_SCHEMA,
} as const;

/** An entry that is an item of a list, as it is kept: never changed once it is in the journal. */
export type Listed = { [K in ListedKind]: InferType<Slices[K]['schema']> }[ListedKind];

/** An entry as it is kept. */
export type Entry =
  | Listed
  | {
      [K in keyof typeof ABOUT_SCHEMA]: InferType<(typeof ABOUT_SCHEMA)[K]>;
    }[keyof typeof ABOUT_SCHEMA];

/** An entry of a job as it stands before anybody voided it. */
export type Item = Voidable<Listed>;

/** Names the lists of the ledger. */
export type ListName = Slices[ListedKind]['is']['list'];

/** The items of one list of the ledger. */
export type ItemsOf<L extends ListName> = {
  [K in ListedKind]: Slices[K]['is']['list'] extends L
    ? Voidable<InferType<Slices[K]['schema']>>
    : never;
}[ListedKind];

/** Lists the names of the lists of the ledger, in their order. */
export const LIST_NAMES = [...new Set(Object.values(ENTRY).map(({ is }) => is.list))] as ListName[];

type AnySlice = EntrySlice<ListedKind, Schema<Listed>, Meaning & { readonly list: ListName }>;

/** Tells whether an entry is about others, and no item of a list itself. */
export const isAbout = (entry: Entry): entry is Exclude<Entry, Listed> =>
  Object.hasOwn(ABOUT_SCHEMA, entry.kind);

/** Returns the kind of an entry with all that is different from one to the next; null for what is about others. */
export const sliceOf = ({ kind }: Pick<Entry, 'kind'>): AnySlice | null =>
  Object.hasOwn(ENTRY, kind) ? (ENTRY[kind as ListedKind] as unknown as AnySlice) : null;

/** Returns what in an entry names nothing that a pump has, as an ending of its path and a message; null where all is known. */
export const strayIn = (pump: PumpModel, sheet: Sheet, entry: Entry): Stray | null =>
  sliceOf(entry)?.stray?.(entry as Listed, pump, sheet) ?? null;

/** Refuses a value that names no kind of entry. */
const unknownKind = object({
  kind: string()
    .oneOf(Object.keys(ENTRY_SCHEMA), 'Not a kind of entry that is known here')
    .required(),
});

/** Describes a journal: everything that was done on a job, in order, only ever added to. */
export const journalSchema = array(
  lazy((value: { kind?: unknown } | null | undefined) =>
    typeof value?.kind === 'string' && Object.hasOwn(ENTRY_SCHEMA, value.kind)
      ? ENTRY_SCHEMA[value.kind as EntryKind]
      : unknownKind,
  ),
)
  .required()
  .test('once', 'An entry is there twice', (entries) => {
    const ids = (entries ?? []).map((e) => (e as { id?: unknown } | null)?.id);
    return new Set(ids).size === ids.length;
  });
