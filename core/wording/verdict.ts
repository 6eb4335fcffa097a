import type { Assessment } from '../assessment/assessment';
import { attributeWords, rocks } from '../methods/attribute';
import type { Bounds } from '../feeler/bounds';
import type { Limits } from '../metrology/interval';
import { centre, ends, factorsOf, isCut, movedTo, type Estimate } from '../metrology/estimate';
import type { Extremes } from '../metrology/extremes';
import { extremesOf } from '../feeler/extremes';
import type { Stack } from '../feeler/stacks';
import type { Verdict } from '../metrology/verdict';
import type { Characteristic } from '../pumps/family';
import type { PumpKind } from '../pumps/registry';
import {
  capital,
  formatLength,
  limitsWithUnit,
  formatRange,
  formatWithUnit,
  unitName,
} from '../quantity/format';
import { tidy_mm, type LengthKind, type ShopUnit } from '../quantity/units';
import { NEW_RULES, type HouseRules } from '../records/rules';
import type { EvidenceSource } from '../methods/method';
import { adviceWords, sizesWanted } from './advice';
import { say, listed } from './say';

/** The verdicts in words. */
export const VERDICT_WORD: Readonly<Record<Verdict, string>> = {
  in: 'In',
  out: 'Out',
  close: 'Too close to call',
  open: 'Open',
};

/** The same where there is room for one word. */
export const VERDICT_SHORT: Readonly<Record<Verdict, string>> = {
  ...VERDICT_WORD,
  close: 'Too close',
};

/**
 * Writes an estimate: `0.04–0.05`, `≥ 0.04`, `0.052 ± 0.007` at k = 2, `0.052 +0.007 −0.009` for the
 * largest of several readings, `at most 0.012` for a tilt that may be none.
 */
export function estimateText(e: Estimate, unit: ShopUnit, kind: LengthKind = 'gap'): string {
  const [lo, hi] = ends(e);
  if (e.kind === 'interval' || isCut(e)) {
    return formatRange(Math.max(0, lo), Number.isFinite(hi) ? hi : null, kind, unit);
  }
  if (e.magnitude && lo <= 0) return say('judge.atMost', { most: formatLength(hi, kind, unit) });
  const value = formatLength(e.value_mm, kind, unit);
  const { below, above } = factorsOf(e);
  const [less, more] = [below, above].map((factor) => formatLength(factor * e.u_mm, kind, unit));
  return less === more ? `${value} ± ${more}` : `${value} +${more} −${less}`;
}

/** Returns all that a gap can be, from its smallest to its largest: `0.04–0.08`. */
export function rangeText(
  { smallest, largest }: Extremes,
  unit: ShopUnit,
  kind: LengthKind = 'gap',
): string {
  const [lo] = ends(smallest);
  const [, hi] = ends(largest);
  const single =
    smallest.kind === 'value' &&
    largest.kind === 'value' &&
    !isCut(smallest) &&
    !isCut(largest) &&
    smallest.value_mm === largest.value_mm &&
    smallest.u_mm === largest.u_mm;
  if (single) {
    const { picked: _, ...plain } = smallest;
    return estimateText(plain, unit, kind);
  }
  const known = ends(largest)[0];
  // Nothing bounds it at either end, but somewhere it is at least so much.
  if (!Number.isFinite(hi) && lo <= 0 && known > 0) {
    return say('judge.largestOf', { range: formatRange(known, null, kind, unit) });
  }
  return formatRange(Math.max(0, lo), Number.isFinite(hi) ? hi : null, kind, unit);
}

/** Returns all that a gap can be at working temperature, moved along from what it is at 20 °C. */
export function hotText(
  { smallest, largest }: Extremes,
  shift_mm: number,
  unit: ShopUnit,
  kind: LengthKind = 'gap',
): string {
  const moved = (e: Estimate): Estimate => {
    const hot = movedTo(e, shift_mm);
    if (hot.kind === 'value') return hot;
    return {
      ...hot,
      lo_mm: Math.max(0, hot.lo_mm),
      hi_mm: hot.hi_mm === null ? null : Math.max(0, hot.hi_mm),
    };
  };
  return rangeText({ smallest: moved(smallest), largest: moved(largest) }, unit, kind);
}

