import { StyleSheet, View } from 'react-native';
import { tried } from '@/core/errors';
import { FLOORS, type FloorKind, type Floors } from '@/core/pumps/floors';
import { formatLength } from '@/core/quantity/format';
import { parseReading } from '@/core/quantity/parse';
import { bareUnit, type ShopUnit } from '@/core/quantity/units';
import { say } from '@/core/wording/say';
import { useChangeShop, useShop } from '@/data/hooks';
import { Heading, Words } from '@/ui/Words';
import { pointAt } from '../shell/pointAt';
import { useHeldUnit } from '../shell/useHeldUnit';
import { useKeptForm } from '../shell/useKeptForm';
import type { Errors } from '../shell/formRecord';
import { FieldsForm } from './FieldsForm';

type Form = Record<FloorKind, string>;

const toForm = (floors: Floors, unit: ShopUnit): Form =>
  Object.fromEntries(FLOORS.map(({ id }) => [id, formatLength(floors[id], 'gap', unit)])) as Form;

/** The most that a least clearance may be, in mm. */
const MOST_mm = 0.5;

/** Reads the figures of the form; those that nobody touched stay exact. */
function fromForm(form: Form, before: Floors, unit: ShopUnit): Floors | Errors {
  const shown = toForm(before, unit);
  const errors: Errors = {};
  const entries = FLOORS.map(({ id }) => {
    if (form[id] === shown[id]) return [id, before[id]] as const;
    const read = tried(() => parseReading(form[id], 'gap', bareUnit('gap', unit)).mm);
    if (!read.ok) errors[id] = read.message;
    else if (read.value > MOST_mm) errors[id] = 'No running clearance has to be so wide.';
    return [id, read.ok ? read.value : before[id]] as const;
  });
  return Object.keys(errors).length > 0 ? errors : (Object.fromEntries(entries) as Floors);
}

const isFloors = (read: Floors | Errors): read is Floors =>
  Object.values(read).every((value) => typeof value === 'number');

/** The least that a running clearance becomes by work where no minimum is published: the app's figures, the shop's to change. */
export function FloorsForm() {
  const shop = useShop();
  const { apply } = useChangeShop();
  const { held: unit, follow, take } = useHeldUnit(shop.unit);
  const kept = useKeptForm<Form>({
    key: 'floors',
    stored: toForm(shop.floors, unit),
    unit,
    onUnit: take,
  });
  const { handleSubmit, clearErrors, formState } = kept.form;
  follow(formState.isDirty);
  const save = handleSubmit(async (form) => {
    clearErrors();
    const read = fromForm(form, shop.floors, unit);
    if (!isFloors(read)) return pointAt(kept.form, read);
    await kept.save(async (check) => {
      await apply((stored) => {
        check(toForm(stored.floors, unit));
        return { ...stored, floors: read };
      });
      return true;
    });
  });
  return (
    <View style={styles.box}>
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
          label: say('shop.floorOf', { what: name, unit }),
        }))}
        least={250}
        onSave={save}
      />
    </View>
  );
}

const styles = StyleSheet.create({ box: { gap: 8 } });
