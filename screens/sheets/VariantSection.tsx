import { kindId } from '@/core/pumps/ids';
import { useFormContext, useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { pumpOf } from '@/core/pumps/registry';
import { unitName } from '@/core/quantity/format';
import type { ShopUnit } from '@/core/quantity/units';
import type { Sheet } from '@/core/records/sheet';
import { newId } from '@/data/create';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { Pick } from '@/ui/Pick';
import { Words } from '@/ui/Words';
import { ListEditor } from './ListEditor';
import type { SheetForm } from './sheetForm';
import { say } from '@/core/wording/say';

const KINDS = [
  { value: 'feature', name: 'A feature' },
  { value: 'size', name: 'A size' },
] as const;

const FITS = [
  { value: 'yes', name: 'Fits' },
  { value: 'no', name: 'Does not fit' },
] as const;

/** How the variants are told apart, what each of them shows, and which parts go together. */
export function VariantSection({
  sheet,
  unit,
}: {
  readonly sheet: Sheet;
  readonly unit: ShopUnit;
}) {
  const { control, setValue } = useFormContext<SheetForm>();
  const [key, variants, mixes] = useWatch({ control, name: ['key', 'variants', 'mixes'] });
  const { kinds } = pumpOf(sheet);
  const parts = kinds.map((p) => ({ value: p.id, name: p.name }));
  const cover = kinds.find(({ replacedAs }) => replacedAs === 'cover') ?? kinds.at(-1);
  const names = variants.map((v) => ({ value: v.id, name: v.name || 'unnamed' }));
  const dirty = { shouldDirty: true };
  return (
    <>
      <ListEditor
        name="key"
        title="Checks that separate the variants"
        about="Year and serial number are asked anyway. The app picks the check that rules out most."
        blank={() => ({ id: newId(), kind: 'feature', ask: '', options: '', u: '' })}
      >
        {(i) => (
          <>
            <Field control={control} name={`key.${i}.ask`} label="What is looked at or measured" />
            <Choice
              label={say('sheets.kindOfCheck', { number: i + 1 })}
              value={key[i]?.kind ?? 'feature'}
              options={KINDS}
              onChange={(kind) => setValue(`key.${i}.kind`, kind, dirty)}
            />
            {key[i]?.kind === 'size' ? (
              <Field
                control={control}
                name={`key.${i}.u`}
                label={say('sheets.usualU', { unit: unitName('gap', unit) })}
                inputMode="decimal"
              />
            ) : (
              <Field
                control={control}
                name={`key.${i}.options`}
                label="Answers, separated by ;"
                placeholder="two lugs; four flats"
              />
            )}
          </>
        )}
      </ListEditor>
      <ListEditor
        name="variants"
        title="Variants"
        about="Leave unknown fields empty. An empty field rules nothing out."
        blank={() => ({ id: newId(), name: '', years: '', serials: '', note: '', marks: {} })}
      >
        {(i) => (
          <>
            <Field control={control} name={`variants.${i}.name`} label="Variant" />
            <View style={styles.grid}>
              <Field
                control={control}
                name={`variants.${i}.years`}
                label="Years"
                placeholder="2009–2014"
                style={styles.cell}
              />
              <Field
                control={control}
                name={`variants.${i}.serials`}
                label="Serial numbers"
                placeholder="42000–"
                style={styles.cell}
              />
            </View>
            {key.map((check) =>
              check.kind === 'size' ? (
                <Field
                  key={check.id}
                  control={control}
                  name={`variants.${i}.marks.${check.id}`}
                  label={say('sheets.fromTo', {
                    check: check.ask || 'Size',
                    unit: unitName('size', unit),
                  })}
                />
              ) : (
                <View key={check.id} style={styles.mark}>
                  <Words size="note" tone="muted">
                    {check.ask}
                  </Words>
                  <Choice
                    label={say('sheets.variantCheck', { number: i + 1, check: check.ask })}
                    value={variants[i]?.marks[check.id] ?? ''}
                    options={[
                      { value: '', name: 'not chosen' },
                      ...check.options
                        .split(';')
                        .map((o) => o.trim())
                        .filter(Boolean)
                        .map((o) => ({ value: o, name: o })),
                    ]}
                    onChange={(option) =>
                      setValue(`variants.${i}.marks.${check.id}`, option, dirty)
                    }
                  />
                </View>
              ),
            )}
          </>
        )}
      </ListEditor>
      {variants.length > 1 ? (
        <ListEditor
          name="mixes"
          title="Parts of two variants together"
          about="A part from one variant with a part from another. Enter the reverse as its own pairing."
          blank={() => ({
            part: cover?.id ?? kindId(''),
            of: names[0]?.value ?? '',
            against: parts[0]?.value ?? kindId(''),
            in: names[1]?.value ?? '',
            fits: 'yes',
            note: '',
          })}
        >
          {(i) => (
            <>
              <Pick
                label="Part"
                value={mixes[i]?.part ?? kindId('')}
                options={parts}
                onChange={(id) => setValue(`mixes.${i}.part`, id, dirty)}
              />
              <Pick
                label="of variant"
                value={mixes[i]?.of ?? ''}
                options={names}
                onChange={(id) => setValue(`mixes.${i}.of`, id, dirty)}
              />
              <Pick
                label="against part"
                value={mixes[i]?.against ?? kindId('')}
                options={parts}
                onChange={(id) => setValue(`mixes.${i}.against`, id, dirty)}
              />
              <Pick
                label="of variant (the other)"
                value={mixes[i]?.in ?? ''}
                options={names}
                onChange={(id) => setValue(`mixes.${i}.in`, id, dirty)}
              />
              <Choice
                label={say('sheets.pairing', { number: i + 1 })}
                value={mixes[i]?.fits ?? 'yes'}
                options={FITS}
                onChange={(fits) => setValue(`mixes.${i}.fits`, fits, dirty)}
              />
              <Field control={control} name={`mixes.${i}.note`} label="On what condition, or why" />
            </>
          )}
        </ListEditor>
      ) : null}
    </>
  );
}

const styles = StyleSheet.create({
  grid: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  cell: { flexGrow: 1, flexBasis: 150, minWidth: 0 },
  mark: { gap: 2 },
});
