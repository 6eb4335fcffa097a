import { mixed, number, object, string, type Schema } from 'yup';
import { finite, notUnder } from '../schema/fields';
import { say } from '../wording/say';
import type { SumUnit } from './sum';

/** Makes the field of a figure that may be anything. */
export const figure = (label: string, unit: SumUnit = 'mm') =>
  finite().required().meta({ label, figure: unit });

/** Makes the field of a figure that nobody has to give. */
export const perhaps = (label: string, unit: SumUnit = 'mm') =>
  finite().nullable().meta({ label, figure: unit });

/** Makes the field of a figure over zero. */
export const positive = (label: string, unit: SumUnit = 'mm') =>
  figure(label, unit).moreThan(0, 'Must be over zero');

/** Makes the field of a figure not below zero. */
export const notBelow = (label: string, unit: SumUnit = 'mm') =>
  figure(label, unit).min(0, 'Not below zero');

/** The limits of a gap, either of which may be open. */
export const limitFields = {
  lower_mm: perhaps('Min'),
  upper_mm: perhaps('Max').test(notUnder('lower_mm', 'The upper limit is below the lower one')),
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
export const stackOf = () =>
  number().oneOf([1, 2, 3]).required().meta({ label: 'Most leaves together' });

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
