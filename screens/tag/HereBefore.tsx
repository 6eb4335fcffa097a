import { useRouter } from 'expo-router';
import { setFields } from '@/core/commands/job';
import { isMadeUp } from '@/core/history/madeUp';
import { sayHistory } from '@/core/history/say';
import { serialKey } from '@/core/history/serial';
import { visitAfter } from '@/core/history/visit';
import { wentOutOn } from '@/core/journal/comebacks';
import { workEntriesOf } from '@/core/journal/eras';
import type { Job } from '@/core/records/job';
import { sheetName } from '@/core/records/sheet';
import { dateText } from '@/core/wording/date';
import { workWords } from '@/core/wording/reading';
import { listed, sentence } from '@/core/wording/say';
import { useJobSummaries, useRecord, useShop } from '@/data/hooks';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { Words } from '@/ui/Words';
import { useCommand } from '../job/useCommand';

interface Props {
  readonly job: Job;
  /** The serial number as it is typed: what it says is said at once. */
  readonly serial: string;
}

/** Tells of a pump that was here before, by its serial number or by the number on its label: when, and what was done then. */
export function HereBefore({ job, serial }: Props) {
  const { data: jobs } = useJobSummaries();
  const key = serialKey(serial);
  if (key === '' || !jobs) return null;
  const [model, madeUp] = [sheetName(job.sheet), isMadeUp(job)];
  const earlier = jobs
    .filter(
      (other) =>
        other.id !== job.id &&
        other.createdAt <= job.createdAt &&
        // The same number on another model is another pump; the demo’s are none of the shop’s.
        other.model === model &&
        other.madeUp === madeUp &&
        [other.tag, other.serial].some((number) => serialKey(number) === key),
    )
    .sort((a, b) => (a.createdAt < b.createdAt ? 1 : -1));
  const [last] = earlier;
  return last ? <Said key={last.id} job={job} last={last.id} count={earlier.length} /> : null;
}

/** Says what was done on the last visit, and takes it as the one before. */
function Said({
  job,
  last,
  count,
}: Pick<Props, 'job'> & { readonly last: string; readonly count: number }) {
  const router = useRouter();
  const { unit } = useShop();
  const { run, error } = useCommand(job);
  const { data: before } = useRecord('job', last);
  if (!before) return null;
  const done = workEntriesOf(before).map((o) => workWords(before.sheet, o, unit));
  const work = done.length > 0 ? sentence(listed(done)) : sayHistory('history.noWork');
  const out = wentOutOn(before);
  const isTaken = job.visit?.of === before.id;
  return (
    <Notice
      kind="word"
      actions={
        <>
          <Button mode="outlined" onPress={() => router.push(`/job/${before.id}/report`)}>
            Open it
          </Button>
          {isTaken || out === null ? null : (
            <Button
              mode="contained-tonal"
              onPress={() => void run(setFields({ visit: visitAfter(before) }))}
            >
              Take what it left with as before
            </Button>
          )}
        </>
      }
    >
      <Words strong>{sayHistory('history.wasHere', { n: count })}</Words>
      <Words>
        {out
          ? sayHistory('history.hereOut', { tag: before.tag, day: dateText(out, 'utc day'), work })
          : sayHistory('history.hereIn', {
              tag: before.tag,
              day: dateText(before.createdAt, 'day'),
              work,
            })}
      </Words>
      {error ? <Words>{error}</Words> : null}
    </Notice>
  );
}
