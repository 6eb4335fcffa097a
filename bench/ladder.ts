import type { Try } from '../core/feeler/bounds';
import { judgeTries, ladderOf, nextTry, type FeelerSet } from '../core/feeler/ladder';
import type { Limits } from '../core/metrology/interval';
import { evenFrom } from '../core/random';
import { NEW_SHOP } from '../core/records/shop';
import { feel } from '../core/methods/feeler';
import { leastTries } from './policy';
import { drawnLimits, LEAF_SETS, pick } from './sets';
import { howMany } from './howMany';

/** How many tries a verdict takes at one place, against the best that any policy could do. */
const GAPS = howMany(120, 6);
const CASES = howMany(16, 1);
const fractions = Array.from({ length: GAPS }, (_, i) => (i + 0.5) / GAPS);
const logit = (p: number): number => (Math.sqrt(3) / Math.PI) * Math.log(p / (1 - p));

type Spread = (lower: number, upper: number) => number[];
const evenTo =
  (times: number): Spread =>
  (_, upper) =>
    fractions.map((p) => p * times * upper);
const about =
  (centre: number, spread: number): Spread =>
  (lower, upper) =>
    fractions.map((p) => Math.max(0.001, lower + (centre + spread * logit(p)) * (upper - lower)));

const SPREADS: Readonly<Record<string, Spread>> = {
  'evenly up to the upper limit': evenTo(1),
  'evenly up to 1.3 times that': evenTo(1.3),
  'evenly up to 1.6 times that': evenTo(1.6),
  'evenly up to twice that': evenTo(2),
  'about the middle of the zone, closely': about(0.5, 0.25),
  'about the middle of the zone, widely': about(0.5, 0.5),
  'about the upper limit': about(0.9, 0.35),
};

/** Returns the tries that each gap takes, and how long the longest question was thought about, in ms. */
function taken(set: FeelerSet, limits: Limits, gaps: readonly number[]) {
  const ladder = ladderOf(set);
  let [asked, ms] = [0, 0];
  const tries = gaps.map((gap) => {
    const made: Try[] = [];
    for (;;) {
      const began = performance.now();
      const next = nextTry(ladder, limits, 'verdict', made);
      ms += performance.now() - began;
      asked += 1;
      if (!next) break;
      made.push({ leaves_mm: next.leaves_mm, felt: feel(next.total_mm, [gap, gap]) });
    }
    if (judgeTries(ladder, limits, made).verdict === 'open') throw new Error('Left open.');
    return made.length;
  });
  return {
    mean: tries.reduce((a, b) => a + b, 0) / gaps.length,
    worst: Math.max(...tries),
    ms,
    asked,
  };
}

const even = evenFrom(31);
const cases = [
  { set: NEW_SHOP.feelers[0] ?? LEAF_SETS[0]!, limits: { lower_mm: 0.02, upper_mm: 0.06 } },
  ...Array.from({ length: CASES }, () => ({
    set: { ...pick(LEAF_SETS, even), maxStack: pick([1, 1, 2], even) },
    limits: drawnLimits(even),
  })),
];
console.log(
  `Tries to a verdict at one place, ${cases.length} leaf sets and limits, the best that any policy could do beside it:`,
);
for (const [name, spread] of Object.entries(SPREADS)) {
  let [ours, best, worst, ms, asked] = [0, 0, 0, 0, 0];
  for (const { set, limits } of cases) {
    const gaps = spread(limits.lower_mm ?? 0, limits.upper_mm);
    const found = taken(set, limits, gaps);
    ours += found.mean;
    best += leastTries(set, limits, gaps);
    worst = Math.max(worst, found.worst);
    ms += found.ms;
    asked += found.asked;
  }
  console.log(
    `  gaps ${name}: mean ${(ours / cases.length).toFixed(2)} against ${(best / cases.length).toFixed(2)} ` +
      `(${(100 * (ours / best - 1)).toFixed(1)}% more), most ${worst}, ${(ms / asked).toFixed(2)} ms a question`,
  );
}
