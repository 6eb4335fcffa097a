import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/Button';
import { familyOf, pumpOf } from '@/core/pumps/registry';
import { formatLimits, unitName } from '@/core/quantity/format';
import type { ShopUnit } from '@/core/quantity/units';
import { sheetName, type Sheet } from '@/core/records/sheet';
import { useShop } from '@/data/hooks';
import { Notice } from '@/ui/Notice';
import { PumpPicture } from '@/ui/PumpPicture';
import { type Palette, usePalette } from '@/ui/theme';
import { SidePanel } from '@/ui/SidePanel';
import { Heading, Words } from '@/ui/Words';
import { boltsWords } from '@/core/wording/bolts';
import { saySheets } from './saySheets';
import type { CharacteristicId } from '@/core/pumps/ids';
import { layout } from '@/ui/layout';

/** What a sheet limits: a line for each characteristic, its limits tier by tier. */
function limitLines({ tiers, limits, ...pump }: Sheet, unit: ShopUnit) {
  return pumpOf(pump).characteristics.flatMap(({ id, name, quantity }) => {
    const given = tiers.map((tier) =>
      limits.find((l) => l.tier === tier.id && l.characteristic === id),
    );
    if (!given.some(Boolean)) return [];
    return [
      {
        id,
        name,
        measure: unitName(quantity, unit),
        given: given.map((l) => (l ? formatLimits(l, quantity, unit) : '–')),
      },
    ];
  });
}

/** The sheet that is chosen in the list, beside it: its pump, and what it limits. */
export function SheetSide({ sheet }: { readonly sheet: Sheet }) {
  const router = useRouter();
  const palette = usePalette();
  const { unit } = useShop();
  const lines = limitLines(sheet, unit);
  return (
    <SidePanel
      foot={
        <>
          <Button
            mode="contained"
            style={styles.grow}
            contentStyle={layout.thumb}
            onPress={() => router.push(`/sheets/${sheet.id}`)}
          >
            Open this sheet
          </Button>
        </>
      }
    >
      <Heading level={2} size="instruction">
        {sheetName(sheet)}
      </Heading>
      <Words tone="muted">{familyOf(sheet.family).name}</Words>
      {sheet.invented ? (
        <Notice kind="caution">Invented pump and invented limits, for the demo.</Notice>
      ) : null}
      <View style={styles.columns}>
        <PumpPicture sheet={sheet} size={240} />
        <View style={styles.grow}>
          {sheet.note ? <Words>{sheet.note}</Words> : null}
          {sheet.variants.length > 0 ? (
            <Words>
              <Words strong>Variants: </Words>
              {sheet.variants.map((v) => v.name).join(', ')}
            </Words>
          ) : null}
          {sheet.fasteners.length > 0 ? (
            <Words>
              <Words strong>Bolts: </Words>
              {sheet.fasteners.map(boltsWords).join(', ')}
            </Words>
          ) : null}
        </View>
      </View>
      {limitTable(sheet, palette, lines)}
      {lines.length === 0 ? (
        <Words tone="muted">It limits nothing yet: what is measured by it is only recorded.</Words>
      ) : null}
    </SidePanel>
  );
}

const styles = StyleSheet.create({
  columns: { flexDirection: 'row', gap: 20, alignItems: 'flex-start' },
  grow: { flex: 1, minWidth: 0, gap: 8 },
  line: { flexDirection: 'row', gap: 12, borderBottomWidth: 1, paddingVertical: 6 },
  unit: { width: 40 },
  figure: { width: 110 },
});

/** The limits of the sheet, by tier. */
function limitTable(
  sheet: Sheet,
  palette: Palette,
  lines: { id: CharacteristicId; name: string; measure: string; given: string[] }[],
) {
  return (
    <View role="table" aria-label={saySheets('sheets.limitsOf', { sheet: sheetName(sheet) })}>
      <View role="row" style={[styles.line, { borderColor: palette.ink }]}>
        <View role="columnheader" style={layout.grow}>
          <Words strong>Limits</Words>
        </View>
        <View role="columnheader" style={styles.unit}>
          <Words tone="muted">Unit</Words>
        </View>
        {sheet.tiers.map((tier) => (
          <View key={tier.id} role="columnheader" style={styles.figure}>
            <Words strong>{tier.name}</Words>
          </View>
        ))}
      </View>
      {lines.map(({ id, name, measure, given }) => (
        <View key={id} role="row" style={[styles.line, { borderColor: palette.line }]}>
          <View role="cell" style={layout.grow}>
            <Words>{name}</Words>
          </View>
          <View role="cell" style={styles.unit}>
            <Words tone="muted">{measure}</Words>
          </View>
          {given.map((words, i) => (
            <View key={sheet.tiers[i]?.id} role="cell" style={styles.figure}>
              <Words>{words}</Words>
            </View>
          ))}
        </View>
      ))}
    </View>
  );
}
