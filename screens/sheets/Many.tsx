import { View } from 'react-native';
import { list } from '@/core/schema/written';
import { FootButton } from '@/ui/FootButton';
import { layout } from '@/ui/layout';
import { Pick } from '@/ui/Pick';
import { Words } from '@/ui/Words';
import type { Option } from './lists/list';
import { saySheets } from './saySheets';

interface Props {
  readonly label: string;
  /** The ids of what is chosen, a semicolon between. */
  readonly value: string;
  readonly options: readonly Option[];
  readonly onChange: (value: string) => void;
}

/** Said of the list of what is left: nothing of it is chosen. */
const NONE_YET: Option = { value: '', name: 'one more' };

/** Several of many things: each that is chosen is taken out by a touch, one more is picked from the rest. */
export function Many({ label, value, options, onChange }: Props) {
  const chosen = list().read(value, 'mm');
  const left = options.filter((option) => !chosen.includes(option.value));
  const take = (ids: readonly string[]) => onChange(list().write([...ids], 'mm'));
  return (
    <View style={layout.stack}>
      {chosen.length > 0 ? (
        <>
          <Words size="note" tone="muted">
            {label}
          </Words>
          <View style={layout.wrap}>
            {chosen.map((id) => {
              const name = options.find((option) => option.value === id)?.name ?? id;
              return (
                <FootButton
                  key={id}
                  low
                  name={`${name} ×`}
                  spoken={saySheets('sheets.takeOut', { name })}
                  onPress={() => take(chosen.filter((other) => other !== id))}
                />
              );
            })}
          </View>
        </>
      ) : null}
      {left.length > 0 ? (
        <Pick
          label={saySheets('sheets.addTo', { list: label })}
          value=""
          options={[NONE_YET, ...left]}
          onChange={(id) => id && take([...chosen, id])}
        />
      ) : null}
    </View>
  );
}
