import { useCommand } from '../job/useCommand';
import { yupResolver } from '@hookform/resolvers/yup';
import { useRouter } from 'expo-router';
import { useState, type ReactNode } from 'react';
import { useWatch, type UseFormReturn } from 'react-hook-form';
import type { ShopUnit } from '@/core/quantity/units';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { checksOf } from '@/core/inspect/checks';
import type { Job } from '@/core/records/job';
import { ROTATIONS, USED_UNITS } from '@/core/records/tag';
import { useChangeShop, useShop } from '@/data/hooks';
import { Columns } from '@/ui/Columns';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { RowButton } from '@/ui/RowButton';
import { Words } from '@/ui/Words';
import { Photos } from '../job/Photos';
import { SheetChanged } from '../job/SheetChanged';
import { SumsHere } from '../job/SumsHere';
import { Restamp } from './Restamp';
import { KeptNotices } from '../shell/KeptNotices';
import { onDemand } from '../shell/onDemand';
import { useHeldUnit } from '../shell/useHeldUnit';
import { useKeptForm } from '../shell/useKeptForm';
import { AskedFor } from './AskedFor';
import { BeforeFigures } from './BeforeFigures';
import { BenchTag } from './BenchTag';
import { ComplaintTaps } from './ComplaintTaps';
import { CustomerField } from './CustomerField';
import { withCustomer } from './customers';
import { IdentifyPanel } from './IdentifyPanel';
import { JobEnd } from './JobEnd';
import { JobLimits } from './JobLimits';
import { fromTagForm, pick, tagSchema, toTagForm, unreadableIn, type TagForm } from './tagForm';
import { say } from '@/core/wording/say';
import { ChoiceField } from '@/ui/ChoiceField';
import { SaveButton } from '@/ui/SaveButton';
import { layout } from '@/ui/layout';

/** Loaded once there is a number to look for. */
const HereBefore = onDemand('HereBefore', async () => (await import('../job/after')).HereBefore);

type Section = 'received' | 'before' | 'variant' | 'label' | null;

const LABELS = {
  tag: 'The tag number',
  unit: 'The vehicle or machine',
  owner: 'The customer',
  contact: 'Phone or e-mail',
  complaint: 'The complaint',
  serial: 'The serial number',
  due: 'When it is due',
  by: 'Measured by',
  used: 'Run so far',
  usedUnit: 'Hours or distance',
  fluid: 'The fluid',
  rotation: 'The rotation',
  ports: 'What is said of the ports',
  before: 'Test before teardown',
} as const;

/** The form of a tag: it follows the job, and whoever leaves it without Save keeps what can be read. */
function useTag(job: Job) {
  const { run, error } = useCommand(job);
  const { apply: changeShop } = useChangeShop();
  const { held, follow, take } = useHeldUnit(useShop().unit);
  const kept = useKeptForm<TagForm>({
    key: `tag/${job.id}`,
    stored: toTagForm(job, held),
    unit: held,
    onUnit: take,
    resolver: yupResolver(tagSchema(held)),
    onLeave: (edited) => {
      const unread = unreadableIn(getValues(), held);
      const fine = edited.filter((name) => !unread.has(name));
      const form = {
        ...getValues(),
        ...pick(toTagForm(job, held), [...unread] as (keyof TagForm)[]),
      };
      if (fine.length > 0) void store(form, fine, () => undefined);
      return fine;
    },
  });
  const { handleSubmit, getValues, formState } = kept.form;
  follow(formState.isDirty);
  const store = async (
    form: TagForm,
    edited: readonly (keyof TagForm)[],
    check: (stored: TagForm) => void,
  ) => {
    const fields = pick(fromTagForm(form, new Date(), held), edited);
    // An error stays with the hook and is shown below; the form keeps what was typed.
    const stored = await run((j) => {
      check(toTagForm(j, held));
      return { ...j, ...fields };
    });
    if (stored && (fields.owner !== undefined || fields.contact !== undefined)) {
      const customer = { name: form.owner, contact: form.contact };
      await changeShop((shop) => withCustomer(shop, customer)).catch(() => undefined);
    }
    return stored;
  };
  const save = handleSubmit((form) => kept.save((check, edited) => store(form, edited, check)));
  return { kept, held, error, save: () => void save() };
}

type Form = UseFormReturn<TagForm>;

