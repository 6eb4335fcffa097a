import { setFields } from '@/core/commands/job';
import { useCommand } from '../job/useCommand';
import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { piecesIn } from '@/core/journal/pieces';
import type { Job } from '@/core/records/job';
import { listed, say } from '@/core/wording/say';
import { KEYS } from '@/data/hooks';
import { removeJob } from '@/data/shelf';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Confirm } from '@/ui/Confirm';
import { Notice } from '@/ui/Notice';
import { Words } from '@/ui/Words';
import { useOnce } from '../shell/useOnce';

/** What ends a job: taking up a closed one again, or deleting it. */
export function JobEnd({ job }: { readonly job: Job }) {
  const router = useRouter();
  const { run } = useCommand(job);
  const client = useQueryClient();
  const pieces = piecesIn(job);
  const [parts, setParts] = useState<'back' | 'gone'>('back');
  const remove = useOnce(async () => {
    await removeJob(job, parts);
    client.removeQueries({ queryKey: KEYS.record('job', job.id) });
    await client.invalidateQueries();
    router.replace('/');
  });
  return (
    <>
      {job.closed ? (
        <Button mode="outlined" onPress={() => void run(setFields({ closed: null }))}>
          Reopen the job
        </Button>
      ) : null}
      <Confirm
        ask="Delete this job"
        warn="The job, its readings and photos will be deleted permanently. Save the job file first if you may need it."
        sure="Delete for good"
        onSure={() => remove.run()}
      >
        {pieces.length > 0 ? (
          <>
            <Words>
              {say('shelf.jobHasParts', {
                count: pieces.length,
                labels: listed(pieces.map(({ label }) => label)),
              })}
            </Words>
            <Choice
              label="What becomes of the parts from the shelf"
              stacked
              value={parts}
              options={[
                { value: 'back', name: 'Back on the shelf' },
                { value: 'gone', name: 'They went with the pump' },
              ]}
              onChange={setParts}
            />
          </>
        ) : null}
      </Confirm>
      {remove.failed ? <Notice kind="error">{remove.failed}</Notice> : null}
    </>
  );
}
