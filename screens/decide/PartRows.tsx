import { StyleSheet, View } from 'react-native';
import type { PartLine } from '@/core/rework/decision/lines';
import { costOfOffer, minutesOf, minutesShared } from '@/core/rework/operations/offers';
import { lineReason, lineTitle } from '@/core/wording/partLines';
import { minutesWords, sumWords } from '@/core/wording/money';
import { StageMark } from '@/ui/StageMark';
import { usePalette } from '@/ui/theme';
import { Words } from '@/ui/Words';
import type { Deciding } from './useDeciding';

/** One line for each part: what becomes of it, why, and what that costs. */
export function PartRows({ deciding }: { readonly deciding: Deciding }) {
  const palette = usePalette();
  // Nothing is said of a part until the plan is there.
  if (!deciding.solved) return null;
  return (
    <View role="list" aria-label="What becomes of each part" aria-busy={deciding.busy}>
      {deciding.lines.map((line) => (
        <View
          key={line.part.id}
          role="listitem"
          style={[styles.row, { borderColor: palette.line }]}
        >
          <StageMark standing={STANDING[line.decision]} size={22} />
          <View style={styles.words}>
            <Words strong>
              {lineTitle(line)}
              {isQuiet(line) ? <Reason line={line} deciding={deciding} inline /> : null}
            </Words>
            {isQuiet(line) ? null : <Reason line={line} deciding={deciding} />}
          </View>
          <Cost line={line} deciding={deciding} />
        </View>
      ))}
    </View>
  );
}

/** Says how a part stands in the list: seen to, to be worked on, or not known yet. */
const STANDING = {
  reuse: 'done',
  unknown: 'open',
  dress: 'work',
  machine: 'work',
  pair: 'work',
  replace: 'work',
} as const;

/** Tells whether nothing is done on a part: its reason stands in the line of its name. */
const isQuiet = ({ decision }: PartLine): boolean => decision === 'reuse' || decision === 'unknown';

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

/** Counts an operation on several parts with the first of them only, and a set-up that equal works share once. */
function Cost({ line, deciding }: { readonly line: PartLine; readonly deciding: Deciding }) {
  const own = line.works.filter(({ offer }) => offer.parts[0] === line.part.id);
  if (own.length === 0) return null;
  const { money } = deciding.shop;
  const first = deciding.planned.findIndex(({ offer }) => offer.id === own[0]?.offer.id);
  const before = deciding.planned.slice(0, first);
  const all = [...before, ...own].map(({ offer }) => offer);
  const shared = minutesShared(all) - minutesShared(before.map(({ offer }) => offer));
  const sum = own.reduce((total, { offer }) => total + costOfOffer(offer, money.rate), 0);
  const minutes = own.reduce((total, { offer }) => total + minutesOf(offer), 0) - shared;
  return (
    <View style={styles.cost}>
      <Words strong>{sumWords(sum - (shared / 60) * money.rate, money)}</Words>
      {own.some(({ offer }) => offer.terms.example) ? (
        <Words size="note" tone="muted">
          example
        </Words>
      ) : null}
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
