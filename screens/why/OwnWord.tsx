import { useState } from 'react';
import { TextInput } from 'react-native-paper';
import { View } from 'react-native';
import type { CausesAnswer } from '@/core/causes/answer';
import { sayCauses } from '@/core/causes/sayCauses';
import { sayCause, unsayCause } from '@/core/commands/blaming';
import type { Job } from '@/core/records/job';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { Heading } from '@/ui/Words';
import { layout } from '@/ui/layout';
import { useCommand } from '../job/useCommand';

/** Longest word of one’s own: what is read again in one look. */
const LONGEST = 400;
const OWN = 'In your own words';

interface Props {
  readonly job: Job;
  readonly answer: CausesAnswer;
}

/** Why it failed in a person’s own words, beside what the rules say. */
export function OwnWord({ job, answer: { said } }: Props) {
  const { run, error } = useCommand(job);
  const own = said.find(({ cause }) => cause === '');
  const [text, setText] = useState('');
  const words = text.trim();
  const keep = async () => {
    if (await run(sayCause({ cause: '', answer: 'taken', words, change: [] }))) setText('');
  };
  return (
    <View style={layout.stack}>
      <Heading level={3}>Your word on it</Heading>
      {error ? <Notice kind="error">{error}</Notice> : null}
      {own ? (
        <Notice
          kind="word"
          actions={
            <Button mode="outlined" onPress={() => void run(unsayCause(''))}>
              Take it back
            </Button>
          }
        >
          {own.by ? sayCauses('page.saidBy', { person: own.by, said: own.words }) : own.words}
        </Notice>
      ) : (
        <>
          <TextInput
            mode="outlined"
            label={OWN}
            aria-label={OWN}
            value={text}
            maxLength={LONGEST}
            onChangeText={setText}
          />
          <Button mode="outlined" disabled={words === ''} onPress={() => void keep()}>
            Keep it
          </Button>
        </>
      )}
    </View>
  );
}
