import { array, boolean, type InferType } from 'yup';
import { FLUID_RANGE_C } from '../hydraulics/fluid';
import { exact, finite, line, notOver, once } from '../schema/fields';
import { say } from '../wording/say';

/** Describes a fluid as its data sheet gives it. */
export const fluid = exact({
  name: line().required('A fluid needs a name'),
  kv40_mm2s: finite()
    .required('Enter the viscosity at 40 °C.')
    .moreThan(0, 'Viscosity must be above 0.')
    .max(1e5, 'Viscosity is over 100,000 mm²/s. Check the unit.'),
  kv100_mm2s: finite()
    .required('Enter the viscosity at 100 °C.')
    .moreThan(0, 'Viscosity must be above 0.')
    .test(notOver('kv40_mm2s', () => say('flow.thickens'))),
  density15_kgm3: finite()
    .required('Enter the density at 15 °C.')
    .min(500, 'Density must be 500–2000 kg/m³.')
    .max(2000, 'Density must be 500–2000 kg/m³.'),
});

const speed = () =>
  finite().min(0, 'Speed cannot be below 0.').max(50_000, 'Speed must be at most 50000 rpm.');
const pressure = () =>
  finite().min(0, 'Pressure cannot be below 0.').max(2000, 'Pressure must be at most 2000 bar.');
const flow = () =>
  finite().min(0, 'Flow cannot be below 0.').max(10_000, 'Flow must be at most 10000 l/min.');

/** Describes how a pump runs: its own speed, the pressure at its outlet, the oil's temperature. */
export const runningState = exact({
  rpm: speed().required('Enter the speed.'),
  pressure_bar: pressure().required('Enter the pressure.'),
  temp_C: finite()
    .required('Enter the temperature.')
    .min(FLUID_RANGE_C.least, () => say('flow.temperature', { most: FLUID_RANGE_C.most }))
    .max(FLUID_RANGE_C.most, () => say('flow.temperature', { most: FLUID_RANGE_C.most })),
});

/** A circuit that the pump feeds: what it wants at hot idle and at working speed; null where nobody said. */
export const circuit = exact({
  name: line().defined(),
  idle_lpm: flow().nullable().defined(),
  idle_bar: pressure().nullable().defined(),
  work_lpm: flow().nullable().defined(),
  work_bar: pressure().nullable().defined(),
});

export const MOST_CIRCUITS = 20;
const circuits = () =>
  array(circuit)
    .required()
    .max(MOST_CIRCUITS, say('records.most', { most: MOST_CIRCUITS }));

/** Describes what a pump runs on and at, where somebody said it. */
const running = {
  fluid: fluid.nullable().defined().default(undefined),
  idle: runningState.nullable().defined().default(undefined),
  work: runningState.nullable().defined().default(undefined),
};

/** Describes what a sheet says of the flow of its pump. */
export const sheetFlow = exact({
  ...running,
  /** Says what it moves in a turn as its maker publishes it, in cm³; null where nobody said. */
  cc_rev: finite()
    .moreThan(0, 'Displacement must be above 0.')
    .max(10_000, 'Displacement must be at most 10000 cm³.')
    .nullable()
    .defined(),
  /** Pressure holds the bushing blocks to the gears; null where nobody said. */
  loadedBlocks: boolean().nullable().defined(),
  /** Lists what the circuits want that it feeds; empty where nobody said. */
  demand: circuits(),
});

/** Describes what is otherwise on one job; null where its sheet's holds. */
export const jobFlow = exact({ ...running, demand: circuits().nullable().defined() });

/** Describes fluids that a shop keeps of its own. */
export const shopFluids = once(
  array(fluid).required().max(60, 'At most 60 fluids'),
  'A fluid is there twice',
  ({ name }) => name,
);

export type NamedFluid = InferType<typeof fluid>;
export type FlowState = InferType<typeof runningState>;
export type Circuit = InferType<typeof circuit>;
export type SheetFlow = InferType<typeof sheetFlow>;
export type JobFlow = InferType<typeof jobFlow>;

/** A sheet that says nothing of flow. */
export const NO_SHEET_FLOW: SheetFlow = {
  fluid: null,
  idle: null,
  work: null,
  cc_rev: null,
  loadedBlocks: null,
  demand: [],
};

/** A job on which all is as its sheet says. */
export const AS_THE_SHEET: JobFlow = { fluid: null, idle: null, work: null, demand: null };
