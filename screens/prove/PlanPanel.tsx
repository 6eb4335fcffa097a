import { useState } from 'react';
import { View } from 'react-native';
import { planTest } from '@/core/commands/testing';
import { sayProve } from '@/core/prove/say';
import { stepWords } from '@/core/prove/sayProve';
import type { PlanStep } from '@/core/prove/plan';
import { flowUnit, pressureUnit } from '@/core/quantity/flow';
import type { ShopUnit } from '@/core/quantity/units';
import { temperatureUnit } from '@/core/quantity/temperature';
import type { Job } from '@/core/records/job';
import { NO_POINT, type PointTexts } from '@/core/records/pointFields';
import type { TestPoint } from '@/core/records/testing';
import { flowOf } from '@/core/pumps/flows';
import { say } from '@/core/wording/say';
import { useShop } from '@/data/hooks';
import { Button } from '@/ui/Button';
import { RowButton } from '@/ui/RowButton';
import { Words } from '@/ui/Words';
import { layout } from '@/ui/layout';
import { useCommand } from '../job/useCommand';
import { TestOil } from './TestOil';
import { readPoint } from './testForm';
import { TypedForm, type Typed, type TypedField } from '../shell/TypedForm';

interface Props {
  readonly job: Job;
  readonly steps: readonly PlanStep[];
}

/** Returns a step of a plan as the job keeps it. */
const pointOf = ({ from: _f, least: _l, mostLoss: _m, ...point }: PlanStep): TestPoint => point;

/** Returns what is asked of a step that is made up: of a pump with sections, which of them deliver. */
const fieldsFor = (sections: number, unit: ShopUnit): TypedField[] => [
  { name: 'name', label: 'What it stands for, as “hot idle”', isWide: true },
  { name: 'rpm', label: 'Engine or motor rpm', inputMode: 'decimal' },
  { name: 'ratio', label: 'Pump turns per engine turn', inputMode: 'decimal' },
  { name: 'pressure', label: say('tag.pressure', { unit: pressureUnit(unit) }) },
  { name: 'oil', label: say('tag.oil', { unit: temperatureUnit(unit) }) },
  { name: 'minutes', label: 'Minutes', inputMode: 'decimal' },
  ...(sections > 1 ? [{ name: 'sections', label: 'Sections alone, as 1, 2; empty for all' }] : []),
  { name: 'least', label: say('tag.leastFlow', { unit: flowUnit(unit) }) },
  { name: 'mostLoss', label: say('tag.mostLoss', { unit: flowUnit(unit) }) },
  { name: 'source', label: 'Who says so: document and page', isWide: true },
];

/** The steps of the test, and one more that is made up on the spot. */
export function PlanPanel({ job, steps }: Props) {
  const { unit } = useShop();
  const { run, error } = useCommand(job);
  const [open, setOpen] = useState(false);
  const [adding, setAdding] = useState(false);
  const sections = flowOf(job.sheet.family).sections?.(job.sheet.geometry) ?? 1;
  const keep = (points: readonly PlanStep[], more: readonly TestPoint[] = []) =>
    run(planTest([...points.map(pointOf), ...more]));
  const read = (typed: Typed) => readPoint(typed as PointTexts, unit);
  const add = async (typed: Typed) => {
    const point = read(typed);
    const isKept = 'value' in point && (await keep(steps, [point.value]));
    if (isKept) setAdding(false);
    return isKept;
  };
  const fields = fieldsFor(sections, unit);
  return (
    <View style={layout.stack}>
      <RowButton
        name="The test plan"
        about={sayProve('prove.planFrom', { from: steps[0]?.from ?? 'assumed' })}
        open={open}
        onPress={() => setOpen(!open)}
      />
      {open ? (
        <>
          <TestOil job={job} />
          {steps.map((step) => (
            <View key={step.id} style={layout.line}>
              <Words style={layout.grow}>{stepWords(step, unit)}</Words>
              <Button
                icon="trash-can-outline"
                accessibilityLabel={sayProve('prove.removeStep', { step: stepWords(step, unit) })}
                onPress={() => void keep(steps.filter(({ id }) => id !== step.id))}
              >
                Remove
              </Button>
            </View>
          ))}
          {adding ? (
            <TypedForm
              draft={`step/${job.id}`}
              fields={fields}
              stored={NO_POINT}
              error={error}
              faults={(typed) => {
                const point = read(typed);
                return 'wrong' in point ? point.wrong : {};
              }}
              answers={[{ name: 'Add this step', keep: add }]}
              other={{ name: 'Cancel', onPress: () => setAdding(false) }}
            />
          ) : (
            <View style={layout.wrap}>
              <Button mode="outlined" icon="plus" onPress={() => setAdding(true)}>
                Another step
              </Button>
              {job.testing.points ? (
                <Button mode="text" onPress={() => void run(planTest(null))}>
                  As the sheet has it
                </Button>
              ) : null}
            </View>
          )}
        </>
      ) : null}
    </View>
  );
}
