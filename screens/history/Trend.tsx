import { View } from 'react-native';
import type { LengthKind } from '@/core/quantity/units';
import type { HistoryAnswer } from '@/core/history/answer';
import { sayHistory } from '@/core/history/say';
import { trendWords } from '@/core/history/sentences';
import { trendFigure } from '@/core/picture/trendFigure';
import { dateText } from '@/core/wording/date';
import { WideFigure } from '@/ui/WideFigure';
import { Heading, Words } from '@/ui/Words';

interface Props {
  readonly answer: HistoryAnswer;
  readonly kind: LengthKind;
}

/** How the pumps of the model came one after the other, with the control chart's limits. */
export function Trend({ answer, kind }: Props) {
  const { figures } = answer.came;
  const [first, last] = [figures[0], figures.at(-1)];
  if (!first || !last || figures.length < 2) return null;
  const span = {
    from: dateText(first.day, 'utc month'),
    to: dateText(last.day, 'utc month'),
  };
  const figure = trendFigure({
    figures: figures.map(({ mm }) => mm),
    chart: answer.chart,
    ...span,
  });
  return (
    <View>
      <Heading level={3}>Over time</Heading>
      {figure ? <WideFigure figure={figure} said={sayHistory('history.trend', span)} /> : null}
      <Words>{trendWords(answer, kind)}</Words>
    </View>
  );
}
