import { noteProof } from '@/core/commands/testing';
import { NOT_TESTED } from '@/core/prove/checks';
import type { Job } from '@/core/records/job';
import { useCommand } from '../job/useCommand';
import { TypedForm, type Typed } from '../shell/TypedForm';

interface Props {
  readonly job: Job;
  readonly onDone: () => void;
}

/** Says that the pump was not tested, and why: it stands on the report. */
export function NotTested({ job, onDone }: Props) {
  const { run, error } = useCommand(job);
  const keep = async ({ why = '' }: Typed) => {
    const said = { answer: 'not-tested' as const, value_bar: null, due: null, remark: why.trim() };
    const isKept = await run(noteProof(NOT_TESTED, said));
    if (isKept) onDone();
    return isKept;
  };
  return (
    <TypedForm
      draft={`untested/${job.id}`}
      fields={[{ name: 'why', label: 'Why it is not tested', isWide: true }]}
      stored={{ why: '' }}
      error={error}
      faults={() => ({})}
      answers={[{ name: 'Not tested', keep }]}
      other={{ name: 'Cancel', onPress: onDone }}
    />
  );
}
