import { array, string, type InferType } from 'yup';
import { exact, celsius, day, finite, line } from '../schema/fields';
import { say } from '../wording/say';

export const ROTATIONS = ['unknown', 'clockwise', 'anticlockwise'] as const;
export const USED_UNITS = ['h', 'km', 'mi'] as const;

/** Flow and pressure at a speed, taken before the pump came apart. */
export const figureFields = {
  /** Gives the speed of the engine or motor; the pump turns `ratio` times as fast. */
  drive_rpm: finite()
    .required()
    .moreThan(0, 'Speed must be above 0.')
    .max(50_000, 'Speed must be at most 50000 rpm.'),
  ratio: finite()
    .required()
    .moreThan(0, 'Ratio must be above 0.')
    .max(100, 'Ratio must be at most 100.'),
  flow_lpm: finite()
    .min(0, 'Flow cannot be below 0.')
    .max(10_000, 'Flow must be at most 10000 l/min.')
    .nullable()
    .defined(),
  pressure_bar: finite()
    .min(-1, 'Pressure is below full vacuum (−1 bar). Check the sign and unit.')
    .max(2000, 'Pressure must be at most 2000 bar.')
    .nullable()
    .defined(),
  oil_C: celsius().nullable().defined(),
};

const beforeFigure = exact(figureFields);

export const MOST_FIGURES = 20;

/** Describes what stands on the tag of a job beside its number, unit, owner and complaint. */
export const tagFields = {
  contact: line().defined(),
  serial: line().defined(),
  /** Hours or distance run. */
  used: finite()
    .min(0, 'Cannot be below 0.')
    .max(1e8, 'Too large. Check the figure and the unit.')
    .nullable()
    .defined(),
  usedUnit: string().oneOf(USED_UNITS).required(),
  fluid: line().defined(),
  /** As received, viewed from the shaft end. */
  rotation: string().oneOf(ROTATIONS).required(),
  ports: line().defined(),
  due: day().nullable().defined(),
  before: array(beforeFigure)
    .required()
    .max(MOST_FIGURES, say('records.mostReadings', { most: MOST_FIGURES })),
};

/** The same before anybody has said anything. */
export const EMPTY_TAG = {
  contact: '',
  serial: '',
  used: null,
  usedUnit: 'h',
  fluid: '',
  rotation: 'unknown',
  ports: '',
  due: null,
  before: [],
} as const;

/** A customer, to be found again by a few letters. */
export const customer = exact({
  name: line().required('A customer needs a name'),
  contact: line().defined(),
});

export const MOST_CUSTOMERS = 2000;
export const customers = array(customer).required().max(MOST_CUSTOMERS, 'At most 2000 customers');

export type BeforeFigure = InferType<typeof beforeFigure>;
export type Customer = InferType<typeof customer>;

/** Returns the speed of the pump at a figure, in 1/min. */
export function pumpSpeed({ drive_rpm, ratio }: Pick<BeforeFigure, 'drive_rpm' | 'ratio'>): number {
  return drive_rpm * ratio;
}
