import { useState } from 'react';
import { View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { noteProof } from '@/core/commands/testing';
import { NOT_TESTED } from '@/core/prove/checks';
import type { Job } from '@/core/records/job';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { layout } from '@/ui/layout';
import { useCommand } from '../job/useCommand';

interface Props {
  readonly job: Job;
  readonly onDone: () => void;
}

/** Says that the pump was not tested, and why: it stands on the report. */
export function NotTested({ job, onDone }: Props) {
  const { run, error } = useCommand(job);
  const [why, setWhy] = useState('');
  const keep = async () => {
    const said = { answer: 'not-tested' as const, value_bar: null, due: null, remark: why.trim() };
    if (await run(noteProof(NOT_TESTED, said))) onDone();
  };
  return (
    <View style={layout.stack}>
      {error ? <Notice kind="error">{error}</Notice> : null}
      <TextInput
        mode="outlined"
        label="Why it is not tested"
        aria-label="Why it is not tested"
        value={why}
        maxLength={400}
        onChangeText={setWhy}
      />
      <View style={layout.wrap}>
        <Button mode="contained" onPress={() => void keep()}>
          Not tested
        </Button>
        <Button mode="outlined" onPress={onDone}>
          Cancel
        </Button>
      </View>
    </View>
  );
}
