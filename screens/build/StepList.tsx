import { useState } from 'react';
import { View } from 'react-native';
import { sayBuild } from '@/core/assembly/sayBuild';
import { isInWork, type BuildItem, type StepState } from '@/core/assembly/list';
import { ListRow } from '@/ui/ListRow';
import { RowButton } from '@/ui/RowButton';
import { capital } from '@/core/quantity/letters';
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
const noteOf = (item: BuildItem): string =>
  [isInWork(item) ? 'in work' : STATE_WORD[item.state], item.answer?.remark]
    .filter(Boolean)
    .join('; ');

interface RowProps {
  readonly item: BuildItem;
  readonly number: number;
  /** The section that begins with it; null where none does. */
  readonly begins: number | null;
  readonly here: boolean;
  readonly onChoose: (step: string) => void;
}

/** A step as a line of the list, under the heading of its section where that begins. */
function StepRow({ item, number, begins, here, onChoose }: RowProps) {
  const { step, way, state } = item;
  const note = noteOf(item);
  return (
    <View>
      {begins === null ? null : (
        <Heading level={3}>{sayBuild('page.section', { number: begins })}</Heading>
      )}
      <ListRow
        name={step.do}
        note={note}
        noteTone={state === 'trouble' ? 'out' : 'muted'}
        spoken={sayBuild('page.spoken', { number, words: step.do, state: capital(note) })}
        here={here}
        mark={<StageMark standing={MARK[state]} size={24} />}
        onPress={() => onChoose(step.id)}
      >
        {way.right ? <WayGlyph way={way.right.id} option={way.right.option} width={44} /> : null}
      </ListRow>
    </View>
  );
}

/** All steps in their order, section by section; those that are done from the first on are one line until it is opened. */
export function StepList({ items, shown, onChoose }: Props) {
  const [open, setOpen] = useState(false);
  const left = items.findIndex(({ state, step }) => state !== 'done' || step.id === shown);
  const done = left < 0 ? items.length : left;
  const row = (item: BuildItem) => {
    const at = items.indexOf(item);
    const { section, id } = item.step;
    return (
      <StepRow
        key={id}
        item={item}
        number={at + 1}
        begins={section !== null && items[at - 1]?.step.section !== section ? section : null}
        here={id === shown}
        onChoose={onChoose}
      />
    );
  };
  return (
    <View>
      <Heading>Steps</Heading>
      {done > 0 ? (
        <RowButton
          name={sayBuild('page.done', { count: done })}
          about="to read again, or to answer otherwise"
          open={open}
          mark={<StageMark standing="done" size={24} />}
          onPress={() => setOpen(!open)}
        />
      ) : null}
      {open ? items.slice(0, done).map(row) : null}
      {items.slice(done).map(row)}
    </View>
  );
}
