import { reasonOf } from '@/core/errors';
import { yupResolver } from '@hookform/resolvers/yup';
import { object, type InferType } from 'yup';
import { line, note } from '@/core/schema/fields';
import type { Shop } from '@/core/records/shop';
import { useChangeShop } from '@/data/hooks';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { Heading } from '@/ui/Words';
import { KeptNotices } from '../shell/KeptNotices';
import { useKeptForm } from '../shell/useKeptForm';
import { isDone } from '../shell/isDone';
import { SaveButton } from '@/ui/SaveButton';

const fields = object({
  person: line().defined(),
  people: note()
    .defined()
    .test('few', 'At most 40 people, each name at most 200 characters', (text) => {
      const names = namesOf(text ?? '');
      return names.length <= 40 && names.every((n) => n.length <= 200);
    }),
});

const namesOf = (text: string): string[] => [
  ...new Set(
    text
      .split(/[\n,;]+/)
      .map((name) => name.trim())
      .filter(Boolean),
  ),
];

type People = InferType<typeof fields>;

const toPeople = (shop: Shop): People => ({ person: shop.person, people: shop.people.join(', ') });

const LABELS = { person: 'Who measures on this device', people: 'The list of everybody' };

/** Who works here, and who has this device in hand. */
export function PeopleForm({ shop }: { readonly shop: Shop }) {
  const { apply, error } = useChangeShop();
  const kept = useKeptForm<People>({
    key: 'people',
    stored: toPeople(shop),
    resolver: yupResolver(fields),
  });
  const { control, handleSubmit, formState } = kept.form;
  const save = handleSubmit(({ person, people }) =>
    kept.save((check, edited) =>
      isDone(
        apply((s) => {
          check(toPeople(s));
          return {
            ...s,
            ...(edited.includes('person') ? { person: person.trim() } : {}),
            ...(edited.includes('people') ? { people: namesOf(people) } : {}),
          };
        }),
      ),
    ),
  );
  return (
    <>
      <Heading>People</Heading>
      <KeptNotices kept={kept} labels={LABELS} />
      {error ? <Notice kind="error">{reasonOf(error)}</Notice> : null}
      <Field control={control} name="person" label="Who measures on this device" />
      <Field control={control} name="people" label="Names, separated by commas" multiline />
      <SaveButton isDirty={formState.isDirty} onPress={() => void save()} />
    </>
  );
}
