import { judgeTries, ladderOf, nextTry } from '../core/feeler/ladder';
import type { Try } from '../core/feeler/bounds';
import { NEW_SHOP } from '../core/records/shop';
import { feel } from '../demo/rebuilder';

/** How many tries a verdict takes, and how long the next one is thought about. */
const WINDOWS = [
  { lower_mm: 0.02, upper_mm: 0.06 },
  { lower_mm: 0.04, upper_mm: 0.06 },
  { lower_mm: 0.05, upper_mm: 0.1 },
  { lower_mm: 0.08, upper_mm: 0.25 },
  { upper_mm: 0.05 },
];

const ladder = ladderOf(NEW_SHOP.feelers[0] ?? { leaves_mm: [], maxStack: 1 });
console.log(
  'Tries to a verdict, leaf set of a new shop, gaps evenly from 0 to 1.6 times the limit:',
);
for (const limits of WINDOWS) {
  const counts: number[] = [];
  const verdicts: Record<string, number> = {};
  let asked = 0;
  const began = performance.now();
  for (let gap = 0.0005; gap < 1.6 * limits.upper_mm; gap += 0.001) {
    const tries: Try[] = [];
    for (;;) {
      asked += 1;
      const next = nextTry(ladder, limits, 'verdict', tries);
      if (!next) break;
      tries.push({ leaves_mm: next.leaves_mm, felt: feel(next.total_mm, [gap, gap]) });
    }
    counts.push(tries.length);
    const { verdict } = judgeTries(ladder, limits, tries);
    verdicts[verdict] = (verdicts[verdict] ?? 0) + 1;
  }
  const mean = counts.reduce((a, b) => a + b, 0) / counts.length;
  const each = (performance.now() - began) / asked;
  const { lower_mm = 0, upper_mm } = limits as { lower_mm?: number; upper_mm: number };
  console.log(
    `  ${lower_mm}–${upper_mm} mm: mean ${mean.toFixed(2)}, most ${Math.max(...counts)}, ` +
      `${each.toFixed(2)} ms a question, ${JSON.stringify(verdicts)}`,
  );
}
