import { useEffect, useRef, useSyncExternalStore } from 'react';
import { StyleSheet, View } from 'react-native';
import { Words } from './Words';

/** What is being said; empty again once it was heard, so that it is not met a second time by whoever reads on. */
let said = '';
let heard: ReturnType<typeof setTimeout> | undefined;
const listeners = new Set<() => void>();

/** So long an announcement stays, in ms: a screen reader takes it up at once. */
const STAYS_MS = 3000;

function put(text: string): void {
  said = text;
  listeners.forEach((listener) => listener());
}

/** Says something to a screen reader that changed away from where the focus is. */
export function announce(text: string): void {
  clearTimeout(heard);
  // The same words twice are a change only with something in between.
  put(text === said ? `${text}\u00a0` : text);
  heard = setTimeout(() => put(''), STAYS_MS);
}

/**
 * Says what something has come to whenever that is another thing than before.
 *
 * @param words null while it is not known
 * @param first whether it is said as well when it is first known
 */
export function useAnnounced(words: string | null, first = false): void {
  const before = useRef<string | null>(first ? '' : null);
  useEffect(() => {
    if (words === null) return;
    if (before.current !== null && before.current !== words) announce(words);
    before.current = words;
  }, [words]);
}

const listen = (listener: () => void) => {
  listeners.add(listener);
  return () => {
    listeners.delete(listener);
  };
};

/** The place that a screen reader hears announcements from; nobody sees it. Stands once, in the shell. */
export function Announcements() {
  const text = useSyncExternalStore(listen, () => said);
  return (
    <View role="status" aria-live="polite" aria-label="What changed" style={styles.unseen}>
      <Words>{text}</Words>
    </View>
  );
}

const styles = StyleSheet.create({
  unseen: { position: 'absolute', width: 1, height: 1, overflow: 'hidden', opacity: 0 },
});
