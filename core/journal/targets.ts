import type { Reading } from '../methods/list';
import type { DimensionalReading } from '../methods/dimensional';

/** A reading of a characteristic itself, not of a size that it comes from. */
export type GapReading = Exclude<Reading, DimensionalReading>;

/** The readings that count, by what they are of, each list in the order of the work. */
export interface Targets {
  readonly ofSize: ReadonlyMap<string, readonly DimensionalReading[]>;
  readonly ofGap: ReadonlyMap<string, readonly GapReading[]>;
}

function add<R>(lists: Map<string, R[]>, id: string, reading: R): void {
  const list = lists.get(id);
  if (list) list.push(reading);
  else lists.set(id, [reading]);
}

/** Returns readings by what they are of, without those that were voided. */
export function targetsOf(readings: readonly Reading[]): Targets {
  const ofSize = new Map<string, DimensionalReading[]>();
  const ofGap = new Map<string, GapReading[]>();
  for (const r of readings) {
    if (r.voided !== null) continue;
    if (r.kind === 'size') add(ofSize, r.dimension, r);
    else add(ofGap, r.characteristic, r);
  }
  return { ofSize, ofGap };
}

const kept = <R>(
  before: ReadonlyMap<string, readonly R[]>,
  now: ReadonlyMap<string, readonly R[]>,
): ReadonlyMap<string, readonly R[]> =>
  new Map(
    [...now].map(([id, list]) => {
      const was = before.get(id);
      return [id, was && sameItems(was, list) ? was : list];
    }),
  );

/** Tells whether two lists hold the same objects in the same order. */
export const sameItems = (a: readonly unknown[], b: readonly unknown[]): boolean =>
  a.length === b.length && a.every((item, i) => item === b[i]);

/** Returns readings by what they are of; lists that hold the same as before are the same lists. */
export function targetsAfter(before: Targets, readings: readonly Reading[]): Targets {
  const now = targetsOf(readings);
  return { ofSize: kept(before.ofSize, now.ofSize), ofGap: kept(before.ofGap, now.ofGap) };
}
