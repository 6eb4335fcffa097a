import { View } from 'react-native';
import type { BuildItem } from '@/core/assembly/list';
import type { Sheet } from '@/core/records/sheet';
import { useRecord } from '@/data/hooks';
import { Line } from '@/ui/Line';
import { Heading, Words } from '@/ui/Words';
import { layout } from '@/ui/layout';
import { EndPlay } from './EndPlay';
import { PhotosShown } from './parts';
import { PumpLabel } from './PumpLabel';
import { SmallChecks } from './SmallChecks';
import { StartChecks } from './StartChecks';
import type { Building } from './useBuild';
import { WatchLines } from './WatchLines';

interface Props {
  readonly building: Building;
  readonly item: BuildItem;
}

interface ToolProps {
  /** Id of the sheet: its photos stay with it. */
  readonly sheet: string;
  readonly tool: Sheet['tools'][number];
}

/** A tool that was made for the pump: what it is for, its sizes, its photos. */
function Tool({ sheet, tool: { id, name, use, sizes } }: ToolProps) {
  const { data } = useRecord('sheet', sheet);
  const photos = data?.photos.flatMap((photo) => (photo.of === id ? [photo.id] : [])) ?? [];
  return (
    <View>
      <Heading level={3}>{name}</Heading>
      {[use, sizes].filter(Boolean).map((words) => (
        <Line key={words}>
          <Words style={layout.grow}>{words}</Words>
        </Line>
      ))}
      {photos.length > 0 ? <PhotosShown ids={photos} /> : null}
    </View>
  );
}

/** What belongs to one step and no other: the label, the lines for the customer, a tool made for it, the sums of the end play. */
export function AtStep({ building, item: { step, checks, tools } }: Props) {
  const { job } = building;
  return (
    <View style={layout.stack}>
      {tools.map((tool) => (
        <Tool key={tool.id} sheet={job.sheet.id} tool={tool} />
      ))}
      {step.kind === 'label' ? <PumpLabel job={job} /> : null}
      {step.kind === 'watch' && step.id === 'first-start' ? <StartChecks job={job} /> : null}
      {step.kind === 'watch' && step.id !== 'first-start' ? <WatchLines job={job} /> : null}
      {step.kind === 'endplay' ? <EndPlay building={building} /> : null}
      <SmallChecks checks={checks} />
    </View>
  );
}
