import type { TestSaid } from '@/core/commands/testing';
import type { Tested } from '@/core/journal/tested';
import type { PlanStep } from '@/core/prove/plan';
import type { ShopUnit } from '@/core/quantity/units';
import { tested } from '@/core/records/entries/tested';
import { POINT_FIELDS, STATE_FIELDS, type PointTexts } from '@/core/records/pointFields';
import { testPoint, type TestPoint } from '@/core/records/testing';
import { faultsOf } from '@/core/schema/faults';
import { formOf, recordOf, type RecordField, type Row } from '@/core/schema/rows';
import { orNull, words, type Written } from '@/core/schema/written';
import { flowAmount, pressureAmount } from '@/core/schema/writtenFlow';
import { newId } from '@/data/create';

/** What is typed of a step as it was run. */
export type TestForm = Record<'flow' | 'pressure' | 'oil' | 'rpm' | 'ratio' | 'remark', string>;

const TESTED: readonly RecordField[] = [
  ...STATE_FIELDS,
  { name: 'flow', key: 'flow_lpm', as: flowAmount as Written<unknown>, need: 'Enter the flow.' },
  { name: 'pressure', key: 'pressure_bar', as: orNull(pressureAmount) as Written<unknown> },
  { name: 'remark', as: words as Written<unknown> },
];

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

/** Writes a step as the form that takes what it gave, as it was to be; what was typed of it before as that was. */
export function toTestForm(step: PlanStep, test: Tested | null, unit: ShopUnit): TestForm {
  const typed = test?.from === 'typed' ? test : null;
  const record = typed ?? { ...step, flow_lpm: null, remark: '' };
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
export function readPoint(form: PointTexts, unit: ShopUnit): Read<TestPoint> {
  const id = newId();
  const typed = readForm<Omit<TestPoint, 'id'>>(POINT_FIELDS, form, unit, (record) =>
    faultsOf(testPoint, { ...record, id }),
  );
  return 'wrong' in typed ? typed : { value: { ...typed.value, id } };
}
