import { object } from 'yup';
import { portsClock } from '../workshop/portsClock';
import { choice, figure, perhaps, perhapsOneOf, usually } from './fields';
import { sum } from './sum';

const VIEWS = ['cover', 'shaft'] as const;

/** Tells where the port of a cover that can be turned may point. */
export const portsClockOf = sum({
  input: object({
    inlet_clock: figure('Inlet, clock hour', 'h').min(0).max(12),
    outlet_clock: figure('Outlet, clock hour', 'h').min(0).max(12),
    seenFrom: choice('Seen from', VIEWS, 'cover'),
    positions: usually('Positions of the cover', 4, 'count').integer().min(1).max(24),
    wanted_clock: perhaps('Outlet wanted at', 'h').min(0).max(12),
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
  gives: {
    options: ['Where the outlet can point'],
    turn: ['How the cover is turned'],
    nearest_clock: ['Nearest', 'h'],
  },
});
