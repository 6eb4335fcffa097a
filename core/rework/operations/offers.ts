import { movedByWork } from '../../journal/work';
import type { PartId } from '../../pumps/ids';
import type { Dimension, Feature, PumpModel } from '../../pumps/family';
import { pumpOf } from '../../pumps/registry';
import { sectionIn } from '../../pumps/sections';
import type { WorkEntry } from '../../records/entry';
import type { HouseRules } from '../../records/rules';
import type { Sheet } from '../../records/sheet';
import type { Shop } from '../../records/shop';
import type { Operation, OperationTerms } from './operation';
import { operationOf, OPERATIONS, NEW_PUMP, OTHER_WIDTH } from './operations';

/** Says what an operation does to one part, as its entry in the journal will say. */
export interface PartWork {
  readonly part: PartId;
  readonly work: WorkEntry['work'];
  /** Says how far a millimetre of amount moves each size; null where it changes it by no amount. */
  readonly moves: readonly { readonly dimension: string; readonly perMm: number | null }[];
}

/** An operation that goes along with another. */
export interface Along {
  readonly operation: Operation;
  readonly terms: OperationTerms;
}

/** A operation of operation as it can be done on one pump. */
export interface Offer {
  /** Kind and part, or the size that is worked on: `bushing-honed--bushing-bore`. */
  readonly id: string;
  readonly operation: Operation;
  readonly terms: OperationTerms;
  readonly parts: readonly PartId[];
  /** Names the part or parts: `Drive gear, driven gear`. */
  readonly on: string;
  readonly works: readonly PartWork[];
  /** Lists what is done along with it: the dowels come out before a face is cut. */
  readonly along: readonly Along[];
  /** Gears of another width: how much over standard they are, in mm, and what they are called. */
  readonly set: { readonly name: string; readonly over_mm: number } | null;
}

/** Describes what a shop says of work: who does it, what it costs. */
export type WorkTerms = Pick<Shop, 'operations' | 'money'>;

/** Returns the terms of a operation of operation: the sheet's price, what the shop says, what the app begins with. */
export function termsOf(
  operation: Operation,
  { operations }: Pick<Shop, 'operations'>,
  { prices }: Pick<Sheet, 'prices'>,
): OperationTerms {
  const own = operations.find(({ id }) => id === operation.id);
  const of = prices.find((p) => p.operation === operation.id);
  return {
    by: own?.by ?? operation.by,
    minutes: own?.minutes ?? operation.minutes,
    price: of?.price ?? own?.price ?? operation.price,
    days: of?.days ?? own?.days ?? operation.days,
    least_mm: own ? own.least_mm : operation.least_mm,
    most_mm: own ? own.most_mm : operation.most_mm,
    tool: own?.tool || operation.tool,
    check: own?.check || operation.check,
    caution: own?.caution || operation.caution,
  };
}

/** Returns the minutes of the shop that an operation takes, with what goes along. */
export const minutesOf = ({ terms, along }: Pick<Offer, 'terms' | 'along'>): number =>
  along.reduce((sum, a) => sum + a.terms.minutes, terms.minutes);

/** Returns what an operation costs, with what goes along: the shop's time, and what is paid for it. */
export const costOfOffer = (offer: Pick<Offer, 'terms' | 'along'>, rate: number): number =>
  offer.along.reduce(
    (sum, a) => sum + a.terms.price,
    (minutesOf(offer) / 60) * rate + offer.terms.price,
  );

/** Tells whether an operation moves a size by its amount; what only cuts flat goes until it is flat. */
export const movesBySize = ({ works }: Offer): boolean =>
  works.some(({ moves }) => moves.some(({ perMm }) => perMm !== null));

/** Tells whether an id is one of those that begin so. */
export const beginsSo = (id: string, stems: readonly string[]): boolean =>
  stems.some((stem) => id.startsWith(stem));

type Sized = Dimension | Feature;

const sizesOf = ({ dimensions, features }: PumpModel): Sized[] => [...dimensions, ...features];

/** Returns the work of one cut on one part; null where it moves nothing of what is meant. */
function cutOn(
  sheet: Sheet,
  part: PartId,
  { work, sizes, less }: Operation['cuts'][number],
  only: string | null,
): PartWork | null {
  const moved = movedByWork(sheet, part, work);
  const meant = moved.filter(({ id }) => beginsSo(id, sizes) && (only === null || id === only));
  if (meant.length === 0) return null;
  // One cut over a face takes along all that lies in it.
  const along = only === null && (work === 'faced' || work === 'sunk') ? moved : meant;
  return {
    ...{ part, work },
    moves: along.map(({ id, sign }) => ({
      dimension: id,
      perMm: sign === 0 ? null : less ? -sign : sign,
    })),
  };
}

