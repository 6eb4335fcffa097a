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
  moved: 'moved {swing}',
  shows: 'the dial shows {reading}',
  askew: 'θ {angle}°',
  drawnLever: 'The stylus of a lever indicator on a surface, {angle}° off lying along it.',
  drawnPlunger: 'The stem of a plunger indicator over a surface, {angle}° off the movement.',
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
    picture: (given, { swing_mm }, f, pens) => {
      const { angle_deg, reading_mm } = given;
      const [ball, isLever] = [{ x: 190, y: 112 }, given.indicator === 'lever'];
      // A lever lies along the surface, a plunger stands over it: each by its angle off that.
      const stem = pens.onClock(isLever ? 270 + angle_deg : -angle_deg, 96, ball);
      const along = pens.onClock(isLever ? angle_deg : -angle_deg, 60, ball);
      const rest = isLever ? { x: 80, y: 112 } : { x: 190, y: 16 };
      return {
        height: 150,
        said: say(isLever ? 'drawnLever' : 'drawnPlunger', { angle: f.plain(angle_deg, 1) }),
        parts: [
          pens.rect(60, 121, 240, 26, { fill: 'casting', line: 'ink' }),
          pens.line([ball, rest], { line: 'muted', dashed: true }),
          pens.line([ball, stem], { line: 'ink', width: 5 }),
          pens.circle(ball, 9, { fill: 'steel', line: 'ink' }),
          // What it touches moves square to its face; a lever's ball follows round its pivot.
          ...(isLever ? [pens.arrow(ball, along, 'muted')] : []),
          pens.arrow({ x: 262, y: 118 }, { x: 262, y: 58 }, 'blue'),
          pens.words(say('moved', { swing: f.gap(swing_mm) }), 262, 48, 'middle', 'blue'),
          pens.words(say('shows', { reading: f.gap(reading_mm) }), 8, 16, 'start', 'muted'),
          pens.words(say('askew', { angle: f.plain(angle_deg, 1) }), 8, 36),
        ],
      };
    },
    takes: { pitchRadius_mm: 'pitch_radius' },
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
