import { array, number, object } from 'yup';
import { InputError } from '../errors';
import { exact } from '../schema/fields';
import { crissCross, NM_PER, setShare, type TorqueUnit } from '../workshop/torquePlan';
import { choice, notBelow, perhaps, positive } from './fields';
import { sum } from './sum';

const UNITS = ['Nm', 'lbft', 'lbin'] as const satisfies readonly TorqueUnit[];

/** Checks that stages rise to the whole; the first one that does not is named. */
function checkStages(stages: readonly number[]): void {
  const flat = stages.findIndex((share, i) => i > 0 && share <= (stages[i - 1] ?? 0));
  if (flat > 0) throw new InputError(`stages[${flat}]`, 'not-rising', 'Stages have to rise.');
  if (stages.at(-1) !== 1)
    throw new InputError(
      `stages[${stages.length - 1}]`,
      'not-whole',
      'The last stage is the whole torque: 1.',
    );
}

/** Tells what is set on a wrench, and in which order bolts are drawn up. */
export const torquePlanOf = sum({
  input: object({
    bolts: positive('Bolts, evenly round a circle', 'count').integer().max(200),
    value: positive('Torque', 'count'),
    unit: choice('Unit', UNITS),
    stages: array(number().required().moreThan(0).max(1))
      .required()
      .min(1)
      .max(12)
      .meta({ label: 'Stages, as shares' }),
    wrench: exact({
      length_mm: positive('Wrench, grip to square'),
      extension_mm: notBelow('Extension, square to bolt'),
      angle_deg: perhaps('Extension out of line', '°').min(0).max(180),
    })
      .nullable()
      .default(undefined)
      .notRequired(),
  }),
  example: {
    bolts: 8,
    value: 42,
    unit: 'lbft',
    stages: [0.33, 0.66, 1],
    wrench: { length_mm: 400, extension_mm: 60 },
  },
  answer: ({ bolts, value, unit, stages, wrench }) => {
    checkStages(stages);
    const share = wrench ? setShare({ ...wrench, angle_deg: wrench.angle_deg ?? 0 }) : 1;
    const newtonMetres = value * NM_PER[unit];
    const order = crissCross(bolts);
    return {
      Nm: newtonMetres,
      lbft: newtonMetres / NM_PER.lbft,
      lbin: newtonMetres / NM_PER.lbin,
      stages: stages.map((stage) => ({ value: value * stage * share, order })),
    };
  },
  gives: {
    Nm: ['Torque in N·m', 'count'],
    lbft: ['Torque in lbf·ft', 'count'],
    lbin: ['Torque in lbf·in', 'count'],
    stages: ['Stages'],
  },
});
