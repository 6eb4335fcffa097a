import { useState, type ReactElement } from 'react';
import { View } from 'react-native';
import { say } from '@/core/wording/say';
import { Button } from './Button';

interface Props<T> {
  readonly label: string;
  readonly items: readonly T[];
  /** So many are drawn at first. */
  readonly first: number;
  readonly row: (item: T) => ReactElement;
}

/** The first lines of a list that may be long; the rest on demand. */
export function FirstOf<T>({ label, items, first, row }: Props<T>) {
  const [all, setAll] = useState(false);
  const isShort = !all && items.length > first;
  return (
    <View>
      <View role="list" aria-label={label}>
        {(isShort ? items.slice(0, first) : items).map(row)}
      </View>
      {isShort ? (
        <Button mode="text" onPress={() => setAll(true)}>
          {say('shelf.showAll', { count: items.length })}
        </Button>
      ) : null}
    </View>
  );
}
