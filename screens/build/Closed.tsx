import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { layout } from '@/ui/layout';
import { LesserAnswers } from './StepPanel';
import { PumpLabel } from './PumpLabel';
import { StartChecks } from './StartChecks';
import type { Building } from './useBuild';
import { WatchLines } from './WatchLines';

/** The pump is back together: its label, what whoever gets it is told, and where it goes on. */
export function Closed({ building }: { readonly building: Building }) {
  const router = useRouter();
  const { job } = building;
  return (
    <View style={layout.stack}>
      <Button
        mode="contained"
        contentStyle={layout.thumb}
        onPress={() => router.replace(`/job/${job.id}/prove`)}
      >
        Go to Prove
      </Button>
      <PumpLabel job={job} />
      <WatchLines job={job} />
      <StartChecks job={job} />
      <LesserAnswers building={building} />
    </View>
  );
}
