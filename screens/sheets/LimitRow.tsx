import { useState } from 'react';
import { useFormContext, useWatch } from 'react-hook-form';
import { Pressable, StyleSheet, View } from 'react-native';
import type { Characteristic } from '@/core/pumps/family';
import { unitName } from '@/core/quantity/format';
import type { ShopUnit } from '@/core/quantity/units';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { TOUCH } from '@/ui/theme';
import { Words } from '@/ui/Words';
import type { SheetForm } from './sheetForm';

interface Props {
  readonly tier: { readonly id: string; readonly name: string };
  readonly characteristic: Characteristic;
  readonly unit: ShopUnit;
}

const SIDE_NAMES = [
  { value: 'full', name: 'Full gap' },
  { value: 'one-side', name: 'One side' },
] as const;
const GASKET_NAMES = [
  { value: 'counted', name: 'Gasket counted' },
  { value: 'not-counted', name: 'Not counted' },
] as const;

/** One limit: least and most, and behind *More* how it is meant and where it stands. */
export function LimitRow({ tier, characteristic, unit }: Props) {
  const { control, setValue } = useFormContext<SheetForm>();
  const [open, setOpen] = useState(false);
  const { id, name, convention, quantity, sides, gasket, sum } = characteristic;
  const path = `limits.${tier.id}.${id}` as const;
  const [side, gasketSaid, source] = useWatch({
    control,
    name: [`${path}.side`, `${path}.gasket`, `${path}.source`],
  });
  const meant = [
    sum ? 'empty: as for the gap itself' : convention,
    sides && side === 'one-side' ? 'limit for one side' : '',
    gasket && gasketSaid === 'not-counted' ? 'gasket not counted' : '',
    source ? `source: ${source}` : '',
  ]
    .filter(Boolean)
    .join(' · ');
  const measure = unitName(quantity, unit);
  return (
    <View style={styles.limit}>
      <View style={styles.line}>
        <Pressable
          role="button"
          aria-expanded={open}
          aria-label={`${open ? 'Less' : 'More'} on ${name}`}
          onPress={() => setOpen(!open)}
          style={styles.name}
        >
          <Words strong>{name}</Words>
          <Words size="note" tone="muted">
            {meant}
          </Words>
        </Pressable>
        <Field
          control={control}
          name={`${path}.lower`}
          label={`Least, ${measure}`}
          spoken={`${tier.name}, ${name}: least`}
          style={styles.figure}
        />
        <Field
          control={control}
          name={`${path}.upper`}
          label={`Most, ${measure}`}
          spoken={`${tier.name}, ${name}: most`}
          style={styles.figure}
        />
      </View>
      {open ? (
        <View style={styles.box}>
          {sides ? (
            <Choice
              label={`${name}: what the limit counts`}
              value={side ?? 'full'}
              options={SIDE_NAMES}
              onChange={(value) => setValue(`${path}.side`, value, { shouldDirty: true })}
            />
          ) : null}
          {gasket ? (
            <Choice
              label={`${name}: gasket`}
              value={gasketSaid ?? 'counted'}
              options={GASKET_NAMES}
              onChange={(value) => setValue(`${path}.gasket`, value, { shouldDirty: true })}
            />
          ) : null}
          <Field
            control={control}
            name={`${path}.source`}
            label="Source, where it is not the tier’s"
            spoken={`${tier.name}, ${name}: source`}
          />
        </View>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  limit: { gap: 2 },
  line: { flexDirection: 'row', gap: 8, alignItems: 'flex-start' },
  name: { flex: 1, minWidth: 0, minHeight: TOUCH, paddingTop: 6 },
  figure: { width: 104 },
  box: { gap: 8, paddingBottom: 8 },
});
