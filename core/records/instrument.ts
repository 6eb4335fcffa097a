import { array, number, object, string, type InferType } from 'yup';
import { GAUGE_KINDS } from '../pumps/family';
import { finite, identifier, line, millimetres, moment } from './parts';

/** What an instrument was found to read on its standard, and what has to come off every reading since. */
export const zeroCheck = object({
  instrument: identifier(),
  at: moment(),
  by: line().defined(),
  standard_mm: millimetres().required(),
  read_mm: finite().required().min(-1, 'Not below −1 mm').max(5000, 'Over 5 m'),
})
  .noUnknown()
  .required()
  .test('near', 'A zero more than 1 mm off is no zero: check the standard', (z) =>
    z && Number.isFinite(z.read_mm) ? Math.abs(z.read_mm - z.standard_mm) <= 1 : true,
  );

export type ZeroCheck = InferType<typeof zeroCheck>;

/** An instrument of the shop. Lengths in mm. */
export const instrument = object({
  id: identifier(),
  kind: string().oneOf(GAUGE_KINDS, 'Not a kind of instrument that is known here').required(),
  name: line().required('An instrument needs a name'),
  from_mm: millimetres().required(),
  to_mm: millimetres()
    .required()
    .test('range', 'The range ends before it begins', (to, { parent }) => {
      const { from_mm } = parent as { from_mm: number };
      return to === undefined || !(to <= from_mm);
    }),
  resolution_mm: millimetres().required().moreThan(0, 'A resolution is over zero').max(1),
  /** Standard uncertainty of one reading. */
  u_mm: millimetres().required().max(1, 'Over 1 mm: no instrument for a pump'),
  /** A zero check is good for so many days; 0 where the instrument needs none. */
  zeroDays: number().integer().required().min(0).max(365),
})
  .noUnknown()
  .required();

export type Instrument = InferType<typeof instrument>;

/** A feeler set: its leaves, and how many are held together at most. */
export const feelerSet = object({
  name: line().required('A leaf set needs a name'),
  leaves_mm: array(finite().required().moreThan(0, 'A leaf is thicker than zero').max(5))
    .required()
    .min(1, 'A set has at least one leaf')
    .max(60, 'At most 60 leaves'),
  maxStack: number().integer().min(1).max(3).required(),
})
  .noUnknown()
  .required();

export type FeelerSetRecord = InferType<typeof feelerSet>;
