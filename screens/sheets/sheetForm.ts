import { dequal } from 'dequal';
import { ValidationError } from 'yup';
import { bareTemperature } from '@/core/quantity/temperature';
import type { Mount } from '@/core/pumps/mount';
import { familyOf, problemsOf, pumpOf } from '@/core/pumps/registry';
import { formatLength, trimmed } from '@/core/quantity/format';
import type { LengthKind, ShopUnit } from '@/core/quantity/units';
import { sheetDoubts, type SheetDoubt } from '@/core/records/doubts';
import { blankSheet, sheetSchema, type Sheet, type SheetLimit } from '@/core/records/sheet';
import { DESCRIBED } from '@/core/schema/fields';
import { Reader, type FieldError } from './formReader';
import { fromFittedForm, toFittedForm, type FittedFields } from './FittedChoices';
import { saidOf } from '@/core/pumps/teardown/fitted';
import { listFromForm, listToForm, marksFromForm, marksToForm } from './listForm';
import { sheetLists, type ListForms, type ListName } from './lists';
import { fromWorkForm, toWorkForm, type WorkForm } from './workForm';
import { say } from '@/core/wording/say';

/** The sheet's form: every figure as text, as people write it. */
export interface SheetForm extends ListForms, WorkForm {
  model: string;
  note: string;
  gasket: string;
  /** The part that lies on the transmission; empty while nobody said. */
  mount: '' | Mount;
  geometry: Record<string, string>;
  /** Fields of the geometry that are the example's still. */
  examples: string[];
  fitted: FittedFields;
  materials: Record<string, { name: string; alpha: string; hot: string }>;
  nominal: Record<string, string>;
  tiers: Sheet['tiers'];
  /** By tier and characteristic. */
  limits: Record<string, Record<string, LimitFields>>;
}

export interface LimitFields {
  lower: string;
  upper: string;
  preferredLower: string;
  preferredUpper: string;
  side: SheetLimit['side'];
  gasket: SheetLimit['gasket'];
  source: string;
}

/** What a form comes to: the sheet, what is wrong with it, and what only looks wrong. */
export interface FormResult {
  readonly sheet: Sheet;
  readonly errors: readonly FieldError[];
  readonly doubts: readonly FieldError[];
}

/** A limit that nobody has given yet. */
export const NO_LIMIT: LimitFields = {
  lower: '',
  upper: '',
  preferredLower: '',
  preferredUpper: '',
  side: 'full',
  gasket: 'bare',
  source: '',
};

const MICRO = 1e6;

function byId<T, R>(list: readonly T[], id: (item: T) => string, of: (item: T) => R) {
  return Object.fromEntries(list.map((item) => [id(item), of(item)]));
}

/** The sheet as text, lengths in the shop's unit. Figures that the sheet does not give are empty. */
export function toForm(sheet: Sheet, unit: ShopUnit): SheetForm {
  const { characteristics, dimensions, kinds } = pumpOf(sheet);
  const text = (mm: number | null | undefined, kind: LengthKind) =>
    mm == null ? '' : formatLength(mm, kind, unit);
  const limitOf = (tier: string, c: { id: string; quantity: LengthKind }): LimitFields => {
    const found = sheet.limits.find((l) => l.tier === tier && l.characteristic === c.id);
    if (!found) return { ...NO_LIMIT };
    const { lower_mm, upper_mm, preferredLower_mm, preferredUpper_mm, side, gasket, source } =
      found;
    return {
      lower: text(lower_mm, c.quantity),
      upper: text(upper_mm, c.quantity),
      preferredLower: text(preferredLower_mm, c.quantity),
      preferredUpper: text(preferredUpper_mm, c.quantity),
      side,
      gasket,
      source,
    };
  };
  return {
    model: sheet.model,
    note: sheet.note,
    mount: sheet.mount ?? '',
    fitted: toFittedForm(sheet),
    gasket: sheet.gasket_mm === 0 ? '' : text(sheet.gasket_mm, 'gap'),
    ...toListForms(sheet, unit),
    ...toWorkForm(sheet, unit),
    geometry: Object.fromEntries(
      Object.entries(sheet.geometry).map(([field, value]) => [
        field,
        isLength(sheet.family, field) ? text(value as number, 'size') : geometryText(value),
      ]),
    ),
    examples: [...sheet.examples],
    materials: byId(
      kinds,
      (p) => p.id,
      ({ id }) => {
        const m = sheet.materials.find((other) => other.part === id);
        return {
          name: m?.name ?? '',
          alpha: m ? trimmed(m.alpha_per_K * MICRO, 3) : '',
          hot: m ? bareTemperature(m.hot_C, unit) : '',
        };
      },
    ),
    nominal: byId(
      dimensions,
      (d) => d.id,
      ({ id }) => text(sheet.nominal.find((n) => n.dimension === id)?.value_mm, 'size'),
    ),
    tiers: sheet.tiers.map((t) => ({ ...t })),
    limits: byId(
      sheet.tiers,
      (t) => t.id,
      (t) =>
        byId(
          characteristics,
          (c) => c.id,
          (c) => limitOf(t.id, c),
        ),
    ),
  };
}

