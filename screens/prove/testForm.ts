import type { TestSaid } from '@/core/commands/testing';
import type { PlanStep } from '@/core/prove/plan';
import type { ShopUnit } from '@/core/quantity/units';
import { tested } from '@/core/records/entries/tested';
import { testPoint, type TestPoint } from '@/core/records/testing';
import { faultsOf } from '@/core/schema/faults';
import { formOf, recordOf, type RecordField, type Row } from '@/core/schema/rows';
import {
  count,
  decimal,
  list,
  orNull,
  temperature,
  words,
  type Written,
} from '@/core/schema/written';
import { flowAmount, pressureAmount } from '@/core/schema/writtenFlow';
import { newId } from '@/data/create';
import { say } from '@/core/wording/say';

/** What is typed of a step as it was run. */
export type TestForm = Record<'flow' | 'pressure' | 'oil' | 'rpm' | 'ratio' | 'remark', string>;

/** What is typed of a step that is to be run. */
export type PointForm = Record<
  | 'name'
  | 'rpm'
  | 'ratio'
  | 'pressure'
  | 'oil'
  | 'minutes'
  | 'sections'
  | 'least'
  | 'mostLoss'
  | 'source',
  string
>;

const any = (kind: Written<never> | Written<number>): Written<unknown> => kind as Written<unknown>;
const oil = temperature(-40, 150, (ends) => say('tag.temperatureRange', ends));

const SPEED: readonly RecordField[] = [
  { name: 'rpm', key: 'drive_rpm', as: any(decimal(1)), need: 'Enter the speed.' },
  { name: 'ratio', as: any(decimal(4)) },
  { name: 'oil', key: 'oil_C', as: orNull(oil) as Written<unknown> },
];

const TESTED: readonly RecordField[] = [
  ...SPEED,
  { name: 'flow', key: 'flow_lpm', as: any(flowAmount), need: 'Enter the flow.' },
  { name: 'pressure', key: 'pressure_bar', as: orNull(pressureAmount) as Written<unknown> },
  { name: 'remark', as: words as Written<unknown> },
];

/** Sections by their numbers, with a comma between. */
const sections: Written<number[]> = {
  write: (numbers) => numbers.join(', '),
  read: (text, unit) =>
    list()
      .read(text.replaceAll(',', ';'), unit)
      .map((one) => count(1, 8, 'Write the numbers of the sections: 1, 2.').read(one, unit)),
};

const POINT: readonly RecordField[] = [
  ...SPEED,
  { name: 'name', as: words as Written<unknown> },
  {
    name: 'pressure',
    key: 'pressure_bar',
    as: any(pressureAmount),
    need: 'Enter the pressure.',
  },
  { name: 'minutes', as: orNull(decimal(1)) as Written<unknown> },
  { name: 'sections', as: sections as Written<unknown> },
  { name: 'least', key: 'least_lpm', as: orNull(flowAmount) as Written<unknown> },
  { name: 'mostLoss', key: 'mostLoss_lpm', as: orNull(flowAmount) as Written<unknown> },
  { name: 'source', as: words as Written<unknown> },
];

/** A step that nobody has described yet. */
export const NO_POINT: PointForm = {
  name: '',
  rpm: '',
  ratio: '1',
  pressure: '',
  oil: '',
  minutes: '2',
  sections: '',
  least: '',
  mostLoss: '',
  source: '',
};

/** What a form comes to, or what is wrong with it, by field. */
type Read<T> = { readonly value: T } | { readonly wrong: Readonly<Record<string, string>> };

/** Reads a form by its fields, and holds what comes of it to a schema. */
function readForm<T>(
  fields: readonly RecordField[],
  form: Record<string, string>,
  unit: ShopUnit,
  faults: (record: Row) => readonly { readonly path: string; readonly message: string }[],
): Read<T> {
  const wrong: Record<string, string> = {};
  const record = recordOf(fields, form as unknown as Row, null, unit, (field, message) => {
    wrong[field] = message;
    return null as never;
  });
  for (const { path, message } of Object.keys(wrong).length > 0 ? [] : faults(record)) {
    const at = fields.find(({ name, key }) => path.split(/[.[]/)[0] === (key ?? name));
    wrong[at?.name ?? 'rpm'] ??= message;
  }
  return Object.keys(wrong).length > 0 ? { wrong } : { value: record as T };
}

/** Writes a step as the form that takes what it gave, with what was typed of it before. */
export function toTestForm(
  step: PlanStep,
  before: { readonly flow_lpm: number; readonly remark: string } | null,
  unit: ShopUnit,
): TestForm {
  const record = { ...step, flow_lpm: before?.flow_lpm ?? null, remark: before?.remark ?? '' };
  const optional = TESTED.map((field) =>
    field.name === 'flow' ? { ...field, as: orNull(flowAmount) as Written<unknown> } : field,
  );
  return formOf(optional, record as unknown as Row, unit) as TestForm;
}

const STAMP = { kind: 'test', id: 'test', at: '2026-01-01T00:00:00.000Z', by: '' };

/** Reads what was typed of a step as a test. */
export function readTest(form: TestForm, step: PlanStep, unit: ShopUnit): Read<TestSaid> {
  const rest = {
    point: step.id,
    sections: step.sections,
    half95_lpm: null,
    from: 'typed',
    run: '',
    from_s: null,
    to_s: null,
  };
  const typed = readForm<Partial<TestSaid>>(TESTED, form, unit, (record) =>
    faultsOf(tested.schema, { ...STAMP, ...rest, ...record }),
  );
  return 'wrong' in typed ? typed : { value: { ...rest, ...typed.value } as TestSaid };
}

/** Reads what was typed of a step that is to be run. */
export function readPoint(form: PointForm, unit: ShopUnit): Read<TestPoint> {
  const id = newId();
  const typed = readForm<Omit<TestPoint, 'id'>>(POINT, form, unit, (record) =>
    faultsOf(testPoint, { ...record, id }),
  );
  return 'wrong' in typed ? typed : { value: { ...typed.value, id } };
}
