import type { FileProblem } from '@/core/records/problems';
import { say } from '@/core/wording/say';
import { Notice } from '@/ui/Notice';
import { Words } from '@/ui/Words';

interface Props {
  readonly name: string;
  readonly problems: readonly FileProblem[];
}

/** A file of which nothing was taken: what is wrong in it, and where. */
export function RefusedFile({ name, problems }: Props) {
  return (
    <Notice kind="error">
      <Words strong>{say('shop.notImported', { file: name })}</Words>
      {problems.map((p) => (
        <Words key={`${p.place} ${p.message}`}>{say('shop.fileProblem', p)}</Words>
      ))}
    </Notice>
  );
}
