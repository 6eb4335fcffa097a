import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from '@/ui/Button';
import { persistenceQuery } from '@/data/hooks';
import { askToStay, type Persistence } from '@/data/persistence';
import { bytesWords } from '@/ui/bytes';
import { Heading, Words } from '@/ui/Words';
import { paragraph } from '@/core/wording/say';
import { sayShop } from './sayShop';

function roomWords({ used_bytes, room_bytes }: Persistence): string {
  if (used_bytes === null || room_bytes === null)
    return 'The browser does not say how much space is used.';
  const share = room_bytes > 0 ? Math.ceil((100 * used_bytes) / room_bytes) : 100;
  return sayShop('shop.storage', {
    used: bytesWords(used_bytes),
    room: bytesWords(room_bytes),
    percent: share,
  });
}

const STAYS = {
  yes: 'This browser has agreed to keep everything until you delete it yourself.',
  no: 'This browser may clear everything here when its disk runs full. Ask the browser to keep everything, and save backups.',
  silent: 'This browser does not say whether it keeps what is stored. Save backups.',
} as const;

/** What the browser answered when it was asked to keep the records, and how full it is. */
export function StoragePanel() {
  const client = useQueryClient();
  const { data } = useQuery(persistenceQuery);
  if (!data) return null;
  const answer = data.stays === null ? 'silent' : data.stays ? 'yes' : 'no';
  const ask = async () => {
    await askToStay();
    await client.invalidateQueries({ queryKey: persistenceQuery.queryKey });
  };
  return (
    <>
      <Heading>Storage</Heading>
      <Words>{paragraph(STAYS[answer], roomWords(data))}</Words>
      {answer === 'no' ? (
        <Button mode="outlined" onPress={() => void ask()}>
          Ask the browser to keep everything
        </Button>
      ) : null}
    </>
  );
}
