import { View } from 'react-native';
import { startChecks } from '@/core/assembly/handover';
import type { Job } from '@/core/records/job';
import { useShop } from '@/data/hooks';
import { Line } from '@/ui/Line';
import { Heading, Words } from '@/ui/Words';
import { layout } from '@/ui/layout';

/** What is checked on the machine at the first start, each with what is right. */
export function StartChecks({ job }: { readonly job: Job }) {
  const { unit } = useShop();
  return (
    <View>
      <Heading level={3}>Check on the machine</Heading>
      {startChecks(job, unit).map(([check, right]) => (
        <Line key={check}>
          <Words strong style={layout.grow}>
            {check}
          </Words>
          <Words style={layout.grow}>{right}</Words>
        </Line>
      ))}
    </View>
  );
}
