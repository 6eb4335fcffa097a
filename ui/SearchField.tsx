import { useRef } from 'react';
import type { TextInput } from 'react-native';
import { Searchbar } from 'react-native-paper';
import { useScanInto } from './useScanInto';

interface Props {
  readonly label: string;
  readonly placeholder: string;
  readonly value: string;
  readonly onChange: (text: string) => void;
  /** Called at Enter, which a scanner types as well. */
  readonly onEnter: () => void;
}

/** The field over a long list: what a scanner types anywhere on the page goes into it. */
export function SearchField({ label, placeholder, value, onChange, onEnter }: Props) {
  const field = useRef<TextInput>(null);
  useScanInto(field);
  return (
    <Searchbar
      role="searchbox"
      value={value}
      onChangeText={onChange}
      ref={field}
      onSubmitEditing={onEnter}
      placeholder={placeholder}
      aria-label={label}
      elevation={0}
    />
  );
}
