import type { ReworkCase } from './case';
import type { Rework } from './solve';

/** Tells whether what blocks is a gap of which nobody knows how far it is out. */
export const mustBeSized = (
  { unsized }: Pick<ReworkCase, 'unsized'>,
  blocked: Rework['blocked'],
): boolean =>
  unsized.some(({ assessment }) =>
    blocked.some((b) => b.characteristic === assessment.characteristic.id),
  );
