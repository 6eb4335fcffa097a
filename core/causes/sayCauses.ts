import { lower } from '../quantity/letters';
import { CAUSES_PAGE } from '../wording/messages/causesPage';
import { listed, sayFrom } from '../wording/say';
import { COMPLAINTS, type ComplaintId } from './complaints';
import { signOf } from './causes';
import type { Ranked } from './rank';

/** Says a message of this room, which brings its own. */
export const sayCauses = sayFrom(CAUSES_PAGE);

/** Names the places where signs show, by sign; a sign of no place is not in it, or has none. */
export type Places = ReadonlyMap<string, readonly string[]>;

/** Names complaints as they go on in a sentence: `drips oil and noise`. */
export const complaintWords = (ids: readonly ComplaintId[]): string =>
  listed(COMPLAINTS.filter(({ id }) => ids.includes(id)).map(({ words }) => lower(words)));

/** Names a cause as it goes on in a sentence: `the inlet draws air`. */
export const causeName = ({ cause }: Pick<Ranked, 'cause'>): string => lower(cause.name);

/** Writes a sign with the places where it shows, where it is of some. */
function signWords(id: string, places: Places): string {
  const { words } = signOf(id);
  const at = (places.get(id) ?? []).map(lower);
  const what = words.replace(/\.$/, '');
  return at.length === 0 ? words : sayCauses('cause.shownAt', { what, places: at.join('; ') });
}

/**
 * Writes what speaks for a cause, strongest first, the complaint last.
 *
 * @param cause as it was ranked
 * @param places where its signs show
 */
export const wordsFor = ({ strong, some, complaints }: Ranked, places: Places): string[] => [
  ...[...strong, ...some].map((id) => signWords(id, places)),
  ...(complaints.length > 0
    ? [sayCauses('cause.fits', { complaints: complaintWords(complaints) })]
    : []),
];

/**
 * Writes what speaks against a cause.
 *
 * @param cause as it was ranked
 * @param places where its signs show
 */
export const wordsAgainst = ({ against }: Ranked, places: Places): string[] =>
  against.map((id) => signWords(id, places));
