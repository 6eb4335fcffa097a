import type { StudyResult } from '../metrology/repeatability';
import { formatWithUnit } from '../quantity/format';
import type { ShopUnit } from '../quantity/units';

/** Shares of the spread, in percent, up to which a way of measuring is good, and can be lived with. */
const GOOD = 10;
const FAIR = 30;

/** Returns what a study comes to, in plain words: how much is the hand, what that allows, what to do about it. */
export function studyWords(result: StudyResult, unit: ShopUnit): string[] {
  const { grrPercent, repeatability, reproducibility, grr, categories, parts } = result;
  const share = `${Math.round(grrPercent)}% of the spread is the measuring and not the parts: twice its standard deviation is ${formatWithUnit(2 * grr, 'gap', unit)}.`;
  const judged =
    grrPercent <= GOOD
      ? 'Good: it can be trusted to tell these parts apart.'
      : grrPercent <= FAIR
        ? 'Usable: near a limit, read twice and by another hand.'
        : 'Poor for parts so alike: the hand hides them.';
  const most =
    reproducibility > repeatability
      ? 'Most of it lies between people: agree on how it is held and how hard it is closed.'
      : 'Most of it lies in one hand’s own repeats: wipe, seat and close it the same way, or take a better instrument.';
  const classes =
    parts === 0
      ? 'The parts were too alike to be told apart at all.'
      : Number.isFinite(categories)
        ? `It tells ${categories} ${categories === 1 ? 'size' : 'sizes'} of these parts apart.`
        : 'No two readings of a part differed.';
  return [share, judged, ...(grr > 0 ? [most] : []), classes];
}
