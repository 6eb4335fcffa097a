import { hasRole } from '@/core/pumps/kinds';
import { GAUGE_KINDS, type GaugeKind } from '@/core/pumps/family';
import { kindId, partId, surfaceId, type PartId } from '@/core/pumps/ids';
import type { OwnWay } from '@/core/pumps/own';
import { pumpOf, teardownOf } from '@/core/pumps/registry';
import {
  CLUTCH_SIDES,
  FREE_TURNS,
  MOST_WASHERS,
  RACES,
  TAB_SIDES,
  unsaidClutch,
  type Clutch,
} from '@/core/pumps/teardown/clutch';
import { DEFECTS } from '@/core/pumps/teardown/defects';
import { wayRoundOf, WAYS_ROUND } from '@/core/pumps/teardown/wayRound';
import { trimmed, unitName } from '@/core/quantity/format';
import type { ShopUnit } from '@/core/quantity/units';
import { TORQUE_UNITS, type Sheet } from '@/core/records/sheet';
import { CONSEQUENCES, MOST_SMALL, SMALL_KINDS, type SmallKind } from '@/core/records/teardown';
import type { RecordField } from '@/core/schema/rows';
import {
  count,
  difference,
  length,
  list,
  orNull,
  range,
  sum,
  words,
  yesNo,
  type Written,
} from '@/core/schema/written';
import { InputError } from '@/core/errors';
import { parseNumber } from '@/core/quantity/parse';
import { GAUGE_NAME } from '@/core/wording/gauge';
import { say } from '@/core/wording/say';
import { newId } from '@/data/create';
import { CONSEQUENCE_NAME } from '../look/consequences';

/** A sheet's own check as text: its places with a semicolon between, its sizes one by one. */
export interface OwnFields {
  id: string;
  name: string;
  part: PartId;
  way: OwnWay;
  places: string;
  first: string;
  firstTool: GaugeKind;
  second: string;
  secondTool: GaugeKind;
  convention: string;
  caution: string;
}

type Texts<T, K extends keyof T> = Omit<T, K> & Record<K, string>;
type Of<N extends keyof Sheet> = Sheet[N] extends readonly (infer T)[] ? T : never;

/** The lists of a sheet that people lengthen and shorten, each entry as text. */
export interface ListForms {
  own: OwnFields[];
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
  strip: Sheet['strip'];
  renew: Texts<Of<'renew'>, 'count'>[];
  also: Texts<Of<'also'>, 'options'>[];
  small: Texts<Of<'small'>, 'count'>[];
  clutches: Texts<Clutch, 'washers' | 'pins'>[];
  book: (Omit<Of<'book'>, 'upTo_mm'> & { upTo: string })[];
  sets: { id: string; name: string; over: string; price: string; days: string }[];
  fasteners: (Omit<Of<'fasteners'>, 'count' | 'torque' | 'torqueTo'> & {
    count: string;
    torque: string;
  })[];
}

export type ListName = keyof ListForms;

export interface Option {
  readonly value: string;
  readonly name: string;
}

/** How a field is asked for, and how it is written. */
export interface AskedField<F> extends Omit<RecordField, 'when'> {
  /** What it is called; of its entry by number where that tells fields apart. */
  readonly label: string | ((number: number, row: F) => string);
  readonly when?: (row: F) => boolean;
  /** What is chosen from; a text where it is left out. */
  readonly options?: readonly Option[] | ((row: F) => readonly Option[]);
  /** Few options stand side by side or one below the other; many open in a list. */
  readonly look?: 'choice' | 'stacked';
  /** It is no field of the record by itself: the list says what the record has of it. */
  readonly apart?: true;
  /** The field that a choice empties. */
  readonly clears?: string;
  readonly multiline?: boolean;
  readonly inputMode?: 'numeric' | 'decimal';
  readonly placeholder?: string;
  /** The fields of a line stand beside each other, each so wide at least in px. */
  readonly width?: number;
}

