import { useLocalSearchParams, useRouter } from 'expo-router';
import { useDeferredValue, useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { ShelfPart } from '@/core/records/part';
import { partsCsv } from '@/core/records/partsCsv';
import { say } from '@/core/wording/say';
import { useParts, useSheets } from '@/data/hooks';
import { saveAs } from '@/data/save';
import { shelfFile } from '@/data/transfer/files';
import { Beside } from '@/ui/Beside';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { FootButton } from '@/ui/FootButton';
import { FootRow } from '@/ui/FootRow';
import { ListPage } from '@/ui/ListPage';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { SearchField } from '@/ui/SearchField';
import { useWide } from '@/ui/useWidth';
import { Words } from '@/ui/Words';
import { Wall } from '../shell/Wall';
import { PrintLabels } from './PartLabels';
import { PartRow } from './PartRow';
import { PartSide } from './PartSide';
import { findable, found, labelled } from './search';

const STATES: readonly { readonly value: ShelfPart['state']; readonly name: string }[] = [
  { value: 'here', name: 'On the shelf' },
  { value: 'taken', name: 'In a job' },
  { value: 'scrap', name: 'Scrap' },
];

/** The loose parts that were measured: where they lie, what they are of, which of them make a pump. */
export function ShelfScreen() {
  const router = useRouter();
  const wide = useWide();
  const { part: asked } = useLocalSearchParams<{ part?: string }>();
  const { data: parts } = useParts();
  const { data: sheets } = useSheets();
  const [wanted, setWanted] = useState('');
  const [state, setState] = useState<ShelfPart['state']>('here');
  const all = useMemo(() => findable(parts?.records ?? [], sheets?.records ?? []), [parts, sheets]);
  const sought = useDeferredValue(wanted);
  const shown = useMemo(() => found(all, state, sought), [all, state, sought]);
  if (!parts || !sheets) return null;

  const open = () => {
    const part = labelled(all, wanted);
    if (part) router.push(`/shelf/${part.id}`);
  };
  const actions = (
    <View style={styles.actions}>
      <Button mode="text" compact onPress={() => router.push('/shelf/pair')}>
        Pair up
      </Button>
      <Button mode="contained" icon="plus" onPress={() => router.push('/shelf/new')}>
        New part
      </Button>
    </View>
  );
  const unreadable = parts.unreadable.map((e) => (
    <Notice key={e.key} kind="error">
      {say('shell.unreadable', { error: e.message })}
    </Notice>
  ));
  if (all.length === 0) {
    return (
      <Page title="Shelf" actions={actions}>
        {unreadable}
        <Words>
          Nothing lies here yet. Measured loose parts go on the shelf: bodies, gear sets, covers.
          From these the app builds as many good pumps as it can.
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
  const chosen = wide ? (shown.find(({ part }) => part.id === asked) ?? shown[0]) : undefined;
  const list = (
    <ListPage
      title="Shelf"
      actions={actions}
      label="Loose parts"
      items={shown}
      keyOf={({ part }) => part.id}
      row={({ part, sheet }) => (
        <Wall
          what={say('shelf.partTitle', { label: part.label })}
          record={{ kind: 'part', id: part.id }}
          again={[part]}
        >
          <PartRow part={part} sheet={sheet} chosen={chosen && part.id === chosen.part.id} />
        </Wall>
      )}
    >
      {unreadable}
      <SearchField
        label="Find a part"
        placeholder="Scan or type: label, pump, make, place"
        value={wanted}
        onChange={setWanted}
        onEnter={open}
      />
      <Choice label="Where it is" value={state} options={STATES} onChange={setState} />
      <FootRow>
        <FootButton low name="Import" onPress={() => router.push('/import')} />
        <FootButton
          low
          name="Save as CSV"
          disabled={shown.length === 0}
          onPress={() =>
            saveAs(
              'shelf.csv',
              partsCsv(
                shown.map(({ part }) => part),
                sheets.records,
              ),
              'text/csv',
            )
          }
        />
        <FootButton
          low
          name="Save as JSON"
          disabled={shown.length === 0}
          onPress={() =>
            void shelfFile(shown.map(({ part }) => part)).then((text) => saveAs('shelf.json', text))
          }
        />
        <PrintLabels name="Print labels" parts={shown} />
      </FootRow>
      {shown.length === 0 ? (
        <Words tone="muted">
          {sought ? say('shelf.noMatch', { text: sought }) : 'Nothing here.'}
        </Words>
      ) : (
        <Words size="note" tone="muted">
          {say('shop.parts', { count: shown.length })}
        </Words>
      )}
    </ListPage>
  );
  if (!chosen) return list;
  return (
    <Beside list={list}>
      <Wall
        what={say('shelf.partTitle', { label: chosen.part.label })}
        record={{ kind: 'part', id: chosen.part.id }}
        again={[chosen.part]}
      >
        <PartSide key={chosen.part.id} part={chosen.part} sheet={chosen.sheet} />
      </Wall>
    </Beside>
  );
}

const styles = StyleSheet.create({
  actions: { flexDirection: 'row', flexWrap: 'wrap', flexShrink: 1, gap: 4, alignItems: 'center' },
});
