import { StyleSheet, View } from 'react-native';
import { changesFor, type CausesAnswer, type Shown } from '@/core/causes/answer';
import type { Ranked } from '@/core/causes/rank';
import { causeName, sayCauses, wordsAgainst, wordsFor } from '@/core/causes/sayCauses';
import { sayCause, unsayCause } from '@/core/commands/blaming';
import { lower } from '@/core/quantity/letters';
import type { CauseAnswer, CauseEntry } from '@/core/records/entries/cause';
import type { Job } from '@/core/records/job';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { usePalette } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import { layout } from '@/ui/layout';
import { useCommand } from '../job/useCommand';

interface Props {
  readonly job: Job;
  readonly answer: CausesAnswer;
  readonly shown: Shown;
}

/** A cause: what speaks for it and against it, the check that settles it, and what must change too. */
export function CauseCard({ job, answer, shown: { ranked, results, said } }: Props) {
  const palette = usePalette();
  const { cause } = ranked;
  const changes = changesFor(cause, job.sheet);
  return (
    <View style={[styles.card, { borderColor: palette.line, backgroundColor: palette.paper }]}>
      <Heading level={3}>{cause.name}</Heading>
      <Weighed answer={answer} ranked={ranked} />
      {results.map((result) => (
        <View key={result.cause.id} style={[styles.under, { borderColor: palette.line }]}>
          <Words>{sayCauses('page.leftBehind', { result: causeName(result) })}</Words>
        </View>
      ))}
      <View>
        <Words strong>The check that settles it</Words>
        <Words>{cause.settle}</Words>
      </View>
      {cause.caution ? <Notice kind="caution">{cause.caution}</Notice> : null}
      <CauseAnswers job={job} ranked={ranked} said={said} />
      <View>
        <Words strong>Change too, or it comes back</Words>
        {changes.map(({ words }) => (
          <Words key={words}>{words}</Words>
        ))}
      </View>
    </View>
  );
}

interface WeighedProps {
  readonly answer: CausesAnswer;
  readonly ranked: Ranked;
}

/** What speaks for a cause and against it, each a line. */
export function Weighed({ answer, ranked }: WeighedProps) {
  const { places } = answer.found;
  const lines = [
    ...wordsFor(ranked, places).map((words, i) => ({
      sign: i < ranked.strong.length ? 'For it, strongly:' : 'For it:',
      words,
    })),
    ...wordsAgainst(ranked, places).map((words) => ({ sign: 'Against it:', words })),
  ];
  if (lines.length === 0) return <Words tone="muted">Nothing found for it or against it.</Words>;
  return (
    <View>
      {lines.map(({ sign, words }) => (
        <Words key={words}>
          <Words tone="muted">{`${sign} `}</Words>
          {words}
        </Words>
      ))}
    </View>
  );
}

const SAYS: Readonly<Record<CauseAnswer, string>> = {
  proven: 'The check proved it.',
  'ruled-out': 'The check ruled it out.',
  taken: 'Taken for the cause, without the check.',
};

interface AnswersProps {
  readonly job: Job;
  readonly ranked: Ranked;
  readonly said: CauseEntry | null;
}

/** What the check came to, or a person’s word without it. */
export function CauseAnswers({ job, ranked: { cause }, said }: AnswersProps) {
  const { run, error } = useCommand(job);
  const take = (answer: CauseAnswer) => {
    const change = answer === 'ruled-out' ? [] : changesFor(cause, job.sheet);
    void run(sayCause({ cause: cause.id, answer, words: cause.name, change }));
  };
  if (said) {
    return (
      <Notice
        kind="word"
        actions={
          <Button mode="outlined" onPress={() => void run(unsayCause(cause.id))}>
            Take it back
          </Button>
        }
      >
        {said.by
          ? sayCauses('page.saidBy', { person: said.by, said: lower(SAYS[said.answer]) })
          : SAYS[said.answer]}
      </Notice>
    );
  }
  return (
    <View style={layout.wrap}>
      {error ? <Notice kind="error">{error}</Notice> : null}
      <Button mode="contained" onPress={() => take('proven')}>
        The check proves it
      </Button>
      <Button mode="outlined" onPress={() => take('ruled-out')}>
        Rules it out
      </Button>
      <Button mode="outlined" onPress={() => take('taken')}>
        Take it, unchecked
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({
  card: { borderWidth: 1, borderRadius: 6, padding: 12, gap: 10 },
  under: { borderLeftWidth: 3, paddingLeft: 10 },
});