/** Lists whose entries go field by field. */
const PLAIN = [
  'key',
  'mixes',
  'strip',
  'renew',
  'also',
  'small',
  'clutches',
  'book',
  'own',
  'sets',
  'fasteners',
] as const;

/** The lists of a sheet as text. */
export function toListForms(
  sheet: Pick<Sheet, ListName | 'family' | 'geometry' | 'mount'>,
  unit: ShopUnit,
): ListForms {
  const lists = sheetLists(sheet, unit);
  const plain = PLAIN.map((name) => [name, listToForm(lists, name, sheet[name], unit)] as const);
  return {
    ...(Object.fromEntries(plain) as unknown as Omit<ListForms, 'variants'>),
    variants: listToForm(lists, 'variants', sheet.variants, unit).map((fields, i) => ({
      ...fields,
      marks: marksToForm(sheet.variants[i] as Sheet['variants'][number], unit),
    })),
  };
}

type Lists = Pick<Sheet, ListName>;

/** What the form says of the lists of a sheet; what is wrong is noted with its path. */
function fromListForms(
  form: SheetForm,
  before: SheetForm,
  sheet: Sheet,
  unit: ShopUnit,
  read: Reader,
): Lists {
  const lists = sheetLists(sheet, unit);
  const listed = <N extends ListName>(name: N) =>
    listFromForm(lists, name, form[name], { form: before[name], records: sheet[name] }, unit, read);
  const plain = PLAIN.map((name) => [name, listed(name)] as const);
  const known = (id: string) => form.variants.some((v) => v.id === id);
  const all = Object.fromEntries(plain) as unknown as Omit<Lists, 'variants'>;
  return {
    ...all,
    mixes: all.mixes.filter((m) => known(m.of) && known(m.in)),
    variants: listed('variants').map((fields, i) => {
      const variant = form.variants[i] as SheetForm['variants'][number];
      const had = sheet.variants.find(({ id }) => id === variant.id);
      const wrong = (check: string, message: string) =>
        read.wrong(`variants.${i}.marks.${check}`, message);
      return { ...fields, marks: marksFromForm(form.key, variant, had, unit, wrong) };
    }),
  };
}

/** Tells whether a field of a family's geometry is a length: it is written in the shop's unit. */
export const isLength = (family: string, field: string): boolean =>
  (familyOf(family).geometry.describe().fields[field] as { meta?: { unit?: string } } | undefined)
    ?.meta?.unit === 'mm';

/** Counts, angles and choices of a geometry as they are. */
const geometryText = (value: unknown): string =>
  typeof value === 'number' ? trimmed(value, 4) : String(value);

function readGeometry(form: SheetForm, before: SheetForm, sheet: Sheet, read: Reader): object {
  const figure = (field: string, value: number): number => {
    const path = `geometry.${field}`;
    const typed = form.geometry[field] ?? '';
    if (!isLength(sheet.family, field)) return read.number(path, typed) ?? NaN;
    return read.length(path, typed, 'size', { text: before.geometry[field], mm: value }) ?? NaN;
  };
  const geometry = Object.fromEntries(
    Object.entries(sheet.geometry as Record<string, unknown>).map(([field, value]) => [
      field,
      typeof value === 'number' ? figure(field, value) : (form.geometry[field] ?? value),
    ]),
  );
  // What a sheet of old says of its pump is left to it: it is doubted, not refused.
  const context = dequal(geometry, sheet.geometry) ? DESCRIBED : {};
  for (const { field, message } of problemsOf({ family: sheet.family, geometry }, context)) {
    const at = `geometry.${field}`;
    if (!read.errors.some((e) => e.path === at)) read.wrong(at, message);
  }
  return geometry;
}

