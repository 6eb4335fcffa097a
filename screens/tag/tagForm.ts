import { array, object, string, type InferType, type Schema } from 'yup';
import { InputError, tried } from '@/core/errors';
import { formatFlow, formatPressure, parseFlow_lpm, parsePressure_bar } from '@/core/quantity/flow';
import { trimmed } from '@/core/quantity/format';
import { countIn, parseNumber } from '@/core/quantity/parse';
import { formatTemperature } from '@/core/quantity/temperature';
import type { ShopUnit } from '@/core/quantity/units';
import type { Job } from '@/core/records/job';
import { dayOf } from '@/core/schema/dates';
import { faultsOf } from '@/core/schema/faults';
import { line, note } from '@/core/schema/fields';
import { formOf, recordOf, type RecordField, type Row } from '@/core/schema/rows';
import { orNull, temperature, words, type Written } from '@/core/schema/written';
import { figureFields, MOST_FIGURES, ROTATIONS, tagFields, USED_UNITS } from '@/core/records/tag';
import { say } from '@/core/wording/say';

const wrong = (code: string, message: string): InputError => new InputError('text', code, message);

/** A plain number, not below zero. */
const figure = (decimals: number): Written<number> => ({
  write: (value) => trimmed(value, decimals),
  read: (text) => {
    const value = parseNumber(text);
    if (value !== null && Number.isFinite(value) && value >= 0) return value;
    throw wrong('not-a-number', say('tag.notANumber', { text: text.trim() }));
  },
});

/** The same, where there has to be one over zero. */
const speed = (decimals: number): Written<number> => ({
  ...figure(decimals),
  read: (text, unit) => {
    const value = text.trim() === '' ? 0 : figure(decimals).read(text, unit);
    if (value > 0) return value;
    throw wrong('not-over-zero', 'Enter a number above 0.');
  },
});

/** A flow or a pressure, a bare one in the shop's unit; read only where something is written. */
const measured = (
  write: Written<number>['write'],
  read: (text: string, unit: ShopUnit) => number | null,
): Written<number> => ({ write, read: (text, unit) => read(text, unit) ?? NaN });

const oil: Written<number> = {
  ...temperature(-40, 150, (ends) => say('tag.temperatureRange', ends)),
  write: formatTemperature,
};

/** A day of the calendar, counted from another where it is written so. */
const dayFrom = (today: Date): Written<string> => ({
  write: (day) => day,
  read: (text) => {
    const day = dayOf(text, today);
    if (day) return day;
    throw wrong(
      'no-day',
      'Write the date as 2026-12-01 or 1.12.2026, or +7 for a week from today.',
    );
  },
});

/** Holds what is read to the bounds of the record's own field as well. */
const within = <V>(kind: Written<V>, field: Schema): Written<V> => ({
  ...kind,
  read: (text, unit) => {
    const value = kind.read(text, unit);
    const [fault] = faultsOf(field, value);
    if (!fault) return value;
    throw wrong('out-of-range', `${text.trim()}: ${fault.message}`);
  },
});

const TEXTS = ['owner', 'contact', 'unit', 'serial', 'complaint', 'by', 'fluid', 'ports'] as const;

/** A count of hours or distance: digits in threes are one figure. */
const count: Written<number> = {
  ...figure(1),
  read: (text) => {
    const value = countIn(text, Infinity);
    if (value != null) return value;
    throw wrong('not-a-number', say('tag.notANumber', { text: text.trim() }));
  },
};

const used = within(orNull(count), tagFields.used);

/** The fields of a tag, its figures from before apart. */
const fieldsOn = (today: Date): RecordField[] => [
  { name: 'tag', as: words },
  ...[...TEXTS, 'usedUnit', 'rotation'].map((name) => ({ name })),
  { name: 'used', as: used },
  { name: 'due', as: orNull(dayFrom(today)) },
];

const { drive_rpm, ratio, flow_lpm, pressure_bar } = figureFields;

