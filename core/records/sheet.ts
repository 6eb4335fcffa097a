import { VERSION } from './kind';
import { marksSchema } from './marks';
import type { CharacteristicId, DimensionId, KindId, PartId } from '../pumps/ids';
import { array, boolean, lazy, number, object, string, type InferType, type Schema } from 'yup';
import type { Characteristic, Dimension, PumpModel } from '../pumps/family';
import { MOUNTS } from '../pumps/mount';
import {
  DRAINS,
  GEAR_FITS,
  MOST_SEALS,
  renewFitted,
  stripFitted,
  type Fitted,
} from '../pumps/teardown/fitted';
import {
  FAMILY_IDS,
  findFamily,
  isPump,
  pumpOf,
  teardownOf,
  type PumpKind,
} from '../pumps/registry';
import { keyCheck, mix, variant } from './key';
import { say } from '../wording/say';
import {
  exact,
  demo,
  finite,
  idOf,
  identifier,
  line,
  millimetres,
  note,
  notUnder,
  once,
} from '../schema/fields';
import { buildStepSchema } from './assembly';
import { ownCharacteristic } from './own';
import { NO_SHEET_FLOW, sheetFlow } from './flow';
import { NO_REVERSING, reversing } from './reversing';
import { benchTool, handoverLines } from './handover';
import { TORQUE_UNITS } from './torqueUnits';
import { gearSet, leastSize, newSize, price } from './rework';
import {
  alsoCheck,
  bookRule,
  clutch,
  photoNote,
  renewal,
  smallPart,
  stripStep,
  type SmallPart,
} from './teardown';

/** Version of the sheet record that this code writes. */
export const SHEET_SCHEMA = VERSION.sheet;

/** Describes what a published limit counts: the full gap, or what is left on one side of a centred part. */
export const SIDES = ['full', 'one-side'] as const;

/**
 * Says how a face gap is measured and what its limit is for: measured bare, and the limit is for bare;
 * measured bare, and the limit is for the pump assembled with its gasket, which is added; or measured
 * with the gasket in.
 */
export const GASKETS = ['bare', 'assembled', 'with-gasket'] as const;

/** Tells whether an end of a preferred band lies inside the limits that it belongs to. */
function insideLimits(mm: number | null | undefined, { parent }: { parent: unknown }): boolean {
  const { lower_mm, upper_mm } = parent as Record<'lower_mm' | 'upper_mm', number | null>;
  const [least, most] = [lower_mm ?? 0, upper_mm ?? Infinity];
  // Limits the wrong way round have their own fault; no band would lie inside them.
  return mm == null || least > most || (mm >= least && mm <= most);
}

/** So many photos show the tools of a pump well enough. */
export const MOST_SHEET_PHOTOS = 40;

/** Describes a published limit of a check, in one of the limit sets. */
export const publishedLimit = exact({
  characteristic: idOf<CharacteristicId>(),
  tier: identifier(),
  lower_mm: millimetres().nullable().defined(),
  upper_mm: millimetres()
    .nullable()
    .defined()
    .test(notUnder('lower_mm', 'Max is below min. Swap them or check the unit.')),
  /** A band inside the limits that a builder aims at; null on a side that has none. */
  preferredLower_mm: millimetres()
    .nullable()
    .defined()
    .test('inside', 'The preferred band must be inside the limits.', insideLimits),
  preferredUpper_mm: millimetres()
    .nullable()
    .defined()
    .test('inside', 'The preferred band must be inside the limits.', insideLimits)
    .test(
      notUnder('preferredLower_mm', 'The preferred max is below the preferred min. Swap them.'),
    ),
  side: string().oneOf(SIDES).required(),
  gasket: string().oneOf(GASKETS).required(),
  /** Names its source, where that is not the one of the tier. */
  source: line().defined(),
});

/** Says what is wrong with an expansion that no metal has. */
export const EXPANSION = 'Expansion must be 0–100 (×10⁻⁶ per °C). Metals are 5–30.';

/** Describes the metal of a part, and how warm it is at work. */
export const material = exact({
  part: idOf<PartId | KindId>(),
  name: line().required(),
  /** Linear expansion, 1/K. */
  alpha_per_K: finite().required().min(0, EXPANSION).max(1e-4, EXPANSION),
  /** Temperature at work. */
  hot_C: finite().required().min(-60).max(400),
});

