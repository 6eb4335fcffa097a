import { dimensionId, operationId } from '@/core/pumps/ids';
import { NEW_RULES } from '@/core/records/rules';
import type { Sheet } from '@/core/records/sheet';
import { pumpOf } from '@/core/pumps/registry';
import { formatLength } from '@/core/quantity/format';
import type { ShopUnit } from '@/core/quantity/units';
import { leastSize, newSize, price } from '@/core/records/rework';
import type { RecordField } from '@/core/schema/rows';
import { length, orNull, sum, type Written } from '@/core/schema/written';
import type { Operation } from '@/core/rework/operations/operation';
import { NEW_PUMP } from '@/core/rework/operations/operations';
import { offersFor } from '@/core/rework/operations/offers';
import type { Dimension } from '@/core/pumps/family';
import { fromLines, toLines, type LineTable, type Reader } from './reader';

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

const ENDS: readonly RecordField[] = (['least', 'most'] as const).map((name) => ({
  name,
  key: `${name}_mm`,
  as: orNull(length('size')),
}));

const METAL: LineTable<Sheet['metal'][number]> = {
  path: 'metal',
  fields: ENDS,
  schema: leastSize,
  blank: (id) => ({ dimension: dimensionId(id), least_mm: null, most_mm: null }),
  entry: (line) => (line.least_mm === null && line.most_mm === null ? null : line),
};

const NEW_SIZES: LineTable<Sheet['newSizes'][number], Sheet['metal'][number]> = {
  ...METAL,
  path: 'newSizes',
  schema: newSize,
  entry: ({ dimension, least_mm: least, most_mm: most }) => {
    // One figure alone is both: a new part that is always the same.
    const [least_mm, most_mm] = [least ?? most, most ?? least];
    return least_mm === null || most_mm === null ? null : { dimension, least_mm, most_mm };
  },
};

/** Prices of one alone leave the other as the shop has it. */
const PRICES: LineTable<Sheet['prices'][number]> = {
  path: 'prices',
  fields: [
    { name: 'price', as: orNull(sum(2)) },
    { name: 'days', as: orNull(sum(1)) },
  ],
  schema: price,
  blank: (id) => ({ operation: operationId(id), price: null, days: null }),
  entry: (line) => (line.price === null && line.days === null ? null : line),
};

/** Sizes with a space between, each once, the smallest first. */
const sizes: Written<readonly number[]> = {
  rounds: true,
  write: (all, unit) => all.map((mm) => formatLength(mm, 'size', unit)).join(' '),
  read: (text, unit) => {
    const texts = text.split(/[;\s]+/).filter(Boolean);
    const read = texts.map((one) => length('size').read(one, unit));
    return [...new Set(read)].sort((a, b) => a - b);
  },
};

/** The thicknesses of the washers that can be had. */
export const WASHERS: RecordField = { name: 'washers', key: 'washers_mm', as: sizes };

const ids = (items: readonly { readonly id: string }[]): string[] => items.map(({ id }) => id);

const metalIn = (sheet: Sheet) => (id: string) =>
  sheet.metal.find(({ dimension }) => dimension === id);
const newSizeIn = (sheet: Sheet) => (id: string) =>
  sheet.newSizes.find(({ dimension }) => dimension === id);
const priceIn = (sheet: Sheet) => (id: string) =>
  sheet.prices.find(({ operation }) => operation === id);

/** Returns what a sheet says of work as text. */
export const toWorkForm = (sheet: Sheet, unit: ShopUnit): Omit<WorkForm, 'washers'> =>
  ({
    metal: toLines(METAL, ids(workedSizes(sheet)), metalIn(sheet), unit),
    prices: toLines(PRICES, ids(pricedKinds(sheet)), priceIn(sheet), unit),
    newSizes: toLines(NEW_SIZES, ids(boughtSizes(sheet)), newSizeIn(sheet), unit),
  }) as Omit<WorkForm, 'washers'>;

/** Returns what a form says of work; what is wrong is noted with its path. */
export const fromWorkForm = (
  form: WorkForm,
  sheet: Sheet,
  read: Reader,
): Pick<Sheet, 'metal' | 'prices' | 'newSizes'> => ({
  metal: fromLines(METAL, ids(workedSizes(sheet)), form.metal, metalIn(sheet), read),
  prices: fromLines(PRICES, Object.keys(form.prices), form.prices, priceIn(sheet), read),
  newSizes: fromLines(NEW_SIZES, ids(boughtSizes(sheet)), form.newSizes, newSizeIn(sheet), read),
});
