import { View } from 'react-native';
import type { BuildList } from '@/core/pairing/pairing';
import type { ShopUnit } from '@/core/quantity/units';
import type { Sheet } from '@/core/records/sheet';
import { sayShelf } from './sayShelf';
import { leftWords } from '@/core/wording/shelf';
import { FirstOf } from '@/ui/FirstOf';
import { Line } from '@/ui/Line';
import { Heading, Words } from '@/ui/Words';

interface Props {
  readonly sheet: Sheet;
  readonly left: BuildList['left'];
  readonly labelOf: (id: string) => string;
  readonly unit: ShopUnit;
}

/** The parts that found no partner, and why. */
export function LeftRows({ sheet, left, labelOf, unit }: Props) {
  if (left.length === 0) return null;
  const title = sayShelf('shelf.leftOver', { count: left.length });
  return (
    <View>
      <Heading>{title}</Heading>
      <FirstOf
        label={title}
        items={left}
        first={20}
        row={(one) => (
          <View key={one.part} role="listitem">
            <Line>
              <Words strong style={{ width: 84 }}>
                {labelOf(one.part)}
              </Words>
              <Words style={{ flex: 1, minWidth: 0 }}>{leftWords(sheet, one, labelOf, unit)}</Words>
            </Line>
          </View>
        )}
      />
    </View>
  );
}
