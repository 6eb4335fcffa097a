import { useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import type { ShopUnit } from '@/core/quantity/units';
import type { ShopOperation } from '@/core/records/rework';
import type { Operation } from '@/core/rework/operations/operation';
import { say } from '@/core/wording/say';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { Words } from '@/ui/Words';
import { KeptNotices } from '../shell/KeptNotices';
import { pointAt } from '../shell/pointAt';
import { useHeldUnit } from '../shell/useHeldUnit';
import { useKeptForm } from '../shell/useKeptForm';
import {
  DONE_BY_OPTIONS,
  operationFromForm,
  operationToForm,
  type OperationForm,
} from './operationForm';

interface Props {
  readonly operation: Operation;
  readonly terms: ShopOperation;
  readonly unit: ShopUnit;
  /** Changes the terms as they are in storage; resolves to whether they were. */
  readonly onKeep: (change: (stored: ShopOperation) => ShopOperation) => Promise<boolean>;
  /** Goes back to what the app begins with; undefined where that holds. */
  readonly onReset: (() => void) | undefined;
}

/** The terms of one operation of operation: who does it, how long it takes, what it costs, how far it goes. */
export function OperationEditor({ operation, terms, unit: shopUnit, onKeep, onReset }: Props) {
  const { held: unit, follow, take } = useHeldUnit(shopUnit);
  const kept = useKeptForm<OperationForm>({
    key: `operation/${operation.id}`,
    stored: operationToForm(terms, unit),
    unit,
    onUnit: take,
  });
  const { control, handleSubmit, setValue, clearErrors, formState } = kept.form;
  follow(formState.isDirty);
  const by = useWatch({ control, name: 'by' });
  const save = handleSubmit(async (form) => {
    clearErrors();
    const read = operationFromForm(form, terms, unit);
    if (!read.ok) return pointAt(kept.form, read.errors);
    await kept.save((check) =>
      onKeep((stored) => {
        check(operationToForm(stored, unit));
        return read.record;
      }),
    );
  });
  const amounts = terms.most_mm !== null;
  return (
    <View style={styles.box}>
      <KeptNotices kept={kept} />
      <Choice
        label="Who does it"
        value={by}
        options={DONE_BY_OPTIONS}
        onChange={(next) => setValue('by', next, { shouldDirty: true })}
      />
      <View style={styles.row}>
        <Field control={control} name="minutes" label="Minutes here" style={styles.cell} />
        <Field control={control} name="setup" label="Of these, set-up" style={styles.cell} />
        <Field control={control} name="price" label="Price" style={styles.cell} />
        <Field control={control} name="days" label="Days of waiting" style={styles.cell} />
      </View>
      {amounts ? (
        <View style={styles.row}>
          <Field
            control={control}
            name="least"
            label={say('shop.leastAmount', { unit })}
            style={styles.cell}
          />
          <Field
            control={control}
            name="most"
            label={say('shop.mostAmount', { unit })}
            style={styles.cell}
          />
        </View>
      ) : null}
      <Field
        control={control}
        name="tool"
        label="Abrasive or tool"
        {...(operation.tool ? { placeholder: operation.tool } : {})}
      />
      <Field
        control={control}
        name="check"
        label="Check on the way"
        {...(operation.check ? { placeholder: operation.check } : {})}
      />
      <Field
        control={control}
        name="caution"
        label="Caution"
        {...(operation.caution ? { placeholder: operation.caution } : {})}
      />
      <Words size="note" tone="muted">
        Empty: the app’s own text is used. What it changes and what is measured again follows from
        the pump. Equal works on one pump share their set-up.
      </Words>
      <Button mode="contained" onPress={() => void save()}>
        Save
      </Button>
      {onReset ? (
        <Button mode="text" icon="restore" onPress={onReset}>
          Back to what the app begins with
        </Button>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  box: { gap: 8, paddingVertical: 10 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  cell: { flexGrow: 1, flexBasis: 100, minWidth: 0 },
});
