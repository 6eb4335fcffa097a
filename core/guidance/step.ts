import type { CharacteristicId } from '../pumps/ids';
import type { Stack } from '../feeler/stacks';
import type { Dimension, Station } from '../pumps/family';

/** Describes what every step says: which characteristic it is for, and where. */
interface At {
  readonly characteristic: CharacteristicId;
  readonly station: Station;
}

/** A leaf, or leaves together, to try at a station. */
export interface LeafStep extends At {
  readonly stack: Stack;
  /** Gives what a sum leaves of the limit, in mm, where that chooses the leaf and not the manual's limit. */
  readonly room_mm?: number;
}

/** A size to read at a station. */
export interface SizeStep extends At {
  readonly dimension: Dimension;
}

/** Describes what to do next, by its method. */
export type Step =
  | ({ readonly way: 'leaf' } & LeafStep)
  | ({ readonly way: 'size' } & SizeStep)
  | ({ readonly way: 'swing' } & At)
  | ({ readonly way: 'touch' } & At);
