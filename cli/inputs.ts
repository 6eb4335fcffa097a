import { array, mixed, number, object, string } from 'yup';
import { FELT } from '../core/feeler/bounds';
import { finite } from '../core/schema/fields';

const positive = () => finite().required().moreThan(0, 'Must be over zero');
const optionalLimit = () => finite().nullable();

const limits = {
  lower_mm: optionalLimit(),
  upper_mm: optionalLimit().test(
    'order',
    'The upper limit is below the lower one',
    (upper, { parent }) => {
      const { lower_mm } = parent as { lower_mm?: number | null };
      return upper == null || lower_mm == null || upper >= lower_mm;
    },
  ),
};

const distinct = (leaves: readonly number[] | undefined) =>
  !leaves || new Set(leaves).size === leaves.length;

export const readingInput = object({
  text: string().defined(),
  kind: string().oneOf(['gap', 'size']).required(),
  unit: string().oneOf(['thou', 'in', 'mm']).required(),
});

export const feelerInput = object({
  leaves_mm: array(positive()).required().min(1, 'At least one leaf'),
  maxStack: number().oneOf([1, 2, 3]).required(),
  ...limits,
  dragBand_mm: finite().min(0, 'Not below zero').nullable(),
  goal: string().oneOf(['verdict', 'size']).required(),
  tries: array(
    object({
      leaves_mm: array(positive())
        .required()
        .min(1, 'At least one leaf')
        .max(3, 'At most three leaves together')
        .test('distinct', 'The same leaf cannot be held twice', distinct),
      felt: string().oneOf(FELT).required(),
    })
      .noUnknown()
      .required(),
  ).required(),
});

export const sizesInput = object({
  terms: array(
    object({
      name: string().defined(),
      sign: number().oneOf([1, -1]).required(),
      value_mm: finite().required(),
      u_mm: finite().required().min(0, 'Not below zero'),
      alpha_per_K: finite().nullable(),
      measuredAt_C: finite().nullable(),
      hot_C: finite().nullable(),
    })
      .noUnknown()
      .required(),
  )
    .required()
    .min(1, 'A gap needs at least one size'),
});

const either = 'Give value_mm and u_mm, or lo_mm and hi_mm (null where there is no upper end)';

export const conformityInput = object({
  value_mm: finite().nullable(),
  u_mm: finite().min(0, 'Not below zero').nullable(),
  lo_mm: finite().nullable(),
  hi_mm: finite()
    .nullable()
    .test('order', 'hi_mm is below lo_mm', (hi, { parent }) => {
      const { lo_mm } = parent as { lo_mm?: number | null };
      return hi == null || lo_mm == null || hi >= lo_mm;
    }),
  ...limits,
  rule: string().oneOf(['guarded', 'plain']).required(),
  confidence: finite().min(0.5, 'At least 0.5').lessThan(1, 'Below 1').nullable(),
}).test('has a value', (input, context) => {
  const absent = (names: readonly (keyof typeof input)[]) =>
    names.filter((name) => input[name] == null);
  const noSize = absent(['value_mm', 'u_mm']);
  // A bracket without an upper end says so: null is given, nothing is not.
  const noBracket = absent(['lo_mm']);
  if (input.hi_mm === undefined) noBracket.push('hi_mm');
  if (noSize.length + noBracket.length === 2 && noSize.length !== 1) return true;
  const path = noBracket.length === 1 ? noBracket[0] : (noSize[0] ?? 'lo_mm');
  return context.createError({ path, message: either });
});

export const tiltInput = object({
  diameter_mm: positive(),
  points: array(
    object({
      angle_deg: finite().required(),
      radius_mm: finite().required().min(0, 'Not below zero'),
      depth_mm: finite().required(),
    })
      .noUnknown()
      .required(),
  )
    .required()
    .min(3, 'A plane needs depths at three places at least'),
});

