import { useMutation, useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query';
import { createContext, useCallback, useContext, useEffect, useState } from 'react';
import { NEW_SHOP, type Shop } from '../core/records/shop';
import { changeWhole } from './changing';
import { load, loadAll, type Kind, type Kinds } from './opened';
import { remove } from './records';
import { type Filed } from './texts';
import { loadAside } from './aside';
import { loadBackupMade } from './backupMade';
import {
  checkedList,
  inOrder,
  keepFront,
  listAfter,
  loadFront,
  renewSummaries,
  type ListedJob,
} from './summaries';
import { loadPersistence } from './persistence';
import { readText } from './storage';
import { onChange } from './tabs';
import { whenIdle } from './whenIdle';

/** Keys of the query cache. */
export const KEYS = {
  record: (kind: Kind, id: string) => [kind, id] as const,
  summaries: ['summaries'] as const,
  sheets: ['sheets'] as const,
  studies: ['studies'] as const,
  parts: ['parts'] as const,
};

/** Lists that show a record of this kind. */
const LIST = {
  job: KEYS.summaries,
  sheet: KEYS.sheets,
  study: KEYS.studies,
  part: KEYS.parts,
  shop: null,
  photo: null,
  trace: null,
} as const;

function refreshList(client: QueryClient, kind: Kind): Promise<void> {
  const list = LIST[kind];
  return list ? client.invalidateQueries({ queryKey: list }) : Promise.resolve();
}

export const recordQuery = <K extends Kind>(kind: K, id: string) => ({
  queryKey: KEYS.record(kind, id),
  queryFn: () => load(kind, id),
});

export function useRecord<K extends Kind>(kind: K, id: string) {
  return useQuery(recordQuery(kind, id));
}

/** One thing that a record says; null where it is not there. Whoever asks is drawn anew only where that is otherwise. */
export function useOfRecord<K extends Kind, T extends string | number | boolean>(
  kind: K,
  id: string,
  of: (record: Kinds[K]) => T,
) {
  return useQuery({ ...recordQuery(kind, id), select: (record) => record && of(record) });
}

/** The list of jobs: read whole once, after that only what changed. */
export const summariesQuery = {
  queryKey: KEYS.summaries,
  queryFn: ({ client }: { client: QueryClient }) =>
    listAfter(client.getQueryData<ListedJob[]>(KEYS.summaries)),
};

/** The jobs at the head of the list, for as long as the list itself is not there. */
export const frontQuery = { queryKey: ['front'] as const, queryFn: loadFront };

export function useJobSummaries() {
  const client = useQueryClient();
  const query = useQuery(summariesQuery);
  const { data } = query;
  useEffect(() => (data ? broughtUpToDate(client, data) : undefined), [client, data]);
  return query;
}

/** Checks a list once nothing else is to be done, and makes anew what is stale in it; returns how to call that off. */
function broughtUpToDate(client: QueryClient, list: readonly ListedJob[]): () => void {
  const set = (change: (list: ListedJob[]) => ListedJob[]) =>
    client.setQueryData<ListedJob[]>(KEYS.summaries, (now) => now && change(now));
  const stale = list.filter((job) => job.state === 'stale');
  const unchecked = list.some((job) => job.state === 'unchecked');
  if (!unchecked && stale.length === 0) {
    // Without room for it the list takes a moment longer next time.
    return whenIdle(() => void keepFront(list).catch(() => undefined));
  }
  let off = false;
  const put = (jobs: readonly ListedJob[]) => {
    const anew = new Map(jobs.map((job) => [job.id, job]));
    set((now) => now.map((job) => anew.get(job.id) ?? job));
  };
  const show = (jobs: readonly ListedJob[]) => (off ? undefined : put(jobs));
  const idle = whenIdle(() => {
    const work = unchecked
      ? checkedList(list).then(show)
      : stale.length > FEW
        ? renewMany(stale, put)
        : renewSummaries(idsOf(stale), show, () => off);
    // Where it cannot be read or stored, the list is as good as it was.
    work.catch(() => undefined);
  });
  return () => {
    off = true;
    idle();
  };
}

/** So many summaries the page makes itself, in between. */
const FEW = 25;

/** The work of the thread that makes thousands of summaries: it goes on however often the list changes meanwhile. */
let renewing: Promise<void> | null = null;

const idsOf = (jobs: readonly ListedJob[]): string[] => jobs.map(({ id }) => id);

/**
 * Makes many summaries, as after a backup was restored, first those on top: one such work at a time, in a thread, and here
 * where that does not load or is lost.
 */
function renewMany(
  jobs: readonly ListedJob[],
  show: (jobs: readonly ListedJob[]) => void,
): Promise<void> {
  if (renewing) return renewing;
  const stale = idsOf(inOrder(jobs));
  renewing = renewInThread(stale, show)
    .catch(() => renewSummaries(stale, show))
    .finally(() => (renewing = null));
  return renewing;
}

async function renewInThread(
  stale: readonly string[],
  show: (jobs: readonly ListedJob[]) => void,
): Promise<void> {
  const { openDesk } = await import('./transfer/remote');
  const desk = openDesk();
  try {
    await desk.renew(stale, show);
  } finally {
    desk.close();
  }
}

export function useStudies() {
  return useQuery({ queryKey: KEYS.studies, queryFn: () => loadAll('study') });
}

/** The loose parts of the shop, on the shelf or once on it. */
export function useParts() {
  return useQuery({ queryKey: KEYS.parts, queryFn: () => loadAll('part') });
}

export function useSheets() {
  return useQuery({ queryKey: KEYS.sheets, queryFn: () => loadAll('sheet') });
}

/** A change on its way into storage, and what went wrong with the last one. */
export interface Changing<K extends Kind> {
  /**
   * Resolves once the change is in storage and the screen may show it; rejects where it is not. What a screen keeps of its
   * own for the change it sets in `onStored`: that is drawn with the change, and not once more after it.
   */
  readonly apply: (
    change: (record: Kinds[K]) => Kinds[K],
    beside?: readonly Filed[],
    onStored?: (record: Kinds[K]) => void,
  ) => Promise<void>;
  readonly error: Error | null;
}

/**
 * Changes one record. Written without a mutation observer: that would draw the
 * screen twice more on every tap, once for pending and once for done.
 */
export function useChange<K extends Kind>(kind: K, id: string, absent?: Kinds[K]): Changing<K> {
  const client = useQueryClient();
  const [error, setError] = useState<Error | null>(null);
  const apply = useCallback(
    async (
      edit: (record: Kinds[K]) => Kinds[K],
      beside: readonly Filed[] = [],
      onStored?: (record: Kinds[K]) => void,
    ) => {
      try {
        const record = await changeWhole(kind, id, edit, {
          ...(absent ? { absent } : {}),
          beside,
          onMore: () => void client.invalidateQueries({ queryKey: KEYS.parts }),
        });
        onStored?.(record);
        setError(null);
        client.setQueryData(KEYS.record(kind, id), record);
        // Lists are read again when they are next shown, not while the thumb is on the answers.
        const list = LIST[kind];
        if (list) {
          setTimeout(() => void client.invalidateQueries({ queryKey: list, refetchType: 'none' }));
        }
      } catch (failure) {
        setError(failure as Error);
        throw failure;
      }
    },
    [client, kind, id, absent],
  );
  return { apply, error };
}

export function useRemove(kind: Kind) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => remove(kind, id),
    onSuccess: async (_, id) => {
      client.removeQueries({ queryKey: KEYS.record(kind, id) });
      await refreshList(client, kind);
    },
  });
}

