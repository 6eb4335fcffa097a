import { useQuery } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { Button } from '@/ui/Button';
import { unsaved } from '@/data/backupMade';
import { now } from '@/data/create';
import { backupQuery } from '@/data/hooks';
import type { JobSummary } from '@/data/jobSummary';
import { Notice } from '@/ui/Notice';
import { paragraph, say } from '@/core/wording/say';

/** Reminds of a backup where the last one is old; what a browser keeps is gone with its disk. */
export function BackupDue({ jobs }: { readonly jobs: readonly JobSummary[] }) {
  const router = useRouter();
  const { data: made } = useQuery(backupQuery);
  if (!made) return null;
  const { days, entries, isDue } = unsaved(made, jobs, now());
  if (!isDue) return null;
  return (
    <Notice
      kind="caution"
      actions={
        <Button mode="outlined" onPress={() => router.push('/shop')}>
          Go to Backup
        </Button>
      }
    >
      {paragraph(
        days < 1
          ? ''
          : made.at
            ? say('bench.backupOld', { days })
            : say('bench.noBackup', { days }),
        entries > 0 ? say('bench.entriesUnsaved', { entries }) : '',
      )}
    </Notice>
  );
}
