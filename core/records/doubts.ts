import type { Characteristic } from '../pumps/family';
import { problemsOf, pumpOf } from '../pumps/registry';
import { drawnOf, nominalOf } from './sizesSaid';
import type { Sheet, SheetLimit } from './sheet';
import { say } from '../wording/say';

/** A figure of a sheet that is possible but hard to believe: most likely a slip of unit or point. */
export interface SheetDoubt {
  readonly at:
    | { readonly kind: 'limit'; readonly tier: string; readonly characteristic: string }
    | { readonly kind: 'nominal'; readonly dimension: string }
    | { readonly kind: 'geometry'; readonly field: string };
  readonly message: string;
}

/** A limit so many times more or less than what the nominal sizes leave is a slip of the point. */
const TEN_TIMES = 10;

/** Clearances of pumps lie between these, in mm; beyond them an inch or a hundredth was typed as a thou. */
const NARROW_MM = 0.004;
const WIDE_MM = 1;

/** A limit on a size so many times its nominal, or a part of it, was typed in another unit. */
const OFF_SIZE = 3;

/** A size farther off its drawing than this share is another size, or another unit. */
const OFF_DRAWING = 0.1;

const shown = (mm: number): string => say('geometry.inMm', { length: Number(mm.toPrecision(3)) });

/** Returns what the nominal sizes leave for a characteristic, in mm; null where the sheet does not give them all. */
export function nominalGap(sheet: Sheet, c: Characteristic): number | null {
  if (!c.terms || c.terms.length === 0) return null;
  let gap = 0;
  for (const { dimension, factor } of c.terms) {
    const nominal = nominalOf(sheet, dimension);
    if (nominal === undefined) return null;
    gap += factor * nominal;
  }
  return gap;
}

function doubtOfLimit(sheet: Sheet, limit: SheetLimit, c: Characteristic): string | null {
  const ends = [limit.lower_mm, limit.upper_mm].filter((mm) => mm !== null);
  const largest = Math.max(...ends);
  const nominal = nominalGap(sheet, c);
  if (c.quantity === 'size') {
    const near = (mm: number, of: number) => mm <= OFF_SIZE * of && OFF_SIZE * mm >= of;
    if (nominal === null || ends.every((mm) => near(mm, nominal))) return null;
    return say('records.nominalFar', { size: shown(nominal) });
  }
  if (nominal !== null && nominal > 0) {
    const off = ends.some((mm) => mm > TEN_TIMES * nominal) || TEN_TIMES * largest < nominal;
    return off ? say('records.tenTimesOff', { size: shown(nominal) }) : null;
  }
  if (largest > WIDE_MM) {
    return say('records.veryWide', { size: shown(largest) });
  }
  return limit.upper_mm !== null && limit.upper_mm > 0 && limit.upper_mm < NARROW_MM
    ? say('records.verySmall', { size: shown(limit.upper_mm) })
    : null;
}

/**
 * Returns what of a geometry no pump can be, or none that works: a sheet of old is kept as it is, and says
 * so.
 */
function geometryDoubts(sheet: Sheet): SheetDoubt[] {
  return problemsOf(sheet).map(({ field, message }) => ({
    at: { kind: 'geometry', field },
    message,
  }));
}

/** Returns everything on a sheet that looks mistyped: nothing is refused for it, but a second look is asked for. */
export function sheetDoubts(sheet: Sheet): SheetDoubt[] {
  const { characteristics, dimensions } = pumpOf(sheet);
  const limits = sheet.limits.flatMap((limit): SheetDoubt[] => {
    const c = characteristics.find((other) => other.id === limit.characteristic);
    const message = c ? doubtOfLimit(sheet, limit, c) : null;
    const { tier, characteristic } = limit;
    return message ? [{ at: { kind: 'limit', tier, characteristic }, message }] : [];
  });
  const nominal = sheet.nominal.flatMap(({ dimension, value_mm }): SheetDoubt[] => {
    const of = dimensions.find((d) => d.id === dimension);
    const drawn = of && drawnOf(sheet, of);
    if (drawn === undefined || Math.abs(value_mm - drawn) <= OFF_DRAWING * drawn) return [];
    const message = say('records.drawnFar', { size: shown(drawn) });
    return [{ at: { kind: 'nominal', dimension }, message }];
  });
  return [...geometryDoubts(sheet), ...limits, ...nominal];
}
