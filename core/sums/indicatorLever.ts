import { object } from 'yup';
import { InputError } from '../errors';
import { dialSwing } from '../metrology/indicator';
import { choice, perhaps, usually, figure } from './fields';
import { sum } from './sum';

/** How far each kind of indicator may stand askew, in degrees: beyond, the sum says nothing. */
const MOST_deg = { lever: 60, plunger: 30 } as const;

/** Tells what an indicator that stands askew really moved. */
export const indicatorLever = sum({
  input: object({
    reading_mm: figure('Reading').min(0).max(10).meta({ isGap: true }),
    indicator: choice('Indicator', ['lever', 'plunger'], 'lever'),
    angle_deg: usually('Angle', 0, '°').min(0).max(MOST_deg.lever),
    contactRadius_mm: perhaps('Shaft middle to the ball').moreThan(0),
    pitchRadius_mm: perhaps('Pitch radius').moreThan(0),
    graduation_mm: perhaps('Graduation').moreThan(0),
  }),
  example: { reading_mm: 0.13, angle_deg: 20, contactRadius_mm: 22, pitchRadius_mm: 18.5 },
  answer: ({
    reading_mm,
    indicator,
    angle_deg,
    contactRadius_mm,
    pitchRadius_mm,
    graduation_mm,
  }) => {
    if (angle_deg > MOST_deg[indicator])
      throw new InputError('angle_deg', 'out-of-range', 'At most 30° for a plunger');
    return dialSwing({ reading_mm, angle_deg, contactRadius_mm, pitchRadius_mm, graduation_mm });
  },
  gives: {
    swing_mm: ['Swing', 'mm'],
    backlash_mm: ['Backlash at the pitch circle', 'mm'],
    overread_percent: ['Reads too much by', '%'],
    u_mm: ['Uncertainty', 'mm'],
  },
});