const nameOf = (pump: PumpModel, parts: readonly PartId[]): string =>
  parts
    .flatMap((id) => pump.parts.find((p) => p.id === id)?.name ?? [])
    .map((name, i) => (i === 0 ? name : name.charAt(0).toLowerCase() + name.slice(1)))
    .join(', ');

/** Returns what belongs together in one operation: the parts of a section, each part, or each size. */
function groupsOf(
  operation: Operation,
  pump: PumpModel,
): { readonly key: string; readonly parts: PartId[]; readonly only: string | null }[] {
  const [first] = operation.cuts;
  const cut = first
    ? sizesOf(pump).filter(
        (d) => d.worked?.[first.work] !== undefined && beginsSo(d.id, first.sizes),
      )
    : [];
  const worked = pump.parts.filter(({ id, kind: of }) =>
    first ? cut.some((d) => d.part === id) : operation.renews.includes(of),
  );
  if (operation.per === 'size') {
    return cut.map((d) => ({ key: d.id, parts: [d.part], only: d.id }));
  }
  if (operation.per === 'part') {
    return worked.map(({ id }) => ({ key: id, parts: [id], only: null }));
  }
  const sections = [...new Set(worked.map(({ name }) => sectionIn(name) ?? 1))];
  return sections.map((section) => {
    const parts = worked.filter(({ name }) => (sectionIn(name) ?? 1) === section);
    return { key: parts[0]?.id ?? '', parts: parts.map(({ id }) => id), only: null };
  });
}

/** Lists the operations of one operation that a pump has parts for. */
function offersOf(
  operation: Operation,
  sheet: Sheet,
  terms: OperationTerms,
  along: readonly Along[] = [],
): Offer[] {
  const pump = pumpOf(sheet);
  return groupsOf(operation, pump).flatMap(({ key, parts, only }): Offer[] => {
    const renewed = operation.renews.length > 0;
    const works = parts.flatMap((part): PartWork[] =>
      renewed
        ? [{ part, work: 'exchanged', moves: [] }]
        : operation.cuts.flatMap((cut) => cutOn(sheet, part, cut, only) ?? []),
    );
    if (works.length === 0) return [];
    const on = only === null ? nameOf(pump, parts) : nameOf(pump, [parts[0] ?? '']);
    const id = `${operation.id}--${key}`.slice(0, 64);
    return [{ id, operation, terms, parts, on, works, along, set: null }];
  });
}

/** Lists the gears of another width that the sheet says can be bought, for each section. */
function otherWidths(sheet: Sheet, base: OperationTerms): Offer[] {
  return sheet.sets.flatMap(({ id, name, over_mm, price, days }) =>
    offersOf(OTHER_WIDTH, sheet, { ...base, price, days }).map((offer) => ({
      ...offer,
      id: `${offer.id}--${id}`.slice(0, 64),
      set: { name, over_mm },
    })),
  );
}

/** Tells whether the house does an operation at all. */
const houseDoes = ({ house }: Operation, rules: HouseRules): boolean =>
  house !== 'lapping' || rules.lapping !== 'never';

/** Operations that stand for more than work on a part: they are weighed otherwise. */
const NOT_BY_PART = new Set([NEW_PUMP.id, OTHER_WIDTH.id]);

/**
 * Lists the operations that can be done on a pump: those kinds that it has parts for, that the house
 * does, and that the shop does itself or sends out.
 */
export function offersFor(
  { sheet, rules }: { readonly sheet: Sheet; readonly rules: HouseRules },
  shop: Pick<Shop, 'operations'>,
): readonly Offer[] {
  const kinds = OPERATIONS.filter((k) => !NOT_BY_PART.has(k.id) && houseDoes(k, rules));
  return [
    ...kinds.flatMap((operation) => {
      const along = operation.along.flatMap((id) => operationOf(id) ?? []);
      return offersOf(
        operation,
        sheet,
        termsOf(operation, shop, sheet),
        along.map((k) => ({ operation: k, terms: termsOf(k, shop, sheet) })),
      );
    }),
    ...otherWidths(sheet, termsOf(OTHER_WIDTH, shop, sheet)),
  ].filter(({ terms }) => terms.by !== 'never');
}
