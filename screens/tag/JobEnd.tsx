import { setFields } from '@/core/commands/job';
import { useCommand } from '../job/useCommand';
import { useRouter } from 'expo-router';
import { Button } from 'react-native-paper';
import type { Job } from '@/core/records/job';
import { useRemove } from '@/data/hooks';
import { Confirm } from '@/ui/Confirm';

/** What ends a job: taking up a closed one again, or deleting it. */
export function JobEnd({ job }: { readonly job: Job }) {
  const router = useRouter();
  const { run } = useCommand(job);
  const { mutateAsync: removeJob } = useRemove('job');
  return (
    <>
      {job.closed ? (
        <Button mode="outlined" onPress={() => void run(setFields({ closed: null }))}>
          Take the job up again
        </Button>
      ) : null}
      <Confirm
        ask="Delete this job"
        warn="The job, all its readings and its photos go for good. Export it first if they may be wanted."
        sure="Delete for good"
        onSure={async () => {
          await removeJob(job.id);
          router.replace('/');
        }}
      />
    </>
  );
}
