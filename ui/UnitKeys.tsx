import { Pressable, StyleSheet, View } from 'react-native';
import { withUnit } from './padText';
import { TOUCH, usePalette } from './theme';
import { Words } from './Words';
import { say } from '@/core/wording/say';

const UNITS = ['mm', 'in', 'thou'] as const;

interface Props {
  readonly value: string;
  readonly onChange: (value: string) => void;
}

/** A key for each unit: it is written behind the figure that stands in the field. */
export function UnitKeys({ value, onChange }: Props) {
  const palette = usePalette();
  const off = value.trim() === '';
  return (
    <View style={styles.keys} role="group" aria-label="Unit of this reading">
      {UNITS.map((unit) => (
        <Pressable
          key={unit}
          role="button"
          aria-label={say(`ui.in.${unit}`)}
          disabled={off}
          aria-disabled={off}
          onPress={() => onChange(withUnit(value, unit))}
          style={({ pressed }) => [
            styles.key,
            { borderColor: palette.line, backgroundColor: pressed ? palette.steel : palette.paper },
          ]}
        >
          <Words strong tone={off ? 'muted' : 'ink'}>
            {unit}
          </Words>
        </Pressable>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  keys: { flexDirection: 'row', gap: 4, paddingTop: 6 },
  key: {
    width: TOUCH,
    minHeight: TOUCH,
    borderWidth: 1.5,
    borderRadius: 6,
    alignItems: 'center',
    justifyContent: 'center',
  },
});
