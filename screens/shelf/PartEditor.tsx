import { useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import type { ShopUnit } from '@/core/quantity/units';
import { isTaken } from '@/core/pairing/labels';
import type { ShelfPart } from '@/core/records/part';
import type { Sheet } from '@/core/records/sheet';
import { say } from '@/core/wording/say';
import { partsWords, standWords } from '@/core/wording/shelf';
import { useChange, useParts } from '@/data/hooks';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Columns } from '@/ui/Columns';
import { Field } from '@/ui/Field';
import { FootRow } from '@/ui/FootRow';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { Pick } from '@/ui/Pick';
import { Heading, Words } from '@/ui/Words';
import { KeptNotices } from '../shell/KeptNotices';
import { pointAt } from '../shell/pointAt';
import { useHeldUnit } from '../shell/useHeldUnit';
import { useKeptForm } from '../shell/useKeptForm';
import { MakeNote } from './MakeNote';
import { dimensionsOf, ORIGIN_OPTIONS, partFromForm, partToForm, type PartForm } from './partForm';
import { PartLabel, PrintLabels } from './PartLabels';
import { PartMoves } from './PartMoves';
import { PartPhotos } from './PartPhotos';

interface Props {
  readonly part: ShelfPart;
  readonly sheet: Sheet;
  readonly unit: ShopUnit;
}

const LABELS = {
  label: 'The label',
  place: 'Where it lies',
  make: 'The make',
  origin: 'New or used',
  from: 'Where it came from',
  variant: 'The variant',
  condition: 'The condition',
  sizes: 'The sizes',
  doubts: 'The doubts of the sizes',
};

/** A loose part: what is written on it, where it lies, what was measured of it. */
export function PartEditor({ part, sheet, unit: shopUnit }: Props) {
  const { apply, error } = useChange('part', part.id);
  const { data: shelf } = useParts();
  const { held: unit, follow, take } = useHeldUnit(shopUnit);
  const kept = useKeptForm<PartForm>({
    key: `part/${part.id}`,
    stored: partToForm(part, sheet, unit),
    unit,
    onUnit: take,
  });
  const { control, handleSubmit, setValue, clearErrors, formState } = kept.form;
  follow(formState.isDirty);
  const [make, origin, variant] = useWatch({ control, name: ['make', 'origin', 'variant'] });
  const dimensions = dimensionsOf(sheet, part);
  const save = handleSubmit(async (form) => {
    clearErrors();
    const read = partFromForm(form, part, sheet, unit);
    if (!read.ok) return pointAt(kept.form, read.errors);
    if (isTaken(read.record.label, shelf?.records ?? [], part.id)) {
      const message = say('shelf.labelTaken', { label: read.record.label });
      return pointAt(kept.form, { label: message });
    }
    await kept.save((check, edited) =>
      apply((stored) => {
        check(partToForm(stored, sheet, unit));
        const { sizes, ...fields } = read.record;
        const changed = Object.fromEntries(
          edited.flatMap((name) => (name in fields ? [[name, fields[name as 'label']]] : [])),
        );
        const sized = edited.some((name) => name === 'sizes' || name === 'doubts');
        return { ...stored, ...changed, ...(sized ? { sizes } : {}) };
      }).then(
        () => true,
        // The error stays with the hook and is shown; the form keeps what was typed.
        () => false,
      ),
    );
  });
  return (
    <Page
      title={part.label}
      actions={
        <Button
          mode="contained"
          disabled={!formState.isDirty}
          onPress={() => {
            // What was wrong at a field would hold the next attempt up.
            clearErrors();
            void save();
          }}
        >
          {formState.isDirty ? 'Save' : 'Saved'}
        </Button>
      }
    >
      <Words>{say('shelf.about', { parts: partsWords(sheet, part), model: part.model })}</Words>
      <Words tone="muted">{standWords(part)}</Words>
      <KeptNotices kept={kept} labels={LABELS} />
      {error ? <Notice kind="error">{error.message}</Notice> : null}
      <Columns
        first={
          <>
            <Heading>Sizes</Heading>
            {dimensions.length === 0 ? (
              <Words tone="muted">The sheet knows no size of this part.</Words>
            ) : (
              <Words size="note" tone="muted">
                Left empty, a size was not measured. ± is the standard uncertainty.
              </Words>
            )}
            {dimensions.map(({ id, name }) => (
              <View key={id} style={styles.row}>
                <Field
                  control={control}
                  name={`sizes.${id}`}
                  label={say('shelf.sizeField', { name, unit })}
                  style={styles.size}
                />
                <Field
                  control={control}
                  name={`doubts.${id}`}
                  label={say('shelf.doubtField', { unit })}
                  spoken={say('shelf.sizeDoubt', { name, unit })}
                  style={styles.doubt}
                />
              </View>
            ))}
          </>
        }
        second={
          <>
            <Heading>What and where</Heading>
            <Field control={control} name="label" label="Label" />
            <Field control={control} name="place" label="Where it lies" />
            <Field control={control} name="make" label="Make, as the shop calls it" />
            <MakeNote make={make} />
            <Choice
              label="New or used"
              value={origin}
              options={ORIGIN_OPTIONS}
              onChange={(value) => setValue('origin', value, { shouldDirty: true })}
            />
            <Field control={control} name="from" label="From which job" />
            {sheet.variants.length > 0 ? (
              <Pick
                label="Variant"
                value={variant}
                options={[
                  { value: '', name: 'Not known' },
                  ...sheet.variants.map(({ id, name }) => ({ value: id, name })),
                ]}
                onChange={(value) => setValue('variant', value, { shouldDirty: true })}
              />
            ) : null}
            <Field control={control} name="condition" label="Condition" multiline />
            <PartPhotos part={part} />
            <Heading>Label</Heading>
            <PartLabel part={part} sheet={sheet} />
            <FootRow>
              <PrintLabels name="Print the label" parts={[{ part, sheet }]} />
            </FootRow>
            <PartMoves part={part} />
          </>
        }
      />
    </Page>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 8 },
  size: { flex: 1, minWidth: 0 },
  doubt: { width: 110 },
});
