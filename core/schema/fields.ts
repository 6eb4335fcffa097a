import './plainMessages';
import {
  boolean,
  number,
  object,
  string,
  type ObjectShape,
  type Schema,
  type StringSchema,
} from 'yup';
import { LARGEST_SIZE_MM, LONGEST_LINE } from '../quantity/parse';
import { isDay, isMoment } from './moments';
import { say } from '../wording/say';

/** Longest note that a record takes. */
const NOTE = 4000;

/** Says of a check that what it reads lies in storage already. */
export const STORED = { stored: true } as const;

/**
 * Says of a check that the pumps in what it reads were described before: it comes from a file, or from
 * a record that was kept. What can be a pump is asked of who describes one.
 */
export const DESCRIBED = { described: true } as const;

/**
 * Adds a rule to a field, for what is new: what was stored before there was such a rule is read all
 * the same. Nobody's record may be lost because the app came to know better.
 *
 * @param rule not asked where there is no value
 */
export const holds = <S extends Schema>(
  schema: S,
  name: string,
  message: string,
  rule: (value: NonNullable<S['__outputType']>) => boolean,
): S =>
  schema.test(name, message, (value: S['__outputType'], { options }) => {
    const { stored } = (options.context ?? {}) as Partial<typeof STORED>;
    return value == null || stored === true || rule(value);
  }) as S;

/** Adds to a list that no two of its items are the same thing. */
export const once = <S extends Schema>(
  list: S,
  message: string,
  keyOf: (item: NonNullable<S['__outputType']>[number]) => unknown,
): S =>
  holds(list, 'once', message, (items) => {
    const there = [...items].filter((item: unknown) => item != null);
    return new Set(there.map(keyOf)).size === there.length;
  });

/** Line breaks, tabs and whatever else no one-line field shows. */
const CONTROL = /[\p{Cc}\u2028\u2029]/u;

/** Makes the field of a one-line text. */
export const line = (): StringSchema =>
  holds(
    string().max(LONGEST_LINE, say('records.mostCharacters', { most: LONGEST_LINE })),
    'one line',
    'No line breaks, tabs or other control characters in a single line',
    (text) => !CONTROL.test(text ?? ''),
  );
/** Makes the field of a longer text. */
export const note = () => string().max(NOTE, say('records.mostCharacters', { most: NOTE }));
/** Makes the field of an id. */
export const identifier = () =>
  string()
    .required()
    .matches(/^[\w-]{1,64}$/, 'An id is 1 to 64 letters, digits, - or _');

/** Marks a record that came with the demo, and goes with it; absent on all others. */
export const demo = boolean().oneOf([true]);

/** Begins the id of every record of the demo. */
export const DEMO_ID = 'demo-';

/** Makes the schema of an object that has these fields and no others. */
export const exact = <F extends ObjectShape>(fields: F) => object(fields).noUnknown().required();

/** Makes the field of an id that names one kind of thing, as its type says. */
export const idOf = <Id extends string>() => identifier() as unknown as StringSchema<Id>;

/** Makes the field of a day, as `2026-11-23`. */
export const day = () =>
  holds(
    string().matches(/^\d{4}-\d\d-\d\d$/, 'A day is written year-month-day: 2026-11-23'),
    'date',
    'Not a day that the calendar knows',
    isDay,
  );

/** Returns a moment as ISO 8601 in UTC. */
export const moment = () =>
  holds(
    string()
      .required()
      .matches(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d+)?Z$/, 'Not a moment as ISO 8601 in UTC'),
    'date',
    'Not a date that the calendar knows',
    isMoment,
  );

/** Returns a finite number: JSON has no NaN, but a form may. */
export const finite = () =>
  number().test('finite', 'Must be a finite number', (v) => v == null || Number.isFinite(v));

/** Makes the field of a length in mm, not below zero. */
export const millimetres = () => finite().min(0, 'Not below zero').max(LARGEST_SIZE_MM, 'Over 5 m');

/** Makes the test that a figure is not below another of the same record; either may be open. */
export const notUnder = (field: string, message: string) => ({
  name: 'order',
  message,
  test: (value: number | null | undefined, { parent }: { parent: unknown }): boolean => {
    const other = (parent as Readonly<Record<string, number | null | undefined>>)[field];
    return value == null || other == null || value >= other;
  },
});

/** Makes the test that a figure is not above another of the same record; the other may be missing. */
export const notOver = (field: string, message: () => string) => ({
  name: 'order',
  message,
  test: (value: number | null | undefined, { parent }: { parent: unknown }): boolean => {
    const other = (parent as Readonly<Record<string, number | null | undefined>>)[field];
    return value == null || other == null || value <= other;
  },
});

/** Returns a temperature at the bench. */
export const celsius = () => finite().min(-40, 'Below −40 °C').max(150, 'Over 150 °C');

/** Makes the field of the thickness of a feeler leaf, in mm. */
export const leaf = () =>
  finite().required().moreThan(0, 'A leaf is thicker than zero').max(5, 'Over 5 mm: not a leaf');

/**
 * Says where a figure came from: typed or by a cable that types, a serial gauge, the simulated one, or the label
 * of a part from the shelf.
 */
export const SOURCES = ['typed', 'serial', 'simulated', 'shelf'] as const;
export type Source = (typeof SOURCES)[number];

/** Says how an instrument's zero stood when a reading was made. */
export const ZERO_STATES = ['zeroed', 'overdue', 'never', 'not-needed'] as const;
export type ZeroState = (typeof ZERO_STATES)[number];

/** Describes what stands on every entry of a journal: which one it is, when it was made, and by whom. */
export const stampFields = { id: identifier(), at: moment(), by: line().defined() };

/** Describes what stands on every reading besides what it is of and what was read. */
export const readingFields = {
  ...stampFields,
  instrument: line().defined(),
  station: identifier(),
};

/** A figure as it was entered, and what stands behind it. */
export const figureFields = {
  text: line().required(),
  unit: string().oneOf(['mm', 'in', 'thou']).required(),
  /** Standard uncertainty of this one reading. */
  u_mm: millimetres().required(),
  /** Gives the part of it that is the instrument's own (calibration, scale): reading again does not average it out. */
  own_mm: millimetres().required(),
  source: string().oneOf(SOURCES).required(),
};
