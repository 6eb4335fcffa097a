import { dequal } from 'dequal';
import { circuitsOf } from '@/core/flow/demand';
import type { ShopUnit } from '@/core/quantity/units';
import {
  AS_THE_SHEET,
  jobFlow,
  sheetFlow,
  type SheetFlow,
  type Circuit,
  type FlowState,
  type JobFlow,
  type NamedFluid,
} from '@/core/records/flow';
import type { Job } from '@/core/records/job';
import { faultsOf } from '@/core/schema/faults';
import { formOf, recordOf, type RecordField, type Row } from '@/core/schema/rows';
import { decimal, orNull, temperature, words, type Written } from '@/core/schema/written';
import { flowAmount, pressureAmount } from '@/core/schema/writtenFlow';
import { say } from '@/core/wording/say';

/** What is typed of a state: speed, pressure, temperature. */
type StateForm<D extends string> = Record<`${D}_rpm` | `${D}_pressure` | `${D}_temp`, string>;

/** What is typed of one circuit. */
export type CircuitForm = Record<'name' | 'idle' | 'idleBar' | 'work' | 'workBar', string>;

/** What is typed of a job's flow. */
export interface FlowForm extends StateForm<'idle'>, StateForm<'work'> {
  /** Names a fluid that is known; `own` for one that is typed, `sheet` for what the sheet says. */
  oil: string;
  oil_name: string;
  oil_kv40: string;
  oil_kv100: string;
  oil_density: string;
  /** Whether an oil that is typed is kept among the shop’s own. */
  oil_kept: 'job' | 'shop';
  circuits: CircuitForm[];
  /** The displacement as it is published, in cm³. */
  cc: string;
  blocks: 'unknown' | 'yes' | 'no';
  /** Whether it holds for this job alone, or for its sheet. */
  holds: 'job' | 'sheet';
}

/** What the fields of a pump itself are called: they are the sheet’s, whatever the job says. */
const PUMP: readonly RecordField[] = [
  { name: 'cc', key: 'cc_rev', as: orNull(decimal(2)) as Written<unknown> },
];

const BLOCKS = { unknown: null, yes: true, no: false } as const;

export const AS_SHEET = 'sheet';
export const OWN_OIL = 'own';

const hot = temperature(-30, 150, (ends) => say('tag.temperatureRange', ends));

/** The fields of a state under a name, each null where nothing is typed. */
const stateFields = (duty: 'idle' | 'work'): RecordField[] => [
  { name: `${duty}_rpm`, key: 'rpm', as: orNull(decimal(0)) as Written<unknown> },
  { name: `${duty}_pressure`, key: 'pressure_bar', as: orNull(pressureAmount) as Written<unknown> },
  { name: `${duty}_temp`, key: 'temp_C', as: orNull(hot) as Written<unknown> },
];

const OIL: readonly RecordField[] = [
  { name: 'oil_name', key: 'name', as: words as Written<unknown> },
  { name: 'oil_kv40', key: 'kv40_mm2s', as: orNull(decimal(2)) as Written<unknown> },
  { name: 'oil_kv100', key: 'kv100_mm2s', as: orNull(decimal(2)) as Written<unknown> },
  { name: 'oil_density', key: 'density15_kgm3', as: orNull(decimal(0)) as Written<unknown> },
];

const CIRCUIT: readonly RecordField[] = [
  { name: 'name', as: words as Written<unknown> },
  { name: 'idle', key: 'idle_lpm', as: orNull(flowAmount) as Written<unknown> },
  { name: 'idleBar', key: 'idle_bar', as: orNull(pressureAmount) as Written<unknown> },
  { name: 'work', key: 'work_lpm', as: orNull(flowAmount) as Written<unknown> },
  { name: 'workBar', key: 'work_bar', as: orNull(pressureAmount) as Written<unknown> },
];

export const NO_CIRCUIT: CircuitForm = { name: '', idle: '', idleBar: '', work: '', workBar: '' };

const NO_STATE = { rpm: null, pressure_bar: null, temp_C: null };
const NO_OIL = { name: '', kv40_mm2s: null, kv100_mm2s: null, density15_kgm3: null };

const row = (value: object): Row => value as Row;

/** Returns the shop’s fluids with one more; one of the same name gives way to it. */
export const withFluid = (own: readonly NamedFluid[], fluid: NamedFluid): NamedFluid[] => [
  ...own.filter(({ name }) => name !== fluid.name),
  fluid,
];

const same = (a: NamedFluid, b: NamedFluid): boolean =>
  a.name === b.name &&
  a.kv40_mm2s === b.kv40_mm2s &&
  a.kv100_mm2s === b.kv100_mm2s &&
  a.density15_kgm3 === b.density15_kgm3;

