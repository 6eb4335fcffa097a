import type { PumpModel } from '@/core/pumps/family';
import { BUILD_KINDS, type BuildKind } from '@/core/pumps/assembly/step';
import { wayRoundOf } from '@/core/pumps/teardown/wayRound';
import { InputError } from '@/core/errors';
import type { Sheet } from '@/core/records/sheet';
import { count, inParts, list, orNull, words, type Written } from '@/core/schema/written';
import { newId } from '@/data/create';
import { saySheets } from '../saySheets';
import { named, type Lists, type Of, type Offered, type Option, type Texts } from './list';

/** The steps of the build and the tools that were made for them, as text; ids with a semicolon between. */
export interface BuildForms {
  assembly: Texts<Of<'assembly'>, 'parts' | 'gaps' | 'after' | 'section' | 'stages'>[];
  tools: Of<'tools'>[];
}

const KIND_NAME: Readonly<Record<BuildKind, string>> = {
  clean: 'Wash',
  oil: 'Oil',
  place: 'Put in',
  seal: 'Put the seal in',
  fasten: 'Draw bolts up',
  spin: 'Spin by hand',
  check: 'Check',
  endplay: 'End play',
  label: 'Label',
  watch: 'Hand over',
};

const STAGES_FAULT =
  'Write the stages in percent of the torque, over 0 and up to 100: 33; 66; 100.';

const percent = inParts(1, 100);

/** Shares of a torque in percent, a semicolon between. */
const stages: Written<number[]> = {
  rounds: true,
  write: (shares, unit) =>
    list().write(
      shares.map((share) => percent.write(share, unit)),
      unit,
    ),
  read: (text, unit) => {
    const shares = list()
      .read(text.replaceAll('%', ''), unit)
      .map((share) => percent.read(share, unit));
    if (shares.some((share) => share <= 0 || share > 1))
      throw new InputError('text', 'stages', STAGES_FAULT);
    return shares;
  },
};

/** What is put in at a step: the parts of the pump, and what is always replaced. */
const placeable = ({ parts }: PumpModel, renew: Sheet['renew']): Option[] => {
  const all = [...named(parts), ...named(renew)];
  return all.filter(({ value }, i) => all.findIndex((other) => other.value === value) === i);
};

const boltOptions = (fasteners: Sheet['fasteners']): Option[] => [
  { value: 'first', name: 'the first bolts of the sheet' },
  { value: 'other', name: 'each other kind of bolts' },
  ...fasteners.map(({ id, name, thread }) => ({
    value: id,
    name: [name, thread].filter(Boolean).join(' '),
  })),
];

const isFasten = ({ kind }: { readonly kind?: unknown }) => kind === 'fasten';
const NO_WAY: Option = { value: '', name: 'no way round' };

/** Returns the fields of a step that say how it is done: its place in a stack, its bolts. */
function howFields({ pump, fasteners }: Offered) {
  const sections = Math.max(1, ...pump.parts.map(({ section }) => section ?? 1));
  return [
    {
      name: 'section',
      label: saySheets('sheets.sectionOf', { count: sections }),
      as: orNull(count(1, sections, saySheets('sheets.sectionFault', { count: sections }))),
      inputMode: 'numeric',
      when: () => sections > 1,
    },
    {
      name: 'fastener',
      label: 'Which bolts',
      options: boltOptions(fasteners),
      when: isFasten,
      none: '',
    },
    {
      name: 'stages',
      label: 'Stages in percent of the torque: 33; 66; 100',
      as: stages,
      when: isFasten,
      none: [],
    },
  ] as const;
}

/** Returns the lists of the build: its steps, and the tools that were made for it. */
export const buildLists = (offered: Offered): Lists<BuildForms> => {
  const { pump, strip, renew, steps } = offered;
  const ways = strip.filter(({ way }) => way !== '');
  return {
    assembly: {
      title: 'Steps of the build',
      about:
        'Empty: the usual order of such a pump. Steps are done in this order; one that is moved up before what it needed needs that no more.',
      blank: () => ({
        id: newId(),
        kind: 'place',
        do: '',
        parts: '',
        section: '',
        strip: '',
        with: '',
        caution: '',
        after: '',
        gaps: '',
        fastener: 'first',
        stages: '',
      }),
      kept: ['id'],
      folds: ({ do: words, kind }) => ({ name: words || 'New step', about: KIND_NAME[kind] }),
      apart: {
        write: ({ after }, unit) => ({ after: list().write(after, unit) }),
        read: ({ after }) => ({ after: list().read(after, 'mm') }),
      },
      fields: [
        {
          name: 'do',
          label: (number) => saySheets('sheets.step', { number }),
          as: words,
          need: 'Enter what to do in this step.',
          multiline: true,
        },
        {
          name: 'kind',
          label: 'What is done',
          options: BUILD_KINDS.map((value) => ({ value, name: KIND_NAME[value] })),
        },
        {
          name: 'parts',
          label: 'Parts',
          as: list(),
          options: placeable(pump, renew),
          look: 'many',
        },
        {
          name: 'strip',
          label: 'Its way round, as under Bench',
          options: [
            NO_WAY,
            ...ways.map((step) => ({
              value: step.id,
              name: saySheets('sheets.wayAt', {
                mark: wayRoundOf(step.way)?.name ?? step.way,
                step: step.do,
              }),
            })),
          ],
        },
        {
          name: 'gaps',
          label: 'Clearances that have to be in before',
          as: list(),
          options: named(pump.characteristics),
          look: 'many',
        },
        ...howFields(offered),
        { name: 'with', label: 'What goes on it, and how', as: words, multiline: true },
        { name: 'caution', label: 'Caution', as: words, multiline: true },
      ],
    },
    tools: {
      title: 'Tools made for this pump',
      about: 'Shown at the step that needs them, or at the first where none is named.',
      blank: () => ({ id: newId(), name: '', use: '', sizes: '', step: '' }),
      kept: ['id'],
      fields: [
        { name: 'name', label: 'Tool', as: words, need: 'A tool needs a name.' },
        { name: 'use', label: 'What it is for', as: words },
        { name: 'sizes', label: 'Its sizes, as it was made', multiline: true },
        {
          name: 'step',
          label: 'The step that needs it',
          options: [
            { value: '', name: 'not chosen' },
            ...steps.map((step, i) => ({
              value: step.id,
              name: saySheets('sheets.stepNamed', { number: i + 1, step: step.do }),
            })),
          ],
        },
      ],
    },
  };
};
