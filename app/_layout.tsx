import { QueryClientProvider } from '@tanstack/react-query';
import { Slot } from 'expo-router';
import { queryClient } from '@/data/client';
import { deviceHere } from '@/data/device';
import { registerServiceWorker } from '@/data/offline';
import { whenIdle } from '@/data/whenIdle';
import { frontQuery, shopQuery, summariesQuery } from '@/data/hooks';
import { removeOrphans } from '@/data/orphans';
import { prefetchJob } from '@/screens/job/stageView';
import { Appearance } from '@/screens/shell/Appearance';
import { LastWall } from '@/screens/shell/LastWall';
import { Shell } from '@/screens/shell/Shell';

registerServiceWorker();
// What the first screen will ask for is on its way while that is being drawn.
void queryClient.prefetchQuery(shopQuery);
prefetchJob(queryClient, window.location.pathname);
if (window.location.pathname === '/') {
  void queryClient.prefetchQuery(frontQuery);
  void queryClient.prefetchQuery(summariesQuery);
}
// The first tap need not ask which device this is.
whenIdle(() => void deviceHere().catch(() => undefined));
// Once the first screen is there: what is left of records that are gone only takes room.
setTimeout(() => void removeOrphans().catch(() => undefined), 3000);

export default function Layout() {
  return (
    <QueryClientProvider client={queryClient}>
      <LastWall>
        <Appearance>
          <Shell>
            <Slot />
          </Shell>
        </Appearance>
      </LastWall>
    </QueryClientProvider>
  );
}