/**
 * Returns what to show of a characteristic while it is measured: the places tried so
 * far as long as it is open, all of it once it is decided. Null before the
 * first reading.
 */
export function shownExtremes(a: Assessment): Extremes | null {
  if (a.verdict === 'open' && a.soFar) return a.soFar;
  return a.smallest && a.largest ? { smallest: a.smallest, largest: a.largest } : null;
}

/** One limit and the end of the range that is held against it. */
interface Side {
  readonly message: 'judge.largest' | 'judge.smallest';
  readonly estimate: Estimate;
  readonly limit: number;
  /** Between the limit and the nearest that the length can be to its safe side; negative where it cannot hold. */
  readonly best: number;
  /** The same for the farthest; not negative where it is sure to hold. */
  readonly worst: number;
}

function sides(smallest: Estimate, largest: Estimate, limits: Limits): Side[] {
  const list: Side[] = [];
  const { lower_mm, upper_mm } = limits;
  if (upper_mm != null) {
    const [lo, hi] = ends(largest);
    list.push({
      message: 'judge.largest',
      estimate: largest,
      limit: upper_mm,
      best: upper_mm - lo,
      worst: upper_mm - hi,
    });
  }
  if (lower_mm != null) {
    const [lo, hi] = ends(smallest);
    list.push({
      message: 'judge.smallest',
      estimate: smallest,
      limit: lower_mm,
      best: hi - lower_mm,
      worst: lo - lower_mm,
    });
  }
  return list;
}

/**
 * Returns the side that the verdict hangs on: the one that is broken, else the one with the least to
 * spare.
 */
function deciding(list: readonly Side[], verdict: Verdict): Side | undefined {
  const by = verdict === 'out' ? (side: Side) => side.best : (side: Side) => side.worst;
  return [...list].sort((x, y) => by(x) - by(y))[0];
}

const said = (
  { message, estimate, limit }: Side,
  unit: ShopUnit,
  kind: LengthKind = 'gap',
): string =>
  say(message, {
    range: estimateText(estimate, unit, kind),
    limit: formatLength(limit, kind, unit),
    unit: unitName(kind, unit),
  });

/**
 * Says of a figure below nought what it means: a vane that does not reach falls out of its slot; null
 * where it means nothing of its own.
 */
function belowWords(
  c: Characteristic,
  { smallest }: Extremes,
  unit: ShopUnit,
  message: 'judge.tooShort' | 'judge.tooShortSentence' | 'judge.tooShortRecorded',
): string | null {
  if (!c.below || centre(smallest) >= 0) return null;
  const length = formatWithUnit(-centre(smallest), c.quantity, unit);
  return say(message, { what: c.below, length });
}

/** Returns all that a characteristic can be, in its own words where its figures mean something else. */
export function gapText(c: Characteristic, known: Extremes, unit: ShopUnit): string {
  return belowWords(c, known, unit, 'judge.tooShort') ?? rangeText(known, unit, c.quantity);
}

/** Says on which side of the preferred band a gap lies that is in; empty where it lies in it, or there is none. */
function preferredWords(
  { limits, verdict, smallest, largest, characteristic }: Assessment,
  unit: ShopUnit,
): string {
  const band = limits?.preferred;
  if (!band || verdict !== 'in' || !smallest || !largest) return '';
  const words = limitsWithUnit(band, characteristic.quantity, unit);
  const [lo, hi] = [tidy_mm(centre(smallest)), tidy_mm(centre(largest))];
  if (band.upper_mm != null && hi > band.upper_mm) return say('judge.looser', { band: words });
  if (band.lower_mm != null && lo < band.lower_mm) return say('judge.tighter', { band: words });
  return say('judge.preferred', { band: words });
}

/** Says that a gap is under the least that work would leave, where no minimum is published; empty where it is not. */
export function underWords({ under, least, characteristic }: Assessment, unit: ShopUnit): string {
  if (!under || !least) return '';
  const { quantity } = characteristic;
  return say('judge.under', {
    whose: least.from,
    least: formatLength(least.mm, quantity, unit),
    unit: unitName(quantity, unit),
  });
}

/** Says which places were left out, and why. */
function skippedWords({ skipped }: Assessment): string {
  if (skipped.length === 0) return '';
  const reasons = [...new Set(skipped.map(({ why }) => why))].join('; ');
  return say('judge.leftOut', { count: skipped.length, reasons });
}

