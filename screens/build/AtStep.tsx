import { View } from 'react-native';
import type { BuildItem } from '@/core/assembly/list';
import { Line } from '@/ui/Line';
import { Heading, Words } from '@/ui/Words';
import { layout } from '@/ui/layout';
import { EndPlay } from './EndPlay';
import { PumpLabel } from './PumpLabel';
import { SmallChecks } from './SmallChecks';
import { StartChecks } from './StartChecks';
import type { Building } from './useBuild';
import { WatchLines } from './WatchLines';

interface Props {
  readonly building: Building;
  readonly item: BuildItem;
}

/** What belongs to one step and no other: the label, the lines for the customer, a tool made for it, the sums of the end play. */
export function AtStep({ building, item: { step, checks } }: Props) {
  const { job } = building;
  const tools = job.sheet.tools.filter((tool) => tool.step === step.id);
  return (
    <View style={layout.stack}>
      {tools.map(({ id, name, use, sizes }) => (
        <View key={id}>
          <Heading level={3}>{name}</Heading>
          {[use, sizes].filter(Boolean).map((words) => (
            <Line key={words}>
              <Words style={layout.grow}>{words}</Words>
            </Line>
          ))}
        </View>
      ))}
      {step.kind === 'label' ? <PumpLabel job={job} /> : null}
      {step.kind === 'watch' && step.id === 'first-start' ? <StartChecks job={job} /> : null}
      {step.kind === 'watch' && step.id !== 'first-start' ? <WatchLines job={job} /> : null}
      {step.kind === 'endplay' ? <EndPlay building={building} /> : null}
      <SmallChecks checks={checks} />
    </View>
  );
}
