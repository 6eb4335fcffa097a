import { useCallback, useEffect, useRef } from 'react';

/**
 * A handler that keeps its identity and always does what it last meant: what it
 * is handed to is not drawn again because of it.
 */
export function useStable<A extends readonly unknown[], R>(
  act: (...args: A) => R,
): (...args: A) => R {
  const latest = useRef(act);
  useEffect(() => {
    latest.current = act;
  });
  return useCallback((...args: A) => latest.current(...args), []);
}
