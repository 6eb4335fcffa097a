import { reasonOf } from '@/core/errors';
import { useForm } from 'react-hook-form';
import { View } from 'react-native';
import type { Shop } from '@/core/records/shop';
import { sayShelf } from './sayShelf';
import { useChangeShop, useShop } from '@/data/hooks';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';

const sameName = (a: string, b: string): boolean =>
  a.trim().toLowerCase() === b.trim().toLowerCase();

const noteOf = ({ makes }: Shop, make: string): string =>
  makes.find(({ name }) => sameName(name, make))?.note ?? '';

/** What the shop has seen of a maker's parts: one note for all parts of that make. */
export function MakeNote({ make }: { readonly make: string }) {
  const shop = useShop();
  if (make.trim() === '') return null;
  return (
    <NoteForm key={make.trim().toLowerCase()} make={make.trim()} stored={noteOf(shop, make)} />
  );
}

function NoteForm({ make, stored }: { readonly make: string; readonly stored: string }) {
  const { apply, error } = useChangeShop();
  const { control, handleSubmit, formState, reset } = useForm({ values: { note: stored } });
  const save = handleSubmit(({ note }) =>
    apply((shop) => {
      const others = shop.makes.filter(({ name }) => !sameName(name, make));
      const name = shop.makes.find((m) => sameName(m.name, make))?.name ?? make;
      return { ...shop, makes: note.trim() ? [...others, { name, note: note.trim() }] : others };
    }).then(
      () => reset({ note: note.trim() }),
      // The error stays with the hook and is shown; what was typed stays in its field.
      () => undefined,
    ),
  );
  return (
    <View style={{ gap: 8 }}>
      <Field control={control} name="note" label={sayShelf('shelf.makeNote', { make })} multiline />
      {error ? <Notice kind="error">{reasonOf(error)}</Notice> : null}
      {formState.isDirty ? (
        <Button mode="outlined" onPress={() => void save()}>
          {sayShelf('shelf.makeKeep', { make })}
        </Button>
      ) : null}
    </View>
  );
}
