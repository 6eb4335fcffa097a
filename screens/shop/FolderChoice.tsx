import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { reasonOf } from '@/core/errors';
import { canKeepFolder, chooseFolder, folderName, forgetFolder } from '@/data/backupFolder';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { Words } from '@/ui/Words';
import { sayShop } from './sayShop';

const FOLDER = { queryKey: ['backup folder'], queryFn: folderName };

/** The folder into which backups go, where the browser can; nothing where it cannot. */
export function FolderChoice() {
  const client = useQueryClient();
  const { data: name } = useQuery(FOLDER);
  const [error, setError] = useState<string | null>(null);
  if (!canKeepFolder() || name === undefined) return null;
  const act = (work: () => Promise<unknown>) => () => {
    setError(null);
    work()
      .then(() => client.invalidateQueries({ queryKey: FOLDER.queryKey }))
      .catch((problem: unknown) => setError(reasonOf(problem)));
  };
  return (
    <>
      {error ? <Notice kind="error">{error}</Notice> : null}
      {name === null ? (
        <Button mode="text" onPress={act(chooseFolder)}>
          Choose a folder for backups
        </Button>
      ) : (
        <>
          <Words>{sayShop('shop.folder', { folder: name })}</Words>
          <Button mode="text" onPress={act(forgetFolder)}>
            Save as downloads again
          </Button>
        </>
      )}
    </>
  );
}
