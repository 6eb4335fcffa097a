import { afterTry, FELT, type Bounds, type Felt, type Bracket, proven } from './bounds';
import { priorOf, priorTop, shareAbove, type Expected, type Prior } from './prior';
import { canDecide } from './reach';
import type { Stack } from './stacks';
import type { ToleranceZone } from '../metrology/verdict';

/** Chance that a try whose gap lies in the drag band is felt as a drag rather than free or not. */
const DRAG_SHARE = 0.5;

/** Chance given to a tilted gap where nothing yet says that smallest and largest differ. */
const TILT_SHARE = 0.08;

/**
 * Describes what a second or third leaf costs, in tries: it is picked up only where it saves more than
 * that.
 */
const EXTRA_LEAF_COST = 0.25;

/**
 * Says how much farther from the gap that is expected a single leaf may lie and still be looked at first,
 * in mm.
 */
const EXTRA_LEAF_MM = 0.02;

/** Stacks looked at on either side of each limit. */
const NEIGHBOURS = 2;

/** Stacks looked at around the gap that is expected. */
const AROUND_CENTRE = 2;

/** Tries looked ahead; beyond them one more is assumed to do. */
const DEPTH = 3;

/** Tries still to make: on average, and in the worst case. */
interface Cost {
  readonly mean: number;
  readonly worst: number;
}

const NOTHING: Cost = { mean: 0, worst: 0 };
const ONE_MORE: Cost = { mean: 1, worst: 1 };

/** Describes what the worst case weighs beside the mean: it settles what is about equal. */
const WORST_WEIGHT = 0.1;
const score = (cost: Cost): number => cost.mean + WORST_WEIGHT * cost.worst;

/** Returns rough chances of the four answers: only their ratio counts, and only for ordering tries. */
function chances(
  { smallest, largest }: Bounds,
  stack_mm: number,
  band: number,
  prior: Prior,
): Record<Felt, number> {
  const small = shareAbove(prior, smallest, stack_mm);
  const large = shareAbove(prior, largest, stack_mm);
  const bandAbove = small - shareAbove(prior, smallest, stack_mm + band);
  const bandBelow = shareAbove(prior, largest, stack_mm - band) - large;
  return {
    free: small - DRAG_SHARE * bandAbove,
    'no-go': 1 - large - DRAG_SHARE * bandBelow,
    drag: DRAG_SHARE * (bandAbove + bandBelow),
    'part-way': Math.max(TILT_SHARE, large - small),
  };
}

/**
 * Returns the stacks worth a thought: those next to a limit, or a drag band from it, and one in the
 * middle.
 */
function candidatesFor(
  stacks: readonly Stack[],
  zone: ToleranceZone,
  band: number,
  prior: Prior,
): Stack[] {
  const picked = new Set<Stack>();
  const { lower, upper, under, over } = zone;
  const limits = [lower, upper].filter(Number.isFinite);
  for (const limit of new Set([...limits, ...[under, over].filter(Number.isFinite)])) {
    const below = stacks.filter((s) => s.total_mm <= limit).slice(-NEIGHBOURS);
    const above = stacks.filter((s) => s.total_mm > limit).slice(0, NEIGHBOURS);
    const dragBelow = stacks.findLast((s) => s.total_mm <= limit - band);
    const dragAbove = stacks.find((s) => s.total_mm >= limit + band);
    for (const s of [...below, ...above, dragBelow, dragAbove]) if (s) picked.add(s);
  }
  // One that drags where the gap is expected may prove both limits at once.
  const off = (s: Stack) =>
    Math.abs(s.total_mm - prior.centre_mm) + EXTRA_LEAF_MM * s.leaves_mm.length;
  const nearest = [...stacks].sort((a, b) => off(a) - off(b)).slice(0, AROUND_CENTRE);
  for (const s of nearest) picked.add(s);
  return [...picked].sort((a, b) => a.total_mm - b.total_mm);
}

const sameSpan = (a: Bracket, b: Bracket): boolean =>
  a === b || (a.lo === b.lo && a.hi === b.hi && a.hiOpen === b.hiOpen);

/** Bits of the key of a branch: for each end of a span, for the candidates tried on the way. */
const END = 2 ** 9;
const TRIED = 2 ** 14;

/**
 * Numbers the few lengths that bound a branch, so that its key is one whole number: writing
 * lengths out as text would take most of a search.
 */
class Keys {
  private readonly ids = new Map<number, number>();

  of({ smallest: s, largest: l }: Bounds, tried: number): number {
    const ends =
      ((this.id(s.lo) * END + this.id(s.hi)) * END + this.id(l.lo)) * END + this.id(l.hi);
    return (ends * 4 + Number(s.hiOpen) * 2 + Number(l.hiOpen)) * TRIED + tried;
  }

  private id(mm: number): number {
    let id = this.ids.get(mm);
    if (id === undefined) this.ids.set(mm, (id = this.ids.size));
    return id;
  }
}

