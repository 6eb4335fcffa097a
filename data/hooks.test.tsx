import { QueryClientProvider } from '@tanstack/react-query';
import { renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { queryClient } from './client';
import { useJobSummaries } from './hooks';
import { dropTexts, keysUnder } from './storage';
import { saveNew } from './records';
import { empty, job } from './testing/transfer';

const within = ({ children }: { readonly children: ReactNode }) => (
  <QueryClientProvider client={queryClient}>{children}</QueryClientProvider>
);

describe('the list of a shop whose jobs were not judged for it yet', () => {
  it('is judged whole, also where the thread for it does not load', async () => {
    await empty();
    const jobs = Array.from({ length: 30 }, (_, i) => ({ ...job, id: `j-${i}`, tag: `T-${i}` }));
    await saveNew(jobs.map((record) => ({ kind: 'job', record })));
    await dropTexts(jobs.map(({ id }) => `brief/${id}`));
    const { result } = renderHook(useJobSummaries, { wrapper: within });
    await waitFor(() => expect(result.current.data).toHaveLength(30));
    expect(result.current.data?.every(({ state }) => state === 'stale')).toBe(true);
    await waitFor(
      () => expect(result.current.data?.every(({ state }) => state === 'current')).toBe(true),
      { timeout: 15_000 },
    );
    expect(await keysUnder('brief/')).toHaveLength(30);
    expect(result.current.data?.[0]).toMatchObject({ judged: 6 });
  });
});
