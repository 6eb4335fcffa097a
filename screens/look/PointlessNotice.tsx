import { useRouter } from 'expo-router';
import { Button } from 'react-native-paper';
import { seenWords } from '@/core/inspect/findingWords';
import { teardownOf } from '@/core/pumps/registry';
import type { Job } from '@/core/records/job';
import type { Finding } from '@/core/records/teardown';
import { useShop } from '@/data/hooks';
import { Notice } from '@/ui/Notice';
import { useWriting } from '../job/useWriting';

/** A part was given up: measuring the rest is pointless, and the job may end here with its report. */
export function PointlessNotice({
  job,
  finding,
}: {
  readonly job: Job;
  readonly finding: Finding;
}) {
  const router = useRouter();
  const { unit } = useShop();
  const { write, error } = useWriting(job);
  const name = teardownOf(job.sheet).surfaces.find((s) => s.id === finding.surface)?.name ?? '';
  const why = `${name}: ${seenWords(finding, unit).toLowerCase()}`;
  const close = async () => {
    const closed = await write((j, { at, by }) => ({
      ...j,
      closed: { at, by, why: why.slice(0, 200) },
    }));
    if (closed) router.replace(`/job/${job.id}/report`);
  };
  return (
    <Notice
      kind="error"
      actions={
        <Button mode="contained" onPress={() => void close()}>
          Close the job, with the report
        </Button>
      }
    >
      {`${why}, decided as scrap. Measuring the rest is pointless on this pump; it can still be done.${error ? ` ${error}` : ''}`}
    </Notice>
  );
}
