import { View } from 'react-native';
import { SEAL_MARK, sealQuestions, type SealQuestion } from '@/core/causes/sealOrder';
import type { FoundOnJob } from '@/core/causes/found';
import type { Job } from '@/core/records/job';
import { Line } from '@/ui/Line';
import { PinRing } from '@/ui/PinRing';
import { Heading, Words } from '@/ui/Words';
import { layout } from '@/ui/layout';

const ANSWER: Readonly<Record<SealQuestion['answer'], string>> = {
  right: 'yes',
  wrong: 'no',
  open: 'not looked at',
};

interface Props {
  readonly job: Job;
  readonly found: FoundOnJob;
}

/** What a blown seal is asked by, in its order, with what was found. */
export function SealOrder({ job, found }: Props) {
  const questions = sealQuestions(job, found);
  if (questions.length === 0) return null;
  return (
    <View>
      <Heading level={3}>A blown seal is asked in this order</Heading>
      {questions.map(({ id, ask, answer }) => (
        <Line key={id}>
          <PinRing verdict={SEAL_MARK[answer]} size={24} />
          <Words style={layout.grow}>{ask}</Words>
          <Words tone="muted">{ANSWER[answer]}</Words>
        </Line>
      ))}
    </View>
  );
}
