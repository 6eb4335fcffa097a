import type { DimensionId, StationId } from '../pumps/ids';
import type { LeafAim, LeafPlace } from './nextLeaf';
import type { Schema } from 'yup';
import type { Ladder } from '../feeler/ladder';
import type { Extremes } from '../metrology/extremes';
import type { Characteristic, Dimension, PumpModel, Station } from '../pumps/family';
import type { Point } from '../pumps/shapes';
import type { ShopUnit } from '../quantity/units';

/** Says where a value of a characteristic comes from; a sum is worked out from other characteristics. */
export type EvidenceSource = 'leaves' | 'sizes' | 'indicator' | 'depths' | 'sweep' | 'hand' | 'sum';

/** Describes what one kind of readings says of a characteristic. */
export interface Evidence {
  readonly source: EvidenceSource;
  readonly extremes: Extremes;
  /** Bounds, for sizes, the smallest from above and the largest from below, whichever places meet. */
  readonly reached?: Extremes;
  /** Holds the ends among what was read, where some of what could be the worse one was not. It proves *out*, never *in*. */
  readonly among?: Extremes;
  /** Says that it has no figure of its own: it counts beside evidence that has. */
  readonly beside?: true;
}

/** A place where one reading is made: of a size of a part, or of the characteristic itself. */
export interface Place {
  readonly station: Station;
  readonly dimension?: Dimension;
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

/** A tool that decides where leaves cannot. */
export type FinerTool = 'mic' | 'dial';

/** The cells of a reading's line in the CSV file that only its method fills. */
export type Cells = Readonly<Record<string, string | number | null>>;

/**
 * One way of measuring a characteristic, with everything that is different from one way to the next.
 * A new one is a file with such an object, a line in `list.ts` and a panel of its own.
 */
export interface Method<Id extends string, R extends object, Details extends object> {
  /** Kind of its readings in the journal. */
  readonly id: Id;
  /** Schema of one reading as it is kept. */
  readonly schema: Schema<Omit<R, 'voided'>>;
  /** Lists the places where a characteristic is measured this way; empty where it cannot be. */
  places(pump: PumpModel, c: Characteristic): readonly Place[];
  /**
   * Turns the readings of a characteristic into evidence, and returns what else they tell.
   *
   * @param readings those of this method that count, in the order of the work
   */
  evidence(
    c: Characteristic,
    readings: readonly R[],
    context: EvidenceContext,
  ): { readonly evidence: readonly Evidence[]; readonly details: Details };
  /** Returns the next place to read, or null where there is none. */
  next(asking: Asking): Place | LeafPlace | null;
  /** Names the tool that decides by it where leaves cannot; null where it is no help. */
  readonly finer: FinerTool | null;
  /** Writes the figure of a reading in the shop's unit, or what was felt. */
  figure(reading: R, unit: ShopUnit): string;
  /** Says how a reading came to be what it is; empty for a plain one. */
  detail(reading: R, unit: ShopUnit): string;
  cells(reading: R): Cells;
}

/** Returns the first place that was not read yet, or null. */
export const firstUnread = ({ places, taken }: Asking): Place | null =>
  places.find((place) => !taken(place)) ?? null;
