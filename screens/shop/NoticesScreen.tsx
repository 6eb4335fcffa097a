import { reasonOf } from '@/core/errors';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { View } from 'react-native';
import { loadNotices, type NoticeGroup } from '@/data/notices';
import { APP_VERSION } from '@/core/records/version';
import { sayShop } from './sayShop';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { RowButton } from '@/ui/RowButton';
import { Words } from '@/ui/Words';

/** What the app is made of: each package, font and icon set that ships, and the terms under which it does. */
export function NoticesScreen() {
  const { data, error } = useQuery({ queryKey: ['notices'], queryFn: loadNotices, retry: false });
  const [open, setOpen] = useState<string | null>(null);
  const count = data?.reduce((sum, { names }) => sum + names.length, 0) ?? 0;
  return (
    <Page title="Licences">
      <Words>
        {data
          ? sayShop('shop.noticesOf', { version: APP_VERSION, count })
          : sayShop('shop.version', { version: APP_VERSION })}
      </Words>
      {error ? <Notice kind="error">{reasonOf(error)}</Notice> : null}
      <View>
        {data?.map(({ names, license, text }: NoticeGroup) => {
          const id = names.join(', ');
          return (
            <View key={id}>
              <RowButton
                name={id}
                about={license}
                open={open === id}
                onPress={() => setOpen(open === id ? null : id)}
              />
              {open === id ? <Words size="note">{text}</Words> : null}
            </View>
          );
        })}
      </View>
    </Page>
  );
}
