import { useRouter } from 'expo-router';
import { View } from 'react-native';
import type { ShelfPart } from '@/core/records/part';
import type { Sheet } from '@/core/records/sheet';
import { partsWords, sizeLines, standWords } from '@/core/wording/shelf';
import { useShop } from '@/data/hooks';
import { Button } from '@/ui/Button';
import { Line } from '@/ui/Line';
import { SidePanel } from '@/ui/SidePanel';
import { Heading, Words } from '@/ui/Words';
import { PartLabel } from './PartLabels';

interface Props {
  readonly part: ShelfPart;
  readonly sheet: Sheet | undefined;
}

/** The part that is chosen in the list, beside it: what it is, and what was measured of it. */
export function PartSide({ part, sheet }: Props) {
  const router = useRouter();
  const { unit } = useShop();
  const sizes = sizeLines(sheet, part, unit);
  return (
    <SidePanel
      foot={
        <Button
          mode="contained"
          style={{ flex: 1 }}
          contentStyle={{ minHeight: 56 }}
          onPress={() => router.push(`/shelf/${part.id}`)}
        >
          Open this part
        </Button>
      }
    >
      <Heading level={2} size="instruction">
        {part.label}
      </Heading>
      <Words strong>{partsWords(sheet, part)}</Words>
      <Words tone="muted">{[part.model, standWords(part)].filter(Boolean).join(' · ')}</Words>
      {part.condition ? <Words>{part.condition}</Words> : null}
      <View>
        {sizes.map(({ name, text }) => (
          <Line key={name}>
            <Words style={{ flex: 1 }}>{name}</Words>
            <Words strong>{text}</Words>
          </Line>
        ))}
      </View>
      {sizes.length === 0 ? <Words tone="muted">Nothing was measured of it yet.</Words> : null}
      <PartLabel part={part} sheet={sheet} />
    </SidePanel>
  );
}
