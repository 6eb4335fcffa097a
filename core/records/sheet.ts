import { VERSION } from './kind';
import { marksSchema } from './marks';
import type { CharacteristicId, DimensionId, KindId, PartId } from '../pumps/ids';
import { array, boolean, lazy, number, object, string, type InferType, type Schema } from 'yup';
import type { PumpModel } from '../pumps/family';
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
  once,
} from '../schema/fields';
import { buildStepSchema } from './assembly';
import { ownCharacteristic } from './own';
import { fluid, NO_SHEET_FLOW, sheetFlow } from './flow';
import { testPoints } from './testing';
import { NO_REVERSING, reversing } from './reversing';
import { publishedLimit } from './publishedLimit';
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

/** Says how many photos show the tools of a pump well enough. */
export const MOST_SHEET_PHOTOS = 40;

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
  /** Lists the steps of its test, with what it has to give in each. */
  testPoints: testPoints(),
  /** Says what it is tested on; null where nobody said. */
  testFluid: fluid.nullable().defined().default(undefined),
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
    testPoints: [],
    testFluid: null,
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

/** Writes the name of a sheet: `Veltrane T6 front pump`. */
export function sheetName(sheet: Pick<Sheet, 'model'>): string {
  return sheet.model;
}
