import { isLoose, type Loose } from '../core/records/loose';
import { dropTexts, readText, writeTexts } from './storage';

/** What somebody typed into a form and has not saved: kept until they do, or throw it away. */
export interface Draft {
  /** When it was last typed at. */
  readonly at: string;
  /** The fields that were changed, by name, and what they were before. */
  readonly fields: Loose;
  readonly before: Loose;
  /** The unit in which its lengths are written; empty where there are none. */
  readonly unit: string;
}

const keyOf = (form: string): string => `draft/${form}`;

const isDraft = (value: unknown): value is Draft =>
  isLoose(value) &&
  typeof value.at === 'string' &&
  typeof value.unit === 'string' &&
  isLoose(value.fields) &&
  isLoose(value.before);

/** Returns the draft of a form; null where there is none that can be read. */
export async function loadDraft(form: string): Promise<Draft | null> {
  try {
    const value = JSON.parse((await readText(keyOf(form))) ?? 'null') as unknown;
    return isDraft(value) ? value : null;
  } catch {
    return null;
  }
}

/** Keeps a draft, or drops it where there is nothing in it. */
export const storeDraft = (form: string, draft: Draft): Promise<void> =>
  Object.keys(draft.fields).length === 0
    ? dropTexts([keyOf(form)])
    : writeTexts({ [keyOf(form)]: JSON.stringify(draft) }, 'relaxed');
