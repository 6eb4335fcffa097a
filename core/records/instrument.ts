import { array, number, string, type InferType } from 'yup';
import { GAUGE_KINDS } from '../pumps/family';
import { exact, finite, identifier, leaf, line, millimetres, moment } from '../schema/fields';

/**
 * Describes what an instrument was found to read on its standard, and what has to come off every reading
 * since.
 */
export const zeroCheck = exact({
  instrument: identifier(),
  at: moment(),
  by: line().defined(),
  standard_mm: millimetres().required(),
  read_mm: finite().required().min(-1, 'Not below −1 mm').max(5000, 'Over 5 m'),
}).test('near', 'Zero is more than 1 mm off. Check the standard.', (z) =>
  z && Number.isFinite(z.read_mm) ? Math.abs(z.read_mm - z.standard_mm) <= 1 : true,
);

export type ZeroCheck = InferType<typeof zeroCheck>;

/** An instrument of the shop. Lengths in mm. */
export const instrument = exact({
  id: identifier(),
  kind: string().oneOf(GAUGE_KINDS, 'Not a kind of instrument that is known here').required(),
  name: line().required('An instrument needs a name'),
  from_mm: millimetres().required(),
  to_mm: millimetres()
    .required()
    .test('range', 'The end is before the start. Swap them.', (to, { parent }) => {
      const { from_mm } = parent as { from_mm: number };
      return to === undefined || !(to <= from_mm);
    }),
  resolution_mm: millimetres().required().moreThan(0, 'A resolution is over zero').max(1),
  /** Standard uncertainty of one reading. */
  u_mm: millimetres().required().max(1, 'Over 1 mm. Check the resolution and the unit.'),
  /**
   * Gives the part of it that is the instrument's own (calibration, scale, wear of its faces): the same at every
   * reading, so that reading again does not average it out.
   */
  own_mm: millimetres()
    .required()
    .test(
      'share',
      'The instrument’s own part is at most the whole uncertainty',
      (own, { parent }) => {
        const { u_mm } = parent as { u_mm: number };
        return own === undefined || !(own > u_mm);
      },
    ),
  /** A zero check is good for so many days; 0 where the instrument needs none. */
  zeroDays: number().integer().required().min(0).max(365),
});

export type Instrument = InferType<typeof instrument>;

/** A leaf whose thickness was mic'd: that figure counts, beside the one that is marked on it. */
const micdLeaf = exact({ leaf_mm: leaf(), mic_mm: leaf() });

/** A feeler set: its leaves as they are marked, and how far they are to be trusted. */
export const feelerSet = exact({
  name: line().required('Enter a name for the leaf set'),
  leaves_mm: array(leaf())
    .required()
    .min(1, 'Enter at least one leaf')
    .max(60, 'At most 60 leaves'),
  maxStack: number().integer().min(1).max(3).required(),
  mics: array(micdLeaf)
    .required()
    .test(
      'known',
      'A mic reading is for a leaf that is not in the set, or is there twice',
      (mics, { parent }) => {
        const { leaves_mm } = parent as { leaves_mm?: number[] };
        const micd = (mics ?? []).map((m) => m.leaf_mm);
        return new Set(micd).size === micd.length && micd.every((mm) => leaves_mm?.includes(mm));
      },
    ),
  /** Standard uncertainty of a leaf that was not mic'd; 0 until the shop says one. */
  tolerance_mm: millimetres().required().max(0.05, 'Over 0.05 mm: mic the leaves'),
  /** Gives how far a gap may be from a leaf that drags in it. */
  dragBand_mm: millimetres()
    .required()
    .moreThan(0, 'A drag band is over zero')
    .max(0.05, 'Over 0.05 mm is no drag'),
});

export type FeelerSetRecord = InferType<typeof feelerSet>;
