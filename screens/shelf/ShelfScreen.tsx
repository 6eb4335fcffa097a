import { type ReactNode, useDeferredValue, useMemo, useState } from 'react';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import type { ShelfPart } from '@/core/records/part';
import type { Sheet } from '@/core/records/sheet';
import { say } from '@/core/wording/say';
import { sayShelf } from './sayShelf';
import { useParts, useSheets, useShop } from '@/data/hooks';
import { saveAs } from '@/data/save';
import { shelfFile } from '@/data/transfer/files';
import { useAnnounced } from '@/ui/announce';
import { Beside } from '@/ui/Beside';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { FootButton } from '@/ui/FootButton';
import { FootRow } from '@/ui/FootRow';
import { ListPage } from '@/ui/ListPage';
import { Notice } from '@/ui/Notice';
import { useMore } from '@/ui/More';
import { Page } from '@/ui/Page';
import { SearchField } from '@/ui/SearchField';
import { useWide } from '@/ui/useWidth';
import { Words } from '@/ui/Words';
import { Wall } from '../shell/Wall';
import { usePrinted } from './PartLabels';
import { PartRow } from './PartRow';
import { PartSide } from './PartSide';
import { PumpRow } from './PumpRow';
import { byPump, findable, found, labelled, type Findable } from './search';
import { Unreadable } from '../shell/Unreadable';
import { useOnce } from '../shell/useOnce';

const STATES: readonly (readonly [
  ShelfPart['state'],
  'shelf.here' | 'shelf.taken' | 'shelf.scrap',
])[] = [
  ['here', 'shelf.here'],
  ['taken', 'shelf.taken'],
  ['scrap', 'shelf.scrap'],
];

/** Returns the states of parts, each with how many there are. */
const statesOf = (all: readonly Findable[]) =>
  STATES.map(([value, key]) => ({
    value,
    name: say(key, { count: all.filter(({ part }) => part.state === value).length }),
  }));

async function saveCsv(shown: readonly Findable[], sheets: readonly Sheet[], unit: 'mm' | 'in') {
  const { partsCsv } = await import('@/data/tables');
  const parts = shown.map(({ part }) => part);
  saveAs('shelf.csv', partsCsv(parts, sheets, unit), 'text/csv');
}

const saveJson = async (shown: readonly Findable[]) =>
  saveAs('shelf.json', await shelfFile(shown.map(({ part }) => part)));

/** What is on the shelf, and what of it is looked for. */
function useSought() {
  const { data: parts } = useParts();
  const { data: sheets } = useSheets();
  const [wanted, setWanted] = useState('');
  const [state, setState] = useState<ShelfPart['state']>('here');
  const all = useMemo(() => findable(parts?.records ?? [], sheets?.records ?? []), [parts, sheets]);
  const sought = useDeferredValue(wanted);
  const shown = useMemo(() => found(all, state, sought), [all, state, sought]);
  useAnnounced(parts ? say('shop.parts', { count: shown.length }) : null);
  return { parts, sheets, all, shown, wanted, setWanted, sought, state, setState };
}

/** What is done more rarely with the shelf, and the labels to print. */
function useShelfFiles(shown: readonly Findable[], sheets: readonly Sheet[]) {
  const router = useRouter();
  const { unit } = useShop();
  const printed = usePrinted(shown);
  const save = useOnce((made: () => Promise<void>) => made());
  const csv = () => saveCsv(shown, sheets, unit === 'thou' ? 'in' : 'mm');
  const ofShown = [
    { name: 'Save as CSV', onPress: () => save.run(csv) },
    { name: 'Save as JSON', onPress: () => save.run(() => saveJson(shown)) },
    { name: 'Print labels', onPress: printed.print },
  ];
  const more = useMore('More about the shelf', [
    { name: 'Import', onPress: () => router.push('/import') },
    { name: 'Pair up', onPress: () => router.push('/shelf/pair') },
    ...(shown.length > 0 ? ofShown : []),
  ]);
  const list = (
    <>
      {more.list}
      {save.failed ? (
        <Notice kind="error">{say('shell.fileFailed', { error: save.failed })}</Notice>
      ) : null}
    </>
  );
  return { button: more.button, list, paper: printed.paper };
}

