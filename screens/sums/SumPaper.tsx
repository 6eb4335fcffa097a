import { StyleSheet, View } from 'react-native';
import type { Page } from '@/core/sums/page';
import { sayRoom } from '@/core/sums/room';
import { figuresFor } from '@/core/sums/kinds';
import type { Input, Sum } from '@/core/sums/sum';
import { asked, factsOf, shownText } from '@/core/sums/workOut';
import { spelled } from '@/core/wording/say';
import { OnPaper } from '@/ui/OnPaper';
import { Heading, Words } from '@/ui/Words';
import type { SumState } from './useSum';

interface Props {
  readonly name: string;
  readonly sum: Sum;
  readonly state: SumState;
}

/** A sum on paper: question, answer, what was entered, the figures, and how it was worked out. */
export function SumPaper({ name, sum, state: { outcome, typed, unit } }: Props) {
  const page = sum.page as unknown as (Page<Input, unknown> & Page<never, never>) | undefined;
  const { answer } = outcome;
  if (!page || !answer) return null;
  const entered = asked(page, typed).flatMap((ask) => {
    const text = shownText(sum, ask, typed[ask.at], unit);
    if (text === '') return [];
    const { label, kind, choices } = factsOf(sum, ask);
    const written = choices.length > 0 ? (ask.names?.[text] ?? text) : text;
    // A figure that was typed with its unit needs none behind it.
    const inUnit = ask.isClock || /[a-z"°µ]/i.test(text) ? '' : (kind?.unit(unit) ?? '');
    const figure = [written, inUnit].filter(Boolean).join('\u00a0');
    return [sayRoom('symbol', { symbol: label, meaning: figure })];
  });
  const rows = (page.rows?.(answer.given, answer.value, figuresFor(unit)) ?? []).map(
    ([symbol, meaning]) => sayRoom('symbol', { symbol, meaning }),
  );
  const { line, source, assumed } = page.formula;
  const worked = [
    line,
    sayRoom('source', { what: source }),
    ...assumed.map((what) => sayRoom('assumed', { what })),
    sayRoom('rules'),
  ];
  return (
    <OnPaper>
      <View style={styles.paper} testID="sum-paper">
        <Heading size="strong">{spelled(name)}</Heading>
        <Heading size="title">{spelled(answer.said.head)}</Heading>
        {[...answer.said.rest, ...entered, ...rows, ...worked].map((words) => (
          <Words key={words}>{spelled(words)}</Words>
        ))}
      </View>
    </OnPaper>
  );
}

const styles = StyleSheet.create({ paper: { gap: 6, padding: 12 } });
