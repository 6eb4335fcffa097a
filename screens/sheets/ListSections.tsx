import { useFormContext, useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { saidOf } from '@/core/pumps/teardown/fitted';
import { unitName } from '@/core/quantity/format';
import type { ShopUnit } from '@/core/quantity/units';
import { blankSheet, type Sheet } from '@/core/records/sheet';
import { list as listOf } from '@/core/schema/written';
import { saySheets } from './saySheets';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { Words } from '@/ui/Words';
import { ListEditor } from './ListEditor';
import { sheetLists } from './lists/lists';
import { toListForms } from './listForm';
import type { SheetForm } from './sheetForm';

interface Props {
  readonly sheet: Sheet;
  readonly unit: ShopUnit;
}

/** What is measured on this pump beyond what its family does. */
export const OwnSection = ({ sheet, unit }: Props) => (
  <ListEditor name="own" lists={sheetLists(sheet, unit)} />
);

/** How the pump is tested, and what it has to give. */
export const TestSection = ({ sheet, unit }: Props) => (
  <ListEditor name="testPoints" lists={sheetLists(sheet, unit)} />
);

/** The bolts of a pump with their torque, as the manual gives them. */
export function FastenerSection({ sheet, unit }: Props) {
  const { control } = useFormContext<SheetForm>();
  const fasteners = useWatch({ control, name: 'fasteners' });
  return (
    <>
      {fasteners.length === 0 ? <Words tone="muted">No bolts yet.</Words> : null}
      <ListEditor name="fasteners" lists={sheetLists(sheet, unit)} />
      <Notice kind="caution">
        Use the maker’s torques. Follow the manual for stretch bolts and thread lock.
      </Notice>
    </>
  );
}

/** The lists of the work before any instrument that have a usual one for a pump of their kind and build. */
const USUAL = ['strip', 'renew', 'also', 'small', 'clutches', 'book'] as const;

/** The work before any instrument: the strip, what is renewed, the small checks, what the book says of defects. */
export function BenchSection({ sheet, unit }: Props) {
  const lists = sheetLists(sheet, unit);
  const { strip, renew, also, clutches } = toListForms(
    { ...sheet, ...blankSheet(sheet, saidOf(sheet)) },
    unit,
  );
  const usual = { strip, renew, also, clutches };
  return USUAL.map((name) => (
    <ListEditor
      key={name}
      name={name}
      lists={lists}
      {...(name in usual ? { usual: usual[name as keyof typeof usual] } : {})}
    />
  ));
}

/** How the variants are told apart, what each of them shows, and which parts go together. */
export function VariantSection({ sheet, unit }: Props) {
  const { control, setValue } = useFormContext<SheetForm>();
  const [key, variants] = useWatch({ control, name: ['key', 'variants'] });
  const lists = sheetLists(sheet, unit, variants);
  /** What a variant shows at each check of the key. */
  const marks = (i: number) =>
    key.map((check) => {
      const name = `variants.${i}.marks.${check.id}` as const;
      if (check.kind === 'size') {
        const said = { check: check.ask || 'Size', unit: unitName('size', unit) };
        return (
          <Field
            key={check.id}
            control={control}
            name={name}
            label={saySheets('sheets.fromTo', said)}
          />
        );
      }
      const options = listOf().read(check.options, unit);
      return (
        <View key={check.id} style={styles.mark}>
          <Words size="note" tone="muted">
            {check.ask}
          </Words>
          <Choice
            label={saySheets('sheets.variantCheck', { number: i + 1, check: check.ask })}
            value={variants[i]?.marks[check.id] ?? ''}
            options={[
              { value: '', name: 'not chosen' },
              ...options.map((value) => ({ value, name: value })),
            ]}
            onChange={(option) => setValue(name, option, { shouldDirty: true })}
          />
        </View>
      );
    });
  return (
    <>
      <ListEditor name="key" lists={lists} />
      <ListEditor name="variants" lists={lists} more={marks} />
      {variants.length > 1 ? <ListEditor name="mixes" lists={lists} /> : null}
    </>
  );
}

const styles = StyleSheet.create({ mark: { gap: 2 } });
