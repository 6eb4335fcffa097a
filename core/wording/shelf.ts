import type { PartChoice } from '../pairing/choice';
import { metalIn, type MetalAllowed, type Misfit } from '../pairing/fit';
import type { Piece } from '../pairing/piece';
import type { Build, BuildList, LeftOver } from '../pairing/pairing';
import { characteristicOf, partName, pumpOf, type PumpKind } from '../pumps/registry';
import { COVERAGE } from '../metrology/normal';
import { formatLength, formatWithUnit, unitName } from '../quantity/format';
import { lower } from '../quantity/letters';
import type { ShopUnit } from '../quantity/units';
import type { ShopMoney } from '../records/rework';
import type { ShelfPart } from '../records/part';
import { seenWords } from '../records/entries/finding';
import { sumWords } from './money';

import { paragraph, say, together } from './say';

/** Names what a loose part consists of: `Drive gear and driven gear`. */
export const partsWords = (
  sheet: PumpKind | undefined,
  { parts }: { readonly parts: readonly string[] },
): string => together(parts.map((id) => (sheet ? partName(sheet, id) : id)));

/** Says what has to come off for two parts to go together. */
export function fitWords({ deckCut_mm, gearGrind_mm }: MetalAllowed, unit: ShopUnit): string {
  const amount = (mm: number) => formatWithUnit(mm, 'gap', unit);
  // What no gauge shows is no cut.
  const seen = (mm: number) => Number(formatLength(mm, 'gap', unit)) > 0;
  const words = paragraph(
    seen(deckCut_mm) ? say('shelf.cutDeck', { amount: amount(deckCut_mm) }) : '',
    seen(gearGrind_mm) ? say('shelf.grindGears', { amount: amount(gearGrind_mm) }) : '',
  );
  if (words) return words;
  return deckCut_mm > 0 || gearGrind_mm > 0 ? 'Fits as it is, but only just.' : 'Fits as it is.';
}

/** Says why two parts do not go together. */
export function misfitWords(
  sheet: PumpKind,
  { why, characteristic, short_mm }: Misfit,
  unit: ShopUnit,
): string {
  if (why === 'variant') return 'The sheet does not let these variants go together.';
  if (characteristic === null) return 'Not enough sizes measured to compare.';
  const gap = characteristicOf(sheet, characteristic).name;
  return say('shelf.missesBy', { gap, amount: formatWithUnit(short_mm, 'gap', unit) });
}

/** Says how a part would do in a pump. */
export const choiceWords = (sheet: PumpKind, { fit }: PartChoice, unit: ShopUnit): string =>
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

/** Says where a part is: its place on the shelf, the job that has it, scrap. */
export const whereWords = ({ state, place, takenFor }: ShelfPart): string =>
  ({
    here: place,
    taken: takenFor ? say('shelf.takenBy', { tag: takenFor }) : 'In a job',
    scrap: 'Scrap',
  })[state];

/** Says where a part came from: new or used, the job that gave it. */
export const fromWords = ({ origin, from }: ShelfPart): string =>
  [origin, from ? say('shelf.from', { tag: from }) : ''].filter(Boolean).join(' · ');

/** Says how a part stands: where it lies, which job has it, where it came from. */
export const standWords = (part: ShelfPart): string =>
  [whereWords(part), fromWords(part)].filter(Boolean).join(' · ');

/** So many sizes of a part find room in its line. */
const IN_LINE = 2;

/** Says the first sizes of a part, as they find room in a line: `width 20.012, 20.01 mm`. */
export function sizesInLine(
  sheet: PumpKind | undefined,
  { sizes }: Pick<ShelfPart, 'sizes'>,
  unit: ShopUnit,
): string {
  const known = sheet ? pumpOf(sheet).dimensions : [];
  const named = sizes.slice(0, IN_LINE).map(({ dimension, value_mm }) => {
    const { short = dimension } = known.find(({ id }) => id === dimension) ?? {};
    // What comes behind a comma says of which of the parts it is: they stand over it.
    return {
      name: lower(short.split(',')[0] ?? short),
      text: formatLength(value_mm, 'size', unit),
    };
  });
  return [...new Set(named.map(({ name }) => name))]
    .map((name) =>
      say('shelf.sizeInLine', {
        name,
        sizes: named.flatMap((size) => (size.name === name ? size.text : [])).join(', '),
        unit: unitName('size', unit),
      }),
    )
    .join(' · ');
}

/** Lists the sizes of a part in words, each ± 2u. */
export const sizeLines = (
  sheet: PumpKind | undefined,
  { sizes }: Pick<ShelfPart, 'sizes'>,
  unit: ShopUnit,
): { readonly name: string; readonly text: string }[] =>
  sizes.map(({ dimension, value_mm, u_mm }) => ({
    name: sheet
      ? (pumpOf(sheet).dimensions.find(({ id }) => id === dimension)?.name ?? dimension)
      : dimension,
    text: say('shelf.sizeText', {
      size: formatWithUnit(value_mm, 'size', unit),
      doubt: formatWithUnit(COVERAGE * u_mm, 'gap', unit),
    }),
  }));

/** Says what can be built of a shelf, and how much metal that costs: `4 pumps can be built. 0.02 mm off in all.` */
export function buildsWords({ builds, metal_mm }: BuildList, unit: ShopUnit): string {
  const count = say('shelf.builds', { count: builds.length });
  if (builds.length === 0) return count;
  const metal =
    metal_mm > 0
      ? say('shelf.metal', { amount: formatWithUnit(metal_mm, 'gap', unit) })
      : 'Nothing has to come off.';
  return paragraph(count, metal);
}

/** Says what comes off for a pump of two parts; of two that were locked and do not fit, why they do not. */
export function buildWords(
  sheet: PumpKind,
  { fit }: Build,
  isLocked: boolean,
  unit: ShopUnit,
): string {
  if (!fit.fits) return say('shelf.lockedMisfit', { why: misfitWords(sheet, fit, unit) });
  return paragraph(isLocked ? 'Locked by hand.' : '', fitWords(fit, unit));
}

/** Says which part brings a pump in best, in a sentence. */
export function choicesWords(
  sheet: PumpKind,
  choices: readonly PartChoice[],
  unit: ShopUnit,
): string {
  const [best] = choices;
  if (!best) return 'Nothing for this pump lies on the shelf.';
  if (best.fit.fits) {
    const { label, fit } = best;
    return metalIn(fit) === 0
      ? say('shelf.bestAsIs', { label })
      : say('shelf.best', { label, work: choiceWords(sheet, best, unit) });
  }
  return choices.every(({ fit }) => !fit.fits && fit.why === 'unmeasured')
    ? 'Measure the pocket or the gear widths.'
    : 'Nothing on the shelf brings this pump in.';
}

/** Says what a part is and where it lies; of one that is bought, what it costs and how long it takes. */
export function choiceAbout(
  sheet: PumpKind,
  { part, shelf, price, days }: PartChoice,
  money: ShopMoney,
): string {
  const what = partsWords(sheet, part);
  if (shelf) return [what, shelf.make, standWords(shelf)].filter(Boolean).join(' · ');
  return [what, sumWords(price, money), say('shelf.days', { days })].join(' · ');
}

/** Says what was found on a piece: `Scored, nail catches; Chipped`. */
export const seenOn = ({ findings }: Pick<Piece, 'findings'>, unit: ShopUnit): string =>
  findings.map((finding) => seenWords(finding, unit)).join('; ');
