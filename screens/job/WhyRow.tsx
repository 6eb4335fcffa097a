import { useMemo } from 'react';
import { View } from 'react-native';
import { causesOn } from '@/core/causes/answer';
import { takenCauses } from '@/core/journal/blamed';
import type { Job } from '@/core/records/job';
import { evaluator } from '@/data/evaluator';
import { RowLink } from '@/ui/RowLink';
import { Words } from '@/ui/Words';
import { sayCauses } from '@/core/causes/sayCauses';

/** Why the pump failed in a line that leads to it, and what must change too because of that. */
export function WhyRow({ job }: { readonly job: Job }) {
  const all = evaluator.assess(job);
  const { sentence } = useMemo(() => causesOn(job, all), [job, all]);
  const taken = takenCauses(job);
  const own = taken.map(({ words }) => words).join('; ');
  const change = taken.flatMap((entry) => entry.change);
  return (
    <View>
      <RowLink href={`/job/${job.id}/why`} name="Why it failed" about={own || sentence} />
      {change.length > 0 ? (
        <>
          <Words strong>Change too, or it comes back</Words>
          {change.map(({ words, when }) => (
            <Words key={words}>
              {when === 'machine' ? sayCauses('page.onMachine', { change: words }) : words}
            </Words>
          ))}
        </>
      ) : null}
    </View>
  );
}
