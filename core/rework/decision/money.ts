import type { ReworkCase } from './case';
import { minutesOf, minutesShared } from '../operations/offer';
import type { NewPump } from './newPump';
import type { RatedPlan } from './rated';

/** Says what one way to a sound pump costs, and how long it takes. */
export interface Price {
  /** Gives what is paid and the shop's own time. */
  readonly work: number;
  readonly minutes: number;
  /** Days of waiting. */
  readonly days: number;
  /** Gives what the machine's standing still costs meanwhile. */
  readonly down: number;
  /** The chance of a comeback. */
  readonly chance: number;
  /** All of it, and that chance times what a comeback costs. */
  readonly expected: number;
  /** Tells whether prices are in it that are only the app's examples. */
  readonly example: boolean;
}

/**
 * Returns what a plan costs, item by item.
 *
 * @param rework what plans for the pump are made from
 * @param plan with its works
 */
export function priceOf({ offers, money }: ReworkCase, plan: RatedPlan): Price {
  const done = offers.filter(({ id }) => plan.works.some((w) => w.id === id));
  const days = done.reduce((most, { terms }) => Math.max(most, terms.days), 0);
  const down = days * money.downDay;
  return {
    work: plan.cost - down,
    days,
    down,
    minutes: done.reduce((sum, offer) => sum + minutesOf(offer), 0) - minutesShared(done),
    chance: plan.chance,
    expected: plan.expected,
    example: done.some(({ terms }) => terms.example),
  };
}

/** Returns what a new pump costs as a price beside that of work. */
export const priceOfNew = ({ newPump }: Pick<ReworkCase, 'newPump'>): Price => ({
  ...newPump,
  chance: 0,
  example: !newPump.priced,
});

/** Tells whether a new pump is expected to cost less than a repair; never where nobody said what it costs. */
export const newIsCheaper = (repair: number | null, { priced, expected }: NewPump): boolean =>
  priced && (repair === null || expected < repair);
