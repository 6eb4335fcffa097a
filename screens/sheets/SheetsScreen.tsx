import { useQueryClient } from '@tanstack/react-query';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/Button';
import { familyOf } from '@/core/pumps/registry';
import { sheetName, type Sheet } from '@/core/records/sheet';
import { copySheet } from '@/data/create';
import { KEYS, useSheets } from '@/data/hooks';
import { DemoPanel } from '../shell/DemoPanel';
import { PumpSign } from '../shell/PumpSign';
import { useOnce } from '../shell/useOnce';
import { Wall } from '../shell/Wall';
import { LinkBox } from '@/ui/LinkBox';
import { Beside, chosenRow } from '@/ui/Beside';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { usePalette } from '@/ui/theme';
import { useRoom, useWide } from '@/ui/useWidth';
import { Words } from '@/ui/Words';
import { SheetSide } from './SheetSide';
import { saySheets } from './saySheets';
import { Unreadable } from '../shell/Unreadable';

/** The limit sheets of the shop. */
export function SheetsScreen() {
  const router = useRouter();
  const wide = useWide();
  const { sheet: asked } = useLocalSearchParams<{ sheet?: string }>();
  const client = useQueryClient();
  const { data } = useSheets();
  const sheets = [...(data?.records ?? [])].sort((a, b) => a.model.localeCompare(b.model));
  const { run: copy, failed } = useOnce(async (sheet: Sheet) => {
    const id = await copySheet(sheet);
    await client.invalidateQueries({ queryKey: KEYS.sheets });
    router.push(`/sheets/${id}`);
  });
  const chosen = wide ? (sheets.find(({ id }) => id === asked) ?? sheets[0]) : undefined;
  const list = (
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
      <Unreadable records={data?.unreadable} />
      {data && sheets.length === 0 ? (
        <Words tone="muted">
          No sheet yet. Make one, import one, or open the demo and copy its sheets.
        </Words>
      ) : null}
      <View role="list" aria-label="Limit sheets">
        {sheets.map((sheet) => (
          <Wall
            key={sheet.id}
            what={saySheets('sheets.sheetTitle', { model: sheet.model })}
            record={{ kind: 'sheet', id: sheet.id }}
          >
            <SheetRow
              sheet={sheet}
              chosen={chosen && sheet.id === chosen.id}
              onCopy={() => copy(sheet)}
            />
          </Wall>
        ))}
      </View>
      <Wall what="The demo">
        <DemoPanel />
      </Wall>
    </Page>
  );
  if (!chosen) return list;
  return (
    <Beside list={list}>
      <Wall
        what={saySheets('sheets.sheetTitle', { model: chosen.model })}
        record={{ kind: 'sheet', id: chosen.id }}
        again={[chosen]}
      >
        <SheetSide key={chosen.id} sheet={chosen} />
      </Wall>
    </Beside>
  );
}

interface RowProps {
  readonly sheet: Sheet;
  /** Whether it is the one shown beside the list; undefined where nothing is beside it, and a touch opens the sheet. */
  readonly chosen: boolean | undefined;
  readonly onCopy: () => void;
}

/** A sheet in the list: its model, its family and its tiers. */
function SheetRow({ sheet, chosen, onCopy }: RowProps) {
  const palette = usePalette();
  const { tiny } = useRoom();
  return (
    <View
      role="listitem"
      style={[styles.row, { borderBottomColor: palette.line }, chosenRow(chosen, palette)]}
    >
      <LinkBox
        href={chosen === undefined ? `/sheets/${sheet.id}` : `/sheets?sheet=${sheet.id}`}
        replace={chosen !== undefined}
        current={chosen ? 'page' : undefined}
        style={styles.link}
      >
        {tiny ? null : <PumpSign pump={sheet} />}
        <View style={styles.words}>
          <Words size="strong" strong>
            {sheetName(sheet)}
          </Words>
          <Words size="note" tone="muted" numberOfLines={tiny ? 1 : undefined}>
            {[
              familyOf(sheet.family).name,
              sheet.tiers.map((t) => t.name).join(', '),
              sheet.invented ? 'invented limits' : '',
            ]
              .filter(Boolean)
              .join(' · ')}
          </Words>
        </View>
      </LinkBox>
      {tiny ? null : (
        <Button
          icon="content-copy"
          onPress={onCopy}
          accessibilityLabel={saySheets('sheets.copyOf', { sheet: sheetName(sheet) })}
        >
          Copy
        </Button>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', borderBottomWidth: 1, minHeight: 64, gap: 8 },
  link: { flex: 1, minWidth: 0, flexDirection: 'row', alignItems: 'center', gap: 12 },
  words: { flex: 1, minWidth: 0, paddingVertical: 10 },
});
