import { StyleSheet, View } from 'react-native';
import type { Watched } from '@/core/rework/decision/case';
import { restsOnReckoning } from '@/core/rework/decision/moved';
import { formatWithUnit } from '@/core/quantity/format';
import { NEW_PART_mm } from '@/core/records/sheet';
import type { Amounts } from '@/core/rework/solver/problem';
import { outAfter, spansAfter } from '@/core/rework/decision/solve';
import type { Span } from '@/core/rework/effects/standing';
import { say } from '@/core/wording/say';
import { gapAfter } from '@/core/wording/gapAfter';
import { Words } from '@/ui/Words';
import { GapRow } from './GapRow';
import type { Deciding } from './useDeciding';

interface Props {
  readonly deciding: Deciding;
  readonly gaps: readonly Watched[];
  readonly amounts: Amounts;
}

const asRange = ({ low_mm, high_mm }: Span) => {
  const hi_mm = Number.isFinite(high_mm) ? high_mm : null;
  const bar = { kind: 'interval', lo_mm: low_mm, hi_mm } as const;
  return { smallest: bar, largest: bar };
};

/** Gaps as they were measured, hollow, and as they will be after work, full. */
export function GapChanges({ deciding, gaps, amounts }: Props) {
  const { rework, shop } = deciding;
  const after = spansAfter({ watched: gaps }, amounts);
  const out = new Set(outAfter({ watched: gaps }, amounts));
  if (gaps.length === 0) return null;
  return (
    <View style={styles.box}>
      {gaps.map(({ assessment, span }) => {
        const { id } = assessment.characteristic;
        const then = after.get(id);
        return (
          <GapRow
            key={id}
            assessment={assessment}
            {...gapAfter(assessment, span, then ?? null, out.has(assessment))}
            known={then ? asRange(then) : null}
            before={asRange(span)}
            unit={shop.unit}
          />
        );
      })}
      <Words size="note" tone="muted">
        {rework.known.rule === 'guarded'
          ? 'Hollow: as measured. Full: after the work, with what the measuring may be off.'
          : 'Hollow: as measured. Full: after the work.'}
      </Words>
      {restsOnReckoning(rework, gaps, amounts) ? (
        <Words size="note" tone="muted">
          {say('rework.newReckoned', { spread: formatWithUnit(NEW_PART_mm, 'gap', shop.unit) })}
        </Words>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({ box: { gap: 4 } });
