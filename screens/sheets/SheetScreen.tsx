import { reasonOf } from '@/core/errors';
import { Opening } from '../shell/onDemand';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { Button } from '@/ui/Button';
import { useRecord, useShop } from '@/data/hooks';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { Wall } from '../shell/Wall';
import { SheetEditor } from './SheetEditor';

/** A limit sheet, to be read and edited. */
export function SheetScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const router = useRouter();
  const { unit } = useShop();
  const { data: sheet, error, isPending } = useRecord('sheet', id);
  if (isPending) return <Opening />;
  if (!sheet) {
    return (
      <Page title="No such sheet">
        <Notice kind="error">
          {error ? reasonOf(error) : 'This sheet is not in this browser.'}
        </Notice>
        <Button mode="contained" onPress={() => router.replace('/sheets')}>
          Back to Sheets
        </Button>
      </Page>
    );
  }
  return (
    <Wall what="This sheet" record={{ kind: 'sheet', id: sheet.id }}>
      <SheetEditor key={sheet.id} sheet={sheet} unit={unit} />
    </Wall>
  );
}
