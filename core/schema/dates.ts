import { addDays } from 'date-fns/addDays';
import { dayText, isDay } from './moments';

/** The ways in which people write a day: as records have it, or the day first with one sign between its parts. */
const WAYS = [
  /^(?<year>\d{4})-(?<month>\d{1,2})-(?<day>\d{1,2})$/,
  /^(?<day>\d{1,2})(?<sign>[./-])(?<month>\d{1,2})\k<sign>(?<year>\d{4})$/,
];

/** Returns the parts of a day as they were written; none of a text that is no day. */
function partsOf(written: string): Readonly<Partial<Record<'year' | 'month' | 'day', string>>> {
  for (const way of WAYS) {
    const parts = way.exec(written)?.groups;
    if (parts) return parts;
  }
  return {};
}

/** Nothing that is due or was measured is of an earlier year. */
const FIRST_YEAR = 1901;

/**
 * Returns a day as people write it: `2026-12-01`, `1.12.2026`, or `+7` for a week from
 * today. Null for nothing, undefined where it is no day.
 */
export function dayOf(text: string, today: Date): string | null | undefined {
  const written = text.trim();
  if (written === '') return null;
  const ahead = /^\+(\d{1,4})$/.exec(written)?.[1];
  if (ahead) return dayText(addDays(today, Number(ahead)));
  const { year, month, day } = partsOf(written);
  if (!year || !month || !day || Number(year) < FIRST_YEAR) return undefined;
  const found = [year, month.padStart(2, '0'), day.padStart(2, '0')].join('-');
  return isDay(found) ? found : undefined;
}
