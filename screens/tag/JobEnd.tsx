import { setFields } from '@/core/commands/job';
import { useCommand } from '../job/useCommand';
import { useRouter } from 'expo-router';
import { Button } from '@/ui/Button';
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
          Reopen the job
        </Button>
      ) : null}
      <Confirm
        ask="Delete this job"
        warn="The job, its readings and photos will be deleted permanently. Save the job file first if you may need it."
        sure="Delete for good"
        onSure={async () => {
          await removeJob(job.id);
          router.replace('/');
        }}
      />
    </>
  );
}
