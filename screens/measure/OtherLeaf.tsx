import type { Assessment } from '@/core/assessment/assessment';
import type { LeafStep } from '@/core/methods/feeler';
import { useState } from 'react';
import { Pressable, ScrollView, StyleSheet, View } from 'react-native';
import { Button } from '@/ui/Button';
import { leavesOf } from '@/core/feeler/ladder';
import { stackFrom } from '@/core/feeler/stacks';
import type { Job } from '@/core/records/job';
import { formatLength, formatWithUnit, unitName } from '@/core/quantity/format';
import { useShop } from '@/data/hooks';
import { TOUCH, usePalette } from '@/ui/theme';
import { bySpace } from '@/ui/keyboard';
import { Words } from '@/ui/Words';
import { sayMeasure } from './sayMeasure';
import { layout } from '@/ui/layout';

interface Props {
  readonly job: Job;
  readonly shown: Assessment;
  readonly step: LeafStep;
  readonly onChoose: (step: LeafStep | null) => void;
}

/** The free choice: each place of the characteristic, each leaf of the set, several together. */
export function OtherLeaf({ job, shown, step, onChoose }: Props) {
  const { unit } = useShop();
  const [station, setStation] = useState(step.station);
  const [held, setHeld] = useState<readonly number[]>([]);
  const { maxStack, leaves_mm } = job.feeler;
  const toggle = (leaf: number) =>
    setHeld(
      held.includes(leaf) ? held.filter((l) => l !== leaf) : [...held, leaf].slice(-maxStack),
    );

  const stack = stackFrom(leavesOf(job.feeler).filter((leaf) => held.includes(leaf.marked_mm)));

  return (
    <View style={layout.stack}>
      <Words size="note" tone="muted">
        {sayMeasure('measure.pickLeaves', { most: maxStack, unit: unitName('gap', unit) })}
      </Words>
      <Row>
        {shown.characteristic.stations.map((s) => (
          <Chip
            key={s.id}
            name={s.label}
            chosen={s.id === station.id}
            onPress={() => setStation(s)}
          />
        ))}
      </Row>
      <Row>
        {leaves_mm.map((leaf) => (
          <Chip
            key={leaf}
            name={formatLength(leaf, 'gap', unit)}
            chosen={held.includes(leaf)}
            onPress={() => toggle(leaf)}
          />
        ))}
      </Row>
      <View style={layout.row}>
        <Button mode="outlined" onPress={() => onChoose(null)} style={layout.fill}>
          Cancel
        </Button>
        <Button
          mode="contained"
          disabled={held.length === 0}
          style={layout.fill}
          onPress={() =>
            onChoose({
              characteristic: shown.characteristic.id,
              station,
              stack,
            })
          }
        >
          {held.length === 0
            ? 'Try'
            : sayMeasure('measure.try', { leaf: formatWithUnit(stack.total_mm, 'gap', unit) })}
        </Button>
      </View>
    </View>
  );
}

function Row({ children }: { readonly children: React.ReactNode }) {
  return (
    <ScrollView horizontal contentContainerStyle={layout.row}>
      {children}
    </ScrollView>
  );
}

interface ChipProps {
  readonly name: string;
  readonly chosen: boolean;
  readonly onPress: () => void;
}

function Chip({ name, chosen, onPress }: ChipProps) {
  const palette = usePalette();
  return (
    <Pressable
      role="checkbox"
      aria-checked={chosen}
      aria-label={name}
      onPress={onPress}
      {...bySpace(onPress)}
      style={[
        styles.chip,
        { borderColor: palette.ink, backgroundColor: chosen ? palette.ink : palette.paper },
      ]}
    >
      <Words strong tone={chosen ? 'plate' : 'ink'}>
        {name}
      </Words>
    </Pressable>
  );
}

const styles = StyleSheet.create({
  chip: {
    minWidth: 56,
    minHeight: TOUCH,
    paddingHorizontal: 10,
    borderWidth: 1.5,
    borderRadius: 6,
    alignItems: 'center',
    justifyContent: 'center',
  },
});
