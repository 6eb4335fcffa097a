import { ATTRIBUTE_FELT, type AttributeFelt } from '@/core/methods/attribute';
import { Pressable, StyleSheet, View } from 'react-native';
import { TOUCH_LARGE, usePalette } from '@/ui/theme';
import { useRoom } from '@/ui/useWidth';
import { Words } from '@/ui/Words';
import type { PanelProps } from './panels';
import { StepPanel } from './StepPanel';
import { layout } from '@/ui/layout';

/** What the hand may tell, and how that feels. */
const WORDS: Readonly<Record<AttributeFelt, readonly [name: string, feel: string]>> = {
  clear: ['Clears', 'light all round'],
  touches: ['Touches', 'straightedge lifts or scrapes'],
  free: ['Free', 'moves by its own weight'],
  tight: ['Tight', 'moves, but drags'],
  rocks: ['Rocks', 'loose, tips either way'],
  catches: ['Binds', 'sticks or jumps'],
};

/** A test without a number: what to do, and what the hand may tell. */
export function TouchPanel(props: PanelProps<'touch'>) {
  const { shown, step, measuring } = props;
  const palette = usePalette();
  const { tiny } = useRoom();
  const { touch, caution } = shown.characteristic;
  if (!touch) return null;
  return (
    <StepPanel
      {...props}
      caution={caution}
      instruction={
        <Words size={tiny ? 'strong' : 'instruction'} strong>
          {step.station.instruction}
        </Words>
      }
    >
      <View role="group" aria-label="What do you see or feel?" style={layout.stack}>
        {ATTRIBUTE_FELT[touch.test].map((felt) => {
          const [name, feel] = WORDS[felt];
          return (
            <Pressable
              key={felt}
              role="button"
              aria-label={`${name}: ${feel}`}
              onPress={() => void measuring.answer(felt)}
              style={({ pressed }) => [
                styles.answer,
                {
                  borderColor: palette.ink,
                  backgroundColor: pressed ? palette.steel : palette.paper,
                },
              ]}
            >
              <Words size="title" strong>
                {name}
              </Words>
              <Words size="note" tone="muted">
                {feel}
              </Words>
            </Pressable>
          );
        })}
      </View>
    </StepPanel>
  );
}

const styles = StyleSheet.create({
  answer: {
    minHeight: TOUCH_LARGE,
    paddingHorizontal: 14,
    borderWidth: 1.5,
    borderRadius: 8,
    justifyContent: 'center',
  },
});
