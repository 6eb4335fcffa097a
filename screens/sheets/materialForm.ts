import { kindId } from '@/core/pumps/ids';
import { pumpOf } from '@/core/pumps/registry';
import type { ShopUnit } from '@/core/quantity/units';
import { EXPANSION, material, type Sheet } from '@/core/records/sheet';
import type { RecordField, Row } from '@/core/schema/rows';
import { inParts, orNull, temperature, words } from '@/core/schema/written';
import { saySheets } from './saySheets';
import { fromLines, toLines, type LineTable, type Reader } from './reader';

type Material = Sheet['materials'][number];

/** A metal of which something may not be said yet. */
type Line = Omit<Material, 'alpha_per_K' | 'hot_C'> &
  Record<'alpha_per_K' | 'hot_C', number | null>;

/** The metal of each part as text. */
export type MaterialForm = Record<string, { name: string; alpha: string; hot: string }>;

const isSaid = (line: Row): boolean =>
  Object.values(line).some((text) => typeof text === 'string' && text.trim() !== '');

const running = temperature(-60, 400, (ends) => saySheets('sheets.runningRange', ends));

const FIELDS: readonly RecordField[] = [
  { name: 'name', as: words },
  {
    name: 'alpha',
    key: 'alpha_per_K',
    as: orNull(inParts(3, 1e6)),
    need: EXPANSION,
    when: isSaid,
  },
  {
    name: 'hot',
    key: 'hot_C',
    as: orNull(running),
    need: 'Enter the running temperature.',
    when: isSaid,
  },
];

/** The metals of a sheet's parts; what nobody said anything of is not there. */
const MATERIALS: LineTable<Material, Line> = {
  path: 'materials',
  fields: FIELDS,
  schema: material,
  blank: (id) => ({ part: kindId(id), name: '', alpha_per_K: null, hot_C: null }),
  entry: ({ part, name, alpha_per_K, hot_C }) =>
    alpha_per_K === null || hot_C === null
      ? null
      : { part, name: name || 'unnamed', alpha_per_K, hot_C },
};

const idsOf = (sheet: Sheet) => pumpOf(sheet).kinds.map(({ id }) => id);

const materialIn = (sheet: Sheet) => (id: string) =>
  sheet.materials.find(({ part }) => part === id);

/** Returns the metals of a sheet as text. */
export const toMaterialForm = (sheet: Sheet, unit: ShopUnit): MaterialForm =>
  toLines(MATERIALS, idsOf(sheet), materialIn(sheet), unit) as MaterialForm;

/** Returns the metals that a form describes. */
export const fromMaterialForm = (form: MaterialForm, sheet: Sheet, read: Reader): Material[] =>
  fromLines(MATERIALS, idsOf(sheet), form, materialIn(sheet), read);
