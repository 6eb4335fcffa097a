import type { StudyResult } from '../metrology/repeatability';
import { formatWithUnit } from '../quantity/format';
import type { ShopUnit } from '../quantity/units';
import { say } from './say';

/** Shares of the spread, in percent, up to which a way of measuring is good, and can be lived with. */
const GOOD = 10;
const FAIR = 30;

/** Returns what a study comes to, in plain words: how much is the hand, what that allows, what to do about it. */
export function studyWords(result: StudyResult, unit: ShopUnit): string[] {
  const { grrPercent, repeatability, reproducibility, grr, categories, parts } = result;
  const share = say('judge.studyShare', {
    percent: Math.round(grrPercent),
    spread: formatWithUnit(2 * grr, 'gap', unit),
  });
  const judged =
    grrPercent <= GOOD
      ? 'Good: it can be trusted to tell these parts apart.'
      : grrPercent <= FAIR
        ? 'Usable: near a limit, measure twice, the second time by another person.'
        : 'Poor: the measuring scatter hides the difference between these parts.';
  const most =
    reproducibility > repeatability
      ? 'Most of it is between people: agree on how it is held and how hard it is closed.'
      : 'Most of it is one person’s own scatter: wipe, seat and close it the same way, or use a better instrument.';
  const classes =
    parts === 0
      ? 'The parts were too alike to be told apart at all.'
      : Number.isFinite(categories)
        ? say('judge.studySizes', { count: categories })
        : 'No two readings of a part differed.';
  return [share, judged, ...(grr > 0 ? [most] : []), classes];
}
