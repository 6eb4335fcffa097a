import { array, object, string, type InferType, type Schema } from 'yup';
import { InputError, tried } from '@/core/errors';
import { formatFlow, formatPressure, parseFlow_lpm, parsePressure_bar } from '@/core/quantity/flow';
import { trimmed } from '@/core/quantity/format';
import { parseNumber } from '@/core/quantity/parse';
import { formatTemperature } from '@/core/quantity/temperature';
import type { ShopUnit } from '@/core/quantity/units';
import type { Job } from '@/core/records/job';
import { dayOf } from '@/core/schema/dates';
import { faultsOf } from '@/core/schema/faults';
import { line, note } from '@/core/schema/fields';
import { orNull, temperature } from '@/core/schema/written';
import {
  figureFields,
  MOST_FIGURES,
  ROTATIONS,
  tagFields,
  USED_UNITS,
  type BeforeFigure,
} from '@/core/records/tag';
import { say } from '@/core/wording/say';

/** A test that a text can be read; what it says is what the reader throws. */
const readable = (read: (text: string) => unknown) => ({
  name: 'readable',
  test: (text: string | undefined, context: { createError: (e: { message: string }) => Error }) => {
    const result = tried(() => read(text ?? ''));
    return result.ok || (context.createError({ message: result.message }) as never);
  },
});

/** A plain number over zero, or nothing. */
function figure(text: string): number | null {
  const value = parseNumber(text);
  if (value === null || (Number.isFinite(value) && value >= 0)) return value;
  throw new InputError('text', 'not-a-number', say('tag.notANumber', { text: text.trim() }));
}

/** The same, where there has to be one over zero. */
function speed(text: string): number {
  const value = figure(text);
  if (value) return value;
  throw new InputError('text', 'not-over-zero', 'Enter a number above 0.');
}

const oil = orNull(temperature(-40, 150, (ends) => say('tag.temperatureRange', ends)));

const text = () => string().defined();

/** A reader that also holds what was read to the bounds of the record's own field. */
const within =
  <T>(read: (text: string) => T, field: Schema) =>
  (written: string): T => {
    const value = read(written);
    const [fault] = faultsOf(field, value);
    if (!fault) return value;
    throw new InputError('text', 'out-of-range', `${written.trim()}: ${fault.message}`);
  };

const { drive_rpm, ratio, flow_lpm, pressure_bar } = figureFields;

/** Reads flow, pressure and temperature of a figure, bare ones in the shop's unit. */
const readersIn = (unit: ShopUnit) => ({
  flow: (written: string) => parseFlow_lpm(written, unit),
  pressure: (written: string) => parsePressure_bar(written, unit),
  oil: (written: string) => oil.read(written, unit),
});

const beforeFields = (unit: ShopUnit) => {
  const read = readersIn(unit);
  return object({
    rpm: text().test(readable(within(speed, drive_rpm))),
    ratio: text().test(readable(within(speed, ratio))),
    flow: text().test(readable(within(read.flow, flow_lpm))),
    pressure: text().test(readable(within(read.pressure, pressure_bar))),
    oil: text().test(readable(read.oil)),
  });
};

/** The tag as text, as people write it; bare flows, pressures and temperatures in the shop's unit. */
const schemaIn = (unit: ShopUnit) =>
  object({
    tag: line().trim().required('Enter a tag number. It goes on the pump.'),
    owner: line().defined(),
    contact: line().defined(),
    unit: line().defined(),
    serial: line().defined(),
    complaint: note().defined(),
    by: line().defined(),
    used: text().test(readable(within(figure, tagFields.used))),
    usedUnit: string().oneOf(USED_UNITS).required(),
    fluid: line().defined(),
    rotation: string().oneOf(ROTATIONS).required(),
    ports: line().defined(),
    due: text().test(
      'day',
      'Write the date as 2026-12-01 or 1.12.2026, or +7 for a week from today.',
      (written) => dayOf(written ?? '', new Date(0)) !== undefined,
    ),
    before: array(beforeFields(unit))
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

const shown = (value: number | null, decimals = 1): string =>
  value === null ? '' : trimmed(value, decimals);

export function toTagForm(job: TagOfJob, shop: ShopUnit): TagForm {
  const { tag, owner, contact, unit, serial, complaint, by, usedUnit, fluid, rotation, ports } =
    job;
  return {
    tag,
    owner,
    contact,
    unit,
    serial,
    complaint,
    by,
    usedUnit,
    fluid,
    rotation,
    ports,
    used: shown(job.used),
    due: job.due ?? '',
    before: job.before.map((b) => ({
      rpm: shown(b.drive_rpm),
      ratio: shown(b.ratio, 4),
      flow: b.flow_lpm === null ? '' : formatFlow(b.flow_lpm, shop),
      pressure: b.pressure_bar === null ? '' : formatPressure(b.pressure_bar, shop),
      oil: b.oil_C === null ? '' : formatTemperature(b.oil_C, shop),
    })),
  };
}

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
  const read = readersIn(shop);
  const { used, due, before, ...words } = form;
  return {
    ...words,
    tag: words.tag.trim(),
    used: figure(used),
    due: dayOf(due, today) ?? null,
    before: before.map((b): BeforeFigure => ({
      drive_rpm: speed(b.rpm),
      ratio: speed(b.ratio),
      flow_lpm: read.flow(b.flow),
      pressure_bar: read.pressure(b.pressure),
      oil_C: read.oil(b.oil),
    })),
  };
}
