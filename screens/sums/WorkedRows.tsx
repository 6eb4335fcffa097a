import { View } from 'react-native';
import { dropWorked } from '@/core/commands/working';
import type { WorkedOut } from '@/core/records/entries/worked';
import type { Job } from '@/core/records/job';
import { pathOf } from '@/core/sums/path';
import { say } from '@/core/wording/say';
import { workedWhen } from '@/core/wording/workedOut';
import { Button } from '@/ui/Button';
import { LinkBox } from '@/ui/LinkBox';
import { Notice } from '@/ui/Notice';
import { Heading, Words } from '@/ui/Words';
import { layout } from '@/ui/layout';
import { useCommand } from '../job/useCommand';

interface Props {
  readonly job: Job;
  readonly stage: string;
  readonly all: readonly WorkedOut[];
}

/** What sums came to for a job. */
export const WorkedRows = ({ all, ...props }: Props) => (
  <View style={layout.stack}>
    <Heading>Worked out</Heading>
    {all.map((worked) => (
      <WorkedRow key={worked.id} worked={worked} {...props} />
    ))}
  </View>
);

interface RowProps {
  readonly job: Job;
  readonly stage: string;
  readonly worked: WorkedOut;
}

/** What a sum came to: it can be looked at again with what it was asked, and taken back. */
function WorkedRow({ job, stage, worked }: RowProps) {
  const { run, error } = useCommand(job);
  const parameters = new URLSearchParams(worked.asked);
  parameters.set('job', job.id);
  parameters.set('stage', stage);
  if (worked.characteristic) parameters.set('of', worked.characteristic);
  return (
    <View>
      <Words strong>{worked.said}</Words>
      {worked.more === '' ? null : <Words>{worked.more}</Words>}
      <Words size="note" tone="muted">
        {workedWhen(job, worked)}
      </Words>
      {error ? <Notice kind="error">{error}</Notice> : null}
      <View style={layout.line}>
        <LinkBox
          href={pathOf(worked.sum, parameters.toString()) as '/sums/[id]'}
          label={say('job.sumAgain', { said: worked.said })}
          style={{ minHeight: 48, justifyContent: 'center' }}
        >
          <Words tone="blue" strong>
            Open again
          </Words>
        </LinkBox>
        <Button onPress={() => void run(dropWorked(worked.id))}>Take back</Button>
      </View>
    </View>
  );
}
