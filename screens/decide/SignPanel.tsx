import { useState } from 'react';
import { View } from 'react-native';
import { signOff, type Signed } from '@/core/commands/deciding';
import { overallDecision } from '@/core/rework/decision/proposal';
import { WHOLE_PUMP, DECISIONS, type Decision } from '@/core/records/rework';
import { answerWords } from '@/core/wording/decide';
import { acceptedLines } from '@/core/wording/worked';
import { DECISION_WORD, lineReason, lineTitle } from '@/core/wording/partLines';
import { capital } from '@/core/quantity/letters';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { Pick } from '@/ui/Pick';
import { Words } from '@/ui/Words';
import { useCommand } from '../job/useCommand';
import { Sheet } from './Sheet';
import type { Deciding } from './useDeciding';

interface Props {
  readonly deciding: Deciding;
  readonly onDone: () => void;
}

const OPTIONS = DECISIONS.map((value) => ({ value, name: capital(DECISION_WORD[value]) }));

/** What is proposed of each part and of the whole pump, as the sign-off keeps it. */
function proposals({ rework, solved, plan, planned, lines, buyNew, shop }: Deciding): Signed[] {
  const signed = (part: Signed['part'], decision: Decision, why: string): Signed => ({
    part,
    proposed: decision,
    decided: decision,
    remark: '',
    why,
  });
  return [
    signed(
      WHOLE_PUMP,
      overallDecision(rework, lines, buyNew),
      solved ? answerWords({ rework, solved, plan, planned, buyNew }) : '',
    ),
    // Nothing is proposed of a part of which not enough is known.
    ...lines.flatMap((line) =>
      line.decision === 'unknown'
        ? []
        : [signed(line.part.id, line.decision, lineReason(rework, line, shop.unit))],
    ),
  ];
}

/** The decision for each part, with the app's proposal kept beside it, under the name of who decides. */
export function SignPanel({ deciding, onDone }: Props) {
  const { job, lines, shop } = deciding;
  const { run, error } = useCommand(job);
  const [decided, setDecided] = useState<Readonly<Record<string, Decision>>>({});
  const all = proposals(deciding).map((p) => ({ ...p, decided: decided[p.part] ?? p.decided }));
  const by = shop.person || job.by;
  const nameOf = (part: string): string => {
    const line = lines.find((l) => l.part.id === part);
    return line ? lineTitle(line) : 'The whole pump';
  };
  const save = async () => {
    if (await run(signOff(all))) onDone();
  };
  return (
    <Sheet
      title="Sign off"
      back="Cancel"
      onBack={onDone}
      action={
        <Button mode="contained" contentStyle={{ minHeight: 52 }} onPress={() => void save()}>
          Sign off
        </Button>
      }
    >
      <Words>
        {by
          ? 'You decide. The app’s suggestion is recorded too.'
          : 'Nobody is chosen as the person at the bench. Choose one under Shop, or sign without a name.'}
      </Words>
      {error ? <Notice kind="error">{error}</Notice> : null}
      {all.map(({ part, decided: value, why, proposed }) => (
        <View key={part}>
          <Pick
            label={nameOf(part)}
            value={value}
            options={OPTIONS}
            onChange={(next) => setDecided({ ...decided, [part]: next })}
          />
          <Words size="note" tone="muted">
            {value === proposed ? why : 'Other than suggested.'}
          </Words>
        </View>
      ))}
      {acceptedLines(job).map((line) => (
        <Words key={line} size="note">
          {line}
        </Words>
      ))}
    </Sheet>
  );
}
