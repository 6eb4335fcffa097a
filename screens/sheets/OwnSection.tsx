import { partId } from '@/core/pumps/ids';
import { useFormContext, useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { GAUGE_KINDS } from '@/core/pumps/family';
import { pumpOf } from '@/core/pumps/registry';
import type { Sheet } from '@/core/records/sheet';
import { newId } from '@/data/create';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { Pick } from '@/ui/Pick';
import { ListEditor } from './ListEditor';
import { newOwn, SIZES_OF } from './ownForm';
import type { SheetForm } from './sheetForm';
import { GAUGE_NAME } from '@/core/wording/gauge';
import { say } from '@/core/wording/say';

const WAYS = [
  { value: 'size', name: 'One size' },
  { value: 'difference', name: 'Difference of two sizes' },
  { value: 'leaf', name: 'Leaf at places' },
  { value: 'swing', name: 'Total travel by dial' },
] as const;

const TOOLS = GAUGE_KINDS.map((value) => ({ value, name: GAUGE_NAME[value] }));

const SIZES = [
  ['first', 'firstTool', 'Size that is read', 'Larger size'],
  ['second', 'secondTool', 'Second size', 'Size subtracted from it'],
] as const;

/** What is measured on this pump beyond what its family does. */
export function OwnSection({ sheet }: { readonly sheet: Sheet }) {
  const { control, setValue } = useFormContext<SheetForm>();
  const own = useWatch({ control, name: 'own' });
  const parts = pumpOf(sheet).parts.map(({ id, name }) => ({ value: id, name }));
  const dirty = { shouldDirty: true };
  return (
    <ListEditor
      name="own"
      title="Checks of this sheet’s own"
      about="Checks of the manual beyond the usual: a seat, a bushing, a thickness. Save, then enter the limit under Limits."
      blank={() => newOwn(newId(), parts[0]?.value ?? partId(''))}
    >
      {(i) => {
        const way = own[i]?.way ?? 'size';
        return (
          <>
            <Field control={control} name={`own.${i}.name`} label="What is measured" />
            <Pick
              label={say('sheets.partOfCheck', { number: i + 1 })}
              value={own[i]?.part ?? partId('')}
              options={parts}
              onChange={(part) => setValue(`own.${i}.part`, part, dirty)}
            />
            <Choice
              label={say('sheets.wayOfCheck', { number: i + 1 })}
              stacked
              value={way}
              options={WAYS}
              onChange={(next) => setValue(`own.${i}.way`, next, dirty)}
            />
            {SIZES.slice(0, SIZES_OF[way]).map(([size, tool, one, larger]) => (
              <View key={size} style={styles.size}>
                <Field
                  control={control}
                  name={`own.${i}.${size}`}
                  label={way === 'difference' ? (size === 'first' ? larger : one) : one}
                />
                <Pick
                  label={say('sheets.sizeOfCheck', { size, number: i + 1 })}
                  value={own[i]?.[tool] ?? 'caliper'}
                  options={TOOLS}
                  onChange={(kind) => setValue(`own.${i}.${tool}`, kind, dirty)}
                />
              </View>
            ))}
            <Field
              control={control}
              name={`own.${i}.places`}
              label="Places, separated by ;"
              placeholder="front; rear"
            />
            <Field control={control} name={`own.${i}.convention`} label="What the reading means" />
            <Field control={control} name={`own.${i}.caution`} label="Caution at this check" />
          </>
        );
      }}
    </ListEditor>
  );
}

const styles = StyleSheet.create({ size: { gap: 8 } });
