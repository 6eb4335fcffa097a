import { array, object, string, type InferType } from 'yup';
import { isDay } from '../schema/dates';
import { celsius, finite, holds, line } from '../schema/fields';

export const ROTATIONS = ['unknown', 'clockwise', 'anticlockwise'] as const;
export const USED_UNITS = ['h', 'km', 'mi'] as const;

/** Returns a day as `2026-11-23`. */
const day = () =>
  holds(
    string().matches(/^\d{4}-\d\d-\d\d$/, 'A day is written year-month-day: 2026-11-23'),
    'date',
    'Not a day that the calendar knows',
    isDay,
  );

/** Flow and pressure at a speed, taken before the pump came apart. */
export const figureFields = {
  /** Of the engine or motor; the pump turns `ratio` times as fast. */
  drive_rpm: finite().required().moreThan(0, 'A speed is over zero').max(50_000),
  ratio: finite().required().moreThan(0, 'A ratio is over zero').max(100),
  flow_lpm: finite().min(0, 'Not below zero').max(10_000).nullable().defined(),
  pressure_bar: finite().min(-1, 'Below a vacuum').max(2000).nullable().defined(),
  oil_C: celsius().nullable().defined(),
};

const beforeFigure = object(figureFields).noUnknown().required();

export const MOST_FIGURES = 20;

/** Describes what stands on the tag of a job beside its number, unit, owner and complaint. */
export const tagFields = {
  contact: line().defined(),
  serial: line().defined(),
  /** Hours or distance run. */
  used: finite().min(0, 'Not below zero').max(1e8, 'Nothing runs that long').nullable().defined(),
  usedUnit: string().oneOf(USED_UNITS).required(),
  fluid: line().defined(),
  /** As received, seen from the shaft end. */
  rotation: string().oneOf(ROTATIONS).required(),
  ports: line().defined(),
  due: day().nullable().defined(),
  before: array(beforeFigure).required().max(MOST_FIGURES, `At most ${MOST_FIGURES} figures`),
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
export const customer = object({
  name: line().required('A customer needs a name'),
  contact: line().defined(),
})
  .noUnknown()
  .required();

export const MOST_CUSTOMERS = 2000;
export const customers = array(customer).required().max(MOST_CUSTOMERS, 'At most 2000 customers');

export type BeforeFigure = InferType<typeof beforeFigure>;
export type Customer = InferType<typeof customer>;

/** Returns the speed of the pump at a figure, in 1/min. */
export function pumpSpeed({ drive_rpm, ratio }: Pick<BeforeFigure, 'drive_rpm' | 'ratio'>): number {
  return drive_rpm * ratio;
}
