import type { Assessment } from '../assessment/assessment';
import { attributeWords, rocks } from '../methods/attribute';
import type { Bounds } from '../feeler/bounds';
import type { Limits } from '../metrology/interval';
import { ends } from '../metrology/estimate';
import { extremesOf } from '../feeler/extremes';
import type { Stack } from '../feeler/stacks';
import type { Verdict } from '../metrology/verdict';
import type { PumpKind } from '../pumps/registry';
import { formatLength, limitsWithUnit, formatWithUnit, unitName } from '../quantity/format';
import { capital } from '../quantity/letters';
import type { ShopUnit } from '../quantity/units';
import { NEW_RULES, type HouseRules } from '../records/rules';
import { SOURCE_WORD } from '../methods/list';
import { adviceWords, sizesWanted } from './advice';
import { listed, paragraph, say } from './say';
import { estimateText, rangeText, belowWords } from './figures';
import { decidingSide, sideWords } from './deciding';
import { VERDICT_WORD } from './verdictWord';

/** Says where a gap that is in lies to the preferred band; empty where none is preferred. */
function preferredWords({ band, limits, characteristic }: Assessment, unit: ShopUnit): string {
  if (!band || !limits?.preferred) return '';
  const words = limitsWithUnit(limits.preferred, characteristic.quantity, unit);
  return say(`judge.band.${band}`, { band: words });
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
  const first = decidingSide(smallest, largest, limits, verdict);
  const state = first
    ? sideWords(first, unit)
    : say('judge.noLimitSet', {
        range: estimateText(smallest, unit),
        unit: unitName('gap', unit),
      });
  return paragraph(state, triedWords(verdict, next, unit));
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
  const first = decidingSide(a.smallest, a.largest, a.limits, a.verdict);
  if (!first) return { state: touched || NOT_YET, more: [] };
  const state =
    belowWords(a.characteristic, known, unit, 'judge.tooShortSentence') ??
    (a.verdict === 'open' && a.soFar
      ? say('judge.soFar', { range: rangeText(a.soFar, unit, kind), unit: measure })
      : sideWords(first, unit, kind));
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
  if (!isKnown) return paragraph(past ? AGAIN : state, past);
  return paragraph(state, ...more, past);
}

/** Returns what a table that has the figures, the limit and what was before in columns of their own does not say of a verdict. */
export const explainBeside = (
  a: Assessment,
  pump: PumpKind,
  unit: ShopUnit,
  rules: Pick<HouseRules, 'bushing'>,
): string => paragraph(...reasonOf(a, pump, unit, rules).more);

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

function sourceWords(a: Assessment): string {
  if (a.disagree) return 'Two methods disagree. Check for oil, burrs and zero.';
  if (!a.both) return '';
  const { smallest, largest } = a.source;
  // A leaf that goes in where none may is no matter of which way narrows most.
  if (a.verdict === 'out' && largest === 'leaves' && smallest === 'leaves') {
    return say('judge.outByLeaves');
  }
  if (smallest === largest) return say('judge.narrowest', { method: largest });
  return say('judge.fromBoth', {
    largest: SOURCE_WORD[largest],
    smallest: SOURCE_WORD[smallest],
  });
}
