import { useSyncExternalStore } from 'react';
import { Button } from '@/ui/Button';
import { newVersion, takeNewVersion } from '@/data/offline';
import { Notice } from '@/ui/Notice';

interface Props {
  /** Where the reader is: nothing is said in the middle of a reading. */
  readonly path: string;
}

/** Says that a newer version of the app is here; a tap takes it. */
export function NewVersion({ path }: Props) {
  const waits = useSyncExternalStore(newVersion.subscribe, newVersion.waits);
  if (!waits || path.endsWith('/measure')) return null;
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
