import { familyOf } from '@/core/pumps/registry';
import type { GeometryUnit } from '@/core/pumps/fields';
import { unitName } from '@/core/quantity/format';
import type { ShopUnit } from '@/core/quantity/units';
import { spelled } from '@/core/wording/say';

const unitWord = (of: GeometryUnit, unit: ShopUnit): string =>
  ({ mm: `, ${unitName('size', unit)}`, deg: ', °', count: '' })[of];

/** One field of a family's geometry, by what its schema says of it. */
export interface GeometryField {
  readonly unit: GeometryUnit | null;
  readonly name: string;
  readonly label: string;
  readonly options: readonly string[];
}

/** Lists the fields of a family's geometry, lengths in the shop's unit. */
export function geometryFields(family: string, shop: ShopUnit): GeometryField[] {
  const { fields } = familyOf(family).geometry.describe();
  return Object.entries(fields).map(([name, field]) => {
    const { label, meta, oneOf } = field as {
      label?: string;
      meta?: { unit?: GeometryUnit };
      oneOf?: unknown[];
    };
    const unit = meta?.unit ? unitWord(meta.unit, shop) : '';
    return {
      name,
      unit: meta?.unit ?? null,
      label: `${spelled(label ?? name)}${unit}`,
      options: (oneOf ?? []).map(String),
    };
  });
}

/** The choices of a geometry in words. */
export const OPTION_WORD: Readonly<Record<string, string>> = {
  plates: 'Wear plates and bushings',
  blocks: 'Bushing blocks inside the body',
  'front-pump': 'Front pump of a transmission',
  'oil-pump': 'Engine oil pump',
  oil: 'Oil pump, pressed idler shaft',
};

/** Counts that only the drawing needs. */
const DRAWN_ONLY: readonly string[] = ['bolts'];

/** Lists what is asked of a pump when its sheet is made: build, sections, teeth and lobes; sizes come after. */
export const askedOf = (family: string): GeometryField[] =>
  geometryFields(family, 'mm').filter(
    ({ name, unit, options }) =>
      !DRAWN_ONLY.includes(name) && (unit === 'count' || options.length > 0),
  );

/** Lists what is asked of a pump that is measured without a sheet: its build, and how many sections it has. */
export const buildOf = (family: string): GeometryField[] =>
  askedOf(family).filter(({ name, options }) => options.length > 0 || name === 'sections');

/** Returns the answers of a form as figures and choices, by field; the example's where nothing was said. */
export function answersIn(
  family: string,
  asked: readonly GeometryField[],
  said: Readonly<Record<string, string>>,
): Record<string, number | string> {
  return Object.fromEntries(
    asked.map(({ name, options }) => {
      const text = said[name] ?? exampleOf(family, name);
      return [name, options.length > 0 ? text : Number(text)];
    }),
  );
}

/** Returns what the example of a family has in a field, as text. */
export const exampleOf = (family: string, field: string): string =>
  String((familyOf(family).example as Record<string, unknown>)[field] ?? '');
