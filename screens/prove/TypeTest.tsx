import { noteTest } from '@/core/commands/testing';
import { flowUnit, pressureUnit } from '@/core/quantity/flow';
import { temperatureUnit } from '@/core/quantity/temperature';
import type { StepResult } from '@/core/prove/compare';
import type { PlanStep } from '@/core/prove/plan';
import { stepWords } from '@/core/prove/sayProve';
import type { Job } from '@/core/records/job';
import { say } from '@/core/wording/say';
import { useShop } from '@/data/hooks';
import { Words } from '@/ui/Words';
import { useCommand } from '../job/useCommand';
import { readTest, toTestForm, type TestForm } from './testForm';
import { TypedForm, type Typed } from '../shell/TypedForm';

interface Props {
  readonly job: Job;
  readonly step: PlanStep;
  readonly test: StepResult['test'];
  readonly onDone: () => void;
}

/** What a step gave, as it was read off the stand and typed. */
export function TypeTest({ job, step, test, onDone }: Props) {
  const { unit } = useShop();
  const { run, error } = useCommand(job);
  const read = (typed: Typed) => readTest(typed as TestForm, step, unit);
  const keep = async (typed: Typed) => {
    const said = read(typed);
    const isKept = 'value' in said && (await run(noteTest(said.value)));
    if (isKept) onDone();
    return isKept;
  };
  return (
    <>
      <Words strong>{stepWords(step, unit)}</Words>
      <TypedForm
        draft={`test/${job.id}/${step.id}`}
        fields={[
          { name: 'flow', label: say('tag.flow', { unit: flowUnit(unit) }) },
          {
            name: 'pressure',
            label: say('tag.pressure', { unit: pressureUnit(unit) }),
          },
          { name: 'oil', label: say('tag.oil', { unit: temperatureUnit(unit) }) },
          { name: 'rpm', label: 'Engine or motor rpm', inputMode: 'decimal' },
          { name: 'ratio', label: 'Pump turns per engine turn', inputMode: 'decimal' },
          { name: 'remark', label: 'Remark', isWide: true },
        ]}
        stored={toTestForm(step, test, unit)}
        error={error}
        faults={(typed) => {
          const said = read(typed);
          return 'wrong' in said ? said.wrong : {};
        }}
        answers={[{ name: 'Keep the figures', keep }]}
        other={{ name: 'Cancel', onPress: onDone }}
      />
    </>
  );
}
