import type { Characteristic, PumpModel, Station } from '../pumps/family';
import { dimensionsFor, pumpOf, type PumpKind } from '../pumps/registry';
import type { ShopUnit } from '../quantity/units';
import { say } from '../wording/say';
import { attribute } from './attribute';
import { dimensional } from './dimensional';
import { feeler } from './feeler';
import { indicator } from './indicator';
import type { Cells, Method } from './method';

/** Every way of measuring by the kind of its readings, the usual ones first. */
export const METHOD = {
  leaf: feeler,
  swing: indicator,
  size: dimensional,
  touch: attribute,
} as const;

export type MethodId = keyof typeof METHOD;
export const METHOD_IDS = Object.keys(METHOD) as MethodId[];

type ReadingOf<M> = M extends Method<string, infer R, object> ? R : never;
type DetailsOf<M> = M extends Method<string, object, infer D> ? D : never;
type All<U> = (U extends unknown ? (u: U) => void : never) extends (all: infer I) => void
  ? I
  : never;

/** A reading of any method. */
export type Reading = ReadingOf<(typeof METHOD)[MethodId]>;

/** Describes what the methods tell of a characteristic besides its value, all together. */
export type Details = All<DetailsOf<(typeof METHOD)[MethodId]>>;

/** A method whose own types nobody needs to know. */
export type AnyMethod = Method<MethodId, Reading, Partial<Details>>;

/** Returns a method by the kind of its readings. */
export const methodOf = (id: MethodId): AnyMethod => METHOD[id] as unknown as AnyMethod;

/** Lists the ways in which a characteristic can be measured, the usual one first. */
export const methodsFor = (pump: PumpKind, c: Characteristic): MethodId[] =>
  METHOD_IDS.filter((id) => methodOf(id).places(pumpOf(pump), c).length > 0);

/** Returns the way that gives a characteristic a figure: its sizes, else the dial; null where only leaves and hands tell. */
export function figureWay(c: Characteristic): 'size' | 'swing' | null {
  if (dimensionsFor(c).length > 0) return 'size';
  return c.swing ? 'swing' : null;
}

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
