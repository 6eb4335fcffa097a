/** The ways in which a race turns free, as somebody who looks at it says them. */
export const FREE_TURNS = ['clockwise', 'anticlockwise'] as const;
/** Says which side a clutch is seen from, and on which side of it something lies. */
export const CLUTCH_SIDES = ['pump side', 'converter side'] as const;
/** The race that is turned while the other is held. */
export const RACES = ['inner race', 'outer race'] as const;
/** Says on which side the cage's tabs lie. */
export const TAB_SIDES = [...CLUTCH_SIDES, 'no tabs'] as const;
/** Most washers that are asked for by number. */
export const MOST_WASHERS = 4;

/** A one-way clutch of the unit, and what is right of it: empty or null where nobody has said. */
export interface Clutch {
  readonly id: string;
  /** `Input clutch`. */
  readonly name: string;
  readonly free: '' | (typeof FREE_TURNS)[number];
  readonly seenFrom: (typeof CLUTCH_SIDES)[number];
  readonly turned: (typeof RACES)[number];
  readonly tabs: '' | (typeof TAB_SIDES)[number];
  /** Washers that lie with it. */
  readonly washers: number | null;
  /** Rollers, pins or sprags that come out loose; null where they stay in a cage, or nobody has said. */
  readonly pins: number | null;
}

/**
 * Returns a clutch of which nobody has said yet what is right.
 *
 * @param id of the clutch
 * @param name as the screen says it
 * @example
 * unsaidClutch('stator'); // { id: 'stator', name: 'One-way clutch', free: '' }
 */
export const unsaidClutch = (id: string, name = 'One-way clutch'): Clutch => ({
  id,
  name,
  free: '',
  seenFrom: 'pump side',
  turned: 'inner race',
  tabs: '',
  washers: null,
  pins: null,
});
