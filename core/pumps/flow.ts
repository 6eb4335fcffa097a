import type { Chain, Seal } from '../hydraulics/chain';
import type { Displacement } from '../hydraulics/displacement';
import type { Courses } from './flow.course';
import type { Chambers } from './chamber';

/** Says where a leak goes, as a rebuilder says it: several characteristics of a pump may be one way. */
export const LEAK_WAYS = [
  'faces',
  'wall',
  'crescent',
  'lobes',
  'ends',
  'body',
  'sides',
  'slots',
  'ring',
  'bushing',
  'plunger',
] as const;
export type LeakWay = (typeof LEAK_WAYS)[number];

/** Says of a characteristic that oil leaks through its gap, and how wide that is where nobody said. */
export interface LeakPath<G extends object> {
  readonly way: LeakWay;
  /** The gap of a usual pump, least and most, in mm; null where it counts only if it is known. */
  readonly usual_mm: readonly [least: number, most: number] | null;
  /** Names the wear that widens it, by ids. */
  readonly wear?: readonly string[];
  /** It is wear itself: no heat widens it. */
  readonly isWear?: true;
  /**
   * Returns by how much the gap grows with each kelvin, in mm, where no sizes of it say so.
   *
   * @param alpha gives the expansion of a part, in 1/K
   */
  readonly grows?: (geometry: G, alpha: (part: string) => number) => number;
}

/** Names what a kind of pump usually runs on. */
export type UsualFluid = 'transmission' | 'engine' | 'hydraulic';

/** Says what of a pump is not in its geometry, and counts for its flow. */
export interface FlowOptions {
  /** Pressure holds the bushing blocks to the gears; false where nobody said. */
  readonly loadedBlocks?: boolean;
  /** Says how far a slide is out, as a share of its largest eccentricity; 1 where nobody said. */
  readonly stroke?: number;
  readonly bushingBore_mm?: number;
  readonly plungerBore_mm?: number;
}

/** Says what is known of a section of a pump that counts for how it leaks. */
export interface Running extends FlowOptions {
  /** Tells whether a gap is known that counts only where it is. */
  knows(path: string): boolean;
}

/** Says what a family of pumps moves in a turn, and where that leaks; a further section is as the first. */
export interface FamilyFlow<G extends object> {
  /** Lists the characteristics that leak, by the ids of the first section. */
  readonly paths: Readonly<Record<string, LeakPath<G>>>;
  /** Lists those that neither leak nor widen what does. */
  readonly tight: readonly string[];
  /** Returns how many sections there are; one where it is left out. */
  sections?(geometry: G): number;
  /** Names the field of the geometry that says how wide the pump is, by the size that is measured for it. */
  readonly sizes: Readonly<Partial<Record<keyof G & string, string>>>;
  /** Says what such a pump usually runs on. */
  runsOn(geometry: G): UsualFluid;
  /** Such a pump may move air: of that only what it sweeps is true. */
  readonly onAir?: true;
  /** Tells whether pressure may hold the faces of such a pump to its gears: it is asked then. */
  mayBeLoaded?(geometry: G): boolean;
  /** Lists the fields without which nobody can say what it moves. */
  readonly needs: readonly (keyof G & string)[];
  /** Returns what one section moves in a turn. */
  displacement(geometry: G, options: FlowOptions): Displacement;
  /** Describes the chambers in which it carries oil round. */
  readonly chambers: readonly Chambers<G>[];
  /** Returns the lower figure where so few vanes carry less round than the formula has it, in cm³ a turn. */
  carried?(geometry: G, options: FlowOptions): number;
  /** Draws where each path runs on the pump that lies open. */
  courses(geometry: G): Courses;
  /** Returns the ways in which one section leaks. */
  chains(geometry: G, running: Running): readonly Chain[];
}

/** Under pressure is the outlet half of a face: ports are not in the geometry. */
export const OUTLET_HALF_deg = 180;

/** The gap of a part that floats is a total: each of its faces has half. */
export const EACH_SIDE = 0.5;

/** Ranges in which gaps lie where neither a reading nor a limit is at hand, in mm: made up for this app. */
export const USUAL_mm = {
  face: [0.02, 0.06],
  outside: [0.08, 0.2],
  tip: [0.04, 0.12],
  tipToBody: [0.03, 0.08],
  vaneSlot: [0.015, 0.035],
} as const;

/** Names the sizes that give the bores of fits, where they were measured. */
export const FIT_BORES = {
  bushingBore_mm: 'bushing-bore',
  plungerBore_mm: 'plunger-bore-diameter',
} as const satisfies Partial<Record<keyof FlowOptions, string>>;

/** Diameter of a relief bore that nobody measured, in mm: an assumption. */
const PLUNGER_BORE_mm = 12;

/** Length of a bushing, per its diameter: an assumption. */
const BUSHING_LENGTH = 0.4;

