import { array, number, object, string, type InferType } from 'yup';
import { FELT } from '../metrology/bracket';

/** Longest one-line text and longest note that a record takes. */
const LINE = 200;
const NOTE = 4000;

export const line = () => string().max(LINE, `At most ${LINE} characters`);
export const note = () => string().max(NOTE, `At most ${NOTE} characters`);
export const identifier = () =>
  string()
    .required()
    .matches(/^[\w-]{1,64}$/, 'An id is 1 to 64 letters, digits, - or _');

/** A moment as ISO 8601 in UTC. */
export const moment = () =>
  string()
    .required()
    .matches(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d+)?Z$/, 'Not a moment as ISO 8601 in UTC');

/** A finite number: JSON has no NaN, but a form may. */
export const finite = () =>
  number().test('finite', 'Must be a finite number', (v) => v == null || Number.isFinite(v));

export const millimetres = () => finite().min(0, 'Not below zero').max(5000, 'Over 5 m');

/** A temperature at the bench. */
export const celsius = () => finite().min(-40, 'Below −40 °C').max(150, 'Over 150 °C');

export const leaf = () =>
  finite().required().moreThan(0, 'A leaf is thicker than zero').max(5, 'Over 5 mm: not a leaf');

/** Where a figure came from: typed or by a cable that types, a serial gauge, or the simulated one. */
export const SOURCES = ['typed', 'serial', 'simulated'] as const;
export type Source = (typeof SOURCES)[number];

/** How an instrument's zero stood when a reading was made. */
export const ZERO_STATES = ['zeroed', 'overdue', 'never', 'not-needed'] as const;
export type ZeroState = (typeof ZERO_STATES)[number];

/** What stands on every entry of a journal: which one it is, when it was made, and by whom. */
export const made = { id: identifier(), at: moment(), by: line().defined() };

const common = { ...made, instrument: line().defined(), station: identifier() };

/** A figure as it was entered, and what stands behind it. */
const entered = {
  text: line().required(),
  unit: string().oneOf(['mm', 'in', 'thou']).required(),
  /** Standard uncertainty of this one reading. */
  u_mm: millimetres().required(),
  /** What of it is the instrument's own (calibration, scale): reading again does not average it out. */
  own_mm: millimetres().required(),
  source: string().oneOf(SOURCES).required(),
};

/** A try with leaves at a station: the thicknesses that count, and what is marked on leaves that were mic'd. */
export const leafReading = object({
  ...common,
  kind: string().oneOf(['leaf']).required(),
  characteristic: identifier(),
  leaves_mm: array(leaf()).required().min(1).max(3),
  marked_mm: array(leaf()).min(1).max(3).nullable().defined(),
  felt: string().oneOf(FELT).required(),
})
  .noUnknown()
  .required();

/**
 * A size read off an instrument. `value_mm` is what counts: as read, less the
 * offset found at the zero check, brought to 20 °C where temperatures are known.
 */
export const sizeReading = object({
  ...common,
  ...entered,
  kind: string().oneOf(['size']).required(),
  dimension: identifier(),
  read_mm: millimetres().required(),
  offset_mm: finite().required().min(-1).max(1),
  part_C: celsius().nullable().defined(),
  shop_C: celsius().nullable().defined(),
  value_mm: finite().required().min(-1).max(5000),
  zero: string().oneOf(ZERO_STATES).required(),
})
  .noUnknown()
  .required();

/** The full swing of an indicator; a lever's angle and the radius it stood on are kept beside it. */
export const swingReading = object({
  ...common,
  ...entered,
  kind: string().oneOf(['swing']).required(),
  characteristic: identifier(),
  read_mm: millimetres().required(),
  lever_deg: finite().required().min(0).max(80, 'A lever over 80° off reads nothing'),
  contactRadius_mm: finite().moreThan(0).nullable().defined(),
  value_mm: millimetres().required(),
})
  .noUnknown()
  .required();

/** What a sweep or a finger test may tell. */
export const TOUCH_FELT = {
  sweep: ['clear', 'touches'],
  finger: ['free', 'tight', 'catches'],
} as const;
export type TouchFelt = (typeof TOUCH_FELT)[keyof typeof TOUCH_FELT][number];

/** A test without a number. */
export const touchReading = object({
  ...common,
  kind: string().oneOf(['touch']).required(),
  characteristic: identifier(),
  felt: string()
    .oneOf<TouchFelt>([...TOUCH_FELT.sweep, ...TOUCH_FELT.finger])
    .required(),
})
  .noUnknown()
  .required();

/** Who struck an entry through, when and why. */
export interface Strike {
  readonly at: string;
  readonly by: string;
  readonly why: string;
}

/** An entry with what became of it: null while it stands. */
export type Kept<T> = T & { readonly struck: Strike | null };

export type LeafReading = Kept<InferType<typeof leafReading>>;
export type SizeReading = Kept<InferType<typeof sizeReading>>;
export type SwingReading = Kept<InferType<typeof swingReading>>;
export type TouchReading = Kept<InferType<typeof touchReading>>;
export type Reading = LeafReading | SizeReading | SwingReading | TouchReading;

/** The schema of each kind of reading. */
export const READING_SCHEMA = {
  leaf: leafReading,
  size: sizeReading,
  swing: swingReading,
  touch: touchReading,
} as const;
