import { reasonOf } from '@/core/errors';
import { useWatch, type Control } from 'react-hook-form';
import type { ShopUnit } from '@/core/quantity/units';
import { MOST_PART_PHOTOS, type ShelfPart } from '@/core/records/part';
import type { Sheet } from '@/core/records/sheet';
import { sayShelf } from './sayShelf';
import { partsWords, standWords } from '@/core/wording/shelf';
import { ChoiceField, PickField } from '@/ui/ChoiceField';
import { Columns } from '@/ui/Columns';
import { Field } from '@/ui/Field';
import { FootButton } from '@/ui/FootButton';
import { FootRow } from '@/ui/FootRow';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { SaveButton } from '@/ui/SaveButton';
import { Heading, Words } from '@/ui/Words';
import { KeptNotices } from '../shell/KeptNotices';
import { MakeNote } from './MakeNote';
import { dimensionsOf, ORIGIN_OPTIONS, type PartForm } from './partForm';
import { PartLabel, usePrinted } from './PartLabels';
import { PartMoves } from './PartMoves';
import { RecordPhotos } from '../shell/RecordPhotos';
import { PartSizes } from './PartSizes';
import { usePartEditor } from './usePartEditor';

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

interface FieldsProps {
  readonly control: Control<PartForm>;
  readonly variants: Sheet['variants'];
}

/** What a loose part is, and where it lies. */
function PartFields({ control, variants }: FieldsProps) {
  const make = useWatch({ control, name: 'make' });
  const named = variants.map(({ id, name }) => ({ value: id, name }));
  return (
    <>
      <Heading>What and where</Heading>
      <Field control={control} name="label" label="Label" />
      <Field control={control} name="place" label="Where it lies" />
      <Field control={control} name="make" label="Make, as the shop calls it" />
      <MakeNote make={make} />
      <ChoiceField control={control} name="origin" label="New or used" options={ORIGIN_OPTIONS} />
      <Field control={control} name="from" label="From which job" />
      {named.length > 0 ? (
        <PickField
          control={control}
          name="variant"
          label="Variant"
          options={[{ value: '', name: 'Not known' }, ...named]}
        />
      ) : null}
      <Field control={control} name="condition" label="Condition" multiline />
    </>
  );
}

/** A loose part: what is written on it, where it lies, what was measured of it. */
export function PartEditor({ part, sheet, unit: shopUnit }: Props) {
  const { kept, stored, unit, error, save } = usePartEditor(part, sheet, shopUnit);
  const { control, formState } = kept.form;
  const printed = usePrinted([{ part, sheet }]);
  return (
    <Page title={part.label} actions={<SaveButton isDirty={formState.isDirty} onPress={save} />}>
      <Words>
        {sayShelf('shelf.about', { parts: partsWords(sheet, part), model: part.model })}
      </Words>
      <Words tone="muted">{standWords(part)}</Words>
      <KeptNotices kept={kept} labels={LABELS} />
      {error ? <Notice kind="error">{reasonOf(error)}</Notice> : null}
      <Columns
        first={
          <PartSizes
            control={control}
            dimensions={dimensionsOf(sheet, part)}
            stored={stored}
            unit={unit}
          />
        }
        second={
          <>
            <PartFields control={control} variants={sheet.variants} />
            <RecordPhotos kind="part" record={part} of="part" most={MOST_PART_PHOTOS} />
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
