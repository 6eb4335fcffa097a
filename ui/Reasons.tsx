import { useState } from 'react';
import { TextInput } from 'react-native-paper';
import { capital } from '@/core/quantity/letters';
import { LONGEST_LINE } from '@/core/quantity/parse';
import { Button } from './Button';

interface Props {
  /** The reasons that are given most; one touch gives one. */
  readonly usual: readonly string[];
  /** What is done for a reason of one's own: `Skip for this reason`. */
  readonly act: string;
  readonly disabled?: boolean;
  readonly onReason: (why: string) => void;
}

/** Asks why: the usual reasons, and one in the person's own words. */
export function Reasons({ usual, act, disabled = false, onReason }: Props) {
  const [own, setOwn] = useState('');
  const why = own.trim();
  const isReady = why !== '' && !disabled;
  return (
    <>
      {usual.map((reason) => (
        <Button key={reason} mode="outlined" disabled={disabled} onPress={() => onReason(reason)}>
          {capital(reason)}
        </Button>
      ))}
      <TextInput
        mode="outlined"
        dense
        label="Another reason"
        aria-label="Another reason"
        value={own}
        maxLength={LONGEST_LINE}
        onChangeText={setOwn}
        onSubmitEditing={() => isReady && onReason(why)}
      />
      <Button mode="outlined" disabled={!isReady} onPress={() => onReason(why)}>
        {act}
      </Button>
    </>
  );
}
