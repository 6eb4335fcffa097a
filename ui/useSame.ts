import { dequal } from 'dequal';
import { useState } from 'react';

/** Returns a value that was worked out anew as it was before where it says the same: what is drawn of it need not be again. */
export function useSame<T>(value: T): T {
  const [kept, setKept] = useState(value);
  if (dequal(kept, value)) return kept;
  setKept(value);
  return value;
}