/** What is written on the tag, and whose pump it is. */
const given = ({ control, setValue }: Form): ReactNode => (
  <>
    <Field control={control} name="tag" label="Tag number" />
    <Field control={control} name="unit" label="Vehicle or machine" />
    <CustomerField
      control={control}
      onChoose={({ owner, contact }) => {
        setValue('owner', owner, { shouldDirty: true });
        setValue('contact', contact, { shouldDirty: true });
      }}
    />
    <Field control={control} name="contact" label="Phone or e-mail" />
    <Field control={control} name="complaint" label="Complaint" multiline />
    <View style={layout.line}>
      <Field control={control} name="serial" label="Serial number" style={layout.grow} />
      <Field control={control} name="due" label="Due" placeholder="+7" style={layout.grow} />
    </View>
    <Field control={control} name="by" label="Measured by" />
  </>
);

/** How the pump came in: what it ran, on what, and which way round. */
function Received({ form: { control } }: { readonly form: Form }) {
  return (
    <>
      <View style={layout.line}>
        <Field
          control={control}
          name="used"
          label="Run so far"
          inputMode="decimal"
          style={layout.grow}
        />
        <View style={layout.grow}>
          <ChoiceField
            control={control}
            name="usedUnit"
            label="Hours or distance"
            options={USED_UNITS.map((value) => ({ value, name: value }))}
          />
        </View>
      </View>
      <Field control={control} name="fluid" label="Fluid" />
      <Words strong>Rotation as received, viewed from shaft end</Words>
      <ChoiceField
        control={control}
        name="rotation"
        label="Rotation as received"
        options={ROTATIONS.map((value) => ({ value, name: say(`tag.rotation.${value}`) }))}
      />
      <Field control={control} name="ports" label="Ports: larger side, plugged side" />
    </>
  );
}

/** What can be opened below the tag: each a line until it is. */
function Sections({
  job,
  form,
  unit,
}: {
  readonly job: Job;
  readonly form: Form;
  readonly unit: ShopUnit;
}) {
  const [open, setOpen] = useState<Section>(null);
  const section = (of: Exclude<Section, null>, name: string, about: string) => (
    <RowButton
      name={name}
      about={about}
      open={open === of}
      onPress={() => setOpen(open === of ? null : of)}
    />
  );
  const variant = job.sheet.variants.find((v) => v.id === job.variant)?.name;
  const received = [say(`tag.rotation.${job.rotation}`), job.fluid, job.ports];
  return (
    <>
      {section('received', 'As received', received.filter(Boolean).join(', '))}
      {open === 'received' ? <Received form={form} /> : null}
      {section('before', 'Test before teardown', say('tag.readings', { count: job.before.length }))}
      {open === 'before' ? (
        <>
          <Notice kind="caution">
            High-pressure oil goes through skin. Keep hands away from leaks. If oil gets in, go to
            hospital at once. Guards on, relief valve set.
          </Notice>
          <BeforeFigures control={form.control} unit={unit} />
        </>
      ) : null}
      {checksOf(job.sheet).length > 0
        ? section('variant', 'Which variant', variant ?? 'not identified')
        : null}
      {open === 'variant' ? <IdentifyPanel job={job} onDone={() => setOpen(null)} /> : null}
      {section('label', 'Bench tag', 'to print and tie to the pump')}
      {open === 'label' ? <BenchTag job={job} /> : null}
    </>
  );
}

/** What is on the tag, to be read again and put right; how it came in, and which variant it is. */
export function TagStage({ job }: { readonly job: Job }) {
  const router = useRouter();
  const { kept, held, error, save } = useTag(job);
  const { isDirty, errors } = kept.form.formState;
  const serial = useWatch({ control: kept.form.control, name: 'serial' });
  const wrong = Object.keys(errors).length > 0;
  return (
    <Page within title="Tag" actions={<SaveButton isDirty={isDirty} onPress={save} />}>
      {error ? <Notice kind="error">{error}</Notice> : null}
      {wrong ? <Notice kind="error">Not saved. Fix the fields marked in red.</Notice> : null}
      <KeptNotices kept={kept} labels={LABELS} />
      {job.closed ? (
        <Notice kind="word">{say('bench.closed', { why: job.closed.why })}</Notice>
      ) : null}
      {serial.trim() ? <HereBefore job={job} serial={serial} /> : null}
      <Columns
        first={given(kept.form)}
        second={
          <>
            <ComplaintTaps job={job} />
            <Photos job={job} of="tag" />
            <Sections job={job} form={kept.form} unit={held} />
            <AskedFor job={job} />
            <JobLimits job={job} />
            <SheetChanged job={job} />
            <Restamp job={job} />
            <SumsHere job={job} stage="tag" isHere={({ turns }) => turns !== null} />
            <Button mode="contained-tonal" onPress={() => router.replace(`/job/${job.id}/strip`)}>
              Go to Strip
            </Button>
            <JobEnd job={job} />
          </>
        }
      />
    </Page>
  );
}
