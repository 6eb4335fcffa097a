import { useQuery } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useDeferredValue, useMemo, useRef, useState } from 'react';
import { StyleSheet, View, type TextInput } from 'react-native';
import { Button, Searchbar } from 'react-native-paper';
import { frontQuery, useJobSummaries, useShopError } from '@/data/hooks';
import { ListPage } from '@/ui/ListPage';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { ShopUnread } from '@/ui/ShopUnread';
import { Words } from '@/ui/Words';
import { Wall } from '../shell/Wall';
import { BackupDue } from './BackupDue';
import { JobRow } from './JobRow';
import { findable, found, named } from './search';
import { useScanInto } from './useScanInto';
import { Welcome } from './Welcome';

/** The jobs, the last one worked on first; a touch goes back to where it was left. */
export function BenchScreen() {
  const router = useRouter();
  const { data: whole, error, isPending } = useJobSummaries();
  const { data: front } = useQuery(frontQuery);
  const jobs = whole ?? (error ? undefined : front);
  const unread = useShopError();
  const [wanted, setWanted] = useState('');
  const search = useRef<TextInput>(null);
  useScanInto(search);
  const all = useMemo(() => findable(jobs ?? []), [jobs]);
  // The letter is in its field at once; a long list may follow a moment later.
  const sought = useDeferredValue(wanted);
  const shown = useMemo(() => found(all, sought), [all, sought]);
  if (isPending && !front?.length) return null;

  /** A number read in, by hand or by a scanner, opens its job. */
  const open = () => {
    const [job, twin] = named(jobs ?? [], wanted);
    if (job && !twin) router.push(`/job/${job.id}/${job.stage}`);
  };
  const actions = (
    <View style={styles.actions}>
      <Button mode="text" icon="file-import-outline" onPress={() => router.push('/import')}>
        Import
      </Button>
      <Button mode="contained" icon="plus" onPress={() => router.push('/new')}>
        New job
      </Button>
    </View>
  );
  if (!jobs || jobs.length === 0) {
    return (
      <Page title="Bench" actions={actions}>
        <ShopUnread error={unread} />
        {error ? (
          <Notice kind="error">{`The jobs could not be read: ${error.message}`}</Notice>
        ) : (
          <Welcome />
        )}
      </Page>
    );
  }
  return (
    <ListPage
      title="Bench"
      actions={actions}
      label="Jobs"
      items={shown}
      keyOf={({ id }) => id}
      row={(job) => (
        <Wall what={`Job ${job.tag}`} record={{ kind: 'job', id: job.id }} again={[job]}>
          <JobRow job={job} />
        </Wall>
      )}
    >
      {error ? (
        <Notice kind="error">{`The jobs could not be read: ${error.message}`}</Notice>
      ) : null}
      <ShopUnread error={unread} />
      <BackupDue />
      <Searchbar
        value={wanted}
        onChangeText={setWanted}
        ref={search}
        onSubmitEditing={open}
        placeholder="Scan or type: tag, customer, unit, pump"
        aria-label="Find a job"
        elevation={0}
      />
      {whole && shown.length === 0 ? (
        <Words tone="muted">{`No job with “${sought}”.`}</Words>
      ) : null}
    </ListPage>
  );
}

const styles = StyleSheet.create({
  actions: { flexDirection: 'row', gap: 8, alignItems: 'center' },
});
