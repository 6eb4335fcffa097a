import type { Assessment } from '../../assessment/assessment';
import type { Quantity } from '../../assessment/quantity';
import { restsOn } from '../../journal/eras';
import type { DecisionRule } from '../../metrology/conformity';
import type { Characteristic, PumpModel, Term } from '../../pumps/family';
import type { DimensionId, PartId } from '../../pumps/ids';
import { gapsOf } from '../../pumps/registry';
import { nominalOf, type Sheet } from '../../records/sheet';
import type { Offer } from '../operations/offers';
import type { Effect } from '../solver/problem';
import { spanOf, type Span } from './standing';

/** Says how an operation moves the two ends of a gap. */
export interface EndEffects {
  readonly low: Effect;
  readonly high: Effect;
}

/** Holds what is known of the pump that operations are weighed on. */
export interface Known {
  readonly sheet: Sheet;
  readonly pump: PumpModel;
  readonly rule: DecisionRule;
  readonly dimensions: ReadonlyMap<DimensionId, Quantity>;
}

const NONE: Effect = { perMm: 0, once_mm: 0 };
export const NO_EFFECT: EndEffects = { low: NONE, high: NONE };

const once = (by_mm: number): Effect => ({ perMm: 0, once_mm: by_mm });

/** Takes both ends of a gap to a value, in mm. */
const to = (span: Span, value_mm: number): EndEffects => ({
  low: once(value_mm - span.low_mm),
  high: once(value_mm - span.high_mm),
});

/** Takes both ends of a gap inside its limits: to the middle; to a limit that stands alone, where they are beyond. */
function inside({ limits }: Pick<Assessment, 'limits'>, span: Span): EndEffects {
  const { lower_mm, upper_mm } = limits ?? { lower_mm: null, upper_mm: null };
  if (lower_mm !== null && upper_mm !== null) return to(span, (lower_mm + upper_mm) / 2);
  const least = lower_mm ?? -Infinity;
  const most = upper_mm ?? Infinity;
  const held = (mm: number) => once(Math.min(most, Math.max(least, mm)) - mm);
  return { low: held(span.low_mm), high: held(span.high_mm) };
}

const partOf = ({ dimensions, features }: PumpModel, id: string): PartId | undefined =>
  [...dimensions, ...features].find((d) => d.id === id)?.part;

/** Lists the sizes and surfaces of a characteristic that an operation changes, or whose part it exchanges. */
export function touchedBy(pump: PumpModel, c: Characteristic, { works }: Offer): string[] {
  const exchanged = works.filter((w) => w.work === 'exchanged').map((w) => w.part);
  const changed = works.flatMap((w) => w.moves.map((m) => m.dimension));
  return restsOn(c).filter(
    (id) => changed.includes(id) || exchanged.some((part) => part === partOf(pump, id)),
  );
}

/** Tells whether an operation cuts the face true that a wear or an unevenness is in. */
export const trues = (pump: PumpModel, c: Characteristic, offer: Offer): boolean =>
  offer.works.some(({ work }) => c.trued?.includes(work) ?? false) &&
  touchedBy(pump, c, offer).length > 0;

/** Tells whether an operation brings a characteristic in by what it puts in: all of it is new, or sized as it goes in. */
function restores(c: Characteristic, offer: Offer, touched: readonly string[]): boolean {
  if (touched.length === 0) return false;
  const { remedy, replaces } = offer.operation;
  if (c.restoredBy?.some((by) => by === remedy || by === replaces)) return true;
  const renewed = offer.works.every(({ work }) => work === 'exchanged');
  return renewed && restsOn(c).every((id) => touched.includes(id));
}

/** Returns how far a new part moves a gap, in mm: its standard size, or so much over it, less what was measured. */
function exchangedBy(
  terms: readonly Term[],
  offer: Offer,
  { sheet, pump, dimensions }: Known,
): number {
  const exchanged = offer.works.filter((w) => w.work === 'exchanged').map((w) => w.part);
  return terms.reduce((sum, { dimension, factor }) => {
    if (!exchanged.some((part) => part === partOf(pump, dimension))) return sum;
    const now = dimensions.get(dimension);
    const standard = nominalOf(sheet, dimension);
    const isWidth = pump.dimensions.find((d) => d.id === dimension)?.width;
    const over = isWidth ? (offer.set?.over_mm ?? 0) : 0;
    const measured = now && now.u_mm !== null && standard !== undefined;
    return sum + factor * (over + (measured ? standard - now.best_mm : 0));
  }, 0);
}

/** Returns how far a millimetre of an operation's amount moves a gap. */
function perMmOf(terms: readonly Term[], { works }: Offer): number {
  const moves = works.flatMap((w) => w.moves);
  return terms.reduce((sum, { dimension, factor }) => {
    const perMm = moves.find((m) => m.dimension === dimension)?.perMm ?? 0;
    return sum + factor * perMm;
  }, 0);
}

/** Returns how an operation moves a gap that is measured itself; nothing where it leaves it alone. */
function onGap(a: Assessment, span: Span, offer: Offer, known: Known): EndEffects {
  const { characteristic: c } = a;
  const touched = touchedBy(known.pump, c, offer);
  if (trues(known.pump, c, offer)) return to(span, 0);
  if (restores(c, offer, touched)) return c.trued ? to(span, 0) : inside(a, span);
  const gaps = gapsOf(c).map((terms) => [...terms, ...(c.follows ?? [])]);
  if (gaps.length === 0) return NO_EFFECT;
  const shifts = gaps.map((terms) => ({
    perMm: perMmOf(terms, offer),
    once_mm: exchangedBy(terms, offer, known),
  }));
  const size = ({ perMm, once_mm }: Effect) => perMm + once_mm;
  return {
    low: shifts.reduce((a, b) => (size(b) < size(a) ? b : a)),
    high: shifts.reduce((a, b) => (size(b) > size(a) ? b : a)),
  };
}

const plus = (a: Effect, b: Effect): Effect => ({
  perMm: a.perMm + b.perMm,
  once_mm: a.once_mm + b.once_mm,
});

/**
 * Returns how an operation moves the ends of a gap, of a sum by what it does to each part of it; nothing
 * where it leaves it alone, or by how much cannot be told.
 */
export function effectsOn(a: Assessment, offer: Offer, known: Known): EndEffects {
  const parts = a.parts.length > 0 ? a.parts : [a];
  return parts.reduce((sum: EndEffects, part) => {
    const span = spanOf(part, known.rule);
    if (!span) return sum;
    const { low, high } = onGap(part, span, offer, known);
    return { low: plus(sum.low, low), high: plus(sum.high, high) };
  }, NO_EFFECT);
}

/**
 * Tells whether an operation brings a gap in whatever it was: it cuts true what is worn, or puts in what is new.
 * Of a sum, all that nobody knows of it.
 */
export function bringsIn(a: Assessment, offer: Offer, { pump, rule }: Known): boolean {
  const unknown = a.parts.length > 0 ? a.parts.filter((part) => !spanOf(part, rule)) : [a];
  return unknown.every(({ characteristic: c }) => {
    return trues(pump, c, offer) || restores(c, offer, touchedBy(pump, c, offer));
  });
}

/** Lists the characteristics that an operation makes worth measuring again, sums with their parts. */
export function openedByOffer(
  pump: PumpModel,
  all: readonly Assessment[],
  offer: Offer,
): Assessment[] {
  const opened = (a: Assessment): boolean =>
    touchedBy(pump, a.characteristic, offer).length > 0 || a.parts.some(opened);
  return all.filter(opened);
}
