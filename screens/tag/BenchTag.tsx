import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/Button';
import { turnsFrom } from '@/core/journal/workedOut';
import type { Job } from '@/core/records/job';
import { sheetName } from '@/core/records/sheet';
import { OnPaper } from '@/ui/OnPaper';
import { QrCode } from '@/ui/QrCode';
import { usePalette } from '@/ui/theme';
import { WayGlyph } from '@/ui/WayGlyph';
import { Words } from '@/ui/Words';
import { dateText } from '@/core/wording/date';
import { say } from '@/core/wording/say';
import { layout } from '@/ui/layout';

/** The tag itself: number, unit, rotation, and the number again as a code that a scanner reads. */
function TagFace({ job }: { readonly job: Job }) {
  const palette = usePalette();
  const turns = turnsFrom(job);
  return (
    <View
      style={[styles.face, { borderColor: palette.ink, backgroundColor: palette.paper }]}
      testID="bench-tag"
    >
      <QrCode text={job.tag} size={132} />
      <View style={layout.grow}>
        <Words size="reading" strong numberOfLines={2}>
          {job.tag}
        </Words>
        <Words size="strong">{job.unit}</Words>
        <Words>{sheetName(job.sheet)}</Words>
        <View style={styles.turn}>
          {job.rotation === 'unknown' ? null : (
            <WayGlyph way="arrow" option={job.rotation === 'clockwise' ? 'cw' : 'ccw'} width={56} />
          )}
          <Words strong style={layout.grow}>
            {say(`tag.viewed.${job.rotation}`)}
          </Words>
        </View>
        {turns === null || turns === job.rotation ? null : (
          <Words strong>{say('tag.restamp', { turning: say(`tag.viewed.${turns}`) })}</Words>
        )}
        <Words size="note">
          {[job.owner, job.due ? say('bench.dueOn', { day: dateText(job.due, 'utc day') }) : '']
            .filter(Boolean)
            .join(' · ')}
        </Words>
      </View>
    </View>
  );
}

/** The bench tag to be printed and tied to the pump. */
export function BenchTag({ job }: { readonly job: Job }) {
  return (
    <View style={styles.box}>
      <TagFace job={job} />
      <View style={styles.actions}>
        <Button mode="contained" icon="printer-outline" onPress={() => window.print()}>
          Print the tag
        </Button>
      </View>
      <Words size="note" tone="muted">
        To open the job, scan this code or type the number on the Bench.
      </Words>
      <OnPaper>
        <TagFace job={job} />
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
    maxWidth: 420,
  },
  turn: { flexDirection: 'row', alignItems: 'center', gap: 6 },
  actions: { flexDirection: 'row' },
});
