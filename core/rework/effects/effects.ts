import type { Assessment } from '../../assessment/assessment';
import type { Quantity } from '../../assessment/quantity';
import { restsOn } from '../../journal/eras';
import type { DecisionRule } from '../../metrology/conformity';
import { COVERAGE } from '../../metrology/normal';
import type { Characteristic, Dimension, PumpModel, Term } from '../../pumps/family';
import type { DimensionId, PartId } from '../../pumps/ids';
import { gapsOf } from '../../pumps/registry';
import { NEW_PART_mm, newSizeOf, nominalOf } from '../../records/sizesSaid';
import type { Sheet } from '../../records/sheet';
import type { Offer } from '../operations/offer';
import type { Effect } from '../solver/problem';
import { spanOf, type GapRange } from './standing';

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
  /** Sizes that nobody read count as if they had been: a gap is then as far from nominal as the old part is. */
  readonly sized?: true;
}

const NONE: Effect = { perMm: 0, once_mm: 0 };
export const NO_EFFECT: EndEffects = { low: NONE, high: NONE };

/** Tells whether nobody knows quite how far work moves a gap: what is put in measures something between two ends. */
export const isSpread = ({ low, high }: EndEffects): boolean =>
  (low.spread_mm ?? 0) !== 0 || (high.spread_mm ?? 0) !== 0;

const once = (by_mm: number): Effect => ({ perMm: 0, once_mm: by_mm });

/** Takes both ends of a gap to a value, in mm. */
const to = (span: GapRange, value_mm: number): EndEffects => ({
  low: once(value_mm - span.low_mm),
  high: once(value_mm - span.high_mm),
});

/** Takes both ends of a gap inside its limits: to the middle; to a limit or a least that stands alone, where they are beyond. */
function inside({ limits, least: floor }: Assessment, span: GapRange): EndEffects {
  const { lower_mm, upper_mm } = limits ?? { lower_mm: null, upper_mm: null };
  if (lower_mm !== null && upper_mm !== null) return to(span, (lower_mm + upper_mm) / 2);
  const least = lower_mm ?? floor?.mm ?? -Infinity;
  const most = upper_mm ?? Infinity;
  const held = (mm: number) => once(Math.min(most, Math.max(least, mm)) - mm);
  return { low: held(span.low_mm), high: held(span.high_mm) };
}

const partOf = ({ dimensions, features }: PumpModel, id: string): PartId | undefined =>
  [...dimensions, ...features].find((d) => d.id === id)?.part;

/**
 * Lists the sizes and surfaces of a characteristic that an operation changes, or whose part it exchanges.
 *
 * @param pump its model
 * @param c the characteristic
 * @param offer the operation
 */
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
  // What lay on the shelf used is as worn as it is: only its sizes tell what it does.
  if (touched.length === 0 || offer.piece?.origin === 'used') return false;
  const { remedy, replaces } = offer.operation;
  if (c.restoredBy?.some((by) => by === remedy || by === replaces)) return true;
  const renewed = offer.works.every(({ work }) => work === 'exchanged');
  return renewed && restsOn(c).every((id) => touched.includes(id));
}

/** Says how far a part that is put in moves a gap, and by how much either way it may be off that, in mm. */
interface PutIn {
  readonly by_mm: number;
  readonly spread_mm: number;
}

/** Returns what is known of a size of a part that is put in, between two ends in mm; null for nothing. */
function freshSize(
  dimension: DimensionId,
  { piece, set }: Offer,
  { sheet, pump }: Known,
): readonly [least_mm: number, most_mm: number] | null {
  if (piece) {
    const size = piece.sizes.find((s) => s.dimension === dimension);
    const off = COVERAGE * (size?.u_mm ?? 0);
    return size ? [size.value_mm - off, size.value_mm + off] : null;
  }
  const isWidth = pump.dimensions.find((d) => d.id === dimension)?.width;
  const over = isWidth ? (set?.over_mm ?? 0) : 0;
  const fresh = newSizeOf(sheet, dimension);
  return fresh && [fresh.least_mm + over, fresh.most_mm + over];
}

/** Tells whether an offer puts another part in the place of the one that a size or a surface is of. */
function isExchanged(pump: PumpModel, id: string, { works }: Pick<Offer, 'works'>): boolean {
  const part = partOf(pump, id);
  return works.some((w) => w.work === 'exchanged' && w.part === part);
}

