import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { reasonOf } from '@/core/errors';
import type { HistoryAnswer, HistoryAsked } from '@/core/history/answer';
import type { When } from '@/core/history/past';
import { sayHistory } from '@/core/history/say';
import {
  aboutWords,
  limitWords,
  outcomeWords,
  standingSentence,
  wearWords,
  type Told,
} from '@/core/history/sentences';
import { paragraph } from '@/core/wording/say';
import { Choice } from '@/ui/Choice';
import { Columns } from '@/ui/Columns';
import { Notice } from '@/ui/Notice';
import { Heading, Words } from '@/ui/Words';
import { ByMake } from './ByMake';
import { ByHours } from './ByHours';
import { Dots } from './Dots';
import { Earlier } from './Earlier';
import { Trend } from './Trend';
import { useHistory } from './useHistory';

/** Lists what the past can be looked at by. */
const VIEWS = [
  { value: 'came', name: 'As it came' },
  { value: 'went', name: 'As it went out' },
  { value: 'used', name: 'By what it ran' },
  { value: 'make', name: 'By maker' },
] as const;
type ViewName = (typeof VIEWS)[number]['value'];

export interface Props {
  readonly asked: HistoryAsked;
  readonly told: Told;
  /** What this pump had run; null where no pump asks, or nobody said. */
  readonly used: number | null;
}

/** What the shop's own pumps say about one characteristic: where this one stands, the distribution, what came of it. */
export function CharacteristicHistory({ asked, told, used }: Props) {
  const { answer, error, reading } = useHistory(asked);
  if (error) return <Notice kind="error">{reasonOf(error)}</Notice>;
  if (!answer) {
    return (
      <Words tone="muted">{reading ? sayHistory('history.reading', reading) : 'Opening…'}</Words>
    );
  }
  return <Answered asked={asked} told={told} used={used} answer={answer} />;
}

function Answered({ asked, told, used, answer }: Props & { readonly answer: HistoryAnswer }) {
  const [view, setView] = useState<ViewName>('came');
  // Spares are told by what the pump went out with.
  const when: When = view === 'went' || view === 'make' ? 'went' : 'came';
  const side = answer[when];
  const own_mm = when === 'went' ? asked.now_mm : asked.came_mm;
  const { lower_mm = null, upper_mm = null } = asked.limits ?? {};
  const isUnpublished = lower_mm === null && upper_mm === null;
  const wear = wearWords(answer, upper_mm, told);
  const drawn: Readonly<Record<ViewName, ReactNode>> = {
    came: <Dots side={side} limits={asked.limits} own_mm={own_mm} told={told} when={when} />,
    went: <Dots side={side} limits={asked.limits} own_mm={own_mm} told={told} when={when} />,
    used: <ByHours asked={asked} answer={answer} used={used} told={told} />,
    make: <ByMake asked={asked} makes={answer.makes} told={told} />,
  };
  return (
    <View style={styles.page}>
      <View style={styles.head}>
        <Heading size="title">{standingSentence(side, when, told, own_mm)}</Heading>
        <Words tone="muted">{aboutWords(side, when, told)}</Words>
      </View>
      <Columns
        first={
          <>
            <Choice label="Which figures" value={view} options={VIEWS} onChange={setView} />
            {drawn[view]}
            <Words size="note" tone="muted">
              {paragraph(
                told.kind === 'gap' ? sayHistory('history.end', { end: asked.question.end }) : '',
                asked.question.isDemo ? sayHistory('history.demo') : '',
              )}
            </Words>
          </>
        }
        second={
          <>
            {isUnpublished ? <Notice kind="word">{limitWords(answer, told)}</Notice> : null}
            {wear ? <Words>{wear}</Words> : null}
            {answer.outcome ? <Words>{outcomeWords(answer.outcome)}</Words> : null}
            <Trend answer={answer} kind={told.kind} />
            <Earlier visits={answer.earlier} told={told} />
          </>
        }
      />
    </View>
  );
}

const styles = StyleSheet.create({
  page: { gap: 14 },
  head: { gap: 4 },
});
