import { markedWords, type LeafStep } from '../methods/feeler';
import type { Step } from '../methods/list';
import type { Limits } from '../metrology/interval';
import { formatLength, formatWithUnit, unitName } from '../quantity/format';
import type { ShopUnit } from '../quantity/units';
import { say, sayAround } from './say';

/**
 * Says what to do at a step for leaves in three pieces: what comes before the leaf to try, the leaf as it is
 * marked, and what comes after it, so that the leaf can be drawn larger.
 */
export function leafInstruction(
  { station: { instruction }, stack }: Pick<LeafStep, 'station' | 'stack'>,
  unit: ShopUnit,
): readonly [before: string, leaf: string, after: string] {
  const { leaves_mm, marked_mm, total_mm } = stack;
  const total = formatWithUnit(total_mm, 'gap', unit);
  const [before, after] =
    leaves_mm.length > 1
      ? sayAround('measure.tryTogether', 'leaf', { instruction, total })
      : marked_mm
        ? sayAround('measure.tryMicd', 'leaf', { instruction, total })
        : sayAround('measure.tryLeaf', 'leaf', { instruction });
  return [before, markedWords(marked_mm ?? leaves_mm, unit), after];
}

/** Says what to do at a step in one sentence, with the leaf to try. */
export const stepWords = (step: Step, unit: ShopUnit): string =>
  step.way === 'leaf' ? leafInstruction(step, unit).join('') : step.station.instruction;

/** Says what is next, as it is announced. */
export const nextWords = (step: Step, unit: ShopUnit): string =>
  say('measure.next', { instruction: stepWords(step, unit) });

/** Says why a place does not begin with the manual's leaf, and what is kept of the limit; empty where it does. */
export function roomWords(
  { room_mm }: Pick<LeafStep, 'room_mm'>,
  limits: Pick<Limits, 'upper_mm'> | null,
  unit: ShopUnit,
): string {
  if (room_mm === undefined || limits?.upper_mm == null) return '';
  const said = (mm: number) => formatLength(mm, 'gap', unit);
  return say('measure.room', {
    room: said(room_mm),
    limit: said(limits.upper_mm),
    kept: said(limits.upper_mm - room_mm),
    unit: unitName('gap', unit),
  });
}
