import type { ReactNode } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { TOUCH, usePalette } from './theme';
import { Words } from './Words';

interface Props {
  readonly label: string;
  readonly options: readonly { readonly id: string; readonly name: string }[];
  readonly chosen: string | null;
  readonly onPress: (id: string) => void;
  /** What lies in the middle. */
  readonly children?: ReactNode;
}

/** Between the middles of the face and of an hour: twelve targets side by side on that ring. */
const RADIUS = 118;
const SIZE = 2 * RADIUS + TOUCH + 8;

/** The hours of a clock around a picture: one touch says where on the face something lies. */
export function ClockFace({ label, options, chosen, onPress, children }: Props) {
  const palette = usePalette();
  return (
    <View role="group" aria-label={label} style={styles.face}>
      <View style={styles.middle}>{children}</View>
      {options.map(({ id, name }) => {
        const angle = (Number(id) / 12) * 2 * Math.PI;
        const here = id === chosen;
        return (
          <Pressable
            key={id}
            role="button"
            aria-label={name}
            aria-pressed={here}
            onPress={() => onPress(id)}
            style={({ pressed }) => [
              styles.hour,
              {
                left: SIZE / 2 + RADIUS * Math.sin(angle) - TOUCH / 2 - 2,
                top: SIZE / 2 - RADIUS * Math.cos(angle) - TOUCH / 2 - 2,
                borderColor: here ? palette.blue : palette.ink,
                borderWidth: here ? 3 : 1.5,
                backgroundColor: pressed ? palette.steel : palette.paper,
              },
            ]}
          >
            <Words strong size="title">
              {id}
            </Words>
          </Pressable>
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  face: { width: SIZE, height: SIZE, alignSelf: 'center' },
  middle: {
    position: 'absolute',
    inset: 0,
    alignItems: 'center',
    justifyContent: 'center',
  },
  hour: {
    position: 'absolute',
    width: TOUCH + 4,
    height: TOUCH + 4,
    borderRadius: (TOUCH + 4) / 2,
    alignItems: 'center',
    justifyContent: 'center',
  },
});
