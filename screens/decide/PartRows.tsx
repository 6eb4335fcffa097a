import { StyleSheet, View } from 'react-native';
import type { PartLine } from '@/core/rework/decision/lines';
import { costOfOffer, minutesOf } from '@/core/rework/operations/offers';
import { lineReason, lineTitle } from '@/core/wording/decide';
import { minutesWords, sumWords } from '@/core/wording/money';
import { StageMark } from '@/ui/StageMark';
import { usePalette } from '@/ui/theme';
import { Words } from '@/ui/Words';
import type { Deciding } from './useDeciding';

/** One line for each part: what becomes of it, why, and what that costs. */
export function PartRows({ deciding }: { readonly deciding: Deciding }) {
  const palette = usePalette();
  return (
    <View role="list" aria-label="What becomes of each part">
      {deciding.lines.map((line) => (
        <View
          key={line.part.id}
          role="listitem"
          style={[styles.row, { borderColor: palette.line }]}
        >
          <StageMark standing={line.decision === 'reuse' ? 'done' : 'work'} size={22} />
          <View style={styles.words}>
            <Words strong>
              {lineTitle(line)}
              {line.decision === 'reuse' ? <Reason line={line} deciding={deciding} inline /> : null}
            </Words>
            {line.decision === 'reuse' ? null : <Reason line={line} deciding={deciding} />}
          </View>
          <Cost line={line} deciding={deciding} />
        </View>
      ))}
    </View>
  );
}

interface ReasonProps {
  readonly line: PartLine;
  readonly deciding: Deciding;
  /** It goes on in the line of the title. */
  readonly inline?: boolean;
}

function Reason({ line, deciding, inline = false }: ReasonProps) {
  const words = lineReason(deciding.rework, line, deciding.shop.unit);
  return (
    <Words size="note" tone="muted">
      {inline ? `  ${words}` : words}
    </Words>
  );
}

/** Counts an operation on several parts with the first of them only. */
function Cost({ line, deciding }: { readonly line: PartLine; readonly deciding: Deciding }) {
  const own = line.works.filter(({ offer }) => offer.parts[0] === line.part.id);
  if (own.length === 0) return null;
  const { money } = deciding.shop;
  const sum = own.reduce((all, { offer }) => all + costOfOffer(offer, money.rate), 0);
  const minutes = own.reduce((all, { offer }) => all + minutesOf(offer), 0);
  return (
    <View style={styles.cost}>
      <Words strong>{sumWords(sum, money)}</Words>
      {minutes > 0 ? (
        <Words size="note" tone="muted">
          {minutesWords(minutes)}
        </Words>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: 8,
    borderBottomWidth: 1,
    paddingVertical: 5,
  },
  words: { flex: 1, minWidth: 0 },
  cost: { alignItems: 'flex-end' },
});
