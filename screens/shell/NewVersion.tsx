import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useSyncExternalStore } from 'react';
import { say } from '@/core/wording/say';
import { newlyHere, noteVersion } from '@/data/versionSeen';
import { Button } from '@/ui/Button';
import { newVersion, takeNewVersion } from '@/data/offline';
import { Notice } from '@/ui/Notice';

const versionQuery = { queryKey: ['version'], queryFn: newlyHere, staleTime: Infinity } as const;

interface Props {
  /** Where the reader is: nothing is said in the middle of a reading. */
  readonly path: string;
}

/** Says that a newer version of the app is here; a tap takes it. */
export function NewVersion({ path }: Props) {
  const waits = useSyncExternalStore(newVersion.subscribe, newVersion.waits);
  if (path.endsWith('/measure')) return null;
  if (!waits) return <Updated />;
  return (
    <Notice
      kind="word"
      actions={
        <Button mode="contained-tonal" onPress={takeNewVersion}>
          Update now
        </Button>
      }
    >
      A newer version of Dial Bench is here. Everything is stored. The update reloads the page.
    </Notice>
  );
}

/** Says once that the app is another version than the one that was used here last. */
function Updated() {
  const router = useRouter();
  const client = useQueryClient();
  const { data: version } = useQuery(versionQuery);
  if (!version) return null;
  const seen = async () => {
    client.setQueryData(versionQuery.queryKey, null);
    await noteVersion().catch(() => undefined);
  };
  return (
    <Notice
      kind="word"
      actions={
        <>
          <Button
            mode="contained-tonal"
            onPress={() => {
              void seen();
              router.push('/shop/notices');
            }}
          >
            See what changed
          </Button>
          <Button mode="outlined" onPress={() => void seen()}>
            Close
          </Button>
        </>
      }
    >
      {say('shell.updated', { version })}
    </Notice>
  );
}
