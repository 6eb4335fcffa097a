import { TextInput } from 'react-native-paper';

/** Longest remark: what is read again in one look. */
const LONGEST = 400;

interface Props {
  readonly value: string;
  readonly onChange: (text: string) => void;
}

/** A word of one's own beside a note. */
export function Remark({ value, onChange }: Props) {
  return (
    <TextInput
      mode="outlined"
      label="Remark"
      aria-label="Remark"
      value={value}
      onChangeText={onChange}
      maxLength={LONGEST}
    />
  );
}
