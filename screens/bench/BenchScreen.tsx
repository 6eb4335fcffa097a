import { useRouter } from 'expo-router';
import { useRef, useState } from 'react';
import { StyleSheet, View, type TextInput } from 'react-native';
import { Button, Searchbar } from 'react-native-paper';
import type { JobSummary } from '@/data/jobSummary';
import { useJobSummaries, useShopError } from '@/data/hooks';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { ShopUnread } from '@/ui/ShopUnread';
import { Words } from '@/ui/Words';
import { JobRow } from './JobRow';
import { useScanInto } from './useScanInto';
import { Welcome } from './Welcome';

const matches = (words: readonly string[], wanted: string): boolean =>
  wanted
    .toLowerCase()
    .split(/\s+/)
    .every((part) => words.join(' ').toLowerCase().includes(part));

/** Jobs of that very number, whatever case it was typed in. */
const named = (jobs: readonly JobSummary[], number: string): JobSummary[] =>
  jobs.filter((j) => j.tag.toLowerCase() === number.trim().toLowerCase());

/** The jobs, the last one worked on first; a touch goes back to where it was left. */
export function BenchScreen() {
  const router = useRouter();
  const { data: jobs, error, isPending } = useJobSummaries();
  const unread = useShopError();
  const [wanted, setWanted] = useState('');
  const search = useRef<TextInput>(null);
  useScanInto(search);
  if (isPending) return null;

  const shown = (jobs ?? [])
    .filter((j) => matches([j.tag, j.owner, j.unit, j.model, j.serial], wanted.trim()))
    .sort((a, b) => b.lastAt.localeCompare(a.lastAt));
  /** A number read in, by hand or by a scanner, opens its job. */
  const open = () => {
    const [job, twin] = named(jobs ?? [], wanted);
    if (job && !twin) router.push(`/job/${job.id}/${job.stage}`);
  };
  return (
    <Page
      title="Bench"
      actions={
        <View style={styles.actions}>
          <Button mode="text" icon="file-import-outline" onPress={() => router.push('/import')}>
            Import
          </Button>
          <Button mode="contained" icon="plus" onPress={() => router.push('/new')}>
            New job
          </Button>
        </View>
      }
    >
      {error ? (
        <Notice kind="error">{`The jobs could not be read: ${error.message}`}</Notice>
      ) : null}
      <ShopUnread error={unread} />
      {jobs?.length === 0 ? (
        <Welcome />
      ) : (
        <>
          <Searchbar
            value={wanted}
            onChangeText={setWanted}
            ref={search}
            onSubmitEditing={open}
            placeholder="Scan or type: tag, customer, unit, pump"
            aria-label="Find a job"
            elevation={0}
          />
          {shown.length === 0 ? <Words tone="muted">{`No job with “${wanted}”.`}</Words> : null}
          <View role="list" aria-label="Jobs">
            {shown.map((job) => (
              <JobRow key={job.id} job={job} />
            ))}
          </View>
        </>
      )}
    </Page>
  );
}

const styles = StyleSheet.create({
  actions: { flexDirection: 'row', gap: 8, alignItems: 'center' },
});
