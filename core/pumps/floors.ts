/**
 * Lists the kinds of running clearance, each with the least that one may become by work, in mm at 20 °C: below it the
 * film of oil is gone, and heat locks the pump. Faces, ends and sides are totals, round fits diametral, tips as found.
 * The figures are made up for this app: the shop puts in its own, and a minimum that is published wins.
 */
export const FLOORS = [
  { id: 'face', name: 'Faces, ends and sides, total', least_mm: 0.012 },
  { id: 'outside', name: 'Outside diameter in its pocket', least_mm: 0.025 },
  { id: 'tip', name: 'Tips and lobes', least_mm: 0.025 },
  { id: 'shaft', name: 'Shaft, idler and inner fits', least_mm: 0.02 },
  { id: 'hub', name: 'Hub in its bushing', least_mm: 0.03 },
  { id: 'vane', name: 'Vane in its slot', least_mm: 0.01 },
  { id: 'plunger', name: 'Plunger in its bore', least_mm: 0.015 },
  { id: 'backlash', name: 'Backlash', least_mm: 0.05 },
  { id: 'hot', name: 'Any of these at working temperature', least_mm: 0.005 },
] as const;

/** Names a kind of least clearance; `hot` holds for every kind at working temperature. */
export type FloorKind = (typeof FLOORS)[number]['id'];

/** Gives the least clearance of each kind, in mm. */
export type Floors = Readonly<Record<FloorKind, number>>;

/** Describes what a new shop begins with. */
export const APP_FLOORS = Object.fromEntries(
  FLOORS.map(({ id, least_mm }) => [id, least_mm]),
) as Floors;
