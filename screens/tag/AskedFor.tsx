import { View } from 'react-native';
import { ASKED_WORKS } from '@/core/records/handover';
import type { Job } from '@/core/records/job';
import { Choice } from '@/ui/Choice';
import { Notice } from '@/ui/Notice';
import { Pick } from '@/ui/Pick';
import { Words } from '@/ui/Words';
import { layout } from '@/ui/layout';
import { useCommand } from '../job/useCommand';

const NAMES: Readonly<Record<Job['asked']['work'], string>> = {
  rebuild: 'Rebuild',
  reverse: 'Reverse',
  'up-size': 'Wider gears',
};

const WORKS = ASKED_WORKS.map((value) => ({ value, name: NAMES[value] }));

/** What a job was given for: the build has the steps of it. */
export function AskedFor({ job }: { readonly job: Job }) {
  const { run, error } = useCommand(job);
  const { asked, sheet } = job;
  const keep = (next: Job['asked']) => void run((j) => ({ ...j, asked: next }));
  return (
    <View style={layout.stack}>
      <Words strong>What is asked for</Words>
      <Choice
        label="What is asked for"
        value={asked.work}
        options={WORKS}
        onChange={(work) => keep({ work, set: '' })}
      />
      {error ? <Notice kind="error">{error}</Notice> : null}
      {asked.work === 'up-size' && sheet.sets.length > 0 ? (
        <Pick
          label="Which gears"
          value={asked.set}
          options={sheet.sets.map(({ id, name }) => ({ value: id, name }))}
          onChange={(set) => keep({ work: 'up-size', set })}
        />
      ) : null}
      {asked.work === 'up-size' && sheet.sets.length === 0 ? (
        <Words size="note" tone="muted">
          The sheet lists no gears of another width. The build says in words what is changed along.
        </Words>
      ) : null}
      {asked.work === 'reverse' && job.rotation === 'unknown' ? (
        <Words size="note" tone="muted">
          Enter the rotation as received: the label needs the new one.
        </Words>
      ) : null}
    </View>
  );
}
