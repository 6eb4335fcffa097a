import { median } from 'd3-array';
import type { Characteristic, Dimension } from '../pumps/family';
import type { Limits } from '../metrology/interval';
import { echoLength, formatLength, formatWithUnit, limitsWithUnit } from '../quantity/format';
import { bareNumber, INCHES_BELOW } from '../quantity/parse';
import type { ShopUnit } from '../quantity/units';
import type { Instrument } from '../records/instrument';
import type { Job } from '../records/job';
import { nominalOf } from '../records/sizesSaid';
import type { Sheet } from '../records/sheet';
import { pumpOf } from '../pumps/registry';
import { countedIn } from '../journal/eras';
import { expectedSize } from './gauges';
import { heldLimits } from '../assessment/limits';
import { say } from '../wording/say';

/** Farther off the nominal size than any wear or cut goes: a slip of the hand, or the wrong unit. */
const OFF_NOMINAL_MM = 0.5;
const OFF_NOMINAL_SHARE = 0.02;

/** A drawing is rougher than a nominal size. */
const OFF_DRAWING_SHARE = 0.1;

/** Farther from the readings beside it than one part can vary. */
const OFF_OTHERS_MM = 0.25;

/** A size that is so many times off its limits, where only those say what to expect, is in another unit. */
const OFF_LIMITS = 3;

/** Under thou a bare number from here up is often hundredths of a millimetre, or has lost its point. */
const MANY_THOU = 20;

/** A swing of so many times its upper limit is more likely a slip than a worn pump. */
const OFF_LIMIT = 10;

function outOfRange(read_mm: number, instrument: Instrument | null, unit: ShopUnit): string | null {
  if (!instrument) return null;
  const { from_mm, to_mm, name } = instrument;
  if (read_mm >= from_mm && read_mm <= to_mm) return null;
  const range = `${formatLength(from_mm, 'size', unit)}–${formatWithUnit(to_mm, 'size', unit)}`;
  return say('doubt.outOfRange', {
    reading: formatWithUnit(read_mm, 'size', unit),
    instrument: name,
    range,
  });
}

/** A figure as it was read, and what it comes to. */
export interface FigureRead {
  readonly read_mm: number;
  readonly value_mm: number;
}

/**
 * Returns the limits on a size itself, in mm: a vane that may wear a millimetre is not mistyped when it
 * has.
 */
function publishedEnds(sheet: Sheet, tiers: readonly string[], dimension: Dimension): number[] {
  const own = pumpOf(sheet).characteristics.filter(
    (c) => c.terms?.length === 1 && c.terms[0]?.dimension === dimension.id,
  );
  return own.flatMap((c) =>
    tiers.flatMap((tier) => {
      const limits = heldLimits(sheet, tier, c.id);
      return [limits?.lower_mm, limits?.upper_mm].filter((mm) => mm != null);
    }),
  );
}

/**
 * Says that a size is far off what the sheet says of it: its nominal size or its drawing, else its limits.
 *
 * @param tiers whose limits count
 * @returns the reason in words, or null where there is none
 */
export function farFromSheet(
  sheet: Sheet,
  tiers: readonly string[],
  dimension: Dimension,
  value_mm: number,
  unit: ShopUnit,
): string | null {
  const reading = formatWithUnit(value_mm, 'size', unit);
  const ends = publishedEnds(sheet, tiers, dimension);
  const expected = expectedSize(sheet, dimension);
  if (expected !== null) {
    const byNominal = nominalOf(sheet, dimension.id) !== undefined;
    const share = byNominal ? OFF_NOMINAL_SHARE : OFF_DRAWING_SHARE;
    const room = Math.max(OFF_NOMINAL_MM, share * expected);
    const isNear =
      value_mm >= Math.min(expected, ...ends) - room &&
      value_mm <= Math.max(expected, ...ends) + room;
    if (isNear) return null;
    return say('doubt.farFromSheet', {
      reading,
      nominal: formatWithUnit(expected, 'size', unit),
    });
  }
  if (ends.length === 0) return null;
  const most = Math.max(...ends);
  if (value_mm * OFF_LIMITS >= Math.min(...ends) && value_mm <= OFF_LIMITS * most) return null;
  return say('doubt.farFromLimit', { reading, limit: formatWithUnit(most, 'size', unit) });
}

/**
 * Says why a size should not be believed without a second look: outside the
 * instrument's range, far off the sheet's size, or far from its neighbours.
 *
 * @returns the reason in words, or null where there is none
 */
export function doubtOfSize(
  job: Job,
  dimension: Dimension,
  { read_mm, value_mm }: FigureRead,
  instrument: Instrument | null,
  unit: ShopUnit,
): string | null {
  const range = outOfRange(read_mm, instrument, unit);
  if (range) return range;
  const far = farFromSheet(job.sheet, [job.tier], dimension, value_mm, unit);
  if (far) return far;
  const others = countedIn(job)
    .ofSize(dimension.id)
    .flatMap((r) => (r.kind === 'size' ? [r.value_mm] : []));
  const off_mm = Math.abs(value_mm - (median(others) ?? value_mm));
  if (off_mm <= OFF_OTHERS_MM) return null;
  const off = formatWithUnit(off_mm, 'gap', unit);
  return say('doubt.offBefore', { reading: formatWithUnit(value_mm, 'size', unit), off });
}

/** A figure as it was typed, for a bare number to be looked at again. */
export interface TypedFigure extends FigureRead {
  readonly text: string;
  readonly unit: 'mm' | 'in' | 'thou';
}

/**
 * Says how a bare number was understood under thou where that is easily another than was meant: as many
 * thou as a metric reader counts hundredths, or inches because it is so small; and it is far from the
 * limits. Null where it is near them, or its unit is named.
 */
function bareThou(
  { text, unit, read_mm }: TypedFigure,
  { lower_mm, upper_mm }: Limits,
): string | null {
  const number = unit === 'thou' ? bareNumber(text) : null;
  if (number === null || (number >= INCHES_BELOW && number < MANY_THOU)) return null;
  const ends = [lower_mm, upper_mm].filter((mm) => mm != null);
  if (ends.length === 0) return null;
  const far = read_mm * OFF_LIMITS < Math.min(...ends) || read_mm > OFF_LIMITS * Math.max(...ends);
  if (!far) return null;
  return say('doubt.bareThou', {
    text: text.trim(),
    reading: echoLength(read_mm, 'gap'),
    limit: limitsWithUnit({ lower_mm, upper_mm }, 'gap', 'thou'),
  });
}

/** Returns the same for an indicator's swing, against the limits of its characteristic. */
export function doubtOfSwing(
  characteristic: Characteristic,
  limits: Limits,
  figure: TypedFigure,
  instrument: Instrument | null,
  unit: ShopUnit,
): string | null {
  const { read_mm, value_mm } = figure;
  const range = outOfRange(read_mm, instrument, unit);
  if (range) return range;
  const { upper_mm } = limits;
  const bare = bareThou(figure, limits);
  if (bare) return bare;
  if (upper_mm != null && upper_mm > 0 && value_mm > OFF_LIMIT * upper_mm) {
    const limit = formatWithUnit(upper_mm, 'gap', unit);
    return say('doubt.tenTimes', {
      reading: formatWithUnit(value_mm, 'gap', unit),
      limit,
      check: characteristic.name,
    });
  }
  return null;
}
