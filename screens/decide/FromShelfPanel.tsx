import { useQueryClient } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { PartChoice } from '@/core/pairing/choice';
import type { ShelfPart } from '@/core/records/part';
import { say } from '@/core/wording/say';
import { choicesWords, choiceAbout, choiceWords } from '@/core/wording/shelf';
import { KEYS } from '@/data/hooks';
import { fitIntoJob } from '@/data/shelf';
import { announce } from '@/ui/announce';
import { ActionRow } from '@/ui/ActionRow';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { Words } from '@/ui/Words';
import { useOnce } from '../shell/useOnce';
import { Sheet } from './Sheet';
import type { Deciding } from './useDeciding';
import { useShelfChoices } from './useShelfChoices';

interface Props {
  readonly deciding: Deciding;
  /** The part that somebody came here for. */
  readonly asked: string | null;
  readonly onDone: () => void;
  readonly onGive: () => void;
}

/** So many of each group are named, the best first. */
const NAMED = 12;

interface Group {
  readonly title: string;
  readonly list: readonly PartChoice[];
}

/** Sorts what could go in: the part that was asked for, what fits, what does not, what nobody can tell yet. */
function groupsOf(choices: readonly PartChoice[], asked: string | null): Group[] {
  const isAsked = ({ shelf }: PartChoice) => shelf !== null && shelf.id === asked;
  const others = choices.filter((choice) => !isAsked(choice));
  const why = (fit: PartChoice['fit']) => (fit.fits ? 'fits' : fit.why);
  const of = (...meant: string[]) => others.filter(({ fit }) => meant.includes(why(fit)));
  const named = (
    key: 'shelf.fitting' | 'shelf.notFitting' | 'shelf.notTold',
    list: readonly PartChoice[],
  ): Group => ({
    title: say(key, { count: list.length }),
    list,
  });
  return [
    { title: 'The part that you came from', list: choices.filter(isAsked) },
    named('shelf.fitting', of('fits')),
    named('shelf.notFitting', of('gap', 'variant')),
    named('shelf.notTold', of('unmeasured')),
  ].filter(({ list }) => list.length > 0);
}

/** Which parts on the shelf, or which width that can be bought, bring this pump in. */
export function FromShelfPanel({ deciding, asked, onDone, onGive }: Props) {
  const { job, shop } = deciding;
  const client = useQueryClient();
  const choices = useShelfChoices(job, shop);
  const [taken, setTaken] = useState<ShelfPart | null>(null);
  const fit = useOnce(async (part: ShelfPart) => {
    const after = await fitIntoJob(job, part.id, shop.person || job.by);
    client.setQueryData(KEYS.record('job', job.id), after);
    setTaken(part);
    announce(say('shelf.fitted', { label: part.label }));
    await client.invalidateQueries({ queryKey: KEYS.parts });
    // The bench shows the job as it is now when it is next opened.
    await client.invalidateQueries({ queryKey: KEYS.summaries, refetchType: 'none' });
  });
  const groups = useMemo(() => groupsOf(choices ?? [], asked), [choices, asked]);
  return (
    <Sheet
      title={choices ? choicesWords(job.sheet, choices, shop.unit) : 'Looking at the shelf…'}
      back="Back to the answer"
      onBack={onDone}
      action={
        <Button mode="outlined" contentStyle={styles.large} onPress={onGive}>
          Put parts of this pump on the shelf
        </Button>
      }
    >
      {taken ? (
        <Notice kind="word">
          {say(job.rules.shelf === 'trust' ? 'shelf.fitted' : 'shelf.fittedAgain', {
            label: taken.label,
          })}
        </Notice>
      ) : null}
      {fit.failed ? <Notice kind="error">{fit.failed}</Notice> : null}
      <Words tone="muted">By the measured sizes, uncertainty kept inside the limits.</Words>
      {groups.map(({ title, list }) => (
        <View key={title} role="list" aria-label={title}>
          <Words strong>{title}</Words>
          {list.slice(0, NAMED).map((choice) => (
            <ChoiceRow
              key={choice.part.id}
              choice={choice}
              deciding={deciding}
              onTake={choice.shelf ? () => fit.run(choice.shelf as ShelfPart) : undefined}
            />
          ))}
        </View>
      ))}
    </Sheet>
  );
}

interface RowProps {
  readonly choice: PartChoice;
  readonly deciding: Deciding;
  /** Puts it in the pump; undefined where it does not lie on the shelf. */
  readonly onTake: (() => void) | undefined;
}

function ChoiceRow({ choice, deciding: { job, shop }, onTake }: RowProps) {
  return (
    <ActionRow
      actions={
        onTake ? (
          <Button
            mode={choice.fit.fits ? 'contained' : 'outlined'}
            accessibilityLabel={say('shelf.putIn', { label: choice.label })}
            onPress={onTake}
          >
            Put it in
          </Button>
        ) : null
      }
    >
      <Words size="title" strong>
        {choice.label}
      </Words>
      <Words>{choiceWords(job.sheet, choice, shop.unit)}</Words>
      <Words size="note" tone="muted">
        {choiceAbout(job.sheet, choice, shop.money)}
      </Words>
    </ActionRow>
  );
}

const styles = StyleSheet.create({ large: { minHeight: 52 } });
