import { useRef } from 'react';
import { View } from 'react-native';
import type { BuildItem } from '@/core/assembly/list';
import { sayBuild } from '@/core/assembly/sayBuild';
import { spinOf } from '@/core/pumps/assembly/spins';
import type { BuildAnswer } from '@/core/records/entries/build';
import { useShop } from '@/data/hooks';
import { useKeys } from '@/ui/keyboard';
import { Tile, Tiles } from '@/ui/Tile';
import { Words } from '@/ui/Words';
import { layout } from '@/ui/layout';
import type { Building } from './useBuild';

const FELT = [
  ['free', 'Free', 'as it should'],
  ['tight', 'Tight', 'drags, the whole way or in places'],
  ['catches', 'Catches', 'stops or jumps'],
] as const satisfies readonly (readonly [BuildAnswer, string, string])[];

interface Props {
  readonly building: Building;
  readonly item: BuildItem;
}

/** How the pump turns by hand, beside what is normal for it. */
export function SpinAnswers({ building, item }: Props) {
  const { job, answer } = building;
  const { shortcuts } = useShop();
  const tiles = useRef<View>(null);
  const keys = FELT.map(([said], i) => [`${i + 1}`, () => void answer({ said })] as const);
  useKeys(Object.fromEntries(keys), { enabled: shortcuts, on: tiles });
  return (
    <View style={layout.stack} ref={tiles}>
      <Words strong>{sayBuild('page.normal', { normal: spinOf(job.sheet).normal })}</Words>
      <Tiles label={item.step.do}>
        {FELT.map(([said, name, note]) => (
          <Tile
            key={said}
            name={name}
            note={note}
            across={said === 'free' ? 1 : 2}
            onPress={() => void answer({ said })}
          />
        ))}
      </Tiles>
      <Words size="note" tone="muted">
        Never run a tight spot in.
      </Words>
    </View>
  );
}
