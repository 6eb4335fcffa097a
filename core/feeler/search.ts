import { afterTry, FELT, type Bounds, type Felt, type Span, proven } from './bounds';
import { canDecide } from './reach';
import type { Stack } from './stacks';
import type { ToleranceZone } from '../metrology/verdict';

/** Chance that a try whose gap lies in the drag band is felt as a drag rather than free or not. */
const DRAG_SHARE = 0.5;

/** Chance given to a tilted gap where nothing yet says that smallest and largest differ. */
const TILT_SHARE = 0.08;

/** A second or third leaf costs a little: it settles ties, no more. */
const EXTRA_LEAF_COST = 0.02;

/** Stacks looked at on either side of each limit. */
const NEIGHBOURS = 2;

/** Tries looked ahead; beyond them one more is assumed to do. */
const DEPTH = 3;

/** Before anything is known gaps are thought to lie anywhere up to this many times the limit. */
const PRIOR_REACH = 1.3;

/** Tries still to make: on average, and in the worst case. */
interface Cost {
  readonly mean: number;
  readonly worst: number;
}

const NOTHING: Cost = { mean: 0, worst: 0 };
const ONE_MORE: Cost = { mean: 1, worst: 1 };

/** A wrong turn that needs many tries weighs as much as the mean. */
const score = (cost: Cost): number => cost.mean + cost.worst;

/** The width below which gaps are thought to lie before anything bounds them. */
function priorTop(window: ToleranceZone, lo: number): number {
  const limit = Number.isFinite(window.upper) ? window.upper : Math.max(window.lower, 0);
  return Math.max(PRIOR_REACH * limit, 1.5 * lo, lo + 0.01);
}

/** Share of a uniform span at or above x; a span without an upper end ends at `top`. */
function shareAbove(span: Span, x: number, top: number): number {
  const hi = Number.isFinite(span.hi) ? span.hi : Math.max(top, span.lo);
  if (hi <= span.lo) return span.lo >= x ? 1 : 0;
  return Math.min(1, Math.max(0, (hi - x) / (hi - span.lo)));
}

/** Rough chances of the four answers: only their ratio counts, and only for ordering tries. */
function chances(
  { smallest, largest }: Bounds,
  stack_mm: number,
  band: number,
  top: number,
): Record<Felt, number> {
  const small = shareAbove(smallest, stack_mm, top);
  const large = shareAbove(largest, stack_mm, top);
  const bandAbove = small - shareAbove(smallest, stack_mm + band, top);
  const bandBelow = shareAbove(largest, stack_mm - band, top) - large;
  return {
    free: small - DRAG_SHARE * bandAbove,
    'no-go': 1 - large - DRAG_SHARE * bandBelow,
    drag: DRAG_SHARE * (bandAbove + bandBelow),
    'part-way': Math.max(TILT_SHARE, large - small),
  };
}

/** The stacks worth a thought: those next to a limit, or a drag band from it, and one in the middle. */
function candidatesFor(stacks: readonly Stack[], window: ToleranceZone, band: number): Stack[] {
  const picked = new Set<Stack>();
  const { lower, upper, under, over } = window;
  const limits = [lower, upper].filter(Number.isFinite);
  for (const limit of new Set([...limits, ...[under, over].filter(Number.isFinite)])) {
    const below = stacks.filter((s) => s.total_mm <= limit).slice(-NEIGHBOURS);
    const above = stacks.filter((s) => s.total_mm > limit).slice(0, NEIGHBOURS);
    const dragBelow = stacks.findLast((s) => s.total_mm <= limit - band);
    const dragAbove = stacks.find((s) => s.total_mm >= limit + band);
    for (const s of [...below, ...above, dragBelow, dragAbove]) if (s) picked.add(s);
  }
  if (limits.length === 2) {
    const middle = (window.lower + window.upper) / 2;
    const off = (s: Stack) => Math.abs(s.total_mm - middle) + EXTRA_LEAF_COST * s.leaves_mm.length;
    const best = stacks.reduce<Stack | null>((b, s) => (!b || off(s) < off(b) ? s : b), null);
    if (best) picked.add(best);
  }
  return [...picked].sort((a, b) => a.total_mm - b.total_mm);
}

const keyOf = ({ smallest: s, largest: l }: Bounds): string =>
  `${s.lo},${s.hi},${s.hiOpen},${l.lo},${l.hi},${l.hiOpen}`;

/**
 * One search of the tree of answers. The state of a branch is its bounds and
 * the set of candidates tried on the way, as bits.
 */
class Search {
  private readonly known = new Map<string, Cost>();

  constructor(
    private readonly near: readonly Stack[],
    private readonly window: ToleranceZone,
    private readonly band: number,
    private readonly top: number,
  ) {}

  /** The cheapest next try, or null where none teaches anything. */
  best(bounds: Bounds, tried: number, depth: number): { stack: Stack; cost: Cost } | null {
    let best: { stack: Stack; cost: Cost } | null = null;
    for (let i = 0; i < this.near.length; i++) {
      if (tried & (1 << i)) continue;
      const cost = this.costOfTrying(i, bounds, tried, depth);
      if (cost && (!best || score(cost) < score(best.cost))) {
        best = { stack: this.near[i] as Stack, cost };
      }
    }
    return best;
  }

