import type { CharacteristicId, DimensionId, PartId, StationId } from '../pumps/ids';
import { attribute } from '../methods/attribute';
import { dimensional } from '../methods/dimensional';
import { feeler } from '../methods/feeler';
import { indicator } from '../methods/indicator';
import { array, lazy, object, string, type InferType } from 'yup';
import { WORKS } from '../pumps/family';
import { finite, idOf, identifier, line, stampFields, millimetres, note } from '../schema/fields';
import type { Voidable } from '../schema/voiding';
import { zeroCheck } from './instrument';
import { orderEntry } from './order';
import { fittedPart } from './part';
import { decisionEntry, planEntry } from './rework';
import { alsoAnswer, finding, stripNote } from './teardown';

/** One size that an operation moved, by how much ± how much; null where nobody said. */
const sizeChange = object({
  dimension: idOf<DimensionId>(),
  by_mm: finite()
    .min(-50, 'Over 50 mm of metal')
    .max(50, 'Over 50 mm of metal')
    .nullable()
    .defined(),
  /** Standard uncertainty of that amount. */
  u_mm: millimetres().required(),
})
  .noUnknown()
  .required();

/**
 * Something that was done to a part: the sizes that it moved, or the part that it exchanged.
 * Their earlier readings belong to the past from then on; nothing is voided.
 */
export const operation = object({
  ...stampFields,
  kind: string().oneOf(['operation']).required(),
  part: idOf<PartId>(),
  work: string().oneOf(WORKS).required(),
  changes: array(sizeChange).required().max(20),
  /** The step of a plan that it carried out; null where it was none. */
  step: identifier().nullable().defined(),
  /** The part from the shelf that was put in; null where it came from elsewhere, or nothing was put in. */
  piece: fittedPart.nullable().defined(),
  remark: note().defined(),
})
  .noUnknown()
  .required();

/** Takes entries made before it out of the count; they stay in the journal, with who, when and why. */
export const strike = object({
  ...stampFields,
  kind: string().oneOf(['strike']).required(),
  of: array(identifier()).required().min(1),
  why: line().defined(),
})
  .noUnknown()
  .required();

/** Takes strikes back: the entries that they took out count again. */
export const restore = object({
  ...stampFields,
  kind: string().oneOf(['restore']).required(),
  of: array(identifier()).required().min(1),
})
  .noUnknown()
  .required();

/** A place that was not measured, and why. */
export const skip = object({
  ...stampFields,
  kind: string().oneOf(['skip']).required(),
  /** The characteristic or the size that is read there. */
  target: idOf<CharacteristicId | DimensionId>(),
  way: string().oneOf(['leaf', 'size', 'swing', 'touch']).required(),
  place: idOf<StationId>(),
  why: line().required('Enter why the place is left out'),
})
  .noUnknown()
  .required();

/** Records that a person accepted as it is a gap for which nothing is published, and why. */
export const acceptEntry = object({
  ...stampFields,
  kind: string().oneOf(['accept']).required(),
  characteristic: idOf<CharacteristicId>(),
  why: line().required('Enter why it is accepted'),
})
  .noUnknown()
  .required();

/** A zero check made for the job. */
export const zeroEntry = zeroCheck.shape({
  ...stampFields,
  kind: string().oneOf(['zero']).required(),
});

/** The schema of each kind of entry in a journal. */
export const ENTRY_SCHEMA = {
  leaf: feeler.schema,
  size: dimensional.schema,
  swing: indicator.schema,
  touch: attribute.schema,
  strip: stripNote,
  finding,
  also: alsoAnswer,
  zero: zeroEntry,
  operation,
  plan: planEntry,
  decision: decisionEntry,
  order: orderEntry,
  skip,
  accept: acceptEntry,
  strike,
  restore,
} as const;

export type EntryKind = keyof typeof ENTRY_SCHEMA;

/** An entry as it is kept: never changed once it is in the journal. */
export type Entry = { [K in EntryKind]: InferType<(typeof ENTRY_SCHEMA)[K]> }[EntryKind];

export type WorkEntry = Voidable<InferType<typeof operation>>;
export type SizeChange = WorkEntry['changes'][number];
export type Skip = Voidable<InferType<typeof skip>>;
export type Acceptance = Voidable<InferType<typeof acceptEntry>>;
export type StrikeEntry = InferType<typeof strike>;
export type RestoreEntry = InferType<typeof restore>;
export type ZeroEntry = Voidable<InferType<typeof zeroEntry>>;

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
