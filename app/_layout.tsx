import { QueryClientProvider } from '@tanstack/react-query';
import { Slot } from 'expo-router';
import { queryClient } from '@/data/client';
import { registerServiceWorker } from '@/data/offline';
import { Appearance } from '@/screens/shell/Appearance';
import { Shell } from '@/screens/shell/Shell';

registerServiceWorker();

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