/**
 * One search of the tree of answers. The state of a branch is its bounds and
 * the set of candidates tried on the way, as bits.
 */
class Search {
  private readonly keys = new Keys();
  /** Holds what cells cost by how many tries they lie ahead. */
  private readonly known = Array.from({ length: DEPTH + 1 }, () => new Map<number, Cost>());

  constructor(
    private readonly near: readonly Stack[],
    private readonly zone: ToleranceZone,
    private readonly band: number,
    private readonly prior: Prior,
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
    if (proven(bounds, this.zone)) return NOTHING;
    const key = this.keys.of(bounds, tried);
    const known = this.known[depth]?.get(key);
    if (known) return known;
    const cost = this.costUnknown(bounds, tried, depth);
    this.known[depth]?.set(key, cost);
    return cost;
  }

  private costUnknown(bounds: Bounds, tried: number, depth: number): Cost {
    const totals_mm: number[] = [];
    for (let i = 0; i < this.near.length; i++) {
      if (!(tried & (1 << i))) totals_mm.push((this.near[i] as Stack).total_mm);
    }
    if (!canDecide(bounds, this.zone, { totals_mm, dragBand_mm: this.band })) return NOTHING;
    if (depth >= DEPTH) return ONE_MORE;
    return this.best(bounds, tried, depth)?.cost ?? NOTHING;
  }

  private costOfTrying(index: number, bounds: Bounds, tried: number, depth: number): Cost | null {
    const stack = this.near[index] as Stack;
    const after = FELT.map((felt) => afterTry(bounds, stack.total_mm, felt, this.band));
    const learns = after.some(
      (next) =>
        next &&
        !(sameSpan(next.smallest, bounds.smallest) && sameSpan(next.largest, bounds.largest)),
    );
    if (!learns) return null;
    const weight = chances(bounds, stack.total_mm, this.band, this.prior);
    let total = 0;
    let mean = 0;
    let worst = 0;
    for (const [i, felt] of FELT.entries()) {
      const next = after[i];
      if (!next) continue;
      const cost = this.costOf(next, tried | (1 << index), depth + 1);
      total += weight[felt];
      mean += weight[felt] * cost.mean;
      worst = Math.max(worst, cost.worst);
    }
    const extra = EXTRA_LEAF_COST * (stack.leaves_mm.length - 1);
    return { mean: 1 + extra + (total > 0 ? mean / total : 0), worst: 1 + worst };
  }
}

/**
 * Returns the stack to try next so that in, out or close is reached in as few tries
 * as can be, on average and at worst: a search of the tree of answers over
 * the few stacks that lie next to a limit.
 *
 * @param fresh what the set can make and has not been tried here, thinnest first
 * @param expected about where the gap should lie, where anything says so
 * @returns the stack, or null where no try can bring a verdict
 */
export function nextForVerdict(
  bounds: Bounds,
  zone: ToleranceZone,
  fresh: readonly Stack[],
  dragBand_mm: number,
  expected: Expected | null = null,
): Stack | null {
  const prior = priorOf(expected, zone, bounds.largest.lo);
  const near = candidatesFor(fresh, zone, dragBand_mm, prior);
  const search = new Search(near, zone, dragBand_mm, prior);
  return search.best(bounds, 0, 0)?.stack ?? null;
}

/**
 * Returns the stack to try next for hands that start thin and climb: the thickest leaf
 * that the lower limit is sure to let in, then leaf by leaf the next thicker.
 *
 * @param fresh what the set can make and has not been tried here, thinnest first
 * @returns null once a leaf would not go or dragged: the gap is caught, and narrowing it is no climb
 */
export function nextByClimbing(
  bounds: Bounds,
  zone: ToleranceZone,
  fresh: readonly Stack[],
): Stack | null {
  if (Number.isFinite(bounds.smallest.hi)) return null;
  const single = fresh.filter((s) => s.leaves_mm.length === 1);
  const leaves = single.some((s) => s.total_mm > bounds.smallest.lo) ? single : fresh;
  const start =
    bounds.smallest.lo === 0 ? leaves.findLast((s) => s.total_mm <= zone.lower) : undefined;
  return start ?? leaves.find((s) => s.total_mm > bounds.smallest.lo) ?? null;
}

/** Says how far from the middle of what is left a single leaf may lie and still be preferred to a stack. */
const MIDDLE_SHARE = 0.15;

const inside = (fresh: readonly Stack[], span: Bracket, top: number): Stack[] =>
  fresh.filter(({ total_mm: s }) => s > span.lo && s < Math.min(span.hi, top));

/**
 * Returns the stack to try next so that the bracket itself becomes as narrow as the
 * set allows: the middle one of those that can still narrow it.
 *
 * @param fresh what the set can make and has not been tried here, thinnest first
 * @returns the stack, or null where none of the set can narrow the bracket
 */
export function nextForSize(
  bounds: Bounds,
  zone: ToleranceZone,
  fresh: readonly Stack[],
): Stack | null {
  const top = priorTop(zone, bounds.largest.lo);
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
