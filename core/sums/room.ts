import { sayFrom } from '../wording/say';
import type { RoomSum } from './list';
import { slugOf } from './path';

/** Says what the room says. */
export const ROOM_WORDS = {
  found: '{count, plural, =0 {No sum} one {One sum} other {# sums}} found.',
  none: 'No sum is called “{wanted}”. Try another word for it.',
  link: 'A link with these figures is in the clipboard.',
  linkShown: 'The link with these figures: {link}',
  gone: 'There is no sum of this name.',
  how: 'How it is worked out',
  howAbout: 'formula, source, what is taken for granted',
  more: 'More that counts',
  moreAbout: '{count, plural, one {one field} other {# fields}} that few need',
  example: 'An example',
  clear: 'Clear',
  back: 'Bring back mine',
  copy: 'Link to this',
  changes: 'If only one thing changes',
  rows: 'In figures',
  assumed: 'Assumed: {what}',
  source: 'Source: {what}',
  symbol: '{symbol}: {meaning}',
  beside: 'On from here',
  rules: 'The maker’s manual and local codes rule.',
  unit: 'Units',
  field: '{label}, {unit}',
  oilAsked: 'Oil',
  job: 'Take from a job, or keep it with one',
  gap: 'Which gap of {job}',
  aboutJob: '{job}, {model}',
  keep: 'Keep with {job}',
  kept: 'Kept with {job}, as worked out: no reading.',
  noKeep: 'It could not be kept: {why}',
  toJob: 'Back to {job}',
  jobGone: 'This job is not in this browser.',
  noneHere: 'No sum fits here.',
} as const;

/** Says what the room says. */
export const sayRoom = sayFrom(ROOM_WORDS);

/** Finds the sum that an address is of; undefined for none. */
export const sumAt = (sums: readonly RoomSum[], slug: unknown): RoomSum | undefined =>
  sums.find(({ id }) => slugOf(id) === slug);

/**
 * Returns the sums of the room that have every word that is looked for, in their name or in what else people call them.
 *
 * @param sums of the list
 * @param wanted words as they were typed
 */
export function findSums(sums: readonly RoomSum[], wanted: string): RoomSum[] {
  const sought = wanted.toLowerCase().split(/\s+/).filter(Boolean);
  return sums.filter(({ name, called }) => {
    const words = [name, called].join(' ').toLowerCase();
    return sought.every((word) => words.includes(word));
  });
}
