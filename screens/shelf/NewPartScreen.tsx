import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { useWatch } from 'react-hook-form';
import { isTaken, labelFor } from '@/core/pairing/labels';
import { pieceKinds } from '@/core/pairing/roles';
import type { ShelfPart } from '@/core/records/part';
import { sheetName, type Sheet } from '@/core/records/sheet';
import { say } from '@/core/wording/say';
import { KEYS, useParts, useSheets } from '@/data/hooks';
import { createParts } from '@/data/shelf';
import { Button } from '@/ui/Button';
import { Columns } from '@/ui/Columns';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { Words } from '@/ui/Words';
import { KeptNotices } from '../shell/KeptNotices';
import { useKeptForm } from '../shell/useKeptForm';
import { onceValid, Refused, useOnce } from '../shell/useOnce';
import { ORIGIN_OPTIONS } from './partForm';
import { PickField, ChoiceField } from '@/ui/ChoiceField';

interface Form {
  sheet: string;
  piece: string;
  label: string;
  place: string;
  /** Empty until somebody says. */
  origin: ShelfPart['origin'] | '';
}

/** A part comes onto the shelf: of which pump, what it is, what is written on it. Its sizes follow. */
export function NewPartScreen() {
  const { data: sheets } = useSheets();
  const { data: parts } = useParts();
  const router = useRouter();
  if (!sheets || !parts) return null;
  const list = [...sheets.records].sort((a, b) => a.model.localeCompare(b.model));
  if (list.length === 0) {
    return (
      <Page title="New part">
        <Words>A part belongs to a pump: make or import its limit sheet first.</Words>
        <Button mode="contained" onPress={() => router.push('/sheets')}>
          Go to Sheets
        </Button>
      </Page>
    );
  }
  return <NewPart sheets={list} shelf={parts.records} />;
}

interface Props {
  readonly sheets: readonly Sheet[];
  readonly shelf: readonly ShelfPart[];
}

/** Holds the form of a part that comes onto the shelf: of which pump, and which piece of it. */
function useNewPart({ sheets, shelf }: Props) {
  const router = useRouter();
  const client = useQueryClient();
  const kept = useKeptForm<Form>({
    key: 'new-part',
    stored: { sheet: '', piece: '', label: '', place: '', origin: '' },
  });
  const { control, handleSubmit, setError } = kept.form;
  const [sheetId, pieceId] = useWatch({ control, name: ['sheet', 'piece'] });
  // Nothing is chosen for anybody: a part of another pump would never be found again.
  const sheet = sheets.find(({ id }) => id === sheetId);
  const pieces = useMemo(() => (sheet ? pieceKinds(sheet) : []), [sheet]);
  const piece = pieces.find(({ id }) => id === pieceId);
  const refuse = (field: keyof Form, message: string): never => {
    setError(field, { message }, { shouldFocus: true });
    throw new Refused();
  };
  const make = onceValid(handleSubmit, async (form) => {
    if (!sheet) return refuse('sheet', 'Choose the pump that it is of.');
    if (!piece) return refuse('piece', 'Choose what it is.');
    const { origin } = form;
    if (origin === '') return refuse('origin', 'Choose New or Used.');
    const label = form.label.trim();
    if (label !== '' && isTaken(label, shelf)) {
      return refuse('label', say('shelf.labelTaken', { label }));
    }
    const [part] = await kept.make(() =>
      createParts([
        {
          label: label || ((there) => labelFor(piece, there)),
          sheet: sheet.id,
          model: sheet.model,
          parts: [...piece.parts],
          origin,
          place: form.place.trim(),
        },
      ]),
    );
    await client.invalidateQueries({ queryKey: KEYS.parts });
    router.replace(`/shelf/${part?.id ?? ''}`);
  });
  return { kept, sheet, pieces, piece, ...useOnce(make) };
}

function NewPart({ sheets, shelf }: Props) {
  const { kept, sheet, pieces, piece, run: create, failed } = useNewPart({ sheets, shelf });
  const { clearErrors, control, setValue } = kept.form;
  return (
    <Page title="New part">
      <KeptNotices kept={kept} />
      <Columns
        first={
          <>
            <PickField
              control={control}
              name="sheet"
              label="Of which pump"
              options={sheets.map((s) => ({ value: s.id, name: sheetName(s) }))}
              onChosen={() => {
                clearErrors('piece');
                setValue('piece', '', { shouldDirty: true });
              }}
            />
            {sheet ? (
              <PickField
                control={control}
                name="piece"
                label="What it is"
                options={pieces.map(({ id, name }) => ({ value: id, name }))}
              />
            ) : null}
          </>
        }
        second={
          <>
            <ChoiceField
              control={control}
              name="origin"
              label="New or used"
              options={ORIGIN_OPTIONS}
            />
            <Field
              control={control}
              name="label"
              label="Label"
              placeholder={piece ? labelFor(piece, shelf) : ''}
            />
            <Field control={control} name="place" label="Where it lies" />
            {failed ? <Notice kind="error">{failed}</Notice> : null}
            <Button mode="contained" onPress={() => create()}>
              Put it on the shelf
            </Button>
          </>
        }
      />
    </Page>
  );
}
