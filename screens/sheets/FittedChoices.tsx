import { View } from 'react-native';
import { DRAINS, type Drain, type Fitted, type GearFit } from '@/core/pumps/teardown/fitted';
import { DRAIN_WORD } from '@/core/inspect/fittedChecks';
import { capital } from '@/core/quantity/letters';
import { Choice } from '@/ui/Choice';
import { Words } from '@/ui/Words';

/** What is fitted, as the form holds it; empty where nobody said. */
export interface FittedFields {
  seals: string;
  drain: '' | Drain;
  gearFit: '' | GearFit;
}

/** What a sheet says is fitted, as the form holds it. */
export const toFittedForm = ({ seals, drain, gearFit }: Fitted): FittedFields => ({
  seals: seals === null ? '' : String(seals),
  drain: drain ?? '',
  gearFit: gearFit ?? '',
});

/** The same as a sheet keeps it. */
export const fromFittedForm = ({ seals, drain, gearFit }: FittedFields): Fitted => ({
  seals: seals === '' ? null : Number(seals),
  drain: drain === '' ? null : drain,
  gearFit: gearFit === '' ? null : gearFit,
});

interface Question {
  readonly ask: string;
  readonly options: readonly { readonly value: string; readonly name: string }[];
}

const QUESTIONS: Readonly<Record<keyof Fitted, Question>> = {
  seals: {
    ask: 'Shaft seals',
    options: [
      { value: '0', name: 'None' },
      { value: '1', name: 'One' },
      { value: '2', name: 'Two' },
    ],
  },
  drain: {
    ask: 'Drain behind the shaft seal',
    options: DRAINS.map((value) => ({ value, name: capital(DRAIN_WORD[value]) })),
  },
  gearFit: {
    ask: 'Gears on their shaft',
    options: [
      { value: 'floats', name: 'They float' },
      { value: 'pressed', name: 'Pressed on' },
    ],
  },
};

interface Props {
  readonly asked: readonly (keyof Fitted)[];
  readonly value: FittedFields;
  readonly onChange: (field: keyof Fitted, value: string) => void;
}

/** What one model has and another of its family has not: it decides what is asked when the pump comes apart. */
export function FittedChoices({ asked, value, onChange }: Props) {
  return asked.map((field) => {
    const { ask, options } = QUESTIONS[field];
    return (
      <View key={field} style={{ gap: 6 }}>
        <Words strong>{ask}</Words>
        <Choice
          label={ask}
          stacked={options.length > 3}
          value={value[field]}
          options={options}
          onChange={(chosen) => onChange(field, chosen)}
        />
      </View>
    );
  });
}