function readLimits(form: SheetForm, pumped: Sheet, before: SheetForm, read: Reader): SheetLimit[] {
  return form.tiers.flatMap((tier) =>
    pumpOf(pumped).characteristics.flatMap((c): SheetLimit[] => {
      const fields = form.limits[tier.id]?.[c.id] ?? NO_LIMIT;
      const path = `limits.${tier.id}.${c.id}`;
      const had = pumped.limits.find((l) => l.tier === tier.id && l.characteristic === c.id);
      const end = (name: 'lower' | 'upper' | 'preferredLower' | 'preferredUpper') =>
        read.length(`${path}.${name}`, fields[name], c.quantity, {
          text: before.limits[tier.id]?.[c.id]?.[name],
          mm: had?.[`${name}_mm`] ?? null,
        });
      const [lower_mm, upper_mm] = [end('lower'), end('upper')];
      const [preferredLower_mm, preferredUpper_mm] = [end('preferredLower'), end('preferredUpper')];
      if (lower_mm === null && upper_mm === null) return [];
      if (lower_mm !== null && upper_mm !== null && upper_mm < lower_mm) {
        read.wrong(`${path}.upper`, 'Max is below min. Swap them or check the unit.');
        return [];
      }
      const inside = (mm: number | null) =>
        mm === null || (mm >= (lower_mm ?? 0) && mm <= (upper_mm ?? Infinity));
      if (!inside(preferredLower_mm)) {
        read.wrong(`${path}.preferredLower`, 'The preferred band must be inside the limits.');
      } else if (
        !inside(preferredUpper_mm) ||
        (preferredLower_mm ?? 0) > (preferredUpper_mm ?? Infinity)
      ) {
        read.wrong(`${path}.preferredUpper`, 'The preferred band must be inside the limits.');
      }
      const { side, gasket, source } = fields;
      const preferred = { preferredLower_mm, preferredUpper_mm };
      return [
        {
          tier: tier.id,
          characteristic: c.id,
          lower_mm,
          upper_mm,
          ...preferred,
          side,
          gasket,
          source,
        },
      ];
    }),
  );
}

function readMaterials(
  form: SheetForm,
  before: SheetForm,
  pumped: Sheet,
  read: Reader,
): Sheet['materials'] {
  return pumpOf(pumped).kinds.flatMap(({ id }) => {
    const fields = form.materials[id];
    if (!fields || [fields.name, fields.alpha, fields.hot].every((t) => t.trim() === '')) return [];
    const path = `materials.${id}`;
    const alpha = read.number(`${path}.alpha`, fields.alpha);
    const hot = read.temperature(`${path}.hot`, fields.hot, {
      text: before.materials[id]?.hot,
      celsius: pumped.materials.find((m) => m.part === id)?.hot_C ?? null,
    });
    if (alpha === null || alpha < 0 || alpha > 100) {
      read.wrong(`${path}.alpha`, 'Expansion must be 0–100 (×10⁻⁶ per °C). Metals are 5–30.');
    }
    if (hot === null || hot < -60 || hot > 400)
      read.wrong(
        `${path}.hot`,
        say('sheets.runningRange', { least: read.inUnit(-60), most: read.inUnit(400) }),
      );
    return [
      {
        part: id,
        name: fields.name.trim() || 'unnamed',
        alpha_per_K: Number(((alpha ?? 0) / MICRO).toPrecision(6)),
        hot_C: hot ?? 20,
      },
    ];
  });
}

