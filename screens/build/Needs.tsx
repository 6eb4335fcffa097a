import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import type { Need } from '@/core/assembly/needs';
import { sayBuild } from '@/core/assembly/sayBuild';
import { noteOrder } from '@/core/commands/ordering';
import { dayText } from '@/core/schema/moments';
import { Button } from '@/ui/Button';
import { Line } from '@/ui/Line';
import { Reasons } from '@/ui/Reasons';
import { StageMark } from '@/ui/StageMark';
import { Heading, Words } from '@/ui/Words';
import { layout } from '@/ui/layout';
import type { Building } from './useBuild';

/** What is said most where a step is done though something is missing. */
const WHY = ['seen to, and not written down', 'the customer knows', 'checked by another hand'];

interface Props {
  readonly building: Building;
  readonly needs: readonly Need[];
  /** Does the step all the same, for a reason that is kept. */
  readonly onAnyway: (why: string) => void;
}

/** What is missing before a step, each with what can be done about it; the step can be done all the same, with a word. */
export function Needs({ building, needs, onAnyway }: Props) {
  const [anyway, setAnyway] = useState(false);
  return (
    <View style={layout.stack}>
      <View>
        <Words strong tone="out">
          {sayBuild('page.missing')}
        </Words>
        {needs.map((need) => (
          <Line key={need.id}>
            <StageMark standing="open" size={22} />
            <Words style={layout.grow}>{need.words}</Words>
            <Remedy building={building} need={need} />
          </Line>
        ))}
      </View>
      {anyway ? (
        <View style={layout.stack} role="group" aria-label="Why it is done all the same">
          <Heading level={3}>Done all the same because</Heading>
          <Reasons usual={WHY} act="Done for this reason" onReason={onAnyway} />
        </View>
      ) : (
        <Button mode="outlined" contentStyle={layout.thumb} onPress={() => setAnyway(true)}>
          Do it all the same
        </Button>
      )}
    </View>
  );
}

const ORDER = 'order-';
const GAP = 'gap-';

/** Where somebody goes, or what he notes, to have a need met. */
function Remedy({ building, need }: { readonly building: Building; readonly need: Need }) {
  const router = useRouter();
  const { job, run, take, items } = building;
  const go = (stage: 'measure' | 'decide') => router.push(`/job/${job.id}/${stage}`);
  if (need.id.startsWith(ORDER)) {
    const order = {
      line: need.id.slice(ORDER.length),
      state: 'came',
      date: dayText(new Date()),
      supplier: '',
      partNumber: '',
    } as const;
    return (
      <Button
        compact
        accessibilityLabel={sayBuild('page.note', { words: need.words })}
        onPress={() => void run(noteOrder(order))}
      >
        It has come
      </Button>
    );
  }
  if (need.id.startsWith(GAP)) {
    return (
      <Button compact onPress={() => go('measure')}>
        Measure
      </Button>
    );
  }
  if (need.id === 'work' || need.id === 'body') {
    return (
      <Button compact onPress={() => go('decide')}>
        Decide
      </Button>
    );
  }
  const clean = items.find(({ step, state }) => step.kind === 'clean' && state !== 'done');
  const to = need.step ?? clean?.step.id;
  return to ? (
    <Button
      compact
      accessibilityLabel={sayBuild('page.goTo', { words: need.words })}
      onPress={() => take(to)}
    >
      Go there
    </Button>
  ) : null;
}
