import { useFormContext, useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/Button';
import { familyOf, sitsInTransmission, teardownOf } from '@/core/pumps/registry';
import type { ShopUnit } from '@/core/quantity/units';
import type { Sheet } from '@/core/records/sheet';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { PumpPicture } from '@/ui/PumpPicture';
import { Notice } from '@/ui/Notice';
import { Heading, Words } from '@/ui/Words';
import { FittedChoices } from './FittedChoices';
import { ReversingChoices } from './ReversingChoices';
import { geometryFields, OPTION_WORD } from '../shell/geometryFields';
import type { SheetForm } from './sheetForm';
import { saySheets } from './saySheets';
import { layout } from '@/ui/layout';

/** The answers to what is mounted, as they are asked. */
const MOUNTED = [
  { value: 'body', name: 'Body' },
  { value: 'cover', name: 'Cover' },
  { value: '', name: 'Not known' },
] as const;

/** What pump it is: name, geometry with its drawing, and free notes. */
export function PumpSection({ sheet, unit }: { readonly sheet: Sheet; readonly unit: ShopUnit }) {
  const { control, setValue, formState } = useFormContext<SheetForm>();
  const [geometry, examples, fitted, reversing] = useWatch({
    control,
    name: ['geometry', 'examples', 'fitted', 'reversing'],
  });
  const made = (field: string) =>
    examples.includes(field) && !formState.dirtyFields.geometry?.[field];
  return (
    <>
      <Field control={control} name="model" label="Model" />
      <View style={styles.drawing}>
        <PumpPicture sheet={sheet} size={220} />
        <Words size="note" tone="muted">
          {saySheets('sheets.drawnAsSaved', { family: familyOf(sheet.family).name })}
        </Words>
      </View>
      <Heading>Geometry</Heading>
      {examples.length > 0 ? (
        <Notice
          kind="word"
          actions={
            <Button onPress={() => setValue('examples', [], { shouldDirty: true })}>
              All of these are this pump’s own
            </Button>
          }
        >
          Sizes marked “example” only serve to draw the pump. Nothing is judged by them. Enter this
          pump’s own sizes where you know them.
        </Notice>
      ) : null}
      <View style={layout.wrap}>
        {geometryFields(sheet.family, unit).map(({ name, label, options }) =>
          options.length > 0 ? (
            <View key={name} style={styles.wide}>
              <Choice
                label={label}
                stacked
                value={geometry[name] ?? ''}
                options={options.map((value) => ({ value, name: OPTION_WORD[value] ?? value }))}
                onChange={(value) => setValue(`geometry.${name}`, value, { shouldDirty: true })}
              />
            </View>
          ) : (
            <Field
              key={name}
              control={control}
              name={`geometry.${name}`}
              label={made(name) ? saySheets('sheets.exampleField', { field: label }) : label}
              inputMode="decimal"
              style={styles.cell}
            />
          ),
        )}
      </View>
      <FittedChoices
        asked={teardownOf(sheet).fitted.asked}
        value={fitted}
        onChange={(field, value) =>
          setValue(`fitted.${field}`, value as never, { shouldDirty: true })
        }
      />
      <ReversingChoices
        family={sheet.family}
        value={reversing}
        onChange={(field, value) => setValue(`reversing.${field}`, value, { shouldDirty: true })}
      />
      {sitsInTransmission(sheet) ? <Mounted /> : null}
      <Field control={control} name="note" label="Notes" multiline />
    </>
  );
}

/** Asks which part lies on the transmission. */
function Mounted() {
  const { control, setValue } = useFormContext<SheetForm>();
  const mount = useWatch({ control, name: 'mount' });
  return (
    <View style={styles.mount}>
      <Words strong>Which part lies on the transmission?</Words>
      <Choice
        label="Which part lies on the transmission?"
        value={mount}
        options={MOUNTED}
        onChange={(value) => setValue('mount', value, { shouldDirty: true })}
      />
      <Words size="note" tone="muted">
        What is cut off its face changes the end play; what is cut off the other does not.
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({
  drawing: { alignItems: 'center', gap: 4 },
  mount: { gap: 6 },
  cell: { flexGrow: 1, flexBasis: 250, minWidth: 0, maxWidth: '100%' },
  wide: { width: '100%' },
});
