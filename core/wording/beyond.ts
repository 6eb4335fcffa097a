import type { Assessment } from '../assessment/assessment';
import { beyondOf } from '../assessment/beyond';
import { centre, ends, isCut, type Estimate } from '../metrology/estimate';
import { COVERAGE } from '../metrology/normal';
import { formatLength, formatWithUnit } from '../quantity/format';
import type { LengthKind, ShopUnit } from '../quantity/units';
import { say } from './say';

/** Names the messages that say how far a length is beyond a limit, by the side of it. */
const BEYOND = {
  over: { by: 'rework.overBy', atLeast: 'rework.overAtLeast', unknown: 'rework.overUnknown' },
  under: { by: 'rework.underBy', atLeast: 'rework.underAtLeast', unknown: 'rework.underUnknown' },
} as const;

/** Says how far a length is beyond a limit: by a figure with its doubt; by leaves at least so much. */
function beyondWords(
  key: 'over' | 'under',
  end: Estimate,
  beyond: (mm: number) => number,
  kind: LengthKind,
  unit: ShopUnit,
): string {
  const text = (mm: number) => formatWithUnit(mm, kind, unit);
  const { by, atLeast, unknown } = BEYOND[key];
  if (end.kind === 'value' && !isCut(end)) {
    const u = formatLength(COVERAGE * end.u_mm, kind, unit);
    return say(by, { by: text(beyond(centre(end))), u });
  }
  const [lo, hi] = ends(end);
  const least = beyond(key === 'over' ? lo : hi);
  return least > 0 ? say(atLeast, { by: text(least) }) : say(unknown);
}

/** Says how far a gap is beyond its limits, as it was measured: `0.6 thou over, ± 0.2`. */
export function outWords(
  a: Pick<Assessment, 'limits' | 'smallest' | 'largest' | 'characteristic'>,
  unit: ShopUnit,
): string {
  const { limits, smallest, largest, characteristic: c } = a;
  const { lower_mm = null, upper_mm = null } = limits ?? {};
  const beyond = beyondOf(a);
  if (!beyond || !smallest || !largest) return 'out';
  if (c.below && centre(smallest) < 0) {
    const length = formatWithUnit(-centre(smallest), c.quantity, unit);
    return say('judge.tooShort', { what: c.below, length });
  }
  return beyond.over_mm >= beyond.under_mm
    ? beyondWords('over', largest, (mm) => mm - (upper_mm ?? 0), c.quantity, unit)
    : beyondWords('under', smallest, (mm) => (lower_mm ?? 0) - mm, c.quantity, unit);
}