/** The sheet that a form describes, or what is wrong with it, field by field; and what only looks wrong. */
export function fromForm(form: SheetForm, sheet: Sheet, unit: ShopUnit): FormResult {
  const read = new Reader(unit);
  const before = toForm(sheet, unit);
  if (form.model.trim() === '') read.wrong('model', 'A sheet needs a model name.');
  form.tiers.forEach((tier, i) => {
    if (tier.name.trim() === '') read.wrong(`tiers.${i}.name`, 'Enter a name for the limit set.');
  });
  const geometry = readGeometry(form, before, sheet, read);
  const changed = !dequal(geometry, sheet.geometry);
  const broken = read.errors.some((e) => e.path.startsWith('geometry.'));
  const lists = fromListForms(form, before, sheet, unit, read);
  const own = dequal(lists.own, sheet.own) ? sheet.own : lists.own;
  const pumped: Sheet = { ...sheet, own, ...(changed && !broken ? { geometry } : {}) };
  const edited: Sheet = {
    ...pumped,
    model: form.model.trim(),
    note: form.note,
    mount: form.mount === '' ? null : form.mount,
    ...fromFittedForm(form.fitted),
    ...lists,
    own,
    ...fromWorkForm(form, before, sheet, read),
    // A size that somebody changed is an example's no more.
    examples: form.examples.filter((field) => form.geometry[field] === before.geometry[field]),
    gasket_mm:
      read.length('gasket', form.gasket, 'gap', { text: before.gasket, mm: sheet.gasket_mm }) ?? 0,
    materials: readMaterials(form, before, pumped, read),
    nominal: pumpOf(pumped).dimensions.flatMap(({ id }) => {
      const value_mm = read.length(`nominal.${id}`, form.nominal[id] ?? '', 'size', {
        text: before.nominal[id],
        mm: sheet.nominal.find((n) => n.dimension === id)?.value_mm ?? null,
      });
      return value_mm === null ? [] : [{ dimension: id, value_mm }];
    }),
    tiers: form.tiers,
    limits: readLimits(form, pumped, before, read),
  };
  const { lists: followers, kept: left } = followed(sheet, edited);
  const whole: Sheet = { ...edited, ...followers };
  if (read.errors.length === 0) schemaErrors(whole, read);
  return {
    sheet: whole,
    errors: read.errors,
    doubts: read.errors.length > 0 ? [] : [...doubtsOf(whole), ...left],
  };
}

/** Lists that a family brings along, and that follow its build and sections until somebody edits them. */
const BROUGHT = {
  strip: 'strip steps',
  renew: 'parts to replace',
  also: 'other checks',
  clutches: 'one-way clutches',
} as const;

/**
 * Returns the lists of another build or section count. Those that nobody edited follow it; an edited one
 * stays as it is, and that is asked about before the sheet is saved.
 */
function followed(before: Sheet, after: Sheet): { lists: Partial<Sheet>; kept: FieldError[] } {
  const [usual, next] = [before, after].map((s) => blankSheet(s, saidOf(s)));
  const lists: Partial<Sheet> = {};
  const kept: FieldError[] = [];
  for (const [name, words] of Object.entries(BROUGHT) as [keyof typeof BROUGHT, string][]) {
    if (dequal(usual?.[name], next?.[name])) continue;
    const untouched = dequal(before[name], usual?.[name]) && dequal(after[name], before[name]);
    if (untouched) Object.assign(lists, { [name]: next?.[name] });
    else {
      const message = say('sheets.buildChanged', { lists: words });
      kept.push({ path: name, message });
    }
  }
  return { lists, kept };
}

/** What the record's own schema would refuse, so that nothing unreadable is stored. */
function schemaErrors(sheet: Sheet, read: Reader): void {
  try {
    sheetSchema.validateSync(sheet, { strict: true, abortEarly: false, context: DESCRIBED });
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    for (const { path, message } of error.inner.length > 0 ? error.inner : [error]) {
      read.wrong((path ?? 'model').replace(/\[(\d+)\]/g, '.$1'), message);
    }
  }
}

function pathOf(at: SheetDoubt['at']): string {
  if (at.kind === 'limit') return `limits.${at.tier}.${at.characteristic}.upper`;
  return at.kind === 'nominal' ? `nominal.${at.dimension}` : `geometry.${at.field}`;
}

function doubtsOf(sheet: Sheet): FieldError[] {
  return sheetDoubts(sheet).map(({ at, message }) => ({
    path: pathOf(at),
    message,
  }));
}
