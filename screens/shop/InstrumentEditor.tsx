import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/Button';
import { unitName } from '@/core/quantity/format';
import type { ShopUnit } from '@/core/quantity/units';
import type { Instrument } from '@/core/records/instrument';
import { Confirm } from '@/ui/Confirm';
import { Field } from '@/ui/Field';
import { Words } from '@/ui/Words';
import { KeptNotices } from '../shell/KeptNotices';
import { useRecordForm } from '../shell/recordForm';
import { INSTRUMENT, KINDS } from './instrumentForm';
import { sayShop } from './sayShop';
import { ChoiceField } from '@/ui/ChoiceField';
import { layout } from '@/ui/layout';

interface Props {
  /** Under which what is typed and not saved is kept. */
  readonly draft: string;
  readonly instrument: Instrument;
  readonly unit: ShopUnit;
  /** Changes the instrument as it is in storage; resolves to whether it was. */
  readonly onKeep: (change: (stored: Instrument) => Instrument) => Promise<boolean>;
  readonly onRemove?: () => void;
}

/** One instrument: what kind, what it reaches, how finely it reads, and how sure one reading is. */
export function InstrumentEditor({ draft, instrument, unit: shopUnit, onKeep, onRemove }: Props) {
  const { kept, unit, save } = useRecordForm({
    key: draft,
    record: instrument,
    unit: shopUnit,
    form: INSTRUMENT,
    onKeep,
  });
  const { control } = kept.form;
  const size = unitName('size', unit);
  const gap = unitName('gap', unit);
  const rows = [
    [
      { name: 'from', label: sayShop('shop.from', { unit: size }) },
      { name: 'to', label: sayShop('shop.to', { unit: size }) },
    ],
    [
      { name: 'resolution', label: sayShop('shop.resolution', { unit: gap }) },
      {
        name: 'u',
        label: sayShop('shop.uncertainty', { unit: gap }),
        spoken: 'Standard uncertainty of one reading',
      },
      {
        name: 'own',
        label: sayShop('shop.ownPart', { unit: gap }),
        spoken: 'The instrument’s own part of that uncertainty',
      },
    ],
    [
      {
        name: 'zeroDays',
        label: 'Zero check every, days',
        spoken: 'Days that a zero check is good for',
        inputMode: 'numeric',
      },
    ],
  ] as const;
  return (
    <View style={styles.box}>
      <KeptNotices kept={kept} />
      <Field control={control} name="name" label="Name" />
      <ChoiceField control={control} name="kind" label="Kind" stacked options={KINDS} />
      {rows.map((row, i) => (
        <View key={i} style={layout.row}>
          {row.map((field) => (
            <Field key={field.name} control={control} style={layout.grow} {...field} />
          ))}
        </View>
      ))}
      <Words size="note" tone="muted">
        u: standard uncertainty of one reading. Take it from a study, or use half the certificate’s
        figure. The instrument’s own part stays however often you measure: calibration, scale, worn
        faces. Zero check: 1 = every day, 0 = not needed.
      </Words>
      <Button mode="contained" onPress={save}>
        Save
      </Button>
      {onRemove ? (
        <Confirm
          ask="Remove instrument"
          warn="Readings made with it keep its name and uncertainty."
          sure="Remove"
          onSure={onRemove}
        />
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  box: { gap: 8, paddingVertical: 10 },
});
