import { closeJob } from '@/core/commands/job';
import { useRouter } from 'expo-router';
import { Button } from '@/ui/Button';
import { seenWords, type Finding } from '@/core/records/entries/finding';
import { teardownOf } from '@/core/pumps/registry';
import type { Job } from '@/core/records/job';
import { useShop } from '@/data/hooks';
import { Notice } from '@/ui/Notice';
import { useCommand } from '../job/useCommand';
import { paragraph, say } from '@/core/wording/say';

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
  const { run, error } = useCommand(job);
  const name = teardownOf(job.sheet).surfaces.find((s) => s.id === finding.surface)?.name ?? '';
  const why = `${name}: ${seenWords(finding, unit)}`;
  const end = async () => {
    if (await run(closeJob(why))) router.replace(`/job/${job.id}/report`);
  };
  return (
    <Notice
      kind="error"
      actions={
        <Button mode="contained" onPress={() => void end()}>
          Close job and show report
        </Button>
      }
    >
      {paragraph(say('look.scrap', { surface: why }), error ?? '')}
    </Notice>
  );
}
