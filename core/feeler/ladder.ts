import {
  boundsOf,
  intervalOf,
  DRAG_BAND_MM,
  stackOf,
  type Bounds,
  type Span,
  type Try,
  proven,
} from './bounds';
import type { Limits, Interval } from '../metrology/interval';
import { nextByClimbing, nextForSize, nextForVerdict } from './search';
import { canDecide, type AtHand } from './reach';
import { CONFIDENCE, conformityOfRange } from '../metrology/conformity';
import { extremesOf } from './extremes';
import { marginOf } from '../metrology/soft';
import { stacksOf, type Leaf, type Stack } from './stacks';
import { zoneOf, type Verdict, type ToleranceZone } from '../metrology/verdict';

/** A feeler set as it is used: its leaves, how many may be held together, how far a drag is trusted. */
export interface FeelerSet {
  readonly leaves_mm: readonly number[];
  readonly maxStack: number;
  readonly dragBand_mm?: number;
  /** Thicknesses of leaves that were mic'd: they count instead of what is marked. */
  readonly mics?: readonly { readonly leaf_mm: number; readonly mic_mm: number }[];
  /** Standard uncertainty of a leaf that was not. */
  readonly tolerance_mm?: number;
}

/** Where a ladder begins: at the leaves next to the limits, or thin and climbing. */
export type Manner = 'limit' | 'climb';

/** Leaves as a reading keeps them: the thicknesses that count, and what is marked where one was mic'd. */
export interface Offered {
  readonly leaves_mm: readonly number[];
  readonly marked_mm?: readonly number[] | null;
}

/** A feeler set with all that it can make worked out once, thinnest first. */
export interface Ladder {
  readonly manner: Manner;
  readonly stacks: readonly Stack[];
  readonly dragBand_mm: number;
  /** By how much tries may seem to contradict each other: leaves that are not exact do. */
  readonly slack_mm: number;
  /** How far to the safe side of a limit a single leaf settles it. */
  readonly margin_mm: number;
  /** Some leaf is known no better than its marking: what it says is soft. */
  readonly soft: boolean;
  /** Standard uncertainty of leaves that were offered together. */
  softOf(offered: Offered): number;
  /** Next tries that were worked out before: every place of a pump begins with the same question. */
  readonly known: Map<string, Stack | null>;
}

/** Standard uncertainties by which two leaves may seem to contradict each other. */
const SLACK = 3 * Math.SQRT2;

/** Lists the leaves of a set with the thickness that counts and how exactly it is known. */
export function leavesOf({ leaves_mm, mics = [], tolerance_mm = 0 }: FeelerSet): Leaf[] {
  return leaves_mm.map((marked_mm) => {
    const mic = mics.find((m) => m.leaf_mm === marked_mm);
    return mic
      ? { marked_mm, leaf_mm: mic.mic_mm, soft_mm: 0 }
      : { marked_mm, leaf_mm: marked_mm, soft_mm: tolerance_mm };
  });
}

/**
 * Makes the ladder of a set: everything that its leaves can make, worked out once. It remembers the
 * next tries that it was asked for, so that who asks again and again keeps it.
 */
export function ladderOf(set: FeelerSet, manner: Manner = 'limit'): Ladder {
  const leaves = leavesOf(set);
  const soft_mm = Math.max(...leaves.map((leaf) => leaf.soft_mm));
  return {
    manner,
    stacks: stacksOf(leaves, set.maxStack),
    dragBand_mm: set.dragBand_mm ?? DRAG_BAND_MM,
    slack_mm: SLACK * soft_mm,
    margin_mm: marginOf(soft_mm, CONFIDENCE),
    soft: soft_mm > 0,
    softOf: ({ leaves_mm, marked_mm }) => {
      if (soft_mm === 0) return 0;
      const marked = marked_mm ?? leaves_mm;
      const micd = (mm: number, i: number) =>
        mm !== marked[i] || (marked_mm != null && set.mics?.some((m) => m.leaf_mm === mm));
      return soft_mm * Math.sqrt(leaves_mm.filter((mm, i) => !micd(mm, i)).length);
    },
    known: new Map(),
  };
}

/** What the ladder works towards: a verdict, or the gap itself as close as the set can tell. */
export type Goal = 'verdict' | 'size';

/** Where a row of tries at one place stands. */
export interface TriesState {
  readonly bounds: Bounds;
  readonly smallest: Interval;
  readonly largest: Interval;
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
 * in or out, *close* when none can. Leaves that are not exact prove nothing: with
 * them it goes by probability.
 *
 * @param tries in the order they were made
 * @throws InputError on `tries[i].felt` where a try contradicts those before it
 */
export function judgeTries(ladder: Ladder, limits: Limits, tries: readonly Try[]): TriesState {
  const { dragBand_mm } = ladder;
  const window = zoneOf(limits, ladder.margin_mm);
  const bounds = boundsOf(tries, dragBand_mm, ladder.slack_mm);
  const totals_mm = untried(ladder, tries).map((s) => s.total_mm);
  const verdict =
    (ladder.soft ? likely(bounds, limits) : proven(bounds, window)) ??
    (moreToLearn(bounds, window, { totals_mm, dragBand_mm }) ? 'open' : 'close');
  return {
    bounds,
    smallest: intervalOf(bounds.smallest),
    largest: intervalOf(bounds.largest),
    verdict,
  };
}

const within = ({ lo, hi }: Span, mm: number): boolean => mm > lo && mm < hi;

/**
 * Tells whether leaves can still decide. Where soft bounds would do, were they exact, but are not
 * likely enough, a leaf between them can.
 */
function moreToLearn(bounds: Bounds, window: ToleranceZone, hand: AtHand): boolean {
  if (!proven(bounds, window)) return canDecide(bounds, window, hand);
  return hand.totals_mm.some((mm) => within(bounds.smallest, mm) || within(bounds.largest, mm));
}

/** Returns what soft bounds make likely enough, or null. */
function likely(bounds: Bounds, limits: Limits): 'in' | 'out' | null {
  const { smallest, largest } = extremesOf(bounds, true);
  const { verdict } = conformityOfRange(smallest, largest, limits, 'guarded');
  return verdict === 'close' ? null : verdict;
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
  const next = think(
    ladder,
    zoneOf(limits, ladder.margin_mm),
    goal,
    bounds,
    verdict,
    untried(ladder, tries),
  );
  ladder.known.set(key, next);
  return next;
}

function think(
  ladder: Ladder,
  window: ToleranceZone,
  goal: Goal,
  bounds: Bounds,
  verdict: Verdict,
  fresh: readonly Stack[],
): Stack | null {
  if (goal === 'size') return nextForSize(bounds, window, fresh);
  if (verdict !== 'open') return null;
  if (proven(bounds, window)) return nextForSize(bounds, window, fresh);
  const climbing = ladder.manner === 'climb' ? nextByClimbing(bounds, window, fresh) : null;
  return climbing ?? nextForVerdict(bounds, window, fresh, ladder.dragBand_mm);
}
