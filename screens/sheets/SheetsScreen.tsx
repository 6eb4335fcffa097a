import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { familyOf } from '@/core/pumps/registry';
import { sheetName, type Sheet } from '@/core/records/sheet';
import { copySheet } from '@/data/create';
import { KEYS, useSheets } from '@/data/hooks';
import { useOnce } from '../shell/useOnce';
import { Wall } from '../shell/Wall';
import { LinkBox } from '@/ui/LinkBox';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { usePalette } from '@/ui/theme';
import { Words } from '@/ui/Words';

/** The limit sheets of the shop. */
export function SheetsScreen() {
  const router = useRouter();
  const client = useQueryClient();
  const { data } = useSheets();
  const sheets = [...(data?.records ?? [])].sort((a, b) => a.model.localeCompare(b.model));
  const { run: copy, failed } = useOnce(async (sheet: Sheet) => {
    const id = await copySheet(sheet);
    await client.invalidateQueries({ queryKey: KEYS.sheets });
    router.push(`/sheets/${id}`);
  });
  return (
    <Page
      title="Sheets"
      actions={
        <>
          <Button mode="text" icon="file-import-outline" onPress={() => router.push('/import')}>
            Import
          </Button>
          <Button mode="contained" icon="plus" onPress={() => router.push('/sheets/new')}>
            New sheet
          </Button>
        </>
      }
    >
      {failed ? <Notice kind="error">{failed}</Notice> : null}
      {data?.unreadable.map((e) => (
        <Notice key={e.key} kind="error">{`${e.message} It was left as it is.`}</Notice>
      ))}
      {data && sheets.length === 0 ? (
        <Words tone="muted">
          No sheet yet. Make one, import one, or open the demo on the bench and copy its sheets.
        </Words>
      ) : null}
      <View role="list" aria-label="Limit sheets">
        {sheets.map((sheet) => (
          <Wall
            key={sheet.id}
            what={`Sheet ${sheet.model}`}
            record={{ kind: 'sheet', id: sheet.id }}
          >
            <SheetRow sheet={sheet} onCopy={() => copy(sheet)} />
          </Wall>
        ))}
      </View>
    </Page>
  );
}

interface RowProps {
  readonly sheet: Sheet;
  readonly onCopy: () => void;
}

/** A sheet in the list: its model, its family and its tiers. */
function SheetRow({ sheet, onCopy }: RowProps) {
  const palette = usePalette();
  return (
    <View role="listitem" style={[styles.row, { borderColor: palette.line }]}>
      <LinkBox href={`/sheets/${sheet.id}`} style={styles.words}>
        <Words size="strong" strong>
          {sheetName(sheet)}
        </Words>
        <Words size="note" tone="muted">
          {[
            familyOf(sheet.family).name,
            sheet.tiers.map((t) => t.name).join(', '),
            sheet.invented ? 'invented limits' : '',
          ]
            .filter(Boolean)
            .join(' · ')}
        </Words>
      </LinkBox>
      <Button icon="content-copy" onPress={onCopy} accessibilityLabel={`Copy ${sheetName(sheet)}`}>
        Copy
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', borderBottomWidth: 1, minHeight: 64, gap: 8 },
  words: { flex: 1, minWidth: 0, paddingVertical: 10 },
});
