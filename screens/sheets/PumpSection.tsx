import { useFormContext, useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { familyOf } from '@/core/pumps/registry';
import type { GeometryUnit } from '@/core/pumps/fields';
import type { Sheet } from '@/core/records/sheet';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { PumpPicture } from '@/ui/PumpPicture';
import { Heading, Words } from '@/ui/Words';
import type { SheetForm } from './sheetForm';

const UNIT_WORD: Readonly<Record<GeometryUnit, string>> = { mm: ', mm', deg: ', °', count: '' };

/** One field of a family's geometry, by what its schema says of it. */
interface GeometryField {
  readonly name: string;
  readonly label: string;
  readonly options: readonly string[];
}

function geometryFields(family: string): GeometryField[] {
  const { fields } = familyOf(family).geometry.describe();
  return Object.entries(fields).map(([name, field]) => {
    const { label, meta, oneOf } = field as {
      label?: string;
      meta?: { unit?: GeometryUnit };
      oneOf?: unknown[];
    };
    const unit = meta?.unit ? UNIT_WORD[meta.unit] : '';
    return { name, label: `${label ?? name}${unit}`, options: (oneOf ?? []).map(String) };
  });
}

const BUILD_WORD: Readonly<Record<string, string>> = {
  plates: 'Plates and bushings',
  oil: 'Oil pump, pressed idler shaft',
};

/** What pump it is: name, geometry with its drawing, and free notes. */
export function PumpSection({ sheet }: { readonly sheet: Sheet }) {
  const { control, setValue } = useFormContext<SheetForm>();
  const geometry = useWatch({ control, name: 'geometry' });
  return (
    <>
      <Field control={control} name="model" label="Model" />
      <View style={styles.drawing}>
        <PumpPicture sheet={sheet} size={220} />
        <Words size="note" tone="muted">
          {`${familyOf(sheet.family).name}. Drawn from the geometry as it was saved.`}
        </Words>
      </View>
      <Heading>Geometry</Heading>
      <View style={styles.grid}>
        {geometryFields(sheet.family).map(({ name, label, options }) =>
          options.length > 0 ? (
            <View key={name} style={styles.wide}>
              <Choice
                label={label}
                stacked
                value={geometry[name] ?? ''}
                options={options.map((value) => ({ value, name: BUILD_WORD[value] ?? value }))}
                onChange={(value) => setValue(`geometry.${name}`, value, { shouldDirty: true })}
              />
            </View>
          ) : (
            <Field
              key={name}
              control={control}
              name={`geometry.${name}`}
              label={label}
              inputMode="decimal"
              style={styles.cell}
            />
          ),
        )}
      </View>
      <Field control={control} name="note" label="Notes" multiline />
    </>
  );
}

const styles = StyleSheet.create({
  drawing: { alignItems: 'center', gap: 4 },
  grid: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  cell: { flexGrow: 1, flexBasis: 160, minWidth: 0 },
  wide: { width: '100%' },
});
