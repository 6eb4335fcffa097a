import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { useWatch, type Control, type FieldPath } from 'react-hook-form';
import { useShop } from '@/data/hooks';
import { Field } from '@/ui/Field';
import { TOUCH, usePalette } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { found } from './customers';
import { say } from '@/core/wording/say';

interface CustomerForm {
  owner: string;
  contact: string;
}

interface Props<T extends CustomerForm> {
  readonly control: Control<T>;
  readonly onChoose: (customer: CustomerForm) => void;
}

/** The customer by name; those known already are found by a few letters. */
export function CustomerField<T extends CustomerForm>({ control, onChoose }: Props<T>) {
  const palette = usePalette();
  const { customers } = useShop();
  const owner = useWatch({ control, name: 'owner' as FieldPath<T> }) as string;
  const [chosen, setChosen] = useState(owner);
  const offered = owner === chosen ? [] : found(customers, owner);
  return (
    <View>
      <Field control={control} name={'owner' as FieldPath<T>} label="Customer" />
      {offered.map(({ name, contact }) => (
        <Pressable
          key={name}
          role="button"
          aria-label={say('tag.useCustomer', { name })}
          onPress={() => {
            setChosen(name);
            onChoose({ owner: name, contact });
          }}
          style={[styles.row, { borderColor: palette.line, backgroundColor: palette.paper }]}
        >
          <Words strong>{name}</Words>
          <Words size="note" tone="muted" numberOfLines={1}>
            {contact}
          </Words>
        </Pressable>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  row: {
    minHeight: TOUCH,
    paddingHorizontal: 14,
    paddingVertical: 4,
    borderBottomWidth: 1,
    justifyContent: 'center',
  },
});
