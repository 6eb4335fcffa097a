import { View } from 'react-native';
import { buildOrder, noteWords } from '@/core/inspect/stripping';
import { partName } from '@/core/pumps/registry';
import type { Job } from '@/core/records/job';
import { say } from '@/core/wording/say';
import { Line } from '@/ui/Line';
import { WayGlyph } from '@/ui/WayGlyph';
import { Heading, Words } from '@/ui/Words';
import { layout } from '@/ui/layout';

/** The notes of the teardown in the order in which the parts go back together. */
export function AssemblyOrder({ job }: { readonly job: Job }) {
  return (
    <View>
      <Heading>Assembly order</Heading>
      {buildOrder(job).map(({ step, note }) => (
        <Line key={step.id}>
          <View style={layout.grow}>
            <Words>
              <Words strong>{`${partName(job.sheet, step.part)}: `}</Words>
              {note ? noteWords(step, note) || 'no mark needed' : 'not recorded'}
            </Words>
            <Words size="note" tone="muted">
              {say('strip.removedBy', { step: step.do })}
            </Words>
          </View>
          {note?.way ? <WayGlyph way={step.way} option={note.way} width={56} /> : null}
        </Line>
      ))}
    </View>
  );
}
