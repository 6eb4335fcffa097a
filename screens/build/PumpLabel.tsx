import { StyleSheet, View } from 'react-native';
import { labelOf } from '@/core/assembly/label';
import type { Job } from '@/core/records/job';
import { now } from '@/data/create';
import { Button } from '@/ui/Button';
import { OnPaper } from '@/ui/OnPaper';
import { QrCode } from '@/ui/QrCode';
import { usePalette } from '@/ui/theme';
import { WayGlyph } from '@/ui/WayGlyph';
import { Words } from '@/ui/Words';
import { layout } from '@/ui/layout';

const ARROW = { clockwise: 'cw', anticlockwise: 'ccw' } as const;

/** The label itself: number, date, model, which way it turns, its ports and bolts, and a code that opens the job. */
function LabelFace({ job }: { readonly job: Job }) {
  const palette = usePalette();
  const { tag, day, model, turns, rotation, ports, bolts, changed } = labelOf(job, now());
  return (
    <View
      style={[styles.face, { borderColor: palette.ink, backgroundColor: palette.paper }]}
      testID="pump-label"
    >
      <QrCode text={tag} size={116} />
      <View style={layout.grow}>
        <Words size="reading" strong numberOfLines={2}>
          {tag}
        </Words>
        <Words strong>{[model, changed].filter(Boolean).join(' · ')}</Words>
        <Words>{day}</Words>
        {turns === 'unknown' ? null : (
          <View style={styles.turn}>
            <WayGlyph way="arrow" option={ARROW[turns]} width={48} />
            <Words strong style={layout.grow}>
              {rotation}
            </Words>
          </View>
        )}
        {[ports, ...bolts].filter(Boolean).map((words) => (
          <Words key={words} size="note">
            {words}
          </Words>
        ))}
      </View>
    </View>
  );
}

/** The label of the pump, to be printed alone. */
export function PumpLabel({ job }: { readonly job: Job }) {
  return (
    <View style={styles.box}>
      <LabelFace job={job} />
      <View style={layout.row}>
        <Button mode="outlined" icon="printer-outline" onPress={() => window.print()}>
          Print the label
        </Button>
      </View>
      <OnPaper>
        <LabelFace job={job} />
      </OnPaper>
    </View>
  );
}

const styles = StyleSheet.create({
  box: { gap: 10 },
  face: {
    flexDirection: 'row',
    gap: 12,
    padding: 10,
    borderWidth: 1.5,
    borderRadius: 8,
    alignItems: 'center',
    width: '100%',
    maxWidth: 460,
  },
  turn: { flexDirection: 'row', alignItems: 'center', gap: 6 },
});
