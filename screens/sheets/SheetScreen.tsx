import { useShop } from '@/data/hooks';
import { RecordPage } from '../shell/RecordPage';
import { Wall } from '../shell/Wall';
import { SheetEditor } from './SheetEditor';

/** A limit sheet, to be read and edited. */
export function SheetScreen() {
  const { unit } = useShop();
  return (
    <RecordPage kind="sheet">
      {(sheet) => (
        <Wall what="This sheet" record={{ kind: 'sheet', id: sheet.id }}>
          <SheetEditor key={sheet.id} sheet={sheet} unit={unit} />
        </Wall>
      )}
    </RecordPage>
  );
}
