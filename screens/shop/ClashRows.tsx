import { View } from 'react-native';
import type { Side } from '@/core/records/merge';
import { sayShop } from './sayShop';
import type { SideChoice as Chosen } from '@/data/transfer/choices';
import type { PlannedLine } from '@/data/transfer/planned';
import { useShop } from '@/data/hooks';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Notice } from '@/ui/Notice';
import { useWide } from '@/ui/useWidth';
import { Words } from '@/ui/Words';
import { clashWords } from './importWords';

/** A field that was changed here and in the file, with what was chosen of it. */
export interface Asked extends Omit<Chosen, 'side'> {
  readonly line: PlannedLine;
  readonly side: Side | null;
}

/** Lists everything that has to be chosen before a file is taken. */
export const askedOf = (lines: readonly PlannedLine[]): Asked[] =>
  lines.flatMap((line) =>
    line.clashes.map((clash) => ({ ...clash, kind: line.kind, id: line.id, line, side: null })),
  );

/** So many are shown one by one; what is beyond goes by the two buttons for all. */
const SHOWN = 60;

interface Props {
  readonly asked: readonly Asked[];
  readonly onChoose: (which: (asked: Asked) => boolean, side: Side) => void;
}

/** Both copies of each field that was changed in both, side by side, to choose from. */
export function ClashRows({ asked, onChoose }: Props) {
  const { unit } = useShop();
  const wide = useWide();
  if (asked.length === 0) return null;
  const more = asked.length - SHOWN;
  return (
    <>
      <Notice
        kind="caution"
        actions={
          <>
            <Button mode="outlined" onPress={() => onChoose(() => true, 'here')}>
              Keep all as here
            </Button>
            <Button mode="outlined" onPress={() => onChoose(() => true, 'file')}>
              Take all from the file
            </Button>
          </>
        }
      >
        {sayShop('shop.chooseFirst', { count: asked.length })}
      </Notice>
      {asked.slice(0, SHOWN).map((one) => {
        const { title, here, file } = clashWords(one.line, one, unit);
        return (
          <View key={`${one.kind} ${one.id} ${one.field}`} style={{ gap: 4 }}>
            <Words strong>{title}</Words>
            <Choice<Side | ''>
              label={title}
              value={one.side ?? ''}
              stacked={!wide}
              lines={8}
              options={[
                { value: 'here', name: here },
                { value: 'file', name: file },
              ]}
              onChange={(side) => (side ? onChoose((other) => other === one, side) : undefined)}
            />
          </View>
        );
      })}
      {more > 0 ? <Words strong>{sayShop('shop.clashesMore', { count: more })}</Words> : null}
    </>
  );
}
