import { View } from 'react-native';
import { FLOORS, type FloorKind } from '@/core/pumps/floors';
import { floors, type Floors } from '@/core/records/floors';
import { length } from '@/core/schema/written';
import { sayShop } from './sayShop';
import { useChangeShop, useShop } from '@/data/hooks';
import { Heading, Words } from '@/ui/Words';
import { recordForm, useRecordForm } from '../shell/recordForm';
import { FieldsForm } from './FieldsForm';
import { layout } from '@/ui/layout';

type Form = Record<FloorKind, string>;

const FORM = recordForm<Floors, Form>({
  schema: floors,
  fields: () => FLOORS.map(({ id }) => ({ name: id, as: length('gap') })),
});

/** The least that a running clearance becomes by work where no minimum is published: the app's figures, the shop's to change. */
export function FloorsForm() {
  const shop = useShop();
  const { apply } = useChangeShop();
  const { kept, unit, save } = useRecordForm({
    key: 'floors',
    record: shop.floors,
    unit: shop.unit,
    form: FORM,
    onKeep: async (change) => {
      await apply((stored) => ({ ...stored, floors: change(stored.floors) }));
      return true;
    },
  });
  return (
    <View style={layout.stack}>
      <Heading>Least running clearance</Heading>
      <Words size="note" tone="muted">
        Where a manual gives no minimum, no plan leaves less than this: below it the oil film is
        gone and heat locks the pump. The figures are the app’s; change them to your own. Jobs keep
        those that they began with.
      </Words>
      <FieldsForm
        kept={kept}
        fields={FLOORS.map(({ id, name }) => ({
          name: id,
          label: sayShop('shop.floorOf', { what: name, unit }),
        }))}
        least={250}
        onSave={save}
      />
    </View>
  );
}
