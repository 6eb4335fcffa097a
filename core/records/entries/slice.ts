import { string, type InferType, type ObjectShape, type Schema } from 'yup';
import type { PumpModel } from '../../pumps/family';
import type { CharacteristicId, DimensionId } from '../../pumps/ids';
import { exact, stampFields } from '../../schema/fields';
import type { Voidable } from '../../schema/voiding';
import type { Sheet } from '../sheet';

/** Says what in an entry names nothing that the pump has: the ending of its path, and a message. */
export type Stray = readonly [place: string, message: string];

/** Names the lists of the ledger, in their order. */
export const LISTS = [
  'readings',
  'operations',
  'findings',
  'strip',
  'also',
  'zeros',
  'skips',
  'plans',
  'decisions',
  'orders',
  'accepts',
  'worked',
  'builds',
  'trials',
  'torques',
  'told',
  'causes',
  'tests',
  'proofs',
  'signatures',
  'quotes',
  'comebacks',
] as const;
export type ListName = (typeof LISTS)[number];

/** Describes what an entry of a journal is besides its fields. */
export interface Meaning {
  /** The list of the ledger that it goes into. */
  readonly list: ListName;
  /** Says what it counts for: it tells of the pump, or only of what was decided. */
  readonly tells: 'pump' | 'decided';
  /** Names the stage whose Undo takes it back; left out where none does. */
  readonly undo?: 'measure' | 'look' | 'build';
}

/**
 * One kind of entry in a journal, with everything that is different from one kind to the next. A new one is a file with
 * such an object, and a line in `../entry.ts`; the command that makes it stands in `core/commands`.
 */
export interface EntrySlice<K extends string, S extends Schema, M extends Meaning> {
  readonly kind: K;
  readonly schema: S;
  readonly is: M;
  /** Returns the place that it is about, where it is about one. */
  readonly at?: (entry: InferType<S>) => PlaceKey;
  /** Returns what in it names nothing that the pump has; null where all is known. */
  readonly stray?: (entry: InferType<S>, pump: PumpModel, sheet: Sheet) => Stray | null;
}

/** Names a place, by what is read there. */
export interface PlaceKey {
  readonly target: CharacteristicId | DimensionId;
  readonly station: string;
}

/** Returns the schema of a kind of entry: its own fields, and what stands on every entry. */
export const entrySchema = <K extends string, F extends ObjectShape>(kind: K, fields: F) =>
  exact({ ...stampFields, kind: string().oneOf([kind]).required(), ...fields });

/** Returns a kind of entry, as its parts say. */
export const entryKind = <K extends string, S extends Schema, const M extends Meaning>(
  slice: EntrySlice<K, S, M>,
): EntrySlice<K, S, M> => slice;

/** An entry of a slice as it stands: with what became of it. */
export type Standing<T> = T extends { readonly schema: infer S extends Schema }
  ? Voidable<InferType<S>>
  : never;
