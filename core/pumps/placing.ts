import { edgeThrough, hourAngle, leafFrom } from './drawing';
import type { Placement, View } from './family';
import { onClock, ORIGIN, type Point } from './shapes';

/** Describes what placements need to know of any pump with a pocket, in mm. */
export interface PocketFrame {
  /** Half the side of the drawing. */
  readonly extent_mm: number;
  /** Gives the radius at which the straightedge rests and a depth mic stands. */
  readonly deck_mm: number;
}

type At = (station: string) => Placement;

/** Returns the edge across the pocket at an hour, leaf on a part at a radius from a centre. */
export const edgeAt =
  (plan: PocketFrame, view: View, radius: number, centre: Point = ORIGIN): At =>
  (station) => {
    const turn = hourAngle(station);
    const probe = onClock(turn, radius, centre);
    return {
      view,
      // A line from 3 to 9 runs through the part's own centre, where its face is widest.
      edge: edgeThrough(turn % 180 === 0 ? ORIGIN : centre, turn, plan.deck_mm),
      tool: leafFrom(turn + 60, probe, 0.6 * plan.extent_mm),
      probe,
    };
  };

/** Returns a gauge across a circle; stations are named by their line, `12-6`. */
export const acrossCircle =
  (kind: 'mic' | 'bore', view: View, radius: number, centre: Point = ORIGIN): At =>
  (station) => {
    const [from, to] = edgeThrough(centre, hourAngle(station), radius);
    return { view, tool: { kind, from, to }, probe: to };
  };

/** Returns a depth mic across the pocket, its spindle at an hour and a radius. */
export const depthAt =
  (plan: PocketFrame, view: View, radius: number): At =>
  (station) => {
    const [from, to] = edgeThrough(ORIGIN, hourAngle(station), plan.deck_mm);
    return { view, tool: { kind: 'depth', from, to }, probe: onClock(hourAngle(station), radius) };
  };

/** Returns a mic over the width of a part at a radius, at 3 for the first place and 9 for the second. */
export const overWidth =
  (plan: PocketFrame, radius: number, centre: Point = ORIGIN): At =>
  (station) => {
    const probe = onClock(station === 'b' ? 270 : 90, radius, centre);
    const [from, to] = edgeThrough(probe, 0, 0.16 * plan.extent_mm);
    return { view: 'body', tool: { kind: 'mic', from, to }, probe };
  };

/** Returns a part pushed to the far wall, the leaf between it and the wall at an hour. */
export const pushedTo =
  (plan: PocketFrame, wall: number): At =>
  (station) => {
    const turn = hourAngle(station);
    const probe = onClock(turn, wall);
    return {
      view: 'body',
      tool: leafFrom(turn, probe, 0.5 * plan.extent_mm),
      probe,
      push: onClock(turn + 180, 1),
    };
  };
