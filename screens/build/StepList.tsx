import { View } from 'react-native';
import { sayBuild } from '@/core/assembly/sayBuild';
import type { BuildItem, StepState } from '@/core/assembly/list';
import { ListRow } from '@/ui/ListRow';
import { StageMark } from '@/ui/StageMark';
import { Heading } from '@/ui/Words';
import type { StageStanding } from '@/core/guidance/stages';
import { WayGlyph } from '@/ui/WayGlyph';

/** The word for how a step stands. */
export const STATE_WORD: Readonly<Record<StepState, string>> = {
  open: 'to do',
  done: 'done',
  later: 'put off',
  absent: 'not on this pump',
  trouble: 'does not turn freely',
};

const MARK: Readonly<Record<StepState, StageStanding>> = {
  open: 'open',
  done: 'done',
  later: 'skipped',
  absent: 'skipped',
  trouble: 'work',
};

interface Props {
  readonly items: readonly BuildItem[];
  readonly shown: string | null;
  readonly onChoose: (step: string) => void;
}

/** Says how a step stands, with the word that was given for it. */
const noteOf = ({ state, answer, torquing }: BuildItem): string => {
  const part =
    state === 'open' && torquing?.stages.some(({ done }) => done.size > 0) ? 'in work' : '';
  return [part || STATE_WORD[state], answer?.remark].filter(Boolean).join('; ');
};

/** All steps in their order, section by section, each with how it stands; a touch takes one in hand. */
export function StepList({ items, shown, onChoose }: Props) {
  return (
    <View>
      <Heading>Steps</Heading>
      {items.map((item, i) => {
        const { step, way, state } = item;
        const { section } = step;
        const isFirst = section !== null && items[i - 1]?.step.section !== section;
        const note = noteOf(item);
        return (
          <View key={step.id}>
            {isFirst ? (
              <Heading level={3}>{sayBuild('page.section', { number: section })}</Heading>
            ) : null}
            <ListRow
              name={step.do}
              note={note}
              noteTone={state === 'trouble' ? 'out' : 'muted'}
              spoken={sayBuild('page.spoken', { number: i + 1, words: step.do, state: note })}
              here={step.id === shown}
              mark={<StageMark standing={MARK[state]} size={24} />}
              onPress={() => onChoose(step.id)}
            >
              {way.right ? (
                <WayGlyph way={way.right.id} option={way.right.option} width={44} />
              ) : null}
            </ListRow>
          </View>
        );
      })}
    </View>
  );
}
