import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Searchbar } from 'react-native-paper';
import { useBriefs } from '@/data/hooks';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { Words } from '@/ui/Words';
import { JobRow } from './JobRow';
import { Welcome } from './Welcome';

const matches = (words: readonly string[], wanted: string): boolean =>
  wanted
    .toLowerCase()
    .split(/\s+/)
    .every((part) => words.join(' ').toLowerCase().includes(part));

/** The jobs, the last one worked on first; a touch goes back to where it was left. */
export function BenchScreen() {
  const router = useRouter();
  const { data: jobs, error, isPending } = useBriefs();
  const [wanted, setWanted] = useState('');
  if (isPending) return null;

  const shown = (jobs ?? [])
    .filter((j) => matches([j.tag, j.owner, j.unit, j.model], wanted.trim()))
    .sort((a, b) => b.lastAt.localeCompare(a.lastAt));
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
      {jobs?.length === 0 ? (
        <Welcome />
      ) : (
        <>
          <Searchbar
            value={wanted}
            onChangeText={setWanted}
            placeholder="Tag, owner, unit or pump"
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
