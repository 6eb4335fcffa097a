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
