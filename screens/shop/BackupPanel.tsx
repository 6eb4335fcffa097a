import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { announce } from '@/ui/announce';
import { Button } from '@/ui/Button';
import type { FileProblem } from '@/core/records/problems';
import { listJobs } from '@/data/summaries';
import { noteBackup } from '@/data/backupMade';
import { backupQuery } from '@/data/hooks';
import { backupName, KEPT, openFolder, saveInFolder } from '@/data/backupFolder';
import { now } from '@/data/create';
import { saveAs } from '@/data/save';
import type { Counts } from '@/data/transfer/backup';
import { bytesWords } from '@/ui/bytes';
import { Course } from '@/ui/Course';
import { Notice } from '@/ui/Notice';
import { TryAgain } from '@/ui/TryAgain';
import { dayWords } from '@/ui/when';
import { Heading, Words } from '@/ui/Words';
import { useDesk } from './useDesk';
import { say, listed, paragraph } from '@/core/wording/say';
import { FolderChoice } from './FolderChoice';
import { sayShop } from './sayShop';

function savedWords({ unreadable, ...counts }: Counts, bytes: number): string {
  const said = {
    parts: listed([
      sayShop('shop.jobs', { count: counts.job }),
      sayShop('shop.sheets', { count: counts.sheet }),
      sayShop('shop.studies', { count: counts.study }),
      say('shop.parts', { count: counts.part }),
      sayShop('shop.photos', { count: counts.photo }),
    ]),
    size: bytesWords(bytes),
  };
  return unreadable > 0
    ? sayShop('shop.backupDoneRaw', { ...said, count: unreadable })
    : sayShop('shop.backupDone', said);
}

/** Everything out of this browser as one file, and a file back in. */
export function BackupPanel() {
  const router = useRouter();
  const client = useQueryClient();
  const { progress, run, cancel } = useDesk();
  const { data: made } = useQuery(backupQuery);
  const [saved, setSaved] = useState<string | null>(null);
  const [problems, setProblems] = useState<readonly FileProblem[]>([]);
  const backup = async () => {
    setSaved(null);
    setProblems([]);
    // Asked with the touch: a browser wants a person for that.
    const folder = await openFolder();
    const outcome = await run((desk, tell) => desk.backup(tell));
    if (!outcome.ok) {
      if (!outcome.cancelled) setProblems(outcome.problems);
      return;
    }
    const { file, counts } = outcome.value;
    const name = backupName(now());
    const isInFolder =
      folder !== null &&
      (await saveInFolder(folder, name, file).then(
        () => true,
        () => false,
      ));
    if (!isInFolder) saveAs(name, file);
    const words = paragraph(
      savedWords(counts, file.size),
      folder === null
        ? sayShop('shop.inDownloads')
        : isInFolder
          ? sayShop('shop.inFolder', { folder: folder.name, count: KEPT })
          : sayShop('shop.notInFolder', { folder: folder.name }),
    );
    setSaved(words);
    announce(words);
    await noteBackup(await listJobs()).catch(() => undefined);
    await client.invalidateQueries({ queryKey: backupQuery.queryKey });
  };
  return (
    <>
      <Heading>Backup</Heading>
      <Words>
        {made?.at
          ? sayShop('shop.backupAbout', { day: dayWords(made.at) })
          : 'Saves everything in this browser to one file. Use Import to restore it. No backup was saved here yet.'}
      </Words>
      {saved ? <Notice kind="word">{saved}</Notice> : null}
      {problems.map(({ message }) => (
        <TryAgain key={message} onAgain={() => void backup()} onCancel={() => setProblems([])}>
          {sayShop('shop.backupFailed', { error: message })}
        </TryAgain>
      ))}
      {progress ? (
        <Course {...progress} onCancel={cancel} />
      ) : (
        <Button mode="contained-tonal" icon="file-export-outline" onPress={() => void backup()}>
          Save a backup
        </Button>
      )}
      <FolderChoice />
      <Button mode="outlined" icon="file-import-outline" onPress={() => router.push('/import')}>
        Import
      </Button>
    </>
  );
}
