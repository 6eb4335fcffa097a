import type { CharacteristicId, DimensionId, PartId } from '../../pumps/ids';
import { MM_PER } from '../../quantity/units';
import type { WorkEntry } from '../../records/entries/operation';
import type { ShelfPart } from '../../records/part';
import type { Sheet } from '../../records/sheet';
import type { Shop } from '../../records/shop';
import type { Operation, OperationTerms } from './operation';

/** Says what an operation does to one part, as its entry in the journal will say. */
export interface PartWork {
  readonly part: PartId;
  readonly work: WorkEntry['work'];
  /** Says how far a millimetre of amount moves each size; null where it changes it by no amount. */
  readonly moves: readonly { readonly dimension: DimensionId; readonly perMm: number | null }[];
}

/** An operation that goes along with another. */
export interface Along {
  readonly operation: Operation;
  readonly terms: OperationTerms;
}

/** An operation as it can be done on one pump. */
export interface Offer {
  /** Its operation and part, or the size that is worked on: `bushing-honed--bushing-bore`. */
  readonly id: string;
  readonly operation: Operation;
  readonly terms: Terms;
  readonly parts: readonly PartId[];
  /** Names the part or parts: `Drive gear and driven gear`. */
  readonly on: string;
  readonly works: readonly PartWork[];
  /** Lists what is done along with it: the dowels come out before a face is cut. */
  readonly along: readonly Along[];
  /** Gears of another width: how much over standard they are, in mm, and what they are called. */
  readonly set: { readonly name: string; readonly over_mm: number } | null;
  /** Lists the parts on the shelf that are put in; null for others. */
  readonly piece: ShelfPart | null;
  /** Gives the thickness of the washer that is put in, in mm; null for others. */
  readonly washer_mm: number | null;
  /** Names the gap that is measured again; null for work. */
  readonly again: CharacteristicId | null;
}

/** Tells whether an offer puts other parts in the place of those that it is done on. */
export const exchanges = ({ works }: Pick<Offer, 'works'>): boolean =>
  works.some(({ work }) => work === 'exchanged');

/** Describes what a shop says of work: who does it, what it costs. */
export type WorkTerms = Pick<Shop, 'operations' | 'money' | 'unit'>;

/** Says on what terms an operation is done here, and whether its price is only the app's example. */
export interface Terms extends OperationTerms {
  readonly example: boolean;
}

/**
 * Returns the terms of an operation: the sheet's price, what the shop says, what the app begins with.
 *
 * @param operation a kind of work
 * @param shop what it says of its operations
 * @param sheet with the prices of the model
 */
export function termsOf(
  operation: Operation,
  { operations }: Pick<Shop, 'operations'>,
  { prices }: Pick<Sheet, 'prices'>,
): Terms {
  const own = operations.find(({ id }) => id === operation.id);
  const of = prices.find((p) => p.operation === operation.id);
  return {
    by: own?.by ?? operation.by,
    minutes: own?.minutes ?? operation.minutes,
    setup: own?.setup ?? operation.setup,
    price: of?.price ?? own?.price ?? operation.price,
    example: !own && of?.price == null && operation.price > 0,
    days: of?.days ?? own?.days ?? operation.days,
    least_mm: own ? own.least_mm : operation.least_mm,
    most_mm: own ? own.most_mm : operation.most_mm,
    tool: own?.tool || operation.tool,
    check: own?.check || operation.check,
    caution: own?.caution || operation.caution,
  };
}

/**
 * Returns the minutes of the shop that an operation takes, with what goes along.
 *
 * @param offer its time, and what goes along with it
 * @example
 * minutesOf({ terms: { minutes: 20 }, along: [{ terms: { minutes: 10 } }] }); // 30
 */
export const minutesOf = ({ terms, along }: Pick<Offer, 'terms' | 'along'>): number =>
  along.reduce((sum, a) => sum + a.terms.minutes, terms.minutes);

/** Returns the minutes that works do not take twice which are done together: all but one set-up of each kind. */
export function minutesShared(offers: readonly Pick<Offer, 'operation' | 'terms'>[]): number {
  const kinds = [...new Set(offers.map(({ operation }) => operation))];
  return kinds.reduce((saved, kind) => {
    const equal = offers.filter(({ operation }) => operation === kind);
    return saved + (equal.length - 1) * (equal[0]?.terms.setup ?? 0);
  }, 0);
}

/**
 * Returns what an operation costs, with what goes along: the shop's time, and what is paid for it.
 *
 * @param offer its time and its price, and what goes along with it
 * @param rate what an hour of the shop costs
 * @returns money, in the currency of the shop
 * @example
 * costOfOffer({ terms: { minutes: 30, price: 12 }, along: [] }, 80); // 52
 */
export const costOfOffer = (offer: Pick<Offer, 'terms' | 'along'>, rate: number): number =>
  offer.along.reduce(
    (sum, a) => sum + a.terms.price,
    (minutesOf(offer) / 60) * rate + offer.terms.price,
  );

/** Steps that hands and dials hold, in mm: a half thou or a hundredth; of what is honed or polished a fifth of that. */
const STEPS: Readonly<Record<Shop['unit'], readonly [step_mm: number, fine_mm: number]>> = {
  mm: [0.01, 0.002],
  thou: [0.5 * MM_PER.thou, 0.1 * MM_PER.thou],
};

/**
 * Returns the step in which the amount of an operation is set, in mm.
 *
 * @param operation whether it is fine work
 * @param unit the unit that the shop displays
 * @example
 * stepOf({ fine: false }, 'mm'); // 0.01
 * stepOf({ fine: true }, 'thou'); // 0.00254
 */
export const stepOf = ({ fine }: Pick<Operation, 'fine'>, unit: Shop['unit']): number =>
  STEPS[unit][fine ? 1 : 0];

/**
 * Tells whether an operation moves a size by its amount; what only cuts flat goes until it is flat.
 *
 * @param offer the operation
 * @example
 * movesBySize({ works: [{ moves: [{ dimension: 'depth', perMm: -1 }] }] }); // true
 * movesBySize({ works: [{ moves: [{ dimension: 'depth', perMm: null }] }] }); // false
 */
export const movesBySize = ({ works }: Offer): boolean =>
  works.some(({ moves }) => moves.some(({ perMm }) => perMm !== null));
