import { StyleSheet, View } from 'react-native';
import { usePalette } from './theme';

interface Props {
  readonly label: string;
  readonly value: number;
  readonly from: number;
  readonly to: number;
  readonly step: number;
  /** Says the value as it is read: `0.031 mm`. */
  readonly words: string;
  readonly onChange: (value: number) => void;
}

/** A value that is dragged between two ends; arrow keys move it by a step. */
export function Slider({ label, value, from, to, step, words, onChange }: Props) {
  const { blue } = usePalette();
  return (
    <View style={styles.box}>
      <input
        type="range"
        aria-label={label}
        aria-valuetext={words}
        min={from}
        max={to}
        step={step}
        value={value}
        onChange={(event) => onChange(Number(event.target.value))}
        style={{ width: '100%', height: 48, margin: 0, accentColor: blue }}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  box: { minHeight: 48, justifyContent: 'center' },
});
