import { fluidsFor } from '@/core/flow/fluids';
import { dequal } from 'dequal';
import { useEffect, useState } from 'react';
import { useFieldArray, useForm, useWatch, type Control, type FieldPath } from 'react-hook-form';
import { View } from 'react-native';
import { setFields } from '@/core/commands/job';
import { flowUnit, pressureUnit } from '@/core/quantity/flow';
import { flowOf } from '@/core/pumps/flows';
import { temperatureUnit } from '@/core/quantity/temperature';
import type { ShopUnit } from '@/core/quantity/units';
import type { Job } from '@/core/records/job';
import type { Shop } from '@/core/records/shop';
import { say } from '@/core/wording/say';
import { sayFlow } from '@/core/wording/sayFlow';
import { useChange, useChangeShop, useShop } from '@/data/hooks';
import { Button } from '@/ui/Button';
import { ChoiceField } from '@/ui/ChoiceField';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { RowButton } from '@/ui/RowButton';
import { Words } from '@/ui/Words';
import { layout } from '@/ui/layout';
import { useCommand } from '../../job/useCommand';
import {
  AS_SHEET,
  fromFlowForm,
  NO_CIRCUIT,
  OWN_OIL,
  toFlowForm,
  withFluid,
  type ReadFlow,
  type FlowForm,
} from './flowForm';

interface Props {
  readonly job: Job;
  /** What holds now, a line each. */
  readonly about: readonly string[];
  /** Told whether what is typed cannot be used. */
  readonly onHeld: (isHeld: boolean) => void;
}

/** What a pump runs on and at, and what its circuits want: as it is, and to be changed for this job. */
export function Conditions({ job, about, onHeld }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <View style={layout.stack}>
      {about.map((line) => (
        <Words key={line} size="note">
          {line}
        </Words>
      ))}
      <RowButton
        name="Oil, speeds and circuits"
        about="of this job"
        open={open}
        onPress={() => setOpen(!open)}
      />
      {open ? <ConditionsForm job={job} onHeld={onHeld} onDone={() => setOpen(false)} /> : null}
    </View>
  );
}

/** Stores what a form came to where it belongs: with the job, on its sheet, among the shop’s oils. */
function useStoredFlow(job: Job) {
  const { run, error } = useCommand(job);
  const { apply: changeShop } = useChangeShop();
  const { apply: changeSheet } = useChange('sheet', job.sheet.id);
  const store = async (
    { holds, oil, oil_kept }: FlowForm,
    { job: flow, sheet }: Extract<ReadFlow, { ok: true }>,
  ): Promise<boolean> => {
    const isSheetChanged = !dequal(sheet, job.sheet.flow);
    const copy = isSheetChanged ? { sheet: { ...job.sheet, flow: sheet } } : {};
    if (!(await run(setFields({ flow, ...copy })))) return false;
    // The job has it all; a sheet that is on another device, or a shop that cannot be written, goes without.
    const { fluid } = flow.fluid ? flow : sheet;
    if (fluid && oil === OWN_OIL && oil_kept === 'shop') {
      const kept = (shop: Shop) => ({ ...shop, fluids: withFluid(shop.fluids, fluid) });
      await changeShop(kept).catch(() => undefined);
    }
    if (isSheetChanged) {
      // What the pump itself is like is the sheet's, whomever the rest is for.
      const { cc_rev, loadedBlocks } = sheet;
      await changeSheet((s) => ({
        ...s,
        flow: holds === 'sheet' ? sheet : { ...s.flow, cc_rev, loadedBlocks },
      })).catch(() => undefined);
    }
    return true;
  };
  return { store, error };
}

/** The form of what is otherwise on this job than on its sheet. */
function ConditionsForm({
  job,
  onHeld,
  onDone,
}: Pick<Props, 'job' | 'onHeld'> & { readonly onDone: () => void }) {
  const { unit, fluids } = useShop();
  const known = fluidsFor(fluids);
  const { store, error } = useStoredFlow(job);
  const form = useForm<FlowForm>({
    defaultValues: toFlowForm(job, known, unit),
  });
  const { control, handleSubmit, setError, clearErrors, formState } = form;
  const isRefused = Object.keys(formState.errors).length > 0;
  useEffect(() => {
    onHeld(isRefused);
    return () => onHeld(false);
  }, [isRefused, onHeld]);
  const oil = useWatch({ control, name: 'oil' });
  const save = handleSubmit(async (typed) => {
    clearErrors();
    const read = fromFlowForm(typed, job.sheet.flow, known, unit);
    if (!read.ok) {
      const [first] = Object.entries(read.errors);
      for (const [name, message] of Object.entries(read.errors)) {
        setError(name as FieldPath<FlowForm>, { message }, { shouldFocus: name === first?.[0] });
      }
      return;
    }
    if (await store(typed, read)) onDone();
  });
  return (
    <View style={layout.stack}>
      <Words strong>Oil</Words>
      <ChoiceField
        control={control}
        name="oil"
        label="Oil"
        stacked
        options={[
          { value: AS_SHEET, name: 'As the sheet says, or the usual' },
          ...known.map(({ name }) => ({ value: name, name })),
          { value: OWN_OIL, name: 'Another: enter its viscosity' },
        ]}
      />
      {oil === OWN_OIL ? <OwnOil control={control} /> : null}
      <StateFields control={control} duty="idle" title="Hot idle" unit={unit} />
      <StateFields control={control} duty="work" title="Working speed" unit={unit} />
      <Circuits control={control} unit={unit} />
      <Words strong>The pump</Words>
      <Field
        control={control}
        name="cc"
        label="Published displacement, cm³ a turn"
        inputMode="decimal"
      />
      {flowOf(job.sheet.family).mayBeLoaded?.(job.sheet.geometry) ? (
        <>
          <Words>Does pressure hold the bushing blocks to the gears?</Words>
          <ChoiceField
            control={control}
            name="blocks"
            label="Blocks held by pressure"
            options={BLOCKS}
          />
        </>
      ) : null}
      <Words strong>This holds for</Words>
      <ChoiceField control={control} name="holds" label="This holds for" options={HOLDS} />
      {error ? <Notice kind="error">{error}</Notice> : null}
      <Button mode="contained" onPress={() => void save()}>
        Save
      </Button>
    </View>
  );
}

