import type { Characteristic, PumpModel, Station } from '../pumps/family';
import { pumpOf, type PumpKind } from '../pumps/registry';
import type { ShopUnit } from '../quantity/units';
import { say } from '../wording/say';
import { attribute } from './attribute';
import { dimensional } from './dimensional';
import { feeler } from './feeler';
import { indicator } from './indicator';
import type { Cells, Evidence, Method, MethodTypes, StepAt } from './method';

/** Every way of measuring by the kind of its readings, the usual ones first. */
export const METHOD = {
  leaf: feeler,
  swing: indicator,
  size: dimensional,
  touch: attribute,
} as const;

export type MethodId = keyof typeof METHOD;
export const METHOD_IDS = Object.keys(METHOD) as MethodId[];

type TypesOf<M> = M extends Method<infer T> ? T : never;
/** Describes the types of a method; of any where none is named. */
type Types<Id extends MethodId = MethodId> = Id extends MethodId
  ? TypesOf<(typeof METHOD)[Id]>
  : never;
type All<U> = (U extends unknown ? (u: U) => void : never) extends (all: infer I) => void
  ? I
  : never;

/** A reading of any method. */
export type Reading = Types['reading'];

/** Describes what the methods tell of a characteristic besides its value, all together. */
export type Details = All<Types['details']>;

/** Says where a value of a characteristic comes from; a sum is worked out from other characteristics. */
export type EvidenceSource = Types['source'] | 'sum';

/** Describes what to do next by a method; by any where none is named. */
export type Step<Id extends MethodId = MethodId> = Id extends MethodId
  ? { readonly way: Id } & StepAt & Types<Id>['step']
  : never;

/** Holds what the hand answers at a step of a method. */
export type Answer<Id extends MethodId = MethodId> = Types<Id>['answer'];

interface AnyTypes extends MethodTypes {
  readonly id: MethodId;
  readonly reading: Reading;
  readonly details: Partial<Details>;
  readonly source: Types['source'];
}

/** A method whose own types nobody needs to know. */
export type AnyMethod = Method<AnyTypes>;

/** Returns a method by the kind of its readings. */
export const methodOf = (id: MethodId): AnyMethod => METHOD[id] as unknown as AnyMethod;

/** Every method, the usual ones first. */
const METHODS = METHOD_IDS.map(methodOf);

/** Describes what stands where nothing was read. */
export const NOTHING_READ = Object.assign({}, ...METHODS.map(({ unread }) => unread)) as Details;

/** Says how a verdict names where a value comes from. */
export const SOURCE_WORD = Object.assign(
  { sum: 'parts of the sum' },
  ...METHODS.map(({ sources }) => sources),
) as Readonly<Record<EvidenceSource, string>>;

/** Tells whether a value comes from a figure that can be read once more. */
export const isFigureSource = (source: EvidenceSource): boolean =>
  METHODS.some(({ gives, sources }) => gives === 'figure' && source in sources);

/** Lists the ways in which a characteristic can be measured, the usual one first. */
export const methodsFor = (pump: PumpKind, c: Characteristic): MethodId[] =>
  METHOD_IDS.filter((id) => methodOf(id).places(pumpOf(pump), c).length > 0);

/** Returns the way that gives a characteristic a figure: its sizes, else the dial; null where only leaves and hands tell. */
export const figureWay = (pump: PumpKind, c: Characteristic): MethodId | null =>
  methodsFor(pump, c).findLast((id) => METHOD[id].gives === 'figure') ?? null;

/** A reading as far as it says what it is of. */
type OfWhat =
  | { readonly kind: MethodId; readonly dimension: string }
  | { readonly kind: MethodId; readonly characteristic: string };

/** Lists the places where a reading like this one can be made; empty where the pump has none. */
export function stationsFor(pump: PumpModel, r: OfWhat): readonly Station[] {
  if ('dimension' in r) return pump.dimensions.find((d) => d.id === r.dimension)?.stations ?? [];
  const c = pump.characteristics.find((other) => other.id === r.characteristic);
  // A record that is only being checked may name any kind.
  return c && Object.hasOwn(METHOD, r.kind)
    ? methodOf(r.kind)
        .places(pump, c)
        .map(({ station }) => station)
    : [];
}

/** Writes the figure of a reading in the shop's unit, or what was felt. */
export const readingFigure = (r: Reading, unit: ShopUnit): string =>
  methodOf(r.kind).figure(r, unit);

/** Writes the figure of a reading with how it came to be: `0.05 mm won’t go`. */
export function readingWords(r: Reading, unit: ShopUnit): string {
  const [figure, detail] = [readingFigure(r, unit), readingDetail(r, unit)];
  return detail ? say('reading.withDetail', { figure, detail }) : figure;
}

/** Says what was felt with a leaf, or how a figure came to be what it is; empty for a plain one. */
export const readingDetail = (r: Reading, unit: ShopUnit): string =>
  methodOf(r.kind).detail(r, unit);

/** Returns the CSV cells that only the method of a reading fills. */
export const readingCells = (r: Reading): Cells => methodOf(r.kind).cells(r);

/** Describes what the readings of a method say of a characteristic. */
export type SourcedEvidence = Evidence<EvidenceSource>;
