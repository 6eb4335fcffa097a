import type { DecisionRule } from '../metrology/conformity';
import { ends } from '../metrology/estimate';
import type { Assessment } from './assessment';

/** Tells whether all that is known of a characteristic at its larger end is a bracket from leaves. */
export const isBracketed = ({ largest }: Assessment): boolean => largest?.kind === 'interval';

const widthOf = ({ smallest, largest }: Assessment): number =>
  smallest && largest ? ends(largest)[1] - ends(smallest)[0] : 0;

/**
 * Returns the part of a sum of which figures can tell more than its leaves did: the widest bracket for
 * which sizes are still to be read. Null where there is none, and under the plain rule, which takes the
 * middle of a bracket.
 *
 * @param parts the characteristics that the sum adds up
 * @param rule how the house decides
 * @example
 * const part = (id, hi_mm) => {
 *   const gap = { kind: 'interval', lo_mm: 0, hi_mm };
 *   return { characteristic: { id }, smallest: gap, largest: gap, missing: ['depth'] };
 * };
 * const parts = [part('face', 0.02), part('tips', 0.05)];
 * figureAdvice(parts, 'guarded').characteristic.id; // 'tips'
 * figureAdvice(parts, 'plain'); // null
 */
export function figureAdvice(parts: readonly Assessment[], rule: DecisionRule): Assessment | null {
  if (rule === 'plain') return null;
  const wide = parts.filter((part) => isBracketed(part) && part.missing.length > 0);
  return wide.reduce<Assessment | null>(
    (widest, part) => (!widest || widthOf(part) > widthOf(widest) ? part : widest),
    null,
  );
}
