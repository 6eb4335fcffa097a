import { yupResolver } from '@hookform/resolvers/yup';
import { useForm } from 'react-hook-form';
import { Button } from 'react-native-paper';
import { object } from 'yup';
import { line, note } from '@/core/schema/fields';
import type { Shop } from '@/core/records/shop';
import { Field } from '@/ui/Field';
import { Heading } from '@/ui/Words';

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

interface Props {
  readonly shop: Shop;
  readonly onSave: (part: Partial<Shop>) => void;
}

/** Who works here, and who has this device in hand. */
export function PeopleForm({ shop, onSave }: Props) {
  const { control, handleSubmit, formState } = useForm({
    resolver: yupResolver(fields),
    defaultValues: { person: shop.person, people: shop.people.join(', ') },
  });
  const save = handleSubmit(({ person, people }) =>
    onSave({ person: person.trim(), people: namesOf(people) }),
  );
  return (
    <>
      <Heading>People</Heading>
      <Field control={control} name="person" label="Who measures on this device" />
      <Field control={control} name="people" label="Everybody, with commas between" multiline />
      <Button mode="contained" disabled={!formState.isDirty} onPress={() => void save()}>
        {formState.isDirty ? 'Save' : 'Saved'}
      </Button>
    </>
  );
}