/** Reads what a part, a person or a trial is called: a word or a number. */
const label = () =>
  mixed<string | number>()
    .required()
    .test('label', 'A name or a number', (v) =>
      typeof v === 'string' ? v !== '' : Number.isFinite(v),
    );

/** A file of the app as a JSON value, checked like any file that is opened. */
/** Makes the field of a whole file of the app. */
const appFile = () =>
  mixed<object>().test(
    'object',
    'A file of the app as JSON',
    (v) => v == null || (typeof v === 'object' && !Array.isArray(v)),
  );

export const jobInput = object({ file: appFile().required() });

export const decideInput = object({ file: appFile().required(), shop: appFile().nullable() });

export const studyInput = object({
  readings: array(
    object({
      part: label(),
      person: label(),
      trial: label(),
      value: finite().required(),
    })
      .noUnknown()
      .required(),
  )
    .required()
    .min(8, 'A study needs two parts, two people and two trials at least'),
});

const notBelow = () => finite().required().min(0, 'Not below zero');

/** Reads figures by name: `{"depth": 20.09}`. */
const figures = () =>
  mixed<Readonly<Record<string, number>>>().test('figures', 'Numbers by name', (v, context) => {
    if (v == null) return true;
    if (typeof v !== 'object' || Array.isArray(v)) return false;
    const odd = Object.entries(v).find(([, value]) => !Number.isFinite(value));
    return odd
      ? context.createError({ path: `${context.path}.${odd[0]}`, message: 'Not a finite number' })
      : true;
  });

/** Tells whether no two of a list have the same id. */
const idsOnce = (list: readonly { id?: string }[] | undefined): boolean =>
  new Set(list?.map(({ id }) => id)).size === (list?.length ?? 0);

const ONCE = ['once', 'The same id is there twice', idsOnce] as const;

const name = () => string().required();

export const reworkInput = object({
  dimensions: figures().required(),
  characteristics: array(
    object({ id: name(), terms: figures().required(), ...limits })
      .noUnknown()
      .required(),
  )
    .required()
    .max(500, 'At most 500 characteristics')
    .test(...ONCE),
  operations: array(
    object({
      id: name(),
      effects: figures().required(),
      offset: figures().nullable(),
      min_mm: notBelow(),
      max_mm: notBelow().test(
        'order',
        'The most amount is below the least',
        (most, { parent }) => most >= (parent as { min_mm: number }).min_mm,
      ),
      fixedCost: notBelow(),
      costPerMm: notBelow(),
    })
      .noUnknown()
      .required(),
  )
    .required()
    .max(100, 'At most 100 operations')
    .test(...ONCE),
  excludes: array(
    array(name())
      .required()
      .length(2, 'Two operations')
      .test('two', 'An operation cannot exclude itself', ([a, b] = []) => a !== b),
  ).nullable(),
  guard_mm: finite().min(0, 'Not below zero').nullable(),
});

export const matchInput = object({
  bodies: array(object({ id: name(), depth_mm: finite().required() }).noUnknown().required())
    .required()
    .max(5000, 'At most 5,000 bodies')
    .test(...ONCE),
  gears: array(object({ id: name(), width_mm: finite().required() }).noUnknown().required())
    .required()
    .max(5000, 'At most 5,000 gear sets')
    .test(...ONCE),
  lower_mm: finite().required(),
  upper_mm: finite()
    .required()
    .test(
      'order',
      'The upper limit is below the lower one',
      (upper, { parent }) => upper >= (parent as { lower_mm: number }).lower_mm,
    ),
  maxDeckCut_mm: notBelow(),
  maxGearGrind_mm: notBelow(),
});

export const vaneInput = object({
  ringRadius_mm: positive(),
  eccentricity_mm: notBelow(),
  rotorRadius_mm: positive(),
  vaneLength_mm: positive(),
  newVaneLength_mm: finite().moreThan(0, 'Must be over zero').nullable(),
  hours: finite().moreThan(0, 'Must be over zero').nullable(),
  leastInSlot_mm: notBelow(),
});
