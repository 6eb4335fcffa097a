import type { Choice } from '../pairing/choice';
import type { Fit, Misfit } from '../pairing/fit';
import type { LeftOver } from '../pairing/pairing';
import { characteristicOf, partName, type PumpKind } from '../pumps/registry';
import { formatWithUnit } from '../quantity/format';
import type { ShopUnit } from '../quantity/units';
import type { ShelfPart } from '../records/part';
import { lower } from './planStep';
import { say } from './say';

/** Names what a loose part consists of: `Drive gear, driven gear`. */
export const partsWords = (
  sheet: PumpKind | undefined,
  { parts }: Pick<ShelfPart, 'parts'>,
): string =>
  parts
    .map((id) => (sheet ? partName(sheet, id) : id))
    .map((name, i) => (i === 0 ? name : lower(name)))
    .join(', ');

/** Says what has to come off for two parts to go together. */
export function fitWords({ deckCut_mm, gearGrind_mm }: Omit<Fit, 'fits'>, unit: ShopUnit): string {
  const amount = (mm: number) => formatWithUnit(mm, 'gap', unit);
  const words = [
    deckCut_mm > 0 ? say('shelf.cutDeck', { amount: amount(deckCut_mm) }) : '',
    gearGrind_mm > 0 ? say('shelf.grindGears', { amount: amount(gearGrind_mm) }) : '',
  ].filter(Boolean);
  return words.length === 0 ? 'Fits as it is.' : words.join(' ');
}

/** Says why two parts do not go together. */
export function misfitWords(
  sheet: PumpKind,
  { why, characteristic, short_mm }: Misfit,
  unit: ShopUnit,
): string {
  if (why === 'variant') return 'The sheet does not let these variants go together.';
  if (characteristic === null) return 'No gap that they share has all its sizes measured.';
  const gap = characteristicOf(sheet, characteristic).name;
  return say('shelf.missesBy', { gap, amount: formatWithUnit(short_mm, 'gap', unit) });
}

/** Says how a part would do in a pump. */
export const choiceWords = (sheet: PumpKind, { fit }: Choice, unit: ShopUnit): string =>
  fit.fits ? fitWords(fit, unit) : misfitWords(sheet, fit, unit);

/** Says why a part found no partner. */
export function leftWords(
  sheet: PumpKind,
  { nearest, misfit }: LeftOver,
  labelOf: (id: string) => string,
  unit: ShopUnit,
): string {
  if (nearest === null) return 'There is nothing to pair it with.';
  const label = labelOf(nearest);
  if (!misfit) return say('shelf.takenByOther', { label });
  return say('shelf.nearest', { label, why: misfitWords(sheet, misfit, unit) });
}
