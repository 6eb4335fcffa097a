import { shownBy, type Check } from '../inspect/checks';
import type { KeyAnswer, Variant } from '../records/key';

/** Returns what a pump of this variant truly shows at a check; nothing where its sheet does not say. */
export function truth(variant: Variant, check: Check): KeyAnswer {
  const answer = { check: check.id, option: null, value: null, u_mm: null };
  const shown = shownBy(variant, check);
  if (shown === null) return answer;
  if ('option' in shown) return { ...answer, option: shown.option };
  const { from, to } = shown;
  const value = from === -Infinity ? to : to === Infinity ? from : (from + to) / 2;
  return { ...answer, value: check.kind === 'size' ? value : Math.round(value) };
}