const nominal = exact({ dimension: idOf<DimensionId>(), value_mm: millimetres().required() });

const tier = exact({ id: identifier(), name: line().required(), source: line().defined() });

const fastener = exact({
  id: identifier(),
  name: line().required('Bolts need a name'),
  thread: line().defined(),
  count: number().integer().min(1, 'At least one').max(99).required(),
  torque: finite().moreThan(0, 'Torque must be above 0.').max(5000).nullable().defined(),
  /** The upper end, where the book gives a range; null where it gives one figure. */
  torqueTo: finite()
    .max(5000)
    .nullable()
    .defined()
    .test('order', 'The torque range ends before it starts. Swap them.', (to, { parent }) => {
      const { torque } = parent as { torque: number | null };
      return to == null || (torque != null && to >= torque);
    }),
  unit: string().oneOf(TORQUE_UNITS).required(),
  note: line().defined(),
});

/** Makes a list whose items are told apart by their ids. */
const listed = <S extends Schema>(list: S, message: string): S =>
  once(list, message, ({ id }: { id: unknown }) => id);

/** A limit sheet: one pump model with its geometry, materials and published limits by tier. */
export const sheetSchema = exact({
  schema: number().oneOf([SHEET_SCHEMA]).required(),
  id: identifier(),
  revision: number().integer().min(0).required(),
  marks: marksSchema,
  demo,
  model: line().required('A sheet needs a model name'),
  variants: listed(array(variant).required().max(40), 'A variant is there twice'),
  /** The checks that tell the variants apart, beside years and serial numbers. */
  key: listed(array(keyCheck).required().max(40), 'A check is there twice'),
  mixes: array(mix).required().max(400),
  strip: listed(array(stripStep).required().max(60), 'A step is there twice'),
  renew: listed(array(renewal).required().max(60), 'A part is there twice'),
  also: listed(array(alsoCheck).required().max(40), 'A check is there twice'),
  /** Shaft seals, 0 where there is none; null while nobody said, or the family says it. */
  seals: number()
    .integer('A whole number of seals')
    .min(0, 'Not below none')
    .max(MOST_SEALS, say('records.most', { most: MOST_SEALS }))
    .nullable()
    .defined(),
  /** The drain behind the shaft seal; null while nobody said, or the family has a vent of its own. */
  drain: string().oneOf(DRAINS).nullable().defined(),
  /** Says how the gears of a stack sit on their shaft; null while nobody said, or there is no stack. */
  gearFit: string().oneOf(GEAR_FITS).nullable().defined(),
  /** Lists the keys, clips, pins and washers that ought to be there, to be counted. */
  small: listed(array(smallPart).required().max(40), 'A small part is there twice'),
  /** The one-way clutches of the unit; each has its small checks. */
  clutches: listed(array(clutch).required().max(8), 'A clutch is there twice'),
  book: array(bookRule).required().max(200),
  family: string().oneOf(FAMILY_IDS).required(),
  /** Is true where the limits were made up, as in the demo: said wherever they appear. */
  invented: boolean().required(),
  note: note().defined(),
  geometry: lazy((_, { parent }) => {
    const known = findFamily((parent as { family?: string } | undefined)?.family);
    return known ? known.geometry : object().required();
  }),
  /** Fields of the geometry that are the example's still, and nobody's figures. */
  examples: array(string().required()).required().max(40),
  /** Lists what is measured beyond what the family does. */
  own: listed(array(ownCharacteristic).required().max(40), 'A check is there twice'),
  /** Says which part lies on the transmission; null where nobody said, or the pump sits in none. */
  mount: string().oneOf(MOUNTS).nullable().defined(),
  /** Thickness of the gasket once it is compressed; 0 where there is none. */
  gasket_mm: millimetres().required().max(5, 'Gasket is over 5 mm. Check the unit.'),
  materials: array(material).required(),
  nominal: array(nominal).required(),
  /** Lists how far work may go: what metal has to stay. */
  metal: once(
    array(leastSize).required().max(200),
    'A size is there twice',
    ({ dimension }) => dimension,
  ),
  /** Lists what parts and work cost on this model, where that is not what the shop says. */
  prices: once(array(price).required().max(60), 'A price is there twice', (p) => p.operation),
  /** Lists what new parts measure as they are bought, where the sheet says so. */
  newSizes: once(
    array(newSize).required().max(200),
    'A size is there twice',
    ({ dimension }) => dimension,
  ),
  /** Lists the thicknesses in which the thrust washer can be had, in mm; empty where nobody said. */
  washers_mm: array(millimetres().required().max(20, 'Over 20 mm: not a washer'))
    .required()
    .max(60),
  /** Lists the gears of another width that can be bought. */
  sets: listed(array(gearSet).required().max(20), 'A gear set is there twice'),
  tiers: listed(
    array(tier).required().min(1, 'A sheet needs at least one set of limits').max(12),
    'A set of limits is there twice',
  ),
  limits: array(publishedLimit).required(),
  /** Says what it moves, what it runs on and at, and what its circuits want. */
  flow: sheetFlow,
  /** Says how it is built where it is to turn the other way. */
  reversing,
  /** Lists the steps of putting it together, where they are not as the family has them. */
  assembly: listed(array(buildStepSchema).required().max(160), 'A step is there twice'),
  /** Says what to watch in the first hours, where that is not as the family has it. */
  handover: handoverLines,
  /** Lists tools made for this pump. */
  tools: listed(array(benchTool).required().max(20), 'A tool is there twice'),
  /** Lists photos and drawings of the tools, each by the tool that it shows. */
  photos: listed(
    array(photoNote)
      .required()
      .max(MOST_SHEET_PHOTOS, say('records.mostPhotos', { most: MOST_SHEET_PHOTOS })),
    'A photo is there twice',
  ),
  fasteners: listed(array(fastener).required().max(60), 'Bolts are there twice'),
}).test('refers', (sheet, context) => {
  const family = findFamily(sheet.family);
  if (!family || !isPump(family, sheet.geometry)) return true;
  const wrong = strayIn(sheet as unknown as Sheet, pumpOf(sheet as unknown as Sheet));
  if (!wrong) return true;
  return context.createError({
    path: `${context.path ? `${context.path}.` : ''}${wrong.path}`,
    message: wrong.message,
  });
});