/** One list of a sheet: its entries' fields, in the order in which they are asked for. */
export interface SheetList<F, R> {
  readonly title: string;
  readonly about: string;
  /** Returns a new entry, with nothing in it. */
  readonly blank: () => F;
  readonly fields: readonly AskedField<F>[];
  /** Fields that nobody is asked for. */
  readonly kept?: readonly string[];
  /** Says what the form and the record have of fields that do not go one by one. */
  readonly apart?: {
    write(record: R, unit: ShopUnit): Partial<F>;
    read(row: F): Partial<R>;
  };
  /** Says at its field what is wrong between the fields of an entry. */
  readonly check?: (row: F, wrong: (name: string, message: string) => void) => void;
}

export type SheetLists = { readonly [N in ListName]: SheetList<ListForms[N][number], Of<N>> };

const asThey = (names: readonly string[]): Option[] =>
  names.map((value) => ({ value, name: value }));
const NOT_CHOSEN: Option = { value: '', name: 'not chosen' };
const named = (items: readonly { readonly id: string; readonly name: string }[]): Option[] =>
  items.map(({ id, name }) => ({ value: id, name }));

const WAYS = [
  { value: '', name: 'only that it is done' },
  ...WAYS_ROUND.map(({ id, name: mark, seen, clock, options }) => {
    const ways = clock ? 'by the clock' : options.map((o) => o.name).join(', ');
    return {
      value: id,
      name: seen
        ? say('sheets.waySeen', { mark, from: seen, ways })
        : say('sheets.way', { mark, ways }),
    };
  }),
];

const SMALL_NAME: Readonly<Record<SmallKind, string>> = {
  key: 'Keys',
  clip: 'Clips',
  pin: 'Pins',
  washer: 'Washers',
};

const TORQUE_NAME = { Nm: 'Nm', lbft: 'lb·ft', lbin: 'lb·in' } as const;

const TOOLS = GAUGE_KINDS.map((value) => ({ value, name: GAUGE_NAME[value] }));

/** How many sizes each way reads. */
export const SIZES_OF: Readonly<Record<OwnWay, number>> = {
  leaf: 0,
  swing: 0,
  size: 1,
  difference: 2,
};

const OWN_WAYS = [
  { value: 'size', name: 'One size' },
  { value: 'difference', name: 'Difference of two sizes' },
  { value: 'leaf', name: 'Leaf at places' },
  { value: 'swing', name: 'Total travel by dial' },
] as const;

const whole: Written<number> = {
  write: String,
  read: (text) => {
    const value = parseNumber(text.replace(/\s/g, ''));
    if (value !== null && Number.isFinite(value)) return value;
    throw new InputError('text', 'not-a-number', say('sheets.notANumber', { text: text.trim() }));
  },
};

/** What is said of a range that cannot be. */
export const RANGE_FAULTS = {
  order: 'The end is before the start. Swap them.',
  ends: 'Write the range as 2009–2014, 2015– or –2014.',
} as const;

const TORQUE_FAULT = 'Write the torque as one number, or as a range: 60–65.';

const torqueEnd: Written<number> = { ...whole, write: (torque) => trimmed(torque, 2) };
const torqueRange = range(torqueEnd, { order: TORQUE_FAULT, ends: TORQUE_FAULT }, 'first');

/** A torque, or the two ends of one as the book gives them. */
const torque: typeof torqueRange = {
  ...torqueRange,
  read: (text, unit) => {
    if (/^\s*[–—-]|[–—-]\s*$/.test(text)) throw new InputError('text', 'half', TORQUE_FAULT);
    return torqueRange.read(text, unit);
  },
};

const isWithin = (text: string): boolean => {
  const ends = text.split(/[–—-]/).map((end) => parseNumber(end));
  return ends.every((end) => end === null || !Number.isFinite(end) || (end > 0 && end <= 5000));
};

/** A new entry of the list of gear sets. */
export const newSet = (id: string): ListForms['sets'][number] => ({
  id,
  name: '',
  over: '',
  price: '',
  days: '',
});

const clutchCount = (most: number) => orNull(count(0, most, say('sheets.howMany', { most })));

/** Tells whether a pump has gears or rotors that are bought as a set. */
export const hasSets = (sheet: Sheet): boolean =>
  pumpOf(sheet).parts.some((part) => hasRole(part, 'set'));

