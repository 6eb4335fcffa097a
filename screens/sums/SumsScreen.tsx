import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { ROOM_SUMS } from '@/core/sums/list';
import { pathOf } from '@/core/sums/path';
import { findSums, sayRoom } from '@/core/sums/room';
import { spelled } from '@/core/wording/say';
import { useAnnounced } from '@/ui/announce';
import { ListPage } from '@/ui/ListPage';
import { RowLink } from '@/ui/RowLink';
import { SearchField } from '@/ui/SearchField';
import { Words } from '@/ui/Words';

/** The trade's arithmetic, found by what people call it. */
export function SumsScreen() {
  const router = useRouter();
  const [wanted, setWanted] = useState('');
  const shown = findSums(ROOM_SUMS, wanted);
  const [first] = shown;
  useAnnounced(wanted === '' ? null : sayRoom('found', { count: shown.length }));
  return (
    <ListPage
      title="Sums"
      label="Sums"
      items={shown}
      keyOf={({ id }) => id}
      row={({ id, name }) => (
        <View role="listitem">
          <RowLink href={pathOf(id)} name={spelled(name)} about="" />
        </View>
      )}
      lowest={60}
      search={
        <SearchField
          label="Find a sum"
          placeholder="What do you want to know?"
          value={wanted}
          onChange={setWanted}
          onEnter={() => {
            if (first) router.push(pathOf(first.id));
          }}
        />
      }
    >
      {shown.length === 0 ? <Words>{sayRoom('none', { wanted })}</Words> : null}
    </ListPage>
  );
}
