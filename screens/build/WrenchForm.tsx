import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { TextInput } from 'react-native-paper';
import type { WrenchSet } from '@/core/assembly/torquing';
import { sayBuild } from '@/core/assembly/sayBuild';
import { unitName } from '@/core/quantity/format';
import { TORQUE_UNITS } from '@/core/records/torqueUnits';
import type { TorqueUnit } from '@/core/workshop/torquePlan';
import { TORQUE_NAME } from '@/core/wording/torque';
import { useShop } from '@/data/hooks';
import { Choice } from '@/ui/Choice';
import { Notice } from '@/ui/Notice';
import { layout } from '@/ui/layout';
import { ASKED, wrenchIn, wrenchText, type Typed } from './wrench';

interface Props {
  readonly value: WrenchSet;
  readonly onChange: (wrench: WrenchSet) => void;
}

const UNITS = TORQUE_UNITS.map((value) => ({ value, name: TORQUE_NAME[value] }));

/** The unit of the wrench, and what stands between its square and the bolt: the figures follow at once. */
export function WrenchForm({ value, onChange }: Props) {
  const { unit: shown } = useShop();
  const { unit, wrench } = value;
  const [typed, setTyped] = useState<Typed>(wrenchText(wrench, shown));
  const read = wrenchIn(typed, shown);
  const wrong = read && 'wrong' in read ? read.wrong : null;
  const type = (name: keyof Typed) => (text: string) => {
    const next = { ...typed, [name]: text };
    setTyped(next);
    const made = wrenchIn(next, shown);
    onChange({ unit, wrench: made && 'wrong' in made ? null : made });
  };
  return (
    <View style={layout.stack}>
      <Choice
        label="Unit of the wrench"
        value={unit}
        options={UNITS}
        onChange={(next: TorqueUnit) => onChange({ unit: next, wrench })}
      />
      <View style={layout.wrap}>
        {ASKED.map(({ key, label, spoken, ...asked }) => {
          const of = 'unit' in asked ? asked.unit : unitName('size', shown);
          return (
            <TextInput
              key={key}
              mode="outlined"
              label={sayBuild('page.lengthIn', { length: label, unit: of })}
              aria-label={sayBuild('page.lengthIn', { length: spoken, unit: of })}
              inputMode="decimal"
              value={typed[key]}
              style={styles.field}
              onChangeText={type(key)}
            />
          );
        })}
      </View>
      {wrong ? <Notice kind="error">{wrong}</Notice> : null}
    </View>
  );
}

const styles = StyleSheet.create({ field: { flexGrow: 1, flexBasis: 140 } });
