import { useState } from 'react';
import { View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { noteProof } from '@/core/commands/testing';
import { tried } from '@/core/errors';
import { proofsIn } from '@/core/journal/tested';
import { benchlessFor, type BenchlessCheck } from '@/core/prove/checks';
import { isProvenByFlow } from '@/core/prove/plan';
import { sayProve } from '@/core/prove/say';
import { proofWords } from '@/core/prove/sayProve';
import { parsePressure_bar, pressureUnit } from '@/core/quantity/flow';
import type { ShopUnit } from '@/core/quantity/units';
import type { Job } from '@/core/records/job';
import type { ProofAnswer } from '@/core/records/testing';
import { dayOf } from '@/core/schema/dates';
import { useShop } from '@/data/hooks';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { RowButton } from '@/ui/RowButton';
import { Words } from '@/ui/Words';
import { layout } from '@/ui/layout';
import { useCommand } from '../job/useCommand';

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

/** What was read and what it is due on, or what is wrong with how that is written. */
function readTyped(
  value: string,
  due: string,
  check: BenchlessCheck,
  unit: ShopUnit,
): { readonly value_bar: number | null; readonly due: string | null } | { readonly wrong: string } {
  const read = tried(() => parsePressure_bar(value, unit));
  if (!read.ok) return { wrong: read.message };
  const day = due.trim() === '' ? null : (dayOf(due, new Date()) ?? null);
  if (due.trim() !== '' && day === null) return { wrong: sayProve('prove.noDay') };
  // A vacuum is written as people say it, without its sign.
  const value_bar =
    read.value !== null && check.reads === 'vacuum' ? -Math.abs(read.value) : read.value;
  if (value_bar !== null && value_bar < -1.1) return { wrong: sayProve('prove.noVacuum') };
  return { value_bar, due: day };
}

function CheckAt({ job, check }: CheckProps) {
  const { unit } = useShop();
  const { run, error } = useCommand(job);
  const [open, setOpen] = useState(false);
  const [typed, setTyped] = useState<Typed>({ value: '', due: '', remark: '' });
  const [wrong, setWrong] = useState<string | null>(null);
  const proof = proofsIn(job).find((one) => one.check === check.id);
  const type = (name: keyof Typed) => (text: string) =>
    setTyped((was) => ({ ...was, [name]: text }));
  const answer = async (said: ProofAnswer) => {
    const read = readTyped(typed.value, said === 'later' ? typed.due : '', check, unit);
    if ('wrong' in read) {
      setWrong(read.wrong);
      return;
    }
    setWrong(null);
    const note = { answer: said, ...read, remark: typed.remark.trim() };
    if (await run(noteProof(check.id, note))) setOpen(false);
  };
  return (
    <View style={layout.stack}>
      <RowButton
        name={check.name}
        about={proof ? (proofWords(job, proof, unit) ?? '') : 'not made'}
        open={open}
        onPress={() => setOpen(!open)}
      />
      {open ? (
        <View style={layout.stack}>
          <Words>{check.how}</Words>
          <Words>{sayProve('prove.right', { right: check.right })}</Words>
          {check.caution ? <Notice kind="caution">{check.caution}</Notice> : null}
          {error || wrong ? <Notice kind="error">{error ?? wrong ?? ''}</Notice> : null}
          <CheckFields check={check} typed={typed} onType={type} />
          <View style={layout.wrap}>
            <Button mode="contained" onPress={() => void answer('good')}>
              Good
            </Button>
            <Button mode="outlined" onPress={() => void answer('bad')}>
              Not good
            </Button>
            {check.onMachine ? (
              <Button mode="outlined" onPress={() => void answer('later')}>
                Later
              </Button>
            ) : null}
            {proof ? (
              <Button mode="text" onPress={() => void run(noteProof(check.id, null))}>
                Take it back
              </Button>
            ) : null}
          </View>
        </View>
      ) : null}
    </View>
  );
}

type Typed = Readonly<Record<'value' | 'due' | 'remark', string>>;

interface FieldsProps {
  readonly check: BenchlessCheck;
  readonly typed: Typed;
  readonly onType: (name: keyof Typed) => (text: string) => void;
}

/** What is typed of a check: what the gauge read, when it is done, a remark. */
function CheckFields({ check, typed, onType: type }: FieldsProps) {
  const { unit } = useShop();
  return (
    <>
      {check.reads === 'nothing' ? null : (
        <TextInput
          mode="outlined"
          label={sayProve(check.reads === 'vacuum' ? 'prove.readVacuum' : 'prove.readPressure', {
            unit: pressureUnit(unit),
          })}
          aria-label={sayProve(
            check.reads === 'vacuum' ? 'prove.readVacuum' : 'prove.readPressure',
            {
              unit: pressureUnit(unit),
            },
          )}
          value={typed.value}
          onChangeText={type('value')}
        />
      )}
      {check.onMachine ? (
        <TextInput
          mode="outlined"
          label="Where it is done later: the day, or +7"
          aria-label="Where it is done later: the day, or +7"
          value={typed.due}
          onChangeText={type('due')}
        />
      ) : null}
      <TextInput
        mode="outlined"
        label="Remark"
        aria-label="Remark"
        value={typed.remark}
        onChangeText={type('remark')}
      />
    </>
  );
}
