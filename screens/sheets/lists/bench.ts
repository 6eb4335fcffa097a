import { kindId, surfaceId } from '@/core/pumps/ids';
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
import type { Sheet } from '@/core/records/sheet';
import { CONSEQUENCES, MOST_SMALL, SMALL_KINDS, type SmallKind } from '@/core/records/teardown';
import { count, length, list, orNull, words } from '@/core/schema/written';
import { saySheets } from '../saySheets';
import { newId } from '@/data/create';
import { CONSEQUENCE_NAME } from '../../look/consequences';
import { asThey, named, NOT_CHOSEN, type Lists, type Of, type Offered, type Texts } from './list';

/** The work before any instrument, as text. */
export interface BenchForms {
  strip: Sheet['strip'];
  renew: Texts<Of<'renew'>, 'count'>[];
  also: Texts<Of<'also'>, 'options'>[];
  small: Texts<Of<'small'>, 'count'>[];
  clutches: Texts<Clutch, 'washers' | 'pins'>[];
  book: (Omit<Of<'book'>, 'upTo_mm'> & { upTo: string })[];
}

const WAYS = [
  { value: '', name: 'only that it is done' },
  ...WAYS_ROUND.map(({ id, name: mark, seen, clock, options }) => {
    const ways = clock ? 'by the clock' : options.map((o) => o.name).join(', ');
    return {
      value: id,
      name: seen
        ? saySheets('sheets.waySeen', { mark, from: seen, ways })
        : saySheets('sheets.way', { mark, ways }),
    };
  }),
];

const SMALL_NAME: Readonly<Record<SmallKind, string>> = {
  key: 'Keys',
  clip: 'Clips',
  pin: 'Pins',
  washer: 'Washers',
};

const clutchCount = (most: number) => orNull(count(0, most, saySheets('sheets.howMany', { most })));

/** Returns the lists of what comes before any instrument: the strip, what is renewed, the small checks, what the book says of defects. */
export function benchLists({ unit, kinds, surfaces }: Offered): Lists<BenchForms> {
  const firstKind = kindId(kinds[0]?.value ?? '');
  return {
    strip: {
      title: 'Strip',
      about: 'Enter steps in teardown order. The notes are shown in reverse for assembly.',
      blank: () => ({ id: newId(), part: firstKind, do: '', way: '', right: '', caution: '' }),
      kept: ['id'],
      fields: [
        {
          name: 'do',
          label: (number) => saySheets('sheets.step', { number }),
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
          label: (number) => saySheets('sheets.replaceWhen', { number }),
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
          label: (number) => saySheets('sheets.smallKind', { number }),
          look: 'choice',
          options: SMALL_KINDS.map((value) => ({ value, name: SMALL_NAME[value] })),
        },
        {
          name: 'part',
          label: (number) => saySheets('sheets.smallPart', { number }),
          options: kinds,
        },
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
          label: (number: number) => saySheets('sheets.clutchField', { field, number }),
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
          label: saySheets('sheets.depthUpTo', { unit }),
          as: orNull(length('gap')),
          inputMode: 'decimal',
        },
        {
          name: 'consequence',
          label: (number) => saySheets('sheets.actionFor', { number }),
          look: 'choice',
          options: CONSEQUENCES.map((value) => ({ value, name: CONSEQUENCE_NAME[value] })),
        },
        { name: 'source', label: 'Source' },
      ],
    },
  };
}
