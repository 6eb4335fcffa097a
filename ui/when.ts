import { format } from 'date-fns/format';
import { parseISO } from 'date-fns/parseISO';
import { isDay, isMoment } from '@/core/schema/dates';

const NOT_A_DATE = 'not a date';

/** A clock is read at one moment and compared at the next: so much ahead is no future. */
const AHEAD_MS = 5 * 60_000;

const ahead = (moment: string): boolean => Date.parse(moment) > Date.now() + AHEAD_MS;

const written = (moment: string, pattern: string): string => {
  if (!isMoment(moment)) return NOT_A_DATE;
  const words = format(parseISO(moment), pattern);
  return ahead(moment) ? `${words}, by a clock that was ahead` : words;
};

/** Writes a moment as the clock here shows it: `3 Dec 14:05`. One that is still to come says so. */
export const timeWords = (moment: string): string =>
  written(moment, ahead(moment) ? 'd MMM yyyy HH:mm' : 'd MMM HH:mm');

/** Writes the day of a moment: `3 Dec 2026`. */
export const dayWords = (moment: string): string => written(moment, 'd MMM yyyy');

/** Writes a day without its year: `3 Dec`. */
export const dueDay = (day: string): string =>
  isDay(day) ? format(parseISO(day), 'd MMM') : NOT_A_DATE;
