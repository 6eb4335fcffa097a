import { View } from 'react-native';
import { say } from '@/core/wording/say';
import type { Shop } from '@/core/records/shop';
import { newId } from '@/data/create';
import { useChangeShop, useShop } from '@/data/hooks';
import { fileName, saveAs } from '@/data/save';
import { Button } from '@/ui/Button';
import { layout } from '@/ui/layout';
import { Notice } from '@/ui/Notice';
import { Words } from '@/ui/Words';
import { reasonOf } from '@/core/errors';
import type { Everywhere } from './useEverywhere';

interface Props {
  readonly everywhere: Everywhere;
}

/** A name of a search is as long as that. */
const LONGEST_NAME = 200;

const isOf = (words: string) => (search: Shop['searches'][number]) =>
  search.words.trim().toLowerCase() === words.trim().toLowerCase();

/** What can be done with what was found: kept on the bench as a search, or saved as a table. */
export function SearchTools({ everywhere: { wanted, found } }: Props) {
  const { searches } = useShop();
  const { apply, error } = useChangeShop();
  const kept = searches.find(isOf(wanted));
  const words = wanted.trim().slice(0, LONGEST_NAME);
  const keep = () =>
    void apply((shop) =>
      shop.searches.some(isOf(words))
        ? shop
        : { ...shop, searches: [...shop.searches, { id: newId(), name: words, words }] },
    ).catch(() => undefined);
  const save = async () => {
    const { foundCsv } = await import('@/data/tables');
    saveAs(fileName(words, 'csv'), foundCsv(found), 'text/csv');
  };
  const forget = () =>
    void apply((shop) => ({
      ...shop,
      searches: shop.searches.filter(({ id }) => id !== kept?.id),
    })).catch(() => undefined);
  return (
    <View>
      {error ? <Notice kind="error">{reasonOf(error)}</Notice> : null}
      <View style={[layout.wrap, { alignItems: 'center' }]}>
        <Words size="note" tone="muted" aria-live="polite">
          {say('bench.foundCount', { n: found.length })}
        </Words>
        <Button mode="text" compact onPress={kept ? forget : keep}>
          {kept ? 'Forget this search' : 'Keep this search'}
        </Button>
        {found.length > 0 ? (
          <Button mode="text" compact onPress={() => void save()}>
            Save as CSV
          </Button>
        ) : null}
      </View>
    </View>
  );
}
