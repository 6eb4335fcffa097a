import { SERIAL, YEAR, type KeyAnswer, type KeyCheck, type Variant } from '../records/key';
import { formatLength } from '../quantity/format';
import type { ShopUnit } from '../quantity/units';
import type { Sheet } from '../records/sheet';
import { say } from '../wording/say';

/** A check of the key: one of the sheet's own, or the year or serial number off the plate. */
export interface Check {
  readonly id: string;
  readonly kind: KeyCheck['kind'] | 'year' | 'serial';
  readonly ask: string;
  readonly options: readonly string[];
  /** Standard uncertainty of a size as it is usually measured, in mm. */
  readonly u_mm: number;
}

/** Describes what a variant may show at a check: some option, or anything from one figure to another. */
export type Shown =
  { readonly option: string } | { readonly from: number; readonly to: number } | null;

/** A size may lie this many standard uncertainties outside before it speaks against a variant. */
const COVERAGE = 2;

/** Says how a variant's plate is read. */
const PLATE = {
  [YEAR]: { ask: 'What year is on the plate or casting?', ends: ['fromYear', 'toYear'] },
  [SERIAL]: { ask: 'Serial number, digits only', ends: ['fromSerial', 'toSerial'] },
} as const;

type PlateCheck = keyof typeof PLATE;

const isPlate = (id: string): id is PlateCheck => id in PLATE;

/** Returns the checks of a sheet in its own order, then year and serial number where some variant has them. */
export function checksOf(sheet: Pick<Sheet, 'key' | 'variants'>): Check[] {
  const own = sheet.key.map(({ id, kind, ask, options, u_mm }): Check => ({
    id,
    kind,
    ask,
    options,
    u_mm: u_mm ?? 0,
  }));
  const plates = ([YEAR, SERIAL] as const).filter((id) =>
    sheet.variants.some((v) => PLATE[id].ends.some((end) => v[end] !== null)),
  );
  return [
    ...own,
    ...plates.map((id): Check => ({ id, kind: id, ask: PLATE[id].ask, options: [], u_mm: 0 })),
  ];
}

/** Returns what a variant shows at a check; null where the sheet does not say. */
export function shownBy(variant: Variant, check: Pick<Check, 'id'>): Shown {
  if (isPlate(check.id)) {
    const [from, to] = PLATE[check.id].ends.map((end) => variant[end]) as (number | null)[];
    return from == null && to == null ? null : { from: from ?? -Infinity, to: to ?? Infinity };
  }
  const mark = variant.marks.find((m) => m.check === check.id);
  if (!mark) return null;
  if (mark.option !== null) return { option: mark.option };
  const { from_mm, to_mm } = mark;
  if (from_mm === null && to_mm === null) return null;
  return { from: from_mm ?? -Infinity, to: to_mm ?? Infinity };
}

/**
 * Returns how an answer speaks against a variant, in words; null where it does not.
 *
 * @param unit the shop's, for sizes
 */
export function against(
  variant: Variant,
  check: Check,
  answer: KeyAnswer,
  unit: ShopUnit = 'mm',
): string | null {
  const shown = shownBy(variant, check);
  if (shown === null) return null;
  if ('option' in shown) {
    if (answer.option === null || answer.option === shown.option) return null;
    return say('inspect.differs', { right: shown.option, found: answer.option });
  }
  if (answer.value === null) return null;
  const slack = COVERAGE * (answer.u_mm ?? check.u_mm);
  const { from, to } = shown;
  if (answer.value >= from - slack && answer.value <= to + slack) return null;
  const figure = figureOf(check, unit);
  return say('inspect.differs', {
    right: rangeWords(from, to, figure),
    found: figure(answer.value),
  });
}

/** Returns how a figure of a check is written: a size in the shop's unit, a year or a number as it is. */
export const figureOf =
  (check: Pick<Check, 'kind'>, unit: ShopUnit) =>
  (value: number): string =>
    check.kind === 'size' ? formatLength(value, 'size', unit) : `${value}`;

/** Writes a range: `2009–2014`, `from 2015`, `up to 20.05`. */
export function rangeWords(from: number, to: number, figure: (value: number) => string): string {
  if (from === -Infinity) return say('inspect.upTo', { to: figure(to) });
  if (to === Infinity) return say('inspect.from', { from: figure(from) });
  return from === to ? figure(from) : `${figure(from)}–${figure(to)}`;
}

/** Tells whether an answer says anything at all. */
export const tells = (answer: KeyAnswer): boolean =>
  answer.option !== null || answer.value !== null;
