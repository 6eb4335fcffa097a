import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { HelperText, TextInput } from 'react-native-paper';
import { Button } from '@/ui/Button';
import { InputError, tried } from '@/core/errors';
import type { Check } from '@/core/inspect/checks';
import { parseReading } from '@/core/quantity/parse';
import { bareUnit } from '@/core/quantity/units';
import type { KeyAnswer } from '@/core/records/key';
import { useShop } from '@/data/hooks';
import { FootButton } from '@/ui/FootButton';
import { FootRow } from '@/ui/FootRow';
import { Tile, Tiles } from '@/ui/Tile';
import { scaled } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { say } from '@/core/wording/say';
import { layout } from '@/ui/layout';

interface Props {
  readonly check: Check;
  /** What stands on the tag already. */
  readonly known: string;
  readonly onAnswer: (answer: KeyAnswer) => void;
}

/** A whole number as it stands on a plate: spaces and letters before it do not count. */
function plateNumber(text: string): number {
  const digits = /(\d[\d\s.]*)\D*$/.exec(text.trim())?.[1]?.replace(/[\s.]/g, '') ?? '';
  const value = digits === '' ? NaN : Number(digits);
  if (Number.isSafeInteger(value)) return value;
  throw new InputError('text', 'not-a-number', say('tag.noNumber', { text: text.trim() }));
}

/** One check of the key: its options, or a field for a year, a serial number or a size. */
export function CheckCard({ check, known, onAnswer }: Props) {
  const { unit } = useShop();
  const [text, setText] = useState(known);
  const [wrong, setWrong] = useState<string | null>(null);
  const nothing = { check: check.id, option: null, value: null, u_mm: null };
  const answer = () => {
    const size = check.kind === 'size';
    const read = tried(() =>
      size ? parseReading(text, 'size', bareUnit('size', unit)).mm : plateNumber(text),
    );
    if (read.ok) onAnswer({ ...nothing, value: read.value, u_mm: size ? check.u_mm : null });
    else setWrong(read.message);
  };
  return (
    <View style={layout.stack}>
      <View role="status" aria-label="Next">
        <Words size="instruction" strong style={styles.ask}>
          {check.ask}
        </Words>
      </View>
      {check.kind === 'feature' ? (
        <Tiles label={check.ask}>
          {check.options.map((option) => (
            <Tile key={option} name={option} onPress={() => onAnswer({ ...nothing, option })} />
          ))}
        </Tiles>
      ) : (
        <>
          <View style={layout.line}>
            <TextInput
              mode="outlined"
              label={check.ask}
              aria-label={check.ask}
              value={text}
              inputMode={check.kind === 'size' ? 'decimal' : 'numeric'}
              onChangeText={(typed) => {
                setText(typed);
                setWrong(null);
              }}
              onSubmitEditing={answer}
              error={wrong !== null}
              style={layout.fill}
            />
            <Button mode="contained" contentStyle={styles.enter} onPress={answer}>
              Enter
            </Button>
          </View>
          {wrong ? (
            <HelperText type="error" role="alert" padding="none">
              {wrong}
            </HelperText>
          ) : null}
        </>
      )}
      <FootRow>
        <FootButton name="Can’t tell" onPress={() => onAnswer(nothing)} />
      </FootRow>
    </View>
  );
}

const styles = StyleSheet.create({
  ask: { lineHeight: scaled(32) },
  enter: { minHeight: 52 },
});
