import { useEffect, useRef, type RefObject } from 'react';
import type { TextInput } from 'react-native';
import { Searchbar } from 'react-native-paper';

/** A scanner types wherever the page happens to be: what it types goes into this field. */
function useScanInto(field: RefObject<TextInput | null>): void {
  useEffect(() => {
    const begin = (event: KeyboardEvent) => {
      const typing = event.target instanceof HTMLInputElement;
      const plain = event.key.length === 1 && !event.ctrlKey && !event.metaKey && !event.altKey;
      // The key goes on into the field that has the focus by then.
      if (!typing && plain && event.key !== ' ') field.current?.focus();
    };
    window.addEventListener('keydown', begin);
    return () => window.removeEventListener('keydown', begin);
  }, [field]);
}

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
