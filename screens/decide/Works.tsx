import { StyleSheet, View } from 'react-native';
import { worstFirst } from '@/core/assessment/summary';
import { formatWithUnit } from '@/core/quantity/format';
import { NEW_PART_mm } from '@/core/records/sizesSaid';
import { judgedIn, type Watched } from '@/core/rework/decision/case';
import { restsOnReckoning } from '@/core/rework/decision/moved';
import { answerKind } from '@/core/rework/decision/decide';
import { amountsOf } from '@/core/rework/decision/solve';
import { workRows } from '@/core/rework/decision/workRows';
import type { Amounts } from '@/core/rework/solver/problem';
import { sayDecide } from './sayDecide';
import { useRoom } from '@/ui/useWidth';
import { Words } from '@/ui/Words';
import { GapLines, GapsNow } from './GapLines';
import { MeasureRow } from './MeasureRow';
import { ShelfHint } from './ShelfHint';
import { Stays } from './Stays';
import type { Deciding } from './useDeciding';
import { WorkRows } from './WorkRows';

interface Props {
  readonly deciding: Deciding;
  readonly onShelf: () => void;
}

/** The plan as one list: its works, what is not in and no work changes, what stays as it is, what else could be done. */
export function Works({ deciding, onShelf }: Props) {
  // Nothing is said of a part or a gap until the plan is there.
  if (!deciding.decided) return null;
  return (
    <View>
      {deciding.plan ? <Planned deciding={deciding} /> : <Unplanned deciding={deciding} />}
      <MeasureRow deciding={deciding} />
      <ShelfHint deciding={deciding} onOpen={onShelf} />
    </View>
  );
}

/** The works of the plan in hand, and what stays beside them. */
export function Planned({ deciding }: Pick<Props, 'deciding'>) {
  const { rework, plan, planned, decided } = deciding;
  const amounts = amountsOf(plan ?? { works: [] });
  const { rows, apart, staying } = workRows(rework, planned, amounts);
  return (
    <>
      {decided && rows.length > 0 && answerKind(decided) === 'measure' ? (
        <Words strong>Planned so far</Words>
      ) : null}
      <WorkRows deciding={deciding} rows={rows} amounts={amounts} />
      <GapLines deciding={deciding} gaps={apart} amounts={amounts} />
      <Stays deciding={deciding} count={staying.length}>
        <GapLines deciding={deciding} gaps={staying} amounts={amounts} />
      </Stays>
      <Legend deciding={deciding} amounts={amounts} gaps={rows.flatMap((row) => row.gaps)} />
    </>
  );
}

interface LegendProps extends Pick<Props, 'deciding'> {
  readonly amounts: Amounts;
  readonly gaps: readonly Watched[];
}

/** Says what the bars show, and where new parts are taken to be nominal. */
function Legend({ deciding, amounts, gaps }: LegendProps) {
  const { tiny } = useRoom();
  const { rework, shop } = deciding;
  if (gaps.length === 0 || tiny) return null;
  const shows =
    rework.known.rule === 'guarded'
      ? 'Hollow: measured. Solid: after the work, uncertainty included.'
      : 'Hollow: measured. Solid: after the work.';
  const spread = formatWithUnit(NEW_PART_mm, 'gap', shop.unit);
  return (
    <View style={styles.legend}>
      <Words size="note" tone="muted">
        {shows}
      </Words>
      {restsOnReckoning(rework, gaps, amounts) ? (
        <Words size="note" tone="muted">
          {sayDecide('rework.newReckoned', { spread })}
        </Words>
      ) : null}
    </View>
  );
}

/** How gaps are, the worst first, while there is no plan. */
function Unplanned({ deciding }: Pick<Props, 'deciding'>) {
  const gaps = worstFirst(judgedIn(deciding.rework));
  const isIn = gaps.filter(({ verdict }) => verdict === 'in');
  return (
    <>
      <View style={styles.wrong}>
        <GapsNow deciding={deciding} gaps={gaps.filter((a) => !isIn.includes(a))} />
      </View>
      <Stays deciding={deciding} count={isIn.length}>
        <GapsNow deciding={deciding} gaps={isIn} />
      </Stays>
    </>
  );
}

const styles = StyleSheet.create({
  legend: { paddingTop: 6 },
  wrong: { gap: 4, paddingBottom: 8 },
});
