import { View } from 'react-native';
import { Button } from '@/ui/Button';
import type { ShopUnit } from '@/core/quantity/units';
import type { FeelerSetRecord } from '@/core/records/instrument';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { Words } from '@/ui/Words';
import { KeptNotices } from '../shell/KeptNotices';
import { useRecordForm } from '../shell/recordForm';
import { FEELER } from './instrumentForm';
import { sayShop } from './sayShop';
import { SaveButton } from '@/ui/SaveButton';
import { layout } from '@/ui/layout';

const STACKS = [
  { value: '1', name: 'One' },
  { value: '2', name: 'Two' },
  { value: '3', name: 'Three' },
] as const;

/** Why it pays: figures of `npm run trust`, which docs/sums.md gives in full. */
const WHY_MIC = 'Mic the leaves: one “in” of ten near a limit can be wrong.';

interface Props {
  /** Under which what is typed and not saved is kept. */
  readonly draft: string;
  readonly feeler: FeelerSetRecord;
  readonly unit: ShopUnit;
  /** Changes the set as it is in storage; resolves to whether it was. */
  readonly onKeep: (change: (stored: FeelerSetRecord) => FeelerSetRecord) => Promise<boolean>;
  readonly onRemove?: (() => void) | undefined;
}

/** A leaf set: the leaves that are still in it, and how many may be held together. */
export function FeelerEditor({ draft, feeler, unit: shopUnit, onKeep, onRemove }: Props) {
  const { kept, unit, save, isDirty } = useRecordForm({
    key: draft,
    record: feeler,
    unit: shopUnit,
    form: FEELER,
    onKeep,
    stored: (read, { maxStack }) => ({ ...read, maxStack }),
  });
  const { control } = kept.form;
  return (
    <View style={layout.stack}>
      <KeptNotices kept={kept} />
      <Field control={control} name="name" label="Leaf set" />
      <Field control={control} name="leaves" label={sayShop('shop.leaves', { unit })} multiline />
      <Field
        control={control}
        name="mics"
        label={sayShop('shop.leavesMeasured', { unit })}
        placeholder="One a line: 0.05 = 0.0487"
        multiline
      />
      <View style={layout.row}>
        <Field
          control={control}
          name="tolerance"
          label={sayShop('shop.leafU', { unit })}
          spoken={sayShop('shop.leafUOf', { set: feeler.name })}
          style={layout.grow}
        />
        <Field
          control={control}
          name="dragBand"
          label={sayShop('shop.dragBand', { unit })}
          spoken={sayShop('shop.dragBandOf', { set: feeler.name })}
          style={layout.grow}
        />
      </View>
      <Words size="note" tone="muted">
        {WHY_MIC}
      </Words>
      <Words>Most leaves stacked</Words>
      <Choice
        label={sayShop('shop.mostStacked', { set: feeler.name })}
        value={`${feeler.maxStack}` as '1' | '2' | '3'}
        options={STACKS}
        onChange={(most) => void onKeep((stored) => ({ ...stored, maxStack: Number(most) }))}
      />
      <View style={layout.row}>
        <SaveButton isDirty={isDirty} onPress={save} />
        {onRemove ? (
          <Button icon="trash-can-outline" onPress={onRemove}>
            Remove set
          </Button>
        ) : null}
      </View>
    </View>
  );
}
