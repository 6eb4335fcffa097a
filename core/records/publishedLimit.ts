import { string } from 'yup';
import type { CharacteristicId } from '../pumps/ids';
import { exact, identifier, idOf, line, millimetres, notUnder } from '../schema/fields';

/** Describes what a published limit counts: the full gap, or what is left on one side of a centred part. */
export const SIDES = ['full', 'one-side'] as const;

/**
 * Says how a face gap is measured and what its limit is for: measured bare, and the limit is for bare;
 * measured bare, and the limit is for the pump assembled with its gasket, which is added; or measured
 * with the gasket in.
 */
export const GASKETS = ['bare', 'assembled', 'with-gasket'] as const;

/** Tells whether an end of a preferred band lies inside the limits that it belongs to. */
function insideLimits(mm: number | null | undefined, { parent }: { parent: unknown }): boolean {
  const { lower_mm, upper_mm } = parent as Record<'lower_mm' | 'upper_mm', number | null>;
  const [least, most] = [lower_mm ?? 0, upper_mm ?? Infinity];
  // Limits the wrong way round have their own fault; no band would lie inside them.
  return mm == null || least > most || (mm >= least && mm <= most);
}

/** Describes a published limit of a check, in one of the limit sets. */
export const publishedLimit = exact({
  characteristic: idOf<CharacteristicId>(),
  tier: identifier(),
  lower_mm: millimetres().nullable().defined(),
  upper_mm: millimetres()
    .nullable()
    .defined()
    .test(notUnder('lower_mm', 'Max is below min. Swap them or check the unit.')),
  /** A band inside the limits that a builder aims at; null on a side that has none. */
  preferredLower_mm: millimetres()
    .nullable()
    .defined()
    .test('inside', 'The preferred band must be inside the limits.', insideLimits),
  preferredUpper_mm: millimetres()
    .nullable()
    .defined()
    .test('inside', 'The preferred band must be inside the limits.', insideLimits)
    .test(
      notUnder('preferredLower_mm', 'The preferred max is below the preferred min. Swap them.'),
    ),
  side: string().oneOf(SIDES).required(),
  gasket: string().oneOf(GASKETS).required(),
  /** Names its source, where that is not the one of the tier. */
  source: line().defined(),
});
