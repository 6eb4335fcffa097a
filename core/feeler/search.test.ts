import { ladderOf, nextTry, type Ladder } from './ladder';
import type { Try } from './bounds';

/*
 * A second way to the same end, as plain as can be: gaps without tilt or drag,
 * cut into cells by the leaves; every strategy tried by brute force. What the
 * ladder needs on average is held against the best that any strategy can do.
 */
type Cell = { readonly gap: number; readonly kind: 'in' | 'out' | 'close' };

function cellsOf(leaves: readonly number[], lower: number, upper: number): Cell[] {
  const marks = [0, ...leaves.filter((l) => l < 1.3 * upper), 1.3 * upper];
  return marks.slice(0, -1).map((from, i): Cell => {
    const to = marks[i + 1] as number;
    const gap = (from + to) / 2;
    const last = i === marks.length - 2;
    if (from > upper || (!last && to < lower)) return { gap, kind: 'out' };
    return { gap, kind: from >= lower && to <= upper && !last ? 'in' : 'close' };
  });
}

const settled = (cells: readonly Cell[]): boolean => new Set(cells.map((c) => c.kind)).size <= 1;

/** Returns the least sum of tries over all cells that any strategy needs. */
function leastTries(cells: readonly Cell[], leaves: readonly number[]): number {
  if (settled(cells)) return 0;
  const costs = leaves.flatMap((leaf) => {
    const free = cells.filter((c) => c.gap >= leaf);
    const not = cells.filter((c) => c.gap < leaf);
    if (free.length === 0 || not.length === 0) return [];
    return [cells.length + leastTries(free, leaves) + leastTries(not, leaves)];
  });
  return costs.length > 0 ? Math.min(...costs) : 0;
}

function triesOf(ladder: Ladder, lower_mm: number, upper_mm: number, gap: number): number {
  const tries: Try[] = [];
  for (;;) {
    const next = nextTry(ladder, { lower_mm, upper_mm }, 'verdict', tries);
    if (!next) return tries.length;
    tries.push({ leaves_mm: next.leaves_mm, felt: gap >= next.total_mm ? 'free' : 'no-go' });
  }
}

describe('the ladder against every other strategy', () => {
  const leaves = [0.02, 0.03, 0.04, 0.05, 0.06, 0.07, 0.08];
  it.each([
    [0.02, 0.06],
    [0.03, 0.05],
    [0.035, 0.065],
    [0.04, 0.06],
    [0.02, 0.05],
  ])('between %d and %d mm needs hardly more tries than the best', (lower, upper) => {
    const cells = cellsOf(leaves, lower, upper);
    const ladder = ladderOf({ leaves_mm: leaves, maxStack: 1 });
    const ours = cells.map((c) => triesOf(ladder, lower, upper, c.gap));
    const mean = ours.reduce((a, b) => a + b, 0) / cells.length;
    const best = leastTries(cells, leaves) / cells.length;
    expect(mean).toBeLessThanOrEqual(1.2 * best);
    expect(Math.max(...ours)).toBeLessThanOrEqual(4);
  });

  it('asks the limit leaf first where there is one limit', () => {
    const ladder = ladderOf({ leaves_mm: leaves, maxStack: 1 });
    expect(nextTry(ladder, { upper_mm: 0.06 }, 'verdict', [])?.leaves_mm).toEqual([0.06]);
  });
  it('prefers one leaf to two that make the same', () => {
    const ladder = ladderOf({ leaves_mm: leaves, maxStack: 2 });
    expect(nextTry(ladder, { upper_mm: 0.07 }, 'verdict', [])?.leaves_mm).toEqual([0.07]);
  });
  it('puts leaves together where none alone will do', () => {
    const ladder = ladderOf({ leaves_mm: [0.05, 0.1], maxStack: 2 });
    const next = nextTry(ladder, { upper_mm: 0.15 }, 'verdict', []);
    expect(next?.total_mm).toBe(0.15);
    expect(next?.leaves_mm).toHaveLength(2);
  });
});
