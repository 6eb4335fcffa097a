import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useEffect, useState } from 'react';
import { USUAL_U_MM, type PartsFound } from '@/core/records/partsCsv';
import type { FileProblem } from '@/core/records/problems';
import { formatWithUnit } from '@/core/quantity/format';
import { say } from '@/core/wording/say';
import { KEYS, useParts, useSheets, useShop } from '@/data/hooks';
import { chooseText } from '@/data/save';
import { importParts, RemoteShelf } from '@/data/shelf';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { Words } from '@/ui/Words';
import { RefusedFile } from '../shell/RefusedFile';
import { useOnce } from '../shell/useOnce';

type State =
  | { at: 'start' }
  | { at: 'refused'; name: string; problems: readonly FileProblem[] }
  | { at: 'preview'; name: string; found: PartsFound };

/** So many parts are named before the import; the rest is counted. */
const MOST_NAMED = 12;

/** A list of loose parts from a spreadsheet: looked at whole, shown, and only then taken. */
export function PartsImportScreen() {
  const router = useRouter();
  const client = useQueryClient();
  const { unit } = useShop();
  const { data: sheets } = useSheets();
  const { data: parts } = useParts();
  const [remote] = useState(() => new RemoteShelf());
  useEffect(() => () => remote.close(), [remote]);
  const [state, setState] = useState<State>({ at: 'start' });

  const choose = async () => {
    const file = await chooseText('.csv,text/csv');
    if (!file) return;
    const { name, text } = file;
    try {
      const here = [sheets?.records ?? [], parts?.records ?? []] as const;
      const { found, problems } = await remote.readCsv(text, ...here);
      setState(found ? { at: 'preview', name, found } : { at: 'refused', name, problems });
    } catch (error) {
      const problems = [{ place: 'the file', message: (error as Error).message }];
      setState({ at: 'refused', name, problems });
    }
  };
  const take = useOnce(async (found: PartsFound) => {
    await importParts(found);
    await client.invalidateQueries({ queryKey: KEYS.parts });
    router.replace('/shelf');
  });
  return (
    <Page title="Import parts">
      <Words>
        A CSV file with a line for each part: label, model and parts, and a column for each size in
        mm. Save the shelf as CSV once to see the columns.
      </Words>
      <Words size="note" tone="muted">
        {say('shelf.usualDoubt', { u: formatWithUnit(USUAL_U_MM, 'gap', unit) })}
      </Words>
      <Button
        mode={state.at === 'preview' ? 'outlined' : 'contained'}
        icon="file-import-outline"
        onPress={() => void choose()}
      >
        Choose a CSV file
      </Button>
      {take.failed ? <Notice kind="error">{take.failed}</Notice> : null}
      {state.at === 'refused' ? <RefusedFile name={state.name} problems={state.problems} /> : null}
      {state.at === 'preview' ? (
        <Preview name={state.name} found={state.found} onTake={() => take.run(state.found)} />
      ) : null}
      <Button mode="text" icon="file-import-outline" onPress={() => router.push('/import')}>
        It is a JSON file
      </Button>
      <Button mode="text" onPress={() => router.navigate('/shelf')}>
        Back to Shelf
      </Button>
    </Page>
  );
}

interface PreviewProps {
  readonly name: string;
  readonly found: PartsFound;
  readonly onTake: () => void;
}

function Preview({ name, found, onTake }: PreviewProps) {
  const { added, changed, same } = found;
  const named = [...added, ...changed];
  const more = named.length - MOST_NAMED;
  return (
    <>
      <Words strong>{name}</Words>
      <Words>
        {say('shelf.addedAndChanged', { added: added.length, changed: changed.length, same })}
      </Words>
      {named.slice(0, MOST_NAMED).map(({ id, label, model, sizes }) => (
        <Words key={id}>{say('shelf.importLine', { label, model, sizes: sizes.length })}</Words>
      ))}
      {more > 0 ? <Words strong>{say('shop.moreLikeThese', { count: more })}</Words> : null}
      <Button mode="contained" disabled={named.length === 0} onPress={onTake}>
        Take them onto the shelf
      </Button>
    </>
  );
}
