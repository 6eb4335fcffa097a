import type { HistoryAsked } from '@/core/history/answer';
import { View } from 'react-native';
import { sayHistory } from '@/core/history/say';
import { makeWords, type Told } from '@/core/history/sentences';
import type { SpareGroup } from '@/core/history/spares';
import { Words } from '@/ui/Words';

interface Props {
  readonly asked: HistoryAsked;
  readonly makes: readonly SpareGroup[];
  readonly told: Told;
}

/** What pumps came to with the spares of each maker. */
export function ByMake({ asked, makes, told }: Props) {
  if (asked.parts.length === 0) return <Words>{sayHistory('history.noPart')}</Words>;
  if (makes.length === 0) return <Words>{sayHistory('history.noMake')}</Words>;
  return (
    <View role="list">
      {makes.map((group) => (
        <View key={group.make} role="listitem" style={{ paddingVertical: 6 }}>
          <Words strong>{group.make}</Words>
          <Words>{makeWords(group, told)}</Words>
        </View>
      ))}
    </View>
  );
}
