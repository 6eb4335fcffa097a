import type { Assessment } from '@/core/assessment/assessment';
import { Pressable, StyleSheet, View } from 'react-native';
import { hasOwnLimit } from '@/core/assessment/summary';
import { useShop } from '@/data/hooks';
import Icon from '@/ui/icons/Icon';
import { TOUCH, usePalette } from '@/ui/theme';
import { useRoom, useWide } from '@/ui/useWidth';
import { Heading, Words } from '@/ui/Words';
import { limitsOf } from './verdictWords';
import { sayMeasure } from './sayMeasure';
import { layout } from '@/ui/layout';

interface Props {
  readonly all: readonly Assessment[];
  readonly shown: Assessment;
  readonly caution?: string | undefined;
  /** Why it comes before its turn; nothing where it does not. */
  readonly first?: string | undefined;
  readonly onList: () => void;
  readonly onTools: () => void;
  readonly onKeys?: () => void;
}

/** What is being measured, which of how many, its limits, and the caution that belongs to the step. */
export function PanelHead({ all, shown, caution, first, onList, onTools, onKeys }: Props) {
  const { unit } = useShop();
  const palette = usePalette();
  const wide = useWide();
  const { tiny } = useRoom();
  const limit = limitsOf(shown, unit);
  const asked = all.filter(hasOwnLimit);
  const number = asked.findIndex((a) => a.characteristic.id === shown.characteristic.id) + 1;
  return (
    <View>
      <View style={styles.head}>
        <Pressable
          role="button"
          aria-label={sayMeasure('measure.toList', { check: shown.characteristic.name })}
          onPress={onList}
          disabled={wide}
          style={[styles.head, layout.grow]}
        >
          <View style={layout.grow}>
            <Heading size="title" numberOfLines={1}>
              {shown.characteristic.name}
            </Heading>
            <Words size="note" tone="muted" numberOfLines={1}>
              {tiny || number === 0
                ? limit
                : sayMeasure('measure.numberAndLimit', { number, all: asked.length, limit })}
            </Words>
          </View>
          {wide || tiny ? null : <Icon name="chevron-down" color={palette.muted} />}
        </Pressable>
        {wide && onKeys ? (
          <Pressable
            role="button"
            aria-label="Keys"
            onPress={onKeys}
            style={[styles.tools, { borderColor: palette.line }]}
          >
            <Words strong tone="blue">
              ?
            </Words>
          </Pressable>
        ) : null}
        <Pressable
          role="button"
          aria-label="Instruments and gauge"
          onPress={onTools}
          style={[styles.tools, { borderColor: palette.line }]}
        >
          <Icon name="tools" color={palette.blue} />
        </Pressable>
      </View>
      {first ? (
        <Words size="note" strong tone="brass">
          {first}
        </Words>
      ) : null}
      {caution ? <Caution>{caution}</Caution> : null}
    </View>
  );
}

/** The caution that belongs to a step. */
export function Caution({ children }: { readonly children: string }) {
  const palette = usePalette();
  return (
    <View role="note" style={styles.caution}>
      <Icon name="alert-outline" size={16} color={palette.brass} />
      <Words size="note" tone="muted" style={layout.grow}>
        {children}
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({
  head: { flexDirection: 'row', alignItems: 'center', gap: 8, minHeight: TOUCH },
  tools: {
    width: TOUCH,
    height: TOUCH,
    borderWidth: 1.5,
    borderRadius: 6,
    alignItems: 'center',
    justifyContent: 'center',
  },
  caution: { flexDirection: 'row', gap: 6, alignItems: 'center' },
});
