import type { Assessment } from '../../assessment/assessment';
import type { Least } from '../../assessment/least';
import type { ReworkCase } from './case';
import { gapOfRow, rowsOf } from './asked';
import { valueAfter, type Amounts } from '../solver/problem';

/** An end of the range of an amount, and the gap that goes out beyond it; null where metal or the tool ends first. */
export interface Binding {
  readonly at_mm: number;
  readonly gap: Assessment | null;
  /** Says whose word it is that it goes beyond there: its limit's, or that of the app or the shop on what it keeps at least. */
  readonly by: 'limit' | Least['from'];
}

/** Beyond an end a gap has to go out by so much to be what holds it, in mm. */
const BEYOND_mm = 1e-6;

/**
 * Returns what holds one end of the range of an amount: the gap that is out beyond it.
 *
 * @param rework what plans for the pump are made from
 * @param amounts of a plan, in mm, by operation
 * @param operation whose amount it is
 * @param at_mm the end, in mm
 * @param towards 1 for the upper end, −1 for the lower
 */
export function bindingAt(
  { watched, kept }: Pick<ReworkCase, 'watched' | 'kept'>,
  amounts: Amounts,
  operation: string,
  at_mm: number,
  towards: 1 | -1,
): Binding {
  const beyond = new Map([...amounts, [operation, at_mm + towards * BEYOND_mm]]);
  const gaps = [...watched, ...kept];
  const rows = gaps.flatMap(rowsOf);
  const out = rows.find((row) => {
    if ((row.moved.get(operation)?.perMm ?? 0) === 0) return false;
    const value = valueAfter(row, beyond);
    return value < (row.lower_mm ?? -Infinity) || value > (row.upper_mm ?? Infinity);
  });
  const gap = gaps.find((w) => out && w.assessment.characteristic.id === gapOfRow(out.id));
  const { limits, least } = gap?.assessment ?? {};
  const isLeast = out?.lower_mm != null && limits?.lower_mm == null && least;
  return { at_mm, gap: gap?.assessment ?? null, by: isLeast ? least.from : 'limit' };
}
