import type { CharacteristicId } from '../../pumps/ids';
import { familyOf } from '../../pumps/registry';
import { idOf, line } from '../../schema/fields';
import { dateText } from '../../wording/date';
import { paragraph, say, sentence } from '../../wording/say';
import { entryKind, entrySchema, type Standing } from './slice';

/** Records that a person accepted as it is a gap for which nothing is published, and why. */
export const accept = entryKind({
  kind: 'accept',
  schema: entrySchema('accept', {
    characteristic: idOf<CharacteristicId>(),
    why: line().required('Enter why it is accepted'),
  }),
  is: { list: 'accepts', tells: 'decided' },
  stray: ({ characteristic }, { characteristics }, { family }) =>
    characteristics.some((c) => c.id === characteristic)
      ? null
      : ['.characteristic', say('records.noGap', { pump: familyOf(family).name })],
});

export type Acceptance = Standing<typeof accept>;

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
