import { movedByWork } from '../../journal/work';
import type { DimensionId, PartId } from '../../pumps/ids';
import type { Characteristic, Dimension, Feature, PumpModel, WorkKind } from '../../pumps/family';
import { pumpOf } from '../../pumps/registry';
import { REMEDIES, type Remedy } from '../../pumps/remedies';
import { bySection } from '../../pumps/sections';
import type { ShelfPart } from '../../records/part';
import type { HouseRules } from '../../records/rules';
import type { Sheet } from '../../records/sheet';
import type { Shop } from '../../records/shop';
import { together } from '../../wording/say';
import type { Operation } from './operation';
import {
  FROM_SHELF,
  MEASURE_AGAIN,
  NEW_PUMP,
  OPERATIONS,
  operationOf,
  OTHER_WIDTH,
  WASHER,
} from './operations';
import { termsOf, type Along, type Offer, type PartWork, type Terms } from './offer';

/** An offer that puts in nothing of its own kind. */
const PLAIN = { set: null, piece: null, washer_mm: null, again: null } as const;

type Sized = Dimension | Feature;

const sizesOf = ({ dimensions, features }: PumpModel): Sized[] => [...dimensions, ...features];

/** Tells whether a remedy puts a size right by a kind of work that moves it. */
const isPutRight = (size: Sized, remedy: Remedy, work: WorkKind): boolean =>
  (size.remedies?.includes(remedy) ?? false) && size.worked?.[work] !== undefined;

/** Lists the kinds of work of an operation, the one that it stands by first. */
const worksOf = ({ remedy }: Operation): readonly Exclude<WorkKind, 'exchanged'>[] =>
  remedy === null ? [] : REMEDIES[remedy];

/** Returns one kind of work of an operation on one part; null where it moves nothing of what is meant. */
function cutOn(
  sheet: Sheet,
  part: PartId,
  { remedy, less }: Operation,
  work: Exclude<WorkKind, 'exchanged'>,
  only: DimensionId | null,
): PartWork | null {
  if (remedy === null) return null;
  const sizes = sizesOf(pumpOf(sheet));
  const moved = movedByWork(sheet, part, work);
  const meant = moved.filter(({ id }) => {
    const size = sizes.find((s) => s.id === id);
    return size && isPutRight(size, remedy, work) && (only === null || id === only);
  });
  if (meant.length === 0) return null;
  // One cut over a face takes along all that lies in it.
  const along = only === null && (work === 'faced' || work === 'sunk') ? moved : meant;
  return {
    part,
    work,
    moves: along.map(({ id, sign }) => ({
      dimension: id,
      perMm: sign === 0 ? null : less ? -sign : sign,
    })),
  };
}

/** Names parts that are worked on or replaced together: `Drive gear and driven gear`. */
const nameOf = (pump: PumpModel, parts: readonly PartId[]): string =>
  together(parts.flatMap((id) => pump.parts.find((p) => p.id === id)?.name ?? []));

/** Describes what belongs together in one offer. */
interface Group {
  readonly key: string;
  readonly parts: readonly PartId[];
  /** The size that is worked on; null for all that the work is for. */
  readonly only: DimensionId | null;
}

/** Returns what belongs together in one offer: the parts of a section, each part, or each size. */
function groupsOf(operation: Operation, pump: PumpModel): Group[] {
  const { remedy, replaces, per } = operation;
  const [first] = worksOf(operation);
  const cut = first && remedy ? sizesOf(pump).filter((d) => isPutRight(d, remedy, first)) : [];
  const worked = pump.parts.filter(({ id, replacedAs }) =>
    first ? cut.some((d) => d.part === id) : replaces !== null && replacedAs === replaces,
  );
  if (per === 'size') return cut.map((d) => ({ key: d.id, parts: [d.part], only: d.id }));
  if (per === 'part') return worked.map(({ id }) => ({ key: id, parts: [id], only: null }));
  return bySection(worked).map(({ items }) => {
    const parts = items.map(({ id }) => id);
    return { key: parts[0] ?? '', parts, only: null };
  });
}

/** Lists the offers of one operation that a pump has parts for. */
function offersOf(
  operation: Operation,
  sheet: Sheet,
  terms: Terms,
  along: readonly Along[] = [],
): Offer[] {
  const pump = pumpOf(sheet);
  return groupsOf(operation, pump).flatMap(({ key, parts, only }): Offer[] => {
    const works = parts.flatMap((part): PartWork[] =>
      operation.replaces !== null
        ? [{ part, work: 'exchanged', moves: [] }]
        : worksOf(operation).flatMap((work) => cutOn(sheet, part, operation, work, only) ?? []),
    );
    if (works.length === 0) return [];
    const on = nameOf(pump, only === null ? parts : parts.slice(0, 1));
    const id = `${operation.id}--${key}`.slice(0, 64);
    return [{ id, operation, terms, parts, on, works, along, ...PLAIN }];
  });
}

/**
 * Lists the offer of a small job on a part, that what was found asks for; no size changes by it. None where the
 * shop does not do it, or the pump has no such part.
 */
