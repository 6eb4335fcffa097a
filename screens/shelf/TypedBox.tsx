import { useId } from 'react';
import { StyleSheet, View } from 'react-native';
import { HelperText, TextInput } from 'react-native-paper';

interface Props {
  readonly label: string;
  readonly text: string;
  readonly onChange: (text: string) => void;
  /** What is wrong with it; empty for nothing. */
  readonly wrong: string;
}

/** A field that counts while it is typed, with what is wrong with it beneath. */
export function TypedBox({ label, text, onChange, wrong }: Props) {
  const id = useId();
  return (
    <View style={styles.box}>
      <TextInput
        mode="outlined"
        label={label}
        aria-label={label}
        value={text}
        onChangeText={onChange}
        error={wrong !== ''}
        {...(wrong ? { 'aria-invalid': true, 'aria-describedby': id } : {})}
      />
      {wrong ? (
        <HelperText type="error" role="alert" padding="none" nativeID={id}>
          {wrong}
        </HelperText>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({ box: { flexGrow: 1, flexBasis: 150, minWidth: 0 } });