const KEPT = [
  { value: 'job', name: 'Here only' },
  { value: 'shop', name: 'The shop’s list too' },
] as const;

const BLOCKS = [
  { value: 'unknown', name: 'Unknown' },
  { value: 'yes', name: 'Yes' },
  { value: 'no', name: 'No' },
] as const;

const HOLDS = [
  { value: 'job', name: 'This job' },
  { value: 'sheet', name: 'The sheet' },
] as const;

interface PartProps {
  readonly control: Control<FlowForm>;
  readonly unit: ShopUnit;
}

const OwnOil = ({ control }: Pick<PartProps, 'control'>) => (
  <>
    <Field control={control} name="oil_name" label="Name" />
    <View style={layout.row}>
      <Field
        control={control}
        name="oil_kv40"
        label="mm²/s at 40 °C"
        inputMode="decimal"
        style={layout.grow}
      />
      <Field
        control={control}
        name="oil_kv100"
        label="mm²/s at 100 °C"
        inputMode="decimal"
        style={layout.grow}
      />
    </View>
    <ChoiceField control={control} name="oil_kept" label="Where this oil is kept" options={KEPT} />
    <Field control={control} name="oil_density" label="kg/m³ at 15 °C" inputMode="decimal" />
  </>
);

interface StateProps extends PartProps {
  readonly duty: 'idle' | 'work';
  readonly title: string;
}

/** Speed, pressure and temperature of a state; empty for what the sheet says, or the usual. */
const StateFields = ({ control, duty, title, unit }: StateProps) => (
  <>
    <Words strong>{title}</Words>
    <View style={layout.row}>
      <Field
        control={control}
        name={`${duty}_rpm`}
        label="Pump rpm"
        spoken={sayFlow('flow.fieldOf', { field: 'Pump rpm', of: title })}
        inputMode="numeric"
        style={layout.grow}
      />
      <Field
        control={control}
        name={`${duty}_pressure`}
        label={say('tag.pressure', { unit: pressureUnit(unit) })}
        spoken={sayFlow('flow.fieldOf', { field: 'Pressure', of: title })}
        style={layout.grow}
      />
      <Field
        control={control}
        name={`${duty}_temp`}
        label={say('tag.oil', { unit: temperatureUnit(unit) })}
        spoken={sayFlow('flow.fieldOf', { field: 'Oil temperature', of: title })}
        inputMode="decimal"
        style={layout.grow}
      />
    </View>
  </>
);

/** What each circuit wants at hot idle and at working speed. */
function Circuits({ control, unit }: PartProps) {
  const { fields, append, remove } = useFieldArray({ control, name: 'circuits', keyName: 'key' });
  const flow = say('tag.flow', { unit: flowUnit(unit) });
  const pressure = say('tag.pressure', { unit: pressureUnit(unit) });
  return (
    <>
      <Words strong>What the circuits want</Words>
      {fields.map((field, i) => (
        <View key={field.key} style={layout.stack}>
          <View style={layout.line}>
            <Field
              control={control}
              name={`circuits.${i}.name`}
              label="Circuit"
              style={layout.grow}
            />
            <Button
              icon="trash-can-outline"
              accessibilityLabel={sayFlow('flow.removeCircuit', { number: i + 1 })}
              onPress={() => remove(i)}
            >
              Remove
            </Button>
          </View>
          {(
            [
              ['idle', 'idleBar', 'Hot idle'],
              ['work', 'workBar', 'Working speed'],
            ] as const
          ).map(([lpm, bar, title]) => (
            <View key={lpm} style={layout.line}>
              <Words size="note" style={layout.grow}>
                {title}
              </Words>
              <Field
                control={control}
                name={`circuits.${i}.${lpm}`}
                label={flow}
                spoken={sayFlow('flow.fieldOf', { field: flow, of: title })}
                style={layout.grow}
              />
              <Field
                control={control}
                name={`circuits.${i}.${bar}`}
                label={pressure}
                spoken={sayFlow('flow.fieldOf', { field: pressure, of: title })}
                style={layout.grow}
              />
            </View>
          ))}
        </View>
      ))}
      <Button mode="outlined" icon="plus" onPress={() => append({ ...NO_CIRCUIT })}>
        Add a circuit
      </Button>
    </>
  );
}
