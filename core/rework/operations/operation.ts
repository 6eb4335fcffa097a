import type { Work } from '../../pumps/family';
import type { Decision, DoneBy } from '../../records/rework';

/** Cuts one of an operation's kinds of work on sizes and surfaces whose ids begin so. */
interface Cut {
  readonly work: Exclude<Work, 'exchanged'>;
  readonly sizes: readonly string[];
  /** Its amount is counted the other way: a thinner washer in place of a thicker. */
  readonly less?: true;
}

/** Says what an operation costs and how far it goes, as the app begins with: made up, for the shop to put right. */
export interface OperationTerms {
  readonly by: DoneBy;
  readonly minutes: number;
  readonly price: number;
  readonly days: number;
  /** Null where there is no amount. */
  readonly least_mm: number | null;
  readonly most_mm: number | null;
  /** Names the abrasive or tool; empty for none in particular. */
  readonly tool: string;
  /** Says what is checked on the way; empty for nothing. */
  readonly check: string;
  /** Names the danger, then the move; empty where there is none. */
  readonly caution: string;
}

/** An operation that a shop can do: what it does to which parts, and on what terms. */
export interface Operation extends OperationTerms {
  readonly id: string;
  /** Follows the name of a part: `face the deck`. */
  readonly name: string;
  /** Says it as an order of its own: `Face the deck`. */
  readonly order: string;
  /** Says what it makes of its part. */
  readonly decision: Decision;
  /** Lists what is cut; the first has to be there for the operation to be, what follows it goes along. */
  readonly cuts: readonly Cut[];
  /** Says what is one operation: all that a cut moves on a part, one size of it, or the gears of a section. */
  readonly per: 'part' | 'size' | 'section';
  /** Lists the kinds of part of which another takes the place; empty where none does. */
  readonly renews: readonly string[];
  /** Characteristics, by how their ids begin, that a new part brings in: by its being new, or sized as it goes in. */
  readonly restores: readonly string[];
  /** Surfaces, by how their ids begin, on which it puts right what was found by eye. */
  readonly surfaces: readonly string[];
  /** Names the operations that go along with it, by their ids. */
  readonly along: readonly string[];
  /** It does for a part that was to be replaced. */
  readonly insteadOfNew?: true;
  /** Holds only where the house does so. */
  readonly house?: 'lapping';
}

/** Cautions at machines: the danger, then the move. */
export const LATHE = 'Lathe: guard down, no gloves, no loose sleeves.';
export const MILL = 'Mill: clamp the part, guard down, brush chips away with the spindle stopped.';
export const GRINDER =
  'Grinder: guard and glasses, check the wheel for cracks, never leave the magnet off.';
export const PRESS = 'Press: shield up, hands clear. A bushing can break and fly.';
export const HONE = 'Hone: clamp the part, hands clear of the drill. Rinse all grit out.';

/** Returns the terms of work that the shop does itself. */
export const here = (
  minutes: number,
  more: Partial<OperationTerms> = {},
): Omit<OperationTerms, 'by'> & { readonly by: 'here' } => ({
  ...{ minutes, price: 0, days: 0, least_mm: null, most_mm: null },
  ...{ tool: '', check: '', caution: '', ...more },
  by: 'here',
});

/** Returns the terms of a part that is bought and put in. */
export const bought = (price: number, days: number, minutes = 10): OperationTerms => ({
  ...here(minutes),
  price,
  days,
});

const NOTHING = {
  cuts: [],
  per: 'part',
  renews: [],
  restores: [],
  surfaces: [],
  along: [],
} as const;

type Made = Partial<Operation> & Pick<Operation, 'decision'>;

/** Returns an operation: what it makes of its part, and nothing that is not said. */
export const operation = (
  id: string,
  name: string,
  order: string,
  terms: OperationTerms,
  made: Made,
): Operation => ({
  ...NOTHING,
  ...terms,
  ...made,
  ...{ id, name, order },
});

/** The kinds of part that turn together and are bought as a set. */
export const GEARS = ['drive', 'driven', 'idler', 'inner', 'outer'] as const;