export type Sheet = Omit<InferType<typeof sheetSchema>, 'geometry'> & { geometry: object };

/**
 * Returns the lists of a sheet that begin empty, and those that a family brings along.
 *
 * @param said what this model has of seals and drains, where that is not as its family has it as a rule
 */
export function blankSheet(pump: PumpKind, said: Partial<Fitted> = {}) {
  const { strip, renew, also, clutches, fitted } = teardownOf(pump);
  const has: Fitted = { ...fitted.usual, ...said };
  return {
    schema: SHEET_SCHEMA,
    revision: 0,
    variants: [],
    key: [],
    mixes: [],
    ...has,
    small: [] as SmallPart[],
    strip: stripFitted(strip, has).map((s) => ({ ...s })),
    renew: renewFitted(renew, has).map((r) => ({ ...r })),
    also: also.map((c) => ({ ...c, options: [...c.options] })),
    clutches: clutches.map((c) => ({ ...c })),
    book: [],
    mount: null,
    gasket_mm: 0,
    materials: [],
    nominal: [],
    metal: [],
    prices: [],
    newSizes: [],
    washers_mm: [],
    sets: [],
    limits: [],
    fasteners: [],
    examples: [],
    own: [],
    flow: NO_SHEET_FLOW,
    reversing: NO_REVERSING,
    assembly: [],
    handover: [],
    tools: [],
    photos: [],
  } satisfies Partial<Sheet>;
}

export type SheetLimit = Sheet['limits'][number];

/** Returns the first name that the sheet's own lists or its family do not know, with its place. */
function strayIn(sheet: Sheet, pump: PumpModel): { path: string; message: string } | null {
  const limit = sheet.limits.findIndex(
    (l) =>
      !sheet.tiers.some((t) => t.id === l.tier) ||
      !pump.characteristics.some((c) => c.id === l.characteristic),
  );
  if (limit >= 0) {
    return { path: `limits[${limit}]`, message: 'The sheet has no such limits or check' };
  }
  const of = (id: string) => sheet.key.find((check) => check.id === id);
  for (const [i, { marks }] of sheet.variants.entries()) {
    const mark = marks.findIndex(({ check, option }) => {
      const asked = of(check);
      return !asked || (option !== null && !asked.options.includes(option));
    });
    if (mark >= 0) {
      return {
        path: `variants[${i}].marks[${mark}]`,
        message: 'The sheet has no such check, or the check no such answer',
      };
    }
  }
  const mixed = sheet.mixes.findIndex(
    (m) => ![m.of, m.in].every((id) => sheet.variants.some((v) => v.id === id)),
  );
  return mixed < 0 ? null : { path: `mixes[${mixed}]`, message: 'The sheet has no such variant' };
}

