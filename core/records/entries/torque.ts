import { array, number, string } from 'yup';
import { exact, finite, identifier, millimetres } from '../../schema/fields';
import { TORQUE_UNITS } from '../torqueUnits';
import { entryKind, entrySchema, type Standing } from './slice';

/** Describes a wrench with something between its square and the bolt. */
const wrench = exact({
  length_mm: millimetres().required().moreThan(0),
  extension_mm: millimetres().required(),
  angle_deg: finite().required().min(0).max(180),
});

/** Records that bolts were drawn up to a stage of their torque, and with which wrench. */
export const torque = entryKind({
  kind: 'torque',
  schema: entrySchema('torque', {
    step: identifier(),
    /** Counts the stages of the step from 0. */
    stage: number().integer().min(0).max(9).required(),
    /** The bolts by their number on the circle, from 1. */
    bolts: array(number().integer().min(1).max(200).required()).required().min(1).max(200),
    unit: string().oneOf(TORQUE_UNITS).required(),
    wrench: wrench.nullable().defined(),
  }),
  is: { list: 'torques', tells: 'decided', undo: 'build' },
});

export type TorqueEntry = Standing<typeof torque>;
