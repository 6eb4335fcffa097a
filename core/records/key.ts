import type { KindId } from '../pumps/ids';
import { array, boolean, number, string, type InferType } from 'yup';
import { exact, finite, idOf, identifier, line, millimetres, notUnder } from '../schema/fields';

const year = () =>
  number()
    .integer('A year is a whole number')
    .min(1900, 'A year from 1900 on')
    .max(2200, 'A year up to 2200')
    .nullable()
    .defined();

const serial = () =>
  number()
    .integer('A serial number here is digits only')
    .min(0, 'Not below zero')
    .max(Number.MAX_SAFE_INTEGER, 'More than 15 digits')
    .nullable()
    .defined();

/** Describes what a variant shows at a check: the option it has, or the sizes it can measure. */
const mark = exact({
  check: identifier(),
  option: line().nullable().defined(),
  from_mm: millimetres().nullable().defined(),
  to_mm: millimetres()
    .nullable()
    .defined()
    .test(notUnder('from_mm', 'The largest size is below the smallest. Swap them.')),
});

/** A variant that the sheet covers, with the years and serial numbers it was built in; null is open. */
export const variant = exact({
  id: identifier(),
  name: line().required('A variant needs a name'),
  fromYear: year(),
  toYear: year().test(notUnder('fromYear', 'The end is before the start. Swap them.')),
  fromSerial: serial(),
  toSerial: serial().test(notUnder('fromSerial', 'The end is before the start. Swap them.')),
  note: line().defined(),
  marks: array(mark).required().max(40),
});

/** A check that tells variants apart: a feature with its options, or a measured size. */
export const keyCheck = exact({
  id: identifier(),
  kind: string().oneOf(['feature', 'size']).required(),
  ask: line().required('A check needs its question'),
  options: array(line().required('An option needs a word')).required().max(12),
  /** Standard uncertainty of the size as it is usually measured. */
  u_mm: millimetres().nullable().defined(),
});

/** Says whether a part of one variant goes against a part of another: a cover on a body, gears in it. */
export const mix = exact({
  part: idOf<KindId>(),
  of: identifier(),
  against: idOf<KindId>(),
  in: identifier(),
  fits: boolean().required(),
  note: line().defined(),
});

/** Describes what was found at one check; nothing at all where nobody could tell. */
export const keyAnswer = exact({
  check: identifier(),
  option: line().nullable().defined(),
  value: finite().nullable().defined(),
  u_mm: millimetres().nullable().defined(),
});

export type Variant = InferType<typeof variant>;
export type KeyCheck = InferType<typeof keyCheck>;
export type KeyAnswer = InferType<typeof keyAnswer>;

/** The two checks that every sheet with years or serial numbers has. */
export const YEAR = 'year';
export const SERIAL = 'serial';
