import { View } from 'react-native';
import { reasonOf } from '@/core/errors';
import { handsOf, type Hand } from '@/core/history/hands';
import type { StudyScatter } from '@/core/metrology/repeatability';
import { sayHistory } from '@/core/history/say';
import { handWords } from '@/core/history/sentences';
import { trendFigure } from '@/core/picture/trendFigure';
import { formatFine } from '@/core/quantity/format';
import { dateText } from '@/core/wording/date';
import { useShop } from '@/data/hooks';
import { Notice } from '@/ui/Notice';
import { WideFigure } from '@/ui/WideFigure';
import { Heading, Words } from '@/ui/Words';
import { useRepeats } from './useHistory';

interface Props {
  /** The name of the instrument as readings have it. */
  readonly instrument: string;
  readonly scatter: StudyScatter;
}

/** What was read twice at the bench since a study: whether each hand, and the instrument, scatter as it found. */
export function AtBench({ instrument, scatter }: Props) {
  const { unit } = useShop();
  const { answer, error } = useRepeats(instrument);
  if (error) return <Notice kind="error">{reasonOf(error)}</Notice>;
  if (!answer) return null;
  const fine = (mm: number): string => formatFine(mm, unit);
  const [whole] = handsOf(answer, 'instrument', scatter);
  const people = handsOf(answer, 'by', scatter);
  // One person’s readings are all of the instrument’s: they are told once.
  const hands = whole && people.length > 1 ? [whole, ...people] : people;
  return (
    <>
      <Heading>At the bench</Heading>
      {hands.length === 0 ? <Words>{sayHistory('history.handNone')}</Words> : null}
      {hands.map((hand) => (
        <HandLine
          key={`${hand === whole ? 'instrument' : 'hand'} ${hand.name}`}
          hand={hand}
          scatter={scatter}
          fine={fine}
        />
      ))}
    </>
  );
}

interface LineProps {
  readonly hand: Hand;
  readonly scatter: StudyScatter;
  readonly fine: (mm: number) => string;
}

/** One hand: what it scatters, and its pairs over time with the limit that the study sets. */
function HandLine({ hand, scatter, fine }: LineProps) {
  const { name, chart } = hand;
  const [first, last] = [chart.days[0] ?? '', chart.days.at(-1) ?? ''];
  const figure =
    chart.figures.length > 1
      ? trendFigure({
          figures: chart.figures,
          chart,
          from: dateText(first, 'utc month'),
          to: dateText(last, 'utc month'),
        })
      : null;
  return (
    <View>
      <Words>{handWords(hand, scatter, fine)}</Words>
      {figure ? (
        <WideFigure
          figure={figure}
          said={sayHistory('history.handChart', { name, n: chart.figures.length })}
        />
      ) : null}
    </View>
  );
}
