import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { ShelfPart } from '@/core/records/part';
import { sayShelf } from './sayShelf';
import { Button } from '@/ui/Button';
import { Heading } from '@/ui/Words';
import { TypedBox } from './TypedBox';
import { layout } from '@/ui/layout';

interface Props {
  readonly bodies: readonly ShelfPart[];
  readonly gears: readonly ShelfPart[];
  readonly onLock: (body: string, gears: string) => void;
}

const labelled = (parts: readonly ShelfPart[], label: string): ShelfPart | undefined =>
  parts.find((part) => part.label.toLowerCase() === label.trim().toLowerCase());

/** Two parts that somebody wants together, whatever the sums say; the rest is paired round them. */
export function LockForm({ bodies, gears, onLock }: Props) {
  const [body, setBody] = useState('');
  const [set, setSet] = useState('');
  const [asked, setAsked] = useState(false);
  const [first, second] = [labelled(bodies, body), labelled(gears, set)];
  const wrong = (part: ShelfPart | undefined, label: string): string =>
    asked && !part ? sayShelf('shelf.noSuchLabel', { label: label.trim() }) : '';
  const lock = () => {
    setAsked(true);
    if (!first || !second) return;
    onLock(first.id, second.id);
    [setBody, setSet].forEach((clear) => clear(''));
    setAsked(false);
  };
  return (
    <View style={styles.box}>
      <Heading>Pair two by hand</Heading>
      <View style={layout.wrap}>
        <TypedBox
          label="Label of the body"
          text={body}
          onChange={setBody}
          wrong={wrong(first, body)}
        />
        <TypedBox
          label="Label of the gears"
          text={set}
          onChange={setSet}
          wrong={wrong(second, set)}
        />
      </View>
      <Button mode="outlined" onPress={lock}>
        Lock these two together
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({
  box: { gap: 8, paddingTop: 8 },
});