/**
 * Returns the limits of a characteristic on a tier, as published; a sum that has none of its own
 * takes those of its base, and a further section of a stack those of the first.
 */
export function limitsFor(
  sheet: Sheet,
  tierId: string,
  characteristic: CharacteristicId,
): SheetLimit | null {
  const of = pumpOf(sheet).characteristics.find((c) => c.id === characteristic);
  const given = (id: CharacteristicId) =>
    sheet.limits.find(
      (l) =>
        l.tier === tierId &&
        l.characteristic === id &&
        (l.lower_mm !== null || l.upper_mm !== null),
    );
  const own = given(characteristic) ?? (of && given(of.first));
  if (own) return own;
  const base = of?.sum?.[0];
  return base ? limitsFor(sheet, tierId, base) : null;
}

/** Returns the nominal size of a dimension in mm; of a further section, that of the first where it has none. */
export function nominalOf(sheet: Sheet, dimension: DimensionId): number | undefined {
  const of = (id: DimensionId | undefined) =>
    sheet.nominal.find((n) => n.dimension === id)?.value_mm;
  return of(dimension) ?? of(pumpOf(sheet).dimensions.find((d) => d.id === dimension)?.first);
}

/** A new part measures so much either side of nominal where nobody said otherwise, in mm: a usual tolerance, made up. */
export const NEW_PART_mm = 0.013;

/** Says between what a size lies on a part that is bought, and whose word that is. */
export interface NewSize {
  readonly least_mm: number;
  readonly most_mm: number;
  readonly from: 'sheet' | 'nominal';
}

/** Returns between what a size lies on a part that is bought; null where the sheet says nothing of it. */
export function newSizeOf(sheet: Sheet, dimension: DimensionId): NewSize | null {
  const first = pumpOf(sheet).dimensions.find((d) => d.id === dimension)?.first;
  const said =
    sheet.newSizes.find((n) => n.dimension === dimension) ??
    sheet.newSizes.find((n) => n.dimension === first);
  if (said) return { least_mm: said.least_mm, most_mm: said.most_mm, from: 'sheet' };
  const nominal = nominalOf(sheet, dimension);
  if (nominal === undefined) return null;
  return { least_mm: nominal - NEW_PART_mm, most_mm: nominal + NEW_PART_mm, from: 'nominal' };
}

/** Writes the name of a sheet: `Veltrane T6 front pump`. */
export function sheetName(sheet: Pick<Sheet, 'model'>): string {
  return sheet.model;
}

/**
 * Returns what is known of a size only from a drawing, in mm; undefined where the drawing is an example's.
 */
export function drawnOf(sheet: Pick<Sheet, 'examples'>, dimension: Dimension): number | undefined {
  const { field, drawn_mm } = dimension;
  return field !== undefined && sheet.examples.includes(field) ? undefined : drawn_mm;
}

/**
 * Returns the radius to which a swing is brought, in mm; null where there is none, or it comes from an
 * example.
 */
export function pitchRadiusOf(
  sheet: Pick<Sheet, 'examples'>,
  { swing }: Pick<Characteristic, 'swing'>,
): number | null {
  const made = swing?.pitchFields?.some((field) => sheet.examples.includes(field)) ?? false;
  return made ? null : (swing?.pitchRadius_mm ?? null);
}

/** Returns what a part is made of: what the sheet says of that very piece, else of its kind; null where it says neither. */
export function materialOf(sheet: Sheet, part: PartId): Sheet['materials'][number] | null {
  const kind = pumpOf(sheet).parts.find((p) => p.id === part)?.kind;
  const of = (id: PartId | KindId | undefined) => sheet.materials.find((m) => m.part === id);
  return of(part) ?? of(kind) ?? null;
}
