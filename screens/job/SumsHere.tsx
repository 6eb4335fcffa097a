import { useState, type ComponentProps } from 'react';
import { workedOutIn } from '@/core/journal/workedOut';
import type { WorkedOut } from '@/core/records/entries/worked';
import { RowButton } from '@/ui/RowButton';
import { onDemand } from '../shell/onDemand';
import type { JobSums as Sums } from '../sums/JobSums';

type Props = ComponentProps<typeof Sums> & {
  /** Tells which of what was worked out belongs here; all of it where it is left out. */
  readonly isHere?: (worked: WorkedOut) => boolean;
};

/** Loaded when there is something to show, or somebody asks for it: with the room itself. */
const JobSums = onDemand('JobSums', async () => (await import('../sums/room')).JobSums);
const WorkedRows = onDemand('WorkedRows', async () => (await import('../sums/room')).WorkedRows);

/** What was worked out for a job, and the sums that fit a stage of it. */
export function SumsHere({ isHere = () => true, ...props }: Props) {
  const [open, setOpen] = useState(false);
  const { job, stage } = props;
  const worked = workedOutIn(job).filter(isHere);
  return (
    <>
      {worked.length > 0 ? <WorkedRows job={job} stage={stage} all={worked} /> : null}
      <RowButton
        name="Sums"
        about="with what this job knows"
        open={open}
        onPress={() => setOpen(!open)}
      />
      {open ? <JobSums {...props} /> : null}
    </>
  );
}
