import { View } from 'react-native';
import { labelOf } from '@/core/assembly/label';
import type { Job } from '@/core/records/job';
import { now } from '@/data/create';
import { Button } from '@/ui/Button';
import { LabelFace } from '@/ui/LabelFace';
import { OnPaper } from '@/ui/OnPaper';
import { TurnArrow } from '@/ui/TurnArrow';
import { Words } from '@/ui/Words';
import { layout } from '@/ui/layout';

/** The label itself: number, date, model, which way it turns, its ports and bolts, and a code that opens the job. */
function Label({ job }: { readonly job: Job }) {
  const { tag, day, model, turns, rotation, ports, bolts, changed } = labelOf(job, now());
  return (
    <LabelFace number={tag} testID="pump-label">
      <Words strong>{[model, changed].filter(Boolean).join(' · ')}</Words>
      <Words>{day}</Words>
      {rotation ? <TurnArrow turns={turns} words={rotation} /> : null}
      {[ports, ...bolts].filter(Boolean).map((words) => (
        <Words key={words} size="note">
          {words}
        </Words>
      ))}
    </LabelFace>
  );
}

/** The label of the pump, to be printed alone. */
export function PumpLabel({ job }: { readonly job: Job }) {
  return (
    <View style={layout.stack}>
      <Label job={job} />
      <View style={layout.row}>
        <Button mode="outlined" icon="printer-outline" onPress={() => window.print()}>
          Print the label
        </Button>
      </View>
      <OnPaper>
        <Label job={job} />
      </OnPaper>
    </View>
  );
}
