import { useState } from 'react';
import { View } from 'react-native';
import type { BuildList } from '@/core/pairing/pairing';
import type { ShopUnit } from '@/core/quantity/units';
import type { ShelfPart } from '@/core/records/part';
import type { Sheet } from '@/core/records/sheet';
import { say } from '@/core/wording/say';
import { leftWords } from '@/core/wording/shelf';
import { Button } from '@/ui/Button';
import { Line } from '@/ui/Line';
import { Heading, Words } from '@/ui/Words';

interface Props {
  readonly sheet: Sheet;
  readonly list: BuildList;
  readonly bodies: readonly ShelfPart[];
  readonly gears: readonly ShelfPart[];
  readonly unit: ShopUnit;
}

/** So many are drawn at first. */
const SHOWN = 20;

/** The parts that found no partner, and why. */
export function LeftRows({ sheet, list, bodies, gears, unit }: Props) {
  const [all, setAll] = useState(false);
  if (list.left.length === 0) return null;
  const labels = new Map([...bodies, ...gears].map(({ id, label }) => [id, label]));
  const labelOf = (id: string): string => labels.get(id) ?? id;
  const shown = all ? list.left : list.left.slice(0, SHOWN);
  return (
    <View>
      <Heading>{say('shelf.leftOver', { count: list.left.length })}</Heading>
      {shown.map((left) => (
        <Line key={left.part}>
          <Words strong style={{ width: 84 }}>
            {labelOf(left.part)}
          </Words>
          <Words style={{ flex: 1, minWidth: 0 }}>{leftWords(sheet, left, labelOf, unit)}</Words>
        </Line>
      ))}
      {shown.length < list.left.length ? (
        <Button mode="text" onPress={() => setAll(true)}>
          {say('shelf.showAll', { count: list.left.length })}
        </Button>
      ) : null}
    </View>
  );
}
