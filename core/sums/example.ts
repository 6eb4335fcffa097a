import type { Ask } from './page';
import type { Input, Sum } from './sum';
import { untouched, type Typed } from './workOut';

/** Finds a figure of an input by the path of a field; of a row all of its figures. */
function valueAt(input: Input, at: string): unknown {
  const [list = '', name] = at.split('[].');
  if (name !== undefined) return (input[list] as Input[] | undefined)?.map((row) => row[name]);
  return at.split('.').reduce<unknown>((of, key) => (of as Input | undefined)?.[key], input);
}

/** Writes a figure in mm and with all its digits. */
function textOf(ask: Ask, value: unknown): string {
  if (value == null) return '';
  if (Array.isArray(value)) return value.map((one) => textOf(ask, one)).join(' ');
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (ask.isClock) return String((15 - Number(value) / 30) % 12 || 12);
  // Expansions are typed in millionths.
  return ask.at.endsWith('_per_K') ? String(Number(value) * 1e6) : String(value);
}

/**
 * Returns a page filled with the example of its sum: made-up figures that it answers.
 *
 * @param sum with a page
 */
export function exampleOf(sum: Sum): Typed {
  const usual = untouched(sum, 'mm');
  return Object.fromEntries(
    (sum.page?.asks ?? []).map((ask) => {
      const text = textOf(ask, valueAt(sum.example as Input, ask.at));
      return [ask.at, { text: text || (usual[ask.at]?.text ?? ''), unit: 'mm' }];
    }),
  );
}
