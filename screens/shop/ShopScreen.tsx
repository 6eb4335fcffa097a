import { useRouter } from 'expo-router';
import { useState } from 'react';
import { Button } from 'react-native-paper';
import type { Shop } from '@/core/records/shop';
import { fileName, saveAs } from '@/data/save';
import { backupFile } from '@/data/transfer';
import { useChangeShop, useShop, useShopError } from '@/data/hooks';
import { Choice } from '@/ui/Choice';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { RowLink } from '@/ui/RowLink';
import { Heading, Words } from '@/ui/Words';
import { ShopUnread } from '@/ui/ShopUnread';
import { PeopleForm } from './PeopleForm';

/** What holds for the whole shop. */
export function ShopScreen() {
  const router = useRouter();
  const shop = useShop();
  const unread = useShopError();
  const { apply, error } = useChangeShop();
  const [failed, setFailed] = useState<string | null>(null);
  const set = (part: Partial<Shop>) =>
    void apply((s) => ({ ...s, ...part })).catch(() => undefined);
  const backup = () =>
    backupFile().then(
      (text) =>
        saveAs(
          fileName(`dial-bench-backup-${new Date().toISOString().slice(0, 10)}`, 'json'),
          text,
        ),
      (e: Error) => setFailed(e.message),
    );
  return (
    <Page title="Shop">
      {error ? <Notice kind="error">{error.message}</Notice> : null}
      <ShopUnread error={unread} />
      <RowLink
        href="/shop/instruments"
        name="Instruments and leaves"
        about={`${shop.instruments.length} instruments, ${shop.feelers.map((f) => f.name).join(', ')}`}
      />
      <RowLink
        href="/shop/rules"
        name="House rules"
        about="Where good people disagree: what this shop holds to, and why"
      />
      <RowLink
        href="/shop/studies"
        name="Repeatability studies"
        about="How much of the spread is the hand and not the pump"
      />
      <Heading>Units</Heading>
      <Choice label="Units" value={shop.unit} options={UNITS} onChange={(unit) => set({ unit })} />
      <Heading>Appearance</Heading>
      <Choice
        label="Appearance"
        value={shop.theme}
        options={THEMES}
        onChange={(theme) => set({ theme })}
      />
      <PeopleForm key={shop.revision} shop={shop} onSave={set} />
      <Heading>Backup</Heading>
      <Words>Everything kept in this browser, as one file. Read it back in under Import.</Words>
      {failed ? <Notice kind="error">{failed}</Notice> : null}
      <Button mode="contained-tonal" icon="file-export-outline" onPress={() => void backup()}>
        Save a backup
      </Button>
      <Button mode="outlined" icon="file-import-outline" onPress={() => router.push('/import')}>
        Import
      </Button>
      <Notice kind="caution">
        The app calculates, the rebuilder decides: the maker’s manual, local codes and licensed
        practice come first.
      </Notice>
    </Page>
  );
}

const UNITS = [
  { value: 'thou', name: 'thou and inch' },
  { value: 'mm', name: 'millimetre' },
] as const;
const THEMES = [
  { value: 'system', name: 'As the device' },
  { value: 'light', name: 'Light' },
  { value: 'dark', name: 'Dark' },
] as const;