/** Says what tries at one place come to: a verdict, or the leaf that tells more. */
function triedWords(verdict: Verdict, next: Stack | null, unit: ShopUnit): string {
  if (verdict === 'open' && next) {
    return say('judge.openTryLeaf', { leaf: formatWithUnit(next.total_mm, 'gap', unit) });
  }
  return verdict === 'close' ? say('judge.closeLeaves') : `${VERDICT_WORD[verdict]}.`;
}

/** Says why tries at one place stand as they do: what they prove, or what they leave. */
export function explainTries(
  bounds: Bounds,
  limits: Limits,
  verdict: Verdict,
  next: Stack | null,
  unit: ShopUnit,
): string {
  const { smallest, largest } = extremesOf(bounds);
  const first = deciding(sides(smallest, largest, limits), verdict);
  const state = first
    ? said(first, unit)
    : say('judge.noLimitSet', {
        range: estimateText(smallest, unit),
        unit: unitName('gap', unit),
      });
  return `${state} ${triedWords(verdict, next, unit)}`;
}

const NOT_YET = 'Not measured yet.';
const AGAIN = 'Measure it again.';

/** A verdict's reason: the figure that it hangs on with its limit, and what else there is to say. */
interface Reason {
  readonly state: string;
  readonly more: readonly string[];
}

function reasonOf(
  a: Assessment,
  pump: PumpKind,
  unit: ShopUnit,
  rules: Pick<HouseRules, 'bushing'>,
): Reason {
  const touched = attributeWords(a, a.characteristic.hub && rules.bushing);
  if (!a.smallest || !a.largest) return { state: touched || NOT_YET, more: [] };
  const kind = a.characteristic.quantity;
  const measure = unitName(kind, unit);
  const known = { smallest: a.smallest, largest: a.largest };
  if (!a.limits) {
    const below = belowWords(a.characteristic, known, unit, 'judge.tooShortRecorded');
    const recorded = { range: estimateText(a.largest, unit, kind), unit: measure };
    return {
      state: below === null ? say('judge.largestRecorded', recorded) : capital(below),
      more: [skippedWords(a), tiltWords(a, unit), touched],
    };
  }
  const first = deciding(sides(a.smallest, a.largest, a.limits), a.verdict);
  if (!first) return { state: touched || NOT_YET, more: [] };
  const state =
    belowWords(a.characteristic, known, unit, 'judge.tooShortSentence') ??
    (a.verdict === 'open' && a.soFar
      ? say('judge.soFar', { range: rangeText(a.soFar, unit, kind), unit: measure })
      : said(first, unit, kind));
  return {
    state: capital(state),
    more: [
      preferredWords(a, unit),
      underWords(a, unit),
      openWords(a, pump),
      closeWords(a, pump, unit, rules),
      neglectedWords(a),
      skippedWords(a),
      tiltWords(a, unit),
      sourceWords(a),
      touched,
    ],
  };
}

/**
 * Returns the verdict's reason in one sentence, in the shop's unit.
 *
 * @param rules of the house, by which a hub in its bushing is weighed; the usual ones where left out
 */
export function explain(
  a: Assessment,
  pump: PumpKind,
  unit: ShopUnit,
  rules: Pick<HouseRules, 'bushing'> = NEW_RULES,
): string {
  const { state, more } = reasonOf(a, pump, unit, rules);
  const past = pastWords(a, unit);
  const isKnown = a.smallest && a.largest && (!a.limits || state !== NOT_YET);
  if (!isKnown) return [past ? AGAIN : state, past].filter(Boolean).join(' ');
  return [state, ...more, past].filter(Boolean).join(' ');
}

/** Returns what a table that has the figures, the limit and what was before in columns of their own does not say of a verdict. */
export const explainBeside = (
  a: Assessment,
  pump: PumpKind,
  unit: ShopUnit,
  rules: Pick<HouseRules, 'bushing'>,
): string => reasonOf(a, pump, unit, rules).more.filter(Boolean).join(' ');

/**
 * Writes the figure that a verdict hangs on: `largest 0.048–0.05`, of a length with a least value `smallest 14.10 ± 0.005`;
 * all that it can be where nothing hangs on it.
 */
