import { isDay, isMoment } from '@/core/schema/moments';
import { dateText, type DateStyle } from '@/core/wording/date';
import { say } from '@/core/wording/say';

const NOT_A_DATE = 'not a date';

/** A clock is read at one moment and compared at the next: so much ahead is no future. */
const AHEAD_MS = 5 * 60_000;

const ahead = (moment: string): boolean => Date.parse(moment) > Date.now() + AHEAD_MS;

const written = (moment: string, style: DateStyle): string => {
  if (!isMoment(moment)) return NOT_A_DATE;
  const when = dateText(moment, style);
  return ahead(moment) ? say('ui.clockAhead', { when }) : when;
};

/** Writes a moment as the clock here shows it: `3 Dec, 14:05`. One that is still to come says so. */
export const timeWords = (moment: string): string =>
  written(moment, ahead(moment) ? 'time' : 'time of the year');

/** Writes the day of a moment: `3 Dec 2026`. */
export const dayWords = (moment: string): string => written(moment, 'day');

/** Writes a day of the calendar without its year: `3 Dec`. */
export const dueDay = (day: string): string =>
  isDay(day) ? dateText(day, 'utc day of the year') : NOT_A_DATE;
