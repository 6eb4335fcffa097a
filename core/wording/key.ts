import type { KeyState } from '../inspect/identify';
import { formatLength, formatWithUnit, unitName } from '../quantity/format';
import type { ShopUnit } from '../quantity/units';
import { figureOf, rangeWords, shownBy, tells, type Check } from '../inspect/checks';
import { YEAR, type KeyAnswer, type Variant } from '../records/key';
import { say, listed, paragraph } from './say';

/** Returns what was answered at a check, as it is read again: `four flats`, `2016`, `20.012 mm ± 0.008`. */
export function answerWords(check: Check, answer: KeyAnswer, unit: ShopUnit): string {
  if (!tells(answer)) return 'can’t tell';
  if (answer.option !== null) return answer.option;
  if (check.kind !== 'size') return `${answer.value}`;
  const u = answer.u_mm ?? check.u_mm;
  const size = formatWithUnit(answer.value ?? 0, 'size', unit);
  return u > 0 ? `${size} ± ${formatLength(2 * u, 'size', unit)}` : size;
}

/** Returns what a variant is known by at a check: `four flats`, `from 2015`; empty where the sheet does not say. */
export function shownWords(variant: Variant, check: Check, unit: ShopUnit): string {
  const shown = shownBy(variant, check);
  if (shown === null) return '';
  if ('option' in shown) return shown.option;
  const words = rangeWords(shown.from, shown.to, figureOf(check, unit));
  return check.kind === 'size' ? `${words} ${unitName('size', unit)}` : words;
}

/** Returns how the search stands, in a sentence. */
export const standingWords = (state: KeyState): string =>
  paragraph(
    ...state.outside.map(({ id }) =>
      say(id === YEAR ? 'judge.yearOutside' : 'judge.serialOutside'),
    ),
    leftWords(state),
  );

function leftWords(state: KeyState): string {
  const names = state.left.map((v) => v.name);
  switch (state.standing) {
    case 'one':
      return state.backed
        ? say('judge.backed', { variant: names[0] ?? '' })
        : say('judge.single', { variant: names[0] ?? '' });
    case 'several':
      return say('judge.several', { count: names.length });
    case 'alike':
      return names.length === 0
        ? 'This sheet has no variants.'
        : say('judge.alike', { variants: listed(names) });
    case 'contradicted':
      return say('judge.contradicted', {
        variants: listed(state.nearest.map((c) => c.variant.name)),
      });
  }
}
