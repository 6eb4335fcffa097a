import { StyleSheet, View } from 'react-native';
import { Circle, Line, Svg } from 'react-native-svg';
import { figuresFor } from '@/core/sums/kinds';
import type { Mark, Page } from '@/core/sums/page';
import { sayRoom } from '@/core/sums/room';
import type { Input, Sum } from '@/core/sums/sum';
import { factsOf, type Changed } from '@/core/sums/workOut';
import { sayFrame } from '@/core/sums/frame';
import { spelled } from '@/core/wording/say';
import { Held } from '@/ui/Held';
import { Line as Row } from '@/ui/Line';
import { usePalette, type Palette } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import { layout } from '@/ui/layout';
import type { SumState } from './useSum';

const TONE = { good: 'in', bad: 'out', unknown: 'muted' } as const satisfies Readonly<
  Record<Mark, keyof Palette>
>;

/** The sign of an answer, of the family of pin and ring: the pin in its ring, beside it, and a ring that is open. */
export function AnswerMark({ mark, size = 22 }: { readonly mark: Mark; readonly size?: number }) {
  const palette = usePalette();
  const color = palette[TONE[mark]];
  return (
    <Svg width={size} height={size} viewBox="-12 -12 24 24" aria-hidden>
      <Circle
        r={7}
        fill={palette.paper}
        stroke={color}
        strokeWidth={2.4}
        strokeDasharray={mark === 'unknown' ? '3.2 2.6' : undefined}
      />
      {mark === 'good' ? <Circle r={3} fill={color} /> : null}
      {mark === 'bad' ? <Circle cx={8} cy={-8} r={3} fill={color} /> : null}
      {mark === 'unknown' ? (
        <Line x1={-2.5} x2={2.5} y1={0} y2={0} stroke={color} strokeWidth={2} />
      ) : null}
    </Svg>
  );
}

interface Props {
  readonly sum: Sum;
  readonly state: SumState;
}

/** What a sum comes to in words; what is wanted next while it cannot be said; the last answer greyed meanwhile. */
export function SumAnswer({ sum, state: { outcome, last } }: Props) {
  const { missing } = outcome;
  return (
    <View style={styles.said}>
      {missing ? (
        <>
          <Heading size="instruction">
            {sayFrame('missing', { field: spelled(factsOf(sum, missing).label) })}
          </Heading>
          {missing.how ? <Words>{spelled(missing.how)}</Words> : null}
        </>
      ) : null}
      {last ? (
        <Held held={outcome.answer === null} quiet={missing !== null}>
          <View style={styles.head}>
            <AnswerMark mark={last.said.mark} size={30} />
            <Heading size="instruction" tone={TONE[last.said.mark]} style={layout.grow}>
              {spelled(last.said.head)}
            </Heading>
          </View>
          {last.said.rest.map((words) => (
            <Words key={words}>{spelled(words)}</Words>
          ))}
        </Held>
      ) : null}
    </View>
  );
}

/** What would change the answer most, each in a sentence. */
export const Most = ({ most }: { readonly most: readonly Changed[] }) =>
  most.length === 0 ? null : (
    <View style={layout.stack}>
      <Heading>{sayRoom('changes')}</Heading>
      {most.map(({ words }) => (
        <Row key={words}>
          <Words style={layout.grow}>{spelled(words)}</Words>
        </Row>
      ))}
    </View>
  );

/** What is longer is no figure: it stands beneath what it is of. */
const LONGEST = 24;

/** The figures beneath an answer. */
export function Figures({ sum, state: { last, unit } }: Props) {
  const page = sum.page as unknown as Page<Input, unknown> | undefined;
  if (!last || !page?.rows) return null;
  const rows = page.rows(last.given, last.value, figuresFor(unit));
  if (rows.length === 0) return null;
  return (
    <View style={layout.stack}>
      <Heading>{spelled(page.rowsName ?? sayRoom('rows'))}</Heading>
      {rows.map(([of, figure, mark]) => (
        <Row key={of}>
          {figure.length > LONGEST ? (
            <View style={layout.grow}>
              <Words strong>{spelled(of)}</Words>
              <Words size="note">{spelled(figure)}</Words>
            </View>
          ) : (
            <>
              <Words style={layout.grow}>{spelled(of)}</Words>
              <Words strong style={styles.figure}>
                {spelled(figure)}
              </Words>
            </>
          )}
          {mark ? <AnswerMark mark={mark} /> : null}
        </Row>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  said: { gap: 8 },
  head: { flexDirection: 'row', gap: 8, alignItems: 'flex-start' },
  figure: { flexShrink: 1, textAlign: 'right' },
});
