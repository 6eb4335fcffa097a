import type { Reading } from '../records/parts';

/** What a reading is of: a size of a part, or a gap that is felt or swung. */
export const sizeKey = (dimension: string): string => `size ${dimension}`;
export const gapKey = (characteristic: string): string => `gap ${characteristic}`;

const keyOf = (r: Reading): string =>
  r.kind === 'size' ? sizeKey(r.dimension) : gapKey(r.characteristic);

/** The readings that stand, by what they are of, each list in the order of the work. */
export type Targets = ReadonlyMap<string, readonly Reading[]>;

const NONE: readonly Reading[] = [];

/**
 * Readings sorted by target, once for each list of them. A list is never changed, only replaced: by
 * one with a reading more, whose targets follow from those before it.
 */
const KNOWN = new WeakMap<readonly Reading[], Targets>();

function sorted(readings: readonly Reading[]): Targets {
  const targets = new Map<string, Reading[]>();
  for (const r of readings) {
    if (r.struck !== null) continue;
    const key = keyOf(r);
    const list = targets.get(key);
    if (list) list.push(r);
    else targets.set(key, [r]);
  }
  return targets;
}

/** Returns readings by what they are of, without those that were struck. */
export function targetsOf(readings: readonly Reading[]): Targets {
  const known = KNOWN.get(readings) ?? sorted(readings);
  KNOWN.set(readings, known);
  return known;
}

/** Says that a list is another with one reading more at its end, so that it is not sorted anew. */
export function oneMore(before: readonly Reading[], after: readonly Reading[]): void {
  const known = KNOWN.get(before);
  const last = after.at(-1);
  if (!known || !last) return;
  const key = keyOf(last);
  KNOWN.set(after, new Map(known).set(key, [...(known.get(key) ?? NONE), last]));
}

/** Returns the readings of one target; always the same list while nothing was read of it. */
export const readingsAt = (targets: Targets, key: string): readonly Reading[] =>
  targets.get(key) ?? NONE;
