import { StyleSheet, View } from 'react-native';
import { useState } from 'react';
import { TextInput } from 'react-native-paper';
import { Button } from '@/ui/Button';
import { LONGEST_LINE } from '@/core/quantity/parse';
import { Words } from '@/ui/Words';

/** Why a place is left out, as it happens most. */
const WHY = ['cannot get at it', 'part is not here', 'surface is damaged there'] as const;

interface Props {
  readonly onSkip: (why: string) => void;
}

/** Leaves a place out, for a reason that is kept and stands in the report. */
export function SkipPanel({ onSkip }: Props) {
  const [why, setWhy] = useState('');
  const said = why.trim();
  return (
    <View role="group" aria-label="Skip this place" style={styles.panel}>
      <Words>Why leave this place out? The reason is shown in the report.</Words>
      {WHY.map((reason) => (
        <Button key={reason} mode="outlined" onPress={() => onSkip(reason)}>
          {`${reason.charAt(0).toUpperCase()}${reason.slice(1)}`}
        </Button>
      ))}
      <TextInput
        mode="outlined"
        dense
        label="Another reason"
        aria-label="Another reason"
        value={why}
        maxLength={LONGEST_LINE}
        onChangeText={setWhy}
        onSubmitEditing={() => said && onSkip(said)}
      />
      <Button mode="outlined" disabled={!said} onPress={() => onSkip(said)}>
        Skip for this reason
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({
  panel: { gap: 8 },
});
