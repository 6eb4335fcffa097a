import { View } from 'react-native';

import type { Reversing } from '@/core/records/reversing';
import type { Sheet } from '@/core/records/sheet';
import { Choice } from '@/ui/Choice';
import { Heading, Words } from '@/ui/Words';
import { layout } from '@/ui/layout';

/** What a sheet says of reversing, as the form holds it; empty where nobody said. */
export type ReversingFields = Readonly<Record<keyof Reversing, string>>;

const YES_NO: readonly (readonly [form: string, kept: boolean, name: string])[] = [
  ['yes', true, 'Yes'],
  ['no', false, 'No'],
];

const toWord = (kept: boolean | null): string =>
  YES_NO.find(([, value]) => value === kept)?.[0] ?? '';

const fromWord = (form: string): boolean | null =>
  YES_NO.find(([word]) => word === form)?.[1] ?? null;

/** What a sheet says of reversing, as its form holds it. */
export const toReversingForm = (said: Reversing): ReversingFields => ({
  bodyTurns: toWord(said.bodyTurns),
  drains: said.drains ?? '',
  symmetrical: toWord(said.symmetrical),
  ringFlips: toWord(said.ringFlips),
  coverTurns: toWord(said.coverTurns),
});

/** The same as a sheet keeps it. */
export const fromReversingForm = (form: ReversingFields): Reversing => ({
  bodyTurns: fromWord(form.bodyTurns),
  drains: form.drains === 'one' || form.drains === 'both' ? form.drains : null,
  symmetrical: fromWord(form.symmetrical),
  ringFlips: fromWord(form.ringFlips),
  coverTurns: fromWord(form.coverTurns),
});

const ANSWERS = [
  ...YES_NO.map(([value, , name]) => ({ value, name })),
  { value: '', name: 'Not known' },
];

interface Question {
  readonly ask: string;
  readonly families: readonly Sheet['family'][];
  readonly options?: readonly { readonly value: string; readonly name: string }[];
}

const QUESTIONS: Readonly<Record<keyof Reversing, Question>> = {
  bodyTurns: { ask: 'Can the body be turned end for end?', families: ['external-gear'] },
  drains: {
    ask: 'On which side is the drain of the seal drilled?',
    families: ['external-gear'],
    options: [
      { value: 'one', name: 'On one' },
      { value: 'both', name: 'On both' },
      { value: '', name: 'Not known' },
    ],
  },
  symmetrical: { ask: 'Are blocks or plates alike on both sides?', families: ['external-gear'] },
  ringFlips: {
    ask: 'Can the ring be flipped, or turned half round?',
    families: ['gerotor', 'fixed-vane', 'vacuum-vane'],
  },
  coverTurns: {
    ask: 'Can the cover be bolted on in other positions?',
    families: ['external-gear', 'fixed-vane'],
  },
};

interface Props {
  readonly family: Sheet['family'];
  readonly value: ReversingFields;
  readonly onChange: (field: keyof Reversing, value: string) => void;
}

/** What the construction of a pump allows where it is to turn the other way. Nothing is asked of one that cannot. */
export function ReversingChoices({ family, value, onChange }: Props) {
  const asked = (Object.keys(QUESTIONS) as (keyof Reversing)[]).filter((field) =>
    QUESTIONS[field].families.includes(family),
  );
  if (asked.length === 0) return null;
  return (
    <View style={layout.stack}>
      <Heading>To turn the other way</Heading>
      {asked.map((field) => {
        const { ask, options = ANSWERS } = QUESTIONS[field];
        return (
          <View key={field} style={{ gap: 6 }}>
            <Words strong>{ask}</Words>
            <Choice
              label={ask}
              value={value[field]}
              options={options}
              onChange={(chosen) => onChange(field, chosen)}
            />
          </View>
        );
      })}
    </View>
  );
}
