import {
  boundsOf,
  intervalOf,
  DRAG_BAND_MM,
  stackOf,
  type Bounds,
  type Bracket,
  type Try,
  proven,
} from './bounds';
import type { Limits, Interval } from '../metrology/interval';
import { nextByClimbing, nextForSize, nextForVerdict } from './search';
import type { Expected } from './prior';
import { canConfirm, refuting, type AtHand } from './reach';
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

/** Says where a ladder begins: at the leaves next to the limits, or thin and climbing. */
export type Manner = 'limit' | 'climb';

/** Leaves as a reading keeps them: the thicknesses that count, and what is marked where one was mic'd. */
export interface Offered {
  readonly leaves_mm: readonly number[];
  readonly marked_mm?: readonly number[] | null;
}

/** A feeler set with all that it can make worked out once, thinnest first. */
export interface Ladder {
  readonly manner: Manner;
  /** Says what the house wants of a gap that has a limit: its verdict, or its size as well. */
  readonly wanted: Goal;
  readonly stacks: readonly Stack[];
  readonly dragBand_mm: number;
  /** Gives how far tries may seem to contradict each other: leaves that are not exact do. */
  readonly slack_mm: number;
  /** Gives how far to the safe side of a limit a single leaf settles it. */
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

/**
 * Lists the leaves of a set with the thickness that counts and how exactly it is known.
 *
 * @param set its marked and mic’d thicknesses in mm, and the standard uncertainty of the others
 * @example
 * const mics = [{ leaf_mm: 0.05, mic_mm: 0.0508 }];
 * leavesOf({ leaves_mm: [0.05], maxStack: 1, mics, tolerance_mm: 0.002 }); // [{ marked_mm: 0.05, leaf_mm: 0.0508, soft_mm: 0 }]
 */
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
 *
 * @param set its leaves in mm
 * @param manner where it begins: next to the limits, or thin and climbing
 * @param wanted what the house wants of a gap that has a limit
 * @example
 * ladderOf({ leaves_mm: [0.05, 0.1], maxStack: 2 }).stacks.map((s) => s.total_mm); // [0.05, 0.1, 0.15]
 */
export function ladderOf(
  set: FeelerSet,
  manner: Manner = 'limit',
  wanted: Goal = 'verdict',
): Ladder {
  const leaves = leavesOf(set);
  const soft_mm = Math.max(...leaves.map((leaf) => leaf.soft_mm));
  return {
    manner,
    wanted,
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

/** Describes what the ladder works towards: a verdict, or the gap itself as close as the set can tell. */
export type Goal = 'verdict' | 'size';

/** Says where a row of tries at one place stands. */
export interface TriesState {
  readonly bounds: Bounds;
  readonly smallest: Interval;
  readonly largest: Interval;
  readonly verdict: Verdict;
  /** Tells, while it is open, whether leaves can still prove it in, and with which they can prove it out. */
  readonly can: { readonly confirm: boolean; readonly refute: readonly number[] };
}

/** Describes what is known of a place besides the tries that count there. */
export interface Beside {
  /** Thicknesses that were tried there and are not believed: they are not asked for again. */
  readonly spent_mm?: readonly number[];
  /** Says about where the gap should lie. */
  readonly expected?: Expected | null;
}

const untried = (ladder: Ladder, tries: readonly Try[], { spent_mm = [] }: Beside): Stack[] => {
  const tried_mm = [...tries.map((t) => stackOf(t.leaves_mm)), ...spent_mm];
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
 * @param ladder of the set that is in use
 * @param limits in mm
 * @param tries in the order they were made
 * @param beside what else is known of the place
 * @throws InputError on `tries[i].felt` where a try contradicts those before it
 * @example
 * const ladder = ladderOf({ leaves_mm: [0.03, 0.05, 0.06, 0.07], maxStack: 1 });
 * const tries = [
 *   { leaves_mm: [0.05], felt: 'free' },
 *   { leaves_mm: [0.06], felt: 'no-go' },
 * ];
 * judgeTries(ladder, { upper_mm: 0.065 }, tries).verdict; // 'in'
 * judgeTries(ladder, { upper_mm: 0.055 }, tries).verdict; // 'close'
 * judgeTries(ladder, { upper_mm: 0.065 }, []).verdict; // 'open'
 */
export function judgeTries(
  ladder: Ladder,
  limits: Limits,
  tries: readonly Try[],
  beside: Beside = {},
): TriesState {
  const { dragBand_mm } = ladder;
  const zone = zoneOf(limits, ladder.margin_mm);
  const bounds = boundsOf(tries, dragBand_mm, ladder.slack_mm);
  const totals_mm = untried(ladder, tries, beside).map((s) => s.total_mm);
  const settled = ladder.soft ? likely(bounds, limits) : proven(bounds, zone);
  const can = settled ? NOTHING_LEFT : stillCan(bounds, zone, { totals_mm, dragBand_mm });
  const verdict = settled ?? (can.confirm || can.refute.length > 0 ? 'open' : 'close');
  return {
    bounds,
    smallest: intervalOf(bounds.smallest),
    largest: intervalOf(bounds.largest),
    verdict,
    can,
  };
}

const NOTHING_LEFT: TriesState['can'] = { confirm: false, refute: [] };

const within = ({ lo, hi }: Bracket, mm: number): boolean => mm > lo && mm < hi;

/**
 * Returns what leaves can still prove. Where soft bounds would do, were they exact, but are not likely
 * enough, a leaf between them can.
 */
function stillCan(bounds: Bounds, zone: ToleranceZone, hand: AtHand): TriesState['can'] {
  if (!proven(bounds, zone)) {
    return { confirm: canConfirm(bounds, zone, hand), refute: refuting(bounds, zone, hand) };
  }
  const between = hand.totals_mm.filter(
    (mm) => within(bounds.smallest, mm) || within(bounds.largest, mm),
  );
  return { confirm: between.length > 0, refute: between };
}

/** Returns what soft bounds make likely enough, or null. */
function likely(bounds: Bounds, limits: Limits): 'in' | 'out' | null {
  const { smallest, largest } = extremesOf(bounds, true);
  const { verdict } = conformityOfRange(smallest, largest, limits, 'guarded');
  return verdict === 'close' ? null : verdict;
}

/** Describes what a try should tell: the verdict, the size, or only whether the gap is out. */
export type Asked = Goal | 'refute';

/**
 * Returns the leaves to try next, or null where nothing is left to learn for the goal.
 *
 * @param ladder of the set that is in use
 * @param limits in mm
 * @param goal what the tries are for
 * @param tries in the order they were made
 * @param beside what else is known of the place
 * @throws InputError as judgeTries
 * @example
 * const ladder = ladderOf({ leaves_mm: [0.03, 0.05, 0.06, 0.07], maxStack: 1 });
 * nextTry(ladder, { upper_mm: 0.065 }, 'verdict', []); // { leaves_mm: [0.06] }
 * nextTry(ladder, { upper_mm: 0.065 }, 'verdict', [{ leaves_mm: [0.06], felt: 'no-go' }]); // null
 */
export function nextTry(
  ladder: Ladder,
  limits: Limits,
  goal: Asked,
  tries: readonly Try[],
  beside: Beside = {},
): Stack | null {
  const key = JSON.stringify([goal, limits.lower_mm, limits.upper_mm, tries, beside]);
  const known = ladder.known.get(key);
  if (known !== undefined) return known;
  const state = judgeTries(ladder, limits, tries, beside);
  const zone = zoneOf(limits, ladder.margin_mm);
  const fresh = untried(ladder, tries, beside);
  const next =
    goal === 'refute'
      ? nextToRefute(limits, state, fresh, beside.expected ?? null)
      : think(ladder, zone, goal, state, fresh, beside.expected ?? null);
  ladder.known.set(key, next);
  return next;
}

function think(
  { manner, dragBand_mm }: Ladder,
  zone: ToleranceZone,
  goal: Goal,
  { bounds, verdict }: TriesState,
  fresh: readonly Stack[],
  expected: Expected | null,
): Stack | null {
  if (goal === 'size') return nextForSize(bounds, zone, fresh);
  if (verdict !== 'open') return null;
  if (proven(bounds, zone)) return nextForSize(bounds, zone, fresh);
  const climbing = manner === 'climb' ? nextByClimbing(bounds, zone, fresh) : null;
  if (climbing) return climbing;
  return nextForVerdict(bounds, zone, fresh, dragBand_mm, expected);
}

/**
 * Returns what to try next where a gap can only be out or too close to call: the leaf of the limit itself, where the set
 * has it and nothing says that it goes in, for a place that refuses it is through; else the one that asks least of the
 * gap to prove it out.
 */
function nextToRefute(
  { lower_mm, upper_mm }: Limits,
  { bounds, verdict, can }: TriesState,
  fresh: readonly Stack[],
  expected: Expected | null,
): Stack | null {
  if (verdict !== 'open') return null;
  const [first] = can.refute;
  const isAbove = first !== undefined && upper_mm != null && first > upper_mm;
  const limit = isAbove ? upper_mm : lower_mm;
  const centre = expected?.centre_mm ?? limit;
  const isBeyond = limit == null || centre == null || (isAbove ? centre > limit : centre < limit);
  const span = isAbove ? bounds.largest : bounds.smallest;
  const ofLimit = fresh.find(({ total_mm }) => total_mm === limit && within(span, total_mm));
  if (ofLimit && !isBeyond) return ofLimit;
  return fresh.find((s) => s.total_mm === first) ?? null;
}
