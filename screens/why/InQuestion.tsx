import { useState } from 'react';
import { View } from 'react-native';
import type { CausesAnswer, Shown } from '@/core/causes/answer';
import type { Job } from '@/core/records/job';
import { RowButton } from '@/ui/RowButton';
import { layout } from '@/ui/layout';
import { CauseCard } from './CauseCard';
import { aboutOf } from './OtherCauses';

interface Props {
  readonly job: Job;
  readonly answer: CausesAnswer;
  readonly shown: Shown;
}

/** Another cause that comes into question, in a line that opens to all that is said of it. */
export function InQuestion({ job, answer, shown }: Props) {
  const [open, setOpen] = useState(false);
  const { ranked } = shown;
  return (
    <View style={layout.stack}>
      <RowButton
        name={ranked.cause.name}
        about={aboutOf(ranked)}
        open={open}
        onPress={() => setOpen(!open)}
      />
      {open ? <CauseCard job={job} answer={answer} shown={shown} /> : null}
    </View>
  );
}
