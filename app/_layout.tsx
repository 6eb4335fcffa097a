import { QueryClientProvider } from '@tanstack/react-query';
import { Slot } from 'expo-router';
import { queryClient } from '@/data/client';
import { registerServiceWorker } from '@/data/offline';
import { removeOrphans } from '@/data/orphans';
import { Appearance } from '@/screens/shell/Appearance';
import { Shell } from '@/screens/shell/Shell';

registerServiceWorker();
// Once the first screen is there: what is left of records that are gone only takes room.
setTimeout(() => void removeOrphans().catch(() => undefined), 3000);

export default function Layout() {
  return (
    <QueryClientProvider client={queryClient}>
      <Appearance>
        <Shell>
          <Slot />
        </Shell>
      </Appearance>
    </QueryClientProvider>
  );
}