/** Tells whether an offer puts new parts in a gap that nobody gave the sizes of: the app reckons with its own figure. */
export const isReckoned = (
  c: Characteristic,
  { piece, works }: Pick<Offer, 'piece' | 'works'>,
  { sheet, pump }: Pick<Known, 'sheet' | 'pump'>,
): boolean => {
  const isNew = ({ id }: Dimension) => restsOn(c).includes(id) && isExchanged(pump, id, { works });
  return (
    piece === null &&
    pump.dimensions.some((d) => isNew(d) && newSizeOf(sheet, d.id)?.from !== 'sheet')
  );
};

/** Returns the middle of what a gap may be; null where no most is published. */
function middleOf({ limits, least }: Assessment): number | null {
  const { lower_mm = null, upper_mm = null } = limits ?? {};
  return upper_mm === null ? null : ((lower_mm ?? least?.mm ?? 0) + upper_mm) / 2;
}

/** Returns what a gap is by the sheet's sizes, in mm; null where it does not give them all. */
function nominalGap(terms: readonly Term[], sheet: Sheet): number | null {
  return terms.reduce<number | null>((sum, { dimension, factor }) => {
    const nominal = nominalOf(sheet, dimension);
    return sum === null || nominal === undefined ? null : sum + factor * nominal;
  }, 0);
}

/** Returns how far a part that is put in moves a gap, in mm: what it measures, less what the old one did. */
function putIn(
  terms: readonly Term[],
  offer: Offer,
  known: Known,
  span: GapRange,
  a: Assessment,
): PutIn {
  const { pump, dimensions, sheet } = known;
  let [by_mm, spread_mm] = [0, 0];
  for (const { dimension, factor } of terms) {
    if (!isExchanged(pump, dimension, offer)) continue;
    const now = dimensions.get(dimension);
    const fresh = freshSize(dimension, offer, known);
    if (!now || now.u_mm === null || !fresh) {
      spread_mm += Math.abs(factor) * NEW_PART_mm;
      const nominal = known.sized ? (nominalGap(terms, sheet) ?? middleOf(a)) : null;
      if (nominal !== null) return { by_mm: nominal - (span.low_mm + span.high_mm) / 2, spread_mm };
      // By how much a set is wider is known whatever the old gears measured.
      const isWidth = pump.dimensions.find((d) => d.id === dimension)?.width;
      by_mm += isWidth ? factor * (offer.set?.over_mm ?? 0) : 0;
      continue;
    }
    const [least_mm, most_mm] = fresh;
    by_mm += factor * ((least_mm + most_mm) / 2 - now.best_mm);
    spread_mm += (Math.abs(factor) * (most_mm - least_mm)) / 2;
  }
  return { by_mm, spread_mm };
}

/** Takes a size nearer to the middle by what reading it may be off: only what is sure to differ is left of a difference. */
const sureOf = (extreme_mm: number, { best_mm, u_mm }: Quantity): number => {
  const left = Math.max(0, Math.abs(extreme_mm - best_mm) - COVERAGE * (u_mm ?? 0));
  return best_mm + Math.sign(extreme_mm - best_mm) * left;
};

/**
 * Returns an end of a gap into which a new part is put: as it is planned with, by the middle of what the part may be and
 * what is known for sure of the others; and as it may come out at worst. What the readings of the part that goes were
 * off, and how it was worn, goes with it.
 *
 * @returns null where not all sizes of the gap were read, or nobody knows what a new part measures
 */
function renewedEnd(
  terms: readonly Term[],
  offer: Offer,
  known: Known,
  side: 1 | -1,
): { readonly sure_mm: number; readonly worst_mm: number } | null {
  const { pump, dimensions, rule } = known;
  let [sure_mm, worst_mm, variance] = [0, 0, 0];
  for (const { dimension, factor } of terms) {
    const now = dimensions.get(dimension);
    const isLarge = factor * side > 0;
    if (isExchanged(pump, dimension, offer)) {
      const fresh = freshSize(dimension, offer, known);
      if (!fresh) return null;
      sure_mm += (factor * (fresh[0] + fresh[1])) / 2;
      worst_mm += factor * fresh[isLarge ? 1 : 0];
      continue;
    }
    if (!now || now.u_mm === null) return null;
    const extreme_mm = isLarge ? now.largest_mm : now.smallest_mm;
    sure_mm += factor * sureOf(extreme_mm, now);
    worst_mm += factor * extreme_mm;
    variance += (factor * now.u_mm) ** 2;
  }
  const guard_mm = rule === 'plain' ? 0 : COVERAGE * Math.sqrt(variance);
  return { sure_mm, worst_mm: worst_mm + side * guard_mm };
}

