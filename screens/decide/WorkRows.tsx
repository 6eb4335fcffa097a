import { StyleSheet, View } from 'react-native';
import { pumpOf } from '@/core/pumps/registry';
import type { WorkRow } from '@/core/rework/decision/workRows';
import type { Amounts } from '@/core/rework/solver/problem';
import { workCost, workDetail, workTitle } from '@/core/wording/workRows';
import { usePalette } from '@/ui/theme';
import { useRoom, useWide } from '@/ui/useWidth';
import { Words } from '@/ui/Words';
import { useFlowBasis } from './flow/useFlow';
import { WorkGain } from './flow/WorkGain';
import { GapLines } from './GapLines';
import type { Deciding } from './useDeciding';
import { layout } from '@/ui/layout';

interface Props {
  readonly deciding: Deciding;
  readonly rows: readonly WorkRow[];
  readonly amounts: Amounts;
}

/** The works of a plan in the order of doing: amount, price and time of each, and beneath it what it does to its gaps. */
export function WorkRows({ deciding, rows, amounts }: Props) {
  const palette = usePalette();
  const wide = useWide();
  const { tiny } = useRoom();
  const { shop, job } = deciding;
  const pump = pumpOf(job.sheet);
  const basis = useFlowBasis(job);
  return (
    <View role="list" aria-label="The plan" aria-busy={deciding.busy}>
      {rows.map((row, i) => {
        const detail = workDetail(row, pump, shop.unit);
        return (
          <View
            key={row.works[0].offer.id}
            role="listitem"
            style={[styles.row, { borderColor: palette.line }]}
          >
            <Words size="strong" strong tone="blue" style={styles.number}>
              {i + 1}
            </Words>
            <View style={wide ? styles.wide : styles.what}>
              <View style={wide ? layout.grow : null}>
                <View style={[styles.head, tiny && styles.wrapped]}>
                  <Words strong style={layout.grow}>
                    {workTitle(row, pump)}
                  </Words>
                  <Words size="note" strong>
                    {workCost(row, shop.money)}
                  </Words>
                </View>
                {detail ? <Words size="note">{detail}</Words> : null}
                <WorkGain basis={basis} deciding={deciding} row={row} />
              </View>
              <View style={wide ? layout.grow : null}>
                <GapLines deciding={deciding} gaps={row.gaps} amounts={amounts} />
              </View>
            </View>
          </View>
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 8, borderTopWidth: 1, paddingVertical: 7 },
  number: { width: 20 },
  what: { flex: 1, minWidth: 0, gap: 2 },
  wide: { flex: 1, flexDirection: 'row', gap: 24, minWidth: 0 },
  head: { flexDirection: 'row', alignItems: 'baseline', gap: 8 },
  // Under it what it costs, where a line has room for words only.
  wrapped: { flexDirection: 'column', gap: 0 },
});
