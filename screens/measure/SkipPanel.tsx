import { ScrollView, StyleSheet, View } from 'react-native';
import { useState } from 'react';
import { TextInput } from 'react-native-paper';
import { Button } from '@/ui/Button';
import { LONGEST_LINE } from '@/core/quantity/parse';
import type { Step } from '@/core/guidance/step';
import { say } from '@/core/wording/say';
import { useNextFocus } from '@/ui/focus';
import { FootButton } from '@/ui/FootButton';
import { FootRow } from '@/ui/FootRow';
import { Heading, Words } from '@/ui/Words';

/** Why a place is left out, as it happens most. */
const WHY = ['cannot get at it', 'part is not here', 'surface is damaged there'] as const;

interface Props {
  readonly step: Step;
  readonly onDone: () => void;
  readonly onSkip: (why: string) => void;
}

/** Leaves a place out, for a reason that is kept and stands in the report. */
export function SkipPanel({ step, onDone, onSkip }: Props) {
  const next = useNextFocus('skip');
  const [why, setWhy] = useState('');
  const said = why.trim();
  return (
    <ScrollView contentContainerStyle={styles.panel} keyboardShouldPersistTaps="handled">
      <View ref={next}>
        <FootRow>
          <FootButton name="Back to Measure" onPress={onDone} />
        </FootRow>
      </View>
      <Heading>{say('measure.skip', { place: step.station.label })}</Heading>
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
    </ScrollView>
  );
}

const styles = StyleSheet.create({
  panel: { padding: 14, gap: 8 },
});
