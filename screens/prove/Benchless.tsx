import { useState } from 'react';
import { View } from 'react-native';
import { noteProof } from '@/core/commands/testing';
import { tried } from '@/core/errors';
import { proofsIn } from '@/core/journal/tested';
import { benchlessFor, type BenchlessCheck } from '@/core/prove/checks';
import { isProvenByFlow } from '@/core/prove/plan';
import { sayProve } from '@/core/prove/say';
import { proofWords } from '@/core/prove/sayProve';
import { say } from '@/core/wording/say';
import { parsePressure_bar, pressureUnit } from '@/core/quantity/flow';
import type { ShopUnit } from '@/core/quantity/units';
import type { Job } from '@/core/records/job';
import { dayOf } from '@/core/schema/dates';
import { useShop } from '@/data/hooks';
import { Notice } from '@/ui/Notice';
import { RowButton } from '@/ui/RowButton';
import { Words } from '@/ui/Words';
import { layout } from '@/ui/layout';
import { useCommand } from '../job/useCommand';
import { TypedForm, type Typed } from '../shell/TypedForm';

interface Props {
  readonly job: Job;
}

/** What can be proven without a bench: each check opens to how it is made, what is right, and its answers. */
export function Benchless({ job }: Props) {
  // Where nothing else proves the pump, it stands open.
  const [open, setOpen] = useState(!isProvenByFlow(job.sheet));
  const checks = benchlessFor(job);
  const made = proofsIn(job).filter(({ check }) => checks.some(({ id }) => id === check));
  return (
    <View style={layout.stack}>
      <RowButton
        name="Without a bench"
        about={
          made.length > 0
            ? sayProve('prove.madeOf', { made: made.length, all: checks.length })
            : 'vacuum, air, by hand, on the machine'
        }
        open={open}
        onPress={() => setOpen(!open)}
      />
      {open ? checks.map((check) => <CheckAt key={check.id} job={job} check={check} />) : null}
    </View>
  );
}

interface CheckProps extends Props {
  readonly check: BenchlessCheck;
}

/** What was read and what it is due on, or what is wrong with how that is written, by field. */
function readTyped({ value = '', due = '' }: Typed, check: BenchlessCheck, unit: ShopUnit) {
  const read = tried(() => parsePressure_bar(value, unit));
  const day = due.trim() === '' ? null : (dayOf(due, new Date()) ?? null);
  const bar = read.ok ? read.value : null;
  // A vacuum is written as people say it, without its sign.
  const value_bar = bar !== null && check.reads === 'vacuum' ? -Math.abs(bar) : bar;
  const wrong: Typed = {
    ...(read.ok ? {} : { value: read.message }),
    ...(value_bar !== null && value_bar < FULL_VACUUM_bar
      ? { value: sayProve('prove.noVacuum') }
      : {}),
    ...(due.trim() !== '' && day === null ? { due: say('quantity.noDay') } : {}),
  };
  return { value_bar, day, wrong };
}

/** No vacuum is deeper, however heavy the air. */
const FULL_VACUUM_bar = -1.1;

const ANSWER_NAME = { good: 'Good', bad: 'Not good', later: 'Later' } as const;

function CheckAt({ job, check }: CheckProps) {
  const [open, setOpen] = useState(false);
  const { unit } = useShop();
  const proof = proofsIn(job).find((one) => one.check === check.id);
  return (
    <View style={layout.stack}>
      <RowButton
        name={check.name}
        about={proof ? (proofWords(job, proof, unit) ?? '') : 'not made'}
        open={open}
        onPress={() => setOpen(!open)}
      />
      {open ? (
        <CheckForm
          job={job}
          check={check}
          isMade={proof !== undefined}
          onDone={() => setOpen(false)}
        />
      ) : null}
    </View>
  );
}

interface FormProps extends CheckProps {
  readonly isMade: boolean;
  readonly onDone: () => void;
}

/** How a check is made, what is right, what is typed of it, and its answers. */
function CheckForm({ job, check, isMade, onDone }: FormProps) {
  const { unit } = useShop();
  const { run, error } = useCommand(job);
  const { id, how, right, caution, reads, onMachine } = check;
  const keep = (answer: keyof typeof ANSWER_NAME) => async (typed: Typed) => {
    const { value_bar, day } = readTyped(typed, check, unit);
    const due = answer === 'later' ? day : null;
    const isKept = await run(
      noteProof(id, { answer, value_bar, due, remark: (typed.remark ?? '').trim() }),
    );
    if (isKept) onDone();
    return isKept;
  };
  const asked = sayProve(reads === 'vacuum' ? 'prove.readVacuum' : 'prove.readPressure', {
    unit: pressureUnit(unit),
  });
  const answers = onMachine ? (['good', 'bad', 'later'] as const) : (['good', 'bad'] as const);
  return (
    <View style={layout.stack}>
      <Words>{how}</Words>
      <Words>{sayProve('prove.right', { right })}</Words>
      {caution ? <Notice kind="caution">{caution}</Notice> : null}
      <TypedForm
        draft={`proof/${job.id}/${id}`}
        fields={[
          ...(reads === 'nothing' ? [] : [{ name: 'value', label: asked }]),
          ...(onMachine ? [{ name: 'due', label: 'Where it is done later: the day, or +7' }] : []),
          { name: 'remark', label: 'Remark', isWide: true },
        ]}
        stored={{ value: '', due: '', remark: '' }}
        error={error}
        faults={(typed) => readTyped(typed, check, unit).wrong}
        answers={answers.map((answer) => ({ name: ANSWER_NAME[answer], keep: keep(answer) }))}
        {...(isMade
          ? { other: { name: 'Take it back', onPress: () => void run(noteProof(id, null)) } }
          : {})}
      />
    </View>
  );
}
