import { useQuery } from '@tanstack/react-query';
import { useLocalSearchParams } from 'expo-router';
import { ROOM_SUMS, type RoomSum } from '@/core/sums/list';
import { sayRoom, sumAt } from '@/core/sums/room';
import type { Sum } from '@/core/sums/sum';
import type { Job } from '@/core/records/job';
import { useRecord } from '@/data/hooks';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { RowLink } from '@/ui/RowLink';
import { Words } from '@/ui/Words';
import { NotLoaded, Opening } from '../shell/onDemand';
import { useJobOf } from './useJobOf';
import { SumPage, type Parameters } from './SumPage';

/** One sum on a page of its own, loaded when it is opened. */
export function SumScreen() {
  const parameters = useLocalSearchParams() as Parameters;
  const listed = sumAt(ROOM_SUMS, parameters.id);
  const { job, of } = parameters;
  return listed ? (
    <Loaded key={String([listed.id, job, of])} listed={listed} parameters={parameters} />
  ) : (
    <Page title="Sums" still>
      <Words>{sayRoom('gone')}</Words>
      <RowLink href="/sums" name="All sums" about="" />
    </Page>
  );
}

interface LoadedProps {
  readonly listed: RoomSum;
  readonly parameters: Parameters;
}

function Loaded({ listed, parameters }: LoadedProps) {
  const { data: sum, error } = useQuery({ queryKey: ['sum', listed.id], queryFn: listed.load });
  const { job: id } = parameters;
  if (error) return <NotLoaded />;
  if (!sum) return <Opening />;
  const props = { listed, sum, parameters };
  return typeof id === 'string' ? <WithJob {...props} id={id} /> : <ForJob {...props} job={null} />;
}

type SumProps = LoadedProps & { readonly sum: Sum };

/** The sum with what a job knows; without it where the job is gone. */
function WithJob({ id, ...props }: SumProps & { readonly id: string }) {
  const { data: job, error } = useRecord('job', id);
  if (job === undefined && !error) return <Opening />;
  return (
    <>
      {job ? null : <Notice kind="caution">{sayRoom('jobGone')}</Notice>}
      <ForJob {...props} job={job ?? null} />
    </>
  );
}

function ForJob({ job, ...props }: SumProps & { readonly job: Job | null }) {
  const { listed, sum, parameters } = props;
  const text = (name: string) => {
    const said = parameters[name];
    return typeof said === 'string' ? said : null;
  };
  const of = useJobOf(listed, sum, job, text('of'), text('plan') ?? '');
  return of === undefined ? <Opening /> : <SumPage {...props} of={of} />;
}
