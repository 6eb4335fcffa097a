import { useForm } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { noteOrder, undoOrder } from '@/core/commands/ordering';
import type { OrderLine } from '@/core/inspect/order';
import { ledgerOf } from '@/core/journal/ledger';
import type { Job } from '@/core/records/job';
import type { OrderState } from '@/core/records/entries/order';
import { dayOf } from '@/core/schema/dates';
import { dayText } from '@/core/schema/moments';
import { counting } from '@/core/schema/voiding';
import { orderWords } from '@/core/wording/order';
import { say } from '@/core/wording/say';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { Words } from '@/ui/Words';
import { useCommand } from './useCommand';
import { ChoiceField } from '@/ui/ChoiceField';

interface Props {
  readonly job: Job;
  readonly line: OrderLine;
  readonly onDone: () => void;
}

const STATES = [
  { value: 'ordered', name: 'Ordered' },
  { value: 'came', name: 'Came' },
] as const;

/** Whether a part was ordered or came: when, from whom, under which number. */
export function OrderForm({ job, line, onDone }: Props) {
  const { run, error } = useCommand(job);
  const { order, why } = line;
  // Whoever orders one part of a pump mostly orders the others there too.
  const supplier = order?.supplier ?? counting(ledgerOf(job).orders).at(-1)?.supplier ?? '';
  const { control, handleSubmit, setError } = useForm({
    defaultValues: {
      state: (order ? 'came' : 'ordered') as OrderState,
      date: dayText(new Date()),
      supplier,
      partNumber: order?.partNumber ?? '',
    },
  });
  const save = handleSubmit(async (form) => {
    const date = dayOf(form.date, new Date());
    if (!date) {
      const message = say('quantity.noDay');
      setError('date', { message }, { shouldFocus: true });
      return;
    }
    const said = { supplier: form.supplier.trim(), partNumber: form.partNumber.trim() };
    if (await run(noteOrder({ line: line.id, state: form.state, date, ...said }))) onDone();
  });
  const undo = async () => {
    if (await run(undoOrder(line.id))) onDone();
  };
  return (
    <View style={styles.form}>
      {orderWords(line) ? <Words tone="muted">{why}</Words> : null}
      {error ? <Notice kind="error">{error}</Notice> : null}
      <ChoiceField control={control} name="state" label="How far the order is" options={STATES} />
      <View style={styles.row}>
        <Field control={control} name="date" label="Date" style={styles.cell} />
        <Field control={control} name="supplier" label="Supplier" style={styles.cell} />
        <Field control={control} name="partNumber" label="Part number" style={styles.cell} />
      </View>
      <View style={styles.row}>
        <Button
          mode="contained"
          contentStyle={styles.large}
          accessibilityLabel={say('order.save', { name: line.name })}
          onPress={() => void save()}
        >
          Save
        </Button>
        {order ? (
          <Button
            contentStyle={styles.large}
            accessibilityLabel={say('order.undo', { order: orderWords(line) })}
            onPress={() => void undo()}
          >
            Undo
          </Button>
        ) : null}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  form: { gap: 8, paddingVertical: 8, paddingLeft: 12 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8, alignItems: 'flex-start' },
  cell: { flexGrow: 1, flexBasis: 150, minWidth: 0 },
  large: { minHeight: 48 },
});
