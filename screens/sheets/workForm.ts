import { operationId } from '@/core/pumps/ids';
import { NEW_RULES } from '@/core/records/rules';
import type { Sheet } from '@/core/records/sheet';
import { pumpOf } from '@/core/pumps/registry';
import { formatLength, trimmed } from '@/core/quantity/format';
import { type ShopUnit } from '@/core/quantity/units';
import type { Operation } from '@/core/rework/operations/operation';
import { NEW_PUMP } from '@/core/rework/operations/operations';
import { offersFor } from '@/core/rework/operations/offers';
import type { Dimension } from '@/core/pumps/family';
import type { Reader } from './formReader';

/** What a sheet says of work: figures as text, empty where it says nothing. */
export interface WorkForm {
  /** By dimension. */
  metal: Record<string, { least: string; most: string }>;
  /** By kind of operation. */
  prices: Record<string, { price: string; days: string }>;
  /** By dimension: what new parts measure. */
  newSizes: Record<string, { least: string; most: string }>;
  /** Thicknesses of the washers that can be had, a space between them. */
  washers: string;
}

/** Lists the sizes that work can change: metal may have to stay on them. */
export const workedSizes = (sheet: Sheet): Dimension[] =>
  pumpOf(sheet).dimensions.filter(({ worked }) =>
    Object.values(worked ?? {}).some((sign) => sign !== 0),
  );

/** Lists the kinds of operation that have a price of their own on a model: parts and what is done outside. */
export function pricedKinds(sheet: Sheet): Operation[] {
  const offers = offersFor({ sheet, rules: NEW_RULES }, { operations: [] });
  const kinds = offers
    .map(({ operation }) => operation)
    .filter(({ price, by }) => price > 0 || by === 'out');
  return [NEW_PUMP, ...new Set(kinds)];
}

/** Lists the sizes of parts that are bought: a new one lies between two figures. */
export function boughtSizes(sheet: Sheet): Dimension[] {
  const { parts, dimensions } = pumpOf(sheet);
  const bought = parts.filter(({ replacedAs }) => replacedAs !== null).map(({ id }) => id);
  return dimensions.filter((d) => d.id === d.first && bought.includes(d.part));
}

/** Tells whether a pump has a thrust washer against its transmission. */
export const hasWasher = (sheet: Sheet): boolean =>
  pumpOf(sheet).dimensions.some(({ remedies }) => remedies?.includes('change-washer'));

/** Returns what a sheet says of work as text. */
export function toWorkForm(sheet: Sheet, unit: ShopUnit): WorkForm {
  const length = (mm: number | null | undefined) =>
    mm == null ? '' : formatLength(mm, 'size', unit);
  return {
    metal: Object.fromEntries(
      workedSizes(sheet).map(({ id }) => {
        const m = sheet.metal.find(({ dimension }) => dimension === id);
        return [id, { least: length(m?.least_mm), most: length(m?.most_mm) }];
      }),
    ),
    prices: Object.fromEntries(
      pricedKinds(sheet).map(({ id }) => {
        const p = sheet.prices.find(({ operation }) => operation === id);
        const text = (figure: number | null | undefined, decimals: number) =>
          figure == null ? '' : trimmed(figure, decimals);
        return [id, { price: text(p?.price, 2), days: text(p?.days, 1) }];
      }),
    ),
    newSizes: Object.fromEntries(
      boughtSizes(sheet).map(({ id }) => {
        const n = sheet.newSizes.find(({ dimension }) => dimension === id);
        return [id, { least: length(n?.least_mm), most: length(n?.most_mm) }];
      }),
    ),
    washers: sheet.washers_mm.map((mm) => formatLength(mm, 'size', unit)).join(' '),
  };
}

function readMetal(form: WorkForm, before: WorkForm, sheet: Sheet, read: Reader): Sheet['metal'] {
  return workedSizes(sheet).flatMap(({ id }) => {
    const fields = form.metal[id];
    if (!fields) return [];
    const had = sheet.metal.find(({ dimension }) => dimension === id);
    const end = (name: 'least' | 'most') =>
      read.length(`metal.${id}.${name}`, fields[name], 'size', {
        text: before.metal[id]?.[name],
        mm: had?.[`${name}_mm`] ?? null,
      });
    const [least_mm, most_mm] = [end('least'), end('most')];
    if (least_mm !== null && most_mm !== null && most_mm < least_mm) {
      read.wrong(`metal.${id}.most`, 'The largest size is below the smallest. Swap them.');
    }
    return least_mm === null && most_mm === null ? [] : [{ dimension: id, least_mm, most_mm }];
  });
}

function readNewSizes(
  form: WorkForm,
  before: WorkForm,
  sheet: Sheet,
  read: Reader,
): Sheet['newSizes'] {
  return boughtSizes(sheet).flatMap(({ id }) => {
    const fields = form.newSizes[id];
    if (!fields) return [];
    const had = sheet.newSizes.find(({ dimension }) => dimension === id);
    const end = (name: 'least' | 'most') =>
      read.length(`newSizes.${id}.${name}`, fields[name], 'size', {
        text: before.newSizes[id]?.[name],
        mm: had?.[`${name}_mm`] ?? null,
      });
    const [least, most] = [end('least'), end('most')];
    // One figure alone is both: a new part that is always the same.
    const [least_mm, most_mm] = [least ?? most, most ?? least];
    if (least_mm === null || most_mm === null) return [];
    if (most_mm < least_mm) {
      read.wrong(`newSizes.${id}.most`, 'The largest new size is below the smallest. Swap them.');
    }
    return [{ dimension: id, least_mm, most_mm }];
  });
}

function readWashers(
  form: WorkForm,
  before: WorkForm,
  sheet: Sheet,
  read: Reader,
): Sheet['washers_mm'] {
  if (form.washers === before.washers) return sheet.washers_mm;
  const texts = form.washers.split(/[;\s]+/).filter(Boolean);
  const sizes = texts.flatMap(
    (text) => read.length('washers', text, 'size', { text: undefined, mm: null }) ?? [],
  );
  return [...new Set(sizes)].sort((a, b) => a - b);
}

function readPrices(form: WorkForm, read: Reader): Sheet['prices'] {
  return Object.entries(form.prices).flatMap(([id, { price, days }]) => {
    const operation = operationId(id);
    const [sum, wait] = [
      read.sum(`prices.${operation}.price`, price),
      read.sum(`prices.${operation}.days`, days),
    ];
    // One alone leaves the other as the shop has it.
    return sum === null && wait === null ? [] : [{ operation, price: sum, days: wait }];
  });
}

/** What a form says of work; what is wrong is noted with its path. */
export function fromWorkForm(
  form: WorkForm,
  before: WorkForm,
  sheet: Sheet,
  read: Reader,
): Pick<Sheet, 'metal' | 'prices' | 'newSizes' | 'washers_mm'> {
  return {
    metal: readMetal(form, before, sheet, read),
    prices: readPrices(form, read),
    newSizes: readNewSizes(form, before, sheet, read),
    washers_mm: readWashers(form, before, sheet, read),
  };
}