/** Says how far a hub lies off the middle of its bushing, as a share of the radial gap: an assumption. */
const HUB_ECCENTRICITY = 0.5;

/** The path behind a hub in its bushing: it counts only where the fit is known. */
export const HUB_PATH = { way: 'bushing', usual_mm: null } as const;

/** The path past the plunger of a relief valve: it counts only where the fit is known. */
export const PLUNGER_PATH = { way: 'plunger', usual_mm: null } as const;

/** Lists what neither leaks nor widens what does, on every pump that has a relief valve. */
export const TIGHT_VALVE = ['spring-length', 'spring-load'] as const;

/** Lists the same of what a pump has because it sits in a transmission. */
export const TIGHT_IN_TRANSMISSION = [
  'drive-engagement',
  'stator-bushing-front',
  'stator-bushing-rear',
  'vent-size',
  'pump-to-unit',
] as const;

/** Returns the leak past the plunger of a relief valve, which lies on one side of its bore; none where nobody knows it. */
export const plungerLeak = ({ knows, plungerBore_mm = PLUNGER_BORE_mm }: Running): Chain[] =>
  knows('plunger-bore')
    ? [
        {
          alike: 1,
          seals: [
            {
              row: 'plunger-bore',
              share: EACH_SIDE,
              form: {
                kind: 'bore',
                diameter_mm: plungerBore_mm,
                length_mm: plungerBore_mm,
                eccentricity: 1,
              },
            },
          ],
        },
      ]
    : [];

/** A sector of a face between two radii, in mm. */
interface Sector {
  readonly outer_mm: number;
  readonly inner_mm: number;
  readonly arc_deg?: number;
}

/** Returns one face of a part that floats: half of its total gap. */
export const faceSeal = (
  row: string,
  { outer_mm, inner_mm, arc_deg = OUTLET_HALF_deg }: Sector,
  more: Pick<Seal, 'behind' | 'beside' | 'most_mm'> = {},
): Seal => ({
  ...more,
  row,
  share: EACH_SIDE,
  form: { kind: 'face', arc_deg, outer_mm, inner_mm },
});

/** Returns both faces of a part, each leaking to its shaft. */
export const bothFaces = (row: string, sector: Sector): Chain => ({
  alike: 2,
  seals: [faceSeal(row, sector)],
});

/**
 * Returns the two faces of a part that a converter hub drives: one leaks to the middle, the other through the bushing
 * behind it; both freely where nobody knows the bushing.
 *
 * @param row the characteristic of its face
 * @param sector the face, in mm
 * @param bore_mm diameter of the bore where the bushing's own is not known
 */
export function facesToHub(
  row: string,
  sector: Sector,
  bore_mm: number,
  { knows, bushingBore_mm = bore_mm }: Running,
): Chain[] {
  if (!knows('hub-bushing')) return [bothFaces(row, sector)];
  const face = faceSeal(row, sector);
  const bushing: Seal = {
    row: 'hub-bushing',
    share: EACH_SIDE,
    form: {
      kind: 'bore',
      diameter_mm: bushingBore_mm,
      length_mm: BUSHING_LENGTH * bushingBore_mm,
      eccentricity: HUB_ECCENTRICITY,
    },
  };
  return [
    { alike: 1, seals: [face] },
    { alike: 1, seals: [face, bushing] },
  ];
}

/**
 * Returns the way round a ring in its pocket: over both faces into the gap at the wall, round either way, and over the
 * faces to the inlet half. It enters and leaves all along a half: a quarter turn is its length.
 *
 * @param row the characteristic of its face
 * @param sector its faces from the roots of its teeth to its outside, in mm
 * @param width_mm of the pump
 */
export const roundTheRing = (row: string, sector: Sector, width_mm: number): Chain => ({
  alike: 1,
  seals: [
    faceSeal(row, sector, { behind: 2, beside: 2 }),
    {
      row: 'od-pocket',
      share: EACH_SIDE,
      beside: 2,
      form: { kind: 'slot', width_mm, length_mm: (Math.PI * sector.outer_mm) / 2 },
    },
  ],
});

/** Returns tips of a gear along a wall: all of them seal one behind the other, and take oil back to the outlet. */
export const tipsAlong = (
  row: string,
  tips: Readonly<Record<'width_mm' | 'land_mm' | 'sealing' | 'wall_mm', number>>,
): Chain => ({
  alike: 1,
  wall_mm: tips.wall_mm,
  seals: [
    {
      row,
      share: 1,
      behind: Math.max(1, tips.sealing),
      form: { kind: 'slot', width_mm: tips.width_mm, length_mm: tips.land_mm },
    },
  ],
});

/** Returns a slot that stands alone, so many alike; its gap a share of that of its characteristic. */
export const slotLeak = (
  row: string,
  alike: number,
  slot: Readonly<Record<'width_mm' | 'length_mm', number>>,
  share: number = EACH_SIDE,
): Chain => ({ alike, seals: [{ row, share, form: { kind: 'slot', ...slot } }] });
