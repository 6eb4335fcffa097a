import { operationId, type OperationId } from '../../pumps/ids';
import type { Remedy, Replacement } from '../../pumps/remedies';
import type { MessageKey } from '../../wording/say';
import type { Decision, DoneBy } from '../../records/rework';

/** Says what an operation costs and how far it goes, as the app begins with: made up, for the shop to put right. */
export interface OperationTerms {
  readonly by: DoneBy;
  readonly minutes: number;
  /** Minutes of these that equal works on one pump share. */
  readonly setup: number;
  readonly price: number;
  readonly days: number;
  /** Is null where there is no amount. */
  readonly least_mm: number | null;
  readonly most_mm: number | null;
  /** Names the abrasive or tool; empty for none in particular. */
  readonly tool: string;
  /** Says what is checked on the way; empty for nothing. */
  readonly check: string;
  /** Names the danger, then the move; empty where there is none. */
  readonly caution: string;
}

/** A sentence that says an amount: `Take 0.031 mm off the deck.` */
type AmountMessage = Extract<MessageKey, `rework.cut.${string}`>;

/** An operation that a shop can do: what it puts right, and on what terms. */
export interface Operation extends OperationTerms {
  readonly id: OperationId;
  /** Follows the name of a part: `face the deck`. */
  readonly name: string;
  /** Says it as an order of its own: `Face the deck`. */
  readonly order: string;
  /** Says what it makes of its part. */
  readonly decision: Decision;
  /** Names the remedy that it carries out on the sizes and surfaces that list it; null for none. */
  readonly remedy: Remedy | null;
  /** Its amount is counted the other way: a thinner washer in place of a thicker. */
  readonly less?: true;
  /** Says what is one operation: all that a cut moves on a part, one size of it, or the gears of a section. */
  readonly per: 'part' | 'size' | 'section';
  /** Says what is put in: another takes the place of the parts that are replaced as this; null for nothing. */
  readonly replaces: Replacement | null;
  /** Puts in what is of another width, from the sheet's list. */
  readonly otherWidth?: true;
  /** Says that its amount is held to a fifth of the step that other cuts are: what is honed, lapped or polished. */
  readonly fine?: true;
  /** It takes a bushing to the size that what runs in it wants. */
  readonly sizes?: true;
  /** Names the operations that go along with it, by their ids. */
  readonly along: readonly OperationId[];
  /** It does for a part that was to be replaced. */
  readonly insteadOfNew?: true;
  /** It is offered only where something that was found asks for it. */
  readonly asked?: true;
  /** Names the school of the house that says whether it is done, or only where nothing else helps. */
  readonly house?: 'lapping' | 'gears';
  /** Says its amount in a sentence of its own. */
  readonly amountSaid?: AmountMessage;
}

/** Cautions at machines: the danger, then the move. */
export const LATHE = 'Lathe: guard down, no gloves, no loose sleeves.';
export const MILL = 'Mill: clamp the part, guard down, brush chips away with the spindle stopped.';
export const GRINDER =
  'Grinder: guard and glasses, check the wheel for cracks, never leave the magnet off.';
export const PRESS = 'Press: shield up, hands clear. A bushing can break and fly.';
export const HONE = 'Hone: clamp the part, hands clear of the drill. Rinse all grit out.';

/** Returns the terms of work that the shop does itself. */
export const inHouse = (
  minutes: number,
  more: Partial<OperationTerms> = {},
): Omit<OperationTerms, 'by'> & { readonly by: 'here' } => ({
  minutes,
  setup: 0,
  price: 0,
  days: 0,
  least_mm: null,
  most_mm: null,
  tool: '',
  check: '',
  caution: '',
  ...more,
  by: 'here',
});

/** Returns the terms of a part that is bought and put in. */
export const bought = (price: number, days: number, minutes = 10, setup = 0): OperationTerms => ({
  ...inHouse(minutes),
  price,
  days,
  setup,
});

type Made = Pick<Operation, 'decision'> &
  Partial<Omit<Operation, 'id' | 'name' | 'order' | 'along' | keyof OperationTerms>> & {
    readonly along?: readonly string[];
    readonly caution?: string;
  };

/** Returns an operation: what it makes of its part, and nothing that is not said. */
export const operation = (
  id: string,
  name: string,
  order: string,
  terms: OperationTerms,
  { along = [], ...made }: Made,
): Operation => ({
  remedy: null,
  per: 'part',
  replaces: null,
  ...terms,
  ...made,
  id: operationId(id),
  name,
  order,
  along: along.map(operationId),
});
