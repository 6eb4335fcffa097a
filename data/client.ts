import { notifyManager, QueryClient } from '@tanstack/react-query';

// A stored reading is shown at once, not a timer later: the thumb is waiting.
notifyManager.setScheduler(queueMicrotask);

/** The records lie in the browser: they are never stale by age, and there is no network to wait for. */
export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      networkMode: 'always',
      staleTime: Infinity,
      gcTime: Infinity,
      retry: false,
      // Records share what did not change already; copying them would lose what was worked out of them.
      structuralSharing: false,
    },
    mutations: { networkMode: 'always', gcTime: Infinity, retry: false },
  },
});