/** Returns how new parts, put in for parts of a gap whose other sizes were read, move its ends; null where that is not known. */
function renewedBy(
  terms: readonly Term[],
  span: GapRange,
  offer: Offer,
  known: Known,
): EndEffects | null {
  const isIn = terms.some(({ dimension }) => isExchanged(known.pump, dimension, offer));
  if (!isIn || offer.piece !== null) return null;
  const [low, high] = [renewedEnd(terms, offer, known, -1), renewedEnd(terms, offer, known, 1)];
  if (!low || !high) return null;
  const effect = ({ sure_mm, worst_mm }: typeof low, now_mm: number): Effect => ({
    perMm: 0,
    once_mm: sure_mm - now_mm,
    spread_mm: worst_mm - sure_mm,
  });
  return { low: effect(low, span.low_mm), high: effect(high, span.high_mm) };
}

/** Returns how far a washer of another thickness moves a gap, in mm; nought for other work. */
function washedBy(terms: readonly Term[], { washer_mm, works }: Offer, known: Known): number {
  if (washer_mm === null) return 0;
  const moved = works.flatMap((w) => w.moves.map((m) => m.dimension));
  return terms.reduce((sum, { dimension, factor }) => {
    const now = known.dimensions.get(dimension);
    return moved.includes(dimension) && now ? sum + factor * (washer_mm - now.best_mm) : sum;
  }, 0);
}

/** Returns how far a millimetre of an operation's amount moves a gap for sure, and how far it may: see `Term.unsure`. */
function perMmOf(terms: readonly Term[], { works }: Offer): readonly [low: number, high: number] {
  const moves = works.flatMap((w) => w.moves);
  let [low, high] = [0, 0];
  for (const { dimension, factor, unsure } of terms) {
    const by = factor * (moves.find((m) => m.dimension === dimension)?.perMm ?? 0);
    low += unsure ? Math.min(0, by) : by;
    high += unsure ? Math.max(0, by) : by;
  }
  return [low, high];
}

/** Returns how an operation moves a gap that is measured itself; nothing where it leaves it alone. */
function onGap(a: Assessment, span: GapRange, offer: Offer, known: Known): EndEffects {
  const { characteristic: c } = a;
  const touched = touchedBy(known.pump, c, offer);
  if (trues(known.pump, c, offer)) return to(span, 0);
  const gaps = gapsOf(c).map((terms) => [...terms, ...(c.follows ?? [])]);
  if (restores(c, offer, touched)) {
    // What runs is sized as it goes in; the rest is what new parts measure, where that is known.
    const [terms] = c.runs === undefined ? gaps : [];
    const renewed = terms && renewedBy(terms, span, offer, known);
    return renewed ?? (c.trued ? to(span, 0) : inside(a, span));
  }
  if (gaps.length === 0) return NO_EFFECT;
  const shifts = gaps.map((terms): EndEffects => {
    const renewed = renewedBy(terms, span, offer, known);
    if (renewed) return renewed;
    const [low, high] = perMmOf(terms, offer);
    const { by_mm, spread_mm } = putIn(terms, offer, known, span, a);
    const once_mm = by_mm + washedBy(terms, offer, known);
    return {
      low: { perMm: low, once_mm, spread_mm: -spread_mm },
      high: { perMm: high, once_mm, spread_mm },
    };
  });
  const size = ({ perMm, once_mm }: Effect) => perMm + once_mm;
  return {
    low: shifts.map((s) => s.low).reduce((a, b) => (size(b) < size(a) ? b : a)),
    high: shifts.map((s) => s.high).reduce((a, b) => (size(b) > size(a) ? b : a)),
  };
}

const plus = (a: Effect, b: Effect): Effect => ({
  perMm: a.perMm + b.perMm,
  once_mm: a.once_mm + b.once_mm,
  spread_mm: (a.spread_mm ?? 0) + (b.spread_mm ?? 0),
});

/**
 * Returns how an operation moves the ends of a gap, of a sum by what it does to each part of it; nothing
 * where it leaves it alone, or by how much cannot be told.
 *
 * @param a the assessment of the gap
 * @param offer the operation
 * @param known what is known of the pump
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

/**
 * Lists the characteristics that an operation makes worth measuring again, sums with their parts.
 *
 * @param pump its model
 * @param all the characteristics of the pump
 * @param offer the operation
 */
export function openedByOffer(
  pump: PumpModel,
  all: readonly Assessment[],
  offer: Offer,
): Assessment[] {
  const opened = (a: Assessment): boolean =>
    touchedBy(pump, a.characteristic, offer).length > 0 || a.parts.some(opened);
  return all.filter(opened);
}
