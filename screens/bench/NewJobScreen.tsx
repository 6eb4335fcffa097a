import type { ReactNode } from 'react';
import { yupResolver } from '@hookform/resolvers/yup';
import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useFormState, useWatch, type UseFormReturn } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/Button';
import { string, type InferType } from 'yup';
import { sheetName, type Sheet } from '@/core/records/sheet';
import { createJob } from '@/data/create';
import { KEYS, useJobSummaries, useChangeShop, useSheets, useShop } from '@/data/hooks';
import { Choice } from '@/ui/Choice';
import { Columns } from '@/ui/Columns';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { Heading, Words } from '@/ui/Words';
import { KeptNotices } from '../shell/KeptNotices';
import { useKeptForm } from '../shell/useKeptForm';
import { SheetPick } from './SheetPick';
import { onceValid, useOnce } from '../shell/useOnce';
import { CustomerField } from '../tag/CustomerField';
import { withCustomer } from '../tag/customers';
import { tagSchema } from '../tag/tagForm';
import { say } from '@/core/wording/say';
import type { ListedJob } from '@/data/summaries';
import { layout } from '@/ui/layout';

const newJobForm = tagSchema('mm')
  .pick(['tag', 'owner', 'contact', 'unit', 'complaint', 'by'])
  .shape({ sheet: string().required('Choose a limit sheet.'), tier: string().defined() });
type NewJobForm = InferType<typeof newJobForm>;

/** Sheets in the order in which their pumps were last on the bench, the others by name. */
function lastUsedFirst(
  sheets: readonly Sheet[],
  jobs: readonly { readonly model: string; readonly lastAt: string }[],
) {
  const used = (sheet: Sheet): string =>
    jobs
      .filter(({ model }) => model === sheetName(sheet))
      .map(({ lastAt }) => lastAt)
      .sort()
      .at(-1) ?? '';
  return [...sheets].sort(
    (a, b) => used(b).localeCompare(used(a)) || a.model.localeCompare(b.model),
  );
}

/** Holds the form of a new job, and makes it. */
function useNewJob() {
  const router = useRouter();
  const client = useQueryClient();
  const shop = useShop();
  const { data } = useSheets();
  const { data: jobs } = useJobSummaries();
  const sheets = lastUsedFirst(data?.records ?? [], jobs ?? []);
  const kept = useKeptForm<NewJobForm>({
    key: 'new-job',
    stored: {
      tag: '',
      owner: '',
      contact: '',
      unit: '',
      complaint: '',
      by: shop.person,
      sheet: '',
      tier: '',
    },
    resolver: yupResolver(newJobForm),
  });
  const { control, handleSubmit } = kept.form;
  const { apply: changeShop } = useChangeShop();
  const [chosen, tierId, tag] = useWatch({ control, name: ['sheet', 'tier', 'tag'] });
  const twin = jobs?.find((j) => j.tag === tag.trim());
  const sheet = sheets.find((s) => s.id === chosen);
  const tier = sheet?.tiers.find((t) => t.id === tierId) ?? sheet?.tiers[0];
  const { run: start, failed } = useOnce(() =>
    onceValid(handleSubmit, async ({ sheet: _, ...form }) => {
      // A draft may name a sheet that is gone by now.
      if (!sheet || !tier) throw new Error('Choose a limit sheet.');
      const id = await kept.make(() => createJob({ ...form, tier: tier.id }, sheet, shop));
      // The job is there; a customer that could not be remembered is no reason to stay.
      await changeShop((s) => withCustomer(s, { name: form.owner, contact: form.contact })).catch(
        () => undefined,
      );
      await client.invalidateQueries({ queryKey: KEYS.summaries });
      router.replace(`/job/${id}/strip`);
    })(),
  );
  return { isRead: data !== undefined, sheets, kept, chosen, sheet, tier, twin, start, failed };
}

/** A new job from a sheet: the tag, whose pump it is, what is wrong with it, and which limits apply. */
export function NewJobScreen() {
  const router = useRouter();
  const { isRead, sheets, kept, chosen, sheet, tier, twin, start, failed } = useNewJob();
  const { control, setValue, clearErrors } = kept.form;
  const { errors } = useFormState({ control });
  if (!isRead) return null;
  if (sheets.length === 0) {
    return noSheet(router);
  }
  return (
    <Page title="New job">
      <KeptNotices kept={kept} />
      <Columns
        first={tagFields(kept.form, twin)}
        second={
          <>
            <Heading>Limit sheet</Heading>
            <SheetPick
              sheets={sheets}
              chosen={chosen}
              onChange={(id) => {
                setValue('sheet', id);
                clearErrors('sheet');
              }}
            />
            {errors.sheet ? <Notice kind="error">{errors.sheet.message ?? ''}</Notice> : null}
            {sheet && tier ? (
              <>
                <Words strong>Limits to use</Words>
                <Choice
                  label="Limits to use"
                  value={tier.id}
                  options={sheet.tiers.map((t) => ({ value: t.id, name: t.name }))}
                  onChange={(id) => setValue('tier', id)}
                />
                <Words size="note" tone="muted">
                  {say('bench.source', { source: tier.source || 'not given' })}
                </Words>
              </>
            ) : null}
            {failed ? <Notice kind="error">{failed}</Notice> : null}
            <View style={styles.foot}>
              <Button mode="contained" contentStyle={layout.thumb} onPress={() => start()}>
                Start
              </Button>
            </View>
          </>
        }
      />
    </Page>
  );
}

const styles = StyleSheet.create({
  foot: { paddingTop: 4 },
});

/** What there is to do where the shop has no sheet yet. */
function noSheet(router: ReturnType<typeof useRouter>) {
  return (
    <Page title="New job">
      <Notice kind="word">
        You need a limit sheet first. Make one, import one, or measure now without a sheet.
      </Notice>
      <Button mode="contained" onPress={() => router.replace('/sheets/new')}>
        Make a sheet
      </Button>
      <Button mode="outlined" onPress={() => router.replace('/now')}>
        Measure now
      </Button>
      <Button mode="outlined" onPress={() => router.replace('/import')}>
        Import
      </Button>
    </Page>
  );
}

/** What is written on the tag of the pump. */
function tagFields(
  { control, setValue }: UseFormReturn<NewJobForm>,
  twin: ListedJob | undefined,
): ReactNode {
  return (
    <>
      <Field control={control} name="tag" label="Tag number" autoFocus />
      {twin ? (
        <Notice kind="caution">
          {say('bench.tagTwice', {
            tag: twin.tag,
            pump: [twin.unit, twin.model].filter(Boolean).join(', '),
          })}
        </Notice>
      ) : null}
      <Field control={control} name="unit" label="Vehicle or machine" />
      <CustomerField
        control={control}
        onChoose={(customer) => {
          setValue('owner', customer.owner);
          setValue('contact', customer.contact);
        }}
      />
      <Field control={control} name="complaint" label="Complaint" multiline />
      <Field control={control} name="by" label="Measured by" />
    </>
  );
}
