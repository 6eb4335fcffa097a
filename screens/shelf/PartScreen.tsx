import { reasonOf } from '@/core/errors';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useRecord, useShop } from '@/data/hooks';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { Opening } from '../shell/onDemand';
import { Wall } from '../shell/Wall';
import { PartEditor } from './PartEditor';
import { PartWithoutSheet } from './PartWithoutSheet';

/** A loose part, to be read and edited. */
export function PartScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const router = useRouter();
  const { unit } = useShop();
  const { data: part, error, isPending } = useRecord('part', id);
  const { data: sheet, isPending: pending } = useRecord('sheet', part?.sheet ?? '');
  if (isPending || (part && pending)) return <Opening />;
  if (!part) {
    return (
      <Page title="No such part">
        <Notice kind="error">
          {error ? reasonOf(error) : 'This part is not in this browser.'}
        </Notice>
        <Button mode="contained" onPress={() => router.replace('/shelf')}>
          Back to Shelf
        </Button>
      </Page>
    );
  }
  return (
    <Wall what="This part" record={{ kind: 'part', id: part.id }} again={[sheet]}>
      {sheet ? (
        <PartEditor key={part.id} part={part} sheet={sheet} unit={unit} />
      ) : (
        <PartWithoutSheet part={part} />
      )}
    </Wall>
  );
}
