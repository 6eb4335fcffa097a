import { trimmed } from '../quantity/format';
import { capital } from '../quantity/letters';
import type { Shop } from '../records/shop';
import type { Price } from '../rework/decision/money';
import { say } from './say';

/** Writes a sum of money: `118`, `118 €`. */
export function sumWords(sum: number, { currency }: Shop['money']): string {
  const figure = say('rework.figure', { sum: Number(trimmed(sum, sum < 10 ? 2 : 0)) });
  return currency ? say('rework.sum', { sum: figure, currency }) : figure;
}

/**
 * Writes a sum of money, and says so where prices that ship with the app are in it: `118 €, example prices`.
 *
 * @param of whether it is the price of one thing, or made up of several
 */
export function markedSum(
  sum: number,
  money: Shop['money'],
  example: boolean,
  of: 'one' | 'several' = 'several',
): string {
  const words = sumWords(sum, money);
  if (!example) return words;
  return say(of === 'one' ? 'rework.exampleOne' : 'rework.exampleSum', { sum: words });
}

/** Writes a stretch of work: `40 min`, `1 h 30`. */
export function minutesWords(minutes: number): string {
  const whole = Math.round(minutes);
  const [hours, rest] = [Math.floor(whole / 60), whole % 60];
  if (hours === 0) return say('rework.minutes', { minutes: whole });
  return rest === 0 ? `${hours} h` : `${hours} h ${`${rest}`.padStart(2, '0')}`;
}

/** Says what one way to a sound pump costs: the time at the bench, the days of waiting, what may go wrong. */
export const priceWords = ({ minutes, days, down, chance }: Price, money: Shop['money']): string =>
  capital(
    say('rework.price', {
      time: minutes > 0 ? minutesWords(minutes) : 'none',
      days,
      down: down > 0 ? sumWords(down, money) : 'none',
      chance: chance >= 0.005 ? Math.round(chance * 100) : 'none',
    }),
  );
