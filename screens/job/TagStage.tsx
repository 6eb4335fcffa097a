import { useRouter } from 'expo-router';
import { useEffect, useState } from 'react';
import { useForm } from 'react-hook-form';
import { yupResolver } from '@hookform/resolvers/yup';
import { Button } from 'react-native-paper';
import { object, type InferType } from 'yup';
import type { Job } from '@/core/records/job';
import { line, note } from '@/core/records/parts';
import { rulesWords } from '@/core/records/rules';
import { useChange, useRemove } from '@/data/hooks';
import { Choice } from '@/ui/Choice';
import { Confirm } from '@/ui/Confirm';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { RowButton } from '@/ui/RowButton';
import { RuleChoices } from '@/ui/RuleChoices';
import { Words } from '@/ui/Words';
import { familyOf } from '@/core/pumps/registry';
import { SheetChanged } from './SheetChanged';

const tagFields = object({
  tag: line().trim().required('Give the job a tag number: it goes on the pump.'),
  owner: line().defined(),
  unit: line().defined(),
  complaint: note().defined(),
  by: line().defined(),
});
type TagFields = InferType<typeof tagFields>;

/** What is on the tag, to be read again and put right; the tier can be changed at any time. */
export function TagStage({ job }: { readonly job: Job }) {
  const router = useRouter();
  const [ruling, setRuling] = useState(false);
  const { apply: change, error } = useChange('job', job.id);
  const { mutateAsync: removeJob } = useRemove('job');
  const { tag, owner, unit, complaint, by } = job;
  const { control, handleSubmit, reset, formState } = useForm<TagFields>({
    resolver: yupResolver(tagFields),
    defaultValues: { tag, owner, unit, complaint, by },
  });
  useEffect(
    () => reset({ tag, owner, unit, complaint, by }),
    [reset, tag, owner, unit, complaint, by],
  );
  const save = handleSubmit(async (fields) => {
    // An error stays with the hook and is shown below; the form keeps what was typed.
    await change((j) => ({ ...j, ...fields })).catch(() => undefined);
  });
  return (
    <Page
      title="Tag"
      actions={
        <Button mode="contained" disabled={!formState.isDirty} onPress={() => void save()}>
          {formState.isDirty ? 'Save' : 'Saved'}
        </Button>
      }
    >
      <Field control={control} name="tag" label="Tag number" />
      <Field control={control} name="unit" label="Unit it came from" />
      <Field control={control} name="owner" label="Owner" />
      <Field control={control} name="complaint" label="Complaint" multiline />
      <Field control={control} name="by" label="Who measures" />
      <Words strong>Limits that apply</Words>
      <Choice
        label="Limits that apply"
        value={job.tier}
        options={job.sheet.tiers.map((t) => ({ value: t.id, name: t.name }))}
        onChange={(tier) => void change((j) => ({ ...j, tier }))}
      />
      <Words size="note" tone="muted">
        {`Source: ${job.sheet.tiers.find((t) => t.id === job.tier)?.source || 'not given'}${job.sheet.invented ? ' · invented limits' : ''}`}
      </Words>
      <SheetChanged job={job} />
      {error ? <Notice kind="error">{error.message}</Notice> : null}
      <RowButton
        name="House rules of this job"
        about={rulesWords(job.rules)}
        open={ruling}
        onPress={() => setRuling(!ruling)}
      />
      {ruling ? (
        <RuleChoices
          rules={job.rules}
          onChange={(rules) => void change((j) => ({ ...j, rules })).catch(() => undefined)}
        />
      ) : null}
      {familyOf(job.sheet.family).cautions.map((caution) => (
        <Notice key={caution} kind="caution">
          {caution}
        </Notice>
      ))}
      <Button mode="contained-tonal" onPress={() => router.replace(`/job/${job.id}/measure`)}>
        To measuring
      </Button>
      <Confirm
        ask="Delete this job"
        warn="The job and all its readings go for good. Export it first if they may be wanted."
        sure="Delete for good"
        onSure={async () => {
          await removeJob(job.id);
          router.replace('/');
        }}
      />
    </Page>
  );
}
