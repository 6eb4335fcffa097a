import { useFieldArray, useFormContext, useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { familyOf } from '@/core/pumps/registry';
import type { GeometryUnit } from '@/core/pumps/fields';
import type { Sheet } from '@/core/records/sheet';
import { newId } from '@/data/create';
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

/** What pump it is: name, variants, geometry with its drawing, and free notes. */
export function PumpSection({ sheet }: { readonly sheet: Sheet }) {
  const { control, setValue } = useFormContext<SheetForm>();
  const geometry = useWatch({ control, name: 'geometry' });
  const variants = useFieldArray({ control, name: 'variants' });
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
      <Heading>Variants</Heading>
      {variants.fields.map((variant, i) => (
        <View key={variant.id} style={styles.variant}>
          <Field control={control} name={`variants.${i}.name`} label="Variant, how it is told" />
          <View style={styles.grid}>
            <Field
              control={control}
              name={`variants.${i}.years`}
              label="Years"
              placeholder="2009–2014"
              style={styles.cell}
            />
            <Field
              control={control}
              name={`variants.${i}.serials`}
              label="Serial numbers"
              style={styles.cell}
            />
          </View>
          <Button
            icon="trash-can-outline"
            onPress={() => variants.remove(i)}
            accessibilityLabel={`Remove variant ${i + 1}`}
          >
            Remove
          </Button>
        </View>
      ))}
      <Button
        mode="outlined"
        icon="plus"
        onPress={() => variants.append({ id: newId(), name: '', years: '', serials: '', note: '' })}
      >
        Add a variant
      </Button>
      <Field control={control} name="note" label="Notes" multiline />
    </>
  );
}

const styles = StyleSheet.create({
  drawing: { alignItems: 'center', gap: 4 },
  grid: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  cell: { flexGrow: 1, flexBasis: 160, minWidth: 0 },
  wide: { width: '100%' },
  variant: { gap: 6 },
});
