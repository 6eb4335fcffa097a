import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { FileError, type FileProblem } from '@/core/records/problems';
import { chooseText } from '@/data/save';
import { applyImport, planImport, type Effect, type Planned } from '@/data/transfer';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { Heading, Words } from '@/ui/Words';

const EFFECT: Readonly<Record<Effect, string>> = {
  add: 'will be added',
  replace: 'will replace the one here',
  same: 'is here already, unchanged',
};

const KIND = { job: 'Job', sheet: 'Sheet', study: 'Study', shop: 'Shop:', photo: 'Photo' } as const;

/** What an import would do, a line for each record; photos by their number. */
function linesOf(planned: readonly Planned[]): string[] {
  const named = planned.filter((p) => p.kind !== 'photo');
  const photos = planned.length - named.length;
  return [
    ...named.map(({ kind, name, effect }) => `${KIND[kind]} ${name} ${EFFECT[effect]}.`),
    ...(photos > 0 ? [`${photos} ${photos === 1 ? 'photo' : 'photos'} with them.`] : []),
  ];
}

type State =
  | { at: 'start' }
  | { at: 'refused'; name: string; problems: readonly FileProblem[] }
  | { at: 'preview'; name: string; planned: readonly Planned[] };

/** A file is read whole, what it would do is shown, and only then is anything changed. */
export function ImportScreen() {
  const router = useRouter();
  const client = useQueryClient();
  const [state, setState] = useState<State>({ at: 'start' });

  const choose = async () => {
    const file = await chooseText('.json,application/json');
    if (!file) return;
    try {
      setState({ at: 'preview', name: file.name, planned: await planImport(file.text) });
    } catch (error) {
      const problems =
        error instanceof FileError
          ? error.problems
          : [{ place: 'the file', message: (error as Error).message }];
      setState({ at: 'refused', name: file.name, problems });
    }
  };
  const apply = async (planned: readonly Planned[], name: string) => {
    try {
      await applyImport(planned);
      await client.invalidateQueries();
      router.replace('/');
    } catch (error) {
      setState({
        at: 'refused',
        name,
        problems: [{ place: 'storage', message: (error as Error).message }],
      });
    }
  };
  return (
    <Page title="Import">
      <Words>A job, a set of sheets or a whole backup, as a file of the app’s own format.</Words>
      <Button
        mode={state.at === 'preview' ? 'outlined' : 'contained'}
        icon="file-import-outline"
        onPress={() => void choose()}
      >
        Choose a file
      </Button>
      {state.at === 'refused' ? (
        <Notice kind="error">
          <Words strong>{`${state.name} was not imported. Nothing was changed.`}</Words>
          {state.problems.map(({ place, message }) => (
            <Words key={`${place} ${message}`}>{`${place}: ${message}`}</Words>
          ))}
        </Notice>
      ) : null}
      {state.at === 'preview' ? (
        <>
          <Heading>{state.name}</Heading>
          {state.planned.length === 0 ? <Words>The file holds no record.</Words> : null}
          <View role="list">
            {linesOf(state.planned).map((words) => (
              <View key={words} role="listitem">
                <Words>{words}</Words>
              </View>
            ))}
          </View>
          <Button
            mode="contained"
            disabled={state.planned.every((p) => p.effect === 'same')}
            onPress={() => void apply(state.planned, state.name)}
          >
            Import
          </Button>
        </>
      ) : null}
      <Button mode="text" onPress={() => router.navigate('/')}>
        Back to the bench
      </Button>
    </Page>
  );
}