export function decidingText(a: Assessment, known: Extremes, unit: ShopUnit): string {
  const { characteristic: c, limits, verdict, smallest, largest } = a;
  const all = gapText(c, known, unit);
  if (!limits || !smallest || !largest || verdict === 'open') return all;
  if (c.below && centre(smallest) < 0) return all;
  const first = deciding(sides(smallest, largest, limits), verdict);
  if (!first) return all;
  const range = estimateText(first.estimate, unit, c.quantity);
  return say(first.message === 'judge.largest' ? 'judge.largestOf' : 'judge.smallestOf', { range });
}

/** Says how a gap stood before work, and how it should stand since, until it was measured again. */
function pastWords(a: Assessment, unit: ShopUnit): string {
  const kind = a.characteristic.quantity;
  const measure = unitName(kind, unit);
  const now = a.predicted && !a.largest ? rangeText(a.predicted, unit, kind) : '';
  if (!a.before) return now ? say('judge.shouldBe', { now, unit: measure }) : '';
  const was = rangeText(a.before, unit, kind);
  if (!now) return say('judge.was', { was, unit: measure });
  return say('judge.wasShouldBe', { was, now, unit: measure });
}

/** Returns the floor's tilt: how much, towards where, and what is waviness. */
export function tiltWords(a: Assessment, unit: ShopUnit): string {
  if (!a.tilt) return '';
  const { direction_deg, residual_mm } = a.tilt;
  const flat = a.largest !== null && ends(a.largest)[0] <= 0;
  const hour = clockHour(direction_deg);
  if (residual_mm === null) {
    return flat ? say('judge.maybeFlatOfThree') : say('judge.deepestOfThree', { hour });
  }
  const off = formatWithUnit(residual_mm, 'gap', unit);
  return flat ? say('judge.maybeFlat', { off }) : say('judge.deepest', { hour, off });
}

/** Returns the hour towards which a direction on the drawing points: its x axis is 3, and it turns to 6. */
export function clockHour(direction_deg: number): number {
  return Math.round((direction_deg + 90) / 30) % 12 || 12;
}

function openWords(a: Assessment, pump: PumpKind): string {
  if (a.verdict !== 'open') return '';
  const left = a.stations.filter((s) => s.tries.length === 0).length;
  if (left > 0) return say('judge.placesLeft', { left, all: a.stations.length });
  const halfKnown = a.parts.length > 0 || (a.missing.length > 0 && a.source.largest === 'sizes');
  const wanted = halfKnown && a.largest ? sizesWanted(a, pump) : '';
  return wanted && say('judge.sizesTellMore', { sizes: wanted });
}

function closeWords(
  a: Assessment,
  pump: PumpKind,
  unit: ShopUnit,
  { bushing }: Pick<HouseRules, 'bushing'>,
): string {
  if (a.verdict !== 'close') return '';
  // What contradicts itself is not for a finer instrument to settle: see `sourceWords`.
  const advice = a.disagree ? '' : adviceWords(a, pump, unit);
  if (a.probability === null) {
    return !a.disagree && rocks(a, a.characteristic, bushing) ? ROCKS : advice;
  }
  return `${say('judge.chance', { percent: Math.round(100 * a.probability) })} ${advice}`.trim();
}

const ROCKS = 'A fit that is in does not rock: measure it again.';

/** Says which wear counts as nothing, and by which rule. */
function neglectedWords({ neglected }: Assessment): string {
  if (neglected.length === 0) return '';
  return say('judge.neglected', { parts: listed(neglected) });
}

const SOURCE_WORD: Readonly<Record<EvidenceSource, string>> = {
  leaves: 'leaves',
  sizes: 'sizes',
  indicator: 'dial',
  depths: 'depths',
  sweep: 'sweep',
  hand: 'hand test',
  sum: 'parts of the sum',
};

function sourceWords(a: Assessment): string {
  if (a.disagree) return 'Two methods disagree. Check for oil, burrs and zero.';
  if (!a.both) return '';
  const { smallest, largest } = a.source;
  if (smallest === largest) return say('judge.narrowest', { method: largest });
  return say('judge.fromBoth', {
    largest: SOURCE_WORD[largest],
    smallest: SOURCE_WORD[smallest],
  });
}
