import { useController, type Control, type FieldPath, type FieldValues } from 'react-hook-form';
import { View } from 'react-native';
import type { Shop } from '@/core/records/shop';
import { useShop } from '@/data/hooks';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { layout } from '@/ui/layout';

/** Returns a shop that knows a maker: whoever was typed once is offered from then on. */
export function withMake(shop: Shop, name: string): Shop {
  const typed = name.trim();
  const isKnown = shop.makes.some((make) => make.name.toLowerCase() === typed.toLowerCase());
  return typed === '' || isKnown
    ? shop
    : { ...shop, makes: [...shop.makes, { name: typed, note: '' }] };
}

interface Props<F extends FieldValues> {
  readonly control: Control<F>;
  readonly name: FieldPath<F>;
}

/** So many makers are offered: more are quicker typed. */
const MOST_OFFERED = 6;

/** Whose make a part is that goes in, typed or taken from those that the shop knows: what it wears like is told by that. */
export function MakeField<F extends FieldValues>({ control, name }: Props<F>) {
  const { makes } = useShop();
  const { field } = useController({ control, name });
  return (
    <View>
      <Field
        control={control}
        name={name}
        label="Maker of the new part"
        placeholder="Leave empty if nobody knows"
      />
      {makes.length > 0 ? (
        <View style={layout.wrap}>
          {makes.slice(0, MOST_OFFERED).map((make) => (
            <Button
              key={make.name}
              compact
              mode={field.value === make.name ? 'contained-tonal' : 'text'}
              onPress={() => field.onChange(make.name)}
            >
              {make.name}
            </Button>
          ))}
        </View>
      ) : null}
    </View>
  );
}
