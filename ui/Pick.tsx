import { useState } from 'react';
import { View } from 'react-native';
import { Choice } from './Choice';
import { RowButton } from './RowButton';
import { useEscape } from './keyboard';

interface Props<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly options: readonly { readonly value: T; readonly name: string }[];
  readonly onChange: (value: T) => void;
}

/** One of many: the chosen one in a line, all of them beneath when it is touched. */
export function Pick<T extends string>({ label, value, options, onChange }: Props<T>) {
  const [open, setOpen] = useState(false);
  useEscape(open ? () => setOpen(false) : undefined);
  return (
    <View>
      <RowButton
        name={label}
        about={options.find((o) => o.value === value)?.name ?? 'not chosen'}
        open={open}
        onPress={() => setOpen(!open)}
      />
      {open ? (
        <Choice
          stacked
          label={label}
          value={value}
          options={options}
          onChange={(chosen) => {
            setOpen(false);
            onChange(chosen);
          }}
        />
      ) : null}
    </View>
  );
}
