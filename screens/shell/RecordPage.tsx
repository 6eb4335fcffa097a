import { useLocalSearchParams, useRouter } from 'expo-router';
import type { ReactNode } from 'react';
import { reasonOf } from '@/core/errors';
import { useRecord } from '@/data/hooks';
import type { Kinds } from '@/data/opened';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { Opening } from './onDemand';

/** What is said where a record is not there, and the room to go back to. */
const ABSENT = {
  sheet: {
    title: 'No such sheet',
    why: 'This sheet is not in this browser.',
    back: 'Back to Sheets',
    room: '/sheets',
  },
  part: {
    title: 'No such part',
    why: 'This part is not in this browser.',
    back: 'Back to Shelf',
    room: '/shelf',
  },
  study: {
    title: 'No such study',
    why: 'This study is not in this browser.',
    back: 'Back to Studies',
    room: '/shop/studies',
  },
} as const;

interface Props<K extends keyof typeof ABSENT> {
  readonly kind: K;
  readonly children: (record: Kinds[K]) => ReactNode;
}

/** The page of the record whose id is in the address; where it cannot be read or is not there, that is said. */
export function RecordPage<K extends keyof typeof ABSENT>({ kind, children }: Props<K>) {
  // Drawn rarely: what the compiler would keep is more than all the rest of it, on the first page.
  'use no memo';
  const { id } = useLocalSearchParams<{ id: string }>();
  const router = useRouter();
  const { data: record, error, isPending } = useRecord(kind, id);
  if (isPending) return <Opening />;
  if (record) return children(record);
  const { title, why, back, room } = ABSENT[kind];
  return (
    <Page title={title}>
      <Notice kind="error">{error ? reasonOf(error) : why}</Notice>
      <Button mode="contained" onPress={() => router.replace(room)}>
        {back}
      </Button>
    </Page>
  );
}
