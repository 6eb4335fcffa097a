import { InputError, tried } from '@/core/errors';
import { GAUGE_KINDS, type GaugeKind } from '@/core/pumps/family';
import { formatLength } from '@/core/quantity/format';
import { parseReading } from '@/core/quantity/parse';
import { type LengthKind, type ShopUnit } from '@/core/quantity/units';
import {
  feelerSet,
  instrument as instrumentSchema,
  type FeelerSetRecord,
  type Instrument,
} from '@/core/records/instrument';
import { GAUGE_NAME } from '@/core/wording/gauge';
import { sayShop } from './sayShop';
import { count, fine, length, words, type Written } from '@/core/schema/written';
import { validated, type Errors, type Read } from '../shell/formRecord';
import { recordForm, type RecordForm } from '../shell/recordForm';

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

const shownOff = (kind: LengthKind): Written<number> => ({
  ...length(kind),
  write: (mm, unit) => (mm === 0 ? '0' : length(kind).write(mm, unit)),
});

const ZERO_DAYS = 'Whole days: 0 where it needs no zero, 1 for every day.';

export const INSTRUMENT = recordForm<Instrument, InstrumentForm>({
  schema: instrumentSchema,
  fields: () => [
    { name: 'name', as: words },
    { name: 'kind' },
    { name: 'from', key: 'from_mm', as: shownOff('size') },
    { name: 'to', key: 'to_mm', as: shownOff('size') },
    { name: 'resolution', key: 'resolution_mm', as: shownOff('gap') },
    { name: 'u', key: 'u_mm', as: shownOff('gap') },
    { name: 'own', key: 'own_mm', as: shownOff('gap') },
    { name: 'zeroDays', as: count(0, Infinity, ZERO_DAYS) },
  ],
  // The instrument’s own part of its uncertainty keeps its share, unless that was said.
  settled: (record, form, { record: before, form: shown }) =>
    before.u_mm > 0 && form.own === shown.own
      ? { ...record, own_mm: (before.own_mm / before.u_mm) * record.u_mm }
      : record,
});

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

const micsText = (set: FeelerSetRecord, unit: ShopUnit): string =>
  set.mics.map((m) => `${fine.write(m.leaf_mm, unit)} = ${fine.write(m.mic_mm, unit)}`).join('\n');

const feelerToForm = (set: FeelerSetRecord, unit: ShopUnit): FeelerForm => ({
  name: set.name,
  leaves: leavesText(set, unit),
  mics: micsText(set, unit),
  tolerance: fine.write(set.tolerance_mm, unit),
  dragBand: fine.write(set.dragBand_mm, unit),
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
      throw new InputError('mics', 'unreadable', sayShop('shop.leafLine', { text: line.trim() }));
    }
    const mark_mm = lengthOf(marked, unit);
    const leaf_mm = leaves_mm.find((mm) => Math.abs(mm - mark_mm) < SAME_MM);
    if (leaf_mm === undefined) {
      throw new InputError(
        'mics',
        'unknown-leaf',
        sayShop('shop.noSuchLeaf', { leaf: marked.trim() }),
      );
    }
    return { leaf_mm, mic_mm: lengthOf(micd, unit) };
  });
}

/** The leaf set that a form describes: thinnest first, each leaf once; what was not touched stays as it was. */
function feelerFromForm(
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
  const band = (text: string) => (text.trim() === '0' ? 0 : lengthOf(text, unit));
  const leaves_mm = read('leaves', before.leaves_mm, (text) => leavesFrom(text, unit));
  const left = before.mics.filter((m) => leaves_mm.includes(m.leaf_mm));
  const record = {
    ...before,
    name: form.name.trim(),
    leaves_mm,
    mics: read('mics', left, (text) => micsFrom(text, leaves_mm, unit)),
    tolerance_mm: read('tolerance', before.tolerance_mm, band),
    dragBand_mm: read('dragBand', before.dragBand_mm, band),
  };
  if (Object.keys(errors).length > 0) return { ok: false, errors };
  const field = (path: string) => (/^(leaves|mics)/.exec(path)?.[0] ?? path).replace('_mm', '');
  return validated(feelerSet, record, field);
}

/** A leaf set as a form: its mic’d leaves hang on its leaves, so that it is read as a whole. */
export const FEELER: RecordForm<FeelerSetRecord, FeelerForm> = {
  toForm: (set, unit = 'mm') => feelerToForm(set, unit),
  fromForm: (form, before, unit = 'mm') => feelerFromForm(form, before, unit),
};

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
  zeroDays === 0 ? 'needs no zero' : sayShop('shop.zeroEvery', { days: zeroDays });
