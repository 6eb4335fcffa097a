import type { CharacteristicId } from '@/core/pumps/ids';
import { pumpOf } from '@/core/pumps/registry';
import type { Job } from '@/core/records/job';
import type { Stage } from '@/core/records/stage';
import { ROOM_SUMS } from '@/core/sums/list';
import { pathOf } from '@/core/sums/path';
import { sayRoom } from '@/core/sums/room';
import { spelled } from '@/core/wording/say';
import { RowLink } from '@/ui/RowLink';
import { Words } from '@/ui/Words';

interface Props {
  readonly job: Job;
  readonly stage: Stage;
  /** The gap in hand: only what can be asked about it; left out where the whole pump is. */
  readonly gap?: CharacteristicId;
  /** What the stage knows beside the job, by the sum and its fields. */
  readonly plan?: Readonly<Record<string, Readonly<Record<string, string>>>>;
}

/** The sums that fit a stage of a job, each opened with what the job knows. */
export function JobSums({ job, stage, gap, plan = {} }: Props) {
  const gaps = pumpOf(job.sheet).characteristics.filter((c) => gap === undefined || c.id === gap);
  const fitting = ROOM_SUMS.filter(
    ({ stages, isAbout }) =>
      stages?.includes(stage) && (isAbout ? gaps.some(isAbout) : gap === undefined),
  );
  if (fitting.length === 0) return <Words>{sayRoom('noneHere')}</Words>;
  return fitting.map(({ id, name, isAbout }) => {
    const parameters = new URLSearchParams({ job: job.id, stage });
    const { [id]: said } = plan;
    if (said) parameters.set('plan', new URLSearchParams(said).toString());
    if (isAbout && gap !== undefined) parameters.set('of', gap);
    return (
      <RowLink
        key={id}
        href={pathOf(id, parameters.toString()) as '/sums/[id]'}
        name={spelled(name)}
        about=""
      />
    );
  });
}