export function smallOffers(
  operation: Operation,
  part: PartId,
  { sheet }: { readonly sheet: Sheet },
  shop: Pick<Shop, 'operations'>,
): Offer[] {
  const named = pumpOf(sheet).parts.find((p) => p.id === part);
  const terms = termsOf(operation, shop, sheet);
  if (!named || terms.by === 'never') return [];
  return [
    {
      id: `${operation.id}--${part}`,
      operation,
      terms,
      parts: [part],
      on: named.name,
      along: [],
      ...PLAIN,
      works: [{ part, work: 'dressed', moves: [] }],
    },
  ];
}

/** Lists the gears of another width that the sheet says can be bought, for each section. */
function otherWidths(sheet: Sheet, base: Terms): Offer[] {
  return sheet.sets.flatMap(({ id, name, over_mm, price, days }) =>
    offersOf(OTHER_WIDTH, sheet, { ...base, price, days, example: false }).map((offer) => ({
      ...offer,
      id: `${offer.id}--${id}`.slice(0, 64),
      set: { name, over_mm },
    })),
  );
}

/** Lists the washers that the sheet says can be had, in place of the one that is in. */
const washers = (sheet: Sheet, terms: Terms): Offer[] =>
  offersOf(WASHER, sheet, terms).flatMap((offer) =>
    sheet.washers_mm.map((washer_mm, i) => ({
      ...offer,
      id: `${offer.id}--${i + 1}`.slice(0, 64),
      washer_mm,
      works: offer.works.map((w) => ({
        ...w,
        moves: w.moves.map(({ dimension }) => ({ dimension, perMm: null })),
      })),
    })),
  );

/**
 * Lists the parts on the shelf that could go into a pump, as work on it.
 *
 * @param shelf the parts that lie there
 */
export function shelfOffers(
  sheet: Sheet,
  shelf: readonly ShelfPart[],
  shop: Pick<Shop, 'operations'>,
): Offer[] {
  const pump = pumpOf(sheet);
  const terms = termsOf(FROM_SHELF, shop, sheet);
  if (terms.by === 'never') return [];
  return shelf.flatMap((piece): Offer[] => {
    const parts = piece.parts.filter((id) => pump.parts.some((p) => p.id === id));
    if (piece.state !== 'here' || piece.sheet !== sheet.id || parts.length === 0) return [];
    const works = parts.map((part) => ({ part, work: 'exchanged' as const, moves: [] }));
    return [
      {
        id: `shelf--${piece.id}`.slice(0, 64),
        operation: FROM_SHELF,
        terms,
        parts,
        works,
        ...PLAIN,
        on: nameOf(pump, parts),
        along: [],
        piece,
      },
    ];
  });
}

/** Returns the offer to read a gap once more; null where the shop does not do so. */
export function againOffer(
  { id, name }: Pick<Characteristic, 'id' | 'name'>,
  sheet: Sheet,
  shop: Pick<Shop, 'operations'>,
): Offer | null {
  const terms = termsOf(MEASURE_AGAIN, shop, sheet);
  if (terms.by === 'never') return null;
  return {
    id: `measure-again--${id}`.slice(0, 64),
    operation: MEASURE_AGAIN,
    terms,
    ...PLAIN,
    parts: [],
    on: name,
    works: [],
    along: [],
    again: id,
  };
}

/** Tells whether the house does an operation at all. */
const houseDoes = ({ house }: Operation, rules: HouseRules): boolean =>
  house !== 'lapping' || rules.lapping !== 'never';

/** Operations that are not offered part by part: what they put in, or read, makes them. */
const BY_THEMSELVES: readonly Operation[] = [
  NEW_PUMP,
  OTHER_WIDTH,
  WASHER,
  FROM_SHELF,
  MEASURE_AGAIN,
];

/** Tells whether an operation is offered part by part on a pump: a washer by amount only where nobody said which there are. */
const isByPart = (operation: Operation, { washers_mm }: Sheet): boolean =>
  !BY_THEMSELVES.includes(operation) &&
  !operation.asked &&
  !(operation.remedy === 'change-washer' && washers_mm.length > 0);

/**
 * Lists the operations that can be done on a pump: those that it has parts for, that the house does, and that the
 * shop does itself or sends out.
 *
 * @param given the sheet, and the house rules
 * @param shop what it says of its operations
 */
export function offersFor(
  { sheet, rules }: { readonly sheet: Sheet; readonly rules: HouseRules },
  shop: Pick<Shop, 'operations'>,
): readonly Offer[] {
  const operations = OPERATIONS.filter((o) => isByPart(o, sheet) && houseDoes(o, rules));
  return [
    ...operations.flatMap((operation) => {
      const along = operation.along.flatMap((id) => operationOf(id) ?? []);
      return offersOf(
        operation,
        sheet,
        termsOf(operation, shop, sheet),
        along.map((o) => ({ operation: o, terms: termsOf(o, shop, sheet) })),
      );
    }),
    ...otherWidths(sheet, termsOf(OTHER_WIDTH, shop, sheet)),
    ...washers(sheet, termsOf(WASHER, shop, sheet)),
  ].filter(({ terms }) => terms.by !== 'never');
}
