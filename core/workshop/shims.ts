import { tidy_mm } from '../quantity/units';

/** Says what a stack of washers may leave, and what is to be had of them; in mm. */
export interface ShimChoice {
  readonly lower_mm: number;
  readonly upper_mm: number;
  /** Thicknesses that can be had, as many of each as wanted. */
  readonly shims_mm: readonly number[];
  readonly maxShims: number;
  /** Says where within the limits what is left should lie. */
  readonly aim: 'middle' | 'tight' | 'loose';
}

/** A gap by its smallest and its largest, in mm. */
export interface GapRange {
  readonly smallest: number;
  readonly largest: number;
}

/** The washers that fit a gap, what they leave, and what would have to be bought. */
export interface ShimStack {
  readonly stack_mm: readonly number[];
  /** Is null where none fits. */
  readonly left_mm: GapRange | null;
  /** `close` where the middle of what is left is in, and an end of it is not. */
  readonly verdict: 'in' | 'close' | 'none';
  /** Thickness that leaves the gap in wherever it was measured; null where no thickness does. */
  readonly buy_mm: { readonly from_mm: number; readonly to_mm: number } | null;
}

/** Lists every stack of so many washers at most, thick ones first; the empty one is the first. */
function stacksOf(shims_mm: readonly number[], most: number): number[][] {
  const sorted = [...new Set(shims_mm)].sort((a, b) => b - a);
  const stacks: number[][] = [[]];
  const extend = (held: readonly number[], from: number): void => {
    for (let i = from; i < sorted.length; i++) {
      const next = [...held, sorted[i] as number];
      stacks.push(next);
      if (next.length < most) extend(next, i);
    }
  };
  if (most > 0) extend([], 0);
  return stacks;
}

const AIM: Readonly<Record<ShimChoice['aim'], (choice: ShimChoice) => number>> = {
  tight: ({ lower_mm }) => lower_mm,
  middle: ({ lower_mm, upper_mm }) => (lower_mm + upper_mm) / 2,
  loose: ({ upper_mm }) => upper_mm,
};

/**
 * Returns the washers that bring a gap inside its limits: those that do so wherever it was measured first, then those
 * whose middle is in; among them the one whose rest lies nearest to the aim; then fewer, then the thickest. None at all
 * is a stack as well.
 *
 * @param gap without a washer, in mm
 * @param choice limits and what is to be had, in mm
 * @example
 * const choice = { lower_mm: 0.25, upper_mm: 0.55, shims_mm: [3.3, 3.5, 3.7, 3.9], maxShims: 1, aim: 'middle' };
 * chooseShims({ smallest: 4.07, largest: 4.09 }, choice); // { stack_mm: [3.7], left_mm: { smallest: 0.37, largest: 0.39 }, verdict: 'in' }
 * chooseShims({ smallest: 9, largest: 9 }, choice); // { stack_mm: [], left_mm: null, verdict: 'none', buy_mm: { from_mm: 8.45, to_mm: 8.75 } }
 */
export function chooseShims({ smallest, largest }: GapRange, choice: ShimChoice): ShimStack {
  const lower_mm = tidy_mm(choice.lower_mm);
  const upper_mm = tidy_mm(choice.upper_mm);
  const [from_mm, to_mm] = [tidy_mm(largest - upper_mm), tidy_mm(smallest - lower_mm)];
  const aim_mm = AIM[choice.aim](choice);
  const fitting = stacksOf(choice.shims_mm, choice.maxShims).flatMap((stack_mm) => {
    const held_mm = stack_mm.reduce((sum, mm) => sum + mm, 0);
    const left_mm = { smallest: tidy_mm(smallest - held_mm), largest: tidy_mm(largest - held_mm) };
    const middle_mm = tidy_mm((left_mm.smallest + left_mm.largest) / 2);
    if (middle_mm < lower_mm || middle_mm > upper_mm) return [];
    const isIn = left_mm.smallest >= lower_mm && left_mm.largest <= upper_mm;
    return [{ stack_mm, left_mm, isIn, off_mm: tidy_mm(Math.abs(middle_mm - aim_mm)) }];
  });
  const [best] = fitting.sort(
    (a, b) =>
      Number(b.isIn) - Number(a.isIn) ||
      a.off_mm - b.off_mm ||
      a.stack_mm.length - b.stack_mm.length ||
      thicker(a.stack_mm, b.stack_mm),
  );
  const buy_mm = from_mm > to_mm ? null : { from_mm, to_mm };
  if (!best) return { stack_mm: [], left_mm: null, verdict: 'none', buy_mm };
  const { stack_mm, left_mm, isIn } = best;
  return { stack_mm, left_mm, verdict: isIn ? 'in' : 'close', buy_mm };
}

/** Sets the stack with the thicker washer first. */
function thicker(a: readonly number[], b: readonly number[]): number {
  const at = a.findIndex((mm, i) => mm !== b[i]);
  return at < 0 ? 0 : (b[at] ?? 0) - (a[at] ?? 0);
}
