import { partId, type PartId } from '@/core/pumps/ids';
import type { Assessment } from '@/core/assessment/assessment';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { ScrollView, StyleSheet, type Text } from 'react-native';
import { Button } from '@/ui/Button';
import { InputError, reasonOf } from '@/core/errors';
import { changesOf, choicesOf, hasAmount, openedBy, worksOn } from '@/core/journal/work';
import { amountUncertainty } from '@/core/instruments/gauges';
import { WORK_WORD } from '@/core/wording/reading';
import type { WorkKind } from '@/core/pumps/family';
import { dimensionsFor, pumpOf } from '@/core/pumps/registry';
import { capital } from '@/core/quantity/letters';
import { parseReading } from '@/core/quantity/parse';
import { bareUnit, type ShopUnit } from '@/core/quantity/units';
import type { WorkEntry } from '@/core/records/entries/operation';
import type { Job } from '@/core/records/job';
import { useChangeShop, useShop } from '@/data/hooks';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { FootButton } from '@/ui/FootButton';
import { FootRow } from '@/ui/FootRow';
import { Notice } from '@/ui/Notice';
import { Pick } from '@/ui/Pick';
import { Heading, Words } from '@/ui/Words';
import { MakeField, withMake } from '../job/MakeField';
import type { Measuring } from './useMeasuring';
import { sayMeasure } from './sayMeasure';
import { useNextFocus } from '@/ui/focus';
import { layout } from '@/ui/layout';

interface Props {
  readonly job: Job;
  readonly shown: Assessment;
  readonly measuring: Measuring;
  readonly onDone: () => void;
}

/** What the amount is called for each kind of work; none where another part goes in. */
const AMOUNT: Readonly<Record<WorkKind, string>> = {
  faced: 'Removed',
  sunk: 'Sunk by',
  ground: 'Removed',
  honed: 'Opened up by, on the diameter',
  dressed: 'Removed',
  shimmed: 'Thicker by',
  sleeved: '',
  exchanged: '',
};

/** The part that the characteristic in hand is about. */
function partOf(job: Job, shown: Assessment): PartId {
  const { parts, dimensions, features } = pumpOf(job.sheet);
  const rests = [...dimensionsFor(shown.characteristic), ...(shown.characteristic.rests ?? [])];
  const first = [...dimensions, ...features].find((d) => rests.includes(d.id));
  return first?.part ?? parts[0]?.id ?? partId('');
}

const named = <T extends string>(items: readonly { readonly id: T; readonly name: string }[]) =>
  items.map(({ id, name }) => ({ value: id, name }));

/** Reads the amount as it was typed; null where none was. */
function amountOf(text: string, unit: ShopUnit): number | null {
  return text.trim() === '' ? null : parseReading(text, 'gap', bareUnit('gap', unit)).mm;
}

/** Holds what was done: the part, the work and the size that are chosen, as far as they go together. */
function useWork({ job, shown, measuring, onDone }: Props) {
  const shop = useShop();
  const { apply: changeShop } = useChangeShop();
  const pump = pumpOf(job.sheet);
  const [part, setPart] = useState(() => partOf(job, shown));
  const works = worksOn(job.sheet, part);
  const [wanted, setWork] = useState<WorkKind | null>(null);
  const work = wanted && works.includes(wanted) ? wanted : (works[0] ?? 'exchanged');
  const choices = choicesOf(job.sheet, part, work);
  const [chosen, setChosen] = useState<string | null>(null);
  const size = choices.find((c) => c.id === chosen)?.id ?? choices[0]?.id ?? null;
  const { control, handleSubmit, setError } = useForm({ defaultValues: { amount: '', make: '' } });
  const byAmount = hasAmount(job.sheet, part, work);
  const operation = (amount_mm: number | null, make = ''): WorkEntry => {
    const u_mm = amountUncertainty(job, { instruments: shop.instruments, zeros: [] }, part);
    return {
      ...measuring.make(),
      kind: 'operation',
      part,
      work,
      changes: changesOf(job.sheet, { part, work }, size, amount_mm, u_mm),
      make: work === 'exchanged' ? make.trim() : '',
      remark: '',
      step: null,
      piece: null,
    };
  };
  const opened = openedBy(pump, operation(null));
  const save = handleSubmit(async ({ amount, make }) => {
    try {
      const amount_mm = byAmount ? amountOf(amount, shop.unit) : null;
      if (!(await measuring.work(operation(amount_mm, make)))) return;
      await changeShop((s) => withMake(s, operation(null, make).make)).catch(() => undefined);
      onDone();
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      setError('amount', { message: reasonOf(error) }, { shouldFocus: true });
    }
  });
  return {
    control,
    parts: { value: part, options: named(pump.parts), onChange: setPart },
    works: {
      value: work,
      options: works.map((value) => ({ value, name: capital(WORK_WORD[value]) })),
      onChange: setWork,
    },
    places: size ? { value: size, options: named(choices), onChange: setChosen } : null,
    amount: byAmount ? `${AMOUNT[work]}, ${shop.unit}` : null,
    isExchange: work === 'exchanged',
    opened,
    save: () => void save(),
  };
}

/** Something was done to a part: which, what, by how much; and what has to be measured again for it. */
export function WorkPanel(props: Props) {
  const next = useNextFocus<Text>('work');
  const { measuring, onDone } = props;
  const { control, parts, works, places, amount, isExchange, opened, save } = useWork(props);
  return (
    <ScrollView style={layout.fill} contentContainerStyle={styles.panel}>
      <Heading ref={next} size="title">
        Record work done
      </Heading>
      <Pick label="Part" {...parts} />
      <Choice stacked label="What was done" {...works} />
      {places ? <Choice stacked label="Where" {...places} /> : null}
      {isExchange ? <MakeField control={control} name="make" /> : null}
      {amount ? (
        <Field
          control={control}
          name="amount"
          label={amount}
          placeholder="Leave empty if nobody measured it"
        />
      ) : null}
      <Words>
        {opened.length === 0
          ? 'No clearance of this pump depends on it. It is shown in the report.'
          : sayMeasure('measure.measureAgain', {
              checks: opened.map((c) => c.name.toLowerCase()).join(', '),
            })}
      </Words>
      <Words size="note" tone="muted">
        Earlier readings stay as what it was before. Wash the part and let it cool before you
        measure.
      </Words>
      {measuring.error ? <Notice kind="error">{measuring.error}</Notice> : null}
      <Button mode="contained" contentStyle={layout.thumb} onPress={save}>
        Save
      </Button>
      <FootRow>
        <FootButton name="Cancel" onPress={onDone} />
      </FootRow>
    </ScrollView>
  );
}

const styles = StyleSheet.create({
  panel: { padding: 14, gap: 12 },
});
