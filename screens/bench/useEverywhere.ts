import { useQuery } from '@tanstack/react-query';
import type { Found } from '@/core/history/search';
import { FEWEST } from './search';

/** What was found over everything: the jobs in their order, and where each says it, by its id. */
export interface Everywhere {
  readonly wanted: string;
  readonly found: readonly Found[];
  readonly words: ReadonlyMap<string, string>;
}

/** Looks for words in everything that was ever written on a job; undefined while nothing is looked for, or it is on its way. */
export function useEverywhere(wanted: string): Everywhere | undefined {
  const { data } = useQuery({
    queryKey: ['everywhere', wanted],
    enabled: wanted.trim().length >= FEWEST,
    queryFn: async (): Promise<Everywhere> => {
      const { askSearch, foundWords } = await import('./everywhere');
      const found = await askSearch(wanted);
      const words = new Map(found.map((one) => [one.facts.id, foundWords(one)]));
      return { wanted, found, words };
    },
    gcTime: 0,
  });
  return data;
}
