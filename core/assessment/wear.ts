import type { Ladder } from '../feeler/ladder';
import type { DecisionRule } from '../metrology/conformity';
import type { Estimate } from '../metrology/estimate';
import type { Assessment } from './assessment';

const NOTHING: Estimate = { kind: 'interval', lo_mm: 0, hi_mm: 0 };

/** Tells whether leaves found no gap at all: not even the thinnest of the set went in anywhere. */
function unfelt({ source, largest }: Assessment, { stacks }: Ladder): boolean {
  if (source.largest !== 'leaves' || largest?.kind !== 'interval') return false;
  const [thinnest] = stacks;
  const { lo_mm, hi_mm } = largest;
  return lo_mm <= 0 && hi_mm !== null && thinnest !== undefined && hi_mm <= thinnest.total_mm;
}

/**
 * Tells whether wear counts as nothing: under the plain rule, as the bench does it, wear into which the
 * thinnest leaf does not go. Under the guarded rule it is a bracket from nought.
 */
export const isNeglected = (wear: Assessment, rule: DecisionRule, ladder: Ladder): boolean =>
  rule === 'plain' && unfelt(wear, ladder);

/** Returns wear as it counts in a sum. */
export const asCounted = (wear: Assessment, rule: DecisionRule, ladder: Ladder): Assessment =>
  isNeglected(wear, rule, ladder) ? { ...wear, smallest: NOTHING, largest: NOTHING } : wear;
