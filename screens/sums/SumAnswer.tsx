import { StyleSheet, View } from 'react-native';
import type { Verdict } from '@/core/metrology/verdict';
import { figuresFor } from '@/core/sums/kinds';
import type { Mark, Page } from '@/core/sums/page';
import { sayRoom } from '@/core/sums/room';
import type { Input, Sum } from '@/core/sums/sum';
import { factsOf, type Changed } from '@/core/sums/workOut';
import { sayFrame } from '@/core/sums/frame';
import { spelled } from '@/core/wording/say';
import { Held } from '@/ui/Held';
import { Line as Row } from '@/ui/Line';
import { PinRing, VERDICT_TONE } from '@/ui/PinRing';
import { Heading, Words } from '@/ui/Words';
import { layout } from '@/ui/layout';
import type { SumState } from './useSum';

/** The verdict whose mark and colour an answer has. */
const VERDICT = { good: 'in', bad: 'out', unknown: 'open' } as const satisfies Readonly<
  Record<Mark, Verdict>
>;

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
            <PinRing verdict={VERDICT[last.said.mark]} size={30} />
            <Heading
              size="instruction"
              tone={VERDICT_TONE[VERDICT[last.said.mark]]}
              style={layout.grow}
            >
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
      {most.map(({ words, mark }) => (
        <Row key={words}>
          <Words style={layout.grow}>{spelled(words)}</Words>
          <PinRing verdict={VERDICT[mark]} />
        </Row>
      ))}
    </View>
  );

/** What is longer is no figure: it stands beneath what it is of. */
const LONGEST = 24;

/** The figures beneath an answer. */
export function Figures({ sum, state: { outcome, last, unit } }: Props) {
  const page = sum.page as unknown as Page<Input, unknown> | undefined;
  if (!last || !page?.rows) return null;
  const rows = page.rows(last.given, last.value, figuresFor(unit));
  if (rows.length === 0) return null;
  return (
    <Held held={outcome.answer === null} quiet>
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
          {mark ? <PinRing verdict={VERDICT[mark]} /> : null}
        </Row>
      ))}
    </Held>
  );
}

const styles = StyleSheet.create({
  said: { gap: 8 },
  head: { flexDirection: 'row', gap: 8, alignItems: 'flex-start' },
  figure: { flexShrink: 1, textAlign: 'right' },
});