/** A part behind a wall of its own. */
const PartWall = ({
  part,
  children,
}: {
  readonly part: ShelfPart;
  readonly children: ReactNode;
}) => (
  <Wall
    what={sayShelf('shelf.partTitle', { label: part.label })}
    record={{ kind: 'part', id: part.id }}
    again={[part]}
  >
    {children}
  </Wall>
);

/** The loose parts that were measured: where they lie, what they are of, which of them make a pump. */
export function ShelfScreen() {
  const router = useRouter();
  const wide = useWide();
  const { part: asked } = useLocalSearchParams<{ part?: string }>();
  const shelf = useSought();
  const { parts, sheets, all, shown, wanted, sought } = shelf;
  const lines = useMemo(() => byPump(shown), [shown]);
  const files = useShelfFiles(shown, sheets?.records ?? []);
  if (!parts || !sheets) return null;

  const open = () => {
    const part = labelled(all, wanted);
    if (part) router.push(`/shelf/${part.id}`);
  };
  const actions = (
    <View style={styles.actions}>
      <Button mode="contained" icon="plus" onPress={() => router.push('/shelf/new')}>
        New part
      </Button>
      {files.button}
    </View>
  );
  const above = (
    <>
      {files.list}
      <Unreadable records={parts.unreadable} />
    </>
  );
  if (all.length === 0) return emptyShelf(actions, above, router);
  const chosen = wide ? (shown.find(({ part }) => part.id === asked) ?? shown[0]) : undefined;
  const list = (
    <ListPage
      title="Shelf"
      actions={actions}
      label="Loose parts"
      items={lines}
      keyOf={(line) => (line.kind === 'pump' ? line.model : line.part.id)}
      row={(line) =>
        line.kind === 'pump' ? (
          <PumpRow model={line.model} sheet={line.sheet} />
        ) : (
          <PartWall part={line.part}>
            <PartRow {...line} chosen={chosen && line.part.id === chosen.part.id} />
          </PartWall>
        )
      }
      search={
        <SearchField
          label="Find a part"
          placeholder="Scan or type: label, pump, make, place"
          value={wanted}
          onChange={shelf.setWanted}
          onEnter={open}
        />
      }
    >
      {above}
      <Choice
        label="Where it is"
        value={shelf.state}
        options={statesOf(all)}
        onChange={shelf.setState}
      />
      {shown.length === 0 ? (
        <Words tone="muted">
          {sought ? sayShelf('shelf.noMatch', { text: sought }) : 'Nothing here.'}
        </Words>
      ) : null}
      {files.paper}
    </ListPage>
  );
  if (!chosen) return list;
  return (
    <Beside list={list}>
      <PartWall part={chosen.part}>
        <PartSide key={chosen.part.id} part={chosen.part} sheet={chosen.sheet} />
      </PartWall>
    </Beside>
  );
}

const styles = StyleSheet.create({
  actions: { flexDirection: 'row', flexWrap: 'wrap', flexShrink: 1, gap: 4, alignItems: 'center' },
});

/** What the shelf is for, while nothing lies on it. */
function emptyShelf(actions: ReactNode, above: ReactNode, router: ReturnType<typeof useRouter>) {
  return (
    <Page title="Shelf" actions={actions}>
      {above}
      <Words>
        Nothing lies here yet. Measured loose parts go on the shelf: bodies, gear sets, covers. From
        these the app builds as many good pumps as it can.
      </Words>
      <Words tone="muted">
        A job gives its parts to the shelf under Decide, and takes parts from it there.
      </Words>
      <FootRow>
        <FootButton low name="Import a list" onPress={() => router.push('/import')} />
      </FootRow>
    </Page>
  );
}
