import { say } from '../wording/say';
import type { SaidIn } from './said';
import type { Found } from './search';

/** Lists what the line of a job in a list shows itself: that it says so is not said again. */
const ON_THE_LINE: ReadonlySet<SaidIn> = new Set(['tag', 'customer', 'machine', 'pump', 'waiting']);

/**
 * Returns where a job says what was looked for, beyond what its line in a list shows; empty where it is only there.
 *
 * @param found a job with the places that say it
 */
export const foundWords = ({ where }: Found): string =>
  where
    .filter((said) => !ON_THE_LINE.has(said.where))
    .map(({ where: place, text }) => say('bench.foundIn', { place, text }))
    .join(' · ');
