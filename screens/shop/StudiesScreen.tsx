import { reasonOf } from '@/core/errors';
import { yupResolver } from '@hookform/resolvers/yup';
import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useWatch } from 'react-hook-form';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { object, string, type InferType } from 'yup';
import { line } from '@/core/schema/fields';
import { KeptNotices } from '../shell/KeptNotices';
import { useKeptForm } from '../shell/useKeptForm';
import { onceValid, useOnce } from '../shell/useOnce';
import { createStudy } from '@/data/create';
import { KEYS, useShop, useStudies } from '@/data/hooks';
import { Choice } from '@/ui/Choice';
import { Columns } from '@/ui/Columns';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { RowLink } from '@/ui/RowLink';
import { Heading, Words } from '@/ui/Words';
import { say } from '@/core/wording/say';

const listOf = (text: string): string[] =>
  text
    .split(/[\n,;]+/)
    .map((name) => name.trim())
    .filter(Boolean);

const named = (message: 'shop.enterPeople' | 'shop.enterParts', most: number) =>
  string()
    .required(say(message))
    .test('two', say('shop.twoTo', { most }), (text) => {
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

/** Studies of how well a way of measuring repeats, and a new one. */
export function StudiesScreen() {
  const router = useRouter();
  const client = useQueryClient();
  const shop = useShop();
  const { data } = useStudies();
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
  const { control, handleSubmit, setValue } = kept.form;
  const [instrument, trials] = useWatch({ control, name: ['instrument', 'trials'] });
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
    <Page title="Repeatability studies">
      <Words tone="muted">
        Two or three people measure the same parts two or three times without knowing which is
        which. The result shows how much scatter comes from measuring.
      </Words>
      {data?.unreadable.map((e) => (
        <Notice key={e.key} kind="error">
          {say('shell.unreadable', { error: reasonOf(e) })}
        </Notice>
      ))}
      <Columns
        first={
          <View>
            {(data?.records ?? []).map((s) => (
              <RowLink
                key={s.id}
                href={`/shop/studies/${s.id}`}
                name={s.what}
                about={say('shop.studyRow', {
                  people: s.people.length,
                  parts: s.parts.length,
                  trials: s.trials,
                  read: s.readings.length,
                  all: s.people.length * s.parts.length * s.trials,
                })}
              />
            ))}
            {data?.records.length === 0 ? <Words>None yet.</Words> : null}
          </View>
        }
        second={
          <>
            <Heading>A new study</Heading>
            <KeptNotices kept={kept} />
            <Field control={control} name="what" label="What is measured, and how" />
            <Words strong>Instrument</Words>
            <Choice
              label="Instrument"
              stacked
              value={instrument}
              options={shop.instruments.map(({ id, name }) => ({ value: id, name }))}
              onChange={(id) => setValue('instrument', id)}
            />
            <Field control={control} name="people" label="People, separated by commas" />
            <Field
              control={control}
              name="parts"
              label="Parts, separated by commas: similar, but not the same"
            />
            <Choice
              label="How often"
              value={trials}
              options={TRIALS}
              onChange={(often) => setValue('trials', often)}
            />
            {failed ? <Notice kind="error">{failed}</Notice> : null}
            <Button mode="contained" onPress={() => begin()}>
              Start
            </Button>
          </>
        }
      />
    </Page>
  );
}
