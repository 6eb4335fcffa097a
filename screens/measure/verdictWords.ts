import { say } from '@/core/wording/say';
import type { Assessment } from '@/core/assessment/assessment';
import { hasOwnLimit, worstVerdict } from '@/core/assessment/summary';
import { readingFigure } from '@/core/methods/list';
import { gapText, hotText, shownExtremes } from '@/core/wording/figures';
import { explain } from '@/core/wording/verdict';
import { VERDICT_WORD } from '@/core/wording/verdictWord';
import { ends } from '@/core/metrology/estimate';
import { formatLength, limitsWithUnit, unitName, signedLength } from '@/core/quantity/format';
import type { ShopUnit } from '@/core/quantity/units';
import type { Job } from '@/core/records/job';
import type { DrawnTilt } from '@/ui/TiltArrow';

/** A characteristic in the few words that lists and headings have room for. */
export function figureOf(a: Assessment, unit: ShopUnit): string {
  const known = shownExtremes(a);
  if (known) return gapText(a.characteristic, known, unit);
  const felt = a.touches.at(-1);
  return felt ? readingFigure(felt, unit) : '–';
}

export function limitsOf(a: Assessment, unit: ShopUnit): string {
  return a.limits ? limitsWithUnit(a.limits, a.characteristic.quantity, unit) : 'no limit';
}

/**
 * @param isAccepted whether a person accepted it, where nothing is published
 */
export function wordOf(a: Assessment, isAccepted: boolean): string {
  if (a.limits) return VERDICT_WORD[a.verdict];
  if (isAccepted) return 'Accepted';
  return a.largest || a.touches.length > 0 ? 'Recorded' : 'No limit';
}

/** Says that all is measured, and the worst of what has a limit. */
export function allMeasuredWords(all: readonly Assessment[]): string {
  const judged = all.filter((a) => a.limits !== null);
  const worst = worstVerdict(judged);
  const count = all.filter(hasOwnLimit).length;
  if (judged.length === 0) return 'All measured. No check has a limit.';
  return worst === 'in'
    ? say('measure.allIn', { count })
    : say('measure.worst', { count, verdict: VERDICT_WORD[worst] });
}

export function reasonOf(a: Assessment, job: Job, unit: ShopUnit): string {
  return explain(a, job.sheet, unit, job.rules);
}

/** The floor's tilt as it is drawn on the pump; null where its depths tell none, or no more than their own scatter. */
export function drawnTilt(a: Assessment, unit: ShopUnit): DrawnTilt | null {
  if (!a.tilt || !a.largest || ends(a.largest)[0] <= 0) return null;
  const { direction_deg, tilt_mm } = a.tilt;
  return { direction_deg, label: formatLength(tilt_mm, 'gap', unit) };
}

/** The gap at working temperature beside the cold one, where the sheet says enough for it. */
export function hotOf(a: Assessment, unit: ShopUnit): string | null {
  if (a.heatShift_mm === null) return null;
  const shift = signedLength(a.heatShift_mm, 'gap', unit);
  const known = shownExtremes(a);
  if (!known) return say('measure.hotShift', { shift });
  const { quantity } = a.characteristic;
  return say('measure.hot', {
    gap: hotText(known, a.heatShift_mm, unit, quantity),
    unit: unitName(quantity, unit),
    shift,
  });
}
