import {
  boundsOf,
  bracketOf,
  DRAG_BAND_MM,
  stackOf,
  type Bounds,
  type Bracket,
  type Limits,
  type Try,
} from './bracket';
import { nextByClimbing, nextForSize, nextForVerdict } from './ladder';
import { canDecide } from './reach';
import { stacksOf, type Stack } from './stacks';
import { proven, windowOf, type Verdict, type Window } from './verdict';

/** A feeler set as it is used: its leaves, how many may be held together, how far a drag is trusted. */
export interface FeelerSet {
  readonly leaves_mm: readonly number[];
  readonly maxStack: number;
  readonly dragBand_mm?: number;
}

/** Where a ladder begins: at the leaves next to the limits, or thin and climbing. */
export type Manner = 'limit' | 'climb';

/** A feeler set with all that it can make worked out once, thinnest first. */
export interface Ladder {
  readonly manner: Manner;
  readonly stacks: readonly Stack[];
  readonly dragBand_mm: number;
  /** Next tries that were worked out before: every place of a pump begins with the same question. */
  readonly known: Map<string, Stack | null>;
}

const LADDERS: Readonly<Record<Manner, WeakMap<FeelerSet, Ladder>>> = {
  limit: new WeakMap(),
  climb: new WeakMap(),
};

/** The ladder of a set; the same set gives the same ladder, which remembers what it worked out. */
export function ladderOf(set: FeelerSet, manner: Manner = 'limit'): Ladder {
  const made = LADDERS[manner].get(set) ?? {
    manner,
    stacks: stacksOf(set.leaves_mm, set.maxStack),
    dragBand_mm: set.dragBand_mm ?? DRAG_BAND_MM,
    known: new Map<string, Stack | null>(),
  };
  LADDERS[manner].set(set, made);
  return made;
}

/** What the ladder works towards: a verdict, or the gap itself as close as the set can tell. */
export type Goal = 'verdict' | 'size';

/** Where a row of tries at one place stands. */
export interface TriesState {
  readonly bounds: Bounds;
  readonly smallest: Bracket;
  readonly largest: Bracket;
  readonly verdict: Verdict;
}

const untried = (ladder: Ladder, tries: readonly Try[]): Stack[] => {
  const tried_mm = tries.map((t) => stackOf(t.leaves_mm));
  return ladder.stacks.filter((s) => !tried_mm.includes(s.total_mm));
};

/**
 * Judges the tries made at one place.
 *
 * Lower limits are held against the smallest gap, upper limits against the
 * largest. *Open* while some stack of distinct leaves can still prove the gap
 * in or out, *close* when none can.
 *
 * @param tries in the order they were made
 * @throws InputError on `tries[i].felt` where a try contradicts those before it
 */
export function judgeTries(ladder: Ladder, limits: Limits, tries: readonly Try[]): TriesState {
  const { dragBand_mm } = ladder;
  const window = windowOf(limits);
  const bounds = boundsOf(tries, dragBand_mm);
  const totals_mm = untried(ladder, tries).map((s) => s.total_mm);
  const verdict =
    proven(bounds, window) ??
    (canDecide(bounds, window, { totals_mm, dragBand_mm }) ? 'open' : 'close');
  return {
    bounds,
    smallest: bracketOf(bounds.smallest),
    largest: bracketOf(bounds.largest),
    verdict,
  };
}

/**
 * The leaves to try next, or null where nothing is left to learn for the goal.
 *
 * @throws InputError as judgeTries
 */
export function nextTry(
  ladder: Ladder,
  limits: Limits,
  goal: Goal,
  tries: readonly Try[],
): Stack | null {
  const key = JSON.stringify([goal, limits.lower_mm ?? null, limits.upper_mm ?? null, tries]);
  const known = ladder.known.get(key);
  if (known !== undefined) return known;
  const { bounds, verdict } = judgeTries(ladder, limits, tries);
  const next = think(ladder, windowOf(limits), goal, bounds, verdict, untried(ladder, tries));
  ladder.known.set(key, next);
  return next;
}

function think(
  ladder: Ladder,
  window: Window,
  goal: Goal,
  bounds: Bounds,
  verdict: Verdict,
  fresh: readonly Stack[],
): Stack | null {
  if (goal === 'size') return nextForSize(bounds, window, fresh);
  if (verdict !== 'open') return null;
  const climbing = ladder.manner === 'climb' ? nextByClimbing(bounds, window, fresh) : null;
  return climbing ?? nextForVerdict(bounds, window, fresh, ladder.dragBand_mm);
}
