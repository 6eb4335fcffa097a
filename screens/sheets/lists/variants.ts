import type { PumpModel } from '@/core/pumps/family';
import { kindId, type KindId } from '@/core/pumps/ids';
import { unitName } from '@/core/quantity/format';
import { length, list, numeral, orNull, range, words, yesNo } from '@/core/schema/written';
import { saySheets } from '../saySheets';
import { newId } from '@/data/create';
import type { Lists, Of, Offered } from './list';

/** What is said of a range that cannot be. */
export const RANGE_FAULTS = {
  order: 'The end is before the start. Swap them.',
  ends: 'Write the range as 2009–2014, 2015– or –2014.',
} as const;

/** How the variants are told apart, what they are, and which of their parts go together, as text. */
export interface VariantForms {
  key: { id: string; kind: 'feature' | 'size'; ask: string; options: string; u: string }[];
  variants: {
    id: string;
    name: string;
    years: string;
    serials: string;
    note: string;
    /** By check: its option, or `19.9–20.05`. */
    marks: Record<string, string>;
  }[];
  mixes: (Omit<Of<'mixes'>, 'fits'> & { fits: 'yes' | 'no' })[];
}

const coverOf = ({ kinds }: PumpModel): KindId =>
  (kinds.find(({ replacedAs }) => replacedAs === 'cover') ?? kinds.at(-1))?.id ?? kindId('');

/** Returns the lists of what a sheet says of its variants. */
export const variantLists = ({ pump, unit, kinds, variants }: Offered): Lists<VariantForms> => ({
  key: {
    title: 'Checks that separate the variants',
    about: 'Year and serial number are asked anyway. The app picks the check that rules out most.',
    blank: () => ({ id: newId(), kind: 'feature', ask: '', options: '', u: '' }),
    kept: ['id'],
    fields: [
      {
        name: 'ask',
        label: 'What is looked at or measured',
        as: words,
        need: 'Enter what is looked at or measured.',
      },
      {
        name: 'kind',
        label: (number) => saySheets('sheets.kindOfCheck', { number }),
        look: 'choice',
        options: [
          { value: 'feature', name: 'A feature' },
          { value: 'size', name: 'A size' },
        ],
      },
      {
        name: 'u',
        key: 'u_mm',
        label: saySheets('sheets.usualU', { unit: unitName('gap', unit) }),
        as: orNull(length('gap')),
        when: ({ kind }) => kind === 'size',
        inputMode: 'decimal',
      },
      {
        name: 'options',
        label: 'Answers, separated by ;',
        as: list(2, 'Enter at least two answers, separated by ;'),
        when: ({ kind }) => kind !== 'size',
        none: [],
        placeholder: 'two lugs; four flats',
      },
    ],
  },
  variants: {
    title: 'Variants',
    about: 'Leave unknown fields empty. An empty field rules nothing out.',
    blank: () => ({ id: newId(), name: '', years: '', serials: '', note: '', marks: {} }),
    kept: ['id', 'note'],
    fields: [
      { name: 'name', label: 'Variant', as: words, need: 'Enter a name for the variant.' },
      {
        name: 'years',
        key: ['fromYear', 'toYear'],
        label: 'Years',
        as: range(numeral, RANGE_FAULTS),
        placeholder: '2009–2014',
        width: 150,
      },
      {
        name: 'serials',
        key: ['fromSerial', 'toSerial'],
        label: 'Serial numbers',
        as: range(numeral, RANGE_FAULTS),
        placeholder: '42000–',
        width: 150,
      },
    ],
  },
  mixes: {
    title: 'Parts of two variants together',
    about:
      'A part from one variant with a part from another. Enter the reverse as its own pairing.',
    blank: () => ({
      part: coverOf(pump),
      of: variants[0]?.value ?? '',
      against: kindId(kinds[0]?.value ?? ''),
      in: variants[1]?.value ?? '',
      fits: 'yes',
      note: '',
    }),
    fields: [
      { name: 'part', label: 'Part', options: kinds },
      { name: 'of', label: 'of variant', options: variants },
      { name: 'against', label: 'against part', options: kinds },
      { name: 'in', label: 'of variant (the other)', options: variants },
      {
        name: 'fits',
        label: (number) => saySheets('sheets.pairing', { number }),
        as: yesNo,
        look: 'choice',
        options: [
          { value: 'yes', name: 'Fits' },
          { value: 'no', name: 'Does not fit' },
        ],
      },
      { name: 'note', label: 'On what condition, or why' },
    ],
  },
});
