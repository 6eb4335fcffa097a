import { StyleSheet, View } from 'react-native';
import type { ShopUnit } from '@/core/quantity/units';
import type { ShopOperation } from '@/core/records/rework';
import type { Operation } from '@/core/rework/operations/operation';
import { say } from '@/core/wording/say';
import { sayShop } from './sayShop';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Words } from '@/ui/Words';
import { KeptNotices } from '../shell/KeptNotices';
import { useRecordForm } from '../shell/recordForm';
import { DONE_BY_OPTIONS, OPERATION } from './operationForm';
import { ChoiceField } from '@/ui/ChoiceField';
import { layout } from '@/ui/layout';

interface Props {
  readonly operation: Operation;
  readonly terms: ShopOperation;
  readonly unit: ShopUnit;
  /** Changes the terms as they are in storage; resolves to whether they were. */
  readonly onKeep: (change: (stored: ShopOperation) => ShopOperation) => Promise<boolean>;
  /** Goes back to what the app begins with; undefined where that holds. */
  readonly onReset: (() => void) | undefined;
}

const FIGURES = [
  { name: 'minutes', label: 'Minutes here' },
  { name: 'setup', label: 'Of these, set-up' },
  { name: 'price', label: 'Price' },
  { name: 'days', label: 'Days of waiting' },
] as const;

const TEXTS = [
  { name: 'tool', label: 'Abrasive or tool' },
  { name: 'check', label: 'Check on the way' },
  { name: 'caution', label: 'Caution' },
] as const;

/** The terms of one operation: who does it, how long it takes, what it costs, how far it goes. */
export function OperationEditor({ operation, terms, unit: shopUnit, onKeep, onReset }: Props) {
  const { kept, unit, save } = useRecordForm({
    key: `operation/${operation.id}`,
    record: terms,
    unit: shopUnit,
    form: OPERATION,
    onKeep,
  });
  const { control } = kept.form;
  const amounts = terms.most_mm !== null;
  return (
    <View style={styles.box}>
      <KeptNotices kept={kept} />
      <ChoiceField control={control} name="by" label="Who does it" options={DONE_BY_OPTIONS} />
      <View style={layout.wrap}>
        {FIGURES.map((field) => (
          <Field key={field.name} control={control} style={styles.cell} {...field} />
        ))}
      </View>
      {amounts ? (
        <View style={layout.wrap}>
          <Field
            control={control}
            name="least"
            label={sayShop('shop.leastAmount', { unit })}
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
      {TEXTS.map(({ name, label }) => (
        <Field
          key={name}
          control={control}
          name={name}
          label={label}
          {...(operation[name] ? { placeholder: operation[name] } : {})}
        />
      ))}
      <Words size="note" tone="muted">
        Empty: the app’s own text is used. What it changes and what is measured again follows from
        the pump. Equal works on one pump share their set-up.
      </Words>
      <Button mode="contained" onPress={save}>
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
  cell: { flexGrow: 1, flexBasis: 100, minWidth: 0 },
});
