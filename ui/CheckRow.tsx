import { Pressable } from 'react-native';
import { bySpace } from './keyboard';
import { RowFace, useRowStyle } from './RowFace';

interface Props {
  readonly name: string;
  readonly about: string;
  readonly checked: boolean;
  readonly disabled?: boolean;
  readonly onPress: () => void;
}

/** A line that is ticked: one of several that go together. */
export function CheckRow({ name, about, checked, disabled = false, onPress }: Props) {
  const style = useRowStyle();
  return (
    <Pressable
      role="checkbox"
      aria-checked={checked}
      aria-disabled={disabled}
      aria-label={`${name}: ${about}`}
      disabled={disabled}
      onPress={onPress}
      {...bySpace(onPress)}
      style={style}
    >
      <RowFace
        name={name}
        about={about}
        icon={checked ? 'checkbox-marked' : 'checkbox-blank-outline'}
        muted={disabled}
      />
    </Pressable>
  );
}
