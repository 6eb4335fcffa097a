import { object } from 'yup';
import { InputError } from '../errors';
import { dialSwing } from '../metrology/indicator';
import { choice, perhaps, usually, figure } from './fields';
import { sayFrom } from '../wording/say';
import { sum } from './sum';

const WORDS = {
  backlash: 'Backlash {backlash} at the pitch circle.',
  swing: 'The swing is {swing}. Give both radii for the backlash.',
  overread: 'So askew the dial shows {percent}% too much.',
  uncertain: 'The graduation alone leaves ± {u}.',
  brief: '{swing}',
  flatter: 'the stylus lies 10° flatter',
} as const;

const say = sayFrom(WORDS);

/** Says how far each kind of indicator may stand askew, in degrees: beyond, the sum says nothing. */
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
  page: {
    words: WORDS,
    asks: [
      { at: 'reading_mm', how: 'The swing of the needle, one flank to the other.' },
      { at: 'indicator', names: { lever: 'Lever', plunger: 'Plunger' } },
      {
        at: 'angle_deg',
        how: 'Lever: between stylus and the surface that it touches. Plunger: between its axis and the movement.',
      },
      { at: 'contactRadius_mm' },
      { at: 'pitchRadius_mm', how: 'Module times teeth, halved.' },
      { at: 'graduation_mm', more: true },
    ],
    says: (_, { swing_mm, backlash_mm, overread_percent, u_mm }, f) => ({
      mark: backlash_mm === null ? 'unknown' : 'good',
      head:
        backlash_mm === null
          ? say('swing', { swing: f.gap(swing_mm) })
          : say('backlash', { backlash: f.gap(backlash_mm) }),
      rest: [
        overread_percent > 0.05 ? say('overread', { percent: f.plain(overread_percent, 1) }) : '',
        u_mm === null ? '' : say('uncertain', { u: f.fine(u_mm) }),
      ].filter(Boolean),
    }),
    brief: ({ swing_mm, backlash_mm }, f) =>
      say('brief', { swing: f.gap(backlash_mm ?? swing_mm) }),
    weigh: ({ swing_mm }) => swing_mm,
    changes: (given) =>
      given.angle_deg >= 10
        ? [{ what: say('flatter'), input: { ...given, angle_deg: given.angle_deg - 10 } }]
        : [],
    formula: {
      line: 'swing = reading·cos θ; backlash = swing·r_pitch/r_contact; u = graduation/√12',
      symbols: [
        [
          'θ',
          'of a lever between stylus and surface, of a plunger between its axis and the movement',
        ],
      ],
      source: 'workshop metrology textbooks; JCGM 100, F.2.2.1',
      assumed: [],
    },
  },
  gives: {
    swing_mm: ['Swing', 'mm'],
    backlash_mm: ['Backlash at the pitch circle', 'mm'],
    overread_percent: ['Reads too much by', '%'],
    u_mm: ['Uncertainty', 'mm'],
  },
});
