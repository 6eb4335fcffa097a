import type {
  Characteristic,
  Dimension,
  Feature,
  PumpModel,
  Station,
  Swing,
  Term,
  Touch,
  Worked,
} from './family';
import { characteristicId, dimensionId, partId, stationId, type DimensionId } from './ids';
import { ofWholePump } from './kinds';
import { say } from '../wording/say';

/** A row of the features of a pump: what changes with work though no size of it is read. */
type FeatureRow = Omit<Feature, 'id' | 'part'> & { readonly id: string; readonly part: string };

/**
 * Returns a feature of a part, with how work changes it, and what puts it right.
 *
 * @param row with the ids of the feature and of its part
 */
export const feature = (row: FeatureRow): Feature => ({
  ...row,
  id: dimensionId(row.id),
  part: partId(row.part),
});

/** Returns the feature of teeth, lobes or tips: stoning a burr off them changes how they meet. */
export const teeth = (id: string, name: string, part: string): Feature =>
  feature({ id, name, part, worked: { dressed: 0 }, remedies: ['stone'] });

/** Says why a bore, a rim or a tip that is worn is left alone: its part is replaced. */
export const WORN_AWAY = 'Metal that is worn away does not come back: the part is replaced.';

/** Returns the dimensions and features of these ids. */
export const resting = (...ids: readonly string[]): DimensionId[] => ids.map(dimensionId);

/** A width between two ground faces. */
export const GROUND: Worked = { ground: -1 };

/** The width of a gear or rotor between its faces: ground with those that run beside it. */
export const GEAR_WIDTH = {
  worked: GROUND,
  remedies: ['grind-widths'],
  width: true,
} as const satisfies Partial<Dimension>;

/** A bore that is honed out. */
export const HONED: Worked = { honed: 1 };

/** A journal that is polished down. */
export const POLISHED: Worked = { ground: -1, dressed: -1 };

/**
 * Returns a place with its word and its instruction.
 *
 * @param id of the place
 * @param label a word for it
 * @param instruction where it is, as a sentence
 * @example
 * place('12', '12', 'Measure at 12.'); // { id: '12', label: '12' }
 */
export const place = (id: string, label: string, instruction: string): Station => ({
  id: stationId(id),
  label,
  instruction,
});

/** Returns the one size less the other: the clearance of a fit. */
export const fit = (outer: string, inner: string): readonly Term[] => [
  term(outer, 1),
  term(inner, -1),
];

/** Returns one size in a clearance, and how much of it counts. */
export const term = (dimension: string, factor: number): Term => ({
  dimension: dimensionId(dimension),
  factor,
});

/** Returns a size that is judged by itself. */
export const sizeAlone = (dimension: string): Pick<Characteristic, 'quantity' | 'terms'> => ({
  quantity: 'size',
  terms: [term(dimension, 1)],
});

/** A row of what is judged on a pump: how the figure is meant, how it can be measured, what it comes from. */
type ClearanceRow = Omit<Partial<Characteristic>, 'id'> &
  Pick<Characteristic, 'name' | 'convention'> & { readonly id: string };

/**
 * Returns a clearance; sizes of their own (a vane's length) say `quantity: 'size'`.
 *
 * @param row with the id of the characteristic; measured nowhere by leaves unless it says where
 */
export function clearance(row: ClearanceRow): Characteristic {
  const id = characteristicId(row.id);
  return {
    section: 1,
    first: id,
    short: row.name,
    quantity: 'gap',
    stations: [],
    ...row,
    id,
  };
}

/** Returns what a sum is made of: the gap itself, and what wear adds to it. */
export const sumOf = (base: string, ...plus: readonly string[]): Pick<Characteristic, 'sum'> => ({
  sum: [characteristicId(base), ...plus.map(characteristicId)],
});

/** Returns the travel of an indicator at stations; where a radius matters, with that and the fields that give it. */
export const swing = (
  stations: readonly Station[],
  pitch?: Pick<Swing, 'pitchRadius_mm' | 'pitchFields'>,
): Swing => ({ stations, ...pitch });

/**
 * Returns the instruction for backlash by dial: the drive gear is rocked against the other one.
 *
 * @param held the gear that is held: `driven gear`
 * @param turn_deg how far both were turned since the first place
 */
const rockDrive = (held: string, turn_deg: number): string =>
  turn_deg === 0
    ? say('pumps.rockDrive', { held })
    : say('pumps.rockDriveTurned', { held, degrees: turn_deg });

/**
 * Returns the backlash of a pair of gears by dial: the drive gear rocked against the other, at three turns.
 *
 * @param held the gear that is held: `driven gear`
 * @param teeth the features of both
 * @param pitch the radius at which it counts, in mm, and the fields that give it
 */
export const backlash = (
  held: string,
  teeth: readonly string[],
  pitch: Pick<Swing, 'pitchRadius_mm' | 'pitchFields'>,
): Characteristic =>
  clearance({
    id: 'backlash',
    name: 'Backlash',
    convention: 'at the pitch circle',
    swing: swing(
      [0, 120, 240].map((turn) =>
        place(
          `turn-${turn}`,
          turn === 0 ? 'as installed' : say('pumps.turned', { degrees: turn }),
          rockDrive(held, turn),
        ),
      ),
      pitch,
    ),
    rests: resting(...teeth),
    runs: 'backlash',
    restoredBy: ['gears'],
    caution: 'Fingers out of the mesh while rocking the gear.',
  });

