/** Looked at from the cover, or from the end of the shaft: what is left of one is right of the other. */
export type SeenFrom = 'cover' | 'shaft';

/** A cover that can be turned to so many positions, with a port in it and one in the body; clock hours as they are seen. */
export interface TurnedCover {
  readonly inlet_clock: number;
  readonly outlet_clock: number;
  readonly seenFrom: SeenFrom;
  readonly positions: number;
  readonly wanted: { readonly clock: number; readonly seenFrom: SeenFrom } | null;
}

/** Says where the outlet can point. */
export interface PortOption {
  /** Says how far the cover is turned clockwise, as it is seen. */
  readonly turn_deg: number;
  readonly clock: number;
  readonly otherEnd_clock: number;
  /** Angle between inlet and outlet, 0 to 180°. */
  readonly against: number;
}

/** Says where the outlet can point, and how the cover gets it there. */
export interface PortClock {
  readonly options: readonly PortOption[];
  readonly turn: {
    readonly deg: number;
    readonly way: 'clockwise' | 'anticlockwise' | 'either' | 'none';
    readonly seenFrom: SeenFrom;
  } | null;
  /** The position nearest to what is wanted, as the ports are seen; null where nothing is. */
  readonly nearest_clock: number | null;
}

/** Degrees of an hour. */
const HOUR_deg = 30;

/** Hours that are the same to the eye. */
const SAME = 1e-6;

/** Returns an hour from over 0 to 12, without binary noise. */
function onTheClock(hour: number): number {
  const tidy = Math.round((((hour % 12) + 12) % 12) * 1e9) / 1e9;
  return tidy === 0 || tidy === 12 ? 12 : tidy;
}

/** Returns the hours from one to another, clockwise, 0 to below 12. */
const clockwise = (from: number, to: number): number => onTheClock(to - from) % 12;

/** Returns how far two hours are apart either way, 0 to 6. */
const apart = (a: number, b: number): number => Math.min(clockwise(a, b), clockwise(b, a));

/**
 * Returns where the port of a cover can point, and which way the cover is turned for what is wanted. Rotation and the
 * other port stay as they are. From the other end of the pump an hour h is 12 − h.
 *
 * @param cover clock hours 0 to 12, and from where they are seen
 * @example
 * const cover = { inlet_clock: 12, outlet_clock: 6, seenFrom: 'cover', positions: 4 };
 * portsClock({ ...cover, wanted: { clock: 3, seenFrom: 'shaft' } }).turn; // { deg: 90, way: 'clockwise', seenFrom: 'cover' }
 * portsClock({ ...cover, wanted: null }).options.map((o) => o.clock); // [6, 9, 12, 3]
 */
export function portsClock(cover: TurnedCover): PortClock {
  const { inlet_clock, outlet_clock, seenFrom, positions, wanted } = cover;
  const options = Array.from({ length: positions }, (_, k): PortOption => {
    const clock = onTheClock(outlet_clock + (12 * k) / positions);
    return {
      turn_deg: (360 * k) / positions,
      clock,
      otherEnd_clock: onTheClock(12 - clock),
      against: apart(inlet_clock, clock) * HOUR_deg,
    };
  });
  if (!wanted) return { options, turn: null, nearest_clock: null };
  const target = onTheClock(wanted.seenFrom === seenFrom ? wanted.clock : 12 - wanted.clock);
  const nearest = options.reduce((best, one) =>
    apart(one.clock, target) < apart(best.clock, target) - SAME ? one : best,
  );
  const reached = apart(nearest.clock, target) < SAME;
  return {
    options,
    turn: reached ? { ...turnBy(nearest.turn_deg), seenFrom } : null,
    nearest_clock: nearest.clock,
  };
}

/** Returns the shorter way of a turn. */
function turnBy(turn_deg: number): Omit<NonNullable<PortClock['turn']>, 'seenFrom'> {
  if (turn_deg === 0) return { deg: 0, way: 'none' };
  if (turn_deg === 180) return { deg: 180, way: 'either' };
  return turn_deg < 180
    ? { deg: turn_deg, way: 'clockwise' }
    : { deg: 360 - turn_deg, way: 'anticlockwise' };
}