  private costOf(bounds: Bounds, tried: number, depth: number): Cost {
    if (proven(bounds, this.window)) return NOTHING;
    const key = `${keyOf(bounds)}|${tried}|${depth}`;
    const known = this.known.get(key);
    if (known) return known;
    const cost = this.costUnknown(bounds, tried, depth);
    this.known.set(key, cost);
    return cost;
  }

  private costUnknown(bounds: Bounds, tried: number, depth: number): Cost {
    const totals_mm: number[] = [];
    for (let i = 0; i < this.near.length; i++) {
      if (!(tried & (1 << i))) totals_mm.push((this.near[i] as Stack).total_mm);
    }
    if (!canDecide(bounds, this.window, { totals_mm, dragBand_mm: this.band })) return NOTHING;
    if (depth >= DEPTH) return ONE_MORE;
    return this.best(bounds, tried, depth)?.cost ?? NOTHING;
  }

  private costOfTrying(index: number, bounds: Bounds, tried: number, depth: number): Cost | null {
    const stack = this.near[index] as Stack;
    const weight = chances(bounds, stack.total_mm, this.band, this.top);
    let total = 0;
    let mean = 0;
    let worst = 0;
    let learns = false;
    for (const felt of FELT) {
      const next = afterTry(bounds, stack.total_mm, felt, this.band);
      if (!next) continue;
      learns ||= keyOf(next) !== keyOf(bounds);
      const cost = this.costOf(next, tried | (1 << index), depth + 1);
      total += weight[felt];
      mean += weight[felt] * cost.mean;
      worst = Math.max(worst, cost.worst);
    }
    if (!learns) return null;
    const extra = EXTRA_LEAF_COST * (stack.leaves_mm.length - 1);
    return { mean: 1 + extra + (total > 0 ? mean / total : 0), worst: 1 + worst };
  }
}

/**
 * The stack to try next so that in, out or close is reached in as few tries
 * as can be, on average and at worst: a search of the tree of answers over
 * the few stacks that lie next to a limit.
 *
 * @param fresh what the set can make and has not been tried here, thinnest first
 * @returns the stack, or null where no try can bring a verdict
 */
export function nextForVerdict(
  bounds: Bounds,
  window: ToleranceZone,
  fresh: readonly Stack[],
  dragBand_mm: number,
): Stack | null {
  const near = candidatesFor(fresh, window, dragBand_mm);
  const search = new Search(near, window, dragBand_mm, priorTop(window, bounds.largest.lo));
  return search.best(bounds, 0, 0)?.stack ?? null;
}

/**
 * The stack to try next for hands that start thin and climb: the thickest leaf
 * that the lower limit is sure to let in, then leaf by leaf the next thicker.
 *
 * @param fresh what the set can make and has not been tried here, thinnest first
 * @returns null once a leaf would not go or dragged: the gap is caught, and narrowing it is no climb
 */
export function nextByClimbing(
  bounds: Bounds,
  window: ToleranceZone,
  fresh: readonly Stack[],
): Stack | null {
  if (Number.isFinite(bounds.smallest.hi)) return null;
  const single = fresh.filter((s) => s.leaves_mm.length === 1);
  const leaves = single.some((s) => s.total_mm > bounds.smallest.lo) ? single : fresh;
  const start =
    bounds.smallest.lo === 0 ? leaves.findLast((s) => s.total_mm <= window.lower) : undefined;
  return start ?? leaves.find((s) => s.total_mm > bounds.smallest.lo) ?? null;
}

/** How far from the middle of what is left a single leaf may lie and still be preferred to a stack. */
const MIDDLE_SHARE = 0.15;

const inside = (fresh: readonly Stack[], span: Span, top: number): Stack[] =>
  fresh.filter(({ total_mm: s }) => s > span.lo && s < Math.min(span.hi, top));

/**
 * The stack to try next so that the bracket itself becomes as narrow as the
 * set allows: the middle one of those that can still narrow it.
 *
 * @param fresh what the set can make and has not been tried here, thinnest first
 * @returns the stack, or null where none of the set can narrow the bracket
 */
export function nextForSize(
  bounds: Bounds,
  window: ToleranceZone,
  fresh: readonly Stack[],
): Stack | null {
  const top = priorTop(window, bounds.largest.lo);
  const fits = [
    inside(fresh, bounds.smallest, top),
    inside(fresh, bounds.largest, top),
    inside(fresh, bounds.smallest, Infinity),
    inside(fresh, bounds.largest, Infinity),
  ].find((stacks) => stacks.length > 0);
  if (!fits) return null;

  const middle = (fits.length - 1) / 2;
  const rank = (stack: Stack, i: number): number => {
    const off = Math.abs(i - middle);
    const central = off <= MIDDLE_SHARE * fits.length;
    return (central ? stack.leaves_mm.length : 4) * fits.length + off;
  };
  const ranks = fits.map(rank);
  return fits[ranks.indexOf(Math.min(...ranks))] ?? null;
}
