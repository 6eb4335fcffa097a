import type { Assessment } from '../assessment/assessment';
import { ends, movedTo, type Estimate } from '../metrology/estimate';
import type { Extremes } from '../metrology/extremes';
import { rectangular } from '../metrology/sizes';
import { effectsOn } from '../rework/effects/effects';
import { endsBy } from '../rework/effects/standing';
import type { ReworkCase } from '../rework/decision/case';
import type { Effect } from '../rework/solver/problem';
import type { PlannedWork } from '../rework/solver/plan';
import { standingNow, type Standing } from './known';

/** Says how far work moves an end of a gap for sure, and by how much either way it may come out otherwise, in mm. */
interface Moved {
  readonly by_mm: number;
  readonly spread_mm: number;
}

const movedBy = ({ perMm, once_mm, spread_mm = 0 }: Effect, amount_mm: number): Moved => ({
  by_mm: perMm * amount_mm + once_mm,
  spread_mm: Math.abs(spread_mm),
});

const plus = (a: Moved, b: Moved): Moved => ({
  by_mm: a.by_mm + b.by_mm,
  spread_mm: a.spread_mm + b.spread_mm,
});

/** Moves an end of a gap along, with what it may be off by. */
function along(estimate: Estimate, { by_mm, spread_mm }: Moved): Estimate {
  const moved = movedTo(estimate, by_mm);
  if (moved.kind === 'value') {
    return { ...moved, u_mm: Math.hypot(moved.u_mm, rectangular(spread_mm)) };
  }
  const { lo_mm, hi_mm } = moved;
  return { ...moved, lo_mm: lo_mm - spread_mm, hi_mm: hi_mm === null ? null : hi_mm + spread_mm };
}

/** Ends that work moves by as much as each other are moved along, in mm; others are where it takes them. */
const SAME_mm = 1e-9;

/** Returns the ends of a gap after work that moves them, in mm. */
function after({ smallest, largest }: Extremes, low: Moved, high: Moved, a: Assessment): Extremes {
  if (Math.abs(low.by_mm - high.by_mm) < SAME_mm) {
    return { smallest: along(smallest, low), largest: along(largest, high) };
  }
  // What brings both ends to where they belong leaves nothing of what they were.
  const lo_mm = endsBy(smallest, 'guarded')[0] + low.by_mm - low.spread_mm;
  const top_mm = ends(largest)[1];
  const hi_mm = (Number.isFinite(top_mm) ? top_mm : (a.limits?.upper_mm ?? lo_mm)) + high.by_mm;
  const bracket: Estimate = {
    kind: 'interval',
    lo_mm: Math.max(0, Math.min(lo_mm, hi_mm)),
    hi_mm: Math.max(0, lo_mm, hi_mm + high.spread_mm),
  };
  return { smallest: bracket, largest: bracket };
}

/**
 * Returns what gaps are after the works of a plan: each as it is now, moved along by what they do to it.
 *
 * @param rework what plans for the pump are made from
 * @param works of the plan, with their amounts in mm
 */
export function standingAfter(
  { offers, known }: Pick<ReworkCase, 'offers' | 'known'>,
  works: readonly Pick<PlannedWork, 'id' | 'amount_mm'>[],
): Standing {
  const done = works.flatMap(({ id, amount_mm }) => {
    const offer = offers.find((o) => o.id === id);
    return offer ? [{ offer, amount_mm }] : [];
  });
  return (a) => {
    const now = standingNow(a);
    if (!now) return null;
    const { extremes } = now;
    const standing = { ...a, ...extremes };
    // A plan counts by the rule of the house; what is likely counts by what was read.
    const guarded = { ...known, rule: 'guarded' as const };
    let low: Moved = { by_mm: 0, spread_mm: 0 };
    let high = low;
    for (const { offer, amount_mm } of done) {
      const effects = effectsOn(standing, offer, guarded);
      low = plus(low, movedBy(effects.low, amount_mm));
      high = plus(high, movedBy(effects.high, amount_mm));
    }
    const isMoved = [low, high].some(({ by_mm, spread_mm }) => by_mm !== 0 || spread_mm !== 0);
    if (!isMoved) return now;
    return { extremes: after(extremes, low, high, a), from: 'predicted' };
  };
}
