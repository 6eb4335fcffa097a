import type { Decision } from '../../records/rework';
import type { ReworkCase } from './case';
import type { PartLine } from './lines';
import { newIsCheaper } from './money';
import type { Rework } from './solve';

/** Tells whether what blocks is a gap of which nobody knows how far it is out. */
export const mustBeSized = (
  { unsized }: Pick<ReworkCase, 'unsized'>,
  blocked: Rework['blocked'],
): boolean =>
  unsized.some(({ assessment }) =>
    blocked.some((b) => b.characteristic === assessment.characteristic.id),
  );

/**
 * Tells whether a new pump is the better buy: no work brings this one in, or the cheapest that does costs
 * more. Never on what was not measured, nor on a price that nobody gave, nor where a person's settings leave no plan.
 */
export function suggestsNew(rework: ReworkCase, { plans, blocked, closer }: Rework): boolean {
  if (rework.watched.length === 0 || mustBeSized(rework, blocked)) return false;
  if ([closer, rework.contradicted, rework.unclear].some(({ length }) => length > 0)) return false;
  const [cheapest] = plans;
  if (!cheapest && blocked.length === 0) return false;
  return newIsCheaper(cheapest?.expected ?? null, rework.newPump);
}

/**
 * Returns what is suggested of the pump as a whole: new, worked on, or reused as it is.
 *
 * @param rework what plans for the pump are made from
 * @param lines what is decided on each part
 * @param buyNew a new pump costs less
 * @example
 * overallDecision({ unmet: [] }, [{ decision: 'reuse' }], false); // 'reuse'
 * overallDecision({ unmet: [] }, [{ decision: 'hone' }], false); // 'machine'
 * overallDecision({ unmet: [] }, [{ decision: 'reuse' }], true); // 'replace'
 */
export function overallDecision(
  { unmet }: Pick<ReworkCase, 'unmet'>,
  lines: readonly Pick<PartLine, 'decision'>[],
  buyNew: boolean,
): Decision {
  if (buyNew) return 'replace';
  const isWork =
    unmet.length > 0 ||
    lines.some(({ decision }) => decision !== 'reuse' && decision !== 'unknown');
  return isWork ? 'machine' : 'reuse';
}
