import { movesBySize, stepOf, type Offer } from '../operations/offer';
import { plannedWorks, type Solution } from '../solver/plan';
import { rangeOf, type AmountRange, type Problem } from '../solver/problem';
import { bushingWork } from './bushing';
import type { ReworkCase, Setting } from './case';

/** Amounts are the same but for rounding where they differ by less, in mm. */
const ROUNDING_mm = 1e-9;

/**
 * Returns the amount nearest to one that is a whole number of steps and lies in a range, in mm; the amount itself where
 * no step does.
 *
 * @param amount_mm in mm
 * @param range that it has to stay in, in mm
 * @param step_mm the steps that hands can hold
 * @example
 * atStep(0.0317, { from_mm: 0.024, to_mm: 0.043 }, 0.01); // 0.03
 * atStep(0.0317, { from_mm: 0.031, to_mm: 0.032 }, 0.01); // 0.0317
 */
export function atStep(
  amount_mm: number,
  { from_mm, to_mm }: AmountRange,
  step_mm: number,
): number {
  const least = Math.ceil((from_mm - ROUNDING_mm) / step_mm);
  const most = Math.floor((to_mm + ROUNDING_mm) / step_mm);
  if (least > most) return amount_mm;
  return Math.min(most, Math.max(least, Math.round(amount_mm / step_mm))) * step_mm;
}

/** Returns what two ranges have in common; the first where that is nothing. */
function common(a: AmountRange, b: AmountRange): AmountRange {
  const from_mm = Math.max(a.from_mm, b.from_mm);
  const to_mm = Math.min(a.to_mm, b.to_mm);
  return from_mm <= to_mm ? { from_mm, to_mm } : a;
}

/** Returns what the house wants of a bushing that is honed: the amounts, and the one to aim at; null for other work. */
function wantedOf(
  rework: ReworkCase,
  offer: Offer,
): (AmountRange & { readonly aim_mm: number }) | null {
  if (!offer.operation.sizes) return null;
  const work = bushingWork(rework, offer);
  if (!work?.fit || work.bore_mm === null) return null;
  const { fit, bore_mm } = work;
  return {
    from_mm: fit.leastBore_mm - bore_mm,
    to_mm: fit.mostBore_mm - bore_mm,
    aim_mm: fit.aimBore_mm - bore_mm,
  };
}

/**
 * Returns a plan with amounts that hands can hold: whole steps of the shop, inside their range; a bushing is honed to
 * the size that the house wants. What a person holds stays.
 */
export function inHand(
  rework: ReworkCase,
  problem: Problem,
  plan: Solution,
  settings: ReadonlyMap<string, Setting>,
): Solution {
  const amounts = new Map(plan.works.map(({ id, amount_mm }) => [id, amount_mm]));
  const ranges = new Map<string, AmountRange>();
  for (const offer of rework.offers) {
    const amount_mm = amounts.get(offer.id);
    if (amount_mm === undefined || !movesBySize(offer)) continue;
    if (typeof settings.get(offer.id) === 'object') continue;
    const wanted = wantedOf(rework, offer);
    const whole = rangeOf(problem, amounts, offer.id);
    const range = wanted ? common(whole, wanted) : whole;
    if (range.from_mm > range.to_mm) continue;
    const step_mm = stepOf(offer.operation, rework.unit);
    amounts.set(offer.id, atStep(wanted?.aim_mm ?? amount_mm, range, step_mm));
    if (wanted) ranges.set(offer.id, range);
  }
  const works = plannedWorks(problem, amounts).map((work) => {
    const wanted = ranges.get(work.id);
    return wanted ? { ...work, ...common(work, wanted) } : work;
  });
  return { ...plan, works };
}
