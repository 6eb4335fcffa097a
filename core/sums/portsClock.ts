import { object } from 'yup';
import { portsClock } from '../workshop/portsClock';
import { choice, figure, perhaps, perhapsOneOf, usually } from './fields';
import { listed, sayFrom } from '../wording/say';
import { sum } from './sum';

const WORDS = {
  turn: 'Turn the cover {deg}° {way}, seen from the {end}.',
  half: 'Turn the cover half round.',
  stay: 'It points there already.',
  not: 'Not there: nearest is {clock} o’clock.',
  where: 'The outlet can point to {clocks} o’clock, seen from the {end}.',
  rotation: 'Rotation stays, and the inlet with it.',
  bolts: 'Bolts in an oblong allow two positions, in a square four.',
  row: '{clock} o’clock',
  rowOther: '{clock} from the other end, {angle}° to the inlet',
  brief: '{clock} o’clock',
  clockwise: 'clockwise',
  anticlockwise: 'anticlockwise',
  cover: 'cover',
  shaft: 'shaft end',
  four: 'the bolts stand in a square',
  inlet: 'blue: the inlet',
  outlets: 'dashed: where the outlet can point',
  outletsWanted: 'dashed: where the outlet can point; filled: as wanted, or next',
  seen: 'from the {end}',
  drawn:
    'A clock, seen from the {end}: the inlet at {inlet}, and the outlet can point to {clocks}.',
} as const;

const say = sayFrom(WORDS);

const VIEWS = ['cover', 'shaft'] as const;

/** Tells where the port of a cover that can be turned may point. */
export const portsClockOf = sum({
  input: object({
    inlet_clock: figure('Inlet, clock hour', 'count').min(0).max(12),
    outlet_clock: figure('Outlet, clock hour', 'count').min(0).max(12),
    seenFrom: choice('Seen from', VIEWS, 'cover'),
    positions: usually('Positions of the cover', 4, 'count').integer().min(1).max(24),
    wanted_clock: perhaps('Outlet wanted at, clock hour', 'count').min(0).max(12),
    wantedSeenFrom: perhapsOneOf('That seen from', VIEWS),
  }),
  example: { inlet_clock: 12, outlet_clock: 6, wanted_clock: 3, wantedSeenFrom: 'shaft' },
  answer: ({ wanted_clock, wantedSeenFrom, seenFrom, ...cover }) =>
    portsClock({
      ...cover,
      seenFrom,
      wanted:
        wanted_clock == null ? null : { clock: wanted_clock, seenFrom: wantedSeenFrom ?? seenFrom },
    }),
  page: {
    words: WORDS,
    asks: [
      { at: 'inlet_clock', how: 'As a clock hour: 12 is up.' },
      { at: 'outlet_clock' },
      { at: 'wanted_clock' },
      { at: 'wantedSeenFrom', names: { cover: 'The cover', shaft: 'The shaft end' } },
      { at: 'positions', how: 'Bolts in a square: 4; in an oblong: 2.' },
      { at: 'seenFrom', more: true, names: { cover: 'The cover', shaft: 'The shaft end' } },
    ],
    says: ({ seenFrom }, { turn, nearest_clock, options }, f) => {
      const end = say(seenFrom);
      const clocks = listed(options.map(({ clock }) => f.plain(clock, 1)));
      const head = () => {
        if (nearest_clock === null) return say('where', { clocks, end });
        if (!turn) return say('not', { clock: f.plain(nearest_clock, 1) });
        if (turn.way === 'none') return say('stay');
        if (turn.way === 'either') return say('half');
        return say('turn', { deg: f.plain(turn.deg, 0), way: say(turn.way), end });
      };
      return {
        mark: turn ? 'good' : nearest_clock === null ? 'unknown' : 'bad',
        head: head(),
        rest: [turn || nearest_clock === null ? '' : say('bolts'), say('rotation')].filter(Boolean),
      };
    },
    brief: ({ nearest_clock, options }, f) =>
      say('brief', { clock: f.plain(nearest_clock ?? options[0]?.clock ?? 12, 1) }),
    weigh: ({ nearest_clock }) => nearest_clock,
    changes: (given) =>
      given.positions === 2 ? [{ what: say('four'), input: { ...given, positions: 4 } }] : [],
    rowsName: 'Where the outlet can point',
    rows: (_, { options }, f) =>
      options.map(({ clock, otherEnd_clock, against }) => [
        say('row', { clock: f.plain(clock, 1) }),
        say('rowOther', { clock: f.plain(otherEnd_clock, 1), angle: f.plain(against, 0) }),
      ]),
    picture: (given, { options, nearest_clock }, f, pens) => {
      const [middle, rim] = [{ x: 180, y: 92 }, 58];
      const at = (hour: number, radius: number) => pens.onClock(30 * hour, radius, middle);
      const end = say(given.seenFrom);
      return {
        height: 206,
        said: say('drawn', {
          inlet: f.plain(given.inlet_clock || 12, 1),
          clocks: listed(options.map(({ clock }) => f.plain(clock, 1))),
          end,
        }),
        parts: [
          pens.circle(middle, rim, { fill: 'casting', line: 'ink' }),
          ...[12, 3, 6, 9].map((hour) => {
            const { x, y } = at(hour, rim - 12);
            return pens.words(f.plain(hour, 0), x, y + 5, 'middle', 'muted');
          }),
          pens.circle(at(given.inlet_clock, rim + 14), 11, { fill: 'worked', line: 'blue' }),
          ...options.map(({ clock }) =>
            pens.circle(at(clock, rim + 14), clock === nearest_clock ? 9 : 7, {
              ...(clock === nearest_clock ? { fill: 'in' as const } : {}),
              line: 'ink',
              dashed: clock !== nearest_clock,
            }),
          ),
          pens.words(say('inlet'), 8, 16, 'start', 'blue'),
          pens.words(say(nearest_clock === null ? 'outlets' : 'outletsWanted'), 180, 200, 'middle'),
          pens.words(say('seen', { end }), 352, 16, 'end', 'muted'),
        ],
      };
    },
    takes: { positions: 'cover_positions' },
    formula: {
      line: 'outlet + 12k/n; from the other end 12 − h',
      symbols: [
        ['n', 'positions of the cover'],
        ['k', '0 to n − 1'],
      ],
      source: 'plain geometry',
      assumed: [],
    },
    beside: ['rotation.name'],
  },
  gives: {
    options: ['Where the outlet can point'],
    turn: ['How the cover is turned'],
    nearest_clock: ['Nearest', 'h'],
  },
});
