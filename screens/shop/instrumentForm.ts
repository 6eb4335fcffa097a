import { InputError, tried } from '@/core/errors';
import { GAUGE_KINDS, type GaugeKind } from '@/core/pumps/family';
import { formatLength, trimmed } from '@/core/quantity/format';
import { parseReading } from '@/core/quantity/parse';
import { bareUnit, MM_PER, type LengthKind, type ShopUnit } from '@/core/quantity/units';
import {
  feelerSet,
  instrument as instrumentSchema,
  type FeelerSetRecord,
  type Instrument,
} from '@/core/records/instrument';
import { GAUGE_NAME } from '@/core/wording/gauge';
import { say } from '@/core/wording/say';
import { validated, type Errors, type Read } from '../shell/formRecord';

export const KINDS = GAUGE_KINDS.map((value) => ({ value, name: GAUGE_NAME[value] }));

/** An instrument as a form: every figure as text. */
export interface InstrumentForm {
  name: string;
  kind: GaugeKind;
  from: string;
  to: string;
  resolution: string;
  u: string;
  own: string;
  zeroDays: string;
}

const LENGTHS = [
  ['from', 'from_mm', 'size'],
  ['to', 'to_mm', 'size'],
  ['resolution', 'resolution_mm', 'gap'],
  ['u', 'u_mm', 'gap'],
  ['own', 'own_mm', 'gap'],
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
    own: text(i.own_mm, 'gap'),
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
    const read = tried(() => parseReading(form[field], kind, bareUnit(kind, unit)).mm);
    if (read.ok) record[key] = read.value;
    else errors[field] = read.message;
  }
  // The instrument’s own part of its uncertainty keeps its share, unless that was said.
  if (before.u_mm > 0 && form.own === shown.own)
    record.own_mm = (before.own_mm / before.u_mm) * Number(record.u_mm);
  if (!Number.isInteger(record.zeroDays)) {
    errors.zeroDays = 'Whole days: 0 where it needs no zero, 1 for every day.';
  }
  if (Object.keys(errors).length > 0) return { ok: false, errors };
  return validated(instrumentSchema, record, (path) => path.replace('_mm', ''));
}

export interface FeelerForm {
  name: string;
  leaves: string;
  /** Leaves that were mic'd, each as `marked = mic'd`. */
  mics: string;
  tolerance: string;
  dragBand: string;
}

export const leavesText = (set: FeelerSetRecord, unit: ShopUnit): string =>
  set.leaves_mm.map((l) => formatLength(l, 'gap', unit)).join('  ');

/** A thickness as a mic reads it: to a tenth of a micrometre, or a hundredth of a thou. */
const fine = (mm: number, unit: ShopUnit): string =>
  trimmed(mm / MM_PER[unit], unit === 'mm' ? 4 : 2);

const micsText = (set: FeelerSetRecord, unit: ShopUnit): string =>
  set.mics.map((m) => `${fine(m.leaf_mm, unit)} = ${fine(m.mic_mm, unit)}`).join('\n');

/** A leaf set as a form. */
export const feelerToForm = (set: FeelerSetRecord, unit: ShopUnit): FeelerForm => ({
  name: set.name,
  leaves: leavesText(set, unit),
  mics: micsText(set, unit),
  tolerance: fine(set.tolerance_mm, unit),
  dragBand: fine(set.dragBand_mm, unit),
});

const lengthOf = (text: string, unit: ShopUnit): number => parseReading(text, 'gap', unit).mm;

/**
 * Returns what stands between the figures of a list: blanks, semicolons, and commas, unless a comma
 * without a blank may be a decimal one: `1.5, 2, 3`, `1.5,2,3`, `0,05 0,06`.
 */
const between = (text: string): RegExp => (/\.\d/.test(text) ? /[;,\s]+/ : /[;\s]+|,\s+/);

function leavesFrom(text: string, unit: ShopUnit): number[] {
  const parts = text.split(between(text)).filter(Boolean);
  return [...new Set(parts.map((part) => lengthOf(part, unit)))].sort((a, b) => a - b);
}

/** How far a marking as it is written may be from the leaf that is meant, in mm. */
const SAME_MM = 0.0006;

/** Reads the leaves that were mic'd, one a line: what is marked, an equals sign, what the mic read. */
function micsFrom(text: string, leaves_mm: readonly number[], unit: ShopUnit) {
  const lines = text.split(/[;\n]+/).filter((line) => line.trim() !== '');
  return lines.map((line) => {
    const [marked = '', micd = '', ...more] = line.split('=');
    if (micd.trim() === '' || more.length > 0) {
      throw new InputError('mics', 'unreadable', say('shop.leafLine', { text: line.trim() }));
    }
    const mark_mm = lengthOf(marked, unit);
    const leaf_mm = leaves_mm.find((mm) => Math.abs(mm - mark_mm) < SAME_MM);
    if (leaf_mm === undefined) {
      throw new InputError('mics', 'unknown-leaf', say('shop.noSuchLeaf', { leaf: marked.trim() }));
    }
    return { leaf_mm, mic_mm: lengthOf(micd, unit) };
  });
}

/** The leaf set that a form describes: thinnest first, each leaf once; what was not touched stays as it was. */
export function feelerFromForm(
  form: FeelerForm,
  before: FeelerSetRecord,
  unit: ShopUnit,
): Read<FeelerSetRecord> {
  const shown = feelerToForm(before, unit);
  const errors: Errors = {};
  const read = <T>(field: keyof FeelerForm, kept: T, from: (text: string) => T): T => {
    if (form[field] === shown[field]) return kept;
    const result = tried(() => from(form[field]));
    if (result.ok) return result.value;
    errors[field] = result.message;
    return kept;
  };
  const length = (text: string) => (text.trim() === '0' ? 0 : lengthOf(text, unit));
  const leaves_mm = read('leaves', before.leaves_mm, (text) => leavesFrom(text, unit));
  const left = before.mics.filter((m) => leaves_mm.includes(m.leaf_mm));
  const record = {
    ...before,
    name: form.name.trim(),
    leaves_mm,
    mics: read('mics', left, (text) => micsFrom(text, leaves_mm, unit)),
    tolerance_mm: read('tolerance', before.tolerance_mm, length),
    dragBand_mm: read('dragBand', before.dragBand_mm, length),
  };
  if (Object.keys(errors).length > 0) return { ok: false, errors };
  const field = (path: string) => (/^(leaves|mics)/.exec(path)?.[0] ?? path).replace('_mm', '');
  return validated(feelerSet, record, field);
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
  zeroDays === 0 ? 'needs no zero' : say('shop.zeroEvery', { days: zeroDays });
