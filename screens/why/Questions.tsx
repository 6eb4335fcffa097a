import { useState } from 'react';
import { View } from 'react-native';
import type { CausesAnswer } from '@/core/causes/answer';
import type { Sign } from '@/core/causes/clue';
import { sayCauses } from '@/core/causes/sayCauses';
import { tell } from '@/core/commands/telling';
import type { Job } from '@/core/records/job';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Notice } from '@/ui/Notice';
import { RowButton } from '@/ui/RowButton';
import { Heading, Words } from '@/ui/Words';
import { layout } from '@/ui/layout';
import { useCommand } from '../job/useCommand';

/** So many questions are asked at once: those that tell most. */
const FIRST = 3;

type Given = 'yes' | 'no' | 'open';
type Option = { readonly value: Given; readonly name: string };

const ANSWERS: readonly Option[] = [
  { value: 'yes', name: 'Yes' },
  { value: 'no', name: 'No' },
];
/** What was answered may be taken back. */
const AGAIN: readonly Option[] = [...ANSWERS, { value: 'open', name: 'Not asked' }];

interface Props {
  readonly job: Job;
  readonly answer: CausesAnswer;
}

/** What is still to be asked, what tells most first; and what was answered. */
export function Questions({ job, answer: { questions, answered } }: Props) {
  const { run, error } = useCommand(job);
  const [all, setAll] = useState(false);
  const [open, setOpen] = useState(false);
  const shown = all ? questions : questions.slice(0, FIRST);
  const give = (sign: Sign) => (given: Given) =>
    void run(tell(sign.id, given === 'open' ? null : given));
  return (
    <View style={layout.stack}>
      <Heading level={3}>Ask, what tells most first</Heading>
      {error ? <Notice kind="error">{error}</Notice> : null}
      {shown.map((sign) => (
        <Asked key={sign.id} sign={sign} value="open" onGive={give(sign)} />
      ))}
      {questions.length > shown.length ? (
        <Button mode="outlined" onPress={() => setAll(true)}>
          {sayCauses('page.moreQuestions', { count: questions.length - shown.length })}
        </Button>
      ) : null}
      {answered.length > 0 ? (
        <>
          <RowButton
            name="Answered"
            about={sayCauses('page.answered', { count: answered.length })}
            open={open}
            onPress={() => setOpen(!open)}
          />
          {open
            ? answered.map(([sign, given]) => (
                <Asked key={sign.id} sign={sign} value={given} onGive={give(sign)} />
              ))
            : null}
        </>
      ) : null}
    </View>
  );
}

interface AskedProps {
  readonly sign: Sign;
  readonly value: Given;
  readonly onGive: (given: Given) => void;
}

/** One question with its answers. */
function Asked({ sign: { ask = '', asked }, value, onGive }: AskedProps) {
  return (
    <View style={layout.stack}>
      <View>
        <Words size="note" tone="muted">
          {sayCauses('page.asked', { of: asked ?? '' })}
        </Words>
        <Words>{ask}</Words>
      </View>
      <Choice
        label={ask}
        value={value}
        options={value === 'open' ? ANSWERS : AGAIN}
        onChange={onGive}
      />
    </View>
  );
}
