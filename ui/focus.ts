import { useEffect, useRef } from 'react';
import type { View } from 'react-native';

/** What had the focus last; null before anything had it: a page that has just been opened keeps its own beginning. */
let last: Element | null = null;
if (typeof document !== 'undefined') {
  document.addEventListener('focusin', ({ target }) => {
    if (target instanceof Element) last = target;
  });
}

/** Tells whether nothing has the focus but the page. */
const isLost = (): boolean =>
  document.activeElement === null || document.activeElement === document.body;

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
      if (last !== null && isLost()) focusOn(ref.current);
    });
    return () => cancelAnimationFrame(frame);
  }, [step]);
  return ref;
}

/** So long after something was done a page is looked at again, in ms: what it opens may have to be loaded first. */
const AFTER_MS = [120, 400, 1200];

/** Moves the focus to the heading of the page where what had it is gone, and nothing else took it. */
function keepFocus(main: Element): void {
  if (last === null || !isLost()) return;
  // What is covered by the next page of a stack is in the document still.
  if (last.isConnected && last.checkVisibility()) return;
  const headings = [...main.querySelectorAll('h1, h2, h3, [role=heading]')];
  focusOn(headings.find((heading) => heading.checkVisibility()) ?? main);
}

/**
 * Sees to it that the focus never falls to the page: where a button goes with what it did, it is at the heading of what
 * came in its place.
 *
 * @param main the id of the part of the page that changes
 */
export function useKeptFocus(main: string): void {
  useEffect(() => {
    const timers = new Set<ReturnType<typeof setTimeout>>();
    const acted = () => {
      timers.forEach(clearTimeout);
      timers.clear();
      const page = document.getElementById(main);
      if (page) AFTER_MS.forEach((ms) => timers.add(setTimeout(() => keepFocus(page), ms)));
    };
    const keyed = ({ key }: KeyboardEvent) => {
      if (key === 'Enter' || key === ' ' || key === 'Escape') acted();
    };
    // On the way down: buttons keep what they hear to themselves.
    document.addEventListener('click', acted, true);
    document.addEventListener('keydown', keyed, true);
    return () => {
      timers.forEach(clearTimeout);
      document.removeEventListener('click', acted, true);
      document.removeEventListener('keydown', keyed, true);
    };
  }, [main]);
}
