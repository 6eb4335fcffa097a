import type { KeyState } from '../inspect/identify';
import { rangeWords, shownBy, tells, type Check } from '../inspect/checks';
import type { KeyAnswer, Variant } from '../records/key';

/** Returns what was answered at a check, as it is read again: `four flats`, `2016`, `20.012 mm ± 0.008`. */
export function answerWords(check: Check, answer: KeyAnswer): string {
  if (!tells(answer)) return 'can’t tell';
  if (answer.option !== null) return answer.option;
  if (check.kind !== 'size') return `${answer.value}`;
  const u = answer.u_mm ?? check.u_mm;
  return u > 0 ? `${answer.value} mm ± ${2 * u}` : `${answer.value} mm`;
}

/** Returns what a variant is known by at a check: `four flats`, `from 2015`; empty where the sheet does not say. */
export function shownWords(variant: Variant, check: Check): string {
  const shown = shownBy(variant, check);
  if (shown === null) return '';
  if ('option' in shown) return shown.option;
  const words = rangeWords(shown.from, shown.to);
  return check.kind === 'size' ? `${words} mm` : words;
}

const LIST = new Intl.ListFormat('en-GB');

/** Returns how the search stands, in a sentence. */
export function standingWords(state: KeyState): string {
  const names = state.left.map((v) => v.name);
  switch (state.standing) {
    case 'one':
      return state.backed
        ? `It is ${names[0]}. More than one answer speaks against every other.`
        : `It is ${names[0]}, if every answer is right: one answer alone rules another out.`;
    case 'several':
      return `${names.length} variants fit what is known.`;
    case 'alike':
      return names.length === 0
        ? 'The sheet names no variant.'
        : `${LIST.format(names)} cannot be told apart by what is known. Go on with either, and measure what differs.`;
    case 'contradicted':
      return `The answers contradict each other: nothing fits them all. Nearest: ${LIST.format(state.nearest.map((c) => c.variant.name))}.`;
  }
}
