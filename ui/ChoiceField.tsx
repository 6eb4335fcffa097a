import type { ComponentProps } from 'react';
import { useController, type Control, type FieldPath, type FieldValues } from 'react-hook-form';
import { Choice } from './Choice';
import { Pick } from './Pick';
import { Words } from './Words';

interface Of<F extends FieldValues> {
  readonly control: Control<F>;
  readonly name: FieldPath<F>;
}

type Props<F extends FieldValues, C extends typeof Choice | typeof Pick> = Of<F> &
  Omit<ComponentProps<C>, 'value' | 'onChange' | 'error'> & {
    /** Told of what is chosen, once the form has it. */
    readonly onChosen?: (value: string) => void;
  };

/** Returns what a field of a form has chosen, how it is told, and what is wrong with it. */
function useChosen<F extends FieldValues>({
  control,
  name,
  onChosen,
}: Of<F> & { readonly onChosen?: ((value: string) => void) | undefined }) {
  // Drawn rarely: what the compiler would keep is more than all the rest of it, on the first page.
  'use no memo';
  const { field, fieldState } = useController({ control, name });
  const onChange = (value: string) => {
    field.onChange(value);
    onChosen?.(value);
  };
  return { value: field.value as string, onChange, error: fieldState.error?.message ?? null };
}

/** A field of a form that is one of a few, side by side; with what is wrong with it beneath. */
export function ChoiceField<F extends FieldValues>({
  control,
  name,
  onChosen,
  ...choice
}: Props<F, typeof Choice>) {
  // Drawn rarely: what the compiler would keep is more than all the rest of it, on the first page.
  'use no memo';
  const { error, ...chosen } = useChosen({ control, name, onChosen });
  return (
    <>
      <Choice {...choice} {...chosen} />
      {error ? (
        <Words tone="out" role="alert">
          {error}
        </Words>
      ) : null}
    </>
  );
}

/** A field of a form that is one of many, in a list that opens; with what is wrong with it beneath. */
export function PickField<F extends FieldValues>({
  control,
  name,
  onChosen,
  ...pick
}: Props<F, typeof Pick>) {
  // Drawn rarely: what the compiler would keep is more than all the rest of it, on the first page.
  'use no memo';
  return <Pick {...pick} {...useChosen({ control, name, onChosen })} />;
}
