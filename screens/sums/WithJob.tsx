import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { keepWorked } from '@/core/commands/working';
import type { Page } from '@/core/sums/page';
import { toLink } from '@/core/sums/link';
import type { RoomSum } from '@/core/sums/list';
import { sayRoom } from '@/core/sums/room';
import type { Input, Sum } from '@/core/sums/sum';
import { paragraph, spelled } from '@/core/wording/say';
import { useJobSummaries } from '@/data/hooks';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { Pick } from '@/ui/Pick';
import { RowLink } from '@/ui/RowLink';
import { layout } from '@/ui/layout';
import { useCommand } from '../job/useCommand';
import type { JobOf } from './useJobOf';
import type { SumState } from './useSum';

interface PickProps {
  readonly onPick: (job: string) => void;
}

/** The jobs of this browser: one fills in what it knows, and keeps the answer. */
export function PickJob({ onPick }: PickProps) {
  const { data: jobs = [] } = useJobSummaries();
  const options = jobs.map(({ id, tag, model }) => ({
    value: id,
    name: sayRoom('aboutJob', { job: tag, model }),
  }));
  return options.length === 0 ? null : (
    <Pick label={sayRoom('job')} value="" options={options} onChange={onPick} />
  );
}

interface GapProps {
  readonly of: JobOf;
}

/** Which gap of the job is asked about, where there are several. */
export function PickGap({ of: { job, gaps, gap } }: GapProps) {
  const router = useRouter();
  if (gaps.length < 2) return null;
  return (
    <Pick
      label={sayRoom('gap', { job: job.tag })}
      value={String(gap?.id ?? '')}
      options={gaps.map(({ id, name }) => ({ value: String(id), name }))}
      onChange={(of) => router.setParams({ of })}
    />
  );
}

interface KeepProps {
  readonly listed: RoomSum;
  readonly sum: Sum;
  readonly state: SumState;
  readonly of: JobOf;
  /** The stage that opened the sum. */
  readonly stage: string;
}

/** Keeps the answer with the job that it is for, and leads back there. */
export function KeepWithJob({ listed, sum, state, of: { job, gap }, stage }: KeepProps) {
  const { run, error } = useCommand(job);
  const [kept, setKept] = useState<unknown>(null);
  const { outcome, typed, unit } = state;
  const { answer } = outcome;
  const page = sum.page as unknown as Page<Input, unknown> | undefined;
  const isKept = answer !== null && kept === answer;
  const keep = async () => {
    if (!answer) return;
    const done = await run(
      keepWorked(
        {
          sum: listed.id,
          characteristic: gap?.id ?? null,
          said: spelled(answer.said.head),
          more: paragraph(...answer.said.rest.map(spelled)),
          asked: toLink(typed, unit),
          turns: page?.turns?.(answer.value) ?? null,
        },
        page?.turned?.(answer.value) ?? null,
      ),
    );
    if (done) setKept(answer);
  };
  return (
    <View style={layout.stack}>
      {error ? <Notice kind="error">{sayRoom('noKeep', { why: error })}</Notice> : null}
      {isKept ? <Notice kind="word">{sayRoom('kept', { job: job.tag })}</Notice> : null}
      {answer && !isKept ? (
        <Button mode="contained" onPress={() => void keep()}>
          {sayRoom('keep', { job: job.tag })}
        </Button>
      ) : null}
      <RowLink
        href={`/job/${job.id}/${stage}` as '/job/[id]/[stage]'}
        name={sayRoom('toJob', { job: job.tag })}
        about=""
      />
    </View>
  );
}
