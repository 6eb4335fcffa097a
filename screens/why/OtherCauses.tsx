import { useState } from 'react';
import { View } from 'react-native';
import type { CausesAnswer } from '@/core/causes/answer';
import type { Ranked } from '@/core/causes/rank';
import { sayCauses } from '@/core/causes/sayCauses';
import type { Job } from '@/core/records/job';
import { RowButton } from '@/ui/RowButton';
import { Words } from '@/ui/Words';
import { layout } from '@/ui/layout';
import { CauseAnswers, Weighed } from './CauseCard';

interface Props {
  readonly job: Job;
  readonly answer: CausesAnswer;
}

/** Says in a line how many things speak for a cause and against it. */
export const aboutOf = ({ strong, some, against, settled }: Ranked): string =>
  settled === 'no'
    ? 'ruled out by its check'
    : sayCauses('page.counts', {
        speaking: strong.length + some.length,
        against: against.length,
      });

/** Every other cause that such a pump can have: each opens to what speaks for and against it. */
export function OtherCauses({ job, answer }: Props) {
  const [open, setOpen] = useState(false);
  const [at, setAt] = useState<string | null>(null);
  const others = answer.causes.filter(
    ({ cause }) => !answer.shown.some(({ ranked }) => ranked.cause.id === cause.id),
  );
  return (
    <View style={layout.stack}>
      <RowButton
        name="Other causes"
        about={sayCauses('page.others', { count: others.length })}
        open={open}
        onPress={() => setOpen(!open)}
      />
      {open
        ? others.map((ranked) => (
            <View key={ranked.cause.id} style={layout.stack}>
              <RowButton
                name={ranked.cause.name}
                about={aboutOf(ranked)}
                open={at === ranked.cause.id}
                onPress={() => setAt(at === ranked.cause.id ? null : ranked.cause.id)}
              />
              {at === ranked.cause.id ? (
                <>
                  <Weighed answer={answer} ranked={ranked} />
                  <Words>{ranked.cause.settle}</Words>
                  <CauseAnswers
                    job={job}
                    ranked={ranked}
                    said={answer.said.find(({ cause }) => cause === ranked.cause.id) ?? null}
                  />
                </>
              ) : null}
            </View>
          ))
        : null}
    </View>
  );
}
