import type { Assessment } from '../assessment/assessment';
import { ends } from '../metrology/estimate';
import { COVERAGE } from '../metrology/normal';
import { gapsOf } from '../pumps/registry';
import type { PartSize } from '../records/part';

/**
 * Returns the sizes that follow from gaps: where a gap was measured and of its sizes all but one, that one is
 * what the gap and the others leave.
 *
 * A pocket whose end clearance is 0.05 ± 0.01 over a gear of 20.00 is 20.05 deep. The span of the gap is ± 2u of
 * it; the doubts of the other sizes are added in quadrature.
 *
 * @param known sizes that were measured, by dimension
 */
export function inferredSizes(
  all: readonly Pick<Assessment, 'characteristic' | 'smallest' | 'largest'>[],
  known: ReadonlyMap<string, PartSize>,
): PartSize[] {
  const inferred = new Map<string, PartSize>();
  for (const { characteristic, smallest, largest } of all) {
    if (!smallest || !largest) continue;
    const [low, high] = [ends(smallest)[0], ends(largest)[1]];
    if (!Number.isFinite(high)) continue;
    for (const terms of gapsOf(characteristic)) {
      const [open, ...others] = terms.filter((t) => !known.has(t.dimension));
      if (!open || others.length > 0) continue;
      let rest = (low + high) / 2;
      let variance = ((high - low) / 2 / COVERAGE) ** 2;
      for (const { dimension, factor } of terms) {
        const size = known.get(dimension);
        if (!size) continue;
        rest -= factor * size.value_mm;
        variance += (factor * size.u_mm) ** 2;
      }
      const { dimension, factor } = open;
      const size = {
        dimension,
        value_mm: rest / factor,
        u_mm: Math.sqrt(variance) / Math.abs(factor),
      };
      const better = inferred.get(dimension);
      if (!better || size.u_mm < better.u_mm) inferred.set(dimension, size);
    }
  }
  return [...inferred.values()];
}
