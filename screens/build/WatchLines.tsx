import { useState } from 'react';
import { View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { watchLines } from '@/core/assembly/handover';
import type { Job } from '@/core/records/job';
import { LONGEST_LINE } from '@/core/quantity/parse';
import { Button } from '@/ui/Button';
import { FootButton } from '@/ui/FootButton';
import { FootRow } from '@/ui/FootRow';
import { Line } from '@/ui/Line';
import { Notice } from '@/ui/Notice';
import { Heading, Words } from '@/ui/Words';
import { layout } from '@/ui/layout';
import { useCommand } from '../job/useCommand';

/** So many lines are read by whoever gets a pump back. */
const MOST = 40;

const linesIn = (text: string): string[] =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean);

/** What to watch once the pump runs, for whoever gets it back; it can be written otherwise for this job. */
export function WatchLines({ job }: { readonly job: Job }) {
  const { run, error } = useCommand(job);
  const [text, setText] = useState<string | null>(null);
  const lines = watchLines(job);
  const written = linesIn(text ?? '');
  const isFit = written.length <= MOST && written.every((line) => line.length <= LONGEST_LINE);
  const keep = async (handover: Job['handover']) => {
    if (await run((j) => ({ ...j, handover }))) setText(null);
  };
  return (
    <View style={layout.stack}>
      <Heading level={3}>What to watch</Heading>
      {error ? <Notice kind="error">{error}</Notice> : null}
      {text === null ? (
        <>
          <View>
            {lines.map((line) => (
              <Line key={line}>
                <Words style={layout.grow}>{line}</Words>
              </Line>
            ))}
          </View>
          <FootRow>
            <FootButton low name="Write it otherwise" onPress={() => setText(lines.join('\n'))} />
            {job.handover === null ? null : (
              <FootButton low name="As the sheet has it" onPress={() => void keep(null)} />
            )}
          </FootRow>
        </>
      ) : (
        <>
          <TextInput
            mode="outlined"
            multiline
            label="What to watch, a line for each thing"
            aria-label="What to watch, a line for each thing"
            value={text}
            onChangeText={setText}
          />
          {isFit ? null : (
            <Notice kind="error">
              At most 40 lines, each no longer than a line of a form. Shorten it; nothing is lost.
            </Notice>
          )}
          <View style={layout.wrap}>
            <Button mode="contained" disabled={!isFit} onPress={() => void keep(written)}>
              Save
            </Button>
            <Button mode="outlined" onPress={() => setText(null)}>
              Cancel
            </Button>
          </View>
        </>
      )}
    </View>
  );
}
