import type { ObjectSchema } from 'yup';
import type { CharacteristicId, DimensionId, KindId, PartId, StationId } from './ids';
import type { LengthKind } from '../quantity/units';
import type { FloorKind } from './floors';
import type { Remedy, Replacement, Role } from './remedies';
import type { Point } from './shapes';
import type { Teardown } from './teardown/teardown';
import type { View } from './view';

export type { View } from './view';

/** Describes what a shape of the drawing is, for the interface to colour. */
export type ShapeRole =
  | 'housing'
  | 'pocket'
  | 'driven'
  | 'drive'
  | 'crescent'
  | 'track'
  | 'hole'
  | 'thread'
  | 'vane'
  | 'port'
  | 'chamber';

export interface Shape {
  readonly role: ShapeRole;
  /** SVG path in mm. */
  readonly path: string;
  /** Gives the middle of a tapped hole, in mm. */
  readonly at?: Point;
}

/** The drawing of what lies on the bench. */
export interface Outline {
  readonly shapes: readonly Shape[];
  /** Half the side of the square that holds everything, in mm. */
  readonly extent_mm: number;
}

/** Says how an instrument is drawn: from one end to the other, in mm. */
export interface Tool {
  readonly kind: 'leaf' | 'mic' | 'bore' | 'depth' | 'dial' | 'finger';
  /** Leaf: its free end. Mic and bore gauge: one contact. Depth mic: an end of its base. Dial: its face. */
  readonly from: Point;
  readonly to: Point;
}

/** Says where things lie for one measurement, on the drawing. */
export interface Placement {
  readonly view: View;
  /** The straightedge, end to end. */
  readonly edge?: readonly [Point, Point];
  readonly tool?: Tool;
  /** Marks where the leaf goes in, or the spindle stands. */
  readonly probe: Point;
  /** Points the way that the gear is pushed before measuring; a unit vector. */
  readonly push?: Point;
}

/** A place at which a characteristic or a dimension is measured. */
export interface Station {
  readonly id: StationId;
  /** A word or two: `12`, `beside the crescent`. */
  readonly label: string;
  /** The instruction up to the leaf: `Edge across 12–6, drive gear at 12.` */
  readonly instruction: string;
}

/** A kind of part that a pump has: its gears, its bushings. */
export interface PartKind {
  readonly id: KindId;
  readonly name: string;
  /** Says what it is for in its pump. */
  readonly roles: readonly Role[];
  /** Says what it is bought as where another takes its place; null where nobody buys one: the transmission itself. */
  readonly replacedAs: Replacement | null;
}

/** Something of a pump that may stand in a stack. */
interface InStack<Id> {
  readonly id: Id;
  readonly name: string;
  /** Counts from 1, at the drive end; null for what is of the whole pump: the relief valve of a stack. */
  readonly section: number | null;
  /** Gives the id that its like has on the first section: its own id there. */
  readonly first: Id;
  /** Names it without its section: `Body width` of `Section 2: Body width`. */
  readonly short: string;
}

/** One physical piece: the drive-side bushing at the front of section 2. It can be exchanged for another. */
export interface Part extends InStack<PartId>, Pick<PartKind, 'roles' | 'replacedAs'> {
  /** Id of its kind: what a sheet says of the kind (its material) holds for it. */
  readonly kind: KindId;
}

/** The kinds of work on a part that move its sizes, or put another part in its place. */
export const WORKS = [
  'faced',
  'sunk',
  'ground',
  'honed',
  'dressed',
  'shimmed',
  'sleeved',
  'exchanged',
] as const;
export type WorkKind = (typeof WORKS)[number];

/**
 * Says how a unit of metal taken off by a kind of work moves a size: −1 where it grows less, 0 where it
 * does not.
 */
export type Worked = Readonly<Partial<Record<WorkKind, -1 | 0 | 1>>>;

/** Describes what is done about something that work can change. */
interface Workable {
  /** Lists what puts it right; empty where nothing does. */
  readonly remedies?: readonly Remedy[];
  /** Says why no work is offered on it, where none is; a whole sentence. */
  readonly unworked?: string;
}

/** Something of a part that work changes and no gauge reads as a size: the teeth of a gear, the plane of a deck. */
export interface Feature extends Workable {
  readonly id: DimensionId;
  readonly name: string;
  readonly part: PartId;
  readonly worked: Worked;
}

/** Describes what reads a size or a swing. */
export const GAUGE_KINDS = [
  'outside-mic',
  'depth-mic',
  'bore-gauge',
  'indicator',
  'caliper',
  'height-gauge',
] as const;
export type GaugeKind = (typeof GAUGE_KINDS)[number];

/** A size of a part that can be measured on its own. */
export interface Dimension extends InStack<DimensionId>, Workable {
  readonly part: PartId;
  readonly instrument: GaugeKind;
  /** Lists what else reads it as well, where a shop has no such instrument or likes another. */
  readonly also?: readonly GaugeKind[];
  /** Several pieces alike are read, and one end of them counts: who has found it says so of the others. */
  readonly others?: string;
  readonly stations: readonly Station[];
  readonly caution?: string;
  /** Says how work on its part moves it. */
  readonly worked?: Worked;
  /** Features that it moves with though it is not read on them: what comes off the deck lowers the pump. */
  readonly follows?: readonly Term[];
  /** It is the width of a gear, between its two faces: gears that are bought wider are wider by this. */
  readonly width?: true;
  /** Gives its size as the sheet's own drawing has it, in mm: to notice an inch typed for a millimetre. */
  readonly drawn_mm?: number;
  /** The field of the geometry that it is. */
  readonly field?: string;
}

