import { StyleSheet, View } from 'react-native';
import type { Job } from '@/core/records/job';
import { layout } from './layout';
import { WayGlyph } from './WayGlyph';
import { Words } from './Words';

const ARROW = { clockwise: 'cw', anticlockwise: 'ccw', unknown: null } as const;

/** The way that a pump turns on its label: in words, with an arrow where it is known. */
export function TurnArrow({
  turns,
  words,
}: {
  readonly turns: Job['rotation'];
  readonly words: string;
}) {
  const option = ARROW[turns];
  return (
    <View style={styles.turn}>
      {option ? <WayGlyph way="arrow" option={option} width={52} /> : null}
      <Words strong style={layout.grow}>
        {words}
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({
  turn: { flexDirection: 'row', alignItems: 'center', gap: 6 },
});
