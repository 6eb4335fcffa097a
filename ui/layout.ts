import { StyleSheet } from 'react-native';

/** How pieces lie that lie the same way everywhere; what is one screen's alone stands with that. */
export const layout = StyleSheet.create({
  /** Takes the room that is left, however long its words are. */
  grow: { flex: 1, minWidth: 0 },
  fill: { flex: 1 },
  /** One below the other. */
  stack: { gap: 8 },
  /** Beside each other. */
  row: { flexDirection: 'row', gap: 8 },
  /** Beside each other, by their middles. */
  line: { flexDirection: 'row', gap: 8, alignItems: 'center' },
  /** Beside each other, on the next line where there is no room. */
  wrap: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  /** Panes side by side, each with its own scrolling. */
  panes: { flex: 1, flexDirection: 'row', minHeight: 0 },
  /** What is in a button that a thumb should find. */
  thumb: { minHeight: 56 },
});
