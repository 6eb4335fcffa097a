import { yupResolver } from '@hookform/resolvers/yup';
import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { object, string, type InferType } from 'yup';
import { line } from '@/core/schema/fields';
import { KeptNotices } from '../shell/KeptNotices';
import { useKeptForm } from '../shell/useKeptForm';
import { onceValid, useOnce } from '../shell/useOnce';
import { createStudy } from '@/data/create';
import { KEYS, useShop, useStudies } from '@/data/hooks';
import { Columns } from '@/ui/Columns';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { RowLink } from '@/ui/RowLink';
import { Heading, Words } from '@/ui/Words';
import { say } from '@/core/wording/say';
import { sayShop } from './sayShop';
import { ChoiceField } from '@/ui/ChoiceField';
import type { Study } from '@/core/records/study';
import { Unreadable } from '../shell/Unreadable';

const listOf = (text: string): string[] =>
  text
    .split(/[\n,;]+/)
    .map((name) => name.trim())
    .filter(Boolean);

const named = (message: 'shop.enterPeople' | 'shop.enterParts', most: number) =>
  string()
    .required(say(message))
    .test('two', sayShop('shop.twoTo', { most }), (text) => {
      const names = listOf(text ?? '');
      return names.length >= 2 && names.length <= most && new Set(names).size === names.length;
    });

const fields = object({
  what: line().trim().required('Say what is measured'),
  people: named('shop.enterPeople', 6),
  parts: named('shop.enterParts', 20),
  instrument: string().required(),
  trials: string().oneOf(['2', '3']).required(),
});

const TRIALS = [
  { value: '2', name: 'Twice' },
  { value: '3', name: 'Three times' },
] as const;

/** A new study: what is measured with what, by whom, on which parts, how often. */
function NewStudy() {
  const router = useRouter();
  const client = useQueryClient();
  const shop = useShop();
  const kept = useKeptForm<InferType<typeof fields>>({
    key: 'new-study',
    stored: {
      what: '',
      people: shop.people.slice(0, 3).join(', '),
      parts: '1, 2, 3, 4, 5',
      instrument: shop.instruments[0]?.id ?? '',
      trials: '3',
    },
    resolver: yupResolver(fields),
  });
  const { control, handleSubmit } = kept.form;
  const make = onceValid(handleSubmit, async (form) => {
    const id = await kept.make(() =>
      createStudy({
        what: form.what,
        instrument: form.instrument,
        people: listOf(form.people),
        parts: listOf(form.parts),
        trials: Number(form.trials),
      }),
    );
    await client.invalidateQueries({ queryKey: KEYS.studies });
    router.push(`/shop/studies/${id}`);
  });
  const { run: begin, failed } = useOnce(make);
  return (
    <>
      <Heading>A new study</Heading>
      <KeptNotices kept={kept} />
      <Field control={control} name="what" label="What is measured, and how" />
      <Words strong>Instrument</Words>
      <ChoiceField
        control={control}
        name="instrument"
        label="Instrument"
        stacked
        options={shop.instruments.map(({ id, name }) => ({ value: id, name }))}
      />
      <Field control={control} name="people" label="People, separated by commas" />
      <Field
        control={control}
        name="parts"
        label="Parts, separated by commas: similar, but not the same"
      />
      <ChoiceField control={control} name="trials" label="How often" options={TRIALS} />
      {failed ? <Notice kind="error">{failed}</Notice> : null}
      <Button mode="contained" onPress={() => begin()}>
        Start
      </Button>
    </>
  );
}

/** A study in the list: how many people read how many parts how often, and how far it is. */
const StudyRow = ({ study: s }: { readonly study: Study }) => (
  <RowLink
    href={`/shop/studies/${s.id}`}
    name={s.what}
    about={sayShop('shop.studyRow', {
      people: s.people.length,
      parts: s.parts.length,
      trials: s.trials,
      read: s.readings.length,
      all: s.people.length * s.parts.length * s.trials,
    })}
  />
);

/** Studies of how well a way of measuring repeats, and a new one. */
export function StudiesScreen() {
  const { data } = useStudies();
  return (
    <Page title="Repeatability studies">
      <Words tone="muted">
        Two or three people measure the same parts two or three times without knowing which is
        which. The result shows how much scatter comes from measuring.
      </Words>
      <Unreadable records={data?.unreadable} />
      <Columns
        first={
          <View>
            {data?.records.map((study) => (
              <StudyRow key={study.id} study={study} />
            ))}
            {data?.records.length === 0 ? <Words>None yet.</Words> : null}
          </View>
        }
        second={<NewStudy />}
      />
    </Page>
  );
}
