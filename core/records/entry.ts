import { array, lazy, object, string, type InferType, type Schema } from 'yup';
import { METHOD, METHOD_IDS, stationsFor, type MethodId, type Reading } from '../methods/list';
import type { PumpModel } from '../pumps/family';
import { familyOf } from '../pumps/registry';
import type { Voidable } from '../schema/voiding';
import { say } from '../wording/say';
import { ABOUT_SCHEMA } from './entries/about';
import { accept } from './entries/accept';
import { also } from './entries/also';
import { build } from './entries/build';
import { cause } from './entries/cause';
import { comeback } from './entries/comeback';
import { decision } from './entries/decision';
import { finding } from './entries/finding';
import { operation } from './entries/operation';
import { order } from './entries/order';
import { plan } from './entries/plan';
import { proof } from './entries/proof';
import { quote } from './entries/quote';
import { signed } from './entries/signed';
import { skip } from './entries/skip';
import type { EntrySlice, ListName, Meaning, PlaceKey, Stray } from './entries/slice';
import { strip } from './entries/strip';
import { tested } from './entries/tested';
import { told } from './entries/told';
import { torque } from './entries/torque';
import { trial } from './entries/trial';
import { worked } from './entries/worked';
import { zero } from './entries/zero';
import type { Sheet } from './sheet';

/**
 * Lists every kind of entry beside readings that is an item of a list. Each stands behind a function: a job that has none of
 * a kind need not read what belongs to it.
 */
const ENTRY = {
  operation: () => operation,
  finding: () => finding,
  strip: () => strip,
  also: () => also,
  zero: () => zero,
  skip: () => skip,
  plan: () => plan,
  decision: () => decision,
  order: () => order,
  accept: () => accept,
  worked: () => worked,
  build: () => build,
  trial: () => trial,
  torque: () => torque,
  told: () => told,
  cause: () => cause,
  test: () => tested,
  proof: () => proof,
  signed: () => signed,
  quote: () => quote,
  comeback: () => comeback,
} as const;

/** Returns where a reading was made. */
export const placeOf = (reading: Reading): PlaceKey => ({
  target: 'dimension' in reading ? reading.dimension : reading.characteristic,
  station: reading.station,
});

/** Describes what a reading is, by whichever method. */
const READING = { list: 'readings', tells: 'pump', undo: 'measure' } as const;

type AnySlice = EntrySlice<string, Schema<Listed>, Meaning>;

/** Lists the fields of a reading of any method; its schema stands with the method. */
const reading: Omit<AnySlice, 'schema' | 'kind'> = {
  is: READING,
  at: (entry) => placeOf(entry as Reading),
  stray: (entry, pump, sheet) =>
    stationsFor(pump, entry as Reading).some((s) => s.id === (entry as Reading).station)
      ? null
      : ['', say('records.noPlace', { pump: familyOf(sheet.family).name })],
};

type Slices = { readonly [K in keyof typeof ENTRY]: ReturnType<(typeof ENTRY)[K]> };
type AboutKind = keyof typeof ABOUT_SCHEMA;
export type ListedKind = MethodId | keyof Slices;
export type EntryKind = ListedKind | AboutKind;

type SchemaOf<K extends EntryKind> = K extends MethodId
  ? (typeof METHOD)[K]['schema']
  : K extends keyof Slices
    ? Slices[K]['schema']
    : K extends AboutKind
      ? (typeof ABOUT_SCHEMA)[K]
      : never;
type Fields<K extends EntryKind> = K extends EntryKind ? InferType<SchemaOf<K>> : never;

/** An entry that is an item of a list, as it is kept: never changed once it is in the journal. */
export type Listed = Fields<ListedKind>;

/** An entry as it is kept. */
export type Entry = Fields<EntryKind>;

/** An entry of a job as it stands before anybody voided it. */
export type Item = Voidable<Listed>;

type InList<K extends keyof Slices, L extends ListName> = Slices[K]['is']['list'] extends L
  ? Fields<K>
  : never;

/** The items of one list of the ledger. */
export type ItemsOf<L extends ListName> = Voidable<
  L extends 'readings' ? Fields<MethodId> : { [K in keyof Slices]: InList<K, L> }[keyof Slices]
>;

/** Tells whether an entry is about others, and no item of a list itself. */
export const isAbout = (entry: Entry): entry is Fields<AboutKind> =>
  entry.kind === 'strike' || entry.kind === 'restore';

const isListed = (kind: string): kind is keyof Slices => Object.hasOwn(ENTRY, kind);

/** Returns what an entry is besides its fields; null for what is about others. */
export function sliceOf(entry: Entry): Omit<AnySlice, 'schema' | 'kind'> | null {
  if (isListed(entry.kind)) return ENTRY[entry.kind]() as unknown as AnySlice;
  return isAbout(entry) ? null : reading;
}

/** Returns the list of the ledger that an entry goes into. */
export const listOf = ({ kind }: Listed): ListName =>
  isListed(kind) ? ENTRY[kind]().is.list : READING.list;

/** Lists the kinds of entries. */
export const ENTRY_KINDS = (): readonly EntryKind[] => [
  ...METHOD_IDS,
  ...(Object.keys(ENTRY) as (keyof Slices)[]),
  ...(Object.keys(ABOUT_SCHEMA) as AboutKind[]),
];

/** Returns the schema of a kind of entry; undefined where there is no such kind. */
export function entrySchemaOf(kind: string): Schema<Entry> | undefined {
  if (isListed(kind)) return ENTRY[kind]().schema;
  const others: Readonly<Record<string, unknown>> = ABOUT_SCHEMA;
  if (Object.hasOwn(others, kind)) return others[kind] as Schema<Entry>;
  return Object.hasOwn(METHOD, kind) ? (METHOD[kind as MethodId].schema as Schema) : undefined;
}

/** Returns what in an entry names nothing that a pump has, as an ending of its path and a message; null where all is known. */
export function strayIn(pump: PumpModel, sheet: Sheet, entry: Entry): Stray | null {
  // A record that is only being checked may name any kind.
  if (!entrySchemaOf(entry.kind)) return null;
  return sliceOf(entry)?.stray?.(entry as Listed, pump, sheet) ?? null;
}

/** Makes the schema that refuses a value which names no kind of entry. */
const unknownKind = () =>
  object({
    kind: string().oneOf(ENTRY_KINDS(), 'Not a kind of entry that is known here').required(),
  });

/** Describes a journal: everything that was done on a job, in order, only ever added to. */
export const journalSchema = array(
  lazy((value: { kind?: unknown } | null | undefined) =>
    typeof value?.kind === 'string' ? (entrySchemaOf(value.kind) ?? unknownKind()) : unknownKind(),
  ),
)
  .required()
  .test('once', 'An entry is there twice', (entries) => {
    const ids = (entries ?? []).map((e) => (e as { id?: unknown } | null)?.id);
    return new Set(ids).size === ids.length;
  });
