import { formatISO } from 'date-fns/formatISO';
import { isValid } from 'date-fns/isValid';
import { parseISO } from 'date-fns/parseISO';

const MOMENT = /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d+)?Z$/;
const DAY = /^\d{4}-\d\d-\d\d$/;

const real = (text: string): boolean => isValid(parseISO(text));

/** Tells whether a text is a moment as ISO 8601 in UTC that the calendar and the clock know. */
export const isMoment = (text: string): boolean => MOMENT.test(text) && real(text);

/** Tells whether a text is a day of the calendar, written `2026-11-23`. */
export const isDay = (text: string): boolean => DAY.test(text) && real(text);

/** Writes a day as records have it: `2026-11-23`. */
export const dayText = (day: Date): string => formatISO(day, { representation: 'date' });

/** Counts the milliseconds of a day. */
export const DAY_MS = 86_400_000;

/**
 * Returns how many days lie between two days; below nought where the second is the earlier.
 *
 * @param from such as `2026-03-01`
 * @param to likewise
 * @example
 * daysBetween('2026-02-27', '2026-03-01'); // 2
 */
export const daysBetween = (from: string, to: string): number =>
  Math.round((Date.parse(to) - Date.parse(from)) / DAY_MS);