/** One size in a clearance that comes from sizes, and how much of it counts. */
export interface Term {
  readonly dimension: DimensionId;
  /** +1 where a larger size widens the gap, −1 where it narrows it; halves where a radius is wanted. */
  readonly factor: number;
  /** Nobody said whether it counts: which of two parts carries the mounting face. */
  readonly unsure?: true;
}

/** The swing of an indicator: backlash, end play or run-out. */
export interface Swing {
  readonly stations: readonly Station[];
  /** Radius at which the swing is wanted, in mm, where the stylus may stand on another: backlash at the pitch circle. */
  readonly pitchRadius_mm?: number;
  /** The fields of the geometry that it comes from. */
  readonly pitchFields?: readonly string[];
}

/** The tilt of a plane through the depths of one dimension. */
export interface Tilt {
  readonly dimension: DimensionId;
  readonly diameter_mm: number;
}

/** A test without a number: gears turned under the edge, or a part moved by hand. */
export interface Touch {
  readonly test: 'sweep' | 'finger';
  readonly stations: readonly Station[];
}

/**
 * A clearance, size or run-out with a limit. What is present says how it can
 * be had: leaves at `stations`, the sizes in `terms`, an indicator's `swing`,
 * the `tilt` of depths, a `touch`; or it is the `sum` of others.
 */
export interface Characteristic extends InStack<CharacteristicId> {
  /** Says what the reading means, where two readings of it are common. */
  readonly convention: string;
  readonly quantity: LengthKind;
  readonly stations: readonly Station[];
  readonly terms?: readonly Term[];
  /** Further gaps that are judged as one with that of the terms: the other gear beside the same body. */
  readonly besides?: readonly (readonly Term[])[];
  /** Dimensions and features that it rests on though no size of it comes from them. */
  readonly rests?: readonly DimensionId[];
  /** Features that it moves with, and which way: what comes off the deck is added to the end play. */
  readonly follows?: readonly Term[];
  /** It is a depth of wear or an unevenness: these kinds of work cut its face true, and nothing is left of it. */
  readonly trued?: readonly WorkKind[];
  /** Lists what brings it in by being new, or sized as it goes in: what a part is replaced as, or a remedy. */
  readonly restoredBy?: readonly (Replacement | Remedy)[];
  /** Names the size that wears of what it says is left: the length of a vane in its slot. */
  readonly wears?: DimensionId;
  readonly swing?: Swing;
  readonly tilt?: Tilt;
  readonly touch?: Touch;
  /** The way that is usual where it can be had in several; else leaves come first. */
  readonly usual?: 'leaf' | 'size' | 'swing';
  /** Says what kind of running clearance it is: work leaves the least of that kind. */
  readonly runs?: FloorKind;
  /** It is weighed by how the house wants a hub in its bushing. */
  readonly hub?: true;
  /** Says in words what a figure below nought means: a vane that does not reach. */
  readonly below?: string;
  /** The first is the gap itself; the others are what wear adds to it. */
  readonly sum?: readonly [base: CharacteristicId, ...plus: CharacteristicId[]];
  /** Limits for it are published for the full gap or for one side: the sheet says which. */
  readonly sides?: boolean;
  /** Its limit may be given with or without the gasket: the sheet says which. */
  readonly gasket?: boolean;
  readonly caution?: string;
}

/** Says how a pump is looked at: which view, what is pushed where, how far its shaft has turned the way it pumps. */
export interface Seen extends Pick<Placement, 'view' | 'push'> {
  /** In degrees from how it is drawn otherwise. */
  readonly turn_deg?: number;
}

/** Describes what there is to measure on a pump of one family and geometry. */
export interface PumpModel {
  readonly kinds: readonly PartKind[];
  readonly parts: readonly Part[];
  readonly features: readonly Feature[];
  readonly dimensions: readonly Dimension[];
  /** Lists the places in the order in which the pump is turned on the bench. */
  readonly characteristics: readonly Characteristic[];
}

/** Everything that differs from one kind of pump to the next. */
export interface PumpFamily<G extends object = object> {
  readonly id: string;
  readonly name: string;
  /** Fields carry their label, and their unit under `meta`. */
  readonly geometry: ObjectSchema<G>;
  /** A made-up pump of the family, for a new sheet to begin with. */
  readonly example: G;
  /** Says what to beware of on such a pump, whatever is done. */
  cautions(geometry: G): readonly string[];
  model(geometry: G): PumpModel;
  /** Describes what is taken apart, looked at and replaced before any instrument. */
  teardown(geometry: G): Teardown;
  outline(geometry: G, seen: Seen): Outline;
  /** Returns where the instrument goes for a characteristic or dimension at a station. */
  placement(geometry: G, target: CharacteristicId | DimensionId, station: StationId): Placement;
}
