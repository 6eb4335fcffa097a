import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import type { PartLine } from '@/core/rework/decision/lines';
import { lineReason, lineTitle } from '@/core/wording/partLines';
import { paragraph } from '@/core/wording/say';
import { sayDecide } from './sayDecide';
import { RowButton } from '@/ui/RowButton';
import { StageMark } from '@/ui/StageMark';
import { Words } from '@/ui/Words';
import type { Deciding } from './useDeciding';
import { layout } from '@/ui/layout';

interface Props {
  readonly deciding: Deciding;
  /** So many checks stay in. */
  readonly count: number;
  /** A line for each of them. */
  readonly children: ReactNode;
}

/** What is left as it is, in a line that opens: the parts on which nothing is done, the checks that stay in. */
export function Stays({ deciding, count, children }: Props) {
  const [open, setOpen] = useState(false);
  const left = deciding.lines.filter(({ works }) => works.length === 0);
  const quiet = left.filter(isQuiet);
  const name = staysWords(quiet);
  const about = count > 0 ? sayDecide('rework.checksStay', { count }) : '';
  const isKnown = quiet.every(({ decision }) => decision !== 'unknown');
  return (
    <View>
      {left
        .filter((line) => !isQuiet(line))
        .map((line) => (
          <LeftLine key={line.part.id} line={line} deciding={deciding} />
        ))}
      {quiet.length + count > 0 ? (
        <RowButton
          name={name || about}
          about={name ? about : ''}
          mark={<StageMark standing={isKnown ? 'done' : 'open'} size={22} />}
          open={open}
          onPress={() => setOpen(!open)}
        />
      ) : null}
      {open ? (
        <View style={styles.list}>
          <View role="list" aria-label="Parts on which nothing is done">
            {quiet.map((line) => (
              <LeftLine key={line.part.id} line={line} deciding={deciding} />
            ))}
          </View>
          {children}
        </View>
      ) : null}
    </View>
  );
}

/** Tells whether nothing has to be done about a part as far as anybody knows. */
const isQuiet = ({ decision, asked, unmet, done }: PartLine): boolean =>
  asked.length === 0 &&
  unmet === null &&
  (decision === 'reuse' || decision === 'unknown' || done.length > 0);

/** Says how many parts stay as they are, and of how many nobody knows enough. */
function staysWords(lines: readonly PartLine[]): string {
  const stay = lines.filter(({ decision }) => decision === 'reuse').length;
  const unknown = lines.filter(({ decision }) => decision === 'unknown').length;
  return paragraph(
    stay > 0 ? sayDecide('rework.partsStay', { count: stay }) : '',
    unknown > 0 ? sayDecide('rework.partsUnknown', { count: unknown }) : '',
    lines.length > stay + unknown
      ? sayDecide('rework.partsDone', { count: lines.length - stay - unknown })
      : '',
  );
}

interface LineProps {
  readonly deciding: Deciding;
  readonly line: PartLine;
}

function LeftLine({ deciding, line }: LineProps) {
  const { decision, done } = line;
  const isDone = decision === 'reuse' || done.length > 0;
  return (
    <View role="listitem" style={styles.line}>
      <StageMark standing={isDone ? 'done' : decision === 'unknown' ? 'open' : 'work'} size={20} />
      <View style={layout.grow}>
        <Words size="note" strong>
          {lineTitle(line)}
        </Words>
        <Words size="note" tone="muted">
          {lineReason(deciding.rework, line, deciding.shop.unit)}
        </Words>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  list: { gap: 6, paddingTop: 6 },
  line: { flexDirection: 'row', alignItems: 'center', gap: 8, paddingVertical: 3 },
});
