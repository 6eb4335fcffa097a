import { useRouter } from 'expo-router';
import { View } from 'react-native';
import type { ShelfPart } from '@/core/records/part';
import { say } from '@/core/wording/say';
import { useChange, useJobSummaries, useRemove } from '@/data/hooks';
import { Button } from '@/ui/Button';
import { Confirm } from '@/ui/Confirm';
import { Notice } from '@/ui/Notice';
import { RowLink } from '@/ui/RowLink';
import { Heading, Words } from '@/ui/Words';

/** What can become of a loose part: it goes into a job, back on the shelf, to scrap. */
export function PartMoves({ part }: { readonly part: ShelfPart }) {
  const router = useRouter();
  const { apply, error } = useChange('part', part.id);
  const { mutateAsync: removePart, error: notRemoved } = useRemove('part');
  const set = (change: Partial<ShelfPart>) =>
    // The error stays with the hook and is shown.
    apply((p) => ({ ...p, ...change })).catch(() => undefined);
  return (
    <View style={{ gap: 8 }}>
      {error || notRemoved ? (
        <Notice kind="error">{(error ?? notRemoved)?.message ?? ''}</Notice>
      ) : null}
      {part.state === 'here' ? <JobsOf part={part} /> : null}
      {part.state === 'here' ? (
        <Confirm
          ask="It is scrap"
          warn={say('shelf.scrapSure', { label: part.label })}
          sure="Mark it as scrap"
          onSure={() => set({ state: 'scrap' })}
        />
      ) : (
        <Button mode="outlined" onPress={() => void set({ state: 'here', takenFor: '' })}>
          Put it back on the shelf
        </Button>
      )}
      <Confirm
        ask="Delete this part"
        warn="The part and its photos will be deleted permanently. Jobs that took it keep its sizes."
        sure="Delete for good"
        onSure={async () => {
          await removePart(part.id);
          router.replace('/shelf');
        }}
      />
    </View>
  );
}

/** So many open jobs are named. */
const NAMED = 6;

/** Open jobs on pumps of the part's model: it goes in under Decide. */
function JobsOf({ part }: { readonly part: ShelfPart }) {
  const { data } = useJobSummaries();
  const jobs = (data ?? []).filter(({ closed, model }) => closed === null && model === part.model);
  if (jobs.length === 0) return null;
  return (
    <>
      <Heading>Put it in a job</Heading>
      {jobs.slice(0, NAMED).map(({ id, tag, unit }) => (
        <RowLink
          key={id}
          href={`/job/${id}/decide?shelf=${part.id}`}
          name={tag}
          about={unit || 'See how it would fit'}
        />
      ))}
      {jobs.length > NAMED ? (
        <Words size="note" tone="muted">
          {say('shelf.jobsMore', { count: jobs.length - NAMED })}
        </Words>
      ) : null}
    </>
  );
}
