import { ValidationError } from 'yup';
import { InputError } from '@/core/errors';
import { GAUGE_KINDS, type GaugeKind } from '@/core/pumps/family';
import { formatLength } from '@/core/quantity/format';
import { parseReading } from '@/core/quantity/parse';
import { bareUnit, type LengthKind, type ShopUnit } from '@/core/quantity/units';
import {
  feelerSet,
  instrument as instrumentSchema,
  type FeelerSetRecord,
  type Instrument,
} from '@/core/records/instrument';

/** The kinds of instrument as people call them. */
export const KIND_NAME: Readonly<Record<GaugeKind, string>> = {
  'outside-mic': 'Outside mic',
  'depth-mic': 'Depth mic',
  'bore-gauge': 'Bore gauge',
  indicator: 'Indicator',
  caliper: 'Caliper',
  'height-gauge': 'Height gauge',
};
export const KINDS = GAUGE_KINDS.map((value) => ({ value, name: KIND_NAME[value] }));

/** An instrument as a form: every figure as text. */
export interface InstrumentForm {
  name: string;
  kind: GaugeKind;
  from: string;
  to: string;
  resolution: string;
  u: string;
  zeroDays: string;
}

type Errors = Partial<Record<string, string>>;

/** A record, or what is wrong with its form field by field. */
export type Read<T> = { ok: true; record: T } | { ok: false; errors: Errors };

const LENGTHS = [
  ['from', 'from_mm', 'size'],
  ['to', 'to_mm', 'size'],
  ['resolution', 'resolution_mm', 'gap'],
  ['u', 'u_mm', 'gap'],
] as const;

export function instrumentToForm(i: Instrument, unit: ShopUnit): InstrumentForm {
  const text = (mm: number, kind: LengthKind) => (mm === 0 ? '0' : formatLength(mm, kind, unit));
  return {
    name: i.name,
    kind: i.kind,
    from: text(i.from_mm, 'size'),
    to: text(i.to_mm, 'size'),
    resolution: text(i.resolution_mm, 'gap'),
    u: text(i.u_mm, 'gap'),
    zeroDays: String(i.zeroDays),
  };
}

/** The instrument that a form describes; figures whose text was not touched keep what they were. */
export function instrumentFromForm(
  form: InstrumentForm,
  before: Instrument,
  unit: ShopUnit,
): Read<Instrument> {
  const errors: Errors = {};
  const shown = instrumentToForm(before, unit);
  const record: Record<string, unknown> = {
    ...before,
    name: form.name.trim(),
    kind: form.kind,
    zeroDays: Number(form.zeroDays.trim() || NaN),
  };
  for (const [field, key, kind] of LENGTHS) {
    if (form[field] === shown[field]) continue;
    try {
      record[key] = parseReading(form[field], kind, bareUnit(kind, unit)).mm;
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      errors[field] = error.message;
    }
  }
  // The instrument’s own part of its uncertainty keeps its share.
  if (before.u_mm > 0) record.own_mm = (before.own_mm / before.u_mm) * Number(record.u_mm);
  if (!Number.isInteger(record.zeroDays)) {
    errors.zeroDays = 'Whole days: 0 where it needs no zero, 1 for every day.';
  }
  if (Object.keys(errors).length > 0) return { ok: false, errors };
  return validated(instrumentSchema, record, (path) => path.replace('_mm', ''));
}

export interface FeelerForm {
  name: string;
  leaves: string;
}

export const leavesText = (set: FeelerSetRecord, unit: ShopUnit): string =>
  set.leaves_mm.map((l) => formatLength(l, 'gap', unit)).join('  ');

/** The leaf set that a form describes: thinnest first, each leaf once. */
export function feelerFromForm(
  form: FeelerForm,
  before: FeelerSetRecord,
  unit: ShopUnit,
): Read<FeelerSetRecord> {
  let leaves_mm: number[] = before.leaves_mm;
  if (form.leaves !== leavesText(before, unit)) {
    try {
      const parts = form.leaves.split(/[;\s]+/).filter(Boolean);
      const read = parts.map((part) => parseReading(part, 'gap', unit).mm);
      leaves_mm = [...new Set(read)].sort((a, b) => a - b);
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      return { ok: false, errors: { leaves: error.message } };
    }
  }
  const mics = before.mics.filter((m) => leaves_mm.includes(m.leaf_mm));
  const record = { ...before, name: form.name.trim(), leaves_mm, mics };
  return validated(feelerSet, record, (path) => (path.startsWith('leaves_mm') ? 'leaves' : path));
}

function validated<T>(
  schema: { validateSync(value: unknown, options: object): T },
  record: unknown,
  fieldOf: (path: string) => string,
): Read<T> {
  try {
    return { ok: true, record: schema.validateSync(record, { strict: true, abortEarly: false }) };
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const list = error.inner.length > 0 ? error.inner : [error];
    const errors = Object.fromEntries(list.map((e) => [fieldOf(e.path ?? 'name'), e.message]));
    return { ok: false, errors };
  }
}

/** What a new line of the list begins with. */
export function newInstrument(id: string): Instrument {
  return {
    id,
    kind: 'outside-mic',
    name: '',
    from_mm: 0,
    to_mm: 25,
    resolution_mm: 0.001,
    u_mm: 0.002,
    own_mm: 0.001,
    zeroDays: 1,
  };
}

/** Days as the list says them. */
export const zeroEvery = ({ zeroDays }: Instrument): string =>
  zeroDays === 0 ? 'needs no zero' : zeroDays === 1 ? 'zero daily' : `zero every ${zeroDays} days`;
