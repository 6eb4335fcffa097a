import {
  array,
  mixed,
  number,
  object,
  string,
  type NumberSchema,
  type Schema,
  type StringSchema,
} from 'yup';
import { finite, notUnder } from '../schema/fields';
import { say } from '../wording/say';
import type { SumUnit } from './sum';

/** Makes the field of a figure that may be anything. */
export const figure = (label: string, unit: SumUnit = 'mm') =>
  finite().required().meta({ label, figure: unit });

/** Makes the field of a figure that nobody has to give. */
export const perhaps = (label: string, unit: SumUnit = 'mm') =>
  finite().nullable().meta({ label, figure: unit });

/** Makes the field of a clearance that nobody has to give. */
export const gapFigure = (label: string) =>
  finite().nullable().meta({ label, figure: 'mm', isGap: true });

/** Makes the field of a figure over zero. */
export const positive = (label: string, unit: SumUnit = 'mm') =>
  figure(label, unit).moreThan(0, 'Must be over zero');

/** Makes the field of a figure not below zero. */
export const notBelow = (label: string, unit: SumUnit = 'mm') =>
  figure(label, unit).min(0, 'Not below zero');

/**
 * Makes the field of a figure that the sum knows a usual value of: who leaves it out gets that.
 *
 * @param usual in the field's unit
 */
export const usually = (label: string, usual: number, unit: SumUnit = 'mm') =>
  finite().nullable().meta({ label, figure: unit, usual }) as unknown as NumberSchema<number>;

/** Says of a choice, none of which was made, which there are: that nobody knows is none of them. */
const oneOf = (choices: readonly string[]): string =>
  say('records.oneOf', { values: String(choices) });

/** Makes the field of a choice; with a usual one it may be left out. */
export const choice = <C extends string>(label: string, choices: readonly C[], usual?: C) =>
  (usual === undefined
    ? string().oneOf(choices).required().meta({ label })
    : string()
        .nullable()
        .oneOf([...choices, null], oneOf(choices))
        .meta({ label, usual })) as unknown as StringSchema<C>;

/** Makes the field of a choice that nobody may be able to make. */
export const perhapsOneOf = <C extends string>(label: string, choices: readonly C[]) =>
  string()
    .nullable()
    .oneOf([...choices, null], oneOf(choices))
    .meta({ label }) as unknown as StringSchema<C | null | undefined>;

/** Makes the field of a yes or a no that nobody may know: `true`, or the word. */
export const yesOrNo = (label: string) =>
  mixed<boolean | 'yes' | 'no'>()
    .nullable()
    .oneOf([true, false, 'yes', 'no', null], oneOf(['true', 'false']))
    .meta({ label });

/** Reads a yes or a no; null where nobody knows. */
export const isYes = (given: boolean | 'yes' | 'no' | null | undefined): boolean | null =>
  given == null ? null : given === true || given === 'yes';

/** Makes the field of several lengths over zero. */
export const lengths = (label: string, least: number, message: string, most = 200) =>
  array(positive(label)).required().min(least, message).max(most, 'Too many').meta({ label });

/** The limits of a gap, either of which may be open. */
export const limitFields = {
  lower_mm: gapFigure('Min'),
  upper_mm: gapFigure('Max').test(notUnder('lower_mm', 'The upper limit is below the lower one')),
};

/** The limits of a gap, both of which have to be there. */
export const bothLimits = {
  lower_mm: figure('Min').meta({ isGap: true }),
  upper_mm: figure('Max')
    .meta({ isGap: true })
    .test(notUnder('lower_mm', 'The upper limit is below the lower one')),
};

/** Returns limits with an end that was not given open. */
export const limitsIn = (input: { lower_mm?: number | null; upper_mm?: number | null }) => ({
  lower_mm: input.lower_mm ?? null,
  upper_mm: input.upper_mm ?? null,
});

/** Makes the field of figures by name: `{"depth": 20.09}`. */
export const figures = (label: string) =>
  mixed<Readonly<Record<string, number>>>()
    .meta({ label })
    .test('figures', 'Numbers by name', (v, context) => {
      if (v == null) return true;
      if (typeof v !== 'object' || Array.isArray(v)) return false;
      const odd = Object.entries(v).find(([, value]) => !Number.isFinite(value));
      return odd
        ? context.createError({ path: `${context.path}.${odd[0]}`, message: 'Not a finite number' })
        : true;
    });

/** Makes the field of what a part, a person or a trial is called: a word or a number. */
export const label = () =>
  mixed<string | number>()
    .required()
    .test('label', 'A name or a number', (v) =>
      typeof v === 'string' ? v !== '' : Number.isFinite(v),
    );

/** Makes the field of how many leaves are held together at most. */
export const stackOf = (label = 'Most leaves together') =>
  number().oneOf([1, 2, 3]).required().meta({ label });

/** Makes the same field where one is usual. */
export const usualStackOf = (usual: number, label?: string) =>
  number()
    .nullable()
    .oneOf([1, 2, 3, null], oneOf(['1', '2', '3']))
    .meta({ label: label ?? 'Most leaves together', usual }) as unknown as NumberSchema<number>;

/** Adds to a list that no two of it have the same id. */
export const ONCE = [
  'once',
  'The same id is there twice',
  (list: readonly { id?: string }[] | undefined): boolean =>
    new Set(list?.map(({ id }) => id)).size === (list?.length ?? 0),
] as const;

type Fields = Readonly<Record<string, Schema>>;

/** Returns a field that may be left out, and is checked where it is not. */
const leftOut = (field: Schema): Schema =>
  (field as Schema & { notRequired(): Schema }).notRequired();

const isAsked = (field: Schema): boolean => !field.spec.optional && !field.spec.nullable;

/**
 * Makes the schema of an input that comes in kinds, each with fields of its own: those of the kind that is named have
 * to be there, those of others must not.
 *
 * @param tag the field that names the kind
 * @param kinds the fields of each
 * @param common fields of all
 */
export function ofItsKind(
  tag: string,
  kinds: Readonly<Record<string, Fields>>,
  common: Fields = {},
) {
  const all: Fields = Object.assign({}, ...Object.values(kinds)) as Fields;
  return object({
    ...common,
    [tag]: string().oneOf(Object.keys(kinds)).required(),
    ...Object.fromEntries(Object.entries(all).map(([name, field]) => [name, leftOut(field)])),
  })
    .noUnknown()
    .test('of its kind', (input, context) => {
      const given = input as Readonly<Record<string, unknown>>;
      const kind = String(given[tag]);
      const own = kinds[kind];
      if (!own) return true;
      const missing = Object.keys(own).find(
        (name) => isAsked(own[name] as Schema) && given[name] == null,
      );
      const wrong =
        missing ?? Object.keys(all).find((name) => !(name in own) && given[name] !== undefined);
      if (wrong === undefined) return true;
      const path = [context.path, wrong].filter(Boolean).join('.');
      const message = missing ? 'Missing' : say('flow.notOfKind', { kind });
      return context.createError({ path, message });
    });
}