/** The fields of a figure from before the pump came apart. */
const BEFORE = [
  { name: 'rpm', key: 'drive_rpm', as: within(speed(1), drive_rpm) },
  { name: 'ratio', key: 'ratio', as: within(speed(4), ratio) },
  {
    name: 'flow',
    key: 'flow_lpm',
    as: within(orNull(measured(formatFlow, parseFlow_lpm)), flow_lpm),
  },
  {
    name: 'pressure',
    key: 'pressure_bar',
    as: within(orNull(measured(formatPressure, parsePressure_bar)), pressure_bar),
  },
  { name: 'oil', key: 'oil_C', as: orNull(oil) },
] as const satisfies readonly RecordField[];

/** A text that can be read; what is said where it cannot is what the reader throws. */
const readable = ({ read }: Pick<Written<unknown>, 'read'>, unit: ShopUnit) =>
  string()
    .defined()
    .test({
      name: 'readable',
      test: (text, context) => {
        const result = tried(() => read(text ?? '', unit));
        return result.ok || context.createError({ message: result.message });
      },
    });

type Readable = ReturnType<typeof readable>;

/** The tag as text, as people write it; bare flows, pressures and temperatures in the shop's unit. */
const schemaIn = (unit: ShopUnit) =>
  object({
    ...(Object.fromEntries(TEXTS.map((name) => [name, line().defined()])) as Record<
      (typeof TEXTS)[number],
      ReturnType<ReturnType<typeof line>['defined']>
    >),
    tag: line().trim().required('Enter a tag number. It goes on the pump.'),
    complaint: note().defined(),
    used: readable(used, unit),
    usedUnit: string().oneOf(USED_UNITS).required(),
    rotation: string().oneOf(ROTATIONS).required(),
    due: readable(orNull(dayFrom(new Date(0))), unit),
    before: array(
      object(
        Object.fromEntries(BEFORE.map(({ name, as }) => [name, readable(as, unit)])) as Record<
          (typeof BEFORE)[number]['name'],
          Readable
        >,
      ),
    )
      .required()
      .max(MOST_FIGURES, say('records.mostReadings', { most: MOST_FIGURES })),
  });
export type TagForm = InferType<ReturnType<typeof schemaIn>>;

const SCHEMAS = { mm: schemaIn('mm'), thou: schemaIn('thou') } as const;

/** Returns what a tag's form has to hold, in a shop that reads one system or the other. */
export const tagSchema = (unit: ShopUnit) => SCHEMAS[unit];

/** A line for one more figure. */
export const NO_FIGURE: TagForm['before'][number] = {
  rpm: '',
  ratio: '1',
  flow: '',
  pressure: '',
  oil: '',
};

type TagOfJob = Pick<Job, keyof TagForm>;

export const toTagForm = (job: TagOfJob, shop: ShopUnit): TagForm =>
  ({
    ...formOf(fieldsOn(new Date(0)), job, shop),
    before: job.before.map((figure) => formOf(BEFORE, figure, shop)),
  }) as TagForm;

/** Returns the names of the fields that cannot be read. */
export function unreadableIn(form: TagForm, shop: ShopUnit): ReadonlySet<string> {
  const faults = faultsOf(tagSchema(shop), form);
  return new Set(faults.map(({ path }) => path.split(/[.[]/)[0] ?? ''));
}

/** Returns some fields of a record. */
export const pick = <R extends object, K extends keyof R>(
  record: R,
  names: readonly K[],
): Partial<R> =>
  Object.fromEntries(names.map((name) => [name, record[name]])) as unknown as Partial<R>;

/** What a valid form comes to, as the job keeps it. */
export function fromTagForm(form: TagForm, today: Date, shop: ShopUnit): TagOfJob {
  const refuse = (field: string, message: string): never => {
    throw new InputError(field, 'unreadable', message);
  };
  const read = (fields: readonly RecordField[], row: Row) =>
    recordOf(fields, row, null, shop, refuse);
  return {
    ...read(fieldsOn(today), form),
    before: form.before.map((figure) => read(BEFORE, figure)),
  } as TagOfJob;
}
