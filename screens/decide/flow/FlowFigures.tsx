import { StyleSheet, View } from 'react-native';
import type { JobDisplacement } from '@/core/flow/jobPump';
import { isChanged } from '@/core/wording/flowFigures';
import { usePalette } from '@/ui/theme';
import { Words } from '@/ui/Words';
import type { ShownDuty } from './useFlow';

interface Props {
  readonly displacement: JobDisplacement;
  readonly idle: ShownDuty;
}

const percentOf = (efficiency: number | null | undefined): string | null =>
  efficiency == null ? null : (100 * efficiency).toFixed(0);

/** What a pump moves in a turn, and how much of that arrives at hot idle: now, and after the work. */
export function FlowFigures({ displacement, idle }: Props) {
  const { cc_rev } = displacement;
  const now = percentOf(idle.flow?.efficiency);
  const isNew = idle.band && idle.afterBand && isChanged(idle.band, idle.afterBand);
  const after = isNew ? percentOf(idle.after?.flow?.efficiency) : null;
  return (
    <View style={styles.column}>
      {cc_rev === null ? null : <Figure value={cc_rev.toFixed(1)} unit=" cm³" of="a turn" />}
      {now === null ? null : (
        <Figure
          value={now}
          unit="%"
          of={idle.unmeasured < 1 ? 'hot idle, now' : 'hot idle, usual gaps'}
        />
      )}
      {after === null ? null : <Figure value={after} unit="%" of="after the work" />}
    </View>
  );
}

interface FigureProps {
  readonly value: string;
  readonly unit: string;
  readonly of: string;
}

function Figure({ value, unit, of }: FigureProps) {
  const palette = usePalette();
  return (
    <View style={[styles.figure, { borderColor: palette.line, backgroundColor: palette.paper }]}>
      <Words size="title" strong>
        {value}
        {unit}
      </Words>
      <Words size="note" tone="muted">
        {of}
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({
  column: { flexGrow: 1, flexBasis: 110, gap: 8 },
  figure: { borderWidth: 1, borderRadius: 8, paddingHorizontal: 12, paddingVertical: 8 },
});
