import { useFormContext, useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { GAUGE_KINDS, type GaugeKind } from '@/core/pumps/family';
import { pumpOf } from '@/core/pumps/registry';
import type { Sheet } from '@/core/records/sheet';
import { newId } from '@/data/create';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { Pick } from '@/ui/Pick';
import { ListEditor } from './ListEditor';
import { newOwn, SIZES_OF } from './ownForm';
import type { SheetForm } from './sheetForm';

const WAYS = [
  { value: 'size', name: 'One size' },
  { value: 'difference', name: 'Difference of two sizes' },
  { value: 'leaf', name: 'Leaf at places' },
  { value: 'swing', name: 'Dial swing' },
] as const;

const TOOL_NAME: Readonly<Record<GaugeKind, string>> = {
  'outside-mic': 'Outside mic',
  'depth-mic': 'Depth mic',
  'bore-gauge': 'Bore gauge',
  indicator: 'Dial',
  caliper: 'Caliper',
  'height-gauge': 'Height gauge',
};
const TOOLS = GAUGE_KINDS.map((value) => ({ value, name: TOOL_NAME[value] }));

const SIZES = [
  ['first', 'firstTool', 'Size that is read', 'Larger size'],
  ['second', 'secondTool', 'Second size', 'Size that is taken off it'],
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
      one="a check"
      about="What the book asks beyond the usual: a seat, a bushing, a thickness. Save, then give its limit under Limits."
      blank={() => newOwn(newId(), parts[0]?.value ?? '')}
    >
      {(i) => {
        const way = own[i]?.way ?? 'size';
        return (
          <>
            <Field control={control} name={`own.${i}.name`} label="What is measured" />
            <Pick
              label={`Part of check ${i + 1}`}
              value={own[i]?.part ?? ''}
              options={parts}
              onChange={(part) => setValue(`own.${i}.part`, part, dirty)}
            />
            <Choice
              label={`How check ${i + 1} is measured`}
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
                  label={`Read with, ${size} size of check ${i + 1}`}
                  value={own[i]?.[tool] ?? 'caliper'}
                  options={TOOLS}
                  onChange={(kind) => setValue(`own.${i}.${tool}`, kind, dirty)}
                />
              </View>
            ))}
            <Field
              control={control}
              name={`own.${i}.places`}
              label="Places, with a semicolon between"
              placeholder="front; rear"
            />
            <Field control={control} name={`own.${i}.convention`} label="What the figure means" />
            <Field control={control} name={`own.${i}.caution`} label="Caution at this check" />
          </>
        );
      }}
    </ListEditor>
  );
}

const styles = StyleSheet.create({ size: { gap: 8 } });
