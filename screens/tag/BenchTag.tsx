import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/Button';
import { turnsAfter } from '@/core/journal/workedOut';
import type { Job } from '@/core/records/job';
import { sheetName } from '@/core/records/sheet';
import { LabelFace } from '@/ui/LabelFace';
import { OnPaper } from '@/ui/OnPaper';
import { TurnArrow } from '@/ui/TurnArrow';
import { Words } from '@/ui/Words';
import { dateText } from '@/core/wording/date';
import { say } from '@/core/wording/say';

/** The tag itself: number, unit, rotation, and the number again as a code that a scanner reads. */
function TagFace({ job }: { readonly job: Job }) {
  const turns = turnsAfter(job);
  return (
    <LabelFace number={job.tag} testID="bench-tag">
      <Words size="strong">{job.unit}</Words>
      <Words>{sheetName(job.sheet)}</Words>
      <TurnArrow turns={job.rotation} words={say(`tag.viewed.${job.rotation}`)} />
      {turns === job.rotation ? null : (
        <Words strong>{say('tag.restamp', { turning: say(`tag.viewed.${turns}`) })}</Words>
      )}
      <Words size="note">
        {[job.owner, job.due ? say('bench.dueOn', { day: dateText(job.due, 'utc day') }) : '']
          .filter(Boolean)
          .join(' · ')}
      </Words>
    </LabelFace>
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
  actions: { flexDirection: 'row' },
});
