import { View } from 'react-native';
import { HOUSE_RULES, type HouseRules } from '@/core/records/rules';
import { Choice } from './Choice';
import { Dotted, Explained } from './Explained';
import { Heading, Words } from './Words';

interface Props {
  readonly rules: HouseRules;
  /** The questions that are asked; all of them when not given. */
  readonly asked?: readonly (typeof HOUSE_RULES)[number][];
  readonly onChange: (rules: HouseRules) => void;
}

/** The questions on which good people disagree, what is held to here, and why people hold it. */
export function RuleChoices({ rules, asked = HOUSE_RULES, onChange }: Props) {
  return asked.map(({ id, name, schools }) => {
    const value = rules[id];
    const why = schools.find((school) => school.value === value)?.why ?? '';
    return (
      <View key={id} style={{ gap: 6 }}>
        <Heading>{name}</Heading>
        <Choice
          label={name}
          value={value}
          options={schools}
          onChange={(chosen) => onChange({ ...rules, [id]: chosen })}
          stacked={schools.length > 2}
        />
        <Explained text={why}>
          <Words size="note" tone="muted">
            <Dotted>{why}</Dotted>
          </Words>
        </Explained>
      </View>
    );
  });
}
