import { reasonOf } from '@/core/errors';
import { useForm } from 'react-hook-form';
import { View } from 'react-native';
import { formatLength } from '@/core/quantity/format';
import { parseReading } from '@/core/quantity/parse';
import { bareUnit } from '@/core/quantity/units';
import type { Bound } from '@/core/rework/decision/needs';
import { boundWords } from '@/core/wording/decide';
import { say } from '@/core/wording/say';
import { sayDecide } from './sayDecide';
import { useChangeShop } from '@/data/hooks';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { withTerms } from '../shop/operationForm';
import type { Deciding } from './useDeciding';

/** Which bound forbids work on something that was found; the shop's own can be changed here. */
export function Bounds({ deciding }: { readonly deciding: Deciding }) {
  const { rework, shop } = deciding;
  const words = boundWords(rework, shop.unit);
  return rework.bounds.map((bound, i) => (
    <Notice
      key={bound.offer.id}
      kind="word"
      actions={bound.by === 'shop' ? <BoundField bound={bound} deciding={deciding} /> : null}
    >
      {words[i]}
    </Notice>
  ));
}

function BoundField({ bound, deciding }: { readonly bound: Bound; readonly deciding: Deciding }) {
  const { unit } = deciding.shop;
  const { operation } = bound.offer;
  const { apply } = useChangeShop();
  const needed = formatLength(bound.needed_mm, 'gap', unit);
  const { control, handleSubmit, setError } = useForm({ defaultValues: { most: needed } });
  const save = handleSubmit(async ({ most }) => {
    try {
      // Left as it is it means what is needed, to the last figure of it.
      const most_mm =
        most === needed ? bound.needed_mm : parseReading(most, 'gap', bareUnit('gap', unit)).mm;
      await apply((shop) => withTerms(shop, operation, (terms) => ({ ...terms, most_mm })));
    } catch (problem) {
      setError('most', { message: reasonOf(problem) });
    }
  });
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8, alignItems: 'center' }}>
      <Field
        control={control}
        name="most"
        label={say('shop.mostAmount', { unit })}
        spoken={sayDecide('rework.boundOf', { work: operation.order, unit })}
        style={{ width: 160 }}
      />
      <Button mode="outlined" onPress={() => void save()}>
        Change the bound
      </Button>
    </View>
  );
}
