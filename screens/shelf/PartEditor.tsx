import { reasonOf } from '@/core/errors';
import { useState } from 'react';
import { useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { bareUnit, type ShopUnit } from '@/core/quantity/units';
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
import { FootButton } from '@/ui/FootButton';
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
import {
  dimensionsOf,
  doubtsOf,
  ORIGIN_OPTIONS,
  partFromForm,
  partToForm,
  sizeHint,
  type PartForm,
} from './partForm';
import { PartLabel, usePrinted } from './PartLabels';
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
  doubts: 'Uncertainty of the sizes',
};

/** A loose part: what is written on it, where it lies, what was measured of it. */
export function PartEditor({ part, sheet, unit: shopUnit }: Props) {
  const { apply, error } = useChange('part', part.id);
  const { data: shelf } = useParts();
  const { held: unit, follow, take } = useHeldUnit(shopUnit);
  const stored = partToForm(part, sheet, unit);
  // What was typed though it is far off the sheet, and asked about once.
  const [asked, setAsked] = useState<Readonly<Record<string, string>>>({});
  const kept = useKeptForm<PartForm>({
    key: `part/${part.id}`,
    stored,
    unit,
    onUnit: take,
  });
  const { control, handleSubmit, setValue, clearErrors, formState } = kept.form;
  follow(formState.isDirty);
  const [make, origin, variant] = useWatch({ control, name: ['make', 'origin', 'variant'] });
  const dimensions = dimensionsOf(sheet, part);
  const printed = usePrinted([{ part, sheet }]);
  const save = handleSubmit(async (form) => {
    clearErrors();
    const read = partFromForm(form, part, sheet, unit);
    if (!read.ok) return pointAt(kept.form, read.errors);
    const doubts = Object.entries(doubtsOf(read.record, part, sheet, unit)).flatMap(
      ([field, doubt]) => {
        const text = form.sizes[field.replace('sizes.', '')] ?? '';
        return asked[field] === text ? [] : [{ field, doubt, text }];
      },
    );
    if (doubts.length > 0) {
      setAsked(Object.fromEntries(doubts.map(({ field, text }) => [field, text])));
      const errors = doubts.map(({ field, doubt, text }) => [
        field,
        say('shelf.keepsIt', { doubt, text }),
      ]);
      return pointAt(kept.form, Object.fromEntries(errors) as Record<string, string>);
    }
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
      {error ? <Notice kind="error">{reasonOf(error)}</Notice> : null}
      <Columns
        first={
          <>
            <Heading>Sizes</Heading>
            {dimensions.length === 0 ? (
              <Words tone="muted">The sheet knows no size of this part.</Words>
            ) : (
              <Words size="note" tone="muted">
                Left empty, a size was not measured. u: standard uncertainty (± is 2u).
              </Words>
            )}
            {dimensions.map(({ id, name }) => (
              <View key={id} style={styles.row}>
                <Field
                  control={control}
                  name={`sizes.${id}`}
                  label={say('shelf.sizeField', { name, unit: bareUnit('size', unit) })}
                  hint={(text) => sizeHint(text, stored.sizes[id] ?? '', unit)}
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
              <FootButton low name="Print the label" onPress={printed.print} />
              {printed.paper}
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
