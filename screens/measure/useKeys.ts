import { useEffect, useRef } from 'react';

/** What each key does; keys are named as the browser names them, letters in lower case. */
export type Keys = Readonly<Record<string, () => void>>;

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && target.closest('input, textarea, [role=dialog]') !== null;

/** Listens to the keyboard, or to a foot pedal that acts as one, while nobody is typing in a field. */
export function useKeys(keys: Keys): void {
  const latest = useRef(keys);
  useEffect(() => {
    latest.current = keys;
  });
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || event.repeat || isTyping(event.target))
        return;
      const act = latest.current[event.key.toLowerCase()];
      if (!act) return;
      event.preventDefault();
      act();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, []);
}
