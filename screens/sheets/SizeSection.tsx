import { useFormContext } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { pumpOf } from '@/core/pumps/registry';
import { bySection } from '@/core/pumps/sections';
import { unitName } from '@/core/quantity/format';
import { temperatureUnit } from '@/core/quantity/temperature';
import type { ShopUnit } from '@/core/quantity/units';
import type { Sheet } from '@/core/records/sheet';
import { Field } from '@/ui/Field';
import { usePalette } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import { FigureHeads, FigureRow, FigureTable } from './FigureTable';
import type { SheetForm } from './sheetForm';
import { spelled } from '@/core/wording/say';
import { saySheets as say } from './saySheets';
import { layout } from '@/ui/layout';

/** Nominal sizes, what the parts are made of, how hot they run, and the gasket. */
export function SizeSection({ sheet, unit }: { readonly sheet: Sheet; readonly unit: ShopUnit }) {
  const palette = usePalette();
  const { control } = useFormContext<SheetForm>();
  const { kinds, dimensions } = pumpOf(sheet);
  return (
    <>
      <Heading>Nominal sizes</Heading>
      <Words size="note" tone="muted">
        Enter the manual’s sizes. They catch typing errors and give the hot gap.
      </Words>
      {bySection(dimensions).map(({ section, items }) => (
        <View key={section} style={layout.stack}>
          {section > 1 ? (
            <Words strong>{say('sheets.sectionSizes', { number: section })}</Words>
          ) : null}
          <View style={layout.wrap}>
            {items.map((d) => (
              <View key={d.id} style={[styles.cell, { borderColor: palette.line }]}>
                <Words style={layout.grow}>{d.short}</Words>
                <Field
                  flat="figure"
                  control={control}
                  name={`nominal.${d.id}`}
                  label={d.short}
                  spoken={say('sheets.nominalOf', { size: d.name, unit: unitName('size', unit) })}
                  style={styles.figure}
                />
                <Words size="note" tone="muted">
                  {unitName('size', unit)}
                </Words>
              </View>
            ))}
          </View>
        </View>
      ))}
      <Heading>Materials and working temperatures</Heading>
      <Words size="note" tone="muted">
        {spelled(
          'Typical expansion, ×10⁻⁶ per °C: die-cast aluminium 21–23, cast iron 10.5, steel 11.7, bronze 18, carbon vane 4–6.',
        )}
      </Words>
      <FigureTable>
        <FigureHeads
          lines="Part, made of"
          columns={['×10⁻⁶/°C', say('sheets.running', { unit: temperatureUnit(unit) })]}
        />
        {kinds.map((p) => (
          <FigureRow
            key={p.id}
            name={p.name}
            under={
              <Field
                flat="words"
                control={control}
                name={`materials.${p.id}.name`}
                label={say('sheets.materialOf', { part: p.name })}
              />
            }
            figures={[
              {
                field: `materials.${p.id}.alpha`,
                spoken: say('sheets.expansionOf', { part: p.name }),
              },
              {
                field: `materials.${p.id}.hot`,
                spoken: say('sheets.runningOf', { part: p.name }),
              },
            ]}
          />
        ))}
      </FigureTable>
      <Heading>Gasket</Heading>
      <Field
        control={control}
        name="gasket"
        label={say('sheets.gasketThickness', { unit: unitName('gap', unit) })}
      />
    </>
  );
}

const styles = StyleSheet.create({
  // As wide as the longest of the names: cut short, two bores read alike.
  cell: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: 6,
    flexGrow: 1,
    flexBasis: 250,
    minWidth: 0,
    maxWidth: '100%',
    borderBottomWidth: 1,
  },
  figure: { width: 92 },
});
