import { say } from '@/core/wording/say';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import type { Shop } from '@/core/records/shop';
import type { Fleet, Spare } from '@/core/rework/decision/fleet';
import { markedSum, minutesWords } from '@/core/wording/money';
import { useJobSummaries, useShop } from '@/data/hooks';
import { Course } from '@/ui/Course';
import { Line } from '@/ui/Line';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { TryAgain } from '@/ui/TryAgain';
import { Heading, Words } from '@/ui/Words';
import { useFleet } from './useFleet';

/** What the plans of all open jobs ask for together: which spares to have in stock. */
export function SparesScreen() {
  const shop = useShop();
  const { data: jobs } = useJobSummaries();
  const open = (jobs ?? []).filter(({ closed }) => closed === null).map(({ id }) => id);
  return (
    <Page still title="Spares wanted">
      <Words tone="muted">
        Every open job is planned, the cheapest way for each. This is what the plans ask for
        together.
      </Words>
      {jobs ? <Planned ids={open} shop={shop} /> : null}
    </Page>
  );
}

function Planned({ ids, shop }: { readonly ids: readonly string[]; readonly shop: Shop }) {
  const router = useRouter();
  const { done, fleet, error, stop, again } = useFleet(ids, shop);
  if (error) {
    return (
      <TryAgain onAgain={again} onCancel={() => router.replace('/shop')}>
        {error}
      </TryAgain>
    );
  }
  if (!fleet) return <Course what="Jobs planned" done={done} of={ids.length} onCancel={stop} />;
  return <Wanted fleet={fleet} shop={shop} />;
}

function Wanted({ fleet, shop }: { readonly fleet: Fleet; readonly shop: Shop }) {
  const { spares, givenUp, minutes, work, example } = fleet;
  return (
    <View style={{ gap: 10 }}>
      <Heading size="instruction">
        {spares.length === 0
          ? 'No spares are wanted.'
          : say('shop.spares', { count: spares.length })}
      </Heading>
      <Words>
        {say('shop.allPlans', {
          time: minutesWords(minutes),
          sum: markedSum(work, shop.money, example),
        })}
      </Words>
      {givenUp.length > 0 ? (
        <Notice kind="caution">{say('shop.givenUp', { tags: givenUp.join(', ') })}</Notice>
      ) : null}
      {spares.map((spare) => (
        <SpareLine key={spare.key} spare={spare} shop={shop} />
      ))}
    </View>
  );
}

function SpareLine({ spare, shop }: { readonly spare: Spare; readonly shop: Shop }) {
  const { on, model, tags, price, days, example } = spare;
  return (
    <Line>
      <Words strong style={{ width: 36 }}>{`${tags.length} ×`}</Words>
      <View style={{ flex: 1, minWidth: 0 }}>
        <Words strong>{on}</Words>
        <Words size="note" tone="muted">
          {[model, tags.join(', '), days > 0 ? say('shop.waits', { days }) : '']
            .filter(Boolean)
            .join(' · ')}
        </Words>
      </View>
      <Words strong>{markedSum(price * tags.length, shop.money, example, 'one')}</Words>
    </Line>
  );
}
