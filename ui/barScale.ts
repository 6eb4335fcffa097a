import type { Limits } from '@/core/metrology/interval';
import { ends, type Estimate } from '@/core/metrology/estimate';
import type { LengthKind } from '@/core/quantity/units';

/** Room left beyond the last thing that is shown, as a share of the scale. */
const ROOM = 0.25;

/** A reading this many times the limit runs off the end of the scale, with an arrow: it does not squeeze the rest. */
const MOST = 6;

/** The scale where neither a limit nor a reading gives one, in mm. */
const BLANK_MM = 0.1;

/** Where things lie on a bar, in px: its line, what is known over it, room beside it. */
export const BAR = { base: 44, top: 24, height: 12, margin: 22 } as const;

/** What a bar shows, in mm. */
export interface BarScale {
  readonly from_mm: number;
  readonly to_mm: number;
}

/**
 * The gap bar's scale: room for the limit, the evidence and the hot gap, but
 * never so long that the limits shrink to nothing. A gap begins at nothing; a
 * size shows the stretch about its limits.
 */
export function barScale(
  limits: Limits | null,
  estimates: readonly Estimate[],
  heatShift_mm: number | null,
  kind: LengthKind = 'gap',
): BarScale {
  const known = estimates.flatMap(ends).filter(Number.isFinite);
  if (kind === 'size') {
    const all = [limits?.lower_mm, limits?.upper_mm, ...known].filter((v) => v != null);
    const [least, most] = all.length > 0 ? [Math.min(...all), Math.max(...all)] : [0, 0];
    const room = ROOM * Math.max(most - least, BLANK_MM);
    return { from_mm: least - room, to_mm: most + room };
  }
  const limit = limits?.upper_mm ?? limits?.lower_mm ?? 0;
  const seen = known.length > 0 ? Math.max(...known) + Math.max(0, heatShift_mm ?? 0) : 0;
  const most = limit > 0 ? MOST * limit : Infinity;
  const end = Math.max(limit, Math.min(seen, most));
  return { from_mm: 0, to_mm: end > 0 ? end * (1 + ROOM) : BLANK_MM };
}

/** Returns where a length lies on a bar of a width; past the end of the scale it stays at the end. */
export function across(width: number, { from_mm, to_mm }: BarScale): (mm: number) => number {
  const held = (mm: number) => Math.min(Math.max(mm, from_mm), to_mm);
  const room = width - 2 * BAR.margin;
  return (mm) => BAR.margin + ((held(mm) - from_mm) / (to_mm - from_mm)) * room;
}
