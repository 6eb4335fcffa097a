import { useQuery } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { Button } from '@/ui/Button';
import { daysUnsaved, STALE_DAYS } from '@/data/backupMade';
import { now } from '@/data/create';
import { backupQuery } from '@/data/hooks';
import { Notice } from '@/ui/Notice';
import { say } from '@/core/wording/say';

/** Reminds of a backup where the last one is old; what a browser keeps is gone with its disk. */
export function BackupDue() {
  const router = useRouter();
  const { data: made } = useQuery(backupQuery);
  if (!made) return null;
  const days = daysUnsaved(made, now());
  if (!(days >= STALE_DAYS)) return null;
  return (
    <Notice
      kind="caution"
      actions={
        <Button mode="outlined" onPress={() => router.push('/shop')}>
          Go to Backup
        </Button>
      }
    >
      {made.at ? say('bench.backupOld', { days }) : say('bench.noBackup', { days })}
    </Notice>
  );
}
