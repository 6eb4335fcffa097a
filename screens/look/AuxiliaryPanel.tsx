import { answerAuxiliary, answerAsExpected } from '@/core/commands/noting';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/Button';
import {
  answerTells,
  auxiliaryChecks,
  harmOf,
  type AuxiliaryChecked,
} from '@/core/inspect/auxiliary';
import type { Job } from '@/core/records/job';
import { FootButton } from '@/ui/FootButton';
import { FootRow } from '@/ui/FootRow';
import { Notice } from '@/ui/Notice';
import { Tile, Tiles } from '@/ui/Tile';
import { scaled } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import { useCommand } from '../job/useCommand';
import { NOT_HERE } from '@/core/inspect/clutches';
import { paragraph, say, sentence, spelled } from '@/core/wording/say';
import { capital } from '@/core/quantity/letters';
import { useNextFocus } from '@/ui/focus';

interface Props {
  readonly job: Job;
  readonly checked: AuxiliaryChecked;
  readonly number: number;
  readonly of: number;
  readonly onDone: () => void;
}

/** A small check without a clearance: its question, its answers, and a word where the answer is not the expected one. */
export function AuxiliaryPanel({ job, checked: { check, answer }, number, of, onDone }: Props) {
  const { run, error } = useCommand(job);
  const [held, setHeld] = useState<string | null>(null);
  const take = async (given: string) => {
    if (await run(answerAuxiliary(check.id, given))) onDone();
  };
  /** The rest that have an expected answer, answered so: looked at one after another, noted once. */
  const usual = auxiliaryChecks(job).filter((c) => c.answer === null && c.check.expected !== '');
  const harm = held === null ? null : harmOf(check, held, job);
  const next = useNextFocus(check.id);
  const takeUsual = () => run(answerAsExpected(usual.map(({ check: c }) => c)));
  const choose = (option: string) => {
    const isRight = check.expected === '' || option === check.expected || option === NOT_HERE;
    if (isRight && !harmOf(check, option, job)) void take(option);
    else setHeld(option);
  };
  return (
    <View style={styles.panel}>
      <View>
        <Heading size="title">{check.name}</Heading>
        <Words size="note" tone="muted">
          {say('look.otherChecks', { number, all: of })}
        </Words>
      </View>
      <View ref={next} role="status" aria-label="Next">
        <Words size="instruction" strong style={styles.ask}>
          {check.ask}
        </Words>
      </View>
      {error ? <Notice kind="error">{error}</Notice> : null}
      <Tiles label={check.ask}>
        {check.options.map((option) => (
          <Tile
            key={option}
            name={spelled(option)}
            {...(answer || held ? { chosen: (held ?? answer?.answer) === option } : {})}
            onPress={() => choose(option)}
          />
        ))}
      </Tiles>
      {held ? (
        <Notice
          kind={harm ? 'error' : 'caution'}
          actions={
            <>
              <Button mode="outlined" onPress={() => setHeld(null)}>
                Look again
              </Button>
              <Button mode="contained" onPress={() => void take(held)}>
                {say('look.record', { answer: spelled(held) })}
              </Button>
            </>
          }
        >
          {paragraph(
            harm && held && sentence(capital(answerTells(check, held, harm))),
            check.expected ? say('look.expected', { answer: spelled(check.expected) }) : '',
          )}
        </Notice>
      ) : null}
      <FootRow>
        {answer ? <FootButton name="Next" onPress={onDone} /> : null}
        {usual.length > 1 && !answer ? (
          <FootButton
            name={say('look.allExpected', { count: usual.length })}
            onPress={() => void takeUsual()}
          />
        ) : null}
      </FootRow>
    </View>
  );
}

const styles = StyleSheet.create({
  panel: { gap: 10 },
  ask: { lineHeight: scaled(32), minHeight: scaled(64) },
});
