import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import type { Need } from '@/core/assembly/needs';
import { sayBuild } from '@/core/assembly/sayBuild';
import { orderList } from '@/core/inspect/order';
import { noteOrder } from '@/core/commands/ordering';
import { dayText } from '@/core/schema/moments';
import { listed } from '@/core/wording/say';
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
}

const isGap = ({ id }: Need): boolean => id.startsWith(GAP);

/** What is missing before a step, each with what can be done about it; clearances are one line. */
export function Needs({ building, needs }: Props) {
  const gaps = needs.filter(isGap);
  const names = gaps.map(({ id }) => {
    const of = building.all.find(({ characteristic }) => id === `${GAP}${characteristic.id}`);
    return of?.characteristic.name ?? id;
  });
  return (
    <View>
      <Words strong tone="out">
        {sayBuild('page.missing')}
      </Words>
      {needs
        .filter((need) => !isGap(need))
        .map((need) => (
          <Line key={need.id}>
            <StageMark standing="open" size={22} />
            <Words style={layout.grow}>{need.words}</Words>
            <Remedy building={building} need={need} />
          </Line>
        ))}
      {gaps.slice(0, 1).map((need) => (
        <Line key={need.id}>
          <StageMark standing="open" size={22} />
          <Words style={layout.grow}>
            {sayBuild('page.gapsOpen', { count: gaps.length, checks: listed(names) })}
          </Words>
          <Remedy building={building} need={need} />
        </Line>
      ))}
    </View>
  );
}

/** Does a step though something is missing, for a reason that is kept. */
export function Anyway({ onAnyway }: { readonly onAnyway: (why: string) => void }) {
  const [asked, setAsked] = useState(false);
  return asked ? (
    <View style={layout.stack} role="group" aria-label="Why it is done all the same">
      <Heading level={3}>Done all the same because</Heading>
      <Reasons usual={WHY} act="Done for this reason" onReason={onAnyway} />
    </View>
  ) : (
    <Button mode="outlined" contentStyle={layout.thumb} onPress={() => setAsked(true)}>
      Do it all the same
    </Button>
  );
}

const ORDER = 'order-';
const GAP = 'gap-';
const PART = 'part-';

/** Where somebody goes, or what he notes, to have a need met. */
function Remedy({ building, need }: { readonly building: Building; readonly need: Need }) {
  const router = useRouter();
  const { job, run, take, items } = building;
  const go = (stage: 'measure' | 'decide') => router.push(`/job/${job.id}/${stage}`);
  if (need.id.startsWith(ORDER)) {
    const line = need.id.slice(ORDER.length);
    const was = orderList(job).find(({ id }) => id === line)?.order;
    const order = {
      line,
      state: 'came',
      date: dayText(new Date()),
      supplier: was?.supplier ?? '',
      partNumber: was?.partNumber ?? '',
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
  if (need.id === 'work' || need.id === 'body' || need.id.startsWith(PART)) {
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
