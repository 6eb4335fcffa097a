import { StyleSheet, View } from 'react-native';
import type { JobPath } from '@/core/flow/answer';
import type { Sheet } from '@/core/records/sheet';
import type { ShopUnit } from '@/core/quantity/units';
import { flowUnit } from '@/core/quantity/flow';
import { pathLine } from '@/core/wording/flow';
import { sayFlow } from '@/core/wording/sayFlow';
import { usePalette } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { layout } from '@/ui/layout';

interface Props {
  readonly sheet: Sheet;
  readonly paths: readonly JobPath[];
  /** The factor on the slip: lines add up to what is lost. */
  readonly K: number;
  readonly unit: ShopUnit;
}

/** What each path loses, the greatest first: its gap, a bar as long as its share, the flow and the share. */
export function LeakList({ sheet, paths, K, unit }: Props) {
  const palette = usePalette();
  const most = Math.max(...paths.map(({ share }) => share), Number.MIN_VALUE);
  return (
    <View role="list" aria-label="What is lost, path by path">
      {paths.map((path) => {
        const { name, gap, note, flow, percent } = pathLine(sheet, path, K, unit);
        return (
          <View
            key={path.characteristic}
            role="listitem"
            style={[styles.line, { borderColor: palette.line }]}
          >
            <View style={layout.grow}>
              <Words size="note">
                <Words size="note" strong>
                  {name}
                </Words>{' '}
                {gap}
              </Words>
              {note ? (
                <Words size="note" tone="muted">
                  {note}
                </Words>
              ) : null}
              <View style={[styles.track, { backgroundColor: palette.line }]}>
                <View
                  style={[
                    styles.bar,
                    { backgroundColor: palette.brass, width: `${(100 * path.share) / most}%` },
                  ]}
                />
              </View>
            </View>
            <View style={styles.figures}>
              <Words strong>{flow}</Words>
              <Words size="note" tone="muted">
                {sayFlow('flow.percent', { percent })}
              </Words>
            </View>
          </View>
        );
      })}
      <Words size="note" tone="muted" style={styles.unit}>
        {sayFlow('flow.listUnit', { unit: flowUnit(unit) })}
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({
  line: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: 12,
    borderTopWidth: 1,
    paddingVertical: 5,
  },
  track: { height: 6, borderRadius: 3, marginTop: 3, overflow: 'hidden' },
  bar: { height: 6 },
  figures: { alignItems: 'flex-end', minWidth: 52 },
  unit: { textAlign: 'right' },
});
