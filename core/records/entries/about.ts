import { array, type InferType } from 'yup';
import { identifier, line } from '../../schema/fields';
import { entrySchema } from './slice';

/** Takes entries made before it out of the count; they stay in the journal, with who, when and why. */
const strike = entrySchema('strike', {
  of: array(identifier()).required().min(1),
  why: line().defined(),
});

/** Takes strikes back: the entries that they took out count again. */
const restore = entrySchema('restore', { of: array(identifier()).required().min(1) });

/** The entries that are about others, and no item of a list themselves. */
export const ABOUT_SCHEMA = { strike, restore } as const;

export type StrikeEntry = InferType<typeof strike>;
export type RestoreEntry = InferType<typeof restore>;
