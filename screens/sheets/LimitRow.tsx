import { useState } from 'react';
import { useFormContext, useWatch } from 'react-hook-form';
import { Pressable, StyleSheet, View } from 'react-native';
import type { Characteristic } from '@/core/pumps/family';
import { unitName } from '@/core/quantity/format';
import type { SheetLimit } from '@/core/records/sheet';
import type { ShopUnit } from '@/core/quantity/units';
import { Field } from '@/ui/Field';
import { TOUCH, usePalette } from '@/ui/theme';
import { useRoom } from '@/ui/useWidth';
import { Words } from '@/ui/Words';
import { FIGURE } from './FigureTable';
import type { SheetForm } from './sheetForm';
import { say } from '@/core/wording/say';
import { saySheets } from './saySheets';
import type { LimitFields } from './limitForm';
import { ChoiceField } from '@/ui/ChoiceField';
import { layout } from '@/ui/layout';

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

/** Says in one line how a limit is meant, as far as it is not the usual. */
function meantBy(
  { id, first, convention, quantity, sides, gasket, sum }: Characteristic,
  said: Partial<LimitFields>,
  unit: ShopUnit,
): string {
  const measure = unitName(quantity, unit);
  const { preferredLower, preferredUpper, source } = said;
  const usual = sum ? 'empty: same limit as without the cover' : convention;
  return [
    // The heads name the unit of the gaps.
    measure === unitName('gap', unit) ? '' : saySheets('sheets.inUnit', { unit: measure }),
    first !== id ? 'empty: same as section 1' : usual,
    sides && said.side === 'one-side' ? 'limit per side' : '',
    gasket ? GASKET_MEANT[said.gasket ?? 'bare'] : '',
    preferredLower || preferredUpper
      ? saySheets('sheets.preferredBand', {
          lower: preferredLower || '0',
          upper: preferredUpper || '',
        })
      : '',
    source ? saySheets('sheets.sourceOf', { source }) : '',
  ]
    .filter(Boolean)
    .join(' · ');
}

/** One limit: least and most, and behind *More* how it is meant and where it stands. */
export function LimitRow({ tier, characteristic, unit }: Props) {
  const palette = usePalette();
  const { tiny } = useRoom();
  const { control, getFieldState, formState } = useFormContext<SheetForm>();
  const [opened, setOpen] = useState(false);
  const { id, name, quantity } = characteristic;
  const path = `limits.${tier.id}.${id}` as const;
  const said: Partial<LimitFields> | undefined = useWatch({ control, name: path });
  const [lowWrong, highWrong] = (['preferredLower', 'preferredUpper'] as const).map(
    (end) => getFieldState(`${path}.${end}`, formState).invalid,
  );
  // What is wrong must not hide behind *More*.
  const open = opened || lowWrong || highWrong;
  const measure = unitName(quantity, unit);
  const about = { unit: measure, tier: tier.name, check: name };
  return (
    <View style={[styles.limit, { borderColor: palette.line }]}>
      <View style={[layout.line, tiny && styles.wrapped]}>
        <Pressable
          role="button"
          aria-expanded={open}
          aria-label={saySheets(open ? 'sheets.lessOn' : 'sheets.moreOn', about)}
          onPress={() => setOpen(!open)}
          style={[styles.name, tiny && styles.whole]}
        >
          <Words strong>{name}</Words>
          <Words size="note" tone="muted" numberOfLines={open ? undefined : 1}>
            {meantBy(characteristic, said ?? {}, unit)}
          </Words>
        </Pressable>
        <Field
          control={control}
          name={`${path}.lower`}
          flat="figure"
          label={say('sheets.min', about)}
          spoken={saySheets('sheets.minOf', about)}
          style={styles.figure}
        />
        <Field
          control={control}
          name={`${path}.upper`}
          flat="figure"
          label={say('sheets.max', about)}
          spoken={saySheets('sheets.maxOf', about)}
          style={styles.figure}
        />
      </View>
      {open ? <LimitMore tier={tier} characteristic={characteristic} unit={unit} /> : null}
    </View>
  );
}

/** How a limit is meant, the band that is preferred, and where it stands. */
function LimitMore({ tier, characteristic, unit }: Props) {
  const { control } = useFormContext<SheetForm>();
  const { id, name, quantity, sides, gasket } = characteristic;
  const path = `limits.${tier.id}.${id}` as const;
  const about = { unit: unitName(quantity, unit), tier: tier.name, check: name };
  return (
    <View style={styles.box}>
      {sides ? (
        <ChoiceField
          control={control}
          name={`${path}.side`}
          label={saySheets('sheets.countsOf', about)}
          options={SIDE_NAMES}
        />
      ) : null}
      {gasket ? (
        <ChoiceField
          control={control}
          name={`${path}.gasket`}
          label={saySheets('sheets.gasketOf', about)}
          stacked
          options={GASKET_NAMES}
        />
      ) : null}
      <View style={layout.line}>
        <Field
          control={control}
          name={`${path}.preferredLower`}
          label={saySheets('sheets.preferredMin', about)}
          spoken={saySheets('sheets.preferredMinOf', about)}
          style={layout.grow}
        />
        <Field
          control={control}
          name={`${path}.preferredUpper`}
          label={saySheets('sheets.preferredMax', about)}
          spoken={saySheets('sheets.preferredMaxOf', about)}
          style={layout.grow}
        />
      </View>
      <Field
        control={control}
        name={`${path}.source`}
        label="Source, if different from above"
        spoken={saySheets('sheets.limitSource', about)}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  limit: { gap: 2, borderTopWidth: 1 },
  name: { flex: 1, minWidth: 60, minHeight: TOUCH, justifyContent: 'center' },
  wrapped: { flexWrap: 'wrap' },
  whole: { flexBasis: '100%' },
  figure: { width: FIGURE, maxWidth: '45%' },
  box: { gap: 8, paddingBottom: 8 },
});
