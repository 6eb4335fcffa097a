import { useRef } from 'react';
import useLatestCallback from 'use-latest-callback';

/** So long after it is done a second tap is still a bounce: the screen may not have gone yet. */
const SETTLES_MS = 400;

/** Returns some work that is not begun again while it goes on, nor by a tap that bounces. */
export function useOnce<A extends unknown[]>(
  work: (...args: A) => Promise<unknown>,
): (...args: A) => void {
  const busy = useRef(false);
  return useLatestCallback((...args: A) => {
    if (busy.current) return;
    busy.current = true;
    const free = () => {
      busy.current = false;
    };
    void work(...args).finally(() => setTimeout(free, SETTLES_MS));
  });
}
