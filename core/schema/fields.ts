import { number, string } from 'yup';

/** Longest one-line text and longest note that a record takes. */
const LINE = 200;
const NOTE = 4000;

/** Makes the field of a one-line text. */
export const line = () => string().max(LINE, `At most ${LINE} characters`);
/** Makes the field of a longer text. */
export const note = () => string().max(NOTE, `At most ${NOTE} characters`);
/** Makes the field of an id. */
export const identifier = () =>
  string()
    .required()
    .matches(/^[\w-]{1,64}$/, 'An id is 1 to 64 letters, digits, - or _');

/** Returns a moment as ISO 8601 in UTC. */
export const moment = () =>
  string()
    .required()
    .matches(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d+)?Z$/, 'Not a moment as ISO 8601 in UTC');

/** Returns a finite number: JSON has no NaN, but a form may. */
export const finite = () =>
  number().test('finite', 'Must be a finite number', (v) => v == null || Number.isFinite(v));

/** Makes the field of a length in mm, not below zero. */
export const millimetres = () => finite().min(0, 'Not below zero').max(5000, 'Over 5 m');

/** Returns a temperature at the bench. */
export const celsius = () => finite().min(-40, 'Below −40 °C').max(150, 'Over 150 °C');

/** Makes the field of the thickness of a feeler leaf, in mm. */
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

/** What stands on every reading besides what it is of and what was read. */
export const common = { ...made, instrument: line().defined(), station: identifier() };

/** A figure as it was entered, and what stands behind it. */
export const entered = {
  text: line().required(),
  unit: string().oneOf(['mm', 'in', 'thou']).required(),
  /** Standard uncertainty of this one reading. */
  u_mm: millimetres().required(),
  /** What of it is the instrument's own (calibration, scale): reading again does not average it out. */
  own_mm: millimetres().required(),
  source: string().oneOf(SOURCES).required(),
};
