import { language } from '../language';

/** Says how much of a moment is written; `zoned` is for paper, which may be read in another place than it was printed. */
const STYLES = {
  day: { day: 'numeric', month: 'short', year: 'numeric' },
  'time of the year': { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' },
  time: { day: 'numeric', month: 'short', year: 'numeric', hour: '2-digit', minute: '2-digit' },
  zoned: {
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    hour: '2-digit',
    minute: '2-digit',
    timeZoneName: 'short',
  },
  'utc day': { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' },
  'utc month': { month: 'short', year: 'numeric', timeZone: 'UTC' },
  'utc day of the year': { day: 'numeric', month: 'short', timeZone: 'UTC' },
} as const satisfies Readonly<Record<string, Intl.DateTimeFormatOptions>>;

export type DateStyle = keyof typeof STYLES;

/** A formatter takes far longer to make than to use. */
const made = new Map<string, Intl.DateTimeFormat>();

/**
 * Writes a moment as the locale in force does.
 *
 * @param moment an ISO 8601 moment, or a day of the calendar for a style of `utc day`
 * @param style how much of it is written
 * @example
 * dateText('2026-11-20T09:00:00.000Z', 'zoned'); // '20 Nov 2026, 09:00 UTC'
 * dateText('2026-11-20', 'utc day'); // '20 Nov 2026'
 */
export function dateText(moment: string, style: DateStyle): string {
  const { locale } = language();
  const id = `${locale}/${style}`;
  const format = made.get(id) ?? new Intl.DateTimeFormat(locale, STYLES[style]);
  made.set(id, format);
  return format.format(new Date(moment));
}
