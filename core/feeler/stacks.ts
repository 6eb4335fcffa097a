import { stackOf } from './bounds';

/** A leaf of a set: what is marked on it, the thickness that counts, and how exactly that is known. */
export interface Leaf {
  readonly marked_mm: number;
  readonly leaf_mm: number;
  /** Standard uncertainty; none for a leaf that was mic'd, or a set that is taken at its word. */
  readonly soft_mm: number;
}

/** Leaves that can be held together, how thick they are then, and how exactly that is known. */
export interface Stack {
  readonly leaves_mm: readonly number[];
  readonly total_mm: number;
  /** Gives what is marked on them; only where one of them was mic'd. */
  readonly marked_mm?: readonly number[];
  readonly soft_mm?: number;
}

const byThickness = (a: Leaf, b: Leaf): number => a.leaf_mm - b.leaf_mm;

/**
 * Holds leaves together.
 *
 * @param held the leaves, thicknesses in mm
 * @example
 * const leaf = (mm) => ({ marked_mm: mm, leaf_mm: mm, soft_mm: 0.002 });
 * stackFrom([leaf(0.1), leaf(0.2)]); // { leaves_mm: [0.1, 0.2], total_mm: 0.3, soft_mm: 0.002828 }
 */
export function stackFrom(held: readonly Leaf[]): Stack {
  const total_mm = stackOf(held.map((leaf) => leaf.leaf_mm));
  const soft_mm = Math.hypot(...held.map((leaf) => leaf.soft_mm));
  const micd = held.some((leaf) => leaf.leaf_mm !== leaf.marked_mm);
  return {
    leaves_mm: held.map((leaf) => leaf.leaf_mm),
    total_mm,
    ...(micd ? { marked_mm: held.map((leaf) => leaf.marked_mm) } : {}),
    ...(soft_mm > 0 ? { soft_mm } : {}),
  };
}

/** Tells whether leaves, thin ones first, are handier to hold together than others of the same thickness. */
const isHandier = (held: readonly Leaf[], known: readonly Leaf[]): boolean =>
  held.length < known.length ||
  (held.length === known.length && (held[0]?.leaf_mm ?? 0) > (known[0]?.leaf_mm ?? 0));

/**
 * Lists every thickness that up to `maxStack` distinct leaves of the set can make,
 * thinnest first. Where several combinations make the same thickness the one
 * with the fewest leaves stands: each joint between leaves holds a little oil. Of as many
 * the one whose thinnest leaf is thicker: a thin one buckles.
 *
 * @param set the leaves, thicknesses in mm, in any order; each can be used once
 * @param maxStack most leaves together
 * @example
 * const set = [0.02, 0.03, 0.04, 0.05].map((mm) => ({ marked_mm: mm, leaf_mm: mm, soft_mm: 0 }));
 * stacksOf(set, 2).find((s) => s.total_mm === 0.07).leaves_mm; // [0.03, 0.04]
 */
export function stacksOf(set: readonly Leaf[], maxStack: number): Stack[] {
  const leaves = [...new Map(set.map((leaf) => [leaf.leaf_mm, leaf])).values()].sort(byThickness);
  const best = new Map<number, readonly Leaf[]>();
  const extend = (held: readonly Leaf[], from: number): void => {
    for (let i = from; i < leaves.length; i++) {
      const next = [...held, leaves[i] as Leaf];
      const total = stackOf(next.map((leaf) => leaf.leaf_mm));
      const known = best.get(total);
      if (!known || isHandier(next, known)) best.set(total, next);
      if (next.length < maxStack) extend(next, i + 1);
    }
  };
  extend([], 0);
  return [...best].map(([, held]) => stackFrom(held)).sort((a, b) => a.total_mm - b.total_mm);
}
