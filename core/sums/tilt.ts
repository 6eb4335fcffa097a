import { array, object } from 'yup';
import { tiltOf } from '../metrology/tilt';
import { exact } from '../schema/fields';
import { figure, notBelow, positive } from './fields';
import { sayFrom } from '../wording/say';
import { sum } from './sum';

const WORDS = {
  level: 'Level within {tilt}.',
  deeper: '{tilt} deeper towards {clock} o’clock.',
  three: '{tilt} deeper towards {clock} o’clock, by three points.',
  fourth: 'Three points fit any plane: add a fourth.',
  spread: 'From {least} to {most} deep; off the plane by {rms}.',
  recut: 'To level it, recut by {by} where it is shallow.',
  brief: '{tilt}',
  outside: 'Farther out than the pocket is wide. Is this a diameter?',
  drawn:
    'The floor from above with its depths; the arrow points to where it is {tilt} deeper, {clock} o’clock.',
} as const;

const say = sayFrom(WORDS);

/** A floor tilted by no more counts as level, in mm. */
const LEVEL_mm = 0.02;

/** Returns the clock hour of a direction against the clock from three o'clock, to the half hour. */
const clockOf = (direction_deg: number): number => {
  const half = Math.round(2 * ((90 - direction_deg) / 30)) / 2;
  const hour = ((half % 12) + 12) % 12;
  return hour < 0.5 ? 12 : hour;
};

/** The plane through the depths of a floor. */
export const tiltFit = sum({
  input: object({
    diameter_mm: positive('Across the pocket'),
    points: array(
      exact({
        angle_deg: figure('Direction', '°'),
        radius_mm: notBelow('From the middle'),
        depth_mm: figure('Depth'),
      }),
    )
      .required()
      .min(3, 'A plane needs depths at three places at least'),
  }),
  example: {
    diameter_mm: 116,
    points: [0, 90, 180, 270].map((angle_deg) => ({
      angle_deg,
      radius_mm: 50,
      depth_mm: 20 + 0.00005 * angle_deg,
    })),
  },
  answer: ({ diameter_mm, points }) => {
    const places = points.map(({ angle_deg, radius_mm, depth_mm }) => {
      const angle = (angle_deg * Math.PI) / 180;
      return { x_mm: radius_mm * Math.cos(angle), y_mm: radius_mm * Math.sin(angle), depth_mm };
    });
    const { mean_mm, tilt_mm, direction_deg, residualRms_mm, smallest_mm, largest_mm } = tiltOf(
      places,
      diameter_mm,
    );
    return { mean_mm, tilt_mm, direction_deg, residualRms_mm, smallest_mm, largest_mm };
  },
  page: {
    words: WORDS,
    asks: [
      {
        at: 'points[].angle_deg',
        label: 'Places, clock hours',
        isClock: true,
        usual: '12 3 6 9',
        how: 'Three at least, not in a line, with a blank between.',
      },
      { at: 'points[].depth_mm', label: 'Depth at each', how: 'In the same order.' },
      {
        at: 'points[].radius_mm',
        label: 'Places from the middle',
        forAll: true,
        how: 'One figure for all, or one for each.',
      },
      { at: 'diameter_mm', how: 'The tilt is given across it.' },
    ],
    doubts: ({ points, diameter_mm }) =>
      points.some(({ radius_mm }) => 2 * radius_mm > diameter_mm)
        ? [['points[].radius_mm', say('outside')]]
        : [],
    says: ({ points }, { tilt_mm, direction_deg, residualRms_mm, smallest_mm, largest_mm }, f) => {
      const tilt = f.gap(tilt_mm);
      const clock = f.plain(clockOf(direction_deg), 1);
      const isThree = points.length === 3;
      const isLevel = tilt_mm <= LEVEL_mm;
      return {
        mark: isThree ? 'unknown' : isLevel ? 'good' : 'bad',
        head: isThree
          ? say('three', { tilt, clock })
          : isLevel
            ? say('level', { tilt })
            : say('deeper', { tilt, clock }),
        rest: [
          isThree ? say('fourth') : '',
          say('spread', {
            least: f.bareSize(smallest_mm),
            most: f.size(largest_mm),
            rms: f.gap(residualRms_mm),
          }),
          isLevel ? '' : say('recut', { by: f.gap(largest_mm - smallest_mm) }),
        ].filter(Boolean),
      };
    },
    brief: ({ tilt_mm }, f) => say('brief', { tilt: f.gap(tilt_mm) }),
    weigh: ({ tilt_mm }) => tilt_mm,
    picture: ({ points }, { tilt_mm, direction_deg }, f, pens) => {
      const [middle, rim] = [{ x: 180, y: 95 }, 72];
      const far = Math.max(...points.map(({ radius_mm }) => radius_mm)) || 1;
      const deepest = 90 - direction_deg;
      return {
        height: 190,
        said: say('drawn', { clock: f.plain(clockOf(direction_deg), 1), tilt: f.gap(tilt_mm) }),
        parts: [
          pens.circle(middle, rim, { fill: 'casting', line: 'ink' }),
          ...points.flatMap(({ angle_deg, radius_mm, depth_mm }) => {
            const at = pens.onClock(90 - angle_deg, (radius_mm / far) * (rim - 8), middle);
            const out = pens.onClock(90 - angle_deg, (radius_mm / far) * (rim + 8), middle);
            const anchor = out.x > 190 ? 'start' : out.x < 170 ? 'end' : 'middle';
            return [
              pens.circle(at, 4, { fill: 'ink' }),
              pens.words(f.bareSize(depth_mm), out.x, out.y + (out.y > 95 ? 12 : 0), anchor),
            ];
          }),
          ...(tilt_mm > 0
            ? [
                pens.arrow(
                  pens.onClock(deepest + 180, 34, middle),
                  pens.onClock(deepest, 40, middle),
                  'blue',
                ),
              ]
            : []),
        ],
      };
    },
    takes: {
      'points[].angle_deg': 'plane_hours',
      'points[].depth_mm': 'plane_depths',
      'points[].radius_mm': 'plane_radius',
      diameter_mm: 'plane_across',
    },
    formula: {
      line: 'z = a + bx + cy by least squares; tilt = D·√(b² + c²) towards atan2(c, b)',
      symbols: [['D', 'across the pocket']],
      source: 'linear least squares',
      assumed: ['Up to 0.02 mm counts as level.'],
    },
  },
  gives: {
    mean_mm: ['Mean depth', 'mm'],
    tilt_mm: ['Tilt', 'mm'],
    direction_deg: ['Deepest towards', '°'],
    residualRms_mm: ['Off the plane', 'mm'],
    smallest_mm: ['Smallest depth', 'mm'],
    largest_mm: ['Largest depth', 'mm'],
  },
});
