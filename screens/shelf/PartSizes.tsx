import type { Control } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { bareUnit, type ShopUnit } from '@/core/quantity/units';
import type { Dimension } from '@/core/pumps/family';
import { sayShelf } from './sayShelf';
import { Field } from '@/ui/Field';
import { Heading, Words } from '@/ui/Words';
import { sizeHint, type PartForm } from './partForm';
import { layout } from '@/ui/layout';

interface Props {
  readonly control: Control<PartForm>;
  readonly dimensions: readonly Pick<Dimension, 'id' | 'name'>[];
  readonly stored: PartForm;
  readonly unit: ShopUnit;
}

/** What was measured of a loose part: each size with its uncertainty. */
export const PartSizes = ({ control, dimensions, stored, unit }: Props) => (
  <>
    <Heading>Sizes</Heading>
    {dimensions.length === 0 ? (
      <Words tone="muted">The sheet knows no size of this part.</Words>
    ) : (
      <Words size="note" tone="muted">
        Left empty, a size was not measured. u: standard uncertainty (± is 2u).
      </Words>
    )}
    {dimensions.map(({ id, name }) => (
      <View key={id} style={layout.row}>
        <Field
          control={control}
          name={`sizes.${id}`}
          label={sayShelf('shelf.sizeField', { name, unit: bareUnit('size', unit) })}
          hint={(text) => sizeHint(text, stored.sizes[id] ?? '', unit)}
          style={layout.grow}
        />
        <Field
          control={control}
          name={`doubts.${id}`}
          label={sayShelf('shelf.doubtField', { unit })}
          spoken={sayShelf('shelf.sizeDoubt', { name, unit })}
          style={styles.doubt}
        />
      </View>
    ))}
  </>
);

const styles = StyleSheet.create({
  doubt: { width: 110 },
});
