import type { Acceptance } from '../records/entry';
import { dateText } from './date';
import { paragraph, say, sentence } from './say';

/** Lists what is said most of a gap for which nothing is published, by whoever accepts it as it is. */
export const USUAL_REASONS = [
  'the tightest of ours so far',
  'as a new one measures',
  'no wear seen or felt',
  'the customer knows and agrees',
] as const;

/** Says why a gap without a limit was accepted, by whom and when: `Accepted because the tightest of ours so far. Ivo K., 29 Nov 2026.` */
export const acceptedWords = ({ why, by, at }: Acceptance): string =>
  paragraph(
    say('judge.acceptedBecause', { why }),
    sentence([by, dateText(at, 'utc day')].filter(Boolean).join(', ')),
  );
