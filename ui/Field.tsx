import { Controller, type Control, type FieldPath, type FieldValues } from 'react-hook-form';
import { useId, type ComponentProps } from 'react';
import { View, type StyleProp, type ViewStyle } from 'react-native';
import { HelperText, TextInput } from 'react-native-paper';
import { TOUCH } from './theme';

interface Props<T extends FieldValues> extends Pick<
  ComponentProps<typeof TextInput>,
  'multiline' | 'inputMode' | 'placeholder' | 'autoFocus'
> {
  readonly control: Control<T>;
  readonly name: FieldPath<T>;
  readonly label: string;
  /** Said instead of the label where the label alone does not tell fields apart. */
  readonly spoken?: string;
  readonly style?: StyleProp<ViewStyle>;
  /** Says how a text is understood, while nothing is wrong with it; null where that needs no word. */
  readonly hint?: (text: string) => string | null;
  /** A figure or words in a table: the column and the line say what it is, and no box stands round it. */
  readonly flat?: keyof typeof SIDE;
}

/** Figures stand under each other by their last digit. */
const SIDE = { figure: 'right', words: 'left' } as const;

const flatly = (kind: keyof typeof SIDE) =>
  ({
    mode: 'flat',
    dense: true,
    style: {
      height: TOUCH,
      paddingHorizontal: 4,
      backgroundColor: 'transparent',
      textAlign: SIDE[kind],
    },
  }) as const;

/** A text field of a form, with what is wrong with it beneath. */
export function Field<T extends FieldValues>({
  control,
  name,
  label,
  spoken,
  style,
  hint,
  flat,
  ...input
}: Props<T>) {
  const wrong = useId();
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState: { error } }) => (
        <View style={style}>
          <TextInput
            {...input}
            {...(flat ? flatly(flat) : { mode: 'outlined' as const, label })}
            aria-label={spoken ?? label}
            value={String(field.value ?? '')}
            onChangeText={field.onChange}
            onBlur={field.onBlur}
            ref={field.ref}
            error={Boolean(error)}
            {...(error ? { 'aria-invalid': true, 'aria-describedby': wrong } : {})}
          />
          {error ? (
            <HelperText type="error" role="alert" padding="none" nativeID={wrong}>
              {error.message}
            </HelperText>
          ) : (
            <Hint words={hint?.(String(field.value ?? '')) ?? null} />
          )}
        </View>
      )}
    />
  );
}

const Hint = ({ words }: { readonly words: string | null }) =>
  words ? (
    <HelperText type="info" padding="none">
      {words}
    </HelperText>
  ) : null;
