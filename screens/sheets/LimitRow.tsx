import { useState } from 'react';
import { useFormContext, useWatch } from 'react-hook-form';
import { Pressable, StyleSheet, View } from 'react-native';
import type { Characteristic } from '@/core/pumps/family';
import { unitName } from '@/core/quantity/format';
import type { SheetLimit } from '@/core/records/sheet';
import type { ShopUnit } from '@/core/quantity/units';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { TOUCH, usePalette } from '@/ui/theme';
import { useRoom } from '@/ui/useWidth';
import { Words } from '@/ui/Words';
import { FIGURE } from './FigureTable';
import type { SheetForm } from './sheetForm';
import { say } from '@/core/wording/say';

interface Props {
  readonly tier: { readonly id: string; readonly name: string };
  readonly characteristic: Characteristic;
  readonly unit: ShopUnit;
}

const SIDE_NAMES = [
  { value: 'full', name: 'Full gap' },
  { value: 'one-side', name: 'Per side' },
] as const;
const GASKET_NAMES = [
  { value: 'bare', name: 'Measured bare, and the limit is for bare' },
  {
    value: 'assembled',
    name: 'Measured bare, and the limit is for the pump assembled with its gasket',
  },
  { value: 'with-gasket', name: 'Measured with the gasket in' },
] as const;

/** The same in a few words, where it is not the usual one. */
const GASKET_MEANT: Readonly<Record<SheetLimit['gasket'], string>> = {
  bare: '',
  assembled: 'gasket is added',
  'with-gasket': 'measured with the gasket in',
};

/** One limit: least and most, and behind *More* how it is meant and where it stands. */
export function LimitRow({ tier, characteristic, unit }: Props) {
  const palette = usePalette();
  const { tiny } = useRoom();
  const { control, setValue, getFieldState, formState } = useFormContext<SheetForm>();
  const [opened, setOpen] = useState(false);
  const { id, name, convention, quantity, sides, gasket, sum } = characteristic;
  const further = characteristic.first !== id;
  const path = `limits.${tier.id}.${id}` as const;
  const [side, gasketSaid, source, preferredLower, preferredUpper] = useWatch({
    control,
    name: [
      `${path}.side`,
      `${path}.gasket`,
      `${path}.source`,
      `${path}.preferredLower`,
      `${path}.preferredUpper`,
    ],
  });
  const [lowWrong, highWrong] = (['preferredLower', 'preferredUpper'] as const).map(
    (end) => getFieldState(`${path}.${end}`, formState).invalid,
  );
  // What is wrong must not hide behind *More*.
  const open = opened || lowWrong || highWrong;
  const measure = unitName(quantity, unit);
  const meant = [
    // The heads name the unit of the gaps.
    measure === unitName('gap', unit) ? '' : say('sheets.inUnit', { unit: measure }),
    further
      ? 'empty: same as section 1'
      : sum
        ? 'empty: same limit as without the cover'
        : convention,
    sides && side === 'one-side' ? 'limit per side' : '',
    gasket ? GASKET_MEANT[gasketSaid ?? 'bare'] : '',
    preferredLower || preferredUpper
      ? say('sheets.preferredBand', { lower: preferredLower || '0', upper: preferredUpper || '' })
      : '',
    source ? say('sheets.sourceOf', { source }) : '',
  ]
    .filter(Boolean)
    .join(' · ');
  return (
    <View style={[styles.limit, { borderColor: palette.line }]}>
      <View style={[styles.line, tiny && styles.wrapped]}>
        <Pressable
          role="button"
          aria-expanded={open}
          aria-label={say(open ? 'sheets.lessOn' : 'sheets.moreOn', { check: name })}
          onPress={() => setOpen(!open)}
          style={[styles.name, tiny && styles.whole]}
        >
          <Words strong>{name}</Words>
          <Words size="note" tone="muted" numberOfLines={open ? undefined : 1}>
            {meant}
          </Words>
        </Pressable>
        <Field
          control={control}
          name={`${path}.lower`}
          flat="figure"
          label={say('sheets.min', { unit: measure })}
          spoken={say('sheets.minOf', { tier: tier.name, check: name })}
          style={styles.figure}
        />
        <Field
          control={control}
          name={`${path}.upper`}
          flat="figure"
          label={say('sheets.max', { unit: measure })}
          spoken={say('sheets.maxOf', { tier: tier.name, check: name })}
          style={styles.figure}
        />
      </View>
      {open ? (
        <View style={styles.box}>
          {sides ? (
            <Choice
              label={say('sheets.countsOf', { check: name })}
              value={side ?? 'full'}
              options={SIDE_NAMES}
              onChange={(value) => setValue(`${path}.side`, value, { shouldDirty: true })}
            />
          ) : null}
          {gasket ? (
            <Choice
              label={say('sheets.gasketOf', { check: name })}
              stacked
              value={gasketSaid ?? 'bare'}
              options={GASKET_NAMES}
              onChange={(value) => setValue(`${path}.gasket`, value, { shouldDirty: true })}
            />
          ) : null}
          <View style={styles.line}>
            <Field
              control={control}
              name={`${path}.preferredLower`}
              label={say('sheets.preferredMin', { unit: measure })}
              spoken={say('sheets.preferredMinOf', { tier: tier.name, check: name })}
              style={styles.half}
            />
            <Field
              control={control}
              name={`${path}.preferredUpper`}
              label={say('sheets.preferredMax', { unit: measure })}
              spoken={say('sheets.preferredMaxOf', { tier: tier.name, check: name })}
              style={styles.half}
            />
          </View>
          <Field
            control={control}
            name={`${path}.source`}
            label="Source, if different from above"
            spoken={say('sheets.limitSource', { tier: tier.name, check: name })}
          />
        </View>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  limit: { gap: 2, borderTopWidth: 1 },
  line: { flexDirection: 'row', gap: 8, alignItems: 'center' },
  name: { flex: 1, minWidth: 60, minHeight: TOUCH, justifyContent: 'center' },
  wrapped: { flexWrap: 'wrap' },
  whole: { flexBasis: '100%' },
  figure: { width: FIGURE, maxWidth: '45%' },
  half: { flex: 1, minWidth: 0 },
  box: { gap: 8, paddingBottom: 8 },
});
