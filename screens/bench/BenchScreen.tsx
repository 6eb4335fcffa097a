import { reasonOf } from '@/core/errors';
import { useQuery } from '@tanstack/react-query';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useDeferredValue, useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { IconButton } from 'react-native-paper';
import { Button } from '@/ui/Button';
import { frontQuery, useJobSummaries, useShopError } from '@/data/hooks';
import { Beside } from '@/ui/Beside';
import { ListPage } from '@/ui/ListPage';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { SearchField } from '@/ui/SearchField';
import { ShopUnread } from '@/ui/ShopUnread';
import { TOUCH } from '@/ui/theme';
import { useWide } from '@/ui/useWidth';
import { Words } from '@/ui/Words';
import { Wall } from '../shell/Wall';
import { BackupDue } from './BackupDue';
import { JobRow, ROW } from './JobRow';
import { KeptSearches } from './KeptSearches';
import { onDemand } from '../shell/onDemand';
import { findable, found, named } from './search';
import { useEverywhere } from './useEverywhere';
import { say } from '@/core/wording/say';

/** Loaded where there is room beside the list: a phone never needs it. */
const JobSide = onDemand('JobSide', async () => (await import('./JobSide')).JobSide);

/** Loaded with what searches everything. */
const SearchTools = onDemand('SearchTools', async () => (await import('./everywhere')).SearchTools);

const BenchNumbers = onDemand(
  'BenchNumbers',
  async () => (await import('./everywhere')).BenchNumbers,
);

const Welcome = onDemand('Welcome', async () => (await import('./room')).Welcome);

/** The jobs as far as they are read, and those of them that are looked for. */
function useSought() {
  const { data: whole, error, isPending } = useJobSummaries();
  const { data: front } = useQuery(frontQuery);
  const jobs = whole ?? (error ? undefined : front);
  const [wanted, setWanted] = useState('');
  const all = useMemo(() => findable(jobs ?? []), [jobs]);
  // The letter is in its field at once; a long list may follow a moment later.
  const sought = useDeferredValue(wanted);
  const everywhere = useEverywhere(sought);
  const shown = useMemo(() => found(all, sought, everywhere?.words), [all, sought, everywhere]);
  const isEmpty = whole !== undefined && shown.length === 0;
  return {
    jobs,
    shown,
    isEmpty,
    wanted,
    setWanted,
    sought,
    everywhere,
    error,
    isRead: !isPending || front?.length,
  };
}

/** What can be begun from the bench. */
function Actions({ hasJobs }: { readonly hasJobs: boolean }) {
  const router = useRouter();
  return (
    <View style={styles.actions}>
      <IconButton
        icon="file-import-outline"
        size={24}
        style={styles.import}
        accessibilityLabel="Import"
        onPress={() => router.push('/import')}
      />
      {hasJobs ? (
        <Button mode="text" compact onPress={() => router.push('/now')}>
          Measure now
        </Button>
      ) : null}
      <Button mode="contained" icon="plus" onPress={() => router.push('/new')}>
        New job
      </Button>
    </View>
  );
}

/** The jobs, the last one worked on first; a touch goes back to where it was left. */
export function BenchScreen() {
  const router = useRouter();
  const wide = useWide();
  const { job: asked } = useLocalSearchParams<{ job?: string }>();
  const { jobs, shown, isEmpty, wanted, setWanted, sought, everywhere, error, isRead } =
    useSought();
  const unread = useShopError();
  if (!isRead) return null;

  /** A number read in, by hand or by a scanner, opens its job. */
  const open = () => {
    const [job, twin] = named(jobs ?? [], wanted);
    if (job && !twin) router.push(`/job/${job.id}/${job.stage}`);
  };
  const unreadable = error ? (
    <Notice kind="error">{say('bench.unreadable', { error: reasonOf(error) })}</Notice>
  ) : null;
  if (!jobs || jobs.length === 0) {
    return (
      <Page title="Bench" actions={<Actions hasJobs={false} />}>
        <ShopUnread error={unread} />
        {unreadable ?? <Welcome />}
      </Page>
    );
  }
  const chosen = wide ? (shown.find(({ id }) => id === asked) ?? shown[0])?.id : undefined;
  const list = (
    <ListPage
      title="Bench"
      actions={<Actions hasJobs />}
      label="Jobs"
      items={shown}
      lowest={ROW}
      keyOf={({ id }) => id}
      row={(job) => (
        <Wall
          what={say('bench.jobTitle', { tag: job.tag })}
          record={{ kind: 'job', id: job.id }}
          again={[job, everywhere]}
        >
          <JobRow
            job={job}
            chosen={chosen === undefined ? undefined : job.id === chosen}
            found={everywhere?.words.get(job.id)}
          />
        </Wall>
      )}
      search={
        <>
          <SearchField
            label="Find a job"
            placeholder="Scan or type: tag, customer, machine, pump"
            value={wanted}
            onChange={setWanted}
            onEnter={open}
          />
          <KeptSearches wanted={wanted} onChange={setWanted} />
          {everywhere && wanted.trim() ? <SearchTools everywhere={everywhere} /> : null}
        </>
      }
    >
      {unreadable}
      <ShopUnread error={unread} />
      {wide ? <BenchNumbers jobs={jobs} /> : null}
      <BackupDue jobs={jobs} />
      {isEmpty && !everywhere ? (
        <Words tone="muted">{say('bench.noMatch', { text: sought })}</Words>
      ) : null}
    </ListPage>
  );
  if (!chosen) return list;
  return (
    <Beside list={list}>
      <Wall what="This job" record={{ kind: 'job', id: chosen }} again={[chosen]}>
        <JobSide id={chosen} />
      </Wall>
    </Beside>
  );
}

const styles = StyleSheet.create({
  actions: { flexDirection: 'row', flexWrap: 'wrap', flexShrink: 1, gap: 4, alignItems: 'center' },
  import: { width: TOUCH, height: TOUCH, margin: 0 },
});
