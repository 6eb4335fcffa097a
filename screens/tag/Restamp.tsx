import { turnsAfter } from '@/core/journal/workedOut';
import type { Job } from '@/core/records/job';
import { say } from '@/core/wording/say';
import { Notice } from '@/ui/Notice';

/** Says that the pump turns another way from now on than its tag says; nothing where nobody reversed it. */
export function Restamp({ job }: { readonly job: Job }) {
  const turns = turnsAfter(job);
  return turns === job.rotation ? null : (
    <Notice kind="word">{say('tag.restamp', { turning: say(`tag.viewed.${turns}`) })}</Notice>
  );
}
