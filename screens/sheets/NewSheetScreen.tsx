import { yupResolver } from '@hookform/resolvers/yup';
import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { object, string, type InferType } from 'yup';
import { FAMILIES } from '@/core/pumps/registry';
import { line } from '@/core/schema/fields';
import { KeptNotices } from '../shell/KeptNotices';
import { useKeptForm } from '../shell/useKeptForm';
import { useOnce } from '../shell/useOnce';
import { createSheet } from '@/data/create';
import { KEYS } from '@/data/hooks';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { PumpPicture } from '@/ui/PumpPicture';
import { Words } from '@/ui/Words';

const fields = object({
  model: line().trim().required('A sheet needs a model name.'),
  family: string().required(),
});

/** A new limit sheet: the model's name and what kind of pump it is; the rest is filled in after. */
export function NewSheetScreen() {
  const router = useRouter();
  const client = useQueryClient();
  const [failed, setFailed] = useState<string | null>(null);
  const kept = useKeptForm<InferType<typeof fields>>({
    key: 'new-sheet',
    stored: { model: '', family: FAMILIES[0]?.id ?? '' },
    resolver: yupResolver(fields),
  });
  const { control, handleSubmit, setValue } = kept.form;
  const family = useWatch({ control, name: 'family' });
  const chosen = FAMILIES.find((f) => f.id === family);
  const make = handleSubmit(async (form) => {
    try {
      const id = await kept.make(() => createSheet(form.model, form.family));
      await client.invalidateQueries({ queryKey: KEYS.sheets });
      router.replace(`/sheets/${id}`);
    } catch (error) {
      setFailed((error as Error).message);
    }
  });
  const create = useOnce(make);
  return (
    <Page title="New limit sheet">
      <KeptNotices kept={kept} />
      <Field control={control} name="model" label="Model" autoFocus />
      <Words strong>What kind of pump</Words>
      <Choice
        label="Kind of pump"
        stacked
        value={family}
        options={FAMILIES.map(({ id, name }) => ({ value: id, name }))}
        onChange={(id) => setValue('family', id)}
      />
      {chosen ? (
        <View style={styles.drawing}>
          <PumpPicture
            sheet={{ model: chosen.name, family: chosen.id, geometry: chosen.example }}
            size={200}
          />
          <Words size="note" tone="muted">
            A made-up pump of that kind, to begin with: put in its own geometry next.
          </Words>
        </View>
      ) : null}
      {failed ? <Notice kind="error">{failed}</Notice> : null}
      <Button mode="contained" onPress={() => create()}>
        Make the sheet
      </Button>
    </Page>
  );
}

const styles = StyleSheet.create({ drawing: { alignItems: 'center', gap: 4 } });
