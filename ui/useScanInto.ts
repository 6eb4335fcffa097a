import { useEffect, type RefObject } from 'react';
import type { TextInput } from 'react-native';

/** A scanner types wherever the page happens to be: what it types goes into this field. */
export function useScanInto(field: RefObject<TextInput | null>): void {
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
