import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { HistoryAnswer, HistoryAsked, HistoryLine } from '@/core/history/answer';
import type { Comebacks } from '@/core/history/comebacks';
import type { Question } from '@/core/history/past';
import type { Repeat } from '@/core/history/repeats';
import { askComebacks, askHistory, askLines, askRepeats } from '@/data/history/remote';

/** How far the reading of the shop's jobs is; null where nothing is read. */
type Reading = { readonly done: number; readonly of: number } | null;

/** What was asked of the past, and how far it is. */
export interface Asking<T> {
  readonly answer: T | undefined;
  readonly error: Error | null;
  readonly reading: Reading;
}

/** Asks the past something anew whenever the page is opened: jobs may have been written since. */
function useAsked<T>(
  key: readonly unknown[],
  ask: (tell: (done: number, of: number) => void) => Promise<T>,
): Asking<T> {
  const [reading, setReading] = useState<Reading>(null);
  const { data, error } = useQuery({
    queryKey: key,
    queryFn: () => ask((done, of) => setReading({ done, of })),
    gcTime: 0,
    staleTime: 0,
  });
  return { answer: data, error, reading: data ? null : reading };
}

/** Asks what the shop's past says about one characteristic. */
export const useHistory = (asked: HistoryAsked): Asking<HistoryAnswer> =>
  useAsked(['history', asked], (tell) => askHistory(asked, tell));

/** Asks what it says about each of several, in a line. */
export const useHistoryLines = (questions: readonly Question[]): Asking<readonly HistoryLine[]> =>
  useAsked(['history lines', questions], (tell) => askLines(questions, tell));

/** Asks what came back of all that went out. */
export const useComebacks = (isDemo: boolean): Asking<Comebacks> =>
  useAsked(['comebacks', isDemo], (tell) => askComebacks(isDemo, tell));

/** Asks for every place that was read again with an instrument on the shop's own pumps, by its name. */
export const useRepeats = (instrument: string): Asking<readonly Repeat[]> =>
  useAsked(['repeats', instrument], (tell) => askRepeats(instrument, false, tell));
