import type { ComponentProps } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Resolver } from 'react-hook-form';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { layout } from '@/ui/layout';
import { useKeptForm } from './useKeptForm';

/** What is typed in a small form, by field. */
export type Typed = Record<string, string>;

/** A field of a small form. */
export interface TypedField {
  readonly name: string;
  readonly label: string;
  readonly inputMode?: ComponentProps<typeof Field>['inputMode'];
  /** It takes the whole line. */
  readonly isWide?: boolean;
}

interface Props {
  /** Under which what is typed is kept until it is saved. */
  readonly draft: string;
  readonly fields: readonly TypedField[];
  /** What stands in it at first. */
  readonly stored: Typed;
  readonly error: string | null;
  /** Returns what is wrong with what was typed, by field; nothing where it can be kept. */
  readonly faults: (typed: Typed) => Readonly<Record<string, string>>;
  /** What can be done with it, the usual first; each returns whether it is in storage. */
  readonly answers: readonly {
    readonly name: string;
    readonly keep: (typed: Typed) => Promise<boolean>;
  }[];
  /** Closes it, or takes back what it kept, beside the answers. */
  readonly other?: { readonly name: string; readonly onPress: () => void };
}

/** A few fields that are typed and kept at once; what is wrong stands at its field, and nothing that was typed is lost. */
export function TypedForm({ draft, fields, stored, error, faults, answers, other }: Props) {
  const resolver: Resolver<Typed> = (values) => {
    const wrong = Object.entries(faults(values));
    return wrong.length === 0
      ? { values, errors: {} }
      : {
          values: {},
          errors: Object.fromEntries(
            wrong.map(([name, message]) => [name, { type: 'read', message }]),
          ),
        };
  };
  const kept = useKeptForm<Typed>({ key: draft, stored, resolver });
  return (
    <View style={layout.stack}>
      {error ? <Notice kind="error">{error}</Notice> : null}
      <View style={layout.wrap}>
        {fields.map(({ name, label, inputMode = 'text', isWide }) => (
          <Field
            key={name}
            control={kept.form.control}
            name={name}
            label={label}
            inputMode={inputMode}
            style={isWide ? styles.wide : styles.field}
          />
        ))}
      </View>
      <View style={layout.wrap}>
        {answers.map(({ name, keep }, i) => (
          <Button
            key={name}
            mode={i === 0 ? 'contained' : 'outlined'}
            onPress={() => void kept.form.handleSubmit((typed) => kept.make(() => keep(typed)))()}
          >
            {name}
          </Button>
        ))}
        {other ? (
          <Button mode="text" onPress={other.onPress}>
            {other.name}
          </Button>
        ) : null}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  field: { flexGrow: 1, flexBasis: 150 },
  wide: { flexGrow: 1, flexBasis: '100%' },
});