/** Whether the browser lets anything be read: where it does not, no room may look empty. */
export const useStorageError = (): Error | null =>
  useQuery({ queryKey: ['storage'], queryFn: () => readText('').then(() => true) }).error;

/** Whether the browser keeps what is stored. */
export const persistenceQuery = {
  queryKey: ['persistence'],
  queryFn: loadPersistence,
  staleTime: 0,
};

/** When everything was last saved from this browser. */
export const backupQuery = { queryKey: ['backup made'], queryFn: loadBackupMade };

/** What could not be read and was set aside. */
export const asideQuery = { queryKey: ['aside'], queryFn: loadAside };

export const shopQuery = {
  ...recordQuery('shop', 'shop'),
  // Settings that cannot be read stay so: asked for anew by every part of a screen, they would never come to rest.
  retryOnMount: false,
} as const;

/** Returns the shop's settings from storage; those of a new shop until somebody changes one. */
export function useStoredShop(): Shop {
  return useQuery(shopQuery).data ?? NEW_SHOP;
}

const ShopContext = createContext(NEW_SHOP);

/** Hands the shop's settings to everything below: a screen asks for them in dozens of places. */
export const ShopProvider = ShopContext.Provider;

/** The shop's settings, as the provider above has them. */
export function useShop(): Shop {
  return useContext(ShopContext);
}

/** What is wrong with the shop's settings in storage, where the usual ones stand in for them; null for nothing. */
export function useShopError(): Error | null {
  return useQuery(shopQuery).error;
}

/** Whether the shop's settings were looked for: a form that begins with them must not begin before. */
export function useShopThere(): boolean {
  return useQuery(shopQuery).isFetched;
}

export function useChangeShop() {
  return useChange('shop', 'shop', NEW_SHOP);
}

/** Takes over what other tabs change. */
export function useOtherTabs(): void {
  const client = useQueryClient();
  useEffect(
    () =>
      onChange((changed) => {
        if (changed === 'everything') return void client.invalidateQueries();
        const { kind, id } = changed;
        void client.invalidateQueries({ queryKey: KEYS.record(kind, id) });
        void refreshList(client, kind);
      }),
    [client],
  );
}
