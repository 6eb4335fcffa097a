import { onClock, ORIGIN, type Point } from './shapes';

/** The way of a leak on the drawing of a pump that lies open, from the outlet to the inlet, in mm. */
export type Course = readonly Point[];

/** The courses of a pump’s leaks by the characteristics of its first section; one leak may have several. */
export type Courses = Readonly<Record<string, readonly Course[]>>;

/** Steps along a course that bends. */
const STEPS = 24;

/**
 * Returns a course along a circle, from one clock angle to another: the outlet is drawn at the right.
 *
 * @param radius in mm
 * @param from_deg clockwise from 12
 * @param to_deg the end; less than the start where it runs against the clock
 * @param centre in mm
 * @example
 * roundCourse(10, 90, -90)[0]; // { x: 10, y: 0 }
 */
export const roundCourse = (
  radius: number,
  from_deg: number,
  to_deg: number,
  centre: Point = ORIGIN,
): Course =>
  Array.from({ length: STEPS + 1 }, (_, i) =>
    onClock(from_deg + ((to_deg - from_deg) * i) / STEPS, radius, centre),
  );

/**
 * Returns a straight course along a clock angle, from one radius to another, in mm.
 *
 * @param from radius where it begins
 * @param to radius where it ends
 * @param clock_deg clockwise from 12
 * @param centre in mm
 * @example
 * straightCourse(20, 10, 90); // [{ x: 20, y: 0 }, { x: 10, y: 0 }]
 */
export const straightCourse = (
  from: number,
  to: number,
  clock_deg: number,
  centre: Point = ORIGIN,
): Course => [onClock(clock_deg, from, centre), onClock(clock_deg, to, centre)];

/** Clock angles of the outlet half at which the leak over a face is drawn. */
const OVER_FACE_deg = [65, 115] as const;

/** Returns the courses over a face, at two places of the outlet half, from one radius to another, in mm. */
export const overFace = (from: number, to: number, centre: Point = ORIGIN): Course[] =>
  OVER_FACE_deg.map((clock) => straightCourse(from, to, clock, centre));
