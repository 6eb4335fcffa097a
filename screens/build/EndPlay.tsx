import { View } from 'react-native';
import { END_PLAY } from '@/core/pumps/mount';
import { workWords } from '@/core/wording/reading';
import { pastWords } from '@/core/wording/worked';
import { useShop } from '@/data/hooks';
import { Line } from '@/ui/Line';
import { RowLink } from '@/ui/RowLink';
import { Words } from '@/ui/Words';
import { layout } from '@/ui/layout';
import { SumsHere } from '../job/SumsHere';
import type { Building } from './useBuild';

/** The end play of the pump in its unit: what the work took off that moves it, and the sums that choose a washer. */
export function EndPlay({ building }: { readonly building: Building }) {
  const { job, all } = building;
  const { unit } = useShop();
  const gap = all.find(({ characteristic }) => characteristic.id === END_PLAY);
  if (!gap) return <SumsHere job={job} stage="build" />;
  return (
    <View style={layout.stack}>
      {gap.work.length > 0 ? (
        <View>
          {gap.work.map((entry) => (
            <Line key={entry.id}>
              <Words style={layout.grow}>{workWords(job.sheet, entry, unit)}</Words>
            </Line>
          ))}
          <Words>{pastWords(gap, unit)}</Words>
        </View>
      ) : null}
      <RowLink
        href={`/job/${job.id}/measure`}
        name="Measure the end play"
        about={gap.characteristic.name}
      />
      <SumsHere job={job} stage="build" />
    </View>
  );
}