/** Returns a test by hand. */
export const finger = (instruction: string): Touch => ({
  test: 'finger',
  stations: [place('by-hand', 'by hand', instruction)],
});

/** Returns a sweep with the straightedge. */
export const sweep = (instruction: string): Touch => ({
  test: 'sweep',
  stations: [place('sweep', 'sweep', instruction)],
});

/** Returns the outside mic at two places half a turn apart: the usual for widths and diameters of a part in the hand. */
export const twoPlaces = (what: string, where: string): Station[] => [
  place('a', 'first place', say('pumps.micOver', { part: what, where })),
  place('b', '180° round', say('pumps.micHalfTurn', { part: what })),
];

/** Returns a bore at two places along it and two directions: an oval or a taper shows. */
export const insideBore = (what: string): Station[] => [
  place('front-a', 'front', say('pumps.gaugeFront', { part: what })),
  place('front-b', 'front, 90° round', say('pumps.gaugeFrontRound', { part: what })),
  place('rear-a', 'rear', say('pumps.gaugeRear', { part: what })),
  place('rear-b', 'rear, 90° round', say('pumps.gaugeRearRound', { part: what })),
];

/** A row of the sizes of a pump: the part, what it is read with, the places where. */
type DimensionRow = Omit<Partial<Dimension>, 'id' | 'part'> &
  Pick<Dimension, 'name' | 'instrument' | 'stations'> & {
    readonly id: string;
    readonly part: string;
  };

/**
 * Returns a size of a part.
 *
 * @param row with the ids of the size and of its part
 */
export function dimension(row: DimensionRow): Dimension {
  const id = dimensionId(row.id);
  return { section: 1, first: id, short: row.name, ...row, id, part: partId(row.part) };
}

/** Returns a model whose sizes are drawn as large as the fields of the geometry say that they are. */
export const drawnBy =
  <G extends object>(model: (g: G) => PumpModel) =>
  (g: G): PumpModel => {
    const figures = g as Readonly<Record<string, unknown>>;
    const { dimensions, ...rest } = model(g);
    return {
      ...rest,
      dimensions: dimensions.map((d) => {
        const drawn_mm = d.field === undefined ? undefined : figures[d.field];
        return typeof drawn_mm === 'number' ? { ...d, drawn_mm } : d;
      }),
    };
  };

/** Said wherever a leaf goes under an edge. */
export const BONE_DRY = 'Bone dry, no nicks, or the leaf misleads. Sharp edges cut.';

/** Returns the plunger of a relief valve in its bore, and its spring: the same on every pump that has one. */
export function reliefValve(part: string): {
  readonly dimensions: readonly Dimension[];
  readonly characteristics: readonly Characteristic[];
} {
  const UNDER_LOAD = 'Spring loaded. Release it slowly; keep your face clear.';
  return {
    dimensions: [
      dimension({
        id: 'plunger-bore-diameter',
        name: 'Relief bore',
        part,
        instrument: 'bore-gauge',
        stations: [
          place('front', 'front', 'Bore gauge in the relief bore, near its mouth.'),
          place('rear', 'rear', 'Bore gauge in the relief bore, near the seat.'),
        ],
        worked: HONED,
        unworked: 'A relief bore is not opened out: its plunger comes in one size.',
      }),
      dimension({
        id: 'plunger-diameter',
        name: 'Relief plunger',
        part: 'plunger',
        instrument: 'outside-mic',
        stations: twoPlaces('plunger', 'on its land'),
        worked: POLISHED,
        unworked: WORN_AWAY,
      }),
      dimension({
        id: 'spring-free-length',
        name: 'Spring, free',
        part: 'spring',
        instrument: 'caliper',
        stations: [place('a', 'free', 'Caliper over the spring, standing free.')],
      }),
      dimension({
        id: 'spring-loaded-length',
        name: 'Spring under its test load',
        part: 'spring',
        instrument: 'height-gauge',
        stations: [
          place('a', 'loaded', 'Put the sheet’s test load on the spring. Height gauge on top.'),
        ],
      }),
    ].map(ofWholePump),
    characteristics: [
      clearance({
        id: 'plunger-bore',
        name: 'Relief plunger to bore',
        convention: 'diametral',
        terms: fit('plunger-bore-diameter', 'plunger-diameter'),
        touch: finger('Plunger in its dry bore. Does it drop under its own weight?'),
        restoredBy: ['plunger'],
        runs: 'plunger',
        sides: true,
        caution: UNDER_LOAD,
      }),
      clearance({
        id: 'spring-length',
        name: 'Spring free length',
        convention: 'standing free, ends ground',
        ...sizeAlone('spring-free-length'),
        restoredBy: ['spring'],
        caution: UNDER_LOAD,
      }),
      clearance({
        id: 'spring-load',
        name: 'Spring length under load',
        convention: 'length under the test load that the sheet names; a weak spring is shorter',
        ...sizeAlone('spring-loaded-length'),
        restoredBy: ['spring'],
        caution: 'A loaded spring can fly out. Guide it; keep your face clear.',
      }),
    ].map(ofWholePump),
  };
}
