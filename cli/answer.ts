import { ValidationError } from 'yup';
import { InputError } from '../core/errors';
import { SUMS, TOOLS } from './sums';

/** Says what the command answers to one input: an answer, or the field that is wrong. */
export type Answer =
  | { readonly ok: true; readonly value: unknown }
  | { readonly ok: false; readonly value: { error: { field: string; message: string } } };

const refused = (field: string, message: string): Answer => ({
  ok: false,
  value: { error: { field, message } },
});

function fieldOf(error: ValidationError): string {
  const path = error.path ?? '';
  const unknown = error.type === 'noUnknown' ? String(error.params?.unknown ?? '') : '';
  const extra = unknown.split(',')[0]?.trim() ?? '';
  return extra ? [path, extra].filter(Boolean).join('.') : path;
}

/** Answers one input, given as the text of a JSON value. */
export async function answer(name: string, text: string): Promise<Answer> {
  const load = SUMS.get(name);
  if (!load)
    return refused(
      'NAME',
      `No sum is called “${name}”. There are: ${[...SUMS.keys()].join(', ')}.`,
    );
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch (error) {
    return refused('', `Not readable as JSON: ${(error as Error).message}`);
  }
  const sum = await load();
  try {
    const input = sum.input.noUnknown().required().validateSync(json, { strict: true });
    return { ok: true, value: await sum.answer(input, TOOLS) };
  } catch (error) {
    if (error instanceof ValidationError) return refused(fieldOf(error), error.message);
    if (error instanceof InputError) return refused(error.field, error.message);
    throw error;
  }
}
