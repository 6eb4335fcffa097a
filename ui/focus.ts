import { useEffect, useRef } from 'react';
import type { View } from 'react-native';

/** Whether anything had the focus yet: a page that has just been opened keeps its own beginning. */
let used = false;
if (typeof document !== 'undefined') {
  document.addEventListener('focusin', () => {
    used = true;
  });
}

/** Moves the focus to an element that is no control: it can be read from there, and Tab goes on from it. */
export function focusOn(element: unknown): void {
  if (!(element instanceof HTMLElement)) return;
  if (!element.hasAttribute('tabindex')) element.tabIndex = -1;
  element.focus({ preventScroll: true });
}

/**
 * Returns the ref of what comes next: where the focus was lost with what had it, it goes there.
 *
 * @param step changes with every step
 */
export function useNextFocus<T = View>(step: unknown): React.RefObject<T | null> {
  const ref = useRef<T>(null);
  useEffect(() => {
    const frame = requestAnimationFrame(() => {
      const lost = document.activeElement === null || document.activeElement === document.body;
      if (used && lost) focusOn(ref.current);
    });
    return () => cancelAnimationFrame(frame);
  }, [step]);
  return ref;
}
