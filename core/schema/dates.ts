import { addDays } from 'date-fns/addDays';
import { format } from 'date-fns/format';
import { isValid } from 'date-fns/isValid';
import { parse } from 'date-fns/parse';
import { parseISO } from 'date-fns/parseISO';

const MOMENT = /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d+)?Z$/;
const DAY = /^\d{4}-\d\d-\d\d$/;

const real = (text: string): boolean => isValid(parseISO(text));

/** Tells whether a text is a moment as ISO 8601 in UTC that the calendar and the clock know. */
export const isMoment = (text: string): boolean => MOMENT.test(text) && real(text);

/** Tells whether a text is a day of the calendar, written `2026-11-23`. */
export const isDay = (text: string): boolean => DAY.test(text) && real(text);

const WRITTEN_AS = 'yyyy-MM-dd';
const WAYS = [WRITTEN_AS, 'd.M.yyyy', 'd/M/yyyy', 'd-M-yyyy'];

/** Writes a day as records have it: `2026-11-23`. */
export const dayText = (day: Date): string => format(day, WRITTEN_AS);

/**
 * Returns a day as people write it: `2026-12-01`, `1.12.2026`, or `+7` for a week from
 * today. Null for nothing, undefined where it is no day.
 */
export function dayOf(text: string, today: Date): string | null | undefined {
  const written = text.trim();
  if (written === '') return null;
  const ahead = /^\+(\d{1,4})$/.exec(written)?.[1];
  if (ahead) return dayText(addDays(today, Number(ahead)));
  const day = WAYS.map((way) => parse(written, way, today)).find(
    (d) => isValid(d) && d.getFullYear() > 1900,
  );
  return day && dayText(day);
}
