import { stackOf, type Bounds, type Bracket, type Try } from './bounds';
import type { Ladder } from './ladder';
import type { Stack } from './stacks';

/** Describes what guides the hand where a gap is to be known rather than judged, in mm. */
export interface Recording {
  /** The leaf to begin with: what the place before was found to be. */
  readonly begin_mm?: number | null;
  /** Gives where the gap matters: what a sum leaves for it. Tried once the first leaf went in. */
  readonly room_mm?: number | null;
  /** Thicknesses that were tried there and are not believed. */
  readonly spent_mm?: readonly number[];
}

/** Lists the steps that a gap is told by: single leaves, and beyond the thickest what several make. */
function stepsOf({ stacks }: Ladder): readonly Stack[] {
  const thickest = stacks.findLast((s) => s.leaves_mm.length === 1)?.total_mm ?? 0;
  return stacks.filter((s) => s.leaves_mm.length === 1 || s.total_mm > thickest);
}

const between = (steps: readonly Stack[], { lo, hi }: Bracket): readonly Stack[] =>
  steps.filter(({ total_mm }) => total_mm > lo && total_mm < hi);

const nearest = (steps: readonly Stack[], mm: number): Stack | undefined =>
  steps.reduce<Stack | undefined>(
    (best, s) => (!best || Math.abs(s.total_mm - mm) < Math.abs(best.total_mm - mm) ? s : best),
    undefined,
  );

/**
 * Returns the leaf that the place before leads to: the one that it was told by, and then its neighbour on the side that is
 * still open; undefined where what is known here lies elsewhere.
 */
function nextFrom(
  begin_mm: number,
  steps: readonly Stack[],
  within: readonly Stack[],
  { lo, hi }: Bracket,
): Stack | undefined {
  const begin = nearest(steps, begin_mm);
  if (!begin || within.includes(begin)) return begin;
  if (begin.total_mm === lo) return within[0];
  return begin.total_mm === hi ? within.at(-1) : undefined;
}

/**
 * Returns the leaf to try next so that a gap is known between neighbouring leaves: thin first, or what
 * the place before was found to be; from there in steps that double, and the middle once it is caught.
 * What is known of the place already is not asked again.
 *
 * @param ladder of the set that is in use
 * @param bounds what is known of the place, in mm
 * @param tries those that count at this place, in the order they were made
 * @param recording what guides the hand, in mm
 * @returns null where no single leaf lies within what is known, or a leaf dragged
 * @example
 * import { NO_EVIDENCE } from './bounds';
 * import { ladderOf } from './ladder';
 * const ladder = ladderOf({ leaves_mm: [0.03, 0.05, 0.06, 0.07], maxStack: 1 });
 * nextToRecord(ladder, NO_EVIDENCE, []); // { leaves_mm: [0.03] }
 * nextToRecord(ladder, NO_EVIDENCE, [], { begin_mm: 0.055 }); // { leaves_mm: [0.05] }
 */
export function nextToRecord(
  ladder: Ladder,
  bounds: Bounds,
  tries: readonly Try[],
  { begin_mm = null, room_mm = null, spent_mm = [] }: Recording = {},
): Stack | null {
  if (tries.some((t) => t.felt === 'drag')) return null;
  const tried_mm = [...tries.map((t) => stackOf(t.leaves_mm)), ...spent_mm];
  const fresh = stepsOf(ladder).filter((s) => !tried_mm.includes(s.total_mm));
  const open = [bounds.largest, bounds.smallest]
    .map((span) => ({ span, within: between(fresh, span) }))
    .find(({ within }) => within.length > 0);
  if (!open) return null;
  const { span, within } = open;
  const led = begin_mm === null ? undefined : nextFrom(begin_mm, stepsOf(ladder), within, span);
  if (led) return led;
  if (tries.length === 0)
    return (begin_mm === null ? within[0] : nearest(within, begin_mm)) ?? null;
  const stride = ladder.manner === 'climb' ? 0 : 2 ** (tries.length - 1) - 1;
  if (!Number.isFinite(span.hi)) {
    const room = room_mm !== null && tries.length === 1 ? nearest(within, room_mm) : undefined;
    return room ?? within[Math.min(stride, within.length - 1)] ?? null;
  }
  if (span.lo === 0) return within[Math.max(0, within.length - 1 - stride)] ?? null;
  return within[Math.floor((within.length - 1) / 2)] ?? null;
}
