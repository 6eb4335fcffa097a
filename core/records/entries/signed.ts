import { string } from 'yup';
import { line } from '../../schema/fields';
import { entryKind, entrySchema, type Standing } from './slice';

/** Says as what somebody signs a report. */
export const SIGNERS = ['rebuilder', 'customer'] as const;
export type Signer = (typeof SIGNERS)[number];

/** Limits the text of a signature: far over what a hand draws. */
const MOST_TEXT = 60_000;

/** Matches a signature: points `x,y` with blanks between them, strokes with semicolons; nothing for one by name alone. */
const STROKES = /^(?:\d{1,4},\d{1,4}(?:[ ;]|$))*$/;

/** Records that somebody signed the report, as it stood then. */
export const signed = entryKind({
  kind: 'signed',
  schema: entrySchema('signed', {
    as: string().oneOf(SIGNERS).required(),
    name: line().required('A signature needs a name'),
    strokes: string()
      .defined()
      .max(MOST_TEXT, 'The signature is too long')
      .matches(STROKES, 'Not the strokes of a signature'),
  }),
  is: { list: 'signatures', tells: 'decided' },
});

export type SignedEntry = Standing<typeof signed>;