/**
 * Writes what holds of a job's flow as a form.
 *
 * @param job and its sheet
 * @param known the fluids to choose from
 */
export function toFlowForm(
  { flow: own, sheet }: Pick<Job, 'flow' | 'sheet'>,
  known: readonly NamedFluid[],
  unit: ShopUnit,
): FlowForm {
  const { fluid, idle, work } = own;
  const chosen = fluid && known.find((one) => same(one, fluid));
  const oil = fluid === null ? AS_SHEET : (chosen?.name ?? OWN_OIL);
  const { loadedBlocks } = sheet.flow;
  return {
    oil,
    ...formOf(OIL, row(fluid ?? NO_OIL), unit),
    ...formOf(stateFields('idle'), row(idle ?? NO_STATE), unit),
    ...formOf(stateFields('work'), row(work ?? NO_STATE), unit),
    ...formOf(PUMP, row(sheet.flow), unit),
    blocks: loadedBlocks === null ? 'unknown' : loadedBlocks ? 'yes' : 'no',
    circuits: circuitsOf({ flow: own, sheet }).map(
      (c) => formOf(CIRCUIT, row(c), unit) as unknown as CircuitForm,
    ),
    oil_kept: 'job',
    holds: 'job',
  } as unknown as FlowForm;
}

/** What a form comes to: what the job and its sheet say of flow, or what is wrong, by field. */
export type ReadFlow =
  | { readonly ok: true; readonly job: JobFlow; readonly sheet: SheetFlow }
  | { readonly ok: false; readonly errors: Readonly<Record<string, string>> };

const isEmpty = (state: Row): boolean => Object.values(state).every((value) => value === null);

/** Finds the field of the form at which a fault of the record is said. */
function fieldOf(path: string): string {
  const [part = '', key = '', item = ''] = path.split(/[.[\]]+/);
  if (part === 'demand') {
    const field = CIRCUIT.find((f) => (f.key ?? f.name) === item);
    return ['circuits', key, field?.name ?? 'name'].join('.');
  }
  const isState = part === 'idle' || part === 'work';
  if (part === 'cc_rev') return 'cc';
  const fields = part === 'fluid' ? OIL : isState ? stateFields(part) : [];
  return fields.find((f) => f.key === key)?.name ?? 'oil';
}

/**
 * Returns what a form comes to: for the job alone, or for its sheet, on which the job then says nothing of its own.
 *
 * @param before what the sheet says
 * @param known the fluids to choose from
 */
export function fromFlowForm(
  form: FlowForm,
  before: SheetFlow,
  known: readonly NamedFluid[],
  unit: ShopUnit,
): ReadFlow {
  const errors: Record<string, string> = {};
  const wrong = (at: string) => (name: string, message: string) => {
    errors[`${at}${name}`] ??= message;
  };
  const read = (fields: readonly RecordField[], of: object, at = '') =>
    recordOf(fields, row(of), null, unit, wrong(at));
  const state = (duty: 'idle' | 'work'): FlowState | null => {
    const typed = read(stateFields(duty), form);
    return isEmpty(typed) ? null : (typed as unknown as FlowState);
  };
  const fluid =
    form.oil === AS_SHEET
      ? null
      : form.oil === OWN_OIL
        ? (read(OIL, form) as unknown as NamedFluid)
        : (known.find(({ name }) => name === form.oil) ?? null);
  const demand = form.circuits
    .map((c, i) => read(CIRCUIT, c, ['circuits', i, ''].join('.')) as unknown as Circuit)
    .filter((c) => c.name !== '' || c.idle_lpm !== null || c.work_lpm !== null);
  const typed = { fluid, idle: state('idle'), work: state('work') };
  const pump = {
    ...before,
    ...(read(PUMP, form) as Pick<SheetFlow, 'cc_rev'>),
    loadedBlocks: BLOCKS[form.blocks],
  };
  const isOfSheet = form.holds === 'sheet';
  const job: JobFlow = isOfSheet
    ? AS_THE_SHEET
    : { ...typed, demand: dequal(demand, before.demand) ? null : demand };
  const sheet: SheetFlow = isOfSheet
    ? {
        ...pump,
        demand,
        fluid: typed.fluid ?? before.fluid,
        idle: typed.idle ?? before.idle,
        work: typed.work ?? before.work,
      }
    : pump;
  // What could not be read stands as nothing; of its field that is said already.
  const faults = [...faultsOf(sheetFlow, sheet), ...faultsOf(jobFlow, job)];
  for (const { path, message } of faults) errors[fieldOf(path)] ??= message;
  return Object.keys(errors).length > 0 ? { ok: false, errors } : { ok: true, job, sheet };
}
