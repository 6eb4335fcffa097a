import { useRouter } from 'expo-router';
import { View } from 'react-native';
import type { ShelfPart } from '@/core/records/part';
import { sayShelf } from './sayShelf';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Overtaken } from '@/core/commands/command';
import { useChange, useJobSummaries, useRemove, useShop } from '@/data/hooks';
import { holderOf, putBack } from '@/data/shelf';
import { announce } from '@/ui/announce';
import { useOnce } from '../shell/useOnce';
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
  const scrap = () =>
    // The error stays with the hook and is shown.
    apply((p) => {
      if (p.state !== part.state) throw new Overtaken();
      return { ...p, state: 'scrap' };
    }).catch(() => undefined);
  return (
    <View style={{ gap: 8 }}>
      {error || notRemoved ? (
        <Notice kind="error">{(error ?? notRemoved)?.message ?? ''}</Notice>
      ) : null}
      {part.state === 'here' ? <JobsOf part={part} /> : null}
      {part.state === 'here' ? (
        <Confirm
          ask="It is scrap"
          warn={sayShelf('shelf.scrapSure', { label: part.label })}
          sure="Mark it as scrap"
          onSure={scrap}
        />
      ) : (
        <PutBack part={part} />
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

/** Puts a part back on the shelf; where a job has it in its pump, it is asked first, and comes out of that too. */
function PutBack({ part }: { readonly part: ShelfPart }) {
  const client = useQueryClient();
  const { person } = useShop();
  const { data: holder, isPending } = useQuery({
    queryKey: ['holder', part.id, part.revision],
    queryFn: () => holderOf(part),
  });
  const back = useOnce(async () => {
    await putBack(part, holder ?? null, person);
    announce(sayShelf('shelf.putBack', { label: part.label }));
    await client.invalidateQueries();
  });
  return (
    <>
      {back.failed ? <Notice kind="error">{back.failed}</Notice> : null}
      {holder ? (
        <Confirm
          ask="Put it back on the shelf"
          warn={sayShelf('shelf.inPump', { label: part.label, tag: holder.tag })}
          sure="Take it out and put it back"
          onSure={() => back.run()}
        />
      ) : (
        <Button mode="outlined" disabled={isPending} onPress={() => back.run()}>
          Put it back on the shelf
        </Button>
      )}
    </>
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
          {sayShelf('shelf.jobsMore', { count: jobs.length - NAMED })}
        </Words>
      ) : null}
    </>
  );
}
