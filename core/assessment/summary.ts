import type { Assessment } from './assessment';
import { farBeyond, type Judged } from './beyond';
import type { Verdict } from '../metrology/verdict';

/** Worst first: what is out outweighs what is not known, and that what is in. */
const ORDER: readonly Verdict[] = ['out', 'close', 'open', 'in'];

/**
 * Returns the verdict of a whole pump: that of its worst characteristic; *open* where nothing is judged.
 *
 * @param all the characteristics of the pump
 * @example
 * worstVerdict([{ verdict: 'in' }, { verdict: 'close' }]); // 'close'
 * worstVerdict([]); // 'open'
 */
export function worstVerdict(all: readonly Pick<Assessment, 'verdict'>[]): Verdict {
  return ORDER.find((verdict) => all.some((a) => a.verdict === verdict)) ?? 'open';
}

/**
 * Tells whether somebody published a limit for a check: a total goes by that of its gap where it has none of its own.
 *
 * @param assessment of the check
 * @example
 * hasOwnLimit({ characteristic: { id: 'face' }, limits: { published: null } }); // true
 * hasOwnLimit({ characteristic: { id: 'face' }, limits: null }); // false
 */
export function hasOwnLimit({ characteristic: c, limits }: Assessment): boolean {
  if (limits === null) return false;
  const of = limits.published?.characteristic;
  return c.sum === undefined || of === c.id || of === c.first;
}

/**
 * Returns characteristics by their verdicts, the worst first: of those that are out what is farthest beyond its limit; else as they were.
 *
 * @param all in any order; they are not changed
 * @example
 * const gap = (verdict, value_mm) => {
 *   const one = { kind: 'value', value_mm, u_mm: 0.001 };
 *   return { verdict, limits: { upper_mm: 0.06 }, smallest: one, largest: one };
 * };
 * const all = [gap('in', 0.05), gap('out', 0.07), gap('out', 0.09)];
 * worstFirst(all).map((a) => a.smallest.value_mm); // [0.09, 0.07, 0.05]
 */
export function worstFirst<T extends Judged & Pick<Assessment, 'verdict'>>(all: readonly T[]): T[] {
  const rank = ({ verdict }: T): number => ORDER.indexOf(verdict);
  const far = (a: T): number => (a.verdict === 'out' ? farBeyond(a) : 0);
  return [...all].sort((a, b) => rank(a) - rank(b) || far(b) - far(a));
}

/**
 * Lists the characteristics on which a verdict fell between two assessments of a pump, the worst first.
 *
 * @param before the assessment before the last answer
 * @param now the one after it
 * @example
 * const a = (verdict) => ({ characteristic: { id: 'face' }, verdict, limits: {}, smallest: null });
 * fallenSince([a('open')], [a('in')]).length; // 1
 * fallenSince([a('in')], [a('in')]).length; // 0
 */
export function fallenSince(
  before: readonly Assessment[],
  now: readonly Assessment[],
): readonly Assessment[] {
  const was = new Map(before.map((a) => [a.characteristic.id, a.verdict]));
  const fell = (a: Assessment): boolean =>
    a.limits !== null && a.verdict !== 'open' && was.get(a.characteristic.id) !== a.verdict;
  return worstFirst(now.filter(fell));
}
