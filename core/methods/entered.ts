import { asTyped } from '../quantity/parse';
import type { Source } from '../schema/fields';
import type { Cells } from './method';
import { say } from '../wording/say';

/** A figure from the pad or a gauge. */
export interface EnteredFigure {
  readonly text: string;
  readonly unit: 'mm' | 'in' | 'thou';
  readonly read_mm: number;
  readonly source: Source;
}

/** A figure as somebody entered it, and what it comes to. */
interface Entered extends EnteredFigure {
  readonly value_mm: number;
  readonly u_mm: number;
}

/** Returns a length as it is typed off a mic, to its last place. */
export function typedOff(mm: number): EnteredFigure {
  const text = mm.toFixed(3);
  return { text, unit: 'mm', read_mm: Number(text), source: 'typed' };
}

/** Says where a figure came from, where that is worth a word. */
const SOURCE_WORD: Readonly<Record<Source, string>> = {
  typed: '',
  serial: '',
  simulated: 'simulated gauge',
  shelf: 'from the label, not read again',
};

/**
 * Says how a figure was entered, and what was made of it: `entered 20,055 mm · part at 24 °C`.
 *
 * @param more what stands behind it; what is false or empty is left out
 */
export const enteredWords = (
  { text, unit, source }: Entered,
  more: readonly (string | false)[],
): string =>
  [say('reading.entered', { text: asTyped(text, unit) }), ...more, SOURCE_WORD[source]]
    .filter(Boolean)
    .join(' · ');

/** Returns the CSV cells of a figure. */
export const enteredCells = ({ text, unit, ...r }: Entered): Cells => ({
  entered: asTyped(text, unit),
  read_mm: r.read_mm,
  value_mm: r.value_mm,
  u_mm: r.u_mm,
  source: r.source,
});