/** Returns the lists of a sheet, with what can be chosen of its pump. */
export function sheetLists(
  sheet: Pick<Sheet, 'family' | 'geometry' | 'own' | 'mount'>,
  unit: ShopUnit,
  variants: readonly { readonly id: string; readonly name: string }[] = [],
): SheetLists {
  const pump = pumpOf(sheet);
  const kinds = named(pump.kinds);
  const firstKind = kindId(kinds[0]?.value ?? '');
  const surfaces = named(teardownOf(sheet).surfaces);
  const cover = pump.kinds.find(({ replacedAs }) => replacedAs === 'cover') ?? pump.kinds.at(-1);
  const names = variants.map((v) => ({ value: v.id, name: v.name || 'unnamed' }));
  return {
    key: {
      title: 'Checks that separate the variants',
      about:
        'Year and serial number are asked anyway. The app picks the check that rules out most.',
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
          label: (number) => say('sheets.kindOfCheck', { number }),
          look: 'choice',
          options: [
            { value: 'feature', name: 'A feature' },
            { value: 'size', name: 'A size' },
          ],
        },
        {
          name: 'u',
          key: 'u_mm',
          label: say('sheets.usualU', { unit: unitName('gap', unit) }),
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
          as: range(whole, RANGE_FAULTS),
          placeholder: '2009–2014',
          width: 150,
        },
        {
          name: 'serials',
          key: ['fromSerial', 'toSerial'],
          label: 'Serial numbers',
          as: range(whole, RANGE_FAULTS),
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
        part: cover?.id ?? kindId(''),
        of: names[0]?.value ?? '',
        against: firstKind,
        in: names[1]?.value ?? '',
        fits: 'yes',
        note: '',
      }),
      fields: [
        { name: 'part', label: 'Part', options: kinds },
        { name: 'of', label: 'of variant', options: names },
        { name: 'against', label: 'against part', options: kinds },
        { name: 'in', label: 'of variant (the other)', options: names },
        {
          name: 'fits',
          label: (number) => say('sheets.pairing', { number }),
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
    strip: {
      title: 'Strip',
      about: 'Enter steps in teardown order. The notes are shown in reverse for assembly.',
      blank: () => ({ id: newId(), part: firstKind, do: '', way: '', right: '', caution: '' }),
      kept: ['id'],
      fields: [
        {
          name: 'do',
          label: (number) => say('sheets.step', { number }),
          as: words,
          need: 'Enter what to do in this step.',
          multiline: true,
        },
        { name: 'part', label: 'Part', options: kinds },
        { name: 'way', label: 'To record before it comes out', options: WAYS, clears: 'right' },
        {
          name: 'right',
          label: 'Right on this pump',
          options: ({ way }) => [NOT_CHOSEN, ...named(wayRoundOf(way)?.options ?? [])],
          when: ({ way }) => wayRoundOf(way) !== undefined,
          none: '',
        },
        { name: 'caution', label: 'Caution' },
      ],
    },
    renew: {
      title: 'Always replaced',
      about: 'Added to every job’s order list.',
      blank: () => ({ id: newId(), name: '', count: '1', when: 'always' }),
      kept: ['id'],
      fields: [
        { name: 'name', label: 'Part', as: words, need: 'Enter a name for the part.' },
        { name: 'count', label: 'Qty', as: count(1, 99, 'Enter 1 to 99.'), inputMode: 'numeric' },
        {
          name: 'when',
          label: (number) => say('sheets.replaceWhen', { number }),
          look: 'choice',
          options: [
            { value: 'always', name: 'Always' },
            { value: 'house', name: 'By house rule' },
          ],
        },
      ],
    },
    also: {
      title: 'Other checks',
      about: 'Checks of the same visit that have no clearance.',
      blank: () => ({ id: newId(), name: '', ask: '', options: '', expected: '' }),
      kept: ['id'],
      fields: [
        { name: 'name', label: 'Check', as: words, need: 'Enter a name for the check.' },
        { name: 'ask', label: 'Question', as: words, need: 'Enter the question.' },
        {
          name: 'options',
          label: 'Answers, separated by ;',
          as: list(2, 'Enter at least two answers, separated by ;'),
        },
        { name: 'expected', label: 'Expected answer; empty if only recorded', as: words },
      ],
      check: ({ options, expected }, wrong) => {
        const answers: readonly string[] = list().read(options, unit);
        if (expected.trim() !== '' && !answers.includes(expected.trim())) {
          wrong('expected', 'The expected answer is not in the list. Add it or change it.');
        }
      },
    },
    small: {
      title: 'Small parts to count',
      about:
        'Keys, clips, pins and washers that ought to be there. Missing ones go on the order list.',
      blank: () => ({ id: newId(), part: firstKind, count: '1', kind: 'key' }),
      kept: ['id'],
      fields: [
        {
          name: 'kind',
          label: (number) => say('sheets.smallKind', { number }),
          look: 'choice',
          options: SMALL_KINDS.map((value) => ({ value, name: SMALL_NAME[value] })),
        },
        { name: 'part', label: (number) => say('sheets.smallPart', { number }), options: kinds },
        {
          name: 'count',
          label: 'How many',
          as: count(1, MOST_SMALL, 'Enter 1 to 99.'),
          inputMode: 'numeric',
        },
      ],
    },
    clutches: {
      title: 'One-way clutches',
      about:
        'What is right of each. Look asks what was found, and says where that is something else.',
      blank: () => ({ ...unsaidClutch(newId(), ''), washers: '', pins: '' }),
      kept: ['id'],
      fields: [
        { name: 'name', label: 'Clutch', as: words, need: 'A clutch needs a name.' },
        ...(
          [
            ['turned', 'Which race is turned', asThey(RACES)],
            ['seenFrom', 'Viewed from', asThey(CLUTCH_SIDES)],
            ['free', 'Turns freely', [NOT_CHOSEN, ...asThey(FREE_TURNS)]],
            ['tabs', 'Cage’s tabs on', [NOT_CHOSEN, ...asThey(TAB_SIDES)]],
          ] as const
        ).map(([name, field, options]) => ({
          name,
          options,
          label: (number: number) => say('sheets.clutchField', { field, number }),
        })),
        {
          name: 'washers',
          label: 'Washers with it; empty where it is not said',
          as: clutchCount(MOST_WASHERS),
          inputMode: 'numeric',
        },
        {
          name: 'pins',
          label: 'Loose rollers or pins; empty for a cage',
          as: clutchCount(99),
          inputMode: 'numeric',
        },
      ],
    },
    book: {
      title: 'Manual’s rules for defects',
      about: 'Overrides trade rules and house rules.',
      blank: () => ({
        surface: surfaceId(surfaces[0]?.value ?? ''),
        defect: 'scored',
        upTo: '',
        consequence: 'pass',
        source: '',
      }),
      fields: [
        { name: 'surface', label: 'Surface', options: surfaces },
        { name: 'defect', label: 'Defect', options: named(DEFECTS) },
        {
          name: 'upTo',
          key: 'upTo_mm',
          label: say('sheets.depthUpTo', { unit }),
          as: orNull(length('gap')),
          inputMode: 'decimal',
        },
        {
          name: 'consequence',
          label: (number) => say('sheets.actionFor', { number }),
          look: 'choice',
          options: CONSEQUENCES.map((value) => ({ value, name: CONSEQUENCE_NAME[value] })),
        },
        { name: 'source', label: 'Source' },
      ],
    },
    own: {
      title: 'Checks of this sheet’s own',
      about:
        'Checks of the manual beyond the usual: a seat, a bushing, a thickness. Save, then enter the limit under Limits.',
      blank: () => ({
        id: newId(),
        part: pump.parts[0]?.id ?? partId(''),
        name: '',
        way: 'size',
        places: '',
        convention: '',
        caution: '',
        first: '',
        firstTool: 'caliper',
        second: '',
        secondTool: 'caliper',
      }),
      kept: ['id'],
      fields: [
        { name: 'name', label: 'What is measured', as: words, need: 'A check needs a name.' },
        {
          name: 'part',
          label: (number) => say('sheets.partOfCheck', { number }),
          options: named(pump.parts),
        },
        {
          name: 'way',
          label: (number) => say('sheets.wayOfCheck', { number }),
          look: 'stacked',
          options: OWN_WAYS,
        },
        ...ownSize('first', 'firstTool', 0, ({ way }) =>
          way === 'difference' ? 'Larger size' : 'Size that is read',
        ),
        ...ownSize('second', 'secondTool', 1, () => 'Second size'),
        { name: 'places', label: 'Places, separated by ;', as: list(), placeholder: 'front; rear' },
        { name: 'convention', label: 'What the reading means', as: words },
        { name: 'caution', label: 'Caution at this check', as: words },
      ],
      apart: OWN_SIZES,
      check: ({ way, first, second }, wrong) => {
        if (way !== 'difference') return;
        if (first.trim() === '') wrong('first', 'Name the size that is read.');
        if (second.trim() === '') wrong('second', 'Name the size that is read.');
      },
    },
    sets: {
      title: 'Gears of another width',
      about:
        'Sets that can be bought wider or narrower than standard: an end clearance out of limits may need no cut.',
      blank: () => newSet(newId()),
      kept: ['id'],
      fields: [
        {
          name: 'name',
          label: 'Gear set',
          as: words,
          need: 'Enter a name for the gear set.',
          width: 150,
        },
        {
          name: 'over',
          key: 'over_mm',
          label: say('sheets.wider', { unit }),
          as: difference,
          need: 'Enter how much wider it is; below 0 where it is narrower.',
          none: 0,
          width: 100,
        },
        { name: 'price', label: 'Price', as: sum(2, 0), width: 100 },
        { name: 'days', label: 'Days', as: sum(1, 0), width: 100 },
      ],
    },
    fasteners: {
      title: '',
      about: '',
      blank: () => ({
        id: newId(),
        name: '',
        thread: '',
        count: '1',
        torque: '',
        unit: 'Nm',
        note: '',
      }),
      kept: ['id'],
      fields: [
        { name: 'name', label: 'Bolts', need: 'Enter a name for these bolts.', width: 150 },
        { name: 'thread', label: 'Thread', width: 90 },
        {
          name: 'count',
          label: 'Qty',
          as: count(1, 99, 'Enter 1 to 99.'),
          inputMode: 'numeric',
          width: 120,
        },
        {
          name: 'torque',
          key: ['torque', 'torqueTo'],
          label: 'Torque, or 60–65',
          as: torque,
          width: 150,
        },
        {
          name: 'unit',
          label: (number) => say('sheets.torqueUnit', { number }),
          look: 'choice',
          options: TORQUE_UNITS.map((value) => ({ value, name: TORQUE_NAME[value] })),
        },
        { name: 'note', label: 'Note: pattern, thread lock, replace' },
      ],
      check: (row, wrong) => {
        if (!isWithin(row.torque)) wrong('torque', say('sheets.torqueRange', { unit: row.unit }));
      },
    },
  };
}

/** The name of a size of an own check, and what reads it; `at` counts the sizes that its way has. */
const ownSize = (
  size: 'first' | 'second',
  tool: 'firstTool' | 'secondTool',
  at: number,
  label: (row: OwnFields) => string,
): AskedField<OwnFields>[] => [
  { name: size, apart: true, label: (_, row) => label(row), when: ({ way }) => SIZES_OF[way] > at },
  {
    name: tool,
    apart: true,
    label: (number) => say('sheets.sizeOfCheck', { size, number }),
    options: TOOLS,
    when: ({ way }) => SIZES_OF[way] > at,
  },
];

/** The sizes of a check of a sheet's own, one by one. */
const OWN_SIZES: NonNullable<SheetList<OwnFields, Of<'own'>>['apart']> = {
  write: ({ sizes: [first, second] }) => ({
    first: first?.name ?? '',
    firstTool: first?.instrument ?? 'caliper',
    second: second?.name ?? '',
    secondTool: second?.instrument ?? 'caliper',
  }),
  read: ({ way, name, places, first, firstTool, second, secondTool }) => ({
    places: list().read(places, 'mm').length > 0 ? list().read(places, 'mm') : ['once'],
    sizes: [
      { name: first.trim() || name.trim(), instrument: firstTool },
      { name: second.trim() || name.trim(), instrument: secondTool },
    ].slice(0, SIZES_OF[way]),
  }),
};
