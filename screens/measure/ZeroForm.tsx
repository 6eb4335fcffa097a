import { reasonOf } from '@/core/errors';
import { recordZero } from '@/core/commands/job';
import type { Commanding } from '../job/useCommand';
import { ZERO_WORD } from '@/core/methods/dimensional';
import { yupResolver } from '@hookform/resolvers/yup';
import { useForm } from 'react-hook-form';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { zeroAt, zerosOf } from '@/core/instruments/gauges';
import { usualStandard } from '@/core/guidance/zeroFirst';
import { formatLength, formatWithUnit, unitName } from '@/core/quantity/format';
import type { Instrument } from '@/core/records/instrument';
import type { Job } from '@/core/records/job';
import { now } from '@/data/create';
import { useChangeShop, useShop } from '@/data/hooks';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { timeWords } from '@/ui/when';
import { Words } from '@/ui/Words';
import { zeroFields, zeroFrom } from './zeroFields';
import { offsetWords } from '@/core/records/entries/zero';
import { paragraph, sentence } from '@/core/wording/say';
import { sayMeasure } from './sayMeasure';
import { layout } from '@/ui/layout';

interface Props {
  readonly job: Job;
  readonly instrument: Instrument;
  readonly run: Commanding['run'];
}

/** Holds the form of a zero check, and stores it with the job and the shop. */
function useZero({ job, instrument, run }: Props) {
  const shop = useShop();
  const { apply: changeShop, error } = useChangeShop();
  const { unit } = shop;
  const zeros = zerosOf(job, shop);
  const standard_mm = usualStandard(instrument, { zeros });
  const blank = {
    standard: standard_mm === null ? '' : formatLength(standard_mm, 'size', unit),
    read: '',
  };
  const { control, handleSubmit, reset, getValues, setValue, trigger } = useForm({
    resolver: yupResolver(zeroFields(unit)),
    defaultValues: blank,
  });
  const save = async (fields: { standard: string; read: string }) => {
    const check = zeroFrom(fields, unit, {
      instrument: instrument.id,
      at: now(),
      by: shop.person || job.by,
    });
    const stored = await run(recordZero(check));
    if (!stored) return;
    // The shop keeps the newest of each instrument, so that the next job knows of it.
    await changeShop((s) => ({
      ...s,
      zeros: [...s.zeros.filter((z) => z.instrument !== instrument.id), check],
    })).catch(() => undefined);
    reset(blank);
  };
  /** It shows what its standard is: one touch, and the standard's size where nothing told that. */
  const isGood = async () => {
    const { standard } = getValues();
    setValue('read', standard);
    if (await trigger('standard')) await save({ standard, read: standard });
  };
  return {
    zero: zeroAt(instrument, zeros, now()),
    unit,
    control,
    error,
    isGood,
    save: handleSubmit(save),
  };
}

/** The zero check: what the instrument shows on its standard; the difference comes off every reading since. */
export function ZeroForm(props: Props) {
  const { instrument } = props;
  const { zero, unit, control, error, isGood, save } = useZero(props);
  const said = zero.check
    ? sayMeasure('measure.zeroed', {
        when: timeWords(zero.check.at),
        offset: offsetWords(zero.offset_mm, unit),
      })
    : 'No zero check on file.';
  const word = ZERO_WORD[zero.state];
  return (
    <View style={layout.stack}>
      <Words>{paragraph(said, word && sentence(word))}</Words>
      <View style={layout.row}>
        <Field
          control={control}
          name="standard"
          label={sayMeasure('measure.settingStandard', { unit: unitName('size', unit) })}
          inputMode="decimal"
          style={layout.grow}
        />
        <Field
          control={control}
          name="read"
          label={sayMeasure('measure.reads', { unit: unitName('size', unit) })}
          inputMode="decimal"
          style={layout.grow}
        />
      </View>
      <View style={layout.row}>
        <Button mode="contained" style={layout.grow} onPress={() => void isGood()}>
          Zero is good
        </Button>
        <Button mode="contained-tonal" style={layout.grow} onPress={() => void save()}>
          Save this zero
        </Button>
      </View>
      {error ? <Notice kind="error">{reasonOf(error)}</Notice> : null}
      <Words size="note" tone="muted">
        {sayMeasure('measure.wipeFirst', {
          instrument: instrument.name,
          from: formatLength(instrument.from_mm, 'size', unit),
          to: formatWithUnit(instrument.to_mm, 'size', unit),
          u: formatWithUnit(instrument.u_mm, 'gap', unit),
        })}
      </Words>
    </View>
  );
}
