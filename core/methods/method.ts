import type { Schema } from 'yup';
import type { Ladder } from '../feeler/ladder';
import type { Extremes } from '../metrology/extremes';
import type { Characteristic, Dimension, PumpModel, Station } from '../pumps/family';
import type { CharacteristicId, DimensionId, PartId, StationId } from '../pumps/ids';
import type { Point } from '../pumps/shapes';
import type { ShopUnit } from '../quantity/units';
import type { Source, ZeroState } from '../schema/fields';
import type { LeafAim, LeafPlace } from './nextLeaf';

/** Describes what one kind of readings says of a characteristic. */
export interface Evidence<S extends string = string> {
  readonly source: S;
  readonly extremes: Extremes;
  /** Bounds, for sizes, the smallest from above and the largest from below, whichever places meet. */
  readonly reached?: Extremes;
  /** Holds the ends among what was read, where some of what could be the worse one was not. It proves *out*, never *in*. */
  readonly among?: Extremes;
  /** Says that it has no figure: it proves *out*, never *in*. */
  readonly felt?: true;
  /** Says that it has no figure of its own: it counts beside evidence that has. */
  readonly beside?: true;
}

/** A place where one reading is made: of a size of a part, or of the characteristic itself. */
export interface Place {
  readonly station: Station;
  readonly dimension?: Dimension;
}

/** Describes what every step says: which characteristic it is for, and where. */
export interface StepAt {
  readonly characteristic: CharacteristicId;
  readonly station: Station;
}

/** Describes what evidence depends on besides the readings. */
export interface EvidenceContext {
  readonly ladder: Ladder;
  /** Says how the house wants a hub in its bushing. */
  readonly bushing: 'free' | 'snug';
  /** Returns where a depth is read, in mm from the middle of the drawing. */
  probe(dimension: DimensionId, station: StationId): Point;
}

/** Describes what the next place depends on. */
export interface Asking {
  /** All places of the method, in order. */
  readonly places: readonly Place[];
  /** Tells whether a place was read already. */
  taken(place: Place): boolean;
  /** Returns what leaves should go for; null where they can tell nothing more. */
  leafAim(): LeafAim | null;
  readonly ladder: Ladder;
}

/** An instrument as it is used for a reading: how well it reads, and how its zero stands. */
export interface GaugeInHand {
  readonly name: string;
  /** Standard uncertainty of one reading, and the part of it that is the instrument's own, in mm. */
  readonly u_mm: number;
  readonly own_mm: number;
  readonly zero: ZeroState;
  /** Gives what it read too much on its standard, in mm. */
  readonly offset_mm: number;
}

/** Describes what a reading is made with. */
export interface Bench {
  readonly leafSet: string;
  /** Temperatures of the part and of the shop; null where they were not taken. */
  readonly part_C: number | null;
  readonly shop_C: number | null;
  characteristic(id: CharacteristicId): Characteristic;
  /** Returns what reads a size, or with null a swing, at a moment. */
  gauge(dimension: Dimension | null, source: Source, at: string): GaugeInHand;
  /** Returns the expansion of a part, 1/K; null where the sheet does not say. */
  alpha_per_K(part: PartId): number | null;
  /** Returns the radius at which a swing is wanted, in mm; null where it is no matter. */
  pitchRadius_mm(c: Characteristic): number | null;
}

/** Describes what a simulated pump hides, in mm. */
export interface Hidden {
  /** Returns the smallest and the largest gap at a station of a characteristic. */
  gap(characteristic: string, station: string): readonly [smallest: number, largest: number];
  size(dimension: DimensionId, station: string): number;
  swing(characteristic: string, station: string): number;
}

/** Says which reading it is, when it was made and by whom. */
export interface ReadingStamp {
  readonly id: string;
  /** ISO 8601 in UTC. */
  readonly at: string;
  readonly by: string;
}

/** Standard uncertainties in the difference of two readings of the same instrument: a swing, an amount taken off. */
export const TWO_READINGS = Math.SQRT2;

/** A tool that decides where leaves cannot. */
export type FinerTool = 'mic' | 'dial';

/** A box on a sheet of paper: the thickest leaf that went in, the thinnest that did not; or the one figure. */
export type Box = 'goes' | 'refused' | 'figure';

/** The cells of a reading's line in the CSV file that only its method fills. */
export type Cells = Readonly<Record<string, string | number | null>>;

/** Names the types that differ from one way of measuring to the next. */
export interface MethodTypes {
  /** Kind of its readings in the journal. */
  readonly id: string;
  readonly reading: object;
  /** Says what its readings tell besides a value. */
  readonly details: object;
  /** Names the source that its evidence says that it comes from. */
  readonly source: string;
  /** Holds what a step of it says besides which characteristic it is for, and where. */
  readonly step: object;
  /** Holds what the hand answers at a step. */
  readonly answer: unknown;
}

/**
 * One way of measuring a characteristic, with everything that is different from one way to the next.
 * A new one is a file with such an object, a line in `list.ts`, and a panel with its line in `panels.ts` of the screen.
 */
export interface Method<T extends MethodTypes> {
  readonly id: T['id'];
  /** Schema of one reading as it is kept. */
  readonly schema: Schema<Omit<T['reading'], 'voided'>>;
  /** Says how a verdict names each source of its evidence. */
  readonly sources: Readonly<Record<T['source'], string>>;
  /** Says what it gives: a figure, a bracket by leaves, or what a hand feels. */
  readonly gives: 'figure' | 'bracket' | 'feel';
  /** Tells whether measuring goes on by it through the pump; else it is for the one characteristic. */
  readonly goesOn: boolean;
  /** Says by what Decide asks for it to be read. */
  readonly readBy: 'leaves' | 'sizes' | 'dial';
  /** Names the tool that decides by it where leaves cannot; null where it is no help. */
  readonly finer: FinerTool | null;
  /** Lists its boxes on a sheet of paper; empty where it does not go on paper. */
  readonly paper: readonly Box[];
  /** Gives what is told of a characteristic of which nothing was read by it. */
  readonly unread: T['details'];
  /** Names it on a button. */
  name(c: Characteristic): string;
  /** Lists the places where a characteristic is measured this way; empty where it cannot be. */
  places(pump: PumpModel, c: Characteristic): readonly Place[];
  /**
   * Turns the readings of a characteristic into evidence, and returns what else they tell.
   *
   * @param readings those of this method that count, in the order of the work
   */
  evidence(
    c: Characteristic,
    readings: readonly T['reading'][],
    context: EvidenceContext,
  ): { readonly evidence: readonly Evidence<T['source']>[]; readonly details: T['details'] };
  /** Returns the next place to read, or null where there is none. */
  next(asking: Asking): Place | LeafPlace | null;
  /** Returns the reading that an answer at a step comes to. */
  record(
    step: StepAt & T['step'],
    answer: T['answer'],
    stamp: ReadingStamp,
    bench: Bench,
  ): T['reading'];
  /** Returns what an honest hand answers at a step on a simulated pump. */
  simulate(step: StepAt & T['step'], hidden: Hidden, c: Characteristic): T['answer'];
  /** Writes the figure of a reading in the shop's unit, or what was felt. */
  figure(reading: T['reading'], unit: ShopUnit): string;
  /** Says how a reading came to be what it is; empty for a plain one. */
  detail(reading: T['reading'], unit: ShopUnit): string;
  cells(reading: T['reading']): Cells;
}

/** Returns the first place that was not read yet, or null. */
export const firstUnread = ({ places, taken }: Asking): Place | null =>
  places.find((place) => !taken(place)) ?? null;
